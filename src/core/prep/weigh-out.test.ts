import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { newIngredient, type Plan } from '../practical';
import { usualPrepWays } from '../order';
import { sodaScones, wordLevels } from '../practical/testing/plans';
import { benchSetting } from '../run';
import { place } from '../run/testing/entries';
import { blindCodes } from '../weighing';
import { isMixed, runningOn, weighingLists, whoseDish, withOneBowl } from '.';

const plan = sodaScones(0, 1, 4);
const treatments = new Map([
  [1, 'l2'],
  [2, 'l0'],
  [3, 'l1'],
  [4, 'l1'],
]);
const options = {
  setting: benchSetting(plan, place, treatments, batchTables),
  treatmentAt: (station: number) => treatments.get(station) ?? null,
  seed: 3,
};

describe('the weigh-out', () => {
  it('has a dish for each station that takes some, by amount, and stops that run on from what is shown', () => {
    const [flour, soda] = weighingLists(plan, { ...options, ways: usualPrepWays });
    expect(
      soda!.dishes.map(({ stations, mark, wanted: { wantedG } }) => [...stations, mark, wantedG]),
    ).toEqual([
      [3, '1 % of plain flour', 2],
      [4, '1 % of plain flour', 2],
      [1, '4 % of plain flour', 8],
    ]);
    expect(runningOn(12.3, soda!.dishes).map((grams) => Number(grams.toFixed(6)))).toEqual([
      14.3, 16.3, 24.3,
    ]);
    expect([soda!.totalG, soda!.varied, flour!.varied, flour!.dishes.length]).toEqual([12, true, false, 4]);
    expect([...soda!.dishes[0]!.wanted.otherLevelsG].sort()).toEqual([0, 8]);
    expect(flour!.dishes[0]!.wanted.otherLevelsG).toEqual([]);
    expect([flour!.name, soda!.name]).toEqual(['Plain flour', 'Bicarbonate of soda']);
    expect(flour!.dishes[0]!.wanted.divisionG).toBe(place.balanceG);
    const nowhere = benchSetting(plan, null, treatments, batchTables);
    const [alone] = weighingLists(plan, { ...options, setting: nowhere, ways: usualPrepWays });
    expect(alone!.dishes[0]!.wanted.divisionG).toBe(1);
  });

  it('has spares of every treatment and the demonstration after the stations’, as the order counts them', () => {
    const ways = { ...usualPrepWays, spares: 2, demonstration: true };
    const [flour, soda] = weighingLists(plan, { ...options, ways });
    // Two spares of 1 % and of 4 %; of the control, which is shown too, there is nothing to weigh.
    expect(soda!.dishes.slice(3).map(({ ready, eachG }) => [ready, eachG])).toEqual([
      ...[2, 2, 8, 8].map((grams) => ['spare', grams]),
    ]);
    expect(flour!.dishes.map(({ ready }) => ready).join(' ')).toBe(
      `${'    '}${'spare '.repeat(6)}demonstration`,
    );
    expect(soda!.dishes.map(whoseDish).slice(2)).toEqual(['station 1', ...Array<string>(4).fill('spare')]);
    expect(flour!.totalG).toBe(200 * 11);
    expect(new Set(flour!.dishes.map(({ key }) => key)).size).toBe(11);
  });

  it('is one bowl for the class of what is shared, with what sticks to it; two where levels differ', () => {
    const shared = { ...plan, formula: plan.formula.map((one) => ({ ...one, by: 'shared' as const })) };
    const setting = benchSetting(shared, place, treatments, batchTables);
    const ways = { ...usualPrepWays, spares: 1, lossPercent: 5 };
    const [flour, soda] = weighingLists(shared, { ...options, setting, ways });
    // 4 stations and 3 spares at 200 g, and 5 % more: 1470 g.
    expect(flour!.dishes).toMatchObject([{ stations: [1, 2, 3, 4], mark: '', eachG: 200 }]);
    expect(flour!.totalG).toBeCloseTo(1470, 9);
    expect(soda!.dishes.map(({ stations, eachG, wanted }) => [stations, eachG, wanted.wantedG])).toEqual([
      [[3, 4], 2, expect.closeTo(2 * 3 * 1.05, 9)],
      [[1], 8, expect.closeTo(8 * 2 * 1.05, 9)],
    ]);
    expect(flour!.dishes.map(whoseDish)).toEqual(['stations 1–4 and 3 kept ready']);
    expect(soda!.dishes.map(whoseDish)).toEqual([
      'stations 3, 4 and 1 kept ready',
      'station 1 and 1 kept ready',
    ]);
    expect(soda!.dishes.map(({ mark }) => mark)).toEqual(['1 % of plain flour', '4 % of plain flour']);
    // What another level takes is told for as many: 0 g, and 8 g for three.
    const others = soda!.dishes[0]!.wanted.otherLevelsG.map((grams) => Number(grams.toFixed(6)));
    expect(others.sort((a, b) => a - b)).toEqual([0, 25.2]);
    const plain = weighingLists(shared, { ...options, setting, ways: usualPrepWays });
    expect(plain[0]!.dishes.map(whoseDish)).toEqual(['stations 1–4']);
    // All that goes into the bowl is weighed as one; what is not shared stays beside it.
    const apart = { ...plan, formula: plan.formula.map((one, i) => (i === 0 ? shared.formula[0]! : one)) };
    const both = weighingLists(apart, {
      ...options,
      setting: benchSetting(apart, place, treatments, batchTables),
      ways,
    });
    expect(withOneBowl(both).map(({ name, dishes }) => [name, dishes.length])).toEqual([
      ['The bowl for the class', 1],
      ['Bicarbonate of soda', 5],
    ]);
    // What is shared and not the same for all is no part of the one bowl.
    expect(withOneBowl([flour!, soda!]).map(({ name, by }) => [name, by])).toEqual([
      ['The bowl for the class', 'shared'],
      ['Bicarbonate of soda', 'shared'],
    ]);
    const salt = { ...flour!, ingredientId: 'salt', name: 'Salt', totalG: 7 };
    const [bowl] = withOneBowl([flour!, salt]);
    expect(bowl!.dishes).toEqual([...flour!.dishes, ...salt.dishes]);
    expect(bowl!.varied).toBe(false);
    expect(bowl!.totalG).toBeCloseTo(1477, 9);
    const own = weighingLists(plan, { ...options, ways });
    expect(withOneBowl(own)).toEqual(own);
    // Of what nobody can weigh there is nothing in the bowl; whom it is wanted for is said beside it.
    const untold = {
      ...flour!,
      ingredientId: 'dust',
      name: 'Moon dust',
      dishes: [],
      totalG: 0,
      untold: [1, 2],
    };
    expect(withOneBowl([flour!, untold]).map(({ name }) => name)).toEqual([
      'The bowl for the class',
      'Moon dust',
    ]);
    const [some] = withOneBowl([
      { ...flour!, untold: [3] },
      { ...salt, untold: [3, 4] },
    ]);
    expect(some!.untold).toEqual([3, 4]);
  });

  it('says of each dish what goes in where levels swap it, blind or not, and takes packet after packet', () => {
    const acts = { on: 'swap' as const, ingredientId: 'soda' };
    const levels = wordLevels(['potato starch', 'as it is', 'none', 'cornflour']);
    const swap: Plan = { ...plan, factors: [{ id: 'f', name: 'starch', unit: '', acts, levels }] };
    const at = new Map(['cornflour', 'none', 'potato starch', 'cornflour'].map((id, i) => [i + 1, id]));
    const list = weighingLists(swap, {
      ...options,
      setting: benchSetting(swap, place, at, batchTables),
      treatmentAt: (station) => at.get(station) ?? null,
      ways: { ...usualPrepWays, blind: true },
    })[1]!;
    expect([list.name, isMixed(list)]).toEqual(['Cornflour and potato starch', true]);
    expect(list.dishes.map(({ name, stations }) => [name, ...stations])).toEqual([
      ['cornflour', 1],
      ['cornflour', 4],
      ['potato starch', 3],
    ]);
    expect(weighingLists(plan, { ...options, ways: usualPrepWays }).map(isMixed)).toEqual([false, false]);
  });

  it('says whose amount cannot be told, and guesses none', () => {
    const dust = newIngredient({ id: 'dust', name: 'Moon dust', amount: 1, unit: 'cup', by: 'staff' });
    const own: Plan = { ...plan, formula: [...plan.formula, dust] };
    const setting = benchSetting(own, place, treatments, batchTables);
    const lists = weighingLists(own, { ...options, setting, ways: { ...usualPrepWays, spares: 1 } });
    expect(lists.map(({ untold }) => untold)).toEqual([[], [], [1, 2, 3, 4]]);
    expect(lists[2]!.dishes).toEqual([]);
  });

  it('has no mark where a plan has no treatments, or no longer the one a station was given', () => {
    const none = { ...plan, factors: [] };
    const setting = benchSetting(none, place, treatments, batchTables);
    const marks = (treatmentAt: (station: number) => string | null) =>
      weighingLists(none, { ...options, setting, treatmentAt, ways: usualPrepWays }).flatMap(({ dishes }) =>
        dishes.map(({ mark }) => mark),
      );
    expect(new Set(marks(() => null))).toEqual(new Set(['']));
    expect(new Set(marks(() => 'gone'))).toEqual(new Set(['']));
  });

  it('blind: one letter a treatment, drawn by lot, the same again for the same run', () => {
    const blind = weighingLists(plan, { ...options, ways: { ...usualPrepWays, blind: true } })[1]!.dishes;
    expect(blind[0]!.mark).toMatch(/^[ABC]$/);
    expect(blind[0]!.mark).toBe(blind[1]!.mark);
    expect(blind[2]!.mark).not.toBe(blind[0]!.mark);
    expect(blindCodes(['a', 'b', 'c'], 5)).toEqual(blindCodes(['a', 'b', 'c'], 5));
    const many = Array.from({ length: 30 }, (_, i) => String(i));
    expect(new Set(blindCodes(many, 1).values()).size).toBe(30);
    // Over many runs the first treatment gets every letter about as often: it tells nothing of the level.
    const counts = new Map<string, number>();
    for (let seed = 0; seed < 900; seed += 1) {
      const letter = blindCodes(['a', 'b', 'c'], seed).get('a')!;
      counts.set(letter, (counts.get(letter) ?? 0) + 1);
    }
    // Four standard errors of 300 ± 14.
    for (const letter of ['A', 'B', 'C']) expect(Math.abs(counts.get(letter)! - 300)).toBeLessThan(57);
  });
});
