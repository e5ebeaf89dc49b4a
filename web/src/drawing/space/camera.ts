/** From where the book is looked at: round its spine's length, tilted towards its head, and how near. */
export interface Look {
  /** Round the length of the spine; 0 looks straight at the spine, a half turn into the fore edge. */
  round: number;
  /** Towards the head where it is more than 0. */
  tilt: number;
  /** 1 shows the whole book. */
  near: number;
}

export const VIEWS = {
  usual: { round: -0.75, tilt: 0.35, near: 0.95 },
  spine: { round: 0, tilt: 0, near: 1 },
  head: { round: 0, tilt: Math.PI / 2 - 0.02, near: 1 },
  inside: { round: Math.PI, tilt: 0.3, near: 1.05 },
  front: { round: -Math.PI / 2, tilt: 0, near: 1 },
  back: { round: Math.PI / 2, tilt: 0, near: 1 },
} satisfies Record<string, Look>;

/** Where each look is for a book that lies open on the table, its two sections to the left and to the right. */
const LYING: typeof VIEWS = {
  ...VIEWS,
  usual: { round: Math.PI / 2 - 0.45, tilt: 0.5, near: 1 },
  spine: { round: -Math.PI / 2, tilt: 0, near: 1 },
  inside: { round: Math.PI / 2 + 0.35, tilt: 0.3, near: 1.05 },
};

/** The looks of a book, by how it lies. */
export function viewsOf(book: { backToBack: boolean }): typeof VIEWS {
  return book.backToBack ? LYING : VIEWS;
}

const MOST_TILT = Math.PI / 2 - 0.02;
const NEAREST = 12;
const FARTHEST = 0.5;

/** Turned by so much; never over the head. */
export function turned(look: Look, round: number, tilt: number): Look {
  return { ...look, round: look.round + round, tilt: Math.max(-MOST_TILT, Math.min(MOST_TILT, look.tilt + tilt)) };
}

/** So many times as near. */
export function nearer(look: Look, times: number): Look {
  return { ...look, near: Math.max(FARTHEST, Math.min(NEAREST, look.near * times)) };
}

/** On the way from one look to another, the shorter way round. */
export function between(from: Look, to: Look, share: number): Look {
  const whole = 2 * Math.PI;
  const way = ((((to.round - from.round) % whole) + 3 * Math.PI) % whole) - Math.PI;
  return {
    round: from.round + way * share,
    tilt: from.tilt + (to.tilt - from.tilt) * share,
    near: from.near * (to.near / from.near) ** share,
  };
}

/** Where the eye is, as seen from the middle of the book, so far away: along the spine, through the book, out of the spine. */
export function eye(look: Look, far: number): [number, number, number] {
  const flat = Math.cos(look.tilt) * far;
  return [-Math.sin(look.tilt) * far, flat * Math.sin(look.round), flat * Math.cos(look.round)];
}

/**
 * A point of the book as graphics have it: along the spine, through the book and out of the spine go as thumb and fingers of a left hand,
 * theirs as those of a right one. Without this a book would be its own picture in a looking-glass, and open on the wrong side.
 */
export function inSpace([along, through, out]: readonly [number, number, number]): [number, number, number] {
  return [along, -through, out];
}

/** How far an eye of that angle is, to see all of a ball. */
export function distance(radius: number, fieldDegrees: number, wide: number, high: number): number {
  const half = (fieldDegrees / 2) * (Math.PI / 180);
  const narrow = wide < high ? Math.atan(Math.tan(half) * (wide / high)) : half;
  return radius / Math.sin(narrow);
}
