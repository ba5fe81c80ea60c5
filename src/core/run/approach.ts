import { medianOf } from '../numeric';
import type { Medium } from '../practical';

/**
 * Whether a target is reached by heating, however late the first reading came: no syrup above the boil gets there by
 * cooling. Of other food the first three readings tell, by their middle: one wild one turns nothing round.
 */
export function reachedByHeating(
  medium: Medium | null,
  boilingC: number,
  targetC: number,
  celsius: ArrayLike<number>,
): boolean {
  if (medium === 'syrup' && targetC > boilingC) return true;
  return (
    celsius.length === 0 ||
    targetC >= medianOf(Array.from({ length: Math.min(3, celsius.length) }, (_, i) => celsius[i]!))
  );
}
