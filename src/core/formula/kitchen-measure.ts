import { RefusedValue, requireWithin } from '../bounds';
import { itemCalled, packed, type BulkDensity } from '../ingredients';
import type { Source } from '../working';

export const measureSource: Source = {
  kind: 'standard',
  text: 'US customary volumes (NIST Handbook 44, appendix C: cup 236.588 ml, fluid ounce 29.5735 ml); pound 453.59237 g; metric cup 250 ml by common practice',
};

/** Units of mass, g. */
const masses: Readonly<Record<string, number>> = {
  g: 1,
  kg: 1000,
  mg: 0.001,
  oz: 28.349523125,
  lb: 453.59237,
};
/** Units of volume that are the same everywhere, ml. */
const volumes: Readonly<Record<string, number>> = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  floz: 29.5735295625,
  pint: 473.176473,
  quart: 946.352946,
  'pint-uk': 568.26125,
  'floz-uk': 28.4130625,
};

export const usCupMl = 236.5882365;
export const usTablespoonMl = 14.78676478125;

const otherNames: Readonly<Record<string, string>> = {
  cups: 'cup',
  c: 'cup',
  tbsp: 'tablespoon',
  tablespoons: 'tablespoon',
  tsp: 'teaspoon',
  teaspoons: 'teaspoon',
  gram: 'g',
  grams: 'g',
  kilogram: 'kg',
  millilitre: 'ml',
  millilitres: 'ml',
  milliliter: 'ml',
  litre: 'l',
  liter: 'l',
  litres: 'l',
  liters: 'l',
  ounce: 'oz',
  ounces: 'oz',
  pound: 'lb',
  pounds: 'lb',
  lbs: 'lb',
  'fl oz': 'floz',
  'fluid ounce': 'floz',
  pints: 'pint',
};

export const measureUnits = [
  'cup',
  'tablespoon',
  'teaspoon',
  ...Object.keys(volumes),
  ...Object.keys(masses),
] as const;

/** The unit a word means, or undefined. */
export function unitCalled(word: string): string | undefined {
  const text = word.trim().toLowerCase().replace(/\.$/, '');
  const unit = otherNames[text] ?? text;
  return (measureUnits as readonly string[]).includes(unit) ? unit : undefined;
}

export interface Spoons {
  cupMl?: number;
  tablespoonMl?: number;
}

export interface Measured {
  amount: number;
  low: number;
  high: number;
  /** The density that was used; null where none was needed. */
  density: (BulkDensity & { name: string; pressed: boolean }) | null;
}

/**
 * A kitchen amount in another unit. Between mass and volume the ingredient's bulk density decides, with its range;
 * a teaspoon is a third of a tablespoon of 15 ml or less, else 5 ml (a 20 ml tablespoon holds four).
 *
 * @param cupMl 200 to 300: 236.6 US, 250 metric
 * @param tablespoonMl 12 to 20: 14.8 US, 15 metric, 20 Australian
 * @throws RefusedValue for an unknown unit or ingredient, or mass against volume with no ingredient
 */
export function kitchenMeasure(
  amount: number,
  from: string,
  to: string,
  ingredient: string | undefined,
  { cupMl = usCupMl, tablespoonMl = usTablespoonMl }: Spoons = {},
): Measured {
  requireWithin('amount', amount, 0, 1e9);
  requireWithin('cupMl', cupMl, 200, 300, 'ml');
  requireWithin('tablespoonMl', tablespoonMl, 12, 20, 'ml');
  const spoons = {
    cup: cupMl,
    tablespoon: tablespoonMl,
    teaspoon: tablespoonMl <= 15 ? tablespoonMl / 3 : 5,
  };
  const millilitres: Record<string, number> = { ...volumes, ...spoons };
  const sides = [from, to].map((word, i) => {
    const unit = unitCalled(word);
    if (unit === undefined)
      throw new RefusedValue(i === 0 ? 'from' : 'to', word, `one of ${measureUnits.join(', ')}`);
    return { volume: millilitres[unit], mass: masses[unit] };
  });
  const [source, target] = [sides[0]!, sides[1]!];
  const sourceSize = source.mass ?? source.volume!;
  const targetSize = target.mass ?? target.volume!;
  if ((source.mass === undefined) === (target.mass === undefined)) {
    const same = (amount * sourceSize) / targetSize;
    return { amount: same, low: same, high: same, density: null };
  }
  const item = ingredient === undefined ? undefined : itemCalled(ingredient);
  if (!item?.density) {
    throw new RefusedValue(
      'ingredient',
      ingredient,
      'an ingredient whose density is known, such as flour, sugar, butter',
    );
  }
  const pressed = /\bpacked\b/i.test(ingredient ?? '');
  const density = {
    ...(pressed ? packed(item.density) : item.density),
    name: pressed ? `${item.name}, packed` : item.name,
    pressed,
  };
  const convert = (gPerMl: number) =>
    source.mass === undefined
      ? (amount * sourceSize * gPerMl) / targetSize
      : (amount * sourceSize) / gPerMl / targetSize;
  const [one, two] = [convert(density.low), convert(density.high)];
  return { amount: convert(density.gPerMl), low: Math.min(one, two), high: Math.max(one, two), density };
}
