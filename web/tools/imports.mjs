// Holds each module to its place: from the ground up, and no feature another. Prints what breaks this and ends with 1.
import { readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { files, SRC } from './sources.mjs';

/** What may import what: each what stands before it. */
const ORDER = ['browser', 'units', 'api', 'state', 'ui', 'drawing', 'features', 'app'];

function refused(from, to) {
  const [place, room] = from.split('/');
  const [other, otherRoom] = to.split('/');
  if (!ORDER.includes(place) || !ORDER.includes(other)) {
    return false;
  }
  return ORDER.indexOf(other) > ORDER.indexOf(place) || (place === 'features' && other === 'features' && room !== otherRoom);
}

const faults = [];
for (const path of files(SRC).filter((file) => /\.tsx?$/.test(file))) {
  for (const [, named] of readFileSync(path, 'utf8').matchAll(/(?:\bfrom|\bimport|\bimport\(|\bmock\()\s*['"](\.[^'"]*)['"]/g)) {
    const from = relative(SRC, path);
    const to = relative(SRC, join(dirname(path), named));
    if (refused(from, to)) {
      faults.push(`${from} may not import ${to}`);
    }
  }
}
faults.forEach((fault) => console.error(fault));
process.exit(faults.length > 0 ? 1 : 0);
