/** More stations a level than this are not named: no school has them. */
const mostStations = 24;

/**
 * About how many stations a level it takes until the procedure tells what there is in this share of classes: of the two
 * numbers between which it lies the nearer one, from 2; null above `mostStations`.
 */
export function stationsForPower(share: number, powerOf: (stations: number) => number): number | null {
  let [low, high] = [1, mostStations];
  let [below, above] = [0, powerOf(high)];
  if (above < share) return null;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    const power = powerOf(middle);
    if (power < share) [low, below] = [middle, power];
    else [high, above] = [middle, power];
  }
  return share - below < above - share ? low : high;
}
