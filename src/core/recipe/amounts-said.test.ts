import { describe, expect, it } from 'vitest';
import { amountsIn } from './amounts-said';

const read = (text: string) =>
  amountsIn(text).map(({ amount, amountHigh, unit, words, from, to, part, item }) => {
    expect(text.slice(from, to)).toBe(words);
    return [amount, amountHigh, unit, words, part, item.id];
  });

describe('amounts in a sentence', () => {
  it.each<[string, (string | number | boolean | null)[][]]>([
    ['Rub in 50 g of the cold butter.', [[50, null, 'g', '50 g of the cold butter', true, 'butter']]],
    ['Add 2-3 tbsp milk.', [[2, 3, 'tbsp', '2-3 tbsp milk', false, 'milk']]],
    ['Add 2 x 400 g tins tomatoes.', [[800, null, 'g', '2 x 400 g tins tomatoes', false, 'tomato']]],
    ['Add a pinch of salt.', [[1, null, 'pinch', 'a pinch of salt', false, 'salt']]],
    ['Add pinch of salt.', [[1, null, 'pinch', 'pinch of salt', false, 'salt']]],
    ['Add 1 heaped tsp cocoa.', [[1, null, 'tsp', '1 heaped tsp cocoa', false, 'cocoa']]],
    ['Break an egg into it.', [[1, null, 'each', 'an egg', false, 'egg']]],
    ['Add another egg.', []],
    ['Take 1 flour.', []],
    ['Add 5 cl milk.', [[50, null, 'ml', '5 cl milk', false, 'milk']]],
    [
      'Mix 100 g sugar with 20 g butter.',
      [
        [100, null, 'g', '100 g sugar', false, 'granulated-sugar'],
        [20, null, 'g', '20 g butter', false, 'butter'],
      ],
    ],
    ['Bake at 200 g. Butter it.', []],
    ['Bake for 20 minutes.', []],
    ['Bake at 180 °C.', []],
    ['Mix well.', []],
  ])('%s', (text, wanted) => {
    expect(read(text)).toEqual(wanted);
  });
});
