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
