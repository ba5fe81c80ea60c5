import { sentenceUses } from '../ingredients';
import type { StationIngredient, Step } from '../practical';

/** What a step uses of a station’s batch: what it says, else what its words name. */
export function ingredientsOfStep(
  step: Pick<Step, 'uses' | 'text'>,
  ingredients: readonly StationIngredient[],
): StationIngredient[] {
  if (step.uses.length > 0) return ingredients.filter((one) => step.uses.includes(one.id));
  return ingredients.filter((one) => sentenceUses(step.text, one.insteadOf ?? one.name));
}
