import type { DaysDocument } from '../../api/client';

type StepSent = DaysDocument['steps'][number];
export type StepAdded = DaysDocument['added'][number];

/** What may be said of a step; nothing of a part is null. */
export interface StepSaid {
  leftOut?: boolean;
  minutes?: number | null;
  liesMinutes?: number | null;
  notBefore?: string | null;
}

/** The days with something else said of one step; where nothing is left to say, the step is not named any more. */
export function withStep(days: DaysDocument, key: string, change: StepSaid): DaysDocument {
  const before = days.steps.find((step) => step.key === key);
  const leftOut = change.leftOut ?? before?.leftOut ?? false;
  const minutes = (change.minutes === undefined ? before?.minutes : change.minutes) ?? null;
  const lies = (change.liesMinutes === undefined ? before?.liesMinutes : change.liesMinutes) ?? null;
  const notBefore = (change.notBefore === undefined ? before?.notBefore : change.notBefore) ?? null;
  const after: StepSent = {
    key,
    leftOut,
    ...(minutes === null ? {} : { minutes }),
    ...(lies === null ? {} : { liesMinutes: lies }),
    ...(notBefore === null ? {} : { notBefore }),
  };
  const says = leftOut || minutes !== null || lies !== null || notBefore !== null;
  return { ...days, steps: [...days.steps.filter((step) => step.key !== key), ...(says ? [after] : [])] };
}

/** The days with another day by which the book is wanted; nobody waits for it where that is null. */
export function withWanted(days: DaysDocument, wanted: string | null): DaysDocument {
  const { steps, added } = days;
  return wanted === null ? { steps, added } : { wanted, steps, added };
}

/** The days with a step more; its name is one that no other has. */
export function withAdded(days: DaysDocument, step: Omit<StepAdded, 'key'>): DaysDocument {
  const numbers = days.added.map((one) => Number(one.key.replace('own-', '')) || 0);
  return { ...days, added: [...days.added, { ...step, key: `own-${Math.max(0, ...numbers) + 1}` }] };
}

/** The days without a step of one's own. */
export function withoutAdded(days: DaysDocument, key: string): DaysDocument {
  return {
    ...days,
    steps: days.steps.filter((step) => step.key !== key),
    added: days.added.filter((step) => step.key !== key),
  };
}

/** The day so many days after one, both as 2026-12-24. */
export function daysAfter(day: string, number: number): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  return new Date(Date.UTC(year, month - 1, date + number)).toISOString().slice(0, 10);
}
