// @vitest-environment happy-dom
import { NodeIO } from '@gltf-transform/core';
import { Mesh, type BufferGeometry } from 'three';
import { describe, expect, it } from 'vitest';
import { glb } from './glb';
import { Model, type Colours } from './model';
import { sample } from './sample';

const COLOURS: Colours = {
  papers: ['#fff', '#eee'],
  cover: '#888',
  board: '#777',
  cloth: '#666',
  side: '#667',
  endpaper: '#676',
  tape: '#555',
  thread: '#00f',
  live: '#f00',
  hole: '#000',
  needle: '#444',
};

const model = () => new Model(sample(), COLOURS);

function part(of: Model, name: string): Mesh<BufferGeometry> {
  const found = of.group.getObjectByName(name);
  if (!(found instanceof Mesh)) {
    throw new Error(`No part is called ${name}`);
  }
  return found as Mesh<BufferGeometry>;
}

function reach(mesh: Mesh<BufferGeometry>, axis: 0 | 1 | 2): [number, number] {
  const values = Array.from(mesh.geometry.getAttribute('position').array).filter((_, i) => i % 3 === axis);
  return [Math.min(...values), Math.max(...values)];
}

describe('the model of a book', () => {
  it('has its sheets where the plan has them', () => {
    const paper = part(model(), 'paper 1');
    expect(reach(paper, 0)).toEqual([0, 100]);
    expect(reach(paper, 1)[0]).toBeCloseTo(-0.4, 5);
    expect(reach(paper, 1)[1]).toBeCloseTo(1.4, 5);
  });

  it('is as wide as two leaves when it is opened, and closed again as it was', () => {
    const book = model();
    book.open(1, 1);
    const [low, high] = reach(part(book, 'paper 1'), 1);
    expect(high - low).toBeGreaterThan(100);
    book.open(0, 0);
    expect(reach(part(book, 'paper 1'), 1)[1]).toBeCloseTo(1.4, 5);
  });

  it('shows the opening it goes to from another as if it were opened there at once', () => {
    const three = sample();
    const deep = [60, 18, 15, 12, 9, 6, 3, 0.5];
    // two sheets in each of three signatures: the innermost one is seen whole where it is opened, and nowhere else
    three.profiles = [1, 2, 3].flatMap((signature) =>
      [0.3, 0.6].map((off) => ({
        ...three.profiles[0]!,
        signature,
        across: [
          ...deep.flatMap((z) => [3 * signature - off, -z]),
          ...[3 * signature, -0.1],
          ...[...deep].reverse().flatMap((z) => [3 * signature + off, -z]),
        ],
        turn: deep.length,
      })),
    );
    const [book, fresh] = [new Model(three, COLOURS), new Model(three, COLOURS)];
    book.open(1, 1);
    book.open(2, 1);
    fresh.open(2, 1);
    const triangles = (of: Model) => Array.from(part(of, 'paper 1').geometry.index!.array);
    expect(triangles(book)).toEqual(triangles(fresh));
    expect(reach(part(book, 'paper 1'), 1)).toEqual(reach(part(fresh, 'paper 1'), 1));
  });

  it('has no more signatures than hands have, and their holes', () => {
    const book = model();
    const [whole, holes] = [reach(part(book, 'paper 1'), 1), part(book, 'holes').geometry.index!.array.length];
    book.held(1);
    expect(reach(part(book, 'paper 1'), 1)[1]).toBeLessThan(whole[1]);
    expect(part(book, 'holes').geometry.index!.array).toHaveLength(holes / 2);
    book.held(null);
    expect(reach(part(book, 'paper 1'), 1)).toEqual(whole);
  });

  it('shows the thread that is sewn, and the move in hand in a colour of its own', () => {
    const book = model();
    book.sew(2, 1);
    const sewn = part(book, 'thread').geometry.drawRange;
    const live = part(book, 'thread of this move').geometry.drawRange;
    expect(sewn.start + sewn.count).toBe(live.start);
    expect(live.count).toBeGreaterThan(0);
    book.sew(0, 1);
    expect(part(book, 'thread').geometry.drawRange.count).toBe(0);
  });

  it('has the needle at the end of the thread, and none when all is sewn', () => {
    const book = model();
    book.sew(1, 1);
    expect(part(book, 'needle').visible).toBe(true);
    expect(part(book, 'needle').position.x).toBeCloseTo(50, 5);
    book.sew(3, 1);
    expect(part(book, 'needle').visible).toBe(false);
  });

  it('tells what is pasted on from the page below it', () => {
    const pasted = sample();
    pasted.profiles.push({ ...pasted.profiles[0]!, part: 'PASTED', turn: -1 });
    const book = new Model(pasted, COLOURS);
    const lightest = (name: string) => Math.max(...part(book, name).geometry.getAttribute('color').array);
    expect(lightest('paper 1, pasted on')).toBeLessThan(lightest('paper 1'));
  });

  it('lets its cover be seen through and taken off', () => {
    const book = model();
    book.cover('off');
    expect(part(book, 'soft cover').visible).toBe(false);
    book.cover('whole');
    expect(part(book, 'soft cover').visible).toBe(true);
  });

  it('takes a loose wrapper off before its cover', () => {
    const wrapped = sample();
    wrapped.profiles.push({ ...wrapped.profiles[2]!, part: 'WRAPPER' });
    const book = new Model(wrapped, COLOURS);
    book.cover('unwrapped');
    expect(part(book, 'wrapper').visible).toBe(false);
    expect(part(book, 'soft cover').visible).toBe(true);
    expect([book.wrapped, model().wrapped]).toEqual([true, false]);
  });

  it('ends where its corners are cut', () => {
    const cut = sample();
    const cover = cut.profiles[2]!;
    cover.cuts = cover.across.map((_, i) => (i < 2 ? 8 : 0));
    const positions = part(new Model(cut, COLOURS), 'soft cover').geometry.getAttribute('position').array;
    const reaches = (fore: boolean) =>
      Array.from({ length: positions.length / 3 }, (_, i) => [positions[3 * i]!, positions[3 * i + 2]!])
        .filter(([, z]) => (fore ? z! < -61 : z! > 0))
        .map(([x]) => x!);
    // the back keeps its corners, the front has lost 8 mm at head and tail
    expect(reaches(true).filter((x) => x === 6 || x === 94).length).toBeGreaterThan(0);
    expect([Math.min(...reaches(false)), Math.max(...reaches(false))]).toEqual([-2, 102]);
  });

  it('is read by another reader of the same format, in metres', async () => {
    const document = await new NodeIO().readBinary(new Uint8Array(await glb(model())));
    const names = document
      .getRoot()
      .listNodes()
      .map((node) => node.getName());
    expect(names).toContain('thread');
    expect(names).toContain('paper 1');
    const corners = document
      .getRoot()
      .listAccessors()
      .filter((one) => one.getType() === 'VEC3' && one.getMax([]).length === 3);
    expect(corners.length).toBeGreaterThan(3);
    const [root] = document.getRoot().listScenes()[0]!.listChildren();
    // turned from a left hand's axes to a right hand's
    const volume = root!.getScale().reduce((product, times) => product * times, 1);
    expect(1e9 * volume).toBeCloseTo(-1, 6);
  });

  it('draws signatures for sheets where many of them move on a slow machine, as thick as they are', () => {
    const many = sample();
    const [first] = many.profiles;
    // one after the other out of the fold, 0.2 mm thick
    many.profiles = Array.from({ length: 160 }, (_, i) => ({
      ...first!,
      signature: 1 + Math.floor(i / 80),
      across: first!.across.map((value, at) => (at % 2 === 0 ? value * (1 + (i % 80)) : value)),
    }));
    const book = new Model(many, COLOURS);
    const whole = part(book, 'paper 1');
    book.fine(false);
    const nests = part(book, 'paper 1, signatures');
    expect([whole.visible, nests.visible]).toEqual([false, true]);
    expect(nests.geometry.getAttribute('position').count).toBeLessThan(
      whole.geometry.getAttribute('position').count / 40,
    );
    book.open(1, 1);
    book.fine(true);
    expect([whole.visible, nests.visible]).toEqual([true, false]);
    expect(reach(whole, 1)[1]).toBeGreaterThan(50);
  });
});
