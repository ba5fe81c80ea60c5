import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import type { AllergenId } from '../ingredients';
import { emptyPantry, type Pantry } from '../order';
import {
  newIngredient,
  newPlan,
  noPortions,
  stationPlan,
  treatmentOf,
  treatmentsOf,
  type Plan,
} from '../practical';
import { sodaScones } from '../practical/testing/plans';
import { inOtherTin, shrinkToScarcest, toolSwapsFor, waysOut, type ShortAsked } from '.';

const plan: Plan = {
  ...newPlan('Biscuit rounds', null),
  formula: [
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 200, unit: 'g' }),
    newIngredient({ id: 'sugar', name: 'Caster sugar', amount: 100, unit: 'g' }),
    newIngredient({ id: 'nuts', name: 'Almonds', amount: 20, unit: 'g', optional: true }),
  ],
  portions: { ...noPortions, pieces: 8 },
};
const own = stationPlan(plan, null, null, batchTables.gramsOf);
const asked = (patch: Partial<ShortAsked> = {}): ShortAsked => ({
  ...{ plan, spares: 0, ingredientId: 'sugar', haveG: 1000, pantry: emptyPantry, canBuy: false },
  batches: Array.from({ length: 12 }, (_, i) => ({ station: i + 1, treatmentId: i < 6 ? 'a' : 'b', own })),
  ...patch,
});
const waysOf = (patch: Partial<ShortAsked> = {}) => waysOut(asked(patch))!.ways;
const kinds = (patch: Partial<ShortAsked> = {}) => waysOf(patch).map(({ kind }) => kind);

describe('what is scarcest', () => {
  it('shrinks the batch to it, never grows it', () => {
    const lines = (have: number[]) => have.map((haveG, i) => ({ name: 'abc'[i]!, wantedG: 100, haveG }));
    expect(shrinkToScarcest(lines([90, 84, 100]))).toEqual({ factor: 0.84, scarcest: 'b' });
    expect(shrinkToScarcest(lines([200, 100]))).toEqual({ factor: 1, scarcest: null });
    expect(shrinkToScarcest([{ name: 'x', wantedG: 5, haveG: 0 }]).factor).toBe(0);
    expect(() => shrinkToScarcest([{ name: 'x', wantedG: 0, haveG: 0 }])).toThrow('lines');
  });
});

