import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { emptyPantry, type Pantry } from '../order';
import { newIngredient, noPortions, stationPlan, treatmentOf, treatmentsOf } from '../practical';
import { sodaScones } from '../practical/testing/plans';
import { waysOut, type ShortAsked } from '.';
import { asked, kinds, own, plan, waysOf } from './testing/asked';

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
    // Whichever way stations are given.
    batches.sort((a, b) => (b.station % 3) - (a.station % 3) || b.station - a.station);
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
