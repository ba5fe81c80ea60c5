import { describe, expect, it } from 'vitest';
import { readIngredientLine } from './ingredient-line';
import { blankLine, type IngredientLine } from './said';

/** What of a line is not as a blank one has it. */
function read(text: string): Partial<IngredientLine> | null {
  const line = readIngredientLine(text);
  const blank = blankLine();
  return (
    line &&
    (Object.fromEntries(
      Object.entries(line).filter(
        ([key, value]) => JSON.stringify(value) !== JSON.stringify(blank[key as keyof IngredientLine]),
      ),
    ) as Partial<IngredientLine>)
  );
}
const noAmount = { unit: 'to-taste' as const };

describe('one line of a list', () => {
  it.each<[string, Partial<IngredientLine> | null]>([
    ['- 250 g plain flour', { name: 'plain flour', amount: 250, unit: 'g' }],
    ['each day 50 g rye flour', { name: 'rye flour', amount: 50, unit: 'g', note: 'each day' }],
    ['300 g water at 30 °C', { name: 'water', amount: 300, unit: 'g', note: 'at 30 °C' }],
    ['10 cm ginger', { name: 'ginger', amount: 1, note: '10 cm' }],
    ['Group 2: 4 g salt', { name: 'salt', amount: 4, unit: 'g', note: 'group 2' }],
    [
      '300 ml pork or chicken stock',
      { name: 'pork stock', amount: 300, unit: 'ml', note: 'or chicken stock', doubts: ['or chicken stock'] },
    ],
    ['eggs 2, beaten', { name: 'eggs', amount: 2, state: 'beaten' }],
    ['yeast 1 x 7 g sachet', { name: 'yeast', amount: 7, unit: 'g', pack: { count: 1, each: 7, unit: 'g' } }],
    [
      'garlic, 4 fat cloves, sliced',
      { name: 'garlic', amount: 4, unit: 'clove', size: 'fat', state: 'sliced' },
    ],
    [
      'Starter: 200 ml from the last batch',
      { name: 'Starter', amount: 200, unit: 'ml', state: 'from the last batch' },
    ],
    ['sucrose solution 10 % 20 cm³', { name: 'sucrose solution 10 %', amount: 20, unit: 'ml' }],
    ['Water (50 °C) 300 ml', { name: 'Water', amount: 300, unit: 'ml', note: '50 °C' }],
    ['ghee 2 T', { name: 'ghee', amount: 2, unit: 'tbsp' }],
    ['cumin seeds 1 t', { name: 'cumin seeds', amount: 1, unit: 'tsp' }],
    ['2 onions, halved, skin on', { name: 'onions', amount: 2, state: 'halved', note: 'skin on' }],
    ['[ ] 2-3 eggs', { name: 'eggs', amount: 2, amountHigh: 3 }],
    ['2 large eggs, beaten', { name: 'eggs', amount: 2, size: 'large', state: 'beaten' }],
    ['50 g cold butter, cubed', { name: 'butter', amount: 50, unit: 'g', state: 'cold, cubed' }],
    [
      '250 g (9 oz) flour',
      { name: 'flour', amount: 250, unit: 'g', also: [{ amount: 9, amountHigh: null, unit: 'oz' }] },
    ],
    [
      '250 g / 9 oz / 2 cups flour',
      {
        name: 'flour',
        amount: 250,
        unit: 'g',
        also: [
          { amount: 9, amountHigh: null, unit: 'oz' },
          { amount: 2, amountHigh: null, unit: 'cup' },
        ],
      },
    ],
    [
      '2 tins (400 g) tomatoes',
      { name: 'tomatoes', amount: 2, unit: 'tin', also: [{ amount: 800, amountHigh: null, unit: 'g' }] },
    ],
    [
      '2 onions (150 g each)',
      { name: 'onions', amount: 2, also: [{ amount: 300, amountHigh: null, unit: 'g' }] },
    ],
    [
      '2 × 400 g tins tomatoes',
      { name: 'tomatoes', amount: 800, unit: 'g', pack: { count: 2, each: 400, unit: 'g' } },
    ],
    [
      '1 (14-ounce) can beans',
      { name: 'beans', amount: 14, unit: 'oz', pack: { count: 1, each: 14, unit: 'oz' } },
    ],
    [
      '500 g pack of rice',
      { name: 'rice', amount: 500, unit: 'g', pack: { count: 1, each: 500, unit: 'g' } },
    ],
    [
      'half a kilo bag of flour',
      { name: 'flour', amount: 0.5, unit: 'kg', pack: { count: 0.5, each: 1, unit: 'kg' } },
    ],
    ['1 heaped tbsp cocoa', { name: 'cocoa', amount: 1, unit: 'tbsp', fill: 'heaped' }],
    [
      '2 tbsp, level, cocoa'.replace(', level,', ' level'),
      { name: 'cocoa', amount: 2, unit: 'tbsp', fill: 'level' },
    ],
    ['1 cup packed brown sugar', { name: 'brown sugar', amount: 1, unit: 'cup', fill: 'packed' }],
    ['1 lb 2 oz potatoes', { name: 'potatoes', amount: 1.125, unit: 'lb' }],
    ['1 kg 200 g potatoes', { name: 'potatoes', amount: 1.2, unit: 'kg' }],
    ['6 tbsp plus 1 tsp milk', { name: 'milk', amount: 19 / 3, unit: 'tbsp' }],
    ['140 ml to 150 ml milk', { name: 'milk', amount: 140, amountHigh: 150, unit: 'ml' }],
    ['150 ml to 140 ml milk', { name: 'milk', amount: 150, unit: 'ml' }],
    ['140 ml to 140 ml milk', { name: 'milk', amount: 140, unit: 'ml' }],
    ['5 cl to 10 cl milk', { name: 'milk', amount: 50, amountHigh: 100, unit: 'ml' }],
    ['Sunflower oil, for cooking', { ...noAmount, name: 'Sunflower oil', note: 'for cooking' }],
    ['Vanilla, a few drops', { ...noAmount, name: 'Vanilla', note: 'a few drops' }],
    ['a cup and a half of milk', { name: 'milk', amount: 1.5, unit: 'cup' }],
    ['2 crushed cloves of garlic', { name: 'garlic', amount: 2, unit: 'clove', state: 'crushed' }],
    ['4 cloves', { name: 'cloves', amount: 4 }],
    ['Flour 250 g', { name: 'Flour', amount: 250, unit: 'g' }],
    ['Butter: 100 g', { name: 'Butter', amount: 100, unit: 'g' }],
    ['Milk (200 ml)', { name: 'Milk', amount: 200, unit: 'ml' }],
    ['eggs x 3', { name: 'eggs', amount: 3 }],
    ['salt, a pinch', { name: 'salt', amount: 1, unit: 'pinch' }],
    ['zest of one lemon', { name: 'lemon zest', amount: 1 }],
    ['juice of half a lemon', { name: 'lemon juice', amount: 0.5 }],
    ['the zest and juice of 2 limes', { name: 'lime zest and juice', amount: 2 }],
    ['a 2 cm piece of ginger', { name: 'ginger', amount: 1, note: 'a 2 cm piece' }],
    [
      'handful of coriander',
      { name: 'coriander', amount: 1, unit: 'handful', doubts: ['a handful is what a hand holds'] },
    ],
    [
      'butter or margarine, 50 g'.replace(', 50 g', ''),
      { ...noAmount, name: 'butter', note: 'or margarine', doubts: ['or margarine'] },
    ],
    [
      '100 g butter or margarine',
      { name: 'butter', amount: 100, unit: 'g', note: 'or margarine', doubts: ['or margarine'] },
    ],
    [
      '500 ml vegetable or chicken stock',
      {
        name: 'vegetable stock',
        amount: 500,
        unit: 'ml',
        note: 'or chicken stock',
        doubts: ['or chicken stock'],
      },
    ],
    ['oil for frying', { ...noAmount, name: 'oil', note: 'for frying' }],
    [
      '75 g sugar plus 1 tsp for dusting',
      { name: 'sugar', amount: 75, unit: 'g', note: 'plus 1 tsp, for dusting' },
    ],
    ['1 egg, beaten with 1 tbsp milk', { name: 'egg', amount: 1, note: 'beaten with 1 tbsp milk' }],
    ['salt to taste', { ...noAmount, name: 'salt' }],
    ['walnuts', { ...noAmount, name: 'walnuts', doubts: ['no amount is said'] }],
    ['some lentils', { ...noAmount, name: 'lentils', doubts: ['no amount is said'] }],
    ['30 g walnuts (optional)', { name: 'walnuts', amount: 30, unit: 'g', optional: true }],
    ['walnuts, if liked', { ...noAmount, name: 'walnuts', optional: true }],
    ['To finish: icing sugar', { ...noAmount, name: 'icing sugar', note: 'to finish' }],
    ['3 free-range eggs', { name: 'eggs', amount: 3, note: 'free-range' }],
    [
      '1 tin chickpeas, 400 g (240 g drained)',
      { name: 'chickpeas', amount: 240, unit: 'g', also: [{ amount: 400, amountHigh: null, unit: 'g' }] },
    ],
    ['200 g FLOUR', { name: 'flour', amount: 200, unit: 'g' }],
    [
      '1.500 g Mehl',
      { name: 'Mehl', amount: 1500, unit: 'g', doubts: ['the number can be read in two ways'] },
    ],
    ['70% chocolate, 100 g', { name: '70% chocolate', amount: 100, unit: 'g' }],
    ['chopped tomatoes 400 g', { name: 'chopped tomatoes', amount: 400, unit: 'g' }],
    ['soft brown sugar 50 g', { name: 'soft brown sugar', amount: 50, unit: 'g' }],
    ['123', null],
    ['', null],
  ])('%s', (text, wanted) => {
    const found = read(text);
    if (wanted === null) return expect(found).toBeNull();
    const { amount, ...rest } = found!;
    const { amount: expected, ...others } = wanted;
    expect(rest).toEqual(others);
    if (expected === undefined) expect(amount).toBeUndefined();
    else expect(amount).toBeCloseTo(expected!, 6);
  });
});
