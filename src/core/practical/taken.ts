import { inSentence } from './levels';
import type { StationIngredient } from './amounts';
import type { StationPlan, StationStep } from './station-plan';
import { takenWords } from './station-words';

/** What a step takes of an ingredient of its station. */
export interface TakenNow {
  /** With as much of it as goes in now; its amount is null where nobody can tell. */
  ingredient: StationIngredient;
  words: string;
}

/** Names which ingredients of a batch a step uses. */
type UsedIn = (step: StationStep, ingredients: readonly StationIngredient[]) => StationIngredient[];

const nothing = 1e-6;

/**
 * What a step takes of its station’s batch: all of what it uses, or as much as is said. Of what is shared out between steps a
 * step that says nothing takes what is left, and one that finds nothing left takes nothing.
 */
export function takenNow(
  { steps, ingredients }: Pick<StationPlan, 'steps' | 'ingredients'>,
  step: StationStep,
  usedIn: UsedIn,
): TakenNow[] {
  const shared = new Set(steps.flatMap(({ takes }) => takes.map(({ ingredientId }) => ingredientId)));
  // What is left of each, as a share; null where a step took nobody knows how much.
  const left = new Map<string, number | null>();
  for (const one of steps) {
    const now = usedIn(one, ingredients).flatMap((ingredient): TakenNow[] => {
      if (!shared.has(ingredient.id)) return [{ ingredient, words: takenWords(ingredient) }];
      const before = left.has(ingredient.id) ? left.get(ingredient.id)! : 1;
      const share = shareOf(one, ingredient, before);
      left.set(ingredient.id, share === null || before === null ? null : Math.max(0, before - share));
      return asTaken(one, ingredient, share);
    });
    if (one.id === step.id) return now;
  }
  return usedIn(step, ingredients).map((ingredient) => ({ ingredient, words: takenWords(ingredient) }));
}

/** The share of an ingredient that a step takes; null where it cannot be told. */
function shareOf(
  { takes }: StationStep,
  { id, amount }: StationIngredient,
  left: number | null,
): number | null {
  const take = takes.find(({ ingredientId }) => ingredientId === id);
  switch (take?.how) {
    case 'share':
      return take.value;
    case 'amount':
      return take.value !== null && amount !== null && amount > 0 ? take.value / amount : null;
    case 'some':
      return null;
    case 'rest':
    case undefined:
      return left;
  }
}

function asTaken(step: StationStep, ingredient: StationIngredient, share: number | null): TakenNow[] {
  if (share !== null && share <= nothing) return [];
  const times = (value: number | null) => (value === null || share === null ? null : value * share);
  const part = {
    ...ingredient,
    ...{
      amount: times(ingredient.amount),
      amountTo: times(ingredient.amountTo),
      grams: times(ingredient.grams),
    },
  };
  if (share !== null) return [{ ingredient: part, words: takenWords(part) }];
  const how = step.takes.find(({ ingredientId }) => ingredientId === ingredient.id)?.how;
  const words = how === 'some' ? 'a little' : 'the rest of the';
  return [{ ingredient: part, words: `${words} ${inSentence(ingredient.name)}` }];
}
