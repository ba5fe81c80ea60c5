import type { Plan } from '../practical';
import type { StationState } from './station-state';

/** What a station is not to know of its own treatment. */
export interface Blind {
  /** Stands for its level. */
  letter: string;
  /** Ids of the ingredients that others weigh out and that are not the same at all stations. */
  hidden: readonly string[];
}

/** Whether nobody at a station is to know how much of an ingredient there is: it differs, and others weigh it out. */
export const isHidden = (by: Plan['formula'][number]['by'], varied: boolean): boolean =>
  varied && by !== 'students';

/** What an ingredient is called where nobody is to know whether it is that or what a level puts in its place. */
export function blindName({ formula, factors }: Pick<Plan, 'formula' | 'factors'>, id: string): string {
  const planned = formula.find((one) => one.id === id)?.name ?? '';
  const swapped = factors.some(({ acts }) => acts.on === 'swap' && acts.ingredientId === id);
  return swapped ? `${planned}, or what stands in for it` : planned;
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
  const ingredients = state.own.ingredients.map((one) => {
    if (!hidden.has(one.id)) return one;
    return {
      ...one,
      ...{ amount: null, amountTo: null, grams: null, dropped: false, insteadOf: null },
      name: blindName(plan, one.id),
    };
  });
  return { ...state, label: `letter ${blind.letter}`, own: { ...state.own, ingredients } };
}
