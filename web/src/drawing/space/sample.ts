import type { Space } from './model';

/** Two signatures of one sheet of 0.2 mm, 100 mm high and 60 wide, three holes each, one stitch along the first; for tests. */
export function sample(): Space {
  const sheet = (signature: number, y: number) => ({
    part: 'SHEET' as const,
    signature,
    paper: 0,
    fromMm: 0,
    toMm: 100,
    thickMm: 0.2,
    across: [y - 0.3, -60, y - 0.3, -30, y - 0.3, -0.5, y, -0.1, y + 0.3, -0.5, y + 0.3, -30, y + 0.3, -60],
    turn: 3,
    cuts: [],
  });
  return {
    heightMm: 100,
    widthMm: 60,
    signatures: 2,
    folded: true,
    backToBack: false,
    threadMm: 0.5,
    stuffs: [],
    profiles: [
      sheet(1, 0),
      sheet(2, 1),
      {
        part: 'SOFT_COVER',
        signature: 0,
        paper: 0,
        fromMm: -2,
        toMm: 102,
        thickMm: 0.4,
        across: [-0.6, -62, -0.6, 0.2, 0.5, 0.2, 1.6, 0.2, 1.6, -62],
        turn: 2,
        cuts: [],
      },
    ],
    holes: [1, 2].flatMap((signature) =>
      [20, 50, 80].map((x, i) => ({
        signature,
        station: i + 1,
        ends: [x, signature - 1, 0, x, signature - 1, -0.2],
        wideMm: 1,
      })),
    ),
    thread: [
      { step: 1, points: [50, 0, -0.45, 50, 0, 0.25] },
      { step: 2, points: [50, 0, 0.25, 20, 0, 0.25, 20, 0, -0.45] },
      { step: 3, points: [20, 0, -0.45, 80, 0, -0.45, 80, 0, 0.25] },
    ],
  };
}
