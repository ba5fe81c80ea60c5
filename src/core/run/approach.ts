import type { Plan } from '../practical';

/**
 * Whether a target is reached by heating, however late the first reading came: no syrup above the boil gets there by
 * cooling. Of other food the first reading tells.
 */
export function reachedByHeating(
  { thermometer }: Plan,
  boilingC: number,
  targetC: number,
  firstC: number,
): boolean {
  return targetC >= firstC || (thermometer.in === 'syrup' && targetC > boilingC);
}
