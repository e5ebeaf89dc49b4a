import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { api, outcome, type StationView } from '../../../api/client';
import { Fold } from '../../../drawing/Fold';
import { Ruler } from '../../../drawing/Ruler';
import { useSession } from '../../../state/useSession';
import { useSewn } from '../useSewn';
import { useUnit, useWords } from '../../../units/unit';

const LEFT = 28;
const DEPTH = 230;
const TOP = 62;
const GAPS = 46;
/** Stations keep their order while they are dragged. */
const APART_MM = 1;
const NUDGE_MM = { MM: 0.5, INCH: 25.4 / 32 };
const SETTLES_MS = 400;

/** The fold under a rule, its stations to be dragged along it or moved by keys. */
export function StationBoard({ width }: { width: number }) {
  const { session, state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const { plan } = state;
  const sewing = useSewn();
  const heightMm = plan.leaf.heightMm;
  const scale = (width - 2 * LEFT) / heightMm;
  const [moved, setMoved] = useState<number[] | null>(null);
  const dragging = useRef<number | null>(null);
  const settle = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const preview = usePreview();
  const places = moved ?? sewing.stations.map((station) => station.fromHeadMm);
  const punched = state.document.done.includes('TEMPLATE');

  // What is kept has caught up with what was moved.
  useEffect(() => {
    if (dragging.current === null) {
      setMoved(null);
    }
  }, [state.view]);
  useEffect(() => () => clearTimeout(settle.current), []);

  const move = (index: number, mm: number) => {
    const low = index === 0 ? 0 : places[index - 1]! + APART_MM;
    const high = index === places.length - 1 ? heightMm : places[index + 1]! - APART_MM;
    const next = places.map((place, i) =>
      i === index ? Math.round(Math.min(high, Math.max(low, mm)) * 100) / 100 : place,
    );
    setMoved(next);
    preview({
      ...state.document,
      stations: { ...state.document.stations, scheme: 'PLACED', count: next.length, placedMm: next },
    });
    return next;
  };
  const keep = (next: number[], number: number) =>
    session.change(`station ${number} moved`, (d) => ({
      ...d,
      stations: { ...d.stations, scheme: 'PLACED', count: next.length, placedMm: next },
    }));

  const drag = {
    down: (index: number) => (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      event.currentTarget.focus();
      dragging.current = index;
    },
    move: (event: PointerEvent<SVGGElement>) => {
      if (dragging.current !== null && event.currentTarget.ownerSVGElement) {
        const box = event.currentTarget.ownerSVGElement.getBoundingClientRect();
        move(dragging.current, (event.clientX - box.left - LEFT) / scale);
      }
    },
    up: () => {
      const index = dragging.current;
      dragging.current = null;
      if (index !== null && moved) {
        keep(moved, index + 1);
      }
    },
  };
  const press = (index: number) => (event: KeyboardEvent) => {
    const towards =
      event.key === 'ArrowLeft' || event.key === 'ArrowDown'
        ? -1
        : event.key === 'ArrowRight' || event.key === 'ArrowUp'
          ? 1
          : 0;
    if (towards === 0 || event.ctrlKey || event.altKey) {
      return;
    }
    event.preventDefault();
    const next = move(index, places[index]! + towards * NUDGE_MM[unit] * (event.shiftKey ? 10 : 1));
    clearTimeout(settle.current);
    settle.current = setTimeout(() => keep(next, index + 1), SETTLES_MS);
  };

  const shown = sewing.stations.map((station, i) => ({ ...station, fromHeadMm: places[i] ?? station.fromHeadMm }));
  return (
    <svg
      width={width}
      height={TOP + DEPTH + GAPS + 44}
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
        stitches={[]}
        holes={() => (punched ? 'punched' : 'marked')}
        scale={scale}
        left={LEFT}
        top={TOP}
        depth={DEPTH}
      />
      <Gaps stations={shown} heightMm={heightMm} scale={scale} y={TOP + DEPTH + GAPS} />
      {shown.map((station, i) => {
        const x = LEFT + station.fromHeadMm * scale;
        return (
          <g
            key={station.number}
            className="station-handle"
            role="slider"
            tabIndex={0}
            aria-label={`Station ${station.number}`}
            aria-valuemin={0}
            aria-valuemax={Math.round(heightMm)}
            aria-valuenow={Math.round(station.fromHeadMm * 10) / 10}
            aria-valuetext={`${words(sewing.stations[i]!.fromHead)} from the head`}
            onPointerDown={drag.down(i)}
            onPointerMove={drag.move}
            onPointerUp={drag.up}
            onPointerCancel={drag.up}
            onKeyDown={press(i)}
          >
            <rect x={x - 14} y={TOP} width={28} height={DEPTH} className="station-grip" />
            <line x1={x} x2={x} y1={TOP - 8} y2={TOP + DEPTH / 2 - 8} className="station-plumb" />
            <text x={x} y={TOP + DEPTH / 2 + 24} textAnchor="middle" className="station-number">
              {station.number}
            </text>
          </g>
        );
      })}
    </svg>
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

/** Asks for the plan of a book that is not kept yet; one question at a time, always the newest. */
function usePreview() {
  const { session } = useSession();
  const asking = useRef(false);
  const waiting = useRef<Parameters<typeof ask>[0] | null>(null);
  async function ask(document: ReturnType<typeof session.snapshot>['document']): Promise<void> {
    if (asking.current) {
      waiting.current = document;
      return;
    }
    asking.current = true;
    const result = await outcome(api.POST('/api/plan', { body: document }));
    asking.current = false;
    if (result.kind === 'value') {
      session.preview(result.value);
    }
    const next = waiting.current;
    waiting.current = null;
    if (next) {
      await ask(next);
    }
  }
  return (document: Parameters<typeof ask>[0]) => void ask(document);
}
