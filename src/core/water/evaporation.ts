import { requireWithin } from '../bounds';
import { latentHeat } from './latent-heat';

export interface EvaporationInputs {
  waterG: number;
  /** Power of the hob or element, W. */
  powerW: number;
  /** Share of that power which ends up as steam, above 0 to 1. */
  efficiency: number;
  /** Where the water boils, °C. */
  boilingC: number;
}

/**
 * Minutes to boil away a mass of water that is already boiling: t = m L(T) / (η P).
 *
 * @throws RefusedValue for a mass below 0 or over 100 kg, a power up to 0 or over 100 kW, an efficiency outside (0, 1]
 */
export function evaporationMinutes({ waterG, powerW, efficiency, boilingC }: EvaporationInputs): number {
  requireWithin('waterG', waterG, 0, 100_000, 'g');
  requireWithin('powerW', powerW, 1, 100_000, 'W');
  requireWithin('efficiency', efficiency, 0.01, 1);
  return (waterG * latentHeat(boilingC)) / (efficiency * powerW) / 60;
}
