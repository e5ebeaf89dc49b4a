import type { BookDocument, CoveringView, ThingView } from '../../api/client';
import { useThings } from '../../api/drawers';
import { SelectField } from '../../ui/choices';

export type Stuff = CoveringView['stuffs'][number];
type Stock = BookDocument['covering']['stocks'][number];

/** What lies in the drawers that pieces of a cover may be cut from. */
export function useStuffs(): ThingView[] {
  return [useThings('BOARDS'), useThings('COVERS'), useThings('PAPERS')].flatMap((drawer) => drawer?.things ?? []);
}

/** These sheets with this stuff cut from the thing; from nothing in particular where there is none. */
export function withStuff(stocks: Stock[], stuff: Stuff, thing: ThingView | undefined): Stock[] {
  const others = stocks.filter((one) => one.stuff !== stuff.stuff);
  const { widthMm, heightMm, grain, colour } = thing?.sheet ?? {};
  return thing && widthMm && heightMm && grain
    ? [...others, { stuff: stuff.stuff, name: thing.name, widthMm, heightMm, grain, colour, drawerId: thing.id }]
    : others;
}

interface Props {
  stuff: Stuff;
  stocks: Stock[];
  things: ThingView[];
  /** Said where it is cut from nothing in particular. */
  unset: string;
  choose: (thing: ThingView | undefined) => void;
}

/** Which sheet of the drawers a stuff of a cover is cut from. */
export function StuffFrom({ stuff, stocks, things, unset, choose }: Props) {
  const chosen = stocks.find((one) => one.stuff === stuff.stuff);
  const fitting = things.filter((thing) => thing.sheet?.stuffs.includes(stuff.stuff));
  const lying = fitting.some((thing) => thing.id === chosen?.drawerId);
  const away = chosen && !lying ? [{ value: 'away', label: `${chosen.name}, not in the drawer` }] : [];
  return (
    <SelectField
      label={`${stuff.words[0]?.toUpperCase()}${stuff.words.slice(1)} from`}
      value={chosen ? (lying ? (chosen.drawerId ?? 'away') : 'away') : ''}
      options={[
        { value: '', label: unset },
        ...away,
        ...fitting.map((thing) => ({ value: thing.id, label: thing.name })),
      ]}
      choose={(id) => {
        const thing = fitting.find((one) => one.id === id);
        if (thing?.sheet || id === '') {
          choose(thing);
        }
      }}
    />
  );
}
