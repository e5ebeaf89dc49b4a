import { describe, expect, it } from 'vitest';
import { PerspectiveCamera, Vector3 } from 'three';
import { between, distance, eye, inSpace, nearer, turned, VIEWS, viewsOf, type Look } from './camera';
import { from, told } from './told';

describe('the eye', () => {
  it('looks at the spine from out of it, at the head from before it', () => {
    expect(eye(VIEWS.spine, 100).map(Math.round)).toEqual([-0, 0, 100]);
    expect(Math.round(eye(VIEWS.head, 100)[0])).toBe(-100);
    expect(Math.round(eye({ ...VIEWS.inside, tilt: 0 }, 100)[2])).toBe(-100);
  });

  it('never goes over the head', () => {
    expect(turned(VIEWS.head, 0, 1).tilt).toBeLessThan(Math.PI / 2);
    expect(turned(VIEWS.spine, 0, -9).tilt).toBeGreaterThan(-Math.PI / 2);
  });

  it('comes no nearer than makes sense', () => {
    expect(nearer(VIEWS.spine, 1000).near).toBe(12);
    expect(nearer(VIEWS.spine, 0.001).near).toBe(0.5);
  });

  it('goes the shorter way round', () => {
    const way = between({ round: 3, tilt: 0, near: 1 }, { round: -3, tilt: 0, near: 4 }, 0.5);
    expect(Math.cos(way.round)).toBeCloseTo(-1, 5);
    expect(way.near).toBeCloseTo(2, 6);
  });

  it('sees all of a ball, in a narrow window too', () => {
    const wide = distance(100, 30, 800, 400);
    expect(wide * Math.sin((15 * Math.PI) / 180)).toBeCloseTo(100, 6);
    expect(distance(100, 30, 300, 600)).toBeGreaterThan(wide);
  });
});

/** How far to the right a point of a book is seen, its middle in the middle and its head up. */
function toTheRight(look: Look, point: [number, number, number]): number {
  const camera = new PerspectiveCamera(30, 1, 1, 1000);
  camera.up.set(-1, 0, 0);
  camera.position.set(...inSpace(eye(look, 500)));
  camera.lookAt(0, 0, 0);
  camera.updateMatrixWorld();
  return new Vector3(...inSpace(point)).project(camera).x;
}

// common practice, no source: a book that is read from left to right
describe('a book', () => {
  it('has its spine on the left when its front is looked at', () => {
    expect(toTheRight(VIEWS.front, [0, 0, 20])).toBeLessThan(0);
    expect(toTheRight(VIEWS.back, [0, 0, 20])).toBeGreaterThan(0);
  });

  it('has what is read first on the left where it is opened', () => {
    expect(toTheRight(VIEWS.inside, [0, -20, 0])).toBeLessThan(0);
    expect(toTheRight(VIEWS.spine, [0, -20, 0])).toBeGreaterThan(0);
  });
});

describe('words for what is seen', () => {
  it('say from where', () => {
    expect(from(VIEWS.spine)).toBe('from the spine');
    expect(from(VIEWS.head)).toBe('from the head');
    expect(from(VIEWS.inside)).toBe('from the fore edge');
    expect(from({ ...VIEWS.spine, round: 2 * Math.PI - Math.PI / 2 })).toBe('from the front');
    expect(from({ ...VIEWS.spine, tilt: -1.4 })).toBe('from the tail');
  });

  it('say what is open, covered, cut and sewn', () => {
    expect(
      told(
        { look: VIEWS.spine, open: 3, cover: 'off', cut: 2 },
        { folded: true, backToBack: false, covered: true, sewn: 4, moves: 9 },
      ),
    ).toBe(
      'Seen from the spine, open inside signature 3, without its cover, cut through at station 2, 4 of 9 moves sewn',
    );
    expect(
      told(
        { look: VIEWS.spine, open: 0, cover: 'whole', cut: 0 },
        { folded: false, backToBack: false, covered: false, sewn: 9, moves: 9 },
      ),
    ).toBe('Seen from the spine, closed, sewn to the end');
  });

  it('is looked at from above where it lies open on the table', () => {
    const { usual, spine } = viewsOf({ backToBack: true });
    expect(eye(usual, 100)[1]).toBeGreaterThan(0);
    expect(eye(spine, 100)[1]).toBeCloseTo(-100, 6);
    expect(from(usual, true)).toBe('from above, the second section nearer');
    expect(from(spine, true)).toBe('from beneath');
  });
});
