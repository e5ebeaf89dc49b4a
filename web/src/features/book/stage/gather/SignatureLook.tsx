import { useState } from 'react';
import { NestEnds } from '../../../../drawing/NestEnds';
import { useSession } from '../../../../state/useSession';
import { Segmented, SelectField } from '../../../../ui/choices';
import { useWords } from '../../../../units/unit';
import { LengthField } from '../../fields';
import { TakeFrom } from '../../TakeFrom';

/** What becomes of the fore edge, and the cover round it. */
export function SignatureChoices() {
  const { session, state } = useSession();
  const { document } = state;
  return (
    <>
      <Segmented
        label="Fore edge"
        value={document.leaf.trimmed ? 'trim' : 'leave'}
        options={[
          { value: 'leave', label: 'leave the creep' },
          { value: 'trim', label: 'trim it off' },
        ]}
        choose={(how) =>
          session.change(how === 'trim' ? 'fore edge trimmed' : 'creep left', (d) => ({
            ...d,
            leaf: { ...d.leaf, trimmed: how === 'trim' },
          }))
        }
      />
      <Segmented
        label="Cover"
        value={document.cover.wanted ? 'soft' : 'none'}
        options={[
          { value: 'soft', label: 'soft, sewn on' },
          { value: 'none', label: 'none' },
        ]}
        choose={(how) =>
          session.change(how === 'soft' ? 'soft cover' : 'no cover', (d) => ({
            ...d,
            cover: { ...d.cover, wanted: how === 'soft' },
          }))
        }
      />
      {document.cover.wanted && (
        <TakeFrom
          drawer="COVERS"
          label="Cover from the drawer"
          is={(thing) => thing.measureMm === document.cover.thicknessMm}
          take={({ name, measureMm }) => {
            if (measureMm !== undefined) {
              session.change(`cover of ${name}`, (d) => ({ ...d, cover: { ...d.cover, thicknessMm: measureMm } }));
            }
          }}
        />
      )}
      {document.cover.wanted && (
        <div className="field-pair">
          <LengthField
            label="Cover stuff"
            field="cover.thicknessMm"
            edit={(d, thicknessMm) => ({ ...d, cover: { ...d.cover, thicknessMm } })}
          />
          <LengthField
            label="Square"
            field="cover.squareMm"
            edit={(d, squareMm) => ({ ...d, cover: { ...d.cover, squareMm } })}
          />
        </div>
      )}
    </>
  );
}

/** One signature from the head, magnified; where signatures differ, one of each. */
export function SignatureLook({ width, height }: { width: number; height: number }) {
  const { state } = useSession();
  const words = useWords();
  const [chosen, setChosen] = useState(0);
  const { document, plan } = state;
  const { nests, signatures } = plan.block;
  const number = Math.min(chosen, nests.length - 1);
  const nest = nests[number];
  if (!nest) {
    return null;
  }
  const many = nests.length > 1;
  const figure = (key: string) => {
    const found = plan.figures.find((one) => one.key === key);
    return found ? words(found.value) : '';
  };
  const thickest = Math.max(...signatures.map((one) => one.foldMm));
  const of = signatures.filter((one) => one.nest === number);
  const isThickest = of.some((one) => one.foldMm === thickest);
  return (
    <>
      {many && (
        <div className="cut-which">
          <SelectField
            label="Signature"
            value={String(number)}
            options={nests.map((one, i) => {
              const alike = signatures.filter((signature) => signature.nest === i);
              return {
                value: String(i),
                label: `${alike[0]?.endpaper ? 'endpapers' : `no. ${alike[0]?.number}`}: ${one.length} ${one.length === 1 ? 'sheet' : 'sheets'}, ${alike.length} alike`,
              };
            })}
            choose={(which) => setChosen(Number(which))}
          />
        </div>
      )}
      <NestEnds
        nested={nest}
        leafMm={plan.leaf.widthMm}
        trimmed={document.leaf.trimmed}
        creep={isThickest ? figure('creep') : ''}
        thickness={isThickest ? figure('fold') : ''}
        names={plan.papers.map((paper) => paper.name)}
        width={width}
        height={many ? height - 62 : height}
        label={`${nest.length} nested sheets seen from the head, magnified${isThickest ? `: ${figure('fold')} thick at the fold, creep ${figure('creep')} at the fore edge` : ''}`}
      />
    </>
  );
}
