import { describe, expect, it } from 'vitest';
import { answersTo, foundIn, saidOf } from '../testing/found';

const mixAll = 'Mix everything.';

describe('a line that says its amount twice', () => {
  it.each<[string, string[]]>([
    ['225 g (8 oz) flour', []],
    ['250 g (8 oz) flour', []],
    ['250 g (14 oz) flour', ['Flour: 250 g or 14 oz?']],
    ['500 ml (1 pint) milk', []],
    ['500 ml (2 pints) milk', ['Milk: 500 ml or 2 pint?']],
    ['2 tbsp (30 ml) oil', []],
    ['2 tbsp (60 ml) oil', ['Oil: 2 tbsp or 60 ml?']],
    ['100 g (120 g) sugar', ['Sugar: 100 g or 120 g?']],
    ['100 g (103 g) sugar', []],
    ['2 onions (300 g)', []],
    ['2 onions (30 g)', ['Onions: 2 or 30 g?']],
    ['1 tin (400 g) tomatoes', []],
    ['1 cup (125 g) flour', []],
    ['1 cup (280 g) flour', ['Flour: 1 cup or 280 g?']],
  ])('%s', (line, wanted) => {
    expect(saidOf(`${line}\n10 g salt`, mixAll)).toEqual(wanted);
  });

  it('of another thing with the same last word is no other amount', () => {
    expect(
      saidOf(
        '450 g sugar\n900 ml water in all\n1 tsp rose water',
        'Boil the sugar with 300 ml of the water. Add the rose water and the rest of the water.',
      ),
    ).toEqual([]);
  });

  it('extra, and what is done only if it went wrong, is no other amount', () => {
    const list = '100 g caster sugar, plus extra for the topping\n3 egg yolks\n200 g butter';
    const method = 'Whisk the yolks with the sugar. Beat in the butter.';
    expect(saidOf(list, `${method}\nSprinkle 1 tsp of caster sugar over.`)).toEqual([]);
    expect(saidOf(list, `${method}\nSplit? Start again with 1 egg yolk.`)).toEqual([]);
    expect(saidOf(list, `${method}\nWhisk in 1 egg yolk.`)).toEqual([
      'Egg yolks: the list says 3, the method 1.',
    ]);
  });

  it('a sachet is called one, with both amounts worked out and offered', () => {
    expect(foundIn('Buns', '500 g flour\n1 sachet (3 tbsp) dried yeast', mixAll)).toEqual([
      ['sachet', [4], 'Dried yeast: 1 sachet or 3 tbsp?'],
    ]);
    expect(answersTo('500 g flour\n1 sachet (3 tbsp) dried yeast', mixAll)).toEqual([
      [
        { label: '1 sachet', does: 'amount', formula: 1, amount: 1, unit: 'sachet' },
        { label: '3 tbsp', does: 'amount', formula: 1, amount: 3, unit: 'tbsp' },
      ],
    ]);
  });
});

describe('list and method', () => {
  const list = '250 g flour\n50 g butter\n4 eggs\n100 ml milk\n10 g salt';
  const rest = 'Mix the flour, eggs, milk and salt.';
  const butter = (last: string) => saidOf(list, `${rest}\n${last}`);

  it.each<[string, number]>([
    ['Rub in the 50 g butter.', 0],
    ['Rub in the 56 g butter.', 1],
    ['Rub in the 52 g butter.', 0],
    ['Rub in 2 oz butter.', 0],
    ['Rub in 40 g of the butter and brush with the rest.', 0],
    ['Rub in 40 g butter.\nBrush with 10 g butter.', 0],
    ['Rub in 40 g butter.\nBrush with 20 g butter.', 2],
    ['Rub in half the butter, some 25 g butter.', 0],
    ['Rub in another 30 g butter.', 0],
    ['Rub in the butter, 10 g butter for each piece.', 0],
    ['For every 100 g flour take 20 g butter.', 0],
    ['Rub in a pinch of butter.', 0],
    ['Rub in the 5 g butter.', 1],
    ['Rub in the 500 g butter.', 1],
  ])('%s', (last, count) => {
    expect(butter(last).length > 0).toBe(count > 0);
  });

  it('says both, once for a line, and rewrites the method where the list is right', () => {
    const method = `${rest}\nRub in the 500 g butter.\nBrush with 300 g butter.`;
    expect(foundIn('Buns', list, method)).toEqual([
      ['amount', [4, 10], 'Butter: the list says 50 g, the method 500 g.'],
    ]);
    expect(answersTo(list, method)).toEqual([
      [
        {
          label: '50 g',
          does: 'amount',
          formula: 1,
          amount: 50,
          unit: 'g',
          words: { step: 1, from: '500 g butter', to: '50 g butter' },
        },
        { label: '500 g', does: 'amount', formula: 1, amount: 500, unit: 'g' },
      ],
    ]);
  });

  // More fat than flour, more salt than a twentieth, more yeast than a twelfth: the other is likelier.
  it.each<[string, string, string]>([
    ['400 g butter', '40 g butter', '40 g'],
    ['40 g butter', '400 g butter', '40 g'],
    ['50 g salt', '5 g salt', '5 g'],
    ['90 g fresh yeast', '9 g fresh yeast', '9 g'],
    ['60 g baking powder', '6 g baking powder', '6 g'],
    ['100 g sugar', '10 g sugar', '100 g'],
  ])('%s in the list, %s in the method: first %s', (line, said, first) => {
    expect(answersTo(`250 g flour\n${line}`, `Mix the flour.\nAdd the ${said}.`)[0]![0]!.label).toBe(first);
  });

  it('a line without an amount holds nobody to one', () => {
    expect(saidOf('250 g flour\noil for frying\n15 ml oil', 'Mix the flour.\nHeat 200 ml oil.')).toEqual([]);
  });
});
