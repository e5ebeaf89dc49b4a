import { useState } from 'react';
import { useSession } from '../../../state/useSession';
import { Segmented } from '../../../ui/choices';
import { StageFrame } from '../StageFrame';
import { BlockChoices, BlockLook } from './gather/BlockLook';
import { ExtentField } from './ExtentField';
import { RecipeChoices } from './gather/RecipeChoices';
import { SignatureChoices, SignatureLook } from './gather/SignatureLook';
import { SplitChoices, SplitLook, SplitTable } from './gather/SplitLook';
import './gather/gather.css';

type Look = 'splits' | 'block' | 'signature' | 'recipe';

const LABELS: Record<Look, string> = {
  splits: 'how to divide',
  block: 'all of it',
  signature: 'one signature',
  recipe: 'its recipe',
};

/** How many sheets in how many signatures, how thick, how far they creep. */
export function GatherStage() {
  const { bound } = useSession().state.plan;
  const looks: Look[] = !bound.folded
    ? ['block']
    : bound.mostSignatures === 1
      ? ['signature', 'recipe']
      : ['splits', 'block', 'signature', 'recipe'];
  const [chosen, setLook] = useState<Look>(looks[0]!);
  const look = looks.includes(chosen) ? chosen : looks[0]!;
  return (
    <StageFrame
      stage="GATHER"
      tall={look === 'splits'}
      choices={
        <>
          <ExtentField />
          {looks.length > 1 && (
            <Segmented
              label="Look at"
              value={look}
              options={looks.map((one) => ({ value: one, label: LABELS[one] }))}
              choose={setLook}
            />
          )}
          {look === 'splits' && <SplitChoices />}
          {look === 'block' && <BlockChoices />}
          {look === 'signature' && <SignatureChoices />}
          {look === 'recipe' && <RecipeChoices />}
        </>
      }
      drawing={(width, height) =>
        look === 'splits' ? (
          <SplitLook width={width} />
        ) : look === 'block' ? (
          <BlockLook width={width} height={height} />
        ) : (
          <SignatureLook width={width} height={height} />
        )
      }
      below={look === 'splits' ? <SplitTable /> : undefined}
    />
  );
}
