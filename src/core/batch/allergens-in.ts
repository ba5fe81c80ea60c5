import { allergensOf, united, type AllergenId, type AllergenLaw, type AllergensFound } from '../ingredients';
import type { Ingredient } from '../practical';
import { itemOf } from './by-table';

type Named = Pick<Ingredient, 'item' | 'name'>;

/** What the labels of the school’s own packs say of an ingredient, beyond what its name gives away. */
export type OnPacks = (ingredient: Named) => readonly AllergenId[];

/** What packs say that names do not: “contains gluten” may well be wheat, which one law wants told by itself. */
const perhapsToo: Partial<Record<AllergenId, AllergenId>> = { gluten: 'wheat' };

/**
 * Allergens of one ingredient: by its name as it was typed, by what the table takes it for, and by the labels of the
 * school’s packs. What any of the three says counts; none takes off what another says.
 *
 * @param laws whose allergens are told: those of the one law are not all of the other’s
 */
export function allergensIn(
  one: Named,
  onPacks: OnPacks,
  laws: readonly AllergenLaw[] = ['uk-eu'],
): AllergensFound {
  const item = itemOf(one);
  const known = item?.name ?? one.name;
  // Whoever says that the dip water is water has said that nothing of a dip is in it.
  const water = one.item !== null && item?.family === 'water';
  const packs = onPacks(one);
  return united([
    { contains: [...packs], oftenContains: packs.flatMap((id) => perhapsToo[id] ?? []), unknown: [] },
    ...laws.flatMap((law) => [
      allergensOf(known, law),
      { ...allergensOf(one.name, law), ...(water && { oftenContains: [], unknown: [] }) },
    ]),
  ]);
}

/** Allergens that come in with what is taken in place of something, for certain, or in some makes. */
export function broughtIn(from: Named, to: readonly Named[], onPacks: OnPacks) {
  const was = allergensIn(from, onPacks);
  const is = united(to.map((one) => allergensIn(one, onPacks)));
  return {
    certainly: is.contains.filter((id) => !was.contains.includes(id)),
    perhaps: is.oftenContains.filter((id) => !was.contains.includes(id) && !was.oftenContains.includes(id)),
  };
}
