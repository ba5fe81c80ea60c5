import { fahrenheitFromCelsius } from '../units';

/** A number as it is printed: true minus sign, no trailing noise of floating point. */
export function formatNumber(value: number, decimals?: number): string {
  const text = decimals === undefined ? String(Number(value.toPrecision(12))) : value.toFixed(decimals);
  return text.replace(/^-0(\.0*)?$/, (zero) => zero.slice(1)).replace('-', '−');
}

/** A temperature in °C, or in °F where the class reads that, with its unit. */
export function formatTemperature(celsius: number, unit: 'C' | 'F' = 'C', decimals = 1): string {
  const value = unit === 'C' ? celsius : fahrenheitFromCelsius(celsius);
  return `${formatNumber(value, decimals)} °${unit}`;
}

/** Decimals that show `step` and no more: 0.1 → 1, 0.05 → 2, 5 → 0. */
export function decimalsOf(step: number): number {
  return Math.max(0, Math.min(6, -Math.floor(Math.log10(step) + 1e-9)));
}

/** A value with the digits that its standard error deserves: one more than the error's first (common practice). */
export function decimalsForError(standardError: number): number {
  if (!(standardError > 0)) return 3;
  return Math.max(0, Math.min(6, 1 - Math.floor(Math.log10(standardError))));
}

/** A number with the digits that tell something: four significant, at most three after the point, more for tiny ones. */
export function formatSignificant(value: number): string {
  const magnitude = value === 0 ? 0 : Math.floor(Math.log10(Math.abs(value)));
  if (magnitude < -3 || magnitude > 8)
    return value
      .toPrecision(3)
      .replace('-', '−')
      .replace(/e([+−-]?)(\d+)$/, ' × 10^$1$2')
      .replace('^+', '^')
      .replace('^-', '^−');
  return formatNumber(value, Math.max(0, Math.min(3, 3 - magnitude)));
}
