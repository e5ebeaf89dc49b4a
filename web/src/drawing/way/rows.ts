/**
 * Which of some rows are numbered beside them: the one in hand, the first and the last, every fifth, and what has room besides.
 *
 * @param places where each row lies
 * @param now the number of the one in hand, from 1
 * @param least so far from each other numbers stand at least, in the unit of the places
 * @returns their numbers
 */
export function numbered(places: readonly number[], now: number, least: number): ReadonlySet<number> {
  const all = places.map((_, i) => i + 1);
  const wanted = [now, 1, all.length, ...all.filter((row) => row % 5 === 0), ...all];
  const told = new Set<number>();
  for (const row of wanted) {
    const place = places[row - 1];
    if (place !== undefined && [...told].every((other) => Math.abs(place - places[other - 1]!) >= least)) {
      told.add(row);
    }
  }
  return told;
}
