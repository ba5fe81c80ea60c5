import { medianOf } from '../numeric';
import type { Trace } from './trace';

/** The division readings seem to be taken to, °C: the coarsest of the usual ones that fits them all. */
export function divisionOfReadings(celsius: ArrayLike<number>): number {
  const usual = [5, 25 / 9, 2.5, 2, 10 / 9, 1, 5 / 9, 0.5, 0.2, 0.1];
  const n = celsius.length;
  for (const division of usual) {
    const offset =
      Math.abs(division - 25 / 9) < 1e-9 || Math.abs(division - 10 / 9) < 1e-9 || division === 5 / 9;
    let fits = true;
    for (let i = 0; i < n && fits; i += 1) {
      // °F divisions count from 0 °F, which is −17.8 °C.
      const at = (celsius[i]! + (offset ? 160 / 9 : 0)) / division;
      fits = Math.abs(at - Math.round(at)) < 1e-3;
    }
    if (fits) return division;
  }
  return 0;
}

/**
 * Standard deviation of single readings, °C: what they jump by from one to the next beyond a straight line (second
 * differences, their median so that wild ones do not count), and no less than the rounding to their division.
 *
 * @param leastC below which no school thermometer is believed
 */
export function readingSpreadC({ seconds, celsius }: Trace, leastC = 0.1): number {
  const n = celsius.length;
  const jumps: number[] = [];
  for (let i = 2; i < n; i += 1) {
    const [a, b] = [seconds[i - 1]! - seconds[i - 2]!, seconds[i]! - seconds[i - 1]!];
    if (a + b <= 0) continue;
    const expected = (celsius[i - 2]! * b + celsius[i]! * a) / (a + b);
    const scale = Math.sqrt(1 + (a * a + b * b) / (a + b) ** 2);
    jumps.push(Math.abs(celsius[i - 1]! - expected) / scale);
  }
  const seen = jumps.length < 4 ? 0 : Math.min(2, 1.4826 * medianOf(jumps));
  const rounding = divisionOfReadings(celsius) / Math.sqrt(12);
  return Math.max(leastC, Math.min(seen, 1), rounding);
}
