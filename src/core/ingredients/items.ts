import type { IngredientItem } from './item';
import { readRow } from './row';
import { shelfTexts, type ShelfId } from './shelf';

/** Every ingredient the program knows. */
export const ingredientItems: readonly IngredientItem[] = Object.entries(shelfTexts).flatMap(
  ([shelf, text]) =>
    text
      .split('\n')
      .filter((line) => line.trim() !== '')
      .map((line) => ({ ...readRow(line), shelf: shelf as ShelfId })),
);

const byId = new Map(ingredientItems.map((item) => [item.id, item]));

/** @throws Error for an id that is not on the shelf: only for ids that stand in the program */
export function itemById(id: string): IngredientItem {
  const found = byId.get(id);
  if (!found) throw new Error(`no ingredient has the id ${id}`);
  return found;
}
