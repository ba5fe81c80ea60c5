import { medianOf } from '../numeric';
import type { Trace } from './trace';

/** A step of the whole trace up or down, as when a thermometer is changed. */
export interface LevelShift {
  index: number;
  atS: number;
  byC: number;
}

/** Readings looked at on each side. */
const sideReadings = 12;
/** Smallest step told from noise: this many robust spreads, and never under half a degree. */
const spreads = 6;
const smallestC = 0.5;

/**
 * Finds steps: places where the readings before and after, each carried on by its own slope, miss each other by far
 * more than their spread. A real pan bends; it does not step.
 */
export function findLevelShifts(trace: Trace): LevelShift[] {
  const n = trace.seconds.length;
  const found: LevelShift[] = [];
  for (let i = sideReadings; i <= n - sideReadings; i += 1) {
    const before = side(trace, i - sideReadings, i);
    const after = side(trace, i, i + sideReadings);
    const middle = (trace.seconds[i - 1]! + trace.seconds[i]!) / 2;
    const byC = after.at(middle) - before.at(middle);
    const enough = Math.max(smallestC, spreads * Math.max(before.spread, after.spread, 0.05));
    if (Math.abs(byC) < enough) continue;
    const last = found.at(-1);
    const shift = { index: i, atS: trace.seconds[i]!, byC };
    if (last && i - last.index < sideReadings) {
      if (Math.abs(byC) > Math.abs(last.byC)) found[found.length - 1] = shift;
    } else found.push(shift);
  }
  return found;
}

function side(trace: Trace, from: number, to: number) {
  const slopes: number[] = [];
  for (let i = from; i < to; i += 1) {
    for (let j = i + 1; j < to; j += 1) {
      const dt = trace.seconds[j]! - trace.seconds[i]!;
      if (dt > 0) slopes.push((trace.celsius[j]! - trace.celsius[i]!) / dt);
    }
  }
  const slope = slopes.length > 0 ? medianOf(slopes) : 0;
  const levels: number[] = [];
  for (let i = from; i < to; i += 1) levels.push(trace.celsius[i]! - slope * trace.seconds[i]!);
  const level = medianOf(levels);
  const spread = 1.4826 * medianOf(levels.map((one) => Math.abs(one - level)));
  return { at: (s: number) => level + slope * s, spread };
}
