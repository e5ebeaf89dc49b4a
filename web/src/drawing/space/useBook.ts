import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { Color } from 'three';
import { between, turned, viewsOf, type Look } from './camera';
import type { CoverSeen } from './flats';
import { tokenOf, type Stuff } from '../stuffs';
import { Model, type Colours, type Space } from './model';
import { Stage } from './stage';

/** How the book is seen. */
export interface Seen {
  look: Look;
  /** The opening; 0 closed. */
  open: number;
  cover: CoverSeen;
  /** The station it is cut through at; 0 whole. */
  cut: number;
  /** Signatures that hands have so far; left out where all of the book is there. */
  upTo?: number;
}

/** How a book is seen before anything else is asked for. */
export function atFirst(space: Space): Seen {
  return { look: viewsOf(space).usual, open: 0, cover: 'through', cut: 0 };
}

const WAY_MS = 500;
const MOVE_MS = 650;
/** How far it is open while it goes from one opening to another. */
const HALF_OPEN = 0.55;

/** Stuffs that a soft cover may be made of. */
const SOFT: readonly Stuff[] = ['CARD', 'LEATHER', 'CLOTH', 'PAPER'];
/** So much of a stuff's colour is in what is seen of it, as on the bench; the rest is paper. */
const OF_STUFF = 0.5;

function colours(canvas: HTMLCanvasElement, stuffs: Space['stuffs']): Colours {
  const style = getComputedStyle(canvas);
  const token = (name: string) => style.getPropertyValue(`--${name}`).trim();
  const of = (stuff: Stuff) => {
    const dyed = stuffs.find((one) => one.stuff === stuff);
    const paper = new Color(token('paper'));
    return `#${paper.lerp(new Color(token(tokenOf(stuff, dyed?.dye))), OF_STUFF).getHexString()}`;
  };
  return {
    papers: [token('paper'), token('weld-ground'), token('table'), token('leaf-shade')],
    cover: of(SOFT.find((stuff) => stuffs.some((one) => one.stuff === stuff)) ?? 'CARD'),
    board: of('BOARD'),
    cloth: of('CLOTH'),
    side: of('PAPER'),
    endpaper: token('leaf-shade'),
    tape: token('weld-ground'),
    thread: token('indigo'),
    live: token('madder'),
    hole: token('ink'),
    needle: token('quiet'),
  };
}

/** Eases in and out. */
const eased = (t: number) => t * t * (3 - 2 * t);

/** Where the picture is on its way. */
interface Going {
  look: Look;
  /** The opening, or the one that is being closed; 0 where none was. */
  at: number;
  far: number;
}

/**
 * Keeps a canvas showing the book as it is wanted to be seen; what changes goes there on its way unless movement is not wanted.
 *
 * @returns the model, once it is there, and whether the browser cannot draw it
 */
export function useBook(
  canvas: RefObject<HTMLCanvasElement | null>,
  space: Space,
  seen: Seen,
  sewn: number,
  size: { width: number; height: number },
) {
  const [model, setModel] = useState<Model | null>(null);
  const [missing, setMissing] = useState(false);
  const stage = useRef<Stage | null>(null);
  const now = useRef<Going>({ look: seen.look, at: 0, far: 0 });
  const lastSewn = useRef(-1);
  const still = useMemo(() => window.matchMedia('(prefers-reduced-motion: reduce)').matches, []);
  const { width, height } = size;
  useEffect(() => {
    const at = canvas.current;
    if (!at) {
      return;
    }
    try {
      const made = new Model(space, colours(at, space.stuffs));
      const shown = new Stage(at, made);
      stage.current = shown;
      now.current = { ...now.current, at: 0, far: 0 };
      lastSewn.current = -1;
      setModel(made);
      return () => {
        stage.current = null;
        shown.dispose();
      };
    } catch {
      // without a graphics library below it the browser says so only when asked to draw
      setMissing(true);
      return;
    }
  }, [canvas, space]);
  useEffect(() => {
    stage.current?.resize(width, height);
  }, [model, width, height]);
  useEffect(() => {
    model?.cover(seen.cover);
  }, [model, seen.cover]);
  useEffect(() => {
    model?.held(seen.upTo ?? null);
  }, [model, seen.upTo]);
  useEffect(() => {
    const station = model?.space.holes.find((hole) => hole.station === seen.cut);
    model?.cut(station ? station.ends[0]! : null);
  }, [model, seen.cut]);
  useEffect(() => {
    const shown = stage.current;
    if (!model || !shown) {
      return;
    }
    const from = now.current;
    const oneOn = sewn === lastSewn.current + 1 && !still;
    lastSewn.current = sewn;
    const to = seen.open === 0 ? 0 : 1;
    const at = seen.open || from.at;
    // what is open elsewhere closes at once, and opens there
    const begins = at !== from.at && from.far > 0 ? HALF_OPEN : from.far;
    const begun = performance.now();
    let frame = 0;
    // where nothing changes but what is sewn, there is no way to go
    const rests = still || (from.look === seen.look && begins === to);
    const step = (time: number) => {
      const passed = time - begun;
      const way = rests ? 1 : eased(Math.max(0, Math.min(1, passed / WAY_MS)));
      const move = oneOn ? Math.max(0, Math.min(1, passed / MOVE_MS)) : 1;
      const far = begins + (to - begins) * way;
      now.current = { look: way === 1 ? seen.look : between(from.look, seen.look, way), at: far === 0 ? 0 : at, far };
      model.open(now.current.at, far);
      model.sew(sewn, move);
      const done = way === 1 && move === 1;
      shown.show(now.current.look, !done);
      if (done) {
        shown.rested();
      } else {
        frame = requestAnimationFrame(step);
      }
    };
    step(begun);
    return () => cancelAnimationFrame(frame);
  }, [model, seen, sewn, still, width, height]);
  return { model, missing };
}

/** Turned by hand: at once, not on its way. */
export function byHand(seen: Seen, round: number, tilt: number): Seen {
  return { ...seen, look: turned(seen.look, round, tilt) };
}

/** As hands have it: open at the signature in hand, its inside or its fold towards the eye. */
export function asHeld(seen: Seen, hands: { turned: boolean; signature: number }, space: Space): Seen {
  const views = viewsOf(space);
  const { turned: over, signature } = hands;
  if (space.backToBack) {
    // one side of the sewing is the fold of the one section, the other that of the other
    return { ...seen, upTo: space.signatures, open: over ? 2 : 1, look: views.inside };
  }
  return {
    ...seen,
    upTo: signature,
    open: space.folded && !over ? signature : 0,
    look: !space.folded ? (over ? views.back : views.front) : over ? views.spine : views.inside,
  };
}
