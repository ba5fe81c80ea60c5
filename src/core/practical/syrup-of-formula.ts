import { amountInGrams, densityCalled, pantryItemFor } from '../formula';
import { smallPanJPerK, type SyrupBatch } from '../sugar';
import type { Ingredient, Plan } from './plan';

/** Mass of an ingredient in grams, as far as the pantry knows its density; else null. */
export function ingredientGrams(ingredient: Ingredient): number | null {
  const item = pantryItemFor(ingredient.name);
  // The shelf's density first, so that the plan and the shelf say the same grams.
  const gramsPerMl = densityCalled(ingredient.name)?.gPerMl ?? item?.gramsPerMl ?? null;
  return amountInGrams(ingredient.amount, ingredient.unit, gramsPerMl, item?.gramsEach ?? null);
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
