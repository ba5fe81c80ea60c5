import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { newIngredient, newPlan, newStep, type Plan } from '../practical';
import { numberLevels, wordLevels } from '../practical/testing/plans';
import { benchSetting } from '../run';
import { place } from '../run/testing/entries';
import type { Bar, LessonTimetable } from '../timetable';
import { newEquipment } from '../room';
import { isShort, pullList, sharingOf, trayOf, usesIn } from '.';

const plan: Plan = {
  ...newPlan('Scones', null),
  factors: [
    {
      ...{ id: 'f', name: 'soda', unit: '' },
      acts: { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'flour' },
      levels: numberLevels(0, 2),
    },
  ],
  formula: [
    newIngredient({ id: 'salt', name: 'Salt', amount: 2, unit: 'g' }),
    newIngredient({ id: 'milk', name: 'Milk', amount: 150, unit: 'ml' }),
    newIngredient({ id: 'butter', name: 'Butter', amount: 40, unit: 'g', state: 'soft' }),
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 200, unit: 'g' }),
    newIngredient({ id: 'soda', name: 'Bicarbonate of soda', amount: 4, unit: 'g', by: 'staff' }),
  ],
  steps: [
    newStep({ id: 'a', text: 'Rub the butter into the flour and soda.' }),
    newStep({ id: 'b', text: 'Stir in the milk with a knife. Roll out and cut rounds.' }),
    newStep({ id: 'c', text: 'Bake 12 min, cool on the rack.' }),
  ],
};
const treatments = new Map([
  [1, 'l0'],
  [2, 'l1'],
  [3, 'l1'],
]);
const room = { ...place, tools: [{ name: 'Wire rack', count: 2 }] };
const setting = benchSetting(plan, room, treatments, batchTables);

describe('a tray', () => {
  it('lies in the order of use, what no step names last, with the station’s own amounts', () => {
    const { items, without } = trayOf(plan, setting, 2);
    expect(items.map(({ number, name, amount }) => `${number} ${name} ${amount}`)).toEqual([
      '1 Butter 40 g',
      '2 Plain flour 200 g',
      '3 Bicarbonate of soda 4 g',
      '4 Milk 150 ml (155 g)',
      '5 Salt 2 g',
    ]);
    expect(items.map(({ vessel }) => vessel)).toEqual(['block', 'bowl', 'dish', 'glass', 'dish']);
    expect(items.filter(({ varied }) => varied).map(({ name }) => name)).toEqual(['Bicarbonate of soda']);
    expect(without).toEqual([]);
    const none = trayOf(plan, setting, 1);
    expect([none.items.length, none.without]).toEqual([4, ['Bicarbonate of soda']]);
  });

  it('blind: looks the same at every level, whether it is another amount or another thing', () => {
    const looks = (own: Plan, at: Map<number, string>) =>
      [...at.keys()].map((station) => {
        const tray = trayOf(own, benchSetting(own, room, at, batchTables), station, true);
        const soda = tray.items.find(({ ingredientId }) => ingredientId === 'soda');
        return soda ? [soda.name, soda.amount, soda.vessel, soda.size, tray.without.join()] : tray.without;
      });
    expect(looks(plan, treatments)).toEqual([
      ['what its letter leaves out'],
      ['Bicarbonate of soda', 'the dish with its letter', 'dish', 0.75, ''],
      ['Bicarbonate of soda', 'the dish with its letter', 'dish', 0.75, ''],
    ]);
    const acts = { on: 'swap' as const, ingredientId: 'soda' };
    const levels = wordLevels(['baking powder', 'yeast', 'butter']);
    const swap = { ...plan, factors: [{ id: 'f', name: 'raising', unit: '', acts, levels }] };
    const seen = looks(
      swap,
      new Map([
        [1, 'baking powder'],
        [2, 'yeast'],
        [3, 'butter'],
      ]),
    );
    expect(new Set(seen.map((one) => one.join('|'))).size).toBe(1);
    expect(seen[0]![0]).toBe('Bicarbonate of soda, or what stands in for it');
  });

  it('has beside it what the words of the method ask for', () => {
    const names = trayOf(plan, setting, 2).tools.map(({ name }) => name);
    for (const name of [
      'mixing bowl, 2 L',
      'table knife',
      'cutter',
      'rolling pin',
      'baking tray, lined',
      'wire rack',
    ])
      expect(names).toContain(name);
    expect(names).not.toContain('grater');
  });
});

