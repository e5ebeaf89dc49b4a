// The pages' own files, for what looks through all of them.
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

export const SRC = new URL('../src', import.meta.url).pathname;

export function files(folder) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? files(path) : [path];
  });
}
