import { requireWithin } from '../bounds';
import type { Source } from '../working';
import { eigenvalue } from './conduction-series';

export const sizeScalingSource: Source = {
  kind: 'handbook',
  text: 'First term of conduction: time ∝ L² / ζ₁²(Bi), between L (surface decides) and L² (inside decides)',
};

export interface ScaledTime {
  minutes: number;
  low: number;
  high: number;
}

/**
 * Baking time for another thickness of the same food in the same oven. With a Biot number (of the known size) by the
 * first term of the slab; without one the exponent is taken as 1.5, between its bounds 1 and 2.
 *
 * @param halfThickness known and new, mm
 */
export function scaledBakeTime(
  knownMinutes: number,
  knownHalfThicknessMm: number,
  newHalfThicknessMm: number,
  biot?: number,
): ScaledTime {
  requireWithin('knownMinutes', knownMinutes, 0.1, 1440, 'min');
  requireWithin('knownHalfThicknessMm', knownHalfThicknessMm, 0.5, 300, 'mm');
  requireWithin('newHalfThicknessMm', newHalfThicknessMm, 0.5, 300, 'mm');
  const ratio = newHalfThicknessMm / knownHalfThicknessMm;
  const [one, two] = [knownMinutes * ratio, knownMinutes * ratio ** 2];
  const [low, high] = [Math.min(one, two), Math.max(one, two)];
  if (biot === undefined) return { minutes: knownMinutes * ratio ** 1.5, low, high };
  requireWithin('biot', biot, 0.001, 1000);
  const zetas = eigenvalue('slab', biot, 1) ** 2 / eigenvalue('slab', biot * ratio, 1) ** 2;
  const minutes = knownMinutes * ratio ** 2 * zetas;
  return { minutes: Math.min(high, Math.max(low, minutes)), low, high };
}
