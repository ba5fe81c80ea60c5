import { readFileSync } from 'node:fs';

/** A hundredth of a second, the unit of /proc/stat. */
const tickMs = 10;

/**
 * How long the machine has been without each of its processors because whoever lends it was using them, ms since it began
 * (“steal” of /proc/stat); empty where the system does not say.
 */
export function stolenMs(): number[] {
  try {
    const lines = readFileSync('/proc/stat', 'utf8').split('\n');
    return lines.flatMap((line) => {
      const [name = '', ...ticks] = line.split(/ +/);
      return /^cpu\d/.test(name) ? [Number(ticks[7]) * tickMs] : [];
    });
  } catch {
    return [];
  }
}

/** The most that one processor was away since, ms: so long whatever ran on it stood still. */
export const stolenSince = (before: readonly number[]): number =>
  Math.max(0, ...stolenMs().map((now, i) => now - (before[i] ?? now)));
