import { RefusedValue } from './refused-value';

/**
 * Returns `value` if it is a finite number from `low` to `high`, both included.
 *
 * @throws RefusedValue naming `field` and the range, with `unit` after it
 */
export function requireWithin(field: string, value: number, low: number, high: number, unit = ''): number {
  if (typeof value !== 'number' || !Number.isFinite(value) || value < low || value > high) {
    throw new RefusedValue(field, value, `a number from ${low} to ${high}${unit && ` ${unit}`}`);
  }
  return value;
}
