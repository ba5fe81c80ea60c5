import { itemOf } from '../batch';
import { allergenIds, allergensOf, type AllergenId, type AllergensFound } from '../ingredients';
import type { OnPacks } from '../order';
import type { Ingredient } from '../practical';

type Named = Pick<Ingredient, 'item' | 'name'>;

/** What packs say that names do not: “contains gluten” may well be wheat, which one law wants told by itself. */
const perhapsToo: Partial<Record<AllergenId, AllergenId>> = { gluten: 'wheat' };

/**
 * Allergens of one ingredient: by its name as it was typed, by what the table takes it for, and by the labels of the
 * school’s packs. What any of the three says counts; none takes off what another says.
 */
export function allergensIn(one: Named, onPacks: OnPacks): AllergensFound {
  const item = itemOf(one);
  const packs = onPacks(one);
  // Whoever says that the dip water is water has said that nothing of a dip is in it.
  const water = one.item !== null && item?.family === 'water';
  const found = [...new Set([item?.name ?? one.name, one.name])].map((name, i) => {
    const read = allergensOf(name);
    return water && i > 0 ? { ...read, oftenContains: [], unknown: [] } : read;
  });
  const contains = new Set([...found.flatMap((each) => each.contains), ...packs]);
  const often = new Set([
    ...found.flatMap((each) => each.oftenContains),
    ...packs.flatMap((id) => perhapsToo[id] ?? []),
  ]);
  return {
    contains: allergenIds.filter((id) => contains.has(id)),
    oftenContains: allergenIds.filter((id) => often.has(id) && !contains.has(id)),
    unknown: [...new Set(found.flatMap((each) => each.unknown))],
  };
}

/** Allergens of several ingredients together. */
export function allergensInAll(ingredients: readonly Named[], onPacks: OnPacks): AllergensFound {
  const each = ingredients.map((one) => allergensIn(one, onPacks));
  const contains = new Set(each.flatMap((found) => found.contains));
  const often = new Set(each.flatMap((found) => found.oftenContains));
  return {
    contains: allergenIds.filter((id) => contains.has(id)),
    oftenContains: allergenIds.filter((id) => often.has(id) && !contains.has(id)),
    unknown: [...new Set(each.flatMap((found) => found.unknown))],
  };
}
