import { itemOf } from '../batch';
import { allergenIds } from '../ingredients';
import { about, id, list, number, oneOf, orNull, record, text, whole, type Of } from '../shape';

/** Where things are kept until they are wanted, and so where they are fetched or bought. */
export const stores = ['dry', 'cold', 'frozen', 'fresh'] as const;
export type Store = (typeof stores)[number];

export const storeWords: Readonly<Record<Store, string>> = {
  dry: 'Dry store',
  cold: 'Refrigerator',
  frozen: 'Freezer',
  fresh: 'Fruit and vegetables',
};

/** A pack as this school buys it. */
export const productShape = record('Product', {
  id: id(),
  ingredient: about('as formulas name it', text(80, 1)),
  name: about('what stands on the packet, where that says more', text(80)),
  packG: about('what one pack holds', number(0.1, 50_000, 'g')),
  price: about('of one pack, in the school’s money; null: not known', orNull(number(0.01, 100_000))),
  supplier: text(60),
  store: about('null: as such things usually are', orNull(oneOf(stores))),
  keepsDays: about('unopened, from the day it is bought; null: as usual', orNull(whole(0, 3650, 'days'))),
  allergens: about('as its label says; null: nobody has read it', orNull(list(oneOf(allergenIds), 15))),
});
export type Product = Of<typeof productShape>;

/** One measure of an ingredient put on a balance: the school’s own density comes from these. */
export const weighingShape = record('Weighing', {
  id: id(),
  ingredient: about('as formulas name it', text(80, 1)),
  ml: about('what the measure holds', number(1, 5000, 'ml')),
  grams: about('what it weighed', number(0.1, 20_000, 'g')),
  at: about('when, ms since 1970', whole(0, 8.64e15)),
});
export type Weighing = Of<typeof weighingShape>;

/** What of an ingredient is there. */
export const stockShape = record('Stock', {
  ingredient: about('as formulas name it', text(80, 1)),
  grams: number(0, 1_000_000, 'g'),
});
export type Stock = Of<typeof stockShape>;

/** Most lines of each table. */
export const mostProducts = 2000;

/** The school’s own tables. */
export interface Pantry {
  products: readonly Product[];
  stock: readonly Stock[];
  weighings: readonly Weighing[];
}

export const emptyPantry: Pantry = { products: [], stock: [], weighings: [] };

/** One word for the same thing by its names: “caster sugar” and “Castor sugar” are one line of an order. */
export function ingredientKey(one: { item?: string | null; name: string }): string {
  const item = itemOf({ item: one.item ?? null, name: one.name });
  return item?.id ?? one.name.trim().toLowerCase().replace(/\s+/g, ' ');
}