describe('ran short', () => {
  it('of a cup of sugar (225 g in 1200): smaller batches by 0.81, then something else at every station alike', () => {
    const ways = waysOf({ haveG: 975 });
    expect(ways[0]).toMatchObject({ kind: 'smaller', name: 'batches of 0.81', factor: 0.81, testCost: 1 });
    // 0.81 × 200 and 0.81 × 100 g; 0.81 × 8 pieces is 6 whole ones.
    expect(ways[0]!.words).toBe(
      'batches of 0.81 at every station: 162 g plain flour for 200 g and 81 g caster sugar for 100 g, 6 pieces for 8',
    );
    const granulated = ways.find(({ name }) => name.includes('granulated'))!;
    // 225 g are missing; a gram for a gram; 18.75 g a station.
    expect(granulated).toMatchObject({ name: '225 g granulated sugar instead', testCost: 1 });
    expect(granulated.working.map(({ value }) => value)).toEqual([225, 1, 18.75]);
    expect(granulated.words).toContain('19 % of it at every station alike');
    expect(kinds({ haveG: 975 }).at(-1)).toBe('fewer');
  });

  it('spares first, then the shop while there is time; what is optional may be left out', () => {
    // Where the stations have theirs nothing else is asked of them.
    expect(kinds({ haveG: 1200, spares: 1, canBuy: true })).toEqual(['spares', 'buy']);
    expect(kinds({ haveG: 1200, spares: 1 })).toEqual(['spares']);
    expect(kinds({ haveG: 1199, spares: 1 })).not.toContain('spares');
    // One of each of two treatments: 100 g each.
    expect(waysOut(asked({ haveG: 1300, spares: 1 }))).toMatchObject({ neededG: 1400, shortG: 100 });
    expect(waysOf({ haveG: 1300, spares: 1 })[0]!.name).toBe('keep 1 spare of 2');
    expect(waysOf({ haveG: 1200, spares: 1 })[0]).toMatchObject({
      name: 'leave out the spares',
      words: 'leave out the spares: the stations take 1200 g of caster sugar, 1200 g is there',
    });
    // Half a batch and less is another test.
    const smaller = (haveG: number) => waysOf({ haveG }).find(({ kind }) => kind === 'smaller')!.testCost;
    expect([smaller(480), smaller(600), smaller(900)]).toEqual([2, 1, 1]);
    expect(waysOf({ ingredientId: 'nuts', haveG: 0 })[0]).toMatchObject({ kind: 'leave-out', testCost: 1 });
    expect(kinds({ haveG: 0 })).not.toContain('leave-out');
    // A batch of nothing is none.
    expect(kinds({ haveG: 0 })).not.toContain('smaller');
  });

  it('what is shown takes its batch too, and is never a station that goes without', () => {
    const shown = { station: null, treatmentId: 'b', own };
    const batches = [...asked().batches, shown];
    expect(waysOut(asked({ batches, haveG: 1200 }))).toMatchObject({ neededG: 1300, shortG: 100 });
    expect(waysOf({ batches, haveG: 1300, spares: 1 })[0]!.words).toContain(
      'the stations and the demonstration take 1300 g',
    );
    const fewer = (some: ShortAsked['batches'], haveG: number) =>
      waysOf({ batches: some, haveG }).find(({ kind }) => kind === 'fewer')?.words;
    expect(fewer(batches, 1200)).toBe('station 12 works with another: 12 batches take 1200 g caster sugar');
    // One station and what is shown: the station stays.
    expect(fewer([asked().batches[11]!, shown], 100)).toBeUndefined();
    expect(fewer(asked().batches.slice(0, 2), 100)).toBe(
      'station 2 works with another: 1 batch takes 100 g caster sugar',
    );
  });

  it('of what is not the same at every station: each its own, spares of every level as their stations', () => {
    // 0, 1, 2 and 4 % of 200 g at two stations each: 28 g, and a spare of each 14 g more.
    const soda = sodaScones(0, 1, 2, 4);
    const batches = treatmentsOf(soda).flatMap(({ id }, i) =>
      [2 * i + 1, 2 * i + 2].map((station) => ({
        station,
        treatmentId: id,
        own: stationPlan(soda, null, treatmentOf(soda, id)!, batchTables.gramsOf),
      })),
    );
    const soda_ = { plan: soda, ingredientId: 'soda', batches };
    expect(waysOut(asked({ ...soda_, spares: 1, haveG: 42 }))).toBeNull();
    expect(waysOut(asked({ ...soda_, spares: 1, haveG: 34 }))).toMatchObject({ neededG: 42, shortG: 8 });
    // 6 g beyond the stations: the spares of 0, 2 and 4 g.
    expect(waysOf({ ...soda_, spares: 1, haveG: 34 })[0]!.name).toBe(
      'keep 3 spares of 4, those that take least',
    );
    const smaller = waysOf({ ...soda_, haveG: 21 }).find(({ kind }) => kind === 'smaller')!;
    expect(smaller.words).toBe(
      'batches of 0.75 at every station: 150 g plain flour for 200 g and 1.5 g, 3 g and 6 g bicarbonate of soda for 2 g, 4 g and 8 g',
    );
    // A station that takes none saves none: the one that takes most goes.
    expect(waysOf({ ...soda_, haveG: 20 }).find(({ kind }) => kind === 'fewer')!.words).toBe(
      'station 8 works with another: 7 batches take 20 g bicarbonate of soda',
    );
  });

  it('a batch of two decimals that fits exactly is not made smaller, and what comes to no piece is not counted', () => {
    // 684 of 1200 g is 0.57, which no binary fraction is.
    const smaller = (patch: Partial<ShortAsked>) => waysOf(patch).find(({ kind }) => kind === 'smaller')!;
    expect(smaller({ haveG: 684 })).toMatchObject({ factor: 0.57, name: 'batches of 0.57' });
    expect(smaller({ haveG: 684 }).working.map(({ value }) => value)).toEqual([684, 1200, 0.57]);
    expect(smaller({ haveG: 684 }).testWords).toContain('all ratios kept');
    expect(smaller({ haveG: 600 }).testWords).toContain('all ratios kept');
    expect(smaller({ haveG: 480 }).testWords).toContain('so small a batch');
    const pieces = (count: number | null, haveG: number) =>
      smaller({ plan: { ...plan, portions: { ...noPortions, pieces: count } }, haveG }).words;
    // 0.29 of 100 is 29, and not 28 of 28.999999999999996.
    expect(pieces(100, 348)).toContain('29 pieces for 100');
    expect(pieces(3, 480)).toMatch(/, 1 piece for 3$/);
    expect(pieces(1, 480)).not.toContain('piece');
    expect(pieces(null, 480)).not.toContain('piece');
    // What is short may be the main ingredient: it is told once.
    expect(smaller({ ingredientId: 'flour', haveG: 1800 }).words).toBe(
      'batches of 0.75 at every station: 150 g plain flour for 200 g, 6 pieces for 8',
    );
  });

  it('in whole packs of the school, with what they cost', () => {
    const sugar = { id: 'p', ingredient: 'castor sugar', name: '', packG: 500, price: 0.9, supplier: '' };
    const pantry: Pantry = {
      ...emptyPantry,
      products: [{ ...sugar, store: null, keepsDays: null, allergens: null }],
    };
    expect(waysOf({ haveG: 500, canBuy: true, pantry })[0]!.name).toBe('buy 2 × 500 g, 1.80');
    // Without a pack of the school's own the usual ones, and no price.
    expect(waysOf({ haveG: 500, canBuy: true })[0]!.name).toBe('buy 1 × 1000 g');
    // Cheap flour is no sugar.
    const flour = { ...pantry.products[0]!, id: 'q', ingredient: 'plain flour', price: 0.1 };
    const both = { ...pantry, products: [flour, ...pantry.products] };
    expect(waysOf({ haveG: 500, canBuy: true, pantry: both })[0]!.name).toBe('buy 2 × 500 g, 1.80');
    // Nobody knows packs of moon dust.
    const dusty = {
      ...plan,
      formula: [newIngredient({ id: 'sugar', name: 'Moon dust', amount: 10, unit: 'g' })],
    };
    const dustOwn = stationPlan(dusty, null, null, batchTables.gramsOf);
    const dust = waysOf({
      ...{ plan: dusty, haveG: 0, canBuy: true },
      batches: asked().batches.map((one) => ({ ...one, own: dustOwn })),
    });
    expect(dust[0]).toMatchObject({ name: 'buy 120 g', words: 'buy 120 g of moon dust' });
    expect(dust.map(({ kind }) => kind)).toEqual(['buy']);
  });

  it('never offers to swap what is tested as if it were fair, nor what there is too little of', () => {
    const tested: Plan = {
      ...plan,
      factors: [
        {
          ...{ id: 'f', name: 'sugar', unit: '', levels: [] },
          acts: { on: 'amount', ingredientId: 'sugar', as: 'g', of: null },
        },
      ],
    };
    // What costs the test least stands first, wherever it comes from.
    for (const haveG of [0, 300, 480, 700, 950, 1100]) {
      const ranked = waysOf({ plan: tested, haveG }).map(({ testCost }) => testCost);
      expect(ranked).toEqual([...ranked].sort((a, b) => a - b));
    }
    expect(kinds({ plan: tested, haveG: 950 }).slice(-2)).toEqual(['swap', 'swap']);
    expect(kinds({ plan: tested, haveG: 950 })).toContain('fewer');
    const costs = waysOf({ plan: tested })
      .filter(({ kind }) => kind === 'swap')
      .map(({ testCost }) => testCost);
    expect(new Set(costs)).toEqual(new Set([3]));
    const optional = { ...tested, formula: tested.formula.map((one) => ({ ...one, optional: true })) };
    expect(new Set(kinds({ plan: optional, haveG: 0 }))).toEqual(new Set(['swap']));
    // A factor on something else does not make this what is tested.
    const other: Plan = {
      ...optional,
      factors: [{ ...tested.factors[0]!, acts: { on: 'amount', ingredientId: 'flour', as: 'g', of: null } }],
    };
    expect(kinds({ plan: other, haveG: 0 })).toContain('leave-out');
    expect(waysOf({ plan: other, haveG: 700 }).find(({ kind }) => kind === 'swap')!.testCost).toBe(1);
    const elsewhere: Plan = {
      ...plan,
      factors: [{ ...tested.factors[0]!, acts: { on: 'words', scale: 'number' } }],
    };
    expect(waysOf({ plan: elsewhere, haveG: 700 }).find(({ kind }) => kind === 'swap')!.testCost).toBe(1);
    const little = { ...emptyPantry, stock: [{ ingredient: 'granulated sugar', grams: 150 }] };
    // 200 g are missing: 150 g do not do, 200 g do.
    const granulated = (grams: number) =>
      waysOf({
        ...{ haveG: 1000, pantry: { ...little, stock: [{ ...little.stock[0]!, grams }] } },
      }).some(({ name }) => name.includes('granulated'));
    expect([granulated(150), granulated(200), granulated(900)]).toEqual([false, true, true]);
  });

  it('offers nothing that would have to be made up for by what is not in the batch, or that only thickens', () => {
    const names = (plan_: Plan) =>
      waysOut(
        asked({
          plan: plan_,
          ingredientId: 'flour',
          haveG: 0,
          batches: [
            { station: 1, treatmentId: null, own: stationPlan(plan_, null, null, batchTables.gramsOf) },
          ],
        }),
      )!
        .ways.map(({ name }) => name)
        .join();
    expect(names(plan)).toContain('spelt');
    // Self-raising flour has 3.3 % of powder in it: there is none here to leave out.
    expect(names(plan)).not.toContain('self-raising');
    expect(names(plan)).not.toContain('cornflour');
    const powder = newIngredient({ id: 'p', name: 'Baking powder', amount: 8, unit: 'g' });
    expect(names({ ...plan, formula: [...plan.formula, powder] })).toContain('self-raising');
    // 3.3 % of 200 g is 6.6 g.
    const some = (amount: number) => names({ ...plan, formula: [...plan.formula, { ...powder, amount }] });
    expect([some(6.5).includes('self-raising'), some(6.7).includes('self-raising')]).toEqual([false, true]);
    const dust = newIngredient({ id: 'd', name: 'Moon dust', amount: 8, unit: 'g' });
    expect(names({ ...plan, formula: [...plan.formula, dust] })).toContain('spelt');
  });

  it('reckons with what of it does as much, and names the main ingredient wherever it stands', () => {
    // Butter is 80 to 82 % fat (Regulation (EU) 1308/2013, annex VII: not less than 80 %): 82 g of oil for 100.
    const butter = {
      ...plan,
      formula: [newIngredient({ id: 'sugar', name: 'Butter', amount: 100, unit: 'g' })],
    };
    const butterOwn = stationPlan(butter, null, null, batchTables.gramsOf);
    const oil = waysOf({
      plan: butter,
      haveG: 700,
      batches: asked().batches.map((one) => ({ ...one, own: butterOwn })),
    }).find(({ name }) => name.includes('oil'));
    expect(oil?.name).toBe('410 g oil instead');
    const reversed = { ...plan, formula: [...plan.formula].reverse() };
    const reversedOwn = stationPlan(reversed, null, null, batchTables.gramsOf);
    const batches = asked().batches.map((one) => ({ ...one, own: reversedOwn }));
    const smaller = waysOf({ plan: reversed, batches, haveG: 900 }).find(({ kind }) => kind === 'smaller')!;
    expect(smaller.words).toContain('150 g plain flour for 200 g');
    // A fifth of a batch is none.
    expect(kinds({ haveG: 240 })).not.toContain('smaller');
    expect(kinds({ haveG: 252 })).toContain('smaller');
  });

  it('says what goes in with it, and what is left out for it', () => {
    const swapped = (name: string, to: string, beside: Plan['formula'] = []) => {
      const formula = [newIngredient({ id: 'x', name, amount: 200, unit: 'g' }), ...beside];
      const own_ = stationPlan({ ...plan, formula }, null, null, batchTables.gramsOf);
      return waysOf({
        ...{ plan: { ...plan, formula }, ingredientId: 'x', haveG: 0 },
        batches: [1, 2].map((station) => ({ station, treatmentId: null, own: own_ })),
      }).find((way) => way.name.includes(to))!.words;
    };
    // 89 g of milk and 11 g of lemon juice for 100 g of buttermilk (science.md, what stands in).
    expect(swapped('Buttermilk', ' milk')).toBe(
      '356 g milk in place of 400 g buttermilk at every station, with 44 g lemon juice more',
    );
    // 82 g of oil and 16 g of water for 100 g of butter.
    expect(swapped('Butter', 'oil')).toContain('with 64 g water more');
    const powder = newIngredient({ id: 'p', name: 'Baking powder', amount: 8, unit: 'g' });
    expect(swapped('Plain flour', 'self-raising', [powder])).toMatch(
      /with 1[34](\.\d)? g baking powder less$/,
    );
  });

  it('all of an ingredient swapped is another result to be expected', () => {
    const cost = (haveG: number) =>
      waysOf({ haveG }).find(({ name }) => name.includes('granulated'))!.testCost;
    expect([cost(0), cost(500), cost(700)]).toEqual([2, 2, 1]);
  });

  it('says what allergen a swap brings', () => {
    const almonds = waysOf({ ingredientId: 'nuts', haveG: 0 });
    expect(almonds.some(({ kind }) => kind === 'swap')).toBe(true);
    const milk = { ...plan, formula: [newIngredient({ id: 'm', name: 'Milk', amount: 100, unit: 'g' })] };
    const milkOwn = stationPlan(milk, null, null, batchTables.gramsOf);
    const ways = waysOf({
      plan: milk,
      ingredientId: 'm',
      batches: [{ station: 1, treatmentId: null, own: milkOwn }],
      haveG: 0,
    });
    expect(ways.find(({ name }) => name.includes('soya'))!.testWords).toContain('Brings soya');
    const oats = ways.find(({ name }) => name.includes('oat'))!.testWords;
    expect(oats).toMatch(/Brings [^.]*gluten/);
    expect(oats).not.toMatch(/Brings [^.]*milk/);
    // What the school's own pack says is brought in too; what was there before is not brought.
    const says = (allergens: AllergenId[]) => {
      const pack = {
        id: 'p',
        ingredient: 'granulated sugar',
        name: '',
        packG: 500,
        price: null,
        supplier: '',
      };
      const own_ = { ...pack, store: null, keepsDays: null, allergens };
      const pantry = {
        ...emptyPantry,
        products: [own_, { ...own_, ingredient: 'caster sugar', allergens: ['nuts' as const] }],
      };
      return waysOf({ haveG: 700, pantry }).find(({ name }) => name.includes('granulated'))!.testWords;
    };
    expect(says([])).not.toMatch(/rings/);
    expect(says(['milk', 'nuts'])).toMatch(/Brings milk:/);
    expect(says(['milk', 'nuts'])).not.toContain('May bring');
    expect(says(['gluten'])).toMatch(/Brings [^.]*gluten[^.]*\. May bring wheat/);
  });

  it('fewer stations: of the treatment with most repeats, never the last of one', () => {
    const [fewer] = waysOf({ haveG: 950 }).filter(({ kind }) => kind === 'fewer');
    expect(fewer!.words).toBe('stations 6, 11 and 12 work with another: 9 batches take 900 g caster sugar');
    const two = asked().batches.filter(({ station }) => station === 1 || station === 12);
    expect(kinds({ batches: two, haveG: 100 })).not.toContain('fewer');
  });

  it('is nothing where it is not short, and cannot be told where the amount is not known', () => {
    expect(waysOut(asked({ haveG: 1200 }))).toBeNull();
    expect(waysOut(asked({ ingredientId: 'none', haveG: 0 }))).toBeNull();
    const untold = { ...plan, formula: [newIngredient({ id: 'sugar', name: 'Caster sugar' })] };
    const untoldOwn = stationPlan(untold, null, null, batchTables.gramsOf);
    const known = asked().batches[0]!;
    expect(
      waysOut(asked({ plan: untold, batches: [known, { ...known, own: untoldOwn }], haveG: 0 })),
    ).toBeNull();
    expect(waysOut(asked({ batches: [], haveG: 0 }))).toBeNull();
  });
});

describe('tools', () => {
  it('a tin of another size: depth by the floor, time between depth and its square', () => {
    // 20 cm for 23 cm round: 415 for 314 cm²; common practice: a third deeper.
    const { depthTimes, minutesTimes } = inOtherTin((Math.PI * 23 ** 2) / 4, (Math.PI * 20 ** 2) / 4);
    expect(depthTimes).toBeCloseTo(1.3225, 9);
    expect([minutesTimes.low, minutesTimes.high]).toEqual([depthTimes, depthTimes ** 2]);
    expect(inOtherTin(100, 200).minutesTimes).toEqual({ low: 0.25, high: 0.5 });
  });

  it('what does instead, with what it changes; nothing for what nobody knows', () => {
    expect(toolSwapsFor('cutter, 5 cm')).toHaveLength(2);
    expect(toolSwapsFor('thermometer 2')[1]!.changes).toContain('nothing replaces the probe');
    expect(toolSwapsFor('moon rake')).toEqual([]);
  });
});
