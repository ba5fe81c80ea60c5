import type { Plan } from '../practical';
import type { StationState } from './station-state';

/** What a station is not to know of its own treatment. */
export interface Blind {
  /** Stands for its level. */
  letter: string;
  /** Ids of the ingredients that others weigh out and that are not the same at all stations. */
  hidden: readonly string[];
}

/**
 * A station as it may see itself: a letter in place of its level, and of what was weighed out by others neither the amount
 * nor whether there is any, nor which of several things it is.
 */
export function blindedState(
  state: StationState,
  plan: Pick<Plan, 'formula' | 'factors'>,
  blind: Blind,
): StationState {
  const hidden = new Set(blind.hidden);
  const swapped = new Set(
    plan.factors.flatMap(({ acts }) => (acts.on === 'swap' ? [acts.ingredientId] : [])),
  );
  const ingredients = state.own.ingredients.map((one) => {
    if (!hidden.has(one.id)) return one;
    const planned = plan.formula.find(({ id }) => id === one.id)?.name ?? one.name;
    return {
      ...one,
      ...{ amount: null, amountTo: null, grams: null, dropped: false, insteadOf: null },
      name: swapped.has(one.id) ? `${planned}, or what stands in for it` : planned,
    };
  });
  return { ...state, label: `letter ${blind.letter}`, own: { ...state.own, ingredients } };
}
