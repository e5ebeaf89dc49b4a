import type { ThingView } from '../../api/client';

/** By what things are put in order: their name, how thick they are, or something that is known of them. */
export interface Order {
  by: string;
  /** Whether the last comes first. */
  turned: boolean;
}

export const BY_NAME = 'name';
export const BY_THICKNESS = 'thickness';

const words = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

function compare(by: string, one: ThingView, other: ThingView): number {
  if (by === BY_NAME) {
    return words.compare(one.name, other.name);
  }
  const [a, b] = [one.numbers[by], other.numbers[by]];
  return a !== undefined && b !== undefined ? a - b : words.compare(one.cells[by]?.mm ?? '', other.cells[by]?.mm ?? '');
}

const known = (by: string, thing: ThingView) =>
  by === BY_NAME || thing.numbers[by] !== undefined || thing.cells[by] !== undefined;

/** Things in that order; what is not known of comes last, whichever way round. */
export function ordered(things: readonly ThingView[], { by, turned }: Order): ThingView[] {
  return [...things].sort((one, other) => {
    const unknown = Number(!known(by, one)) - Number(!known(by, other));
    return unknown || compare(by, one, other) * (turned ? -1 : 1) || words.compare(one.name, other.name);
  });
}

/** The same order, turned round where it is asked for again. */
export function asked(order: Order, by: string): Order {
  return { by, turned: order.by === by && !order.turned };
}

/** The things of which anything that is shown holds the text. */
export function holding(things: readonly ThingView[], text: string): readonly ThingView[] {
  const wanted = text.trim().toLowerCase();
  return wanted === ''
    ? things
    : things.filter((thing) =>
        [thing.name, ...Object.values(thing.cells).map((cell) => cell.mm)].some((shown) =>
          shown.toLowerCase().includes(wanted),
        ),
      );
}
