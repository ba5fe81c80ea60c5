import {
  allergenIds,
  allergens,
  diets,
  dietVerdict,
  itemById,
  substitutesFor,
  type AllergenId,
  type Diet,
} from '../ingredients';
import { allergensIn, type OnPacks } from '../batch';
import type { Plan } from '../practical';
import { ingredientNames } from './ingredient-names';
import { about, list, oneOf, record, refined, text, whole, type Of } from '../shape';

/** What a class can declare: an allergen of one of the laws, or a way of eating. */
export const needIds = [...allergenIds, ...diets] as const;
export type NeedId = (typeof needIds)[number];

const isDiet = (id: NeedId): id is Diet => (diets as readonly string[]).includes(id);

/** What some of a class must not have. Students are seats, not names. */
const needShape = record('DietaryNeed', {
  what: oneOf(needIds),
  count: about('how many of the class', whole(1, 60)),
  seats: about('seat codes, if they are to stand on the sheet; no names', text(80)),
});
export const needsShape = refined(list(needShape, needIds.length), (needs) => {
  const twice = needs.find(({ what }, i) => needs.findIndex((one) => one.what === what) !== i);
  return twice ? `each once; “${twice.what}” is there twice` : null;
});
export type Need = Of<typeof needShape>;

const dietNames: Readonly<Record<Diet, string>> = {
  vegetarian: 'vegetarian',
  vegan: 'vegan',
  'no-pork-or-gelatine': 'no pork, no gelatine',
  'no-alcohol': 'no alcohol',
};

/** “no milk”, “vegetarian”. */
export const needName = (id: NeedId): string =>
  isDiet(id) ? dietNames[id] : `no ${allergens.find((one) => one.id === id)!.name}`;

/** Whether a batch suits a need; a guess is never a yes. */
export interface NeedJudged {
  need: Need;
  verdict: 'yes' | 'no' | 'cannot tell';
  /** The ingredients that speak against it, or of which it cannot be told. */
  because: string[];
  /** What could stand in for those that speak against it. */
  instead: string[];
}

/** Holds a batch, with all that its levels put in and what the school’s packs say, against what a class has declared. */
export function judgeNeeds(plan: Plan, needs: readonly Need[], onPacks: OnPacks): NeedJudged[] {
  const names = ingredientNames(plan);
  return needs.map((need) => {
    const judged = names.map((one) => ({ ...one, holds: holdsOf(one, need.what, onPacks) }));
    const against = judged.filter(({ holds }) => holds === 'yes');
    const doubtful = judged.filter(({ holds }) => holds === 'cannot tell');
    const verdict = against.length > 0 ? 'no' : doubtful.length > 0 ? 'cannot tell' : 'yes';
    const because = verdict === 'no' ? against : doubtful;
    return {
      need,
      verdict,
      because: [...new Set(because.map(({ name }) => name.toLowerCase()))],
      instead: [...new Set(against.flatMap(({ name, known }) => insteadOf(name, known, need.what, onPacks)))],
    };
  });
}

/** What is of an animal, and no vegan or vegetarian eats it, where a pack says so. */
const notFor: Partial<Record<Diet, readonly AllergenId[]>> = {
  vegetarian: ['fish', 'crustaceans', 'molluscs'],
  vegan: ['fish', 'crustaceans', 'molluscs', 'milk', 'eggs'],
};

type Holds = 'yes' | 'no' | 'cannot tell';
type Named = Parameters<typeof allergensIn>[0] & { known: string };

/** Whether an ingredient holds what must not be: the worst of what its name, the table and its packs say. */
function holdsOf(one: Named, what: NeedId, onPacks: OnPacks): Holds {
  if (isDiet(what)) {
    if (onPacks(one).some((id) => notFor[what]?.includes(id))) return 'yes';
    const verdicts = [one.name, one.known].map((name) => dietVerdict(name, what));
    return verdicts.includes('no') ? 'yes' : verdicts.includes('cannot tell') ? 'cannot tell' : 'no';
  }
  const { contains, oftenContains, unknown } = allergensIn(one, onPacks, ['uk-eu', 'us']);
  if (contains.includes(what)) return 'yes';
  return oftenContains.includes(what) || unknown.length > 0 ? 'cannot tell' : 'no';
}

function insteadOf(name: string, known: string, what: NeedId, onPacks: OnPacks): string[] {
  return substitutesFor(known)
    .map(({ to }) => itemById(to).name)
    .filter((other) => holdsOf({ item: null, name: other, known: other }, what, onPacks) === 'no')
    .slice(0, 2)
    .map((other) => `${other} for ${name.toLowerCase()}`);
}
