import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import type { AllergenId } from '../ingredients';
import { emptyPantry, type Pantry } from '../order';
import { newIngredient, newPlan, noPortions, stationPlan, type Plan } from '../practical';
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
    expect(kinds({ haveG: 1200, spares: 2, canBuy: true }).slice(0, 2)).toEqual(['spares', 'buy']);
    expect(kinds({ haveG: 1200, spares: 2 })).not.toContain('buy');
    expect(kinds({ haveG: 1199, spares: 2 })).not.toContain('spares');
    expect(waysOf({ haveG: 1300, spares: 2 })[0]!.name).toBe('keep 1 spare of 2');
    expect(waysOf({ haveG: 1200, spares: 2 })[0]!.name).toBe('leave out the spares');
    // Half a batch and less is another test.
    const smaller = (haveG: number) => waysOf({ haveG }).find(({ kind }) => kind === 'smaller')!.testCost;
    expect([smaller(480), smaller(600), smaller(900)]).toEqual([2, 1, 1]);
    expect(waysOf({ ingredientId: 'nuts', haveG: 0 })[0]).toMatchObject({ kind: 'leave-out', testCost: 1 });
    expect(kinds({ haveG: 0 })).not.toContain('leave-out');
    // A batch of nothing is none.
    expect(kinds({ haveG: 0 })).not.toContain('smaller');
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
    expect(kinds({ plan: optional, haveG: 0 })).not.toContain('leave-out');
    const elsewhere: Plan = {
      ...plan,
      factors: [{ ...tested.factors[0]!, acts: { on: 'words', scale: 'number' } }],
    };
    expect(waysOf({ plan: elsewhere, haveG: 700 }).find(({ kind }) => kind === 'swap')!.testCost).toBe(1);
    const little = { ...emptyPantry, stock: [{ ingredient: 'granulated sugar', grams: 150 }] };
    expect(waysOf({ pantry: little }).some(({ name }) => name.includes('granulated'))).toBe(false);
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
    const little = { ...powder, amount: 2 };
    expect(names({ ...plan, formula: [...plan.formula, little] })).not.toContain('self-raising');
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
