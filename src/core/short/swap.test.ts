import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import type { AllergenId } from '../ingredients';
import { emptyPantry } from '../order';
import { newIngredient, stationPlan, type Plan } from '../practical';
import { waysOut } from '.';
import { asked, kinds, plan, waysOf } from './testing/asked';

describe('something else in its place', () => {
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
    expect([cost(0), cost(500), cost(600), cost(700)]).toEqual([2, 2, 1, 1]);
    const untried = (haveG: number) =>
      waysOf({ haveG })
        .find(({ name }) => name.includes('granulated'))!
        .testWords.includes('untried: one batch first');
    expect([untried(0), untried(599), untried(600)]).toEqual([true, true, false]);
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
});
