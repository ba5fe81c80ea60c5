import { describe, expect, it } from 'vitest';
import { ingredientItems, itemById } from '../ingredients';
import { known, usualKeepsDays, usualStore } from './keeps';

describe('how long things keep, and where', () => {
  // Common practice: packets of a shop, unopened.
  it.each([
    ['butter', 30, 'cold'],
    ['milk', 5, 'cold'],
    ['cream-cheese', 5, 'cold'],
    ['cheddar', 14, 'cold'],
    ['evaporated-milk', null, 'dry'],
    ['milk-powder', null, 'dry'],
    ['egg', 21, 'cold'],
    ['dried-egg', null, 'dry'],
    ['chicken', 2, 'cold'],
    ['beef-mince', 2, 'cold'],
    ['breaded-meat', 2, 'cold'],
    ['lard', 60, 'cold'],
    ['gelatine', null, 'dry'],
    ['salmon', 1, 'cold'],
    ['prawn', 1, 'cold'],
    ['fish-pie', 1, 'cold'],
    ['prawn-cocktail', 1, 'cold'],
    ['fish-sauce', null, 'dry'],
    ['oyster-sauce', null, 'dry'],
    ['fish-fingers', null, 'frozen'],
    ['ice-cream', null, 'frozen'],
    ['quiche', 2, 'cold'],
    ['macaroni-cheese', 2, 'cold'],
    ['bread', 4, 'dry'],
    ['strawberry', 2, 'fresh'],
    ['spinach', 5, 'fresh'],
    ['rhubarb', 5, 'fresh'],
    ['tinned-tomato', null, 'dry'],
    ['star-anise', null, 'dry'],
    ['raisin', null, 'dry'],
    ['orange-juice', null, 'dry'],
    ['lentil', null, 'dry'],
    ['plain-flour', null, 'dry'],
    ['honey', null, 'dry'],
    ['almond', null, 'dry'],
    ['suet', null, 'dry'],
  ])('%s: %s days, %s', (id, days, store) => {
    const item = itemById(id);
    expect([usualKeepsDays(item), usualStore(item)]).toEqual([days, store]);
  });

  it('of what no table knows nobody says anything', () => {
    expect([usualKeepsDays(undefined), usualStore(undefined)]).toEqual([null, 'dry']);
  });

  it('names only what the shelf has, each once', () => {
    const ids = known.flatMap(([, , all]) => all.split(' '));
    expect(ids.filter((id) => !ingredientItems.some((item) => item.id === id))).toEqual([]);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('raw meat and fish keep no longer than two days, whatever is added to the shelf', () => {
    // Cured, salted or rendered, and the sheet of gelatine.
    const cured = ['ham', 'bacon', 'chorizo', 'lard', 'suet', 'gelatine', 'fish-gelatine'];
    const sauces = ['fish-sauce', 'oyster-sauce', 'fish-fingers'];
    const long = ingredientItems
      .filter(({ origin }) => ['meat', 'fish', 'shellfish'].includes(origin))
      .filter((item) => (usualKeepsDays(item) ?? 99) > 2)
      .map(({ id }) => id);
    expect(long.filter((id) => !cured.includes(id) && !sauces.includes(id))).toEqual([]);
  });
});
