import { requireWithin } from '../bounds';
import type { Source } from '../working';

/** Coefficients n1…n10 of the saturation equation, IAPWS-IF97 (2007 revision), table 34. */
const n = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5, -0.32325550322333e7,
  0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6, -0.23855557567849, 0.65017534844798e3,
] as const;

/** Validity of region 4: from 273.15 K to the critical point. */
const lowestK = 273.15;
const criticalK = 647.096;
const lowestMPa = 0.000611212677;
const criticalMPa = 22.064;

export const saturationSource: Source = {
  kind: 'standard',
  text: 'IAPWS-IF97 (2007), region 4: saturation pressure and temperature of water',
};

/**
 * Saturation pressure of water in MPa at a temperature in kelvin, IAPWS-IF97 equation 30.
 *
 * @throws RefusedValue outside 273.15 to 647.096 K
 */
export function saturationPressureMPa(temperatureK: number): number {
  requireWithin('temperatureK', temperatureK, lowestK, criticalK, 'K');
  const theta = temperatureK + n[8] / (temperatureK - n[9]);
  const a = theta ** 2 + n[0] * theta + n[1];
  const b = n[2] * theta ** 2 + n[3] * theta + n[4];
  const c = n[5] * theta ** 2 + n[6] * theta + n[7];
  return ((2 * c) / (-b + Math.sqrt(b ** 2 - 4 * a * c))) ** 4;
}

/**
 * Saturation (boiling) temperature of water in kelvin at a pressure in MPa, IAPWS-IF97 equation 31.
 *
 * @throws RefusedValue outside 0.000611 to 22.064 MPa
 */
export function saturationTemperatureK(pressureMPa: number): number {
  requireWithin('pressureMPa', pressureMPa, lowestMPa, criticalMPa, 'MPa');
  const beta = pressureMPa ** 0.25;
  const e = beta ** 2 + n[2] * beta + n[5];
  const f = n[0] * beta ** 2 + n[3] * beta + n[6];
  const g = n[1] * beta ** 2 + n[4] * beta + n[7];
  const d = (2 * g) / (-f - Math.sqrt(f ** 2 - 4 * e * g));
  return (n[9] + d - Math.sqrt((n[9] + d) ** 2 - 4 * (n[8] + n[9] * d))) / 2;
}
