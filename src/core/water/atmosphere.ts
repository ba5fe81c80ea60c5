import { requireWithin } from '../bounds';
import type { Source } from '../working';

/** Constants of the International Standard Atmosphere, ISO 2533:1975, table 1 and clause 2. */
const seaLevelPressureKPa = 101.325;
const seaLevelTemperatureK = 288.15;
const lapseRateKPerM = 0.0065;
const standardGravity = 9.80665;
const gasConstantOfAir = 287.05287;
const exponent = standardGravity / (gasConstantOfAir * lapseRateKPerM);

/** Altitudes the troposphere of the standard covers and this program accepts, m (geopotential). */
export const altitudeRangeM = { low: -500, high: 11000 } as const;

export const standardAtmosphereSource: Source = {
  kind: 'standard',
  text: 'ISO 2533:1975, Standard Atmosphere, troposphere (0 m: 101.325 kPa; 2000 m: 79.495 kPa)',
};

/**
 * Air pressure in kPa at an altitude in metres, in the International Standard Atmosphere (ISO 2533).
 *
 * @throws RefusedValue outside −500 to 11 000 m
 * @example pressureAtAltitude(2000) // 79.495
 */
export function pressureAtAltitude(altitudeM: number): number {
  requireWithin('altitudeM', altitudeM, altitudeRangeM.low, altitudeRangeM.high, 'm');
  return seaLevelPressureKPa * (1 - (lapseRateKPerM * altitudeM) / seaLevelTemperatureK) ** exponent;
}

/** The altitude in metres at which the standard atmosphere has a pressure in kPa: the inverse of the above. */
export function altitudeOfPressure(pressureKPa: number): number {
  const [high, low] = [pressureAtAltitude(altitudeRangeM.low), pressureAtAltitude(altitudeRangeM.high)];
  requireWithin('pressureKPa', pressureKPa, low, high, 'kPa');
  return (
    (seaLevelTemperatureK / lapseRateKPerM) * (1 - (pressureKPa / seaLevelPressureKPa) ** (1 / exponent))
  );
}
