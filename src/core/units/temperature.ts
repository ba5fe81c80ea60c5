import { RefusedValue } from '../bounds';

/** C degrees Celsius, F degrees Fahrenheit, K kelvin. */
export type TemperatureUnit = 'C' | 'F' | 'K';

export const temperatureUnits: readonly TemperatureUnit[] = ['C', 'F', 'K'];

/** 0 K in °F: −273.15 × 9/5 + 32, which is exact in decimals and not in binary. */
const absoluteZeroF = -459.67;
/** 0 K in °C, by the definition of the Celsius scale (BIPM, SI Brochure, 9th edition). */
export const absoluteZeroC = -273.15;

export function fahrenheitFromCelsius(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}

export function celsiusFromFahrenheit(fahrenheit: number): number {
  return ((fahrenheit - 32) * 5) / 9;
}

/**
 * Converts a temperature between °C, °F and K (exact, by definition).
 *
 * @throws RefusedValue when `value` is not finite or lies below absolute zero
 */
export function convertTemperature(value: number, from: TemperatureUnit, to: TemperatureUnit): number {
  const lowest = { C: absoluteZeroC, F: absoluteZeroF, K: 0 }[from];
  if (!Number.isFinite(value) || value < lowest) {
    throw new RefusedValue('value', value, `a finite number, not below absolute zero (${lowest} ${from})`);
  }
  if (from === to) return value;
  const exact = from === 'C' ? value : from === 'F' ? celsiusFromFahrenheit(value) : value + absoluteZeroC;
  const celsius = Math.max(absoluteZeroC, exact);
  if (to === 'C') return celsius;
  return to === 'F' ? fahrenheitFromCelsius(celsius) : celsius - absoluteZeroC;
}
