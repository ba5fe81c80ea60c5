import { logGamma } from './log-gamma';

/** The continued fraction is taken until its factors are 1 to this. */
const tolerance = 1e-15;
const tiny = 1e-300;

/**
 * Regularised incomplete beta function I_x(a, b), from which Student's t, F and the binomial follow: continued fraction
 * by Lentz's method (NIST Digital Library of Mathematical Functions, 8.17.22), mirrored where that converges faster.
 *
 * @param x 0 to 1
 * @param a above 0
 * @param b above 0
 */
export function incompleteBeta(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  if (x > (a + 1) / (a + b + 2)) return 1 - incompleteBeta(1 - x, b, a);
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x));
  let c = 1;
  let d = 1 - ((a + b) * x) / (a + 1);
  d = 1 / (Math.abs(d) < tiny ? tiny : d);
  let fraction = d;
  for (let m = 1; m <= 10_000; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    let step = 1;
    for (const term of [even, odd]) {
      d = 1 + term * d;
      d = 1 / (Math.abs(d) < tiny ? tiny : d);
      c = 1 + term / c;
      if (Math.abs(c) < tiny) c = tiny;
      step = c * d;
      fraction *= step;
    }
    if (Math.abs(step - 1) < tolerance) break;
  }
  return (front * fraction) / a;
}
