import { itemOf } from '../batch';
import { staysDry } from '../home';
import { allergensOfList, allergenSentence } from '../ingredients';
import type { Place, Plan } from '../practical';
import { coolingStages, requirementFor } from '../safety';

const minuteMs = 60_000;

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

/** Days that cooked food is kept cold, and dry food in a tin (common practice; the school’s own policy decides). */
const [coldDays, dryDays] = [2, 3];

/** Of animals, and cooked when it is bought. */
const rendered = /gelatine|lard|suet/;

/**
 * What stands on a label of what a run makes: by what is in it and by where it was made.
 *
 * @param madeAt when it leaves the heat, ms
 */
export function keepingLabel(plan: Plan, place: Pick<Place, 'kind'>, madeAt: number): KeepingLabel {
  const flesh = plan.formula.some((line) => {
    const item = itemOf(line);
    return item && /^(?:meat|fish|shellfish)$/.test(item.origin) && !rendered.test(item.family);
  });
  const dry = staysDry(plan) && !flesh;
  const limitMinutes = Math.max(...coolingStages['uk-fsa'].map((stage) => stage.limitMinutes));
  return {
    madeAt,
    chillBy: dry ? null : madeAt + limitMinutes * minuteMs,
    eatBy: madeAt + (dry ? dryDays : coldDays) * 24 * 60 * minuteMs,
    heatTo: flesh ? requirementFor('uk-fsa', 'leftovers') : '',
    allergens: allergenSentence(allergensOfList(plan.formula.map(({ name }) => name).join('\n'), 'uk-eu')),
    notEaten: place.kind === 'laboratory' ? 'Made in a laboratory: not to be eaten' : '',
  };
}
