import { newPlan, type Plan } from '../../practical';
import { noDecisions, planFromRecipe, readRecipe, settled } from '..';

/** A plan of a pasted recipe, with some of it said otherwise. */
export function pasted(text: string, patch: Partial<Plan> = {}): Plan {
  const recipe = readRecipe(text);
  let id = 0;
  const plan = planFromRecipe(
    recipe,
    settled(recipe, noDecisions),
    text,
    newPlan('', null),
    () => `n${(id += 1)}`,
  );
  return { ...plan, ...patch };
}
