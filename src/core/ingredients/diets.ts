import type { IngredientItem } from './item';

export type Diet = 'vegetarian' | 'vegan' | 'no-alcohol' | 'no-pork-or-gelatine';

/** Diets an ingredient fits by what it is; what it only often contains is for the label. */
export function dietsOf(item: IngredientItem): Diet[] {
  const animal = ['meat', 'fish', 'shellfish'].includes(item.origin);
  const fromAnimals = ['dairy', 'egg', 'honey'].includes(item.origin);
  const holds = (...ids: string[]) => item.contains.some((mark) => ids.includes(mark));
  const diets: Diet[] = [];
  const vegetarian = !animal && !holds('fish', 'crustaceans', 'molluscs');
  if (vegetarian) diets.push('vegetarian');
  if (vegetarian && !fromAnimals && !holds('milk', 'eggs')) diets.push('vegan');
  if (item.alcoholPercent === 0) diets.push('no-alcohol');
  if (item.origin !== 'meat') diets.push('no-pork-or-gelatine');
  return diets;
}
