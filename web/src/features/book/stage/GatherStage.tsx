import { NestEnds } from '../../../drawing/NestEnds';
import { useSession } from '../../../state/useSession';
import { FewChoice } from '../../../ui/Choice';
import { useWords } from '../../../units/unit';
import { CountField, LengthField } from '../fields';
import { StageFrame } from '../StageFrame';

/** How many sheets, how thick, how far they creep, and the cover round them. */
export function GatherStage() {
  const { session, state } = useSession();
  const words = useWords();
  const { document, plan } = state;
  const figure = (key: string) => {
    const found = plan.figures.find((one) => one.key === key);
    return found ? words(found.value) : '';
  };
  return (
    <StageFrame
      stage="GATHER"
      choices={
        <>
          <CountField
            label="Pages"
            field="pages"
            what="pages"
            value={document.pages}
            edit={(d, pages) => ({ ...d, pages })}
            help={`${plan.sheets} sheets, ${plan.pages} pages${plan.blanks ? `; ${plan.blanks} blank` : ''}`}
          />
          <FewChoice
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
          <FewChoice
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
      }
      drawing={(width, height) => (
        <NestEnds
          nested={plan.shape.nested}
          sheetMm={plan.shape.sheetMm}
          trimmed={document.leaf.trimmed}
          creep={figure('creep')}
          thickness={figure('fold')}
          width={width}
          height={height}
          label={`${plan.sheets} nested sheets seen from the head, magnified: ${figure('fold')} thick at the fold, creep ${figure('creep')} at the fore edge`}
        />
      )}
    />
  );
}
