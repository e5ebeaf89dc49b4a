const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

const DAY_MS = 86_400_000;

/** A day, by its number since 1970, as month and year. */
export function month(day: number) {
  const date = new Date(day * DAY_MS);
  return `${MONTHS[date.getUTCMonth()]} ${date.getUTCFullYear()}`;
}

/** The first days of months between two days: as many months apart that there are no more than so many. */
export function months(first: number, last: number, most: number) {
  const begin = new Date(first * DAY_MS);
  const from = begin.getUTCFullYear() * 12 + begin.getUTCMonth() + 1;
  const day = (number: number) => Date.UTC(Math.floor(number / 12), number % 12, 1) / DAY_MS;
  const all: number[] = [];
  for (let number = from; day(number) <= last; number++) {
    all.push(number);
  }
  const every = (step: number) => all.filter((number) => number % step === 0);
  const step = [1, 2, 3, 6, 12].find((one) => every(one).length <= most);
  return every(step ?? 12 * Math.ceil(all.length / 12 / most)).map(day);
}

/** A number with as many places as all of them need. */
export function alike(number: number, all: readonly { value: number }[]) {
  const places = all.map(({ value }) => (String(Number(value.toFixed(6))).split('.')[1] ?? '').length);
  return number.toFixed(Math.max(...places));
}
