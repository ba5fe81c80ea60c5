import { RefusedValue, requireWithin } from '../bounds';
import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../units';
import type { Source } from '../working';

export interface GasMark {
  mark: number;
  /** What the dial of an electric oven is set to for it, °C. */
  celsius: number;
  fahrenheit: number;
  words: string;
}

export const ovenSource: Source = {
  kind: 'common-practice',
  text: 'Gas marks by their definition, °F = 250 + 25 × mark from mark 1 up, and the °C that cookery books print for them',
};

/** From gas 1 up the definition is 25 °F a mark; the °C are those of cookery books. */
export const gasMarks: readonly GasMark[] = [
  { mark: 0.25, celsius: 110, fahrenheit: 225, words: 'very cool' },
  { mark: 0.5, celsius: 120, fahrenheit: 250, words: 'very cool' },
  { mark: 1, celsius: 140, fahrenheit: 275, words: 'cool' },
  { mark: 2, celsius: 150, fahrenheit: 300, words: 'cool' },
  { mark: 3, celsius: 170, fahrenheit: 325, words: 'warm' },
  { mark: 4, celsius: 180, fahrenheit: 350, words: 'moderate' },
  { mark: 5, celsius: 190, fahrenheit: 375, words: 'moderately hot' },
  { mark: 6, celsius: 200, fahrenheit: 400, words: 'fairly hot' },
  { mark: 7, celsius: 220, fahrenheit: 425, words: 'hot' },
  { mark: 8, celsius: 230, fahrenheit: 450, words: 'very hot' },
  { mark: 9, celsius: 240, fahrenheit: 475, words: 'very hot' },
];

export const ovenScales = ['C', 'F', 'fanC', 'gas'] as const;
export type OvenScale = (typeof ovenScales)[number];

export interface OvenSetting {
  conventionalC: number;
  conventionalF: number;
  fanC: number;
  /** The nearest mark; null where an oven has none. */
  gasMark: number | null;
}

/** How much lower a fan oven is set, °C (common practice). */
export const usualFanOffsetC = 20;

/**
 * An oven setting on every scale. A gas mark gives the °C and °F printed for it; °C and °F convert exactly into each
 * other, and to the mark whose °C is nearest.
 *
 * @throws RefusedValue for a mark that no oven has, or a temperature outside 50 to 300 °C
 */
export function ovenSetting(value: number, from: OvenScale, fanOffsetC = usualFanOffsetC): OvenSetting {
  requireWithin('fanOffsetC', fanOffsetC, 0, 40, '°C');
  if (from === 'gas') {
    const mark = gasMarks.find((one) => one.mark === value);
    if (!mark)
      throw new RefusedValue('value', value, `a gas mark: ${gasMarks.map((one) => one.mark).join(', ')}`);
    return {
      conventionalC: mark.celsius,
      conventionalF: mark.fahrenheit,
      fanC: mark.celsius - fanOffsetC,
      gasMark: mark.mark,
    };
  }
  const celsius = from === 'C' ? value : from === 'F' ? celsiusFromFahrenheit(value) : value + fanOffsetC;
  const limits = { C: [50, 300], F: [122, 572], fanC: [50 - fanOffsetC, 300 - fanOffsetC] }[from];
  requireWithin('value', value, limits[0]!, limits[1]!, from === 'F' ? '°F' : '°C');
  return {
    conventionalC: celsius,
    conventionalF: fahrenheitFromCelsius(celsius),
    fanC: celsius - fanOffsetC,
    gasMark: nearestMark(celsius),
  };
}

/** The mark whose °C is nearest, within 12 °C. */
function nearestMark(celsius: number): number | null {
  const nearest = gasMarks.reduce((best, one) =>
    Math.abs(one.celsius - celsius) < Math.abs(best.celsius - celsius) ? one : best,
  );
  return Math.abs(nearest.celsius - celsius) <= 12 ? nearest.mark : null;
}
