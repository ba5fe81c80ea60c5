import { describe, expect, it } from 'vitest';
import { afterwards, emptyPantry, leftWords, orderOf, type Pantry } from '.';
import { dayMs, line, lineOf, monday, options, pantryWith, product, run, scones } from './testing/orders';

/** 1600 g of flour and 8 × 150 ml × 1.03 g/ml = 1236 g of buttermilk, bought on Sunday. */
const products = (keepsDays: number | null) => [
  product('Plain flour', 1500, 1.2),
  product('Buttermilk', 500, 1.1, { keepsDays }),
  product('Bicarbonate of soda', 200, 1),
];
const left = (pantry: Pantry, runs = [run()]) =>
  afterwards(orderOf(runs, pantry, options), pantry, monday + 7 * dayMs);
const gramsOf = (stock: { ingredient: string; grams: number }[]) =>
  stock.map(({ ingredient, grams }) => `${ingredient} ${grams}`).sort();

describe('what is left over', () => {
  it('is there the week after, where it keeps until then', () => {
    const pantry = pantryWith({ products: products(8) });
    // 2 × 1500 − 1600, 3 × 500 − 1236, 200 − 28.
    const { stock, goesOff } = left(pantry);
    expect(gramsOf(stock)).toEqual(['Bicarbonate of soda 172', 'Buttermilk 264', 'Plain flour 1400']);
    expect(goesOff).toEqual([]);
    const next = lineOf([run({ day: 7 })], 'plain-flour', { ...pantry, stock });
    expect([next.fromStockG, next.purchases[0]!.neededG]).toEqual([1400, 200]);
  });

  it('is no stock where it goes off before, whatever of it stood there', () => {
    const stock = [{ ingredient: 'butter milk', grams: 36 }];
    const after = left(pantryWith({ products: products(7), stock }));
    // 36 of the 1236 g were there: 1200 g in three packs, kept seven days from Sunday, wanted on Monday week.
    expect(gramsOf(after.stock)).toEqual(['Bicarbonate of soda 172', 'Plain flour 1400']);
    expect(after.goesOff).toEqual([{ name: 'Buttermilk', grams: 300, keepsUntil: monday + 6 * dayMs }]);
    // Nothing left, nothing to go off and nothing in stock: 500 g in one pack, 200 g of oats that were there.
    const formula = [line('b', 'Buttermilk', 500), line('o', 'Oats', 200)];
    const even = run({ plan: { ...scones, factors: [], formula }, stations: [null] });
    const used = pantryWith({ products: products(3), stock: [{ ingredient: 'Oats', grams: 200 }] });
    expect(left(used, [even])).toEqual({ stock: [], goesOff: [] });
  });

  it('of what stood in stock stays as the school has it, by whatever name, once', () => {
    const stock = [
      { ingredient: 'Buttermilk', grams: 1000 },
      { ingredient: 'butter milk', grams: 1000 },
      { ingredient: 'Oats', grams: 700 },
      { ingredient: 'egg yolk', grams: 40 },
    ];
    const yolk = { ...scones, factors: [], formula: [line('y', 'egg yolk', 1, { unit: 'each' })] };
    const runs = [run(), run({ id: 'y', plan: yolk, stations: [null] })];
    const after = left(pantryWith({ products: products(3), stock }), runs);
    expect(gramsOf(after.stock)).toEqual([
      ...['Bicarbonate of soda 172', 'Buttermilk 764', 'Oats 700', 'Plain flour 1400'],
      // One of a box of six.
      ...['egg 250', 'egg yolk 40'],
    ]);
    expect(after.goesOff.map(({ name }) => name)).toEqual([]);
  });

  it('is told: what goes off with its day, what is over of a whole with who could have it', () => {
    const day = (at: number) => new Date(at).toISOString().slice(0, 10);
    const goesOff = [
      { name: 'Cod', grams: 1200, keepsUntil: monday },
      { name: 'Milk', grams: 300, keepsUntil: monday + dayMs },
    ];
    expect(leftWords(goesOff, [], day)).toEqual([
      'Left over, and not kept to the week after: 1.2 kg cod (to 2026-01-12) and 300 g milk (to 2026-01-13), unopened; opened as the label says, and not put into stock.',
    ]);
    const white = { key: 'egg-white', name: 'egg white', grams: 264 };
    expect(
      leftWords(
        [],
        [
          { ...white, couldGoTo: [] },
          { ...white, couldGoTo: ['r'] },
        ],
        day,
      ),
    ).toEqual([
      '264 g egg white is left over: no lesson of these days takes it.',
      '264 g egg white is left over, which another of these lessons takes.',
    ]);
    expect(afterwards(orderOf([], emptyPantry, options), emptyPantry, 0)).toEqual({ stock: [], goesOff: [] });
  });
});
