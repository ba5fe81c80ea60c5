import { describe, expect, it } from 'vitest';
import type { AllergenId } from '../ingredients';
import { batchFacts, batchTables, tablesOf } from '../batch';
import {
  ingredientKey,
  onPacksOf,
  type Product,
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

  it('of two lessons each its own, by what it takes', () => {
    const bread = { ...scones, factors: [], formula: [line('f', 'Plain flour', 1000), line('s', 'Salt', 5)] };
    const both = [run(), run({ id: 'b', plan: bread, stations: [null, null], students: 4 })];
    const { runs } = orderOf(both, priced, options);
    // 1600 of 3600 g of flour in three packs of 1500 g at 1.20; no price of salt, and of soda at 0 % none is wanted.
    expect(runs.map(({ cost, unpriced }) => [cost, unpriced])).toEqual([
      [4.14, 0],
      [1.6, 1],
    ]);
    expect(runs[1]).toMatchObject({ perStation: 0.8, perStudent: 0.4 });
    const none = run({ stations: ['l0', 'l0'] });
    const cheap = pantryWith({
      products: priced.products.filter(({ ingredient }) => !/soda/.test(ingredient)),
    });
    expect(orderOf([none], cheap, options).runs[0]!.unpriced).toBe(0);
  });

  it('what would be cheaper is plain to put in place, has a price, and is told with what goes with it', () => {
    const formula = [
      line('f', 'Plain flour', 200),
      line('s', 'Caster sugar', 100),
      line('b', 'Butter', 100),
      line('y', 'Soured cream', 50),
    ];
    const plain = { ...scones, factors: [], formula };
    const runs = [run({ plan: plain, stations: [null, null] })];
    const products = [
      ...[product('plain flour', 1000, 1), product('caster sugar', 1000, 2), product('butter', 250, 2.5)],
      ...[
        product('soured cream', 100, 1),
        product('granulated sugar', 1000, 1),
        product('cornflour', 1000, 0.01),
      ],
      ...[
        product('self-raising flour', 1000, 0.01),
        product('honey', 1000, 0.01),
        product('vegan butter', 250, null),
        product('sunflower oil', 1000, 2),
      ],
    ];
    const found = (more: Product[] = []) => {
      const pantry = pantryWith({ products: [...products, ...more] });
      return savingsOf(orderOf(runs, pantry, options), runs, pantry);
    };
    // 200 g of butter at 10 a kilogram against 164 g of oil at 2: 1.672; sugar 0.40 against 0.20. Flour that needs powder left out,
    // what only thickens, and vegan butter of which nobody knows the price are not offered; nor is what saves 4 pence.
    expect(found().map(({ words, saves }) => [words, Number(saves.toFixed(3))])).toEqual([
      ['oil with 32 g water in place of Butter', 1.672],
      ['granulated sugar in place of Caster sugar', 0.2],
    ]);
    expect(found([product('spelt flour', 1000, 0.9)])).toHaveLength(2);
    expect(found([product('spelt flour', 1000, 0.5)]).map(({ words }) => words)).toContain(
      'spelt flour in place of Plain flour',
    );
    // The cheapest pack of what stands in.
    expect(
      found([product('granulated sugar', 5000, 2.5)]).find(({ key }) => key === 'caster-sugar')!.saves,
    ).toBeCloseTo(0.4 - 0.1, 9);
  });

  it('spares cost as much of a lesson as they are of its batches', () => {
    const prep = { spares: 2, demonstration: true, lossPercent: 0, blind: false };
    const runs = [run({ id: 'a' }), run({ prep })];
    const order = orderOf(runs, priced, options);
    const saved = savingsOf(order, runs, priced);
    // Eight stations, two spares of each of four levels, one shown: 8 of 17 batches.
    const { cost } = order.runs.find(({ runId }) => runId === 'r')!;
    expect(saved).toEqual([
      {
        ...{ key: 'r', saves: expect.closeTo((cost * 8) / 17, 9) as number, words: 'no spares for 9B' },
        consequence: 'a batch that fails is a station without a result',
      },
    ]);
    expect(savingsOf(orderOf([run({ prep })], emptyPantry, options), [run({ prep })], emptyPantry)).toEqual(
      [],
    );
    expect(
      savingsOf(
        orderOf([run({ prep: { ...prep, demonstration: false }, stations: [] })], priced, options),
        [run({ prep: { ...prep, demonstration: false }, stations: [] })],
        priced,
      ),
    ).toEqual([]);
    // What saves most stands first.
    const dear = pantryWith({ products: [...priced.products, product('milk', 1000, 1.7)] });
    const milk = [run({ prep: { ...prep, spares: 1 } })];
    const ranked = savingsOf(orderOf(milk, dear, options), milk, dear).map(({ key }) => key);
    expect(ranked[0]).toBe('r');
    expect(ranked).toContain('buttermilk');
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
    // Nothing is known twice, and nothing that nobody has weighed is made up.
    const sand = line('x', 'Sand', 1, { unit: 'cup' });
    const known = batchFacts(plan).items.map(({ key }) => key);
    const now = withOwnDensities(batchFacts(plan), [...formula, sand], own).items.map(({ key }) => key);
    expect(now.sort()).toEqual([...known, '\nMoon dust'].sort());
    // Packed into its measure it weighs as much more as the table says: what it may be at most follows.
    const density = (from: typeof facts) => from.items.find(({ key }) => key.includes('flour'))!.density!;
    const [was, is] = [density(batchFacts(plan)), density(facts)];
    expect(is).toMatchObject({ gPerMl: 0.512, low: 0.512 });
    expect(is.high).toBeCloseTo((0.512 * was.high) / was.gPerMl, 9);
    // By what it is, not by what a formula calls it.
    const called = [line('c', 'White powder', 1, { unit: 'cup', item: 'plain-flour' })];
    const same = withOwnDensities(batchFacts({ ...plan, formula: called }), called, own);
    expect(tablesOf(same).gramsOf(called[0]!)).toBeCloseTo(128, 6);
  });
});

describe('one ingredient by its names', () => {
  it('is one thing: by the table’s item, by a name of it, and else by its own words', () => {
    expect(ingredientKey({ item: 'plain-flour', name: 'White powder' })).toBe('plain-flour');
    expect(ingredientKey({ name: 'Castor sugar' })).toBe('caster-sugar');
    expect(ingredientKey({ name: '  Moon   DUST ' })).toBe('moon dust');
  });

  it('has on its packs all that any of them says; wheat is a cereal with gluten', () => {
    const says = onPacksOf([
      { ingredient: 'castor sugar', allergens: ['milk'] },
      { ingredient: 'Caster sugar', allergens: ['wheat', 'milk'] },
      { ingredient: 'salt', allergens: null },
      { ingredient: 'oil', allergens: ['nuts'] },
    ]);
    expect([...says({ item: null, name: 'caster sugar' })].sort()).toEqual(['gluten', 'milk', 'wheat']);
    expect([says({ item: null, name: 'salt' }), says({ item: null, name: 'oil' })]).toEqual([[], ['nuts']]);
  });
});
