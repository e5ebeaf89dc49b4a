import type { BookDocument } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { FewChoice, ManyChoice } from '../../../ui/Choice';
import { CountField, LengthField } from '../fields';
import { StageFrame } from '../StageFrame';
import { useSewn } from '../useSewn';
import { StationBoard } from './StationBoard';

type Stations = BookDocument['stations'];

const COUNTS = ['3', '5', '7', '9', '11', '13', '15'];

function withStations(part: Partial<Stations>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, stations: { ...document.stations, ...part } });
}

/** Where the holes go: margins, a share of the height, or by hand; on the fold, to scale, under a rule. */
export function StationsStage() {
  const { session, state } = useSession();
  const { stations } = state.document;
  const places = useSewn().stations;
  const byHand = () => places.map((station) => station.fromHeadMm);
  const counts = COUNTS.includes(String(stations.count)) ? COUNTS : [...COUNTS, String(stations.count)];
  return (
    <StageFrame
      stage="STATIONS"
      tall
      choices={
        <>
          <ManyChoice
            label="Stations"
            value={String(stations.count)}
            options={counts.map((count) => ({ value: count, label: count }))}
            choose={(count) =>
              session.change(`${count} stations`, (d) =>
                withStations({
                  count: Number(count),
                  ...(d.stations.scheme === 'PLACED' ? { scheme: 'MARGINS' as const } : {}),
                })(d),
              )
            }
          />
          <FewChoice
            label="Placed"
            value={stations.scheme}
            options={[
              { value: 'MARGINS', label: 'margins, equal spaces' },
              { value: 'SHARE', label: 'a share of the height' },
              { value: 'PLACED', label: 'by hand' },
            ]}
            choose={(scheme) =>
              session.change(
                scheme === 'PLACED'
                  ? 'stations by hand'
                  : scheme === 'SHARE'
                    ? 'stations by share'
                    : 'stations by margins',
                withStations({ scheme, ...(scheme === 'PLACED' ? { placedMm: byHand() } : {}) }),
              )
            }
          />
          {stations.scheme === 'MARGINS' && (
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
          )}
          {stations.scheme === 'SHARE' && (
            <CountField
              label="Share at each end, %"
              field="stations.sharePercent"
              what="percent"
              decimals
              value={stations.sharePercent}
              edit={(d, sharePercent) => withStations({ sharePercent })(d)}
            />
          )}
          <p className="field-help">Drag a station, or move it with ← and →; a moved station is placed by hand.</p>
        </>
      }
      drawing={(width) => <StationBoard width={width} />}
      below={<PlaceFields />}
    />
  );
}

/** Each station's distance from the head, to be typed. */
function PlaceFields() {
  const { state } = useSession();
  const all = state.view.plan.sewing?.stations ?? [];
  return (
    <section className="places" aria-label="Stations from the head">
      {useSewn().stations.map((station, i) => (
        <LengthField
          key={station.number}
          label={`Station ${station.number}`}
          field={i === 0 ? 'stations.placedMm' : `stations.placedMm.${station.number}`}
          shown={station.fromHead}
          edit={(d, mm) =>
            withStations({
              scheme: 'PLACED',
              placedMm: all.map((one) => (one.number === station.number ? mm : one.fromHeadMm)),
            })(d)
          }
        />
      ))}
    </section>
  );
}
