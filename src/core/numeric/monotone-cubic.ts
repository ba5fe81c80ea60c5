/** A smooth curve through points that rises where they rise and falls where they fall. */
export interface MonotoneCurve {
  /** Value at x; outside the points, the end value. */
  at(x: number): number;
  /** First derivative at x; outside the points, 0. */
  slopeAt(x: number): number;
}

/**
 * Monotone cubic Hermite interpolation (Fritsch and Carlson, SIAM J. Numer. Anal. 17 (1980) 238, with the
 * harmonic-mean slopes of Fritsch and Butland, 1984).
 *
 * @param xs strictly increasing, at least two
 * @param ys as many as xs
 */
export function monotoneCurve(xs: readonly number[], ys: readonly number[]): MonotoneCurve {
  const last = xs.length - 1;
  const steps = xs.slice(1).map((x, i) => x - xs[i]!);
  const chords = steps.map((step, i) => (ys[i + 1]! - ys[i]!) / step);
  const slopes = xs.map((_, i) => {
    if (i === 0) return endSlope(chords[0]!, chords[1], steps[0]!, steps[1]);
    if (i === last) return endSlope(chords[last - 1]!, chords[last - 2], steps[last - 1]!, steps[last - 2]);
    const [left, right] = [chords[i - 1]!, chords[i]!];
    if (left * right <= 0) return 0;
    const [wl, wr] = [2 * steps[i]! + steps[i - 1]!, steps[i]! + 2 * steps[i - 1]!];
    return (wl + wr) / (wl / left + wr / right);
  });

  const pieceOf = (x: number) => {
    let [low, high] = [0, last];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (xs[middle]! <= x) low = middle;
      else high = middle;
    }
    return low;
  };

  return {
    at(x) {
      if (x <= xs[0]!) return ys[0]!;
      if (x >= xs[last]!) return ys[last]!;
      const i = pieceOf(x);
      const h = steps[i]!;
      const t = (x - xs[i]!) / h;
      const u = 1 - t;
      return (
        ys[i]! * u * u * (1 + 2 * t) +
        slopes[i]! * h * t * u * u +
        ys[i + 1]! * t * t * (3 - 2 * t) -
        slopes[i + 1]! * h * t * t * u
      );
    },
    slopeAt(x) {
      if (x < xs[0]! || x > xs[last]!) return 0;
      const i = pieceOf(x);
      const h = steps[i]!;
      const t = (x - xs[i]!) / h;
      return (
        (6 * t * (t - 1) * (ys[i]! - ys[i + 1]!)) / h +
        slopes[i]! * (1 - t) * (1 - 3 * t) +
        slopes[i + 1]! * t * (3 * t - 2)
      );
    },
  };
}

/** One-sided three-point slope at an end, held between 0 and three times the end chord. */
function endSlope(near: number, next: number | undefined, nearStep: number, nextStep: number | undefined) {
  if (next === undefined || nextStep === undefined) return near;
  const slope = ((2 * nearStep + nextStep) * near - nearStep * next) / (nearStep + nextStep);
  if (slope * near <= 0) return 0;
  return near * next <= 0 && Math.abs(slope) > 3 * Math.abs(near) ? 3 * near : slope;
}