describe('the pull list', () => {
  it('names what is short and does not pretend to know what nobody counted', () => {
    const list = pullList(plan, setting);
    expect(list[0]).toMatchObject({ id: 'wire-rack', wanted: 3, has: 2 });
    expect(list.filter(isShort).map(({ id }) => id)).toEqual(['wire-rack']);
    expect(list.find(({ id }) => id === 'cutter')!.has).toBeNull();
    // One pair for two stations.
    expect(list.find(({ id }) => id === 'pot-holders')!.wanted).toBe(2);
  });

  it('just enough is not short; two stations use one balance where the room has some, each its own where none is drawn', () => {
    expect([isShort({ wanted: 3, has: 3 }), isShort({ wanted: 3, has: 2 })]).toEqual([false, true]);
    const balances = (count: number, by: 'students' | 'staff') => {
      const equipment = Array.from({ length: count }, (_, i) => newEquipment('balance', `b${i}`, i + 1));
      const own = { ...plan, formula: plan.formula.map((one) => ({ ...one, by })) };
      const list = pullList(own, benchSetting(own, { ...room, equipment }, treatments, batchTables));
      return list.find(({ id }) => id === 'balance');
    };
    expect(balances(2, 'students')).toMatchObject({ wanted: 2, has: 2 });
    expect(balances(0, 'students')).toMatchObject({ wanted: 3, has: null });
    expect(balances(2, 'staff')).toBeUndefined();
  });

  it('has a thermometer for each the plan reads', () => {
    const thermometers = [
      { id: 'a', in: 'syrup' as const, smallestDivisionC: 1 },
      { id: 'b', in: 'oven' as const, smallestDivisionC: 5 },
    ];
    const own = { ...plan, thermometers };
    const names = pullList(own, benchSetting(own, room, treatments, batchTables)).map(({ id, name }) => [
      id,
      name,
    ]);
    expect(names.filter(([id]) => id!.startsWith('thermometer'))).toEqual([
      ['thermometer', 'thermometer'],
      ['thermometer-2', 'thermometer 2'],
    ]);
  });

  it('a tool is in use over the steps whose words ask for it, at each station from its first to its last', () => {
    const bar = (station: number, stepId: string, startMin: number, endMin: number) =>
      ({ lane: { kind: 'station', number: station }, stepId, startMin, endMin }) as Bar;
    const oven = {
      ...bar(1, 'c', 60, 90),
      lane: { kind: 'shared', shared: 'oven', number: 1 },
    } as unknown as Bar;
    const bars = [oven, bar(1, 'b', 10, 15), bar(1, 'c', 15, 40), bar(2, 'c', 20, 45), bar(3, 'a', 0, 9)];
    const rack = pullList(plan, setting).find(({ id }) => id === 'wire-rack')!;
    const timetable = { bars } as LessonTimetable;
    expect(usesIn(rack, plan, timetable)).toEqual([
      { station: 1, fromMin: 15, untilMin: 40 },
      { station: 2, fromMin: 20, untilMin: 45 },
    ]);
    expect(usesIn({ ...rack, id: 'grater' }, plan, timetable)).toEqual([]);
  });

  it('hands a scarce thing on from who is done with it, and says who would wait', () => {
    const uses = [
      { station: 1, fromMin: 40, untilMin: 52 },
      { station: 2, fromMin: 41, untilMin: 53 },
      { station: 3, fromMin: 52, untilMin: 64 },
      { station: 4, fromMin: 52, untilMin: 60 },
    ];
    const { turns, waiting } = sharingOf(uses, 2);
    expect(turns).toEqual([
      { station: 1, fromMin: 40, after: null },
      { station: 2, fromMin: 41, after: null },
      { station: 3, fromMin: 52, after: 1 },
    ]);
    expect(waiting).toEqual([4]);
    expect(sharingOf(uses, 0).waiting).toEqual([1, 2, 3, 4]);
    expect(sharingOf(uses, 4).waiting).toEqual([]);
  });
});
