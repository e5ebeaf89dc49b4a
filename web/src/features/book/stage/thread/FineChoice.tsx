import { useCatalogue } from '../../../../api/catalogue';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { CountField, LengthField } from '../../fields';
import { withCount, withThread, type Thread } from './edits';

/** What a thread is spun from and how fine it is. */
export function FineChoice() {
  const { session, state } = useSession();
  const fibres = useCatalogue()?.fibres ?? [];
  const { thread } = state.document;
  const { count } = thread;
  return (
    <>
      <div className="field-pair">
        <SelectField
          label="Fibre"
          value={thread.fibre}
          options={fibres.map((fibre) => ({ value: fibre.key as Thread['fibre'], label: fibre.words }))}
          choose={(fibre) => session.change('fibre', withThread({ fibre }))}
        />
        <SelectField
          label="Told by"
          value={count.system}
          options={[
            { value: 'LINEN', label: 'linen' },
            { value: 'COTTON', label: 'cotton' },
            { value: 'TEX', label: 'tex' },
            { value: 'WOUND', label: 'winding' },
          ]}
          choose={(system) => session.change('fineness', withCount({ system }))}
        />
      </div>
      <div className="field-pair">
        {count.system === 'WOUND' ? (
          <>
            <CountField
              label="Turns wound"
              field="thread.turnsWound"
              what="turns"
              value={count.turns}
              edit={(d, turns) => withCount({ turns })(d)}
            />
            <LengthField
              label="They take up"
              field="thread.count.widthMm"
              edit={(d, widthMm) => withCount({ widthMm })(d)}
            />
          </>
        ) : (
          <>
            <CountField
              label={count.system === 'TEX' ? 'Tex' : 'Count'}
              field={count.system === 'TEX' ? 'thread.tex' : 'thread.number'}
              what={count.system === 'TEX' ? 'tex' : 'the count'}
              decimals
              value={count.number}
              edit={(d, number) => withCount({ number })(d)}
              help={count.system === 'TEX' ? undefined : state.plan.tex}
            />
            {count.system !== 'TEX' && (
              <CountField
                label="Plies"
                field="thread.ply"
                what="plies"
                value={count.ply}
                edit={(d, ply) => withCount({ ply })(d)}
              />
            )}
          </>
        )}
      </div>
    </>
  );
}
