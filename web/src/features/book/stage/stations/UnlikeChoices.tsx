import { Button } from 'antd';
import { useSession } from '../../../../state/useSession';
import { Segmented, SelectField } from '../../../../ui/choices';
import { LengthField } from '../../fields';
import { LEVELS, useHoles, whole, withStations } from './edits';

/** Signatures that are not as tall as the others, and where they are level. */
export function UnlikeChoices() {
  const { session, state } = useSession();
  const { unlike } = state.document.gathering;
  const { folds, heightMm } = useHoles();
  if (folds.length < 2) {
    return null;
  }
  const set = (next: typeof unlike, said: string) =>
    session.change(said, (d) => ({ ...d, gathering: { ...d.gathering, unlike: next } }));
  const free = folds.findIndex((_, i) => !unlike.some((one) => one.signature === i + 1)) + 1;
  return (
    <section className="unlike" aria-label="Signatures of another height">
      <h2>Signatures of another height</h2>
      {unlike.map((one, i) => (
        <div key={i} className="field-pair">
          <SelectField
            label="Signature"
            value={String(one.signature)}
            options={folds.map((_, number) => ({ value: String(number + 1), label: String(number + 1) }))}
            choose={(signature) => {
              if (!unlike.some((other) => other.signature === Number(signature))) {
                set(
                  unlike.map((other) => (other === one ? { ...one, signature: Number(signature) } : other)),
                  'signature of another height',
                );
              }
            }}
          />
          <LengthField
            label="Height"
            field={`gathering.unlike.${one.signature}`}
            edit={(d, mm) => ({
              ...d,
              gathering: {
                ...d.gathering,
                unlike: d.gathering.unlike.map((other) =>
                  other.signature === one.signature ? { ...other, heightMm: mm } : other,
                ),
              },
            })}
          />
          <Button
            size="small"
            aria-label={`Signature ${one.signature} as tall as the others`}
            onClick={() =>
              set(
                unlike.filter((other) => other !== one),
                'signatures alike',
              )
            }
          >
            Alike again
          </Button>
        </div>
      ))}
      {free > 0 && (
        <Button
          size="small"
          onClick={() => set([...unlike, { signature: free, heightMm: whole(heightMm * 0.8) }], 'a shorter signature')}
        >
          {unlike.length === 0 ? 'One is shorter' : 'Another one'}
        </Button>
      )}
      {unlike.length > 0 && (
        <Segmented
          label="They are level at"
          value={state.document.stations.level}
          options={LEVELS}
          choose={(level) => session.change(`level at the ${level.toLowerCase()}`, withStations({ level }))}
        />
      )}
    </section>
  );
}
