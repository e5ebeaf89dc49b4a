import { Button } from 'antd';
import type { CoverSettingView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Segmented, SelectField } from '../../../../ui/choices';
import { CountField, LengthField } from '../../fields';
import { withCovering, withNumber, withoutNumber, withWay } from './edits';

/** Which cover, and what is settled of it. */
export function KindChoice() {
  const { session, state } = useSession();
  const { covering } = state.plan;
  const kind = covering.kinds.find((one) => one.key === covering.kind);
  return (
    <section className="cover-kind" aria-label="The cover">
      <h2>The cover</h2>
      <SelectField
        label="Kind"
        value={covering.kind}
        options={covering.kinds.map((one) => ({ value: one.key, label: one.name }))}
        choose={(to) => {
          const name = covering.kinds.find((one) => one.key === to)?.name ?? 'another cover';
          session.change(name.toLowerCase(), withCovering({ kind: to }));
        }}
      />
      {kind && <p className="field-help">{kind.purpose}</p>}
      {covering.settings.map((setting) => (
        <Setting key={setting.key} setting={setting} />
      ))}
    </section>
  );
}

/** A length of a case that is there already: empty until it is measured. */
function TakenMeasure({ setting }: { setting: CoverSettingView }) {
  const { session } = useSession();
  const measured = setting.shown.mm !== '';
  return (
    <>
      <LengthField
        label={setting.words}
        field={`covering.numbers.${setting.key}`}
        shown={setting.shown}
        edit={(d, mm) => withNumber(setting.key, mm)(d)}
        help={!measured && 'Not measured yet: as the block wants it.'}
      />
      {measured && (
        <Button
          size="small"
          aria-label={`${setting.words} not measured`}
          onClick={() => session.change(`${setting.words.toLowerCase()} not measured`, withoutNumber(setting.key))}
        >
          Not measured
        </Button>
      )}
    </>
  );
}

function Setting({ setting }: { setting: CoverSettingView }) {
  const { session, state } = useSession();
  switch (setting.settled) {
    case 'LENGTH':
      return (
        <LengthField
          label={setting.words}
          field={`covering.numbers.${setting.key}`}
          shown={setting.shown}
          edit={(d, mm) => withNumber(setting.key, mm)(d)}
        />
      );
    case 'MEASURED':
      return <TakenMeasure setting={setting} />;
    case 'PERCENT':
      return (
        <CountField
          label={`${setting.words}, in percent ${setting.of ?? ''}`.trim()}
          field={`covering.numbers.${setting.key}`}
          value={setting.number ?? 0}
          what="percent"
          decimals
          edit={(d, percent) => withNumber(setting.key, percent)(d)}
        />
      );
    case 'WAY':
      return (
        <Segmented
          label={setting.words}
          value={state.document.covering.schools[setting.key] ?? setting.way ?? ''}
          options={setting.ways.map((way) => ({ value: way.key, label: way.words }))}
          choose={(to) => {
            const words = setting.ways.find((way) => way.key === to)?.words ?? '';
            session.change(`${setting.words.toLowerCase()}: ${words}`, withWay(setting.key, to));
          }}
        />
      );
  }
}
