import { useEffect, useRef, useState } from 'react';

interface Props {
  /** The thread of each step: along the spine, through the book, out of the spine, one after the other; mm. */
  steps: readonly { step: number; points: number[] }[];
  sewn: number;
  width: number;
  height: number;
  side: boolean;
}

interface Turn {
  round: number;
  tilt: number;
}

const START: Turn = { round: -0.5, tilt: 0.55 };
const KEY_TURN = 0.12;
/** A whole turn takes so long when it turns by itself. */
const ROUND_MS = 16_000;

/** The sewn thread alone, where a browser draws nothing in space; it turns by itself, by dragging and by the arrow keys. */
export function SpineInSpace({ steps, sewn, width, height, side }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [turn, setTurn] = useState<Turn>(START);
  const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  const [turning, setTurning] = useState(!still);
  const held = useRef<{ x: number; y: number } | null>(null);
  useEffect(() => {
    if (!turning) {
      return;
    }
    let frame = 0;
    let last = performance.now();
    const go = (now: number) => {
      const passed = now - last;
      last = now;
      setTurn((was) => ({ ...was, round: was.round + (2 * Math.PI * passed) / ROUND_MS }));
      frame = requestAnimationFrame(go);
    };
    frame = requestAnimationFrame(go);
    return () => cancelAnimationFrame(frame);
  }, [turning]);
  useEffect(() => {
    const paper = canvas.current?.getContext('2d');
    if (paper && canvas.current) {
      draw(paper, canvas.current, steps, sewn, turn, width, height);
    }
  }, [steps, sewn, turn, width, height]);
  const by = (round: number, tilt: number) => {
    setTurning(false);
    setTurn((was) => ({ round: was.round + round, tilt: Math.max(-1.5, Math.min(1.5, was.tilt + tilt)) }));
  };
  return (
    <canvas
      ref={canvas}
      className="in-space"
      style={{ width, height }}
      tabIndex={0}
      role="img"
      aria-label={`The sewn ${side ? 'block' : 'spine'} in space, ${sewn} moves sewn; arrow keys turn it, Space holds it or lets it turn`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { x: event.clientX, y: event.clientY };
        setTurning(false);
      }}
      onPointerMove={(event) => {
        if (held.current) {
          by((event.clientX - held.current.x) / 120, (event.clientY - held.current.y) / 160);
          held.current = { x: event.clientX, y: event.clientY };
        }
      }}
      onPointerUp={() => {
        held.current = null;
      }}
      onKeyDown={(event) => {
        const turns: Record<string, [number, number]> = {
          ArrowLeft: [-KEY_TURN, 0],
          ArrowRight: [KEY_TURN, 0],
          ArrowUp: [0, -KEY_TURN],
          ArrowDown: [0, KEY_TURN],
        };
        const way = turns[event.key];
        if (way) {
          event.preventDefault();
          event.stopPropagation();
          by(...way);
        } else if (event.key === ' ') {
          event.preventDefault();
          event.stopPropagation();
          setTurning(!turning);
        }
      }}
    />
  );
}

interface Piece {
  depth: number;
  from: [number, number];
  to: [number, number];
  live: boolean;
}

/** Turns every piece of thread towards the eye and draws the farthest first. */
function draw(
  paper: CanvasRenderingContext2D,
  canvas: HTMLCanvasElement,
  steps: readonly { step: number; points: number[] }[],
  sewn: number,
  turn: Turn,
  width: number,
  height: number,
): void {
  const dense = window.devicePixelRatio || 1;
  if (canvas.width !== Math.round(width * dense)) {
    canvas.width = Math.round(width * dense);
    canvas.height = Math.round(height * dense);
  }
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const step of steps) {
    step.points.forEach((mm, i) => {
      low[i % 3] = Math.min(low[i % 3]!, mm);
      high[i % 3] = Math.max(high[i % 3]!, mm);
    });
  }
  const middle = low.map((least, i) => (least + high[i]!) / 2);
  const reach = low.map((least, i) => (high[i]! - least) / 2);
  // it rolls about its length and tilts from side to side: its height on the screen is never more than its roundness
  const scale = Math.min(
    (width / 2 - 16) / Math.max(1, Math.hypot(...reach)),
    (height / 2 - 16) / Math.max(1, Math.hypot(reach[1]!, reach[2]!)),
  );
  const [cosR, sinR, cosT, sinT] = [
    Math.cos(turn.round),
    Math.sin(turn.round),
    Math.cos(turn.tilt),
    Math.sin(turn.tilt),
  ];
  // the spine lies along the screen and rolls about its length; tilting lifts its head towards the eye
  const place = (x: number, y: number, z: number): [number, number, number] => {
    const [along, across, out] = [x - middle[0]!, y - middle[1]!, z - middle[2]!];
    const rolled = across * cosR - out * sinR;
    const depth = across * sinR + out * cosR;
    const right = along * cosT + depth * sinT;
    const away = depth * cosT - along * sinT;
    return [width / 2 + right * scale, height / 2 + rolled * scale, away];
  };
  const pieces: Piece[] = [];
  for (const step of steps) {
    if (step.step > sewn) {
      break;
    }
    const p = step.points;
    for (let i = 3; i + 2 < p.length; i += 3) {
      const a = place(p[i - 3]!, p[i - 2]!, p[i - 1]!);
      const b = place(p[i]!, p[i + 1]!, p[i + 2]!);
      pieces.push({ depth: (a[2] + b[2]) / 2, from: [a[0], a[1]], to: [b[0], b[1]], live: step.step === sewn });
    }
  }
  pieces.sort((one, other) => one.depth - other.depth);
  const style = getComputedStyle(canvas);
  const [indigo, madder, ground] = ['--indigo', '--madder', '--table'].map((name) => style.getPropertyValue(name));
  paper.setTransform(dense, 0, 0, dense, 0, 0);
  paper.clearRect(0, 0, width, height);
  paper.lineCap = 'round';
  const stroke = (piece: Piece, colour: string, thick: number, clear: number) => {
    paper.globalAlpha = clear;
    paper.strokeStyle = colour;
    paper.lineWidth = thick;
    paper.beginPath();
    paper.moveTo(...piece.from);
    paper.lineTo(...piece.to);
    paper.stroke();
  };
  const far = pieces[0]?.depth ?? 0;
  const near = pieces[pieces.length - 1]?.depth ?? 1;
  for (const piece of pieces) {
    const share = (piece.depth - far) / Math.max(0.001, near - far);
    if (pieces.length < 6000) {
      stroke(piece, ground ?? '', 5, 0.9);
    }
    stroke(piece, (piece.live ? madder : indigo) ?? '', 2 + 1.2 * share, 0.4 + 0.6 * share);
  }
  paper.globalAlpha = 1;
}
