import { requireWithin } from '../bounds';
import type { Source } from '../working';

export interface Starch {
  id: string;
  name: string;
  names: readonly string[];
  /** Gelatinisation range in plenty of water, °C. */
  onsetC: number;
  peakC: number;
  conclusionC: number;
  about: string;
}

export const starchSource: Source = {
  kind: 'from-memory',
  text: 'Handbook gelatinisation ranges by botanical source; fraction by a logistic that is 5 % at onset and 95 % at conclusion',
};

export const starches: readonly Starch[] = [
  {
    id: 'maize',
    name: 'maize (cornflour)',
    names: ['corn', 'cornflour', 'cornstarch', 'corn starch'],
    onsetC: 62,
    peakC: 67,
    conclusionC: 72,
    about: 'cloudy, short; cooks out at the boil',
  },
  {
    id: 'wheat',
    name: 'wheat',
    names: ['flour', 'wheat flour', 'plain flour'],
    onsetC: 58,
    peakC: 61,
    conclusionC: 64,
    about: 'opaque; as flour half as strong as pure starch',
  },
  {
    id: 'potato',
    name: 'potato',
    names: ['potato starch'],
    onsetC: 59,
    peakC: 63.5,
    conclusionC: 68,
    about: 'clear, very thick, thins when boiled or stirred',
  },
  {
    id: 'tapioca',
    name: 'tapioca (cassava)',
    names: ['cassava'],
    onsetC: 59,
    peakC: 64,
    conclusionC: 69,
    about: 'clear, stringy',
  },
  {
    id: 'rice',
    name: 'rice',
    names: ['rice flour'],
    onsetC: 68,
    peakC: 73,
    conclusionC: 78,
    about: 'smooth, late to set',
  },
];

/** The starch a word means, or undefined. */
export function starchCalled(word: string): Starch | undefined {
  const text = word.trim().toLowerCase();
  return starches.find((starch) => starch.id === text || starch.name === text || starch.names.includes(text));
}

/** Sugar in the water raises the range: about this much for each % (teaching value: 50 % raises it by some 17 °C). */
const perSugarPercentC = 0.35;

export interface Gelatinisation {
  fraction: number;
  onsetC: number;
  peakC: number;
  conclusionC: number;
}

/**
 * How much of a starch has gelatinised at a temperature, held there for a few minutes.
 *
 * @param sugarPercent sugar of the water phase, 0 to 65 % by mass
 */
export function gelatinised(starch: Starch, temperatureC: number, sugarPercent = 0): Gelatinisation {
  requireWithin('temperatureC', temperatureC, 0, 150, '°C');
  requireWithin('sugarPercent', sugarPercent, 0, 65, '%');
  const rise = perSugarPercentC * sugarPercent;
  const [onsetC, peakC, conclusionC] = [starch.onsetC + rise, starch.peakC + rise, starch.conclusionC + rise];
  const steepness = (2 * Math.log(19)) / (conclusionC - onsetC);
  const middle = (onsetC + conclusionC) / 2;
  return { fraction: 1 / (1 + Math.exp(-steepness * (temperatureC - middle))), onsetC, peakC, conclusionC };
}
