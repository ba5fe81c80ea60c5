import { hasFlesh, hasRice, keepsDry, natureOf, type Weighed } from '../nature';
import { allergensIn, type OnPacks } from '../batch';
import { allergenSentence, united } from '../ingredients';
import type { Place, Plan } from '../practical';
import { coolingStages, requirementFor } from '../safety';

const minuteMs = 60_000;
const dayMs = 24 * 60 * minuteMs;

/** What a label of food that is kept, or leaves the room, says. */
export interface KeepingLabel {
  madeAt: number;
  /** Cold by then; null: it is kept dry. */
  chillBy: number | null;
  eatBy: number;
  /** How it is heated before it is eaten; empty: it is eaten as it is. */
  heatTo: string;
  allergens: string;
  /** Why it may not be eaten at all; empty where it may. */
  notEaten: string;
}

/** Days that cooked food is kept cold, cooked rice, and dry food in a tin (common practice; the school’s own policy decides). */
const [coldDays, riceDays, dryDays] = [2, 1, 3];
/** Minutes in which cooked rice is cold. */
const riceMinutes = 60;

/** What is in food that is kept. */
export interface MadeOf {
  /** The batch of one station, or of all where nobody knows whose it is. */
  batches: readonly (readonly Weighed[])[];
  onPacks: OnPacks;
}

/**
 * What stands on a label of what a run makes: by what is in it, levels that swap an ingredient included, and by where it was
 * made. What a pack says is added to what a name says; nothing is ever taken off by it.
 *
 * @param madeAt when it leaves the heat, ms
 */
export function keepingLabel(
  plan: Plan,
  place: Pick<Place, 'kind'>,
  { batches, onPacks }: MadeOf,
  madeAt: number,
): KeepingLabel {
  const ingredients = batches.flat();
  const dry = batches.every((batch) => keepsDry(natureOf(plan, batch)));
  const rice = hasRice(ingredients);
  const limitMinutes = Math.max(...coolingStages['uk-fsa'].map((stage) => stage.limitMinutes));
  return {
    madeAt,
    chillBy: dry ? null : madeAt + (rice ? riceMinutes : limitMinutes) * minuteMs,
    eatBy: madeAt + (dry ? dryDays : rice ? riceDays : coldDays) * dayMs,
    heatTo: hasFlesh(ingredients) ? requirementFor('uk-fsa', 'leftovers') : '',
    allergens: allergenSentence(united(ingredients.map((one) => allergensIn(one, onPacks)))),
    notEaten: place.kind === 'laboratory' ? 'Made in a laboratory: not to be eaten' : '',
  };
}
