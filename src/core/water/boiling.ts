import { requireWithin } from '../bounds';
import { absoluteZeroC } from '../units';
import { altitudeOfPressure, pressureAtAltitude } from './atmosphere';
import { saturationPressureMPa, saturationTemperatureK } from './saturation';

/**
 * Boiling point of water in °C at a pressure in kPa.
 *
 * @throws RefusedValue outside 0.7 kPa to 22 064 kPa
 */
export function boilingAtPressure(pressureKPa: number): number {
  requireWithin('pressureKPa', pressureKPa, 0.7, 22064, 'kPa');
  return saturationTemperatureK(pressureKPa / 1000) + absoluteZeroC;
}

/** Boiling point of water in °C at an altitude in metres, in the standard atmosphere. */
export function boilingAtAltitude(altitudeM: number): number {
  return boilingAtPressure(pressureAtAltitude(altitudeM));
}

/** Boiling point of water at 101.325 kPa, °C: what "sea level" means here. 99.97, not 100.00. */
export const seaLevelBoilingC = boilingAtAltitude(0);

/** Boiling points a school can really have, °C: from a mountain pass to a deep valley in high pressure. */
export const measuredBoilingRangeC = { low: 80, high: 102 } as const;

/** The altitude in metres whose standard atmosphere makes water boil at `boilingC`. */
export function altitudeOfBoiling(boilingC: number): number {
  return altitudeOfPressure(saturationPressureMPa(boilingC - absoluteZeroC) * 1000);
}
