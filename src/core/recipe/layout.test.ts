import { describe, expect, it } from 'vitest';
import { amountAlone, rowsOf } from './layout';
import { joinAmounts, listIn } from './lists';

const rows = (text: string) => rowsOf(text).map(({ line, text: row }) => `${line} ${row}`);

describe('rows of a text', () => {
  it.each<[string, string, string[]]>([
    ['lines', 'Buns\r\n\r\n250 g flour\rMix.', ['1 Buns', '2 ', '3 250 g flour', '4 Mix.']],
    ['a table', '| Flour | 250 g |\n|---|---|\n| Milk | 100 ml |', ['1 250 g Flour', '2 ', '3 100 ml Milk']],
    ['the same twice', 'Flour | 250 g | 9 oz', ['1 250 g / 9 oz Flour']],
    [
      'the column of a group',
      'Ingredient | Class of 24 | Each group\n---|---|---\nEggs | 12 | 2\nMilk | 3 l | 500 ml\n\nMix.',
      ['1 ', '2 ', '3 2 Eggs', '4 500 ml Milk', '5 ', '6 Mix.'],
    ],
    ['the first of treatments', 'Item\tPlain\tHalf\nSugar\t50 g\t25 g', ['1 ', '2 50 g Sugar']],
    ['its head', 'Amount | Ingredient\n250 g | flour', ['2 250 g flour']],
    ['a table with a list of more', '250 g | butter | 4 eggs', ['1 250 g butter 4 eggs']],
    [
      'a list in one line',
      '225 g butter | 4 eggs | zest of 2 lemons',
      ['1 225 g butter', '1 4 eggs', '1 zest of 2 lemons'],
    ],
    [
      'blanks between amounts',
      'FLOUR 150G  OIL 30ML  WATER 70ML',
      ['1 FLOUR 150G', '1 OIL 30ML', '1 WATER 70ML'],
    ],
    ['one blank more in a sentence', 'Mix the flour.  Bake it.', ['1 Mix the flour. Bake it.']],
    ['amount in the middle', 'Sugar | 75 g + 1 tsp for dusting', ['1 75 g Sugar + 1 tsp for dusting']],
    ['yield beside time', 'Serves 4 | Prep: 10 min', ['1 Serves 4', '1 Prep: 10 min']],
    ['how much more one wants', 'Buns\n1x 2x 3x\n250 g flour', ['1 Buns', '2 ', '3 250 g flour']],
    [
      'numbers in a line',
      '1. Mix it well. 2. Bake it. 3. Cool it.',
      ['1 1. Mix it well.', '1 2. Bake it.', '1 3. Cool it.'],
    ],
    ['numbers that do not count', 'Cut in pieces of 7. Mix 12) Bake', ['1 Cut in pieces of 7. Mix 12) Bake']],
    ['a heading inside', 'Good buns. Method: mix it.', ['1 Good buns. ', '1 Method: mix it.']],
    [
      'list left, method right',
      '250 g flour      Mix the flour and milk.\n100 ml milk      Bake it for 10 min\n                 until it is brown.\n5 g salt',
      [
        '1 250 g flour',
        '2 100 ml milk',
        '4 5 g salt',
        '1 Mix the flour and milk.',
        '2 Bake it for 10 min until it is brown.',
      ],
    ],
  ])('%s', (_, text, wanted) => {
    expect(rows(text)).toEqual(wanted);
  });

  it('no more than so many', () => {
    expect(rowsOf('x\n'.repeat(5000))).toHaveLength(1500);
    expect(rowsOf('x'.repeat(10_000))[0]!.text).toHaveLength(6000);
  });

  it('an amount alone', () => {
    const all = [
      '250 g',
      '1',
      '2 tbsp (heaped)',
      '75 g + 1 tsp',
      '- 3',
      '250 g flour',
      'a',
      'an',
      'flour',
      '',
    ];
    expect(all.filter(amountAlone)).toEqual(all.slice(0, 5));
  });

  it('amounts and names under each other are put together', () => {
    const joined = (text: string) => joinAmounts(rowsOf(text)).map(({ line, text: row }) => `${line} ${row}`);
    expect(joined('250 g\nflour\n2\neggs')).toEqual(['1 250 g flour', '3 2 eggs']);
    expect(joined('250 g\n100 ml\nflour\nmilk\nMix it.')).toEqual([
      '1 250 g flour',
      '2 100 ml milk',
      '5 Mix it.',
    ]);
    expect(joined('250 g\nMix the flour and milk well together with it')).toHaveLength(2);
    expect(joined('250 g\n2 bay leaves')).toEqual(['1 250 g', '2 2 bay leaves']);
    expect(joined('250 g\n00 flour')).toEqual(['1 250 g 00 flour']);
    expect(joined('12\n14\nMix it.\nBake it.')).toHaveLength(4);
  });
});

describe('a list in one line', () => {
  it.each<[string, string[] | null]>([
    [
      '250 g flour, 7 g yeast, 1 egg, beaten, 40 g butter',
      ['250 g flour', '7 g yeast', '1 egg, beaten', '40 g butter'],
    ],
    ['250 g flour; 7 g yeast', ['250 g flour', '7 g yeast']],
    ['250 g flour and 7 g yeast', ['250 g flour', '7 g yeast']],
    ['75 g cheese, 1 egg, black pepper', ['75 g cheese', '1 egg', 'black pepper']],
    ['2 onions, about 130 g each, and 1 egg', ['2 onions, about 130 g each', '1 egg']],
    ['2 onions (red, 1 large), 3 eggs', ['2 onions (red, 1 large)', '3 eggs']],
    ['250 g flour', null],
    ['250 g flour, sifted', null],
    ['Mix it, 2 of them, with 3 others of that very long kind of thing', null],
    ['Good. Take 250 g flour, 7 g yeast', null],
  ])('%s', (text, wanted) => {
    expect(listIn(text, 'en')).toEqual(wanted);
  });
});
