/** Units an amount may be typed in. Spoons are level metric ones: 15 ml and 5 ml. */
export const amountUnits = ['g', 'kg', 'ml', 'l', 'tsp', 'tbsp', 'each'] as const;
export type AmountUnit = (typeof amountUnits)[number];

const gramsPer: Partial<Record<AmountUnit, number>> = { g: 1, kg: 1000 };
const millilitresPer: Partial<Record<AmountUnit, number>> = { ml: 1, l: 1000, tsp: 5, tbsp: 15 };

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
