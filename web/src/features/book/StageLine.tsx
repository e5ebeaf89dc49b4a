import { useEffect, useRef } from 'react';
import { NavLink } from 'react-router';
import { reveal } from '../../browser/reveal';
import { useSession } from '../../state/useSession';
import { STAGES, type StageWords } from '../../ui/stages';

/**
 * The order of work as a running stitch: what is done is sewn, the rest only pricked.
 *
 * `now` is where the book is opened; nothing where all its copies are looked at.
 */
export function StageLine({ now }: { now: StageWords | null }) {
  const { state } = useSession();
  const { id } = state.view;
  const done = new Set(state.document.done);
  const line = useRef<HTMLOListElement>(null);
  useEffect(() => {
    line.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [now]);
  return (
    <nav className="stage-line" aria-label="Order of work">
      <ol ref={line}>
        {STAGES.map((stage) => {
          const sewn = done.has(stage.key);
          return (
            <li key={stage.key} className={sewn ? 'sewn' : 'pricked'}>
              <NavLink
                to={`/books/${id}/${stage.path}`}
                aria-current={stage === now ? 'step' : undefined}
                onFocus={reveal}
              >
                <svg viewBox="0 0 120 14" preserveAspectRatio="none" aria-hidden="true" className="stage-thread">
                  {sewn && <path className="stage-stitch" d="M 16 7 H 104" />}
                  <path d="M 4 4 v 6 M 116 4 v 6" />
                </svg>
                <span>
                  {stage.name}
                  {sewn && <span className="visually-hidden">, done</span>}
                </span>
              </NavLink>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
