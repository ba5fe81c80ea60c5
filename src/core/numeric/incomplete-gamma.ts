import { logGamma } from './log-gamma';

/**
 * Upper regularised incomplete gamma function Q(a, x), from which chi-square follows: the series below a + 1, the
 * continued fraction above (NIST Digital Library of Mathematical Functions, 8.11.4 and 8.9.2).
 *
 * @param a above 0
 * @param x from 0
 */
export function incompleteGammaUpper(a: number, x: number): number {
  if (x <= 0) return 1;
  const front = Math.exp(a * Math.log(x) - x - logGamma(a));
  if (x < a + 1) {
    let term = 1 / a;
    let sum = term;
    for (let n = 1; n < 10_000 && term > sum * 1e-17; n += 1) {
      term *= x / (a + n);
      sum += term;
    }
    return Math.max(0, 1 - front * sum);
  }
  let b = x + 1 - a;
  let c = 1e300;
  let d = 1 / b;
  let fraction = d;
  for (let i = 1; i <= 10_000; i += 1) {
    const term = -i * (i - a);
    b += 2;
    d = 1 / (term * d + b);
    c = b + term / c;
    const step = c * d;
    fraction *= step;
    if (Math.abs(step - 1) < 1e-15) break;
  }
  return front * fraction;
}
