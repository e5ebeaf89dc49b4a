import { Link } from 'react-router';
import type { PageLine, PageView } from '../../api/client';
import { useWords } from '../../units/unit';
import { LineField } from '../../ui/LineField';

const GROUPS: { key: PageLine['group']; name: string }[] = [
  { key: 'BLOCK', name: 'The sewn block' },
  { key: 'THREAD', name: 'Thread' },
  { key: 'WASTE', name: 'Waste' },
  { key: 'MINUTES', name: 'Minutes, step by step' },
];

/** A half more or less than planned reaches the end of the line. */
const REACH = 0.5;

/** What was planned beside what came out, in numbers and on a line about the plan. */
export function PageLines({
  page,
  take,
}: {
  page: PageView;
  take: (line: PageLine, text: string) => Promise<string | null>;
}) {
  return (
    <div className="page-lines">
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Planned</th>
            <th scope="col">Came out</th>
            <th scope="col" className="page-off">
              Less than planned, or more
            </th>
          </tr>
        </thead>
        {GROUPS.map((group) => {
          const lines = page.lines.filter((line) => line.group === group.key);
          return (
            lines.length > 0 && (
              <tbody key={group.key}>
                <tr className="page-group">
                  <th scope="colgroup" colSpan={4}>
                    {group.name}
                    {group.key === 'BLOCK' && (
                      <span>
                        {' '}
                        measured at its <Link to={`/books/${page.id}/cover`}>cover</Link>
                      </span>
                    )}
                  </th>
                </tr>
                {lines.map((line) => (
                  <Line key={line.key} line={line} take={take} />
                ))}
              </tbody>
            )
          );
        })}
      </table>
    </div>
  );
}

function Line({ line, take }: { line: PageLine; take: (line: PageLine, text: string) => Promise<string | null> }) {
  const words = useWords();
  return (
    <tr>
      <th scope="row">{words(line.name)}</th>
      <td className="number" data-label={line.planned ? 'planned' : undefined}>
        {line.planned ? words(line.planned) : ''}
      </td>
      <td className="number" data-label="came out">
        {line.origin === 'STAGE' ? (
          line.came ? (
            words(line.came)
          ) : (
            <span className="page-none">not measured</span>
          )
        ) : (
          <>
            <LineField line={line} take={take} />
            {line.origin === 'CLOCK' && line.came && <span className="page-none">by the clock</span>}
          </>
        )}
      </td>
      <td className="page-off">
        <Off line={line} />
      </td>
    </tr>
  );
}

function Off({ line }: { line: PageLine }) {
  if (line.off === undefined || line.off === null) {
    return null;
  }
  const at = 50 + (Math.max(-REACH, Math.min(REACH, line.off)) / REACH) * 46;
  return (
    <span className="page-off-line">
      <svg viewBox="0 0 100 14" aria-hidden="true" preserveAspectRatio="none">
        <line x1="2" y1="7" x2="98" y2="7" className="page-off-rule" />
        <line x1="50" y1="1" x2="50" y2="13" className="page-off-plan" />
        <line x1="50" y1="7" x2={at} y2="7" className="page-off-way" />
      </svg>
      <span className="number">{line.difference}</span>
    </span>
  );
}
