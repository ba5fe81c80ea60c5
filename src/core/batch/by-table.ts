import { ingredientItems, likelyItem, usedIn } from '../ingredients';
import type { Ingredient, Plan, StationIngredient, Step } from '../practical';
import { gramsBy, syrupBy, type ItemFacts } from './by-items';
import { keyOf, type BatchFacts } from './facts';

/** Which of the ingredients table an ingredient is: the one that was chosen, else the one its name most likely means. */
export const itemOf = ({ item, name }: Pick<Ingredient, 'item' | 'name'>) =>
  (item === null ? undefined : ingredientItems.find((one) => one.id === item)) ?? likelyItem(name);

/** Mass of an ingredient in grams, as far as the ingredients table knows its density or its piece; else null. */
export const ingredientGrams = (ingredient: Ingredient) => gramsBy(itemOf, ingredient);

/** The sugar and water of one batch as a pan of syrup, or null when there is no boiling syrup in it. */
export const syrupOfFormula = (formula: readonly Ingredient[], localBoilingC: number) =>
  syrupBy(itemOf, formula, localBoilingC);

/** Ids of what a step uses of a batch: what it says, else what its words name. */
export const usesOf = (
  step: Pick<Step, 'uses' | 'text'>,
  batch: readonly Pick<Ingredient, 'id' | 'name'>[],
) => (step.uses.length > 0 ? step.uses : batchUsed(step.text, batch));

function batchUsed(text: string, batch: readonly Pick<Ingredient, 'id' | 'name'>[]): string[] {
  const used = usedIn(
    text,
    batch.map(({ name }) => name),
  );
  return batch.filter((_, i) => used[i]).map(({ id }) => id);
}

/** What a step uses of a station’s batch. */
function ingredientsOfStep(
  step: Pick<Step, 'uses' | 'text'>,
  ingredients: readonly StationIngredient[],
): StationIngredient[] {
  const used = usesOf(
    step,
    ingredients.map((one) => ({ id: one.id, name: one.insteadOf ?? one.name })),
  );
  return ingredients.filter((one) => used.includes(one.id));
}

/** What the computation asks of the ingredients table, where the table is at hand. */
export const batchTables = { gramsOf: ingredientGrams, syrupOf: syrupOfFormula, usedIn: ingredientsOfStep };

/** What the ingredients table knows of a plan’s batch and of what its levels put in instead. */
export function batchFacts(plan: Plan): BatchFacts {
  const swapped = plan.factors.flatMap(({ acts, levels }) =>
    acts.on === 'swap' ? levels.map(({ words }) => ({ item: null, name: words.trim() })) : [],
  );
  const known = new Map<string, ItemFacts>();
  for (const one of [...plan.formula, ...swapped]) {
    const item = itemOf(one);
    if (!item) continue;
    const { density, pieceG, syrupShare, origin, waterPercent } = item;
    known.set(keyOf(one), { density, pieceG, syrupShare, origin, waterPercent });
  }
  return {
    items: [...known].map(([key, facts]) => ({ key, ...facts })),
    uses: plan.steps.map((step) => ({ stepId: step.id, ingredientIds: usesOf(step, plan.formula) })),
  };
}
