import { amountInGrams, timesLevel } from '../../formula';
import type { GramsOf } from '../amounts';

/** What a millilitre or a piece weighs, g, of what these tests cook with (common practice). */
const kitchen: Readonly<Record<string, { perMl?: number; each?: number }>> = {
  water: { perMl: 1 },
  'caster sugar': { perMl: 0.9 },
  butter: { perMl: 0.96 },
  lard: { perMl: 0.9 },
  'sunflower oil': { perMl: 0.92 },
  eggs: { each: 50 },
};

/** Mass of an ingredient without the ingredients table. */
export const kitchenGrams: GramsOf = ({ name, amount, unit, fill }) => {
  const { perMl = null, each = null } = kitchen[name.toLowerCase()] ?? {};
  const grams = amountInGrams(amount, unit, perMl, each);
  return grams === null ? null : grams * timesLevel(fill, unit);
};
