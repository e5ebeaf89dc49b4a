import { useQuery } from '@tanstack/react-query';
import { api, outcome, value } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { SelectField } from '../../../ui/choices';

/** The kept patterns of the binder's own, for a book that is bound in one. */
export function PatternChoice() {
  const { session, state } = useSession();
  const { document } = state;
  const own = document.structure.startsWith('own-');
  const patterns = useQuery({
    queryKey: ['patterns'],
    queryFn: () => value(api.GET('/api/patterns')),
    enabled: own,
  });
  if (!own) {
    return null;
  }
  const taken = document.stitch.pattern;
  const kept = patterns.data ?? [];
  const same = kept.find((one) => one.name === taken?.name);
  return (
    <SelectField
      label="Own pattern"
      value={same?.id ?? ''}
      options={[
        { value: '', label: taken ? `${taken.name}, as it was taken` : 'none taken yet' },
        ...kept.map((one) => ({ value: one.id, label: one.name })),
      ]}
      choose={(id) => {
        const pattern = kept.find((one) => one.id === id)?.pattern;
        if (pattern) {
          void outcome(api.POST('/api/patterns/bind', { body: { document, pattern } })).then((bound) => {
            if (bound.kind === 'value') {
              session.take(`pattern ${pattern.name}`, { made: document, document: bound.value });
            }
          });
        }
      }}
    />
  );
}
