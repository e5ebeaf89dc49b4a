import { useQuery } from '@tanstack/react-query';
import { api, value, type Stage } from '../../api/client';
import { useSession } from '../../state/useSession';

/** Stages that use something up. */
const USING: ReadonlySet<Stage> = new Set<Stage>(['PAPER', 'SEW', 'COVER']);

/** What leaves the drawers when a stage is done, or has left them. */
export function FromDrawers({ stage }: { stage: Stage }) {
  const { state } = useSession();
  const { id, version } = state.view;
  const uses = useQuery({
    queryKey: ['book-supplies', id, version],
    queryFn: () => value(api.GET('/api/books/{id}/supplies', { params: { path: { id } } })),
    enabled: USING.has(stage),
    placeholderData: (before) => before,
  }).data?.filter((use) => use.stage === stage);
  if (!uses || uses.length === 0) {
    return null;
  }
  return (
    <section className="from-drawers" aria-label="Out of the drawers">
      <p>{uses.some((use) => use.taken) ? 'Taken out of the drawers:' : 'Out of the drawers when done:'}</p>
      <ul>
        {uses.map((use) => (
          <li key={`${use.thing}-${use.taken}`}>
            {use.name}: {use.number} {!use.taken && <span>({use.have ? `${use.have} there` : 'not counted'})</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
