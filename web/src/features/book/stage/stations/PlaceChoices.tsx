import { Button, Checkbox } from 'antd';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { CountField, LengthField } from '../../fields';
import { useHoles, whole, withStations, type Stations } from './edits';

type Scheme = Stations['scheme'];

const ODD = ['3', '5', '7', '9', '11', '13', '15'];
const ANY = Array.from({ length: 19 }, (_, i) => String(i + 2));
const SCHEMES: { value: Scheme; label: string; said: string }[] = [
  { value: 'MARGINS', label: 'margins, equal spaces', said: 'by margins' },
  { value: 'SHARE', label: 'a share of the height', said: 'by share' },
  { value: 'EQUAL', label: 'equal spaces, ends too', said: 'in equal spaces' },
  { value: 'PAIRS', label: 'pairs about supports', said: 'in pairs' },
  { value: 'EXEMPLAR', label: 'as an older book has them', said: 'from an older book' },
  { value: 'PLACED', label: 'by hand', said: 'by hand' },
];

/** How stations are placed along the fold, or main holes along the spine of a stab binding. */
export function PlaceChoices({ side }: { side: boolean }) {
  const { session, state } = useSession();
  const { stations } = state.document;
  const holes = useHoles();
  const what = side ? 'Main holes' : 'Stations';
  const choose = (scheme: Scheme) => {
    const places = holes.stations.map((station) => station.fromHeadMm);
    session.change(`${what.toLowerCase()} ${SCHEMES.find((one) => one.value === scheme)!.said}`, (d) =>
      withStations({
        scheme,
        ...(scheme === 'PLACED' ? { placedMm: places, count: places.length } : {}),
        ...(scheme === 'EXEMPLAR' && d.stations.exemplarMm.length < 2
          ? { exemplarMm: places, exemplarHeightMm: holes.heightMm }
          : {}),
        ...(scheme === 'PAIRS' ? { pairs: Math.max(1, Math.floor((places.length - 2) / 2)) } : {}),
      })(d),
    );
  };
  return (
    <>
      <SelectField
        label={`${what} placed by`}
        value={stations.scheme}
        options={SCHEMES.filter((one) => !side || one.value !== 'PAIRS')}
        choose={choose}
      />
      <Numbers what={what} />
      {stations.scheme === 'PLACED' && (
        <Checkbox
          checked={stations.symmetric}
          onChange={(event) =>
            session.change(
              event.target.checked ? 'stations symmetric' : 'stations not symmetric',
              withStations({ symmetric: event.target.checked }),
            )
          }
        >
          Symmetric about the middle
        </Checkbox>
      )}
      {!side && (
        <p className="field-help">
          Drag a station or move it with ← and →; press on the fold to set one, Delete takes it out. Then they are
          placed by hand.
        </p>
      )}
    </>
  );
}

function Numbers({ what }: { what: string }) {
  const { session, state } = useSession();
  const { stations } = state.document;
  const holes = useHoles();
  switch (stations.scheme) {
    case 'MARGINS':
      return (
        <>
          <Count what={what} />
          <div className="field-pair">
            <LengthField
              label="From the head"
              field="stations.headMm"
              edit={(d, headMm) => withStations({ headMm })(d)}
            />
            <LengthField
              label="From the tail"
              field="stations.tailMm"
              edit={(d, tailMm) => withStations({ tailMm })(d)}
            />
          </div>
        </>
      );
    case 'SHARE':
      return (
        <>
          <Count what={what} />
          <CountField
            label="Share at each end, %"
            field="stations.sharePercent"
            what="percent"
            decimals
            value={stations.sharePercent}
            edit={(d, sharePercent) => withStations({ sharePercent })(d)}
          />
        </>
      );
    case 'EQUAL':
      return <Count what={what} />;
    case 'PAIRS':
      return (
        <>
          <CountField
            label="Supports or links"
            field="stations.pairs"
            what="supports"
            value={stations.pairs}
            edit={(d, pairs) => withStations({ pairs })(d)}
          />
          <div className="field-pair">
            <LengthField
              label="Width of each"
              field="stations.pairMm"
              edit={(d, pairMm) => withStations({ pairMm })(d)}
            />
            <LengthField
              label="Kettle from end"
              field="stations.kettleMm"
              edit={(d, kettleMm) => withStations({ kettleMm })(d)}
            />
          </div>
        </>
      );
    case 'EXEMPLAR':
      return (
        <>
          <LengthField
            label="Height of the older book"
            field="stations.exemplarHeightMm"
            edit={(d, exemplarHeightMm) => withStations({ exemplarHeightMm })(d)}
          />
          <SelectField
            label="Brought over"
            value={stations.carry}
            options={[
              { value: 'IN_PROPORTION', label: 'in proportion' },
              { value: 'FROM_HEAD', label: 'as far from the head' },
              { value: 'FROM_CENTRE', label: 'as far from the centre' },
              { value: 'FROM_TAIL', label: 'as far from the tail' },
            ]}
            choose={(carry) => session.change('brought over', withStations({ carry }))}
          />
          <p className="acts">
            <Button
              size="small"
              onClick={() =>
                session.change('one station more', (d) => {
                  const { exemplarMm, exemplarHeightMm } = d.stations;
                  const last = exemplarMm[exemplarMm.length - 1] ?? 0;
                  return withStations({ exemplarMm: [...exemplarMm, whole((last + exemplarHeightMm) / 2)] })(d);
                })
              }
            >
              One more
            </Button>
            <Button
              size="small"
              disabled={stations.exemplarMm.length <= 2}
              onClick={() =>
                session.change('one station less', (d) =>
                  withStations({ exemplarMm: d.stations.exemplarMm.slice(0, -1) })(d),
                )
              }
            >
              One less
            </Button>
          </p>
        </>
      );
    case 'PLACED':
      return <p className="field-help">{holes.stations.length} placed one by one.</p>;
  }
}

/** Only odd numbers are sewn in a pamphlet; others are told in one line where they cannot be. */
function Count({ what }: { what: string }) {
  const { session, state } = useSession();
  const count = String(state.document.stations.count);
  const usual = state.plan.bound.plannable ? ODD : ANY;
  const counts = usual.includes(count) ? usual : [...usual, count];
  return (
    <SelectField
      label={what}
      value={count}
      options={counts.map((one) => ({ value: one, label: one }))}
      choose={(chosen) => session.change(`${chosen} ${what.toLowerCase()}`, withStations({ count: Number(chosen) }))}
    />
  );
}
