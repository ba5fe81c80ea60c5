import { requireWithin } from '../bounds';
import { absoluteZeroC } from '../units';
import type { Source } from '../working';

/**
 * Coefficients of the saturation line of ordinary water, IAPWS SR1-86(1992);
 * Wagner and Pruss, J. Phys. Chem. Ref. Data 22 (1993) 783, equations 1 to 3.
 */
const criticalK = 647.096;
const criticalPa = 22.064e6;
const criticalDensity = 322;
const pressureTerms: readonly [number, number][] = [
  [-7.85951783, 1],
  [1.84408259, 1.5],
  [-11.7866497, 3],
  [22.6807411, 3.5],
  [-15.9618719, 4],
  [1.80122502, 7.5],
];
const liquidTerms: readonly [number, number][] = [
  [1.99274064, 1 / 3],
  [1.09965342, 2 / 3],
  [-0.510839303, 5 / 3],
  [-1.75493479, 16 / 3],
  [-45.5170352, 43 / 3],
  [-6.7469445e5, 110 / 3],
];
const vapourTerms: readonly [number, number][] = [
  [-2.0315024, 2 / 6],
  [-2.6830294, 4 / 6],
  [-5.38626492, 8 / 6],
  [-17.2991605, 18 / 6],
  [-44.7586581, 37 / 6],
  [-63.9201063, 71 / 6],
];

export const latentHeatSource: Source = {
  kind: 'standard',
  text: 'IAPWS SR1-86(1992), saturation properties of ordinary water, through the Clapeyron equation',
};

const sum = (terms: readonly [number, number][], tau: number) =>
  terms.reduce((total, [factor, power]) => total + factor * tau ** power, 0);

/** Highest temperature for which the kitchen asks, °C; the equations reach the critical point. */
const highestC = 370;

/**
 * Latent heat of evaporation of water in kJ/kg at a temperature in °C:
 * L = T · dp/dT · (1/ρ″ − 1/ρ′), with p, ρ′ and ρ″ on the saturation line.
 *
 * @throws RefusedValue outside 0 to 370 °C
 * @example latentHeat(100) // 2256.5
 */
export function latentHeat(temperatureC: number): number {
  requireWithin('temperatureC', temperatureC, 0, highestC, '°C');
  const kelvin = temperatureC - absoluteZeroC;
  const tau = 1 - kelvin / criticalK;
  const exponent = sum(pressureTerms, tau);
  const slope = pressureTerms.reduce((total, [a, power]) => total + a * power * tau ** (power - 1), 0);
  const pressurePa = criticalPa * Math.exp((criticalK / kelvin) * exponent);
  const pressureSlope = (-pressurePa / kelvin) * ((criticalK / kelvin) * exponent + slope);
  const liquidDensity = criticalDensity * (1 + sum(liquidTerms, tau));
  const vapourDensity = criticalDensity * Math.exp(sum(vapourTerms, tau));
  return (kelvin * pressureSlope * (1 / vapourDensity - 1 / liquidDensity)) / 1000;
}

let table: Float64Array | null = null;

/** The same from a table of whole degrees with straight lines between: within 0.002 kJ/kg, for simulations. */
export function tabulatedLatentHeat(temperatureC: number): number {
  if (!(temperatureC >= 0 && temperatureC <= highestC)) return latentHeat(temperatureC);
  table ??= Float64Array.from({ length: highestC + 2 }, (_, celsius) =>
    latentHeat(Math.min(celsius, highestC)),
  );
  const below = Math.floor(temperatureC);
  return table[below]! + (temperatureC - below) * (table[below + 1]! - table[below]!);
}
