// Holds each style sheet to its room: a rule must name a class that only its room's components wear, so that it reaches into no other;
// a class of the ground rooms (ui, drawing, app) is styled there alone. Prints what breaks this and ends with 1.
import { readFileSync } from 'node:fs';
import { dirname, relative } from 'node:path';
import { files, SRC } from './sources.mjs';

const GROUND = ['ui', 'drawing', 'app'];

/** What stands in the strings of an expression, from its opening brace or quote; a hole in a template is a NUL. Answers where it ends, too. */
function strings(text, from) {
  let said = '';
  let at = from;
  if (text[at] === "'" || text[at] === '"') {
    const end = text.indexOf(text[at], at + 1);
    return { said: ` ${text.slice(at + 1, end)} `, end: end + 1 };
  }
  if (text[at] === '`') {
    said += ' ';
    let inside = '';
    for (at++; text[at] !== '`'; ) {
      if (text.startsWith('${', at)) {
        const hole = strings(text, at + 1);
        said += '\0';
        inside += hole.said;
        at = hole.end;
      } else {
        said += text[at++];
      }
    }
    return { said: `${said} ${inside}`, end: at + 1 };
  }
  for (at++; text[at] !== '}'; ) {
    if ('\'"`{'.includes(text[at])) {
      const part = strings(text, at);
      said += part.said;
      at = part.end;
    } else {
      at++;
    }
  }
  return { said, end: at + 1 };
}

/** The classes that a component wears; one that ends in a hyphen stands for all that begin so. */
function worn(text) {
  const words = [...text.matchAll(/className=/g)].flatMap(({ index }) =>
    strings(text, index + 'className='.length).said.split(/\s+/),
  );
  return new Set(words.map((word) => word.split('\0')[0]).filter(Boolean));
}

const components = files(SRC)
  .filter((path) => path.endsWith('.tsx') && !path.includes('.test.'))
  .map((path) => ({ path: relative(SRC, path), text: readFileSync(path, 'utf8') }))
  .map((file) => ({ ...file, worn: worn(file.text) }));

function wearers(name) {
  const wear = components.filter(({ worn }) => worn.has(name) || [...worn].some((word) => word.endsWith('-') && name.startsWith(word)));
  // a class that is worked out elsewhere in the component
  return wear.length > 0 ? wear : components.filter(({ text }) => new RegExp(`['"\`\\s]${name}['"\`\\s]`).test(text));
}

/** A stage's own component stands beside its folder. */
function belongs(file, room) {
  const stage = room.match(/^(features\/book\/stage)\/(\w+)$/);
  return (
    file.path.startsWith(`${room}/`) ||
    (stage !== null && file.path.toLowerCase() === `${stage[1]}/${stage[2]}stage.tsx`) ||
    (stage !== null && stage[2] === 'sew' && file.path === `${stage[1]}/StepSheets.tsx`)
  );
}

const faults = [];
for (const path of files(SRC).filter((file) => file.endsWith('.css') && !file.endsWith('tokens.css'))) {
  const room = relative(SRC, dirname(path));
  const text = readFileSync(path, 'utf8').replace(/\/\*.*?\*\//gs, '');
  for (const [, selectors] of text.matchAll(/([^{}@]+)\{[^{}]*\}/g)) {
    for (const selector of selectors.split(/,(?![^(]*\))/)) {
      const names = [...selector.matchAll(/\.([a-zA-Z][\w-]*)/g)].map((match) => match[1]).filter((name) => !name.startsWith('ant-'));
      const at = `${relative(SRC, path)}: “${selector.trim().replace(/\s+/g, ' ')}”`;
      const unworn = names.find((name) => wearers(name).length === 0);
      if (names.length === 0) {
        faults.push(`${at} names no class: it reaches into every room`);
      } else if (unworn) {
        faults.push(`${at}: nobody wears .${unworn}`);
      } else if (!GROUND.includes(room) && !names.some((name) => wearers(name).every((file) => belongs(file, room)))) {
        const others = [...new Set(names.flatMap((name) => wearers(name).filter((file) => !belongs(file, room)).map((file) => file.path)))];
        faults.push(`${at} is worn outside ${room}: ${others.join(', ')}`);
      }
    }
  }
}
faults.forEach((fault) => console.error(fault));
process.exit(faults.length > 0 ? 1 : 0);
