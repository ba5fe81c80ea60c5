import { itemOf } from '../batch';
import type { Plan } from '../practical';

/** Words of a level that put nothing in. */
const nothing = /^(?:no|none|nothing|without|left out|–|—|-|0)$/i;

/** Every ingredient of the formula and what levels put in its place: as it is called, and as the table calls it. */
export function ingredientNames(plan: Plan): { item: string | null; name: string; known: string }[] {
  const swapped = plan.factors.flatMap(({ acts, levels }) =>
    acts.on === 'swap' ? levels.map((level) => level.words) : [],
  );
  return [
    ...plan.formula.map((line) => ({
      item: line.item,
      name: line.name,
      known: itemOf(line)?.name ?? line.name,
    })),
    ...swapped.map((name) => ({ item: null, name, known: name })),
  ].filter(({ name }) => name.trim() !== '' && !nothing.test(name.trim()));
}
