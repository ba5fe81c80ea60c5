/**
 * Units an amount may be typed in. Spoons are level metric ones, 15 ml and 5 ml, a cup is 250 ml, a pinch a sixteenth of
 * a teaspoon (common practice).
 */
export const amountUnits = ['g', 'kg', 'ml', 'l', 'tsp', 'tbsp', 'cup', 'pinch', 'each'] as const;
export type AmountUnit = (typeof amountUnits)[number];

const gramsPer: Partial<Record<AmountUnit, number>> = { g: 1, kg: 1000 };
const millilitresPer: Partial<Record<AmountUnit, number>> = {
  ml: 1,
  l: 1000,
  tsp: 5,
  tbsp: 15,
  cup: 250,
  pinch: 5 / 16,
};

/**
 * Mass of an amount in grams, or null where it cannot be told: a volume needs a bulk density, a count a mass each.
 *
 * @param gramsPerMl bulk density of the ingredient
 * @param gramsEach mass of one piece
 */
export function amountInGrams(
  amount: number | null,
  unit: AmountUnit,
  gramsPerMl: number | null,
  gramsEach: number | null,
): number | null {
  if (amount === null) return null;
  const grams = gramsPer[unit];
  if (grams !== undefined) return amount * grams;
  const millilitres = millilitresPer[unit];
  if (millilitres !== undefined) return gramsPerMl === null ? null : amount * millilitres * gramsPerMl;
  return gramsEach === null ? null : amount * gramsEach;
}

export const fills = ['level', 'heaped', 'scant', 'packed'] as const;
type Fill = (typeof fills)[number];

/**
 * How much more or less than a level spoon or cup a filling holds: a heaped spoon about one and three quarters, a heaped
 * cup a fifth more, a scant one a tenth less (common practice; nobody should dose soda so). Packed is another density.
 */
export function timesLevel(fill: Fill | null, unit: AmountUnit): number {
  if (fill === 'heaped') return unit === 'cup' ? 1.2 : unit === 'tsp' || unit === 'tbsp' ? 1.75 : 1;
  return fill === 'scant' && (unit === 'cup' || unit === 'tsp' || unit === 'tbsp') ? 0.9 : 1;
}

/** “Sucrose solution 10 %” is not sucrose: what it weighs and how much is in it no table says. */
export const isSolution = (name: string): boolean => /\bsolutions?\b/i.test(name);
