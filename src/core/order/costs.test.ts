import { describe, expect, it } from 'vitest';
import type { AllergenId } from '../ingredients';
import { batchFacts, batchTables, tablesOf } from '../batch';
import {
  emptyPantry,
  massWords,
  orderOf,
  ownDensities,
  savingsOf,
  usualPrepWays,
  withOwnDensities,
  type Pantry,
} from '.';
import { options, line, scones, run, product, pantryWith } from './testing/orders';

describe('what it costs', () => {
  const priced = pantryWith({
    products: [
      product('plain flour', 1500, 1.2),
      product('bicarbonate of soda', 200, 1),
      product('buttermilk', 500, 1.1),
    ],
  });

  it('at the till by packs, to a run by what it takes of them, to a station and a student', () => {
    const { toPay, runs, unpriced } = orderOf([run()], priced, options);
    // 2 × 1.20 + 1 × 1.00 + 3 × 1.10
    expect(toPay).toBe(6.7);
    expect(unpriced).toBe(0);
    // 1600 × 1.2/1500 + 28 × 1/200 + 1236 × 1.1/500 = 1.28 + 0.14 + 2.72
    expect(runs).toEqual([{ runId: 'r', cost: 4.14, perStation: 0.52, perStudent: 0.21, unpriced: 0 }]);
  });

  it('says how many prices are missing, and a class of nobody has no price a head', () => {
    const { runs, unpriced } = orderOf([run({ students: 0 })], emptyPantry, options);
    expect([unpriced, runs[0]!.unpriced, runs[0]!.perStudent]).toEqual([3, 3, null]);
  });

  it('offers what is cheaper, never for what is tested', () => {
    const runs = [run({ prep: { ...usualPrepWays, spares: 1 } })];
    const cheap = pantryWith({
      products: [...priced.products, product('milk', 1000, 0.5), product('baking powder', 1000, 0.1)],
    });
    const savings = savingsOf(orderOf(runs, cheap, options), runs, cheap);
    const words = savings.map((one) => one.words);
    const saved = savings.map(({ saves }) => saves);
    expect(saved).toEqual([...saved].sort((a, b) => b - a));
    expect(saved.length).toBeGreaterThan(1);
    // 11 g of lemon juice for every 100 g, of 1.545 kg: eight batches and four spares of 155 g (150 ml at 1.03 g/ml).
    const neededG = 12 * 150 * 1.03;
    expect(words).toContain(
      `milk with ${massWords(neededG * 0.11)} lemon juice (no price known) in place of Buttermilk`,
    );
    // 500 g at 1.10 for 4 packs, against 0.89 g of milk a gram at 0.5 a kilogram, and lemon juice at 4 a kilogram.
    const lemon = pantryWith({ products: [...cheap.products, product('lemon juice', 250, 1)] });
    const saving = (pantry: Pantry) =>
      savingsOf(orderOf(runs, pantry, options), runs, pantry).find(({ key }) => key === 'buttermilk')!.saves;
    expect(saving(cheap)).toBeCloseTo((neededG * 1.1) / 500 - neededG * 0.89 * 0.0005, 6);
    expect(saving(lemon)).toBeCloseTo(saving(cheap) - neededG * 0.11 * 0.004, 6);
    // What a pack of what stands in says is told; what was there before is not.
    const told = (allergens: AllergenId[]) => {
      const products = cheap.products.map((one) => (one.ingredient === 'milk' ? { ...one, allergens } : one));
      const pantry = pantryWith({ products });
      return savingsOf(orderOf(runs, pantry, options), runs, pantry).find(({ key }) => key === 'buttermilk')!
        .consequence;
    };
    expect(told(['milk'])).not.toContain('may bring');
    expect(told(['milk', 'soya'])).toMatch(/may bring soya[^:]*: look at what the class may not eat/);
    expect(words).toContain('no spares for 9B');
    expect(words.join()).not.toContain('baking powder');
  });
});

describe('a school’s own densities', () => {
  it('are the mean of its own weighings, up to a moment', () => {
    const cups = [126, 130, 128, 127, 129, 128].map((grams, i) => ({
      ...{ id: String(i), ingredient: i % 2 ? 'flour' : 'Plain flour', ml: 250, grams, at: i },
    }));
    expect(ownDensities(cups).get('plain-flour')).toEqual({
      gPerMl: expect.closeTo(128 / 250, 9) as number,
      n: 6,
    });
    expect(ownDensities(cups, 1).get('plain-flour')!.n).toBe(2);
  });

  it('take the place of the table’s, and stand in for what no table knows; the rest stays', () => {
    const own = ownDensities([
      { id: 'a', ingredient: 'Plain flour', ml: 250, grams: 128, at: 0 },
      { id: 'b', ingredient: 'Moon dust', ml: 100, grams: 70, at: 0 },
    ]);
    const formula = [
      line('f', 'Plain flour', 1, { unit: 'cup' }),
      line('m', 'Moon dust', 1, { unit: 'cup' }),
      line('s', 'Caster sugar', 1, { unit: 'cup' }),
    ];
    const plan = { ...scones, factors: [], formula };
    const facts = withOwnDensities(batchFacts(plan), formula, own);
    const grams = formula.map((one) => tablesOf(facts).gramsOf(one));
    const table = formula.map((one) => batchTables.gramsOf(one));
    // The plan's cup is of 250 ml: 128 g and 175 g; of sugar what the table says.
    expect(grams[0]).toBeCloseTo(128, 6);
    expect(grams[1]).toBeCloseTo(175, 6);
    expect(grams[2]).toBe(table[2]);
    expect(table[1]).toBeNull();
  });
});
