/** A part of a text: a fraction of an inch, or what stands round it. */
export interface TextPart {
  text: string;
  fraction: boolean;
}

/** A rule is divided so, and no finer. */
const FINEST = 64;

/** Whether these are fractions as a rule has them; the count of a thread, 30/3 or 18/4, is none. */
function isOnRule(above: number, below: number): boolean {
  return above > 0 && above < below && below <= FINEST && Number.isInteger(Math.log2(below));
}

/** A text parted at the fractions of an inch in it. */
export function fractionParts(text: string): TextPart[] {
  return text
    .split(/((?<![\d/])\d+\/\d+(?![\d/]))/)
    .map((part, i) => {
      const [above, below] = i % 2 === 1 ? part.split('/').map(Number) : [0, 0];
      return { text: part, fraction: isOnRule(above ?? 0, below ?? 0) };
    })
    .filter((part) => part.text !== '');
}
