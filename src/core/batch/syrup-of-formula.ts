import { amountInGrams } from '../formula';
import { likelyItem } from '../ingredients';
import type { Ingredient, Plan } from '../practical';
import { smallPanJPerK, type SyrupBatch } from '../sugar';

/** Mass of an ingredient in grams, as far as the ingredients table knows its density or its piece; else null. */
export function ingredientGrams(ingredient: Ingredient): number | null {
  const item = likelyItem(ingredient.name);
  return amountInGrams(
    ingredient.amount,
    ingredient.unit,
    item?.density?.gPerMl ?? null,
    item?.pieceG ?? null,
  );
}

/** Specific heat of fat and milk solids, J/g·K (Choi and Okos, rounded). */
const dryJPerGK = 2;

/** The sugar and water of one batch as a pan of syrup, or null when the formula has no boiling syrup in it. */
export function syrupOfFormula(plan: Plan, localBoilingC: number): SyrupBatch | null {
  let [solidsG, waterG, dryG] = [0, 0, 0];
  for (const ingredient of plan.formula) {
    const item = likelyItem(ingredient.name);
    const grams = ingredientGrams(ingredient);
    if (!item || grams === null) continue;
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
