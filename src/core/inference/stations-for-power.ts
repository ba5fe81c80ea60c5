/** More stations a level than this are not named: no school has them. */
const mostStations = 24;

/** So little short of the share asked for is the share asked for. */
const hardlyShort = 0.02;

/**
 * About how many stations a level it takes until the procedure tells what there is in this share of classes, from 2; null
 * above `mostStations`.
 */
export function stationsForPower(share: number, powerOf: (stations: number) => number): number | null {
  let [low, high] = [1, mostStations];
  let below = 0;
  if (powerOf(high) < share) return null;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    const power = powerOf(middle);
    if (power < share) [low, below] = [middle, power];
    else high = middle;
  }
  return below > share - hardlyShort ? low : high;
}

/** The smallest effect, in spreads, that is told in this share of classes. */
export function effectForPower(share: number, powerOf: (effect: number) => number): number {
  let [low, high] = [0, 1];
  while (powerOf(high) < share) [low, high] = [high, 2 * high];
  while (high - low > 0.005 * high) {
    const middle = (low + high) / 2;
    if (powerOf(middle) < share) low = middle;
    else high = middle;
  }
  return high;
}
