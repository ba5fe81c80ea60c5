/**
 * Sample quantile by linear interpolation between order statistics (Hyndman and Fan, 1996, type 7;
 * the default of R and of spreadsheets).
 *
 * @param sorted ascending, not empty
 * @param share 0 to 1
 */
export function quantileOfSorted(sorted: ArrayLike<number>, share: number): number {
  const position = (sorted.length - 1) * share;
  const below = Math.floor(position);
  const low = sorted[below]!;
  const high = sorted[Math.min(below + 1, sorted.length - 1)]!;
  return low + (position - below) * (high - low);
}

/** The median of values in any order; they are not empty. */
export function medianOf(values: readonly number[]): number {
  return quantileOfSorted(Float64Array.from(values).sort(), 0.5);
}
