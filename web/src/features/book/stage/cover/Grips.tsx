import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { BookDocument, CoverLookView } from '../../../../api/client';
import { between, pointedMm, type DrawnAt } from '../../../../drawing/pointed';
import { useSession } from '../../../../state/useSession';
import { useUnit, useWords } from '../../../../units/unit';
import { nudge, useMoved } from '../useMoved';
import { withNumber } from './edits';

type Grip = CoverLookView['grips'][number];

interface Moved {
  setting: string;
  number: number;
}

/** Parts of the cover that are moved in its drawing, by mouse or by keys. */
export function Grips({ look, drawnAt }: { look: CoverLookView; drawnAt: DrawnAt }) {
  const { state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const start = useRef<{ number: number; mm: number; perMm: number } | null>(null);
  const { moved, held, show, keep, keepSoon } = useMoved<Moved>((document: BookDocument, { setting, number }) =>
    withNumber(setting, number)(document),
  );
  const settled = (grip: Grip) => (moved?.setting === grip.setting ? moved.number : grip.number);
  const to = (grip: Grip, number: number): Moved => {
    const next = { setting: grip.setting, number: whole(between(number, grip.least, grip.most)) };
    show(next);
    return next;
  };
  const place = (grip: Grip, event: PointerEvent<SVGGElement>) => {
    const { rightMm, downMm } = pointedMm(event, drawnAt);
    return grip.across ? rightMm : downMm;
  };
  const press = (grip: Grip) => (event: KeyboardEvent) => {
    const by = nudge(event, unit);
    const mm = by && (grip.across ? by.right : by.down);
    if (mm) {
      keepSoon(to(grip, settled(grip) + mm * grip.perMm), grip.words.toLowerCase());
    }
  };
  return look.grips.map((grip, i) => {
    const setting = state.plan.covering.settings.find((one) => one.key === grip.setting);
    return (
      <g
        key={grip.setting}
        role="slider"
        tabIndex={0}
        aria-label={grip.words}
        aria-orientation={grip.across ? 'horizontal' : 'vertical'}
        aria-valuemin={Math.round(grip.least)}
        aria-valuemax={Math.round(grip.most)}
        aria-valuenow={whole(settled(grip))}
        {...(setting ? { 'aria-valuetext': words(setting.shown) } : {})}
        className={`cover-grip ${grip.across ? 'grip-across' : 'grip-down'}`}
        transform={`translate(${grip.xMm * drawnAt.scale} ${grip.yMm * drawnAt.scale})`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          event.currentTarget.focus();
          held.current = i;
          start.current = { number: settled(grip), mm: place(grip, event), perMm: grip.perMm };
        }}
        onPointerMove={(event) => {
          if (held.current === i && start.current) {
            const { number, mm, perMm } = start.current;
            to(grip, number + (place(grip, event) - mm) * perMm);
          }
        }}
        onPointerUp={() => {
          held.current = null;
          start.current = null;
          if (moved) {
            keep(moved, grip.words.toLowerCase());
          }
        }}
        onKeyDown={press(grip)}
      >
        <rect x={-12} y={-12} width={24} height={24} className="grip-reach" />
        <path
          d={grip.across ? 'M -10 0 L -3 -7 V 7 Z M 10 0 L 3 -7 V 7 Z' : 'M 0 -10 L -7 -3 H 7 Z M 0 10 L -7 3 H 7 Z'}
        />
        <title>{grip.words}</title>
      </g>
    );
  });
}

/** To half a millimetre, or half a percent. */
function whole(number: number): number {
  return Math.round(number * 2) / 2;
}
