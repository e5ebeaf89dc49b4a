/** How far a class is: the move that is shown, and how many moves each who sits there has done. */
export interface Front {
  step: number;
  turned: boolean;
  done: number[];
}

/** A class of so many that begins. */
export function beginning(people: number): Front {
  return { step: 0, turned: false, done: Array.from({ length: people }, () => 0) };
}

/** What was kept of it, for as many as now come, within as many moves as there now are; a beginning where nothing fits. */
export function restored(text: string | null, people: number, moves: number): Front {
  const fresh = beginning(people);
  try {
    const kept = JSON.parse(text ?? '') as Partial<Front>;
    const whole = (number: unknown) => (Number.isInteger(number) ? Math.max(0, Math.min(Number(number), moves)) : 0);
    return {
      step: whole(kept.step),
      turned: kept.turned === true,
      done: fresh.done.map((_, i) => whole(Array.isArray(kept.done) ? kept.done[i] : 0)),
    };
  } catch {
    return fresh;
  }
}

/** Somebody, from 0, has done the move that is shown, or has not after all. */
export function ticked(front: Front, person: number): Front {
  const through = front.done[person]! > front.step;
  return {
    ...front,
    done: front.done.map((done, i) => (i === person ? (through ? front.step : front.step + 1) : done)),
  };
}

/** How many are through the move that is shown. */
export function through(front: Front): number {
  return front.done.filter((done) => done > front.step).length;
}

/** Back to the move of whoever is farthest behind. */
export function backToLast(front: Front): Front {
  return { ...front, step: Math.min(front.step, ...front.done) };
}
