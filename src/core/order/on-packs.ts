import type { OnPacks } from '../batch';
import type { AllergenId } from '../ingredients';
import { ingredientKey, type Product } from './products';

/** All that any pack of an ingredient says: nobody knows which of them will be opened. Wheat is a cereal with gluten. */
export function onPacksOf(products: readonly Pick<Product, 'ingredient' | 'allergens'>[]): OnPacks {
  const by = new Map<string, Set<AllergenId>>();
  for (const { ingredient, allergens } of products) {
    if (!allergens) continue;
    const key = ingredientKey({ name: ingredient });
    const said = by.get(key) ?? new Set();
    by.set(key, said);
    for (const id of allergens) said.add(id);
    if (said.has('wheat')) said.add('gluten');
  }
  return (one) => [...(by.get(ingredientKey(one)) ?? [])];
}
