import { RefusedValue } from '../bounds';
import { quantileOfSorted } from '../numeric';
import { studentT } from './distributions';
import { meanOf } from './mean';

export interface Description {
  n: number;
  mean: number;
  /** Sample standard deviation (n − 1). */
  sd: number;
  /** Standard error of the mean. */
  sem: number;
  /** 95 % interval of the mean, by Student's t. */
  ci95: [low: number, high: number];
  median: number;
  q1: number;
  q3: number;
}

/**
 * Describes a sample: n, mean, SD, SEM, t interval, median and quartiles (type 7).
 *
 * @param values at least two finite numbers
 * @param field what the values are called in an error
 * @throws RefusedValue naming the field
 */
export function describeSample(values: readonly number[], field = 'values'): Description {
  requireSample(field, values, 2);
  const n = values.length;
  const mean = meanOf(values);
  const deviations = values.map((value) => value - mean);
  const squares = deviations.reduce((total, d) => total + d * d, 0);
  const residue = deviations.reduce((total, d) => total + d, 0);
  const sd = Math.sqrt(Math.max(0, squares - (residue * residue) / n) / (n - 1));
  const sem = sd / Math.sqrt(n);
  const half = studentT(n - 1) * sem;
  const sorted = [...values].sort((a, b) => a - b);
  return {
    n,
    mean,
    sd,
    sem,
    ci95: [mean - half, mean + half],
    median: quantileOfSorted(sorted, 0.5),
    q1: quantileOfSorted(sorted, 0.25),
    q3: quantileOfSorted(sorted, 0.75),
  };
}

/** @throws RefusedValue unless `values` holds at least `least` numbers, each finite and within ±1e60 */
export function requireSample(field: string, values: readonly number[], least: number): void {
  if (values.length < least) throw new RefusedValue(field, values, `at least ${least} numbers`);
  for (let i = 0; i < values.length; i += 1) {
    // Also false for what is no number.
    if (!(Math.abs(values[i]!) <= 1e60)) {
      throw new RefusedValue(`${field}[${i}]`, values[i], 'a finite number within ±1e60');
    }
  }
}
