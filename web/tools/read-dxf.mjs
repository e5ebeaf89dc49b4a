// Reads a DXF file by a library from the registry, for the tests: prints a line for each thing in it, with its layer and its places in mm.
import { readFileSync } from 'node:fs';
import dxfParser from 'dxf-parser';

const Parser = dxfParser.default ?? dxfParser;
const drawing = new Parser().parseSync(readFileSync(process.argv[2], 'utf8'));
for (const one of drawing.entities) {
  const places = one.type === 'CIRCLE' ? [one.center] : (one.vertices ?? []);
  console.log([one.type, one.layer, ...places.flatMap((place) => [place.x, place.y]), one.radius ?? ''].join(' ').trim());
}
