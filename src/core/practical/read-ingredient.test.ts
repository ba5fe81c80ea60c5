import { describe, expect, it } from 'vitest';
import { readAmount, readIngredient } from './read-ingredient';

describe('a typed ingredient', () => {
  /** Typed → amount, upper end, unit, name, and what else was understood. */
  it.each<[string, number | null, number | null, string, string, object?]>([
    ['1½ litres water', 1.5, null, 'l', 'Water'],
    ['1 1/2 cups flour, sifted', 1.5, null, 'cup', 'Flour', { state: 'sifted' }],
    ['1⁄3 cup sugar', 1 / 3, null, 'cup', 'Sugar'],
    ['a pinch of salt', 1, null, 'pinch', 'Salt'],
    ['2 large eggs', 2, null, 'each', 'Large eggs'],
    ['8–10 g agar', 8, 10, 'g', 'Agar'],
    ['2 to 3 tbsp lemon juice', 2, 3, 'tbsp', 'Lemon juice'],
    ['3-2 tsp cocoa', 3, null, 'tsp', 'Cocoa'],
    ['1,200 g plain flour', 1200, null, 'g', 'Plain flour'],
    ['0,5 kg potatoes', 0.5, null, 'kg', 'Potatoes'],
    ['250ml milk', 250, null, 'ml', 'Milk'],
    ['2.5dl cream', 250, null, 'ml', 'Cream'],
    ['5 cl rum', 50, null, 'ml', 'Rum'],
    ['500 mg citric acid', 0.5, null, 'g', 'Citric acid'],
    // International avoirdupois: 28.349523125 g, 453.59237 g.
    ['8 oz cream cheese', 226.796185, null, 'g', 'Cream cheese'],
    ['½ lb minced turkey', 226.796185, null, 'g', 'Minced turkey'],
    ['1 heaped teaspoon baking powder', 1, null, 'tsp', 'Baking powder', { fill: 'heaped' }],
    ['2 scant cups sugar', 2, null, 'cup', 'Sugar', { fill: 'scant' }],
    ['1 firmly packed cup brown sugar', 1, null, 'cup', 'Brown sugar', { fill: 'packed' }],
    ['3 T oil', 3, null, 'tbsp', 'Oil'],
    ['2 × 400 g tins of tomatoes', 800, null, 'g', 'Tomatoes'],
    ['half a lemon', 0.5, null, 'each', 'Lemon'],
    ['a dozen eggs', 12, null, 'each', 'Eggs'],
    ['two and a half cups oats', 2.5, null, 'cup', 'Oats'],
    ['about 40 g cold butter', 40, null, 'g', 'Butter', { state: 'cold' }],
    ['butter, 40 g, melted', 40, null, 'g', 'Butter', { state: 'melted' }],
    ['Salt: 4 g', 4, null, 'g', 'Salt'],
    ['salt', null, null, 'g', 'Salt'],
    ['salt to taste', null, null, 'g', 'Salt', { optional: true }],
    ['10 g chives (optional)', 10, null, 'g', 'Chives', { optional: true }],
    // No amounts, for all their figures.
    ['70 % chocolate', null, null, 'g', '70 % chocolate'],
    ['5-spice powder', null, null, 'g', '5-spice powder'],
    ['E471', null, null, 'g', 'E471'],
    ['Tapioca', null, null, 'g', 'Tapioca'],
    ['Apple', null, null, 'g', 'Apple'],
    ['Lard', null, null, 'g', 'Lard'],
    ['Gelatine', null, null, 'g', 'Gelatine'],
  ])('%s', (typed, amount, amountTo, unit, name, more = {}) => {
    const read = readIngredient(typed);
    if (amount === null) expect(read.amount).toBeNull();
    else expect(read.amount).toBeCloseTo(amount, 9);
    expect(read).toMatchObject({ typed, amountTo, unit, name, ...more });
  });

  it('is never refused and never loses a word, whatever it is', () => {
    for (const odd of [
      '1/0 cup milk',
      '½',
      '12',
      '%',
      ',',
      '×',
      'x'.repeat(500),
      '10 g',
      '  2   g   salt  ',
    ]) {
      const read = readIngredient(odd);
      expect(read.name.length, odd).toBeGreaterThan(0);
      expect(read.name.length).toBeLessThanOrEqual(80);
      expect(read.typed).toBe(odd.trim().slice(0, 200));
      expect(Number.isNaN(read.amount)).toBe(false);
    }
    expect(readIngredient('2   g   salt')).toMatchObject({ amount: 2, unit: 'g', name: 'Salt' });
    // A number alone is no ingredient: it stays what it is called.
    expect(readIngredient('5')).toMatchObject({ amount: null, name: '5' });
  });

  it('amounts alone: mixed, decimal comma, thousands, words; no number is none', () => {
    expect(['1½', '1 1/2', '3/4', '1,5', '1,200', 'half a', '.5', '2 ¼'].map(readAmount)).toEqual([
      1.5, 1.5, 0.75, 1.5, 1200, 0.5, 0.5, 2.25,
    ]);
    expect(['', 'x', '1/0', '1 2', '½½', '--3'].map(readAmount)).toEqual([
      null,
      null,
      null,
      null,
      null,
      null,
    ]);
  });
});
