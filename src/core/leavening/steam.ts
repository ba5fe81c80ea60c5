import { requireWithin } from '../bounds';
import { waterMolarMass } from './atomic-weights';
import { gasVolumeL } from './carbon-dioxide';

/** Litres of vapour from water, all of it and none lost: an upper bound for what steam can raise. */
export function steamVolumeL(waterG: number, celsius: number, pressureKPa: number): number {
  requireWithin('waterG', waterG, 0, 100_000, 'g');
  requireWithin('temperatureC', celsius, 60, 300, '°C');
  return gasVolumeL(waterG / waterMolarMass, celsius, pressureKPa);
}
