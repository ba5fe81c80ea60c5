/** Below this the power series keeps twelve digits; above it the asymptotic expansion does. */
const seriesLimit = 12;

/** Bessel function of the first kind, order 0 (NIST Digital Library of Mathematical Functions, 10.2.2 and 10.17.3). */
export function besselJ0(x: number): number {
  return Math.abs(x) < seriesLimit ? series(x, 0) : asymptotic(Math.abs(x), 0);
}

/** Bessel function of the first kind, order 1. */
export function besselJ1(x: number): number {
  if (Math.abs(x) < seriesLimit) return series(x, 1);
  return Math.sign(x) * asymptotic(Math.abs(x), 1);
}

function series(x: number, order: 0 | 1): number {
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let k = 1; Math.abs(term) > 1e-18 && k < 60; k += 1) {
    term *= -(x * x) / 4 / (k * (k + order));
    sum += term;
  }
  return sum;
}

function asymptotic(x: number, order: 0 | 1): number {
  const mu = 4 * order * order;
  let [p, q, term] = [1, 0, 1];
  let smallest = Infinity;
  for (let k = 1; k < 30; k += 1) {
    term *= (mu - (2 * k - 1) ** 2) / (k * 8 * x);
    // The expansion is asymptotic: it stops where its terms begin to grow.
    if (Math.abs(term) > smallest) break;
    smallest = Math.abs(term);
    if (k % 4 === 1) q += term;
    else if (k % 4 === 2) p -= term;
    else if (k % 4 === 3) q -= term;
    else p += term;
  }
  const phase = x - (order * Math.PI) / 2 - Math.PI / 4;
  return Math.sqrt(2 / (Math.PI * x)) * (p * Math.cos(phase) - q * Math.sin(phase));
}
