import { describe, expect, it } from 'vitest';
import { emptyPantry, freshWords, massWords, orderOf, purchaseWords, type Pantry } from '.';
import { dayMs, line, lineOf, monday, options, pantryWith, product, run, scones } from './testing/orders';

describe('what is bought', () => {
  const milk = pantryWith({
    products: [
      product('Buttermilk', 500, 1.1, { keepsDays: 3 }),
      product('buttermilk', 284, 0.8, { keepsDays: 3 }),
    ],
  });

  it('what is there goes first; the rest in the school’s own packs, never the usual ones', () => {
    const pantry = pantryWith({ ...milk, stock: [{ ingredient: 'butter milk', grams: 236 }] });
    // 8 × 150 ml × 1.03 g/ml = 1236 g, 236 of them there: 2 × 500 g for 2.20, with 0 g left.
    const { purchases, fromStockG, ownPacks } = lineOf([run()], 'buttermilk', pantry);
    expect([fromStockG, ownPacks]).toEqual([236, true]);
    expect(purchases[0]!.packs.map(({ pack, count }) => [count, pack.sizeG])).toEqual([[2, 500]]);
    expect(purchases[0]).toMatchObject({ cost: 2.2, leftG: expect.closeTo(0, 9) as number });
  });

  it('what keeps three days is bought again for a lesson after them; flour is bought once', () => {
    const week = [0, 1, 4].map((day) => run({ id: `r${day}`, day }));
    const days = lineOf(week, 'buttermilk', milk).purchases.map(({ buyOn, runIds }) => [
      (buyOn - monday) / dayMs,
      runIds,
    ]);
    // Bought on Sunday it keeps to Wednesday; Friday’s is bought on Thursday.
    expect(days).toEqual([
      [-1, ['r0', 'r1']],
      [3, ['r4']],
    ]);
    expect(lineOf(week, 'plain-flour').purchases).toHaveLength(1);
    expect(lineOf(week, 'plain-flour').purchases[0]!.neededG).toBe(4800);
    // The earliest lesson says when, in whatever order they come, and is served first from what is there.
    const late = [...week].reverse();
    const stock = [{ ingredient: 'plain flour', grams: 2000 }];
    const flour = lineOf(late, 'plain-flour', pantryWith({ stock }));
    expect(flour.purchases).toMatchObject([
      { buyOn: monday - dayMs, neededG: 2800, runIds: ['r1', 'r4'], keepsUntil: null },
    ]);
    expect(orderOf(late, milk, options).runs.map(({ runId }) => runId)).toEqual(['r0', 'r1', 'r4']);
    expect(lineOf(week, 'buttermilk', milk).purchases[0]!.keepsUntil).toBe(monday + 2 * dayMs);
    // Of two packs the one that keeps less long counts.
    const mixed = pantryWith({
      products: [milk.products[0]!, { ...milk.products[1]!, keepsDays: 30 }],
    });
    expect(lineOf(week, 'buttermilk', mixed).purchases).toHaveLength(2);
  });

  it('says what would not keep from the last open day to its lesson, and buys it once all the same', () => {
    // Bought on Friday for Monday.
    const friday = { ...options, buyDayOf: (at: number) => options.buyDayOf(at) - 2 * dayMs };
    const plan = { ...scones, factors: [], formula: [line('c', 'Cod', 100), line('f', 'Plain flour', 100)] };
    const runs = ['a', 'b'].map((id) => run({ id, plan, stations: [null] }));
    const bought = (keepsDays: number | null) =>
      orderOf(runs, pantryWith({ products: [product('Cod', 200, 4, { keepsDays })] }), friday).lines.map(
        ({ name, purchases }) => [name, purchases.map((one) => [one.runIds.length, freshWords(one) === ''])],
      );
    // Raw fish keeps a day as usual; a pack that says three days does to Monday, of two it does not.
    expect(bought(null)).toEqual([
      ['Plain flour', [[2, true]]],
      ['Cod', [[2, false]]],
    ]);
    expect(bought(2)[1]).toEqual(['Cod', [[2, false]]]);
    expect(bought(3)[1]).toEqual(['Cod', [[2, true]]]);
    // To Monday, and not to Tuesday, where nobody can buy in between.
    const closed = { ...friday, buyDayOf: () => monday - 3 * dayMs };
    const days = [0, 1].map((day) => run({ id: `d${day}`, day, plan, stations: [null] }));
    const cod = orderOf(days, pantryWith({ products: [product('Cod', 200, 4, { keepsDays: 3 })] }), closed)
      .lines[1]!;
    expect(cod.purchases.map((one) => [one.runIds, one.keepsToLesson])).toEqual([[['d0', 'd1'], false]]);
  });

  it('yolks come out of whole eggs, and their whites are offered to whoever wants them', () => {
    const plan = (name: string, amount: number) => ({
      ...scones,
      factors: [],
      formula: [line('e', name, amount, { unit: 'each' })],
    });
    const yolks = run({ id: 'y', plan: plan('egg yolk', 2), stations: [null, null, null, null] });
    const order = orderOf([yolks], emptyPantry, options);
    // 8 yolks of 17 g: 8 eggs, 8 × 33 g of white.
    expect(order.lines.find(({ key }) => key === 'egg')!.parts).toMatchObject([{ batches: 8, grams: 400 }]);
    expect(order.lines.find(({ key }) => key === 'egg-yolk')).toMatchObject({ outOf: 'egg', purchases: [] });
    expect(order.byProducts).toMatchObject([{ key: 'egg-white', grams: 264, couldGoTo: [] }]);
    expect(order.lines.find(({ key }) => key === 'egg')).toMatchObject({ loose: false, ownPacks: false });
    expect(order.lines.find(({ key }) => key === 'egg-yolk')!.loose).toBe(false);
    expect(order.lines.find(({ key }) => key === 'egg')!.parts[0]!.treatment).toBe('for egg yolk');
    // Eggs have no price, and are one thing without: the yolk is no other.
    expect(order.runs[0]!.unpriced).toBe(1);
    // Another lesson whips whites: it may have them.
    const whites = run({ id: 'w', plan: plan('egg white', 3), stations: [null] });
    const both = orderOf([yolks, whites], emptyPantry, options);
    expect(both.byProducts.map(({ key, couldGoTo }) => [key, couldGoTo])).toEqual([
      ['egg-white', ['w']],
      ['egg-yolk', ['y']],
    ]);
    // Both in one batch: five eggs for five whites, and two of the five yolks.
    const mixed = {
      ...plan('egg yolk', 2),
      formula: [...plan('egg yolk', 2).formula, line('w', 'egg white', 5, { unit: 'each' })],
    };
    const one = orderOf([run({ plan: mixed, stations: [null] })], emptyPantry, options);
    expect(one.lines.find(({ key }) => key === 'egg')!.parts).toMatchObject([
      { batches: 5, treatment: 'for egg yolk and egg white' },
    ]);
    expect(one.byProducts).toMatchObject([{ key: 'egg-yolk', grams: 51 }]);
    // A school that buys whites in cartons cracks no eggs for them.
    const cartons = pantryWith({ products: [product('egg white', 500, 2)] });
    const bought = orderOf([whites], cartons, options);
    expect(bought.lines.map(({ key, purchases }) => [key, purchases.length])).toEqual([['egg-white', 1]]);
    // Of two lessons what is left of both.
    const two = orderOf([yolks, { ...yolks, id: 'z' }], emptyPantry, options);
    expect(two.byProducts).toMatchObject([{ key: 'egg-white', grams: 528 }]);
    // Yolks in stock are not taken: they come out of the eggs that are bought.
    const stocked = pantryWith({ stock: [{ ingredient: 'egg yolk', grams: 100 }] });
    expect(lineOf([yolks], 'egg-yolk', stocked).fromStockG).toBe(0);
  });

  it('stands by store as one walks: dry, cold, frozen, fresh; what a pack says of its store comes first', () => {
    const formula = ['Pear', 'Ice cream', 'Milk', 'Salt', 'Cornflour', 'Cod', 'Cheddar', 'Turkey mince'].map(
      (name) => line(name, name, 10),
    );
    const plan = { ...scones, factors: [], formula };
    const stores = (pantry: Pantry) =>
      orderOf([run({ plan, stations: [null] })], pantry, options).lines.map(
        ({ name, store }) => `${name} ${store}`,
      );
    const usual = stores(emptyPantry);
    expect(usual.slice().sort()).toEqual([
      ...[
        'Cheddar cold',
        'Cod cold',
        'Cornflour dry',
        'Ice cream frozen',
        'Milk cold',
        'Pear fresh',
        'Salt dry',
      ],
      'Turkey mince cold',
    ]);
    const places = usual.map((one) => one.split(' ').at(-1)!);
    expect(places).toEqual(
      [...places].sort((a, b) => 'dry cold frozen fresh'.indexOf(a) - 'dry cold frozen fresh'.indexOf(b)),
    );
    const own = pantryWith({
      products: [
        product('Cod', 400, 4, { supplier: 'Quay' }),
        product('Cod', 500, null, { store: 'frozen', supplier: 'Quay' }),
        product('Cod', 600, 9),
      ],
    });
    expect(stores(own)).toContain('Cod frozen');
    const cod = lineOf([run({ plan, stations: [null] })], 'cod', own);
    expect(cod.suppliers).toEqual(['Quay']);
    // Raw fish is bought for the day, cheese for two weeks, milk for five days (common practice).
    const bought = (name: string, days: number[]) =>
      lineOf(
        days.map((day) =>
          run({ id: `d${day}`, day, stations: [null], plan: { ...plan, formula: [line('x', name, 50)] } }),
        ),
        orderOf([run({ plan: { ...plan, formula: [line('x', name, 50)] } })], emptyPantry, options).lines[0]!
          .key,
      ).purchases.length;
    expect([bought('Cod', [0, 1]), bought('Cheddar', [0, 12]), bought('Cheddar', [0, 15])]).toEqual([
      2, 1, 2,
    ]);
    expect([bought('Milk', [0, 4]), bought('Milk', [0, 6])]).toEqual([1, 2]);
  });

  it('a lesson out of the cupboard costs what its cheapest pack does, a gram for a gram', () => {
    const pantry = pantryWith({
      products: [
        product('plain flour', 1500, 1.5),
        product('plain flour', 500, 1),
        product('plain flour', 250, null),
      ],
      stock: [{ ingredient: 'plain flour', grams: 5000 }],
    });
    const { pricePerG, purchases } = lineOf([run()], 'plain-flour', pantry);
    expect([pricePerG, purchases]).toEqual([0.001, []]);
    // What is bought costs what is paid for it, not what the cheapest by mass would.
    const big = pantryWith({
      products: [product('plain flour', 2000, 4), product('plain flour', 25_000, 25)],
    });
    expect(lineOf([run()], 'plain-flour', big).pricePerG).toBe(0.002);
    const unpriced = pantryWith({ ...pantry, products: [pantry.products[2]!] });
    expect(lineOf([run()], 'plain-flour', unpriced).pricePerG).toBeNull();
  });

  it('an ingredient with no pack is bought by mass, and eggs are whole', () => {
    const plan = {
      ...scones,
      factors: [],
      formula: [line('a', 'Moon dust', 30), line('b', 'egg', 1.5, { unit: 'each' })],
    };
    const lines = orderOf([run({ plan, stations: [null] })], emptyPantry, options).lines;
    expect(lines.find(({ name }) => name === 'Moon dust')).toMatchObject({
      loose: true,
      purchases: [{ boughtG: 30 }],
    });
    const eggs = lines.find(({ key }) => key === 'egg')!;
    expect(eggs.purchases[0]!.boughtG).toBe(300);
    expect(lines.find(({ name }) => name === 'Moon dust')!.parts[0]!.note).toBe('');
    expect(purchaseWords(eggs.purchases[0]!, eggs.pieceG)).toBe('1 × 300 g');
    const dust = lines.find(({ name }) => name === 'Moon dust')!;
    expect(purchaseWords(dust.purchases[0]!, null)).toBe('30 g, no pack known');
    const words = [massWords(100, 50), massWords(101, 50), massWords(999), massWords(1000), massWords(2520)];
    expect(words).toEqual(['2 × 50 g', '3 × 50 g', '999 g', '1 kg', '2.52 kg']);
    // Seven and a half eggs are eight, where no pack of them is sold.
    const half = { ...plan, formula: [line('b', 'egg yolk', 1.5, { unit: 'each' })] };
    const whole = orderOf(
      [run({ plan: half, stations: [null, null, null, null, null] })],
      emptyPantry,
      options,
    );
    expect(whole.lines.find(({ key }) => key === 'egg')!.parts[0]!.batches).toBe(8);
  });
});
