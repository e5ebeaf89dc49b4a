import type { CopiesView, CopySupplies } from '../../../api/client';
import { Measure } from '../../../units/Measure';

interface Props {
  view: CopiesView;
  supplies: CopySupplies | undefined;
}

/** What all copies take together: time, lengths of thread, and what one more would add. */
export function CopyFacts({ view, supplies }: Props) {
  const { minutes } = view;
  const more = supplies?.oneMore ?? [];
  return (
    <div className="copies-facts">
      <dl>
        <div>
          <dt>Copies</dt>
          <dd>
            <strong>{view.copies}</strong>
            {view.cut > view.copies && <span>all cut for {view.cut}</span>}
          </dd>
        </div>
        <div>
          <dt>At the bench</dt>
          <dd>
            <strong>{minutes.inAll}</strong>
            {view.copies > 1 && (
              <span>
                one by itself {minutes.one}
                {minutes.without !== minutes.inAll && <>; without practice {minutes.without}</>}
              </span>
            )}
          </dd>
        </div>
        <div>
          <dt>One more adds</dt>
          <dd>
            <strong>{minutes.more}</strong>
            <span>
              {more.map((one) => `${one.amount} ${one.name}`).join(', ') || 'nothing more is cut for it'}
              {supplies?.cost != null && more.length > 0 && <>; that costs {supplies.cost.toFixed(2)}</>}
            </span>
          </dd>
        </div>
        {view.together && (
          <div>
            <dt>Punched</dt>
            <dd>
              <span>{view.together}</span>
            </dd>
          </div>
        )}
      </dl>
      {view.threads.length > 0 && (
        <section aria-label="Threads to cut">
          <h2>Threads to cut</h2>
          <ul>
            {view.threads.map((one, i) => (
              <li key={i}>
                <strong>
                  {one.number} × <Measure of={one.length} />
                </strong>{' '}
                {one.thread}
                {one.kind && <>, {one.kind}</>}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
