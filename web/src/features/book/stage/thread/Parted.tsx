import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { Measure } from '../../../../units/Measure';
import { CountField } from '../../fields';
import { withStitch, type Stitch } from './edits';

const WAYS: readonly { value: Stitch['threads']; label: string }[] = [
  { value: 'ONE', label: 'one length for all' },
  { value: 'WORKABLE', label: 'lengths that do not tangle' },
  { value: 'EACH', label: 'one for each signature' },
];

/** How a thread that goes on from signature to signature is parted, and the lengths that come of it. */
export function Parted() {
  const { session, state } = useSession();
  const { sewing } = state.plan;
  const { stitch } = state.document;
  if (!sewing) {
    return null;
  }
  const { threads } = sewing;
  return (
    <>
      {sewing.goesOn && (
        <SelectField
          label="Sewn with"
          value={stitch.threads}
          options={WAYS}
          choose={(way) => session.change('thread parted', withStitch({ threads: way }))}
        />
      )}
      {sewing.goesOn && stitch.threads === 'WORKABLE' && (
        <CountField
          label="A thread in work, in heights"
          field="stitch.workHeights"
          what="heights"
          decimals
          value={stitch.workHeights}
          edit={(d, workHeights) => withStitch({ workHeights })(d)}
        />
      )}
      {threads.length > 1 && (
        <p className="field-help" aria-label="Lengths to cut">
          {threads.length} lengths:{' '}
          {threads.slice(0, 12).map((thread, i) => (
            <span key={thread.number}>
              {i > 0 && ', '}
              <Measure of={thread.cut} />
            </span>
          ))}
          {threads.length > 12 && ' …'}
        </p>
      )}
    </>
  );
}
