import type { DaysView } from '../../api/client';

type Day = DaysView['days'][number];

/** Hours at the bench are short and nights are long: they take this share of a day's width, so that work can be told apart. */
const BENCH_SHARE = 0.72;

/**
 * Where a time lies in the drawing, from 0 at its left edge to the number of days at its right.
 *
 * @param place days since the beginning of the first day
 */
export function across(days: readonly Day[], place: number): number {
  const index = Math.floor(place);
  if (index < 0) {
    return 0;
  }
  const day = days[index];
  if (!day) {
    return Math.min(place, days.length);
  }
  return index + within(day, place - index, index);
}

/** The same within one day: its hours are stretched, what lies between them is drawn together. */
function within(day: Day, time: number, index: number): number {
  const hours = day.hours.map((span) => ({ from: span.from - index, to: span.to - index }));
  const open = hours.reduce((sum, span) => sum + span.to - span.from, 0);
  if (open === 0 || open >= BENCH_SHARE) {
    return time;
  }
  const before = hours.reduce((sum, span) => sum + Math.max(0, Math.min(time, span.to) - span.from), 0);
  return (before / open) * BENCH_SHARE + ((time - before) / (1 - open)) * (1 - BENCH_SHARE);
}

/** How the names of days stand above their strips: in one line, weekday above date, or only those that weeks begin with. */
export type Naming = 'line' | 'above' | 'weeks';

/** Of more days than this the month is not said each time. */
export const MONTHLESS = 16;

/** Widths that a name needs, px: with its month, without, and a weekday alone. */
const LINE = 78;
const SHORT_LINE = 52;
const ABOVE = 30;

/** How days are named where all of them have that much room, px. */
export function naming(days: number, width: number): Naming {
  const each = width / days;
  return each >= (days > MONTHLESS ? SHORT_LINE : LINE) ? 'line' : each >= ABOVE ? 'above' : 'weeks';
}

/** Which days are named where only weeks are: Mondays that have room, and the first day where the next Monday leaves it some. */
export function weeksNamed(days: readonly Pick<Day, 'name'>[], width: number): ReadonlySet<number> {
  const apart = Math.ceil((SHORT_LINE * days.length) / Math.max(1, width));
  const mondays = days.flatMap((day, i) => (day.name.startsWith('Mon') ? [i] : []));
  const named = new Set<number>((mondays[0] ?? Infinity) >= apart ? [0] : []);
  let last = -Infinity;
  for (const monday of mondays) {
    if (monday - last >= apart && days.length - monday >= apart) {
      named.add(monday);
      last = monday;
    }
  }
  return named;
}
