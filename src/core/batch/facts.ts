import type { Ingredient, StationIngredient, Step } from '../practical';
import { gramsBy, syrupBy, type ItemFacts, type ItemOf } from './by-items';

/** What the ingredients table knows of one plan’s batch: it travels with a run, so that a bench needs no table. */
export interface BatchFacts {
  /** One of each chosen item or, where none was chosen, of each name; nothing for what is unknown. */
  items: readonly (ItemFacts & { key: string })[];
  uses: readonly { stepId: string; ingredientIds: readonly string[] }[];
}

/** Under what an ingredient is looked up. */
export const keyOf = ({ item, name }: Pick<Ingredient, 'item' | 'name'>) => `${item ?? ''}\n${name}`;

/** Answers from the facts of a batch what the ingredients table would answer. */
export function tablesOf(facts: BatchFacts) {
  const items = new Map(facts.items.map((one) => [one.key, one]));
  const uses = new Map(facts.uses.map((one) => [one.stepId, new Set(one.ingredientIds)]));
  const itemOf: ItemOf = (one) => items.get(keyOf(one));
  return {
    gramsOf: (ingredient: Ingredient) => gramsBy(itemOf, ingredient),
    syrupOf: (formula: readonly Ingredient[], boilingC: number) => syrupBy(itemOf, formula, boilingC),
    usedIn: (step: Pick<Step, 'id'>, ingredients: readonly StationIngredient[]) =>
      ingredients.filter((one) => uses.get(step.id)?.has(one.id)),
  };
}
