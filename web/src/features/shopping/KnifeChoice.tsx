import { Button } from 'antd';
import { failure, type SupplyView } from '../../api/client';
import { readLength } from '../../api/reading';
import { TypedField } from '../../ui/TypedField';
import { useUnit, useWords } from '../../units/unit';

interface Props {
  knife: SupplyView['knife'];
  keep: (knife: { reachMm?: number; leastStripMm: number }) => Promise<string | null>;
}

/** What is cut with: how far it reaches, and how narrow a strip it leaves. What no knife is like is said at its field. */
export function KnifeChoice({ knife, keep }: Props) {
  const words = useWords();
  const { unit } = useUnit();
  const read = async (text: string, take: (mm: number) => Promise<string | null>) => {
    const result = await readLength(text, unit);
    if (result.kind !== 'value') {
      return failure(result);
    }
    return take(result.value.mm);
  };
  const reachMm = knife.reachMm ?? undefined;
  return (
    <section aria-label="The knife">
      <h2>The knife</h2>
      <TypedField
        label="It reaches"
        shown={knife.reach ? words(knife.reach) : ''}
        take={(text) => read(text, (mm) => keep({ reachMm: mm, leastStripMm: knife.leastStripMm }))}
        refusal={null}
        help={knife.reach ? 'No cut is longer.' : 'Along a rule: as far as you like.'}
      />
      {knife.reach && (
        <Button size="small" onClick={() => void keep({ leastStripMm: knife.leastStripMm })}>
          Along a rule
        </Button>
      )}
      <TypedField
        label="Least strip"
        shown={words(knife.leastStrip)}
        take={(text) => read(text, (mm) => keep({ ...(reachMm ? { reachMm } : {}), leastStripMm: mm }))}
        refusal={null}
        help="No cut leaves a narrower one."
      />
    </section>
  );
}
