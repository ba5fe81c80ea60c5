import { lineApplied, readFood, whoDecides } from '../safety';
import { defineCalculator } from './definition';

/** How a food was read: creature, form, state, and the words nobody could read. */
export function foodWorking(food: string) {
  const { animal, form, state, unread, open } = readFood(food);
  const or = (words: string | null) => words ?? 'not said';
  return [
    { text: `animal: ${or(animal)}; form: ${or(form)}; state: ${or(state)}` },
    ...(unread.length > 0 ? [{ text: `not understood: ${unread.join(', ')}` }] : []),
    ...open.map((text) => ({ text: `not known: ${text}` })),
  ];
}

export const plausibleFood = defineCalculator({
  id: 'plausible-food',
  title: 'What a food is taken for',
  keywords: 'food kind animal cut form raw cooked core temperature strictest line understood',
  example: { food: 'cold roast beef' },
  inputs: {
    food: { kind: 'text', most: 120, example: 'cod fillet', about: 'what it is and what was done to it' },
  },
  compute({ food }) {
    const { animal, form, state, unread, open } = readFood(food);
    const strictest = lineApplied('fda', food);
    return {
      result: { animal, form, state, unread, strictest },
      working: [...foodWorking(food), { text: `line of the US FDA Food Code: ${strictest}` }],
      sources: [
        { kind: 'from-memory', text: 'US FDA Food Code 2022, 3-401.11 and 3-403.11, for what is told apart' },
        { kind: 'common-practice', text: 'Names of cuts, dishes and ways of cooking' },
      ],
      warnings: [
        ...(unread.length + open.length > 0
          ? ['Not understood whole: only the strictest line is a yes for it.']
          : []),
        `Not a permission. ${whoDecides}`,
      ],
    };
  },
});
