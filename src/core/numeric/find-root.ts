/**
 * The x between low and high where a rising function reaches `target`, by bisection to `tolerance`.
 * Where the function never reaches it, the nearer end.
 */
export function whereRisingReaches(
  target: number,
  rising: (x: number) => number,
  low: number,
  high: number,
  tolerance = 1e-9,
): number {
  while (high - low > tolerance) {
    const middle = (low + high) / 2;
    if (rising(middle) < target) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
