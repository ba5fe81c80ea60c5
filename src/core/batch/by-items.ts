import { amountInGrams, isSolution, timesLevel } from '../formula';
import type { IngredientItem } from '../ingredients';
import type { Ingredient } from '../practical';
import { smallPanJPerK, type SyrupBatch } from '../sugar';

/** What of an item of the ingredients table the mass and the syrup of a batch follow from. */
export type ItemFacts = Pick<IngredientItem, 'density' | 'pieceG' | 'syrupShare' | 'origin' | 'waterPercent'>;

/** Finds what is known of an ingredient, in the whole table or in what was taken out of it. */
export type ItemOf = (ingredient: Pick<Ingredient, 'item' | 'name'>) => ItemFacts | undefined;

/** Mass of an ingredient in grams, as far as its density or its piece is known; else null. */
export function gramsBy(itemOf: ItemOf, ingredient: Ingredient): number | null {
  const item = isSolution(ingredient.name) ? undefined : itemOf(ingredient);
  const { amount, unit, fill } = ingredient;
  const packed = fill === 'packed' && unit !== 'ml' && unit !== 'l';
  const density = packed ? item?.density?.high : item?.density?.gPerMl;
  const grams = amountInGrams(amount, unit, density ?? null, item?.pieceG ?? null);
  return grams === null ? null : grams * timesLevel(fill, unit);
}

/** Specific heat of fat and milk solids, J/g·K (Choi and Okos, rounded). */
const dryJPerGK = 2;

/** The sugar and water of one batch as a pan of syrup, or null when there is no boiling syrup in it. */
export function syrupBy(
  itemOf: ItemOf,
  formula: readonly Ingredient[],
  localBoilingC: number,
): SyrupBatch | null {
  let [solidsG, waterG, dryG] = [0, 0, 0];
  for (const ingredient of formula) {
    const item = itemOf(ingredient);
    const grams = gramsBy(itemOf, ingredient);
    if (!item || grams === null || isSolution(ingredient.name)) continue;
    if (item.syrupShare !== null) {
      solidsG += grams * item.syrupShare;
      waterG += grams * (1 - item.syrupShare);
    } else if (item.origin === 'dairy' && item.waterPercent !== null) {
      // Milk, cream and butter boil with the sugar: their water leaves too, fat and protein are only warmed.
      waterG += (grams * item.waterPercent) / 100;
      dryG += (grams * (100 - item.waterPercent)) / 100;
    }
  }
  if (!(solidsG > 0 && waterG > 0)) return null;
  return { solidsG, waterG, localBoilingC, panJPerK: smallPanJPerK + dryJPerGK * dryG };
}
