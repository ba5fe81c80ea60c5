import { amountInGrams, pantryItemFor } from '../formula';
import { smallPanJPerK, type SyrupBatch } from '../sugar';
import type { Ingredient, Plan } from './plan';

/** Mass of an ingredient in grams, as far as the pantry knows its density; else null. */
export function ingredientGrams(ingredient: Ingredient): number | null {
  const item = pantryItemFor(ingredient.name);
  return amountInGrams(ingredient.amount, ingredient.unit, item?.gramsPerMl ?? null, item?.gramsEach ?? null);
}

/** The sugar and water of one batch as a pan of syrup, or null when the formula has no boiling syrup in it. */
export function syrupOfFormula(plan: Plan, localBoilingC: number): SyrupBatch | null {
  let [solidsG, waterG] = [0, 0];
  for (const ingredient of plan.formula) {
    const share = pantryItemFor(ingredient.name)?.sugarShare;
    const grams = ingredientGrams(ingredient);
    if (share === undefined || grams === null) continue;
    solidsG += grams * share;
    waterG += grams * (1 - share);
  }
  return solidsG > 0 && waterG > 0 ? { solidsG, waterG, localBoilingC, panJPerK: smallPanJPerK } : null;
}
