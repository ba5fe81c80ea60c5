import { usCupMl } from '../formula';
import { formatNumber } from '../format';
import { celsiusFromFahrenheit, fahrenheitFromCelsius, metresPerFoot } from '../units';

const ounce = 28.349523125;

/** A unit of the other world: what it is called, how a number becomes one of it, and with how many decimals it is said. */
function otherUnit(
  value: number,
  unit: string,
): { to: string; of(value: number): number; decimals: number } | null {
  switch (unit) {
    case '°C':
      return { to: '°F', of: fahrenheitFromCelsius, decimals: 0 };
    case '°F':
      return { to: '°C', of: celsiusFromFahrenheit, decimals: 0 };
    case 'g':
      return value >= 1000
        ? { to: 'lb', of: (grams) => grams / (16 * ounce), decimals: 2 }
        : { to: 'oz', of: (grams) => grams / ounce, decimals: value < 28 ? 2 : 1 };
    case 'ml':
      return { to: 'US cups', of: (ml) => ml / usCupMl, decimals: 2 };
    case 'L':
      return { to: 'US gal', of: (litres) => litres / 3.785411784, decimals: 2 };
    case 'mm':
      return { to: 'in', of: (mm) => mm / 25.4, decimals: 2 };
    case 'm':
      return { to: 'ft', of: (metres) => metres / metresPerFoot, decimals: 0 };
    default:
      return null;
  }
}

/** How a number of a table or a result, or a range, reads in the other unit world; null where there is none. */
export function otherWorld(value: number, unit: string, high?: number): string | null {
  const other = otherUnit(value, unit);
  if (!other) return null;
  const shown = [value, ...(high === undefined ? [] : [high])].map((one) =>
    formatNumber(other.of(one), other.decimals),
  );
  return `${shown.join(' to ')} ${other.to}`;
}
