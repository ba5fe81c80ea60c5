import { keyOf, type BatchFacts } from '../batch';
import type { Ingredient } from '../practical';
import { meanOf } from '../statistics';
import { ingredientKey, type Weighing } from './products';

/** A school’s own bulk density of an ingredient. */
export interface OwnDensity {
  gPerMl: number;
  n: number;
}

/**
 * Bulk densities as this school fills its measures: the mean of mass by volume over its weighings, g/ml, by the key of the
 * ingredient.
 *
 * @param until weighings after this moment do not count: a run that is over keeps the numbers it had
 */
export function ownDensities(weighings: readonly Weighing[], until = Infinity): Map<string, OwnDensity> {
  const found = new Map<string, number[]>();
  for (const { ingredient, ml, grams, at } of weighings) {
    if (at > until) continue;
    const key = ingredientKey({ name: ingredient });
    found.set(key, [...(found.get(key) ?? []), grams / ml]);
  }
  return new Map([...found].map(([key, values]) => [key, { gPerMl: meanOf(values), n: values.length }]));
}

/** What a run knows of its batch, with the school’s own densities in place of the table’s. */
export function withOwnDensities(
  facts: BatchFacts,
  formula: readonly Pick<Ingredient, 'item' | 'name'>[],
  own: ReadonlyMap<string, OwnDensity>,
): BatchFacts {
  const known = new Set(facts.items.map(({ key }) => key));
  const missing = formula
    .filter((line) => !known.has(keyOf(line)) && own.has(ingredientKey(line)))
    .map((line) => ({
      key: keyOf(line),
      ...{ density: null, pieceG: null, syrupShare: null, origin: 'plant' as const, waterPercent: null },
    }));
  return {
    ...facts,
    items: [...facts.items, ...missing].map((one) => {
      const [item, name] = one.key.split('\n');
      const found = own.get(ingredientKey({ item: item || null, name: name! }));
      if (!found) return one;
      const packed = one.density ? one.density.high / one.density.gPerMl : 1;
      const { gPerMl } = found;
      return { ...one, density: { gPerMl, low: gPerMl, high: gPerMl * packed } };
    }),
  };
}
