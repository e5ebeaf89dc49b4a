import { useSession } from '../../../state/useSession';
import { LengthField } from '../fields';
import { StageFrame } from '../StageFrame';
import { CoverChoices, CoverWanted } from './stations/CoverChoices';
import { placed, useHoles, withSide, withStations } from './stations/edits';
import { FoldBoard } from './stations/FoldBoard';
import { PlaceChoices } from './stations/PlaceChoices';
import { RowsBoard } from './stations/RowsBoard';
import { asPlaced, SideBoard } from './stations/SideBoard';
import { SideChoices } from './stations/SideChoices';
import { UnlikeChoices } from './stations/UnlikeChoices';
import './stations/stations.css';

const FOLD_DEPTH = 230;
/** Lower where rows are drawn under it. */
const FOLD_DEPTH_OVER_ROWS = 120;

/** Where the holes go: along the fold and across the spine, or through the side of a block. */
export function StationsStage() {
  const { state } = useSession();
  const { cover, side } = useHoles();
  return (
    <StageFrame
      stage="STATIONS"
      tall
      choices={
        side ? (
          <SideChoices side={side} />
        ) : (
          <>
            <PlaceChoices side={false} />
            {state.plan.bound.rows && (
              <>
                <CoverWanted />
                {cover && <CoverChoices rows={cover} />}
              </>
            )}
            <UnlikeChoices />
          </>
        )
      }
      drawing={(width) =>
        side ? (
          <SideBoard width={width} side={side} />
        ) : (
          <>
            <FoldBoard width={width} depth={cover ? FOLD_DEPTH_OVER_ROWS : FOLD_DEPTH} />
            {cover && <RowsBoard width={width} rows={cover} />}
          </>
        )
      }
      below={side ? <SidePlaces /> : <StationPlaces />}
    />
  );
}

/** Each station's distance from the head, to be typed; of an older book, what was measured on it. */
function StationPlaces() {
  const { state } = useSession();
  const { stations } = useHoles();
  const wish = state.document.stations;
  if (wish.scheme === 'EXEMPLAR') {
    return (
      <section className="places" aria-label="Stations of the older book from its head">
        {wish.exemplarMm.map((_, i) => (
          <LengthField
            key={i}
            label={`Older book, ${i + 1}`}
            field={i === 0 ? 'stations.exemplarMm' : `stations.exemplarMm.${i}`}
            shown={state.plan.measures[`stations.exemplarMm.${i}`]}
            edit={(d, mm) =>
              withStations({ exemplarMm: d.stations.exemplarMm.map((one, n) => (n === i ? mm : one)) })(d)
            }
          />
        ))}
      </section>
    );
  }
  return (
    <section className="places" aria-label="Stations from the head">
      {stations.map((station, i) => (
        <LengthField
          key={station.number}
          label={`Station ${station.number}`}
          field={i === 0 ? 'stations.placedMm' : `stations.placedMm.${station.number}`}
          shown={station.fromHead}
          edit={(d, mm) => placed(stations.map((one) => (one.number === station.number ? mm : one.fromHeadMm)))(d)}
        />
      ))}
    </section>
  );
}

/** Each hole's distances from head and spine, to be typed. */
function SidePlaces() {
  const { side } = useHoles();
  if (!side) {
    return null;
  }
  const moved = (number: number, part: { fromHeadMm?: number; fromSpineMm?: number }) =>
    withSide({
      byHand: true,
      placed: asPlaced(side).map((hole, i) => (i === number - 1 ? { ...hole, ...part } : hole)),
    });
  return (
    <section className="side-places" aria-label="Holes from head and spine">
      {side.holes.map((hole) => (
        <div key={hole.number} className="side-place">
          <span className="side-place-name">
            {hole.number} {hole.roleWords}
          </span>
          <LengthField
            label="from the head"
            field={`side.placed.${hole.number}.head`}
            shown={hole.fromHead}
            edit={(d, fromHeadMm) => moved(hole.number, { fromHeadMm })(d)}
          />
          <LengthField
            label="from the spine"
            field={`side.placed.${hole.number}.spine`}
            shown={hole.fromSpine}
            edit={(d, fromSpineMm) => moved(hole.number, { fromSpineMm })(d)}
          />
        </div>
      ))}
    </section>
  );
}
