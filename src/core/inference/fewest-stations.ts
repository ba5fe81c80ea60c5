/** More stations a level than this are not named: no school has them. */
const mostStations = 24;

/** The fewest stations a level, from 2, of which the procedure tells what there is often enough; null above `mostStations`. */
export function fewestStations(power: number, powerOf: (stations: number) => number): number | null {
  if (powerOf(mostStations) < power) return null;
  let [low, high] = [1, mostStations];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (powerOf(middle) < power) low = middle;
    else high = middle;
  }
  return high;
}
