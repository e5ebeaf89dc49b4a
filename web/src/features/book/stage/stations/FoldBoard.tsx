import type { KeyboardEvent, PointerEvent } from 'react';
import type { HolesView, StationView } from '../../../../api/client';
import { Fold } from '../../../../drawing/Fold';
import { between, pointedMm } from '../../../../drawing/pointed';
import { Ruler } from '../../../../drawing/Ruler';
import { useSession } from '../../../../state/useSession';
import { useUnit, useWords } from '../../../../units/unit';
import { placed, useHoles, whole } from './edits';
import { nudge, removes, useMoved } from '../useMoved';

const LEFT = 28;
const TOP = 62;
const GAPS = 46;
const OTHER = 30;
/** Stations keep their order while they are dragged. */
const APART_MM = 1;
const FEWEST = 2;

/** The fold under a rule: stations are dragged along it or moved by keys, set by a press on it, taken out by Delete. */
export function FoldBoard({ width, depth }: { width: number; depth: number }) {
  const { session, state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const holes = useHoles();
  const { stations: wish } = state.document;
  const heightMm = holes.heightMm;
  const scale = (width - 2 * LEFT) / heightMm;
  const drawnAt = { left: LEFT, top: TOP, scale };
  const { moved, held, show, keep, keepSoon } = useMoved<number[]>((document, places) => placed(places)(document));
  const places = moved ?? holes.stations.map((station) => station.fromHeadMm);
  const punched = state.document.done.includes('TEMPLATE');
  const mirrored = wish.symmetric && wish.scheme === 'PLACED';

  const move = (index: number, mm: number) => {
    const last = places.length - 1;
    const low = index === 0 ? 0 : places[index - 1]! + APART_MM;
    const high = index === last ? heightMm : places[index + 1]! - APART_MM;
    const at = whole(between(mm, low, high));
    const next = places.map((place, i) =>
      i === index ? at : mirrored && i === last - index ? whole(heightMm - at) : place,
    );
    show(next);
    return next;
  };
  const add = (event: PointerEvent<SVGRectElement>) => {
    const mm = whole(pointedMm(event, drawnAt).rightMm);
    const added = mirrored && Math.abs(mm - heightMm / 2) > APART_MM ? [mm, whole(heightMm - mm)] : [mm];
    const next = [...places, ...added].sort((a, b) => a - b);
    if (next.every((place, i) => i === 0 || place - next[i - 1]! >= APART_MM)) {
      session.change('station set', placed(next));
    }
  };
  const remove = (index: number) => {
    const last = places.length - 1;
    const next = places.filter((_, i) => i !== index && !(mirrored && i === last - index));
    if (next.length >= FEWEST) {
      session.change(`station ${index + 1} taken out`, placed(next));
    }
  };
  const drag = {
    down: (index: number) => (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      event.currentTarget.focus();
      held.current = index;
    },
    move: (event: PointerEvent<SVGGElement>) => {
      if (held.current !== null) {
        move(held.current, pointedMm(event, drawnAt).rightMm);
      }
    },
    up: () => {
      const index = held.current;
      held.current = null;
      if (index !== null && moved) {
        keep(moved, `station ${index + 1} moved`);
      }
    },
  };
  const press = (index: number) => (event: KeyboardEvent) => {
    if (removes(event)) {
      event.preventDefault();
      remove(index);
      return;
    }
    const by = nudge(event, unit);
    if (by) {
      // along the fold, up counts as towards the tail as right does
      keepSoon(move(index, places[index]! + by.right - by.down), `station ${index + 1} moved`);
    }
  };

  const shown = holes.stations.map((station, i) => ({ ...station, fromHeadMm: places[i] ?? station.fromHeadMm }));
  const others = unlike(holes);
  const foot = TOP + depth + GAPS + 44;
  return (
    <svg
      width={width}
      height={foot + others.length * OTHER}
      className="station-board"
      role="group"
      aria-label="The fold from the inside, head on the left"
    >
      <Ruler lengthMm={heightMm} scale={scale} unit={unit} x={LEFT} y={TOP - 8} />
      <Fold
        face="INSIDE"
        turned={false}
        heightMm={heightMm}
        stations={shown}
        holes={() => (punched ? 'punched' : 'marked')}
        scale={scale}
        left={LEFT}
        top={TOP}
        depth={depth}
      />
      <rect
        x={LEFT}
        y={TOP}
        width={heightMm * scale}
        height={depth}
        className="fold-press"
        onPointerUp={(event) => held.current === null && add(event)}
      />
      <Gaps stations={shown} heightMm={heightMm} scale={scale} y={TOP + depth + GAPS} />
      {shown.map((station, i) => {
        const x = LEFT + station.fromHeadMm * scale;
        const fault = station.fault ? `. ${words(station.fault.words)}` : '';
        return (
          <g
            key={station.number}
            className={`station-handle${station.fault ? ` at-fault${station.fault.weight === 'STOP' ? ' impossible' : ''}` : ''}`}
            role="slider"
            tabIndex={0}
            aria-label={`Station ${station.number}${station.role === 'STATION' ? '' : `, ${station.roleWords}`}`}
            aria-valuemin={0}
            aria-valuemax={Math.round(heightMm)}
            aria-valuenow={Math.round(station.fromHeadMm * 10) / 10}
            aria-valuetext={`${words(holes.stations[i]!.fromHead)} from the head${fault}`}
            onPointerDown={drag.down(i)}
            onPointerMove={drag.move}
            onPointerUp={drag.up}
            onPointerCancel={drag.up}
            onKeyDown={press(i)}
          >
            <rect x={x - 12} y={TOP} width={24} height={depth} className="station-grip" />
            <line x1={x} x2={x} y1={TOP - 8} y2={TOP + depth / 2 - 8} className="station-plumb" />
            <text x={x} y={TOP + depth / 2 + 24} textAnchor="middle" className="station-number">
              {station.number}
            </text>
            {station.fault && <path d={`M ${x - 8} ${TOP + depth / 2 + 42} l 8 -13 l 8 13 z`} className="fault-mark" />}
          </g>
        );
      })}
      {others.map((fold, i) => (
        <OtherFold key={fold.number} fold={fold} stations={shown} scale={scale} y={foot + i * OTHER} />
      ))}
    </svg>
  );
}

type NumberedFold = HolesView['folds'][number] & { number: number };

/** Signatures that are not as tall as the book. */
function unlike(holes: HolesView): NumberedFold[] {
  return holes.folds
    .map((fold, i) => ({ ...fold, number: i + 1 }))
    .filter((fold) => fold.heightMm !== holes.heightMm)
    .slice(0, 8);
}

/** A signature of another height, level with the book as it is wished, with the stations that fall on it. */
function OtherFold(props: { fold: NumberedFold; stations: readonly StationView[]; scale: number; y: number }) {
  const { fold, stations, scale, y } = props;
  const words = useWords();
  return (
    <g className="other-fold">
      <line
        x1={LEFT + fold.headMm * scale}
        x2={LEFT + (fold.headMm + fold.heightMm) * scale}
        y1={y}
        y2={y}
        className="other-fold-line"
      />
      {fold.stations.map((number) => {
        const x = LEFT + (stations[number - 1]?.fromHeadMm ?? 0) * scale;
        return <path key={number} d={`M ${x - 4} ${y - 4} l 8 8 M ${x - 4} ${y + 4} l 8 -8`} />;
      })}
      <text x={LEFT + fold.headMm * scale} y={y + 16}>
        Signature {fold.number}, {words(fold.height)}
      </text>
    </g>
  );
}

/** The distances between neighbours, head and tail included, under the fold. */
function Gaps({
  stations,
  heightMm,
  scale,
  y,
}: {
  stations: readonly StationView[];
  heightMm: number;
  scale: number;
  y: number;
}) {
  const words = useWords();
  const last = stations[stations.length - 1];
  const gaps = stations.map((station, i) => ({
    from: stations[i - 1]?.fromHeadMm ?? 0,
    to: station.fromHeadMm,
    text: words(station.gapBefore),
  }));
  if (last) {
    gaps.push({ from: last.fromHeadMm, to: heightMm, text: words(last.fromTail) });
  }
  return (
    <g className="gaps" aria-hidden="true">
      {gaps.map((gap, i) => {
        const from = LEFT + gap.from * scale;
        const to = LEFT + gap.to * scale;
        return (
          <g key={i}>
            <path d={`M ${from} ${y - 7} v 14 M ${from} ${y} H ${to} M ${to} ${y - 7} v 14`} />
            <text x={(from + to) / 2} y={y + (to - from < 60 && i % 2 === 1 ? 36 : 20)} textAnchor="middle">
              {gap.text}
            </text>
          </g>
        );
      })}
    </g>
  );
}
