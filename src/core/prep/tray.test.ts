import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { newIngredient, newPlan, newResponse, newStep, type Plan, type Step } from '../practical';
import { numberLevels, wordLevels } from '../practical/testing/plans';
import { benchSetting } from '../run';
import { place } from '../run/testing/entries';
import type { Bar, LessonTimetable } from '../timetable';
import { newEquipment } from '../room';
import { isShort, pullList, sharingOf, trayOf, usesIn } from '.';
import { toolsOf } from './tools';

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

  it('shows each thing as what it is poured, put or lies in, larger where there is more of it', () => {
    const formula = [
      newIngredient({ id: 'mince', name: 'Beef mince', amount: 0.25, unit: 'kg' }),
      newIngredient({ id: 'dust', name: 'Moon dust', amount: 1, unit: 'cup' }),
      newIngredient({ id: 'untold', name: 'Sand', amount: null, unit: 'g' }),
      newIngredient({ id: 'flour', name: 'Plain flour', amount: 40, unit: 'g' }),
      newIngredient({ id: 'oats', name: 'Oats', amount: 39, unit: 'g' }),
      newIngredient({ id: 'oil', name: 'Sunflower oil', amount: 0.5, unit: 'l' }),
      newIngredient({ id: 'spoon', name: 'Sunflower oil', amount: 10, unit: 'ml' }),
      newIngredient({ id: 'milk', name: 'Milk', amount: 50, unit: 'g' }),
      newIngredient({ id: 'juice', name: 'Lemon juice', amount: 20, unit: 'g' }),
      newIngredient({ id: 'apple', name: 'Apple', amount: 100, unit: 'g' }),
      newIngredient({ id: 'quark', name: 'Quark', amount: 100, unit: 'g' }),
      newIngredient({ id: 'fat', name: 'Sunflower oil', amount: 100, unit: 'g' }),
      newIngredient({ id: 'egg', name: 'Egg', amount: 2, unit: 'each' }),
      newIngredient({ id: 'salt', name: 'Salt', amount: 1, unit: 'g' }),
      newIngredient({ id: 'range', name: 'Yeast', amount: 8, amountTo: 10, unit: 'g' }),
    ];
    const own = { ...plan, factors: [], steps: [], formula };
    const { items } = trayOf(own, benchSetting(own, room, new Map(), batchTables), 1);
    expect(items.map(({ ingredientId, amount, vessel }) => `${ingredientId}: ${amount}, ${vessel}`)).toEqual([
      'mince: 250 g, bowl',
      'dust: 1 cup, dish',
      'untold: some, dish',
      'flour: 40 g, bowl',
      'oats: 39 g, dish',
      'oil: 0.5 l (460 g), glass',
      'spoon: 10 ml (9.2 g), glass',
      'milk: 50 g, glass',
      'juice: 20 g, glass',
      'apple: 100 g, bowl',
      'quark: 100 g, bowl',
      'fat: 100 g, bowl',
      'egg: 2 (100 g), pieces',
      'salt: 1 g, dish',
      // What is weighed out of a range is its middle.
      'range: 9 g, dish',
    ]);
    const sizeOf = (id: string) => items.find((one) => one.ingredientId === id)!.size;
    // A dish of 5 g is half as large as a bowl of 500 g, one of 50 g in the middle of them.
    expect([sizeOf('salt'), sizeOf('milk'), sizeOf('oil')]).toEqual([0.5, 0.75, expect.closeTo(0.99, 2)]);
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
    expect(new Set(names).size).toBe(names.length);
    // What is measured and held asks too; what is done another day does not.
    const asking = {
      ...plan,
      steps: [...plan.steps, newStep({ id: 'd', text: 'Grate the zest.', when: 'before' })],
      responses: [newResponse({ id: 'r', name: 'rise', instrument: 'ruler', unit: 'mm' })],
      held: [{ id: 'h', what: 'thickness', how: 'rolling strips of 15 mm, strips washed' }],
    };
    const asked = toolsOf(asking, benchSetting(asking, room, treatments, batchTables).own(2), room).map(
      ({ id }) => id,
    );
    expect(asked).toEqual(expect.arrayContaining(['ruler', 'strips']));
    expect(asked).not.toContain('grater');
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
    // One thing that students weigh is enough, and where no room is known each station has one.
    const list = (own: Plan, at: typeof room | null) =>
      pullList(own, benchSetting(own, at, treatments, batchTables)).find(({ id }) => id === 'balance');
    expect(list(plan, { ...room, equipment: [newEquipment('hob', 'h', 1)] })).toMatchObject({ wanted: 3 });
    expect(list(plan, null)).toEqual({
      ...{ id: 'balance', name: 'balance, shared', sharedBy: 1, wanted: 3, has: null, stations: [1, 2, 3] },
    });
  });

  it('counts what the room lists by the beginning of its name, and what is drawn by its kind', () => {
    const tools = [
      { name: ' Mixing bowl ', count: 2 },
      { name: 'lined', count: 1 },
    ];
    const equipment = [
      newEquipment('balance', 'b', 1),
      newEquipment('hob', 'h', 1),
      newEquipment('hob', 'i', 2),
    ];
    const list = pullList(plan, benchSetting(plan, { ...room, tools, equipment }, treatments, batchTables));
    const has = (id: string) => list.find((one) => one.id === id)!.has;
    expect([has('mixing-bowl'), has('balance'), has('baking-tray')]).toEqual([2, 1, null]);
  });

  it('has a thermometer where a step is read on one, said or set, though the plan names none; an oven has its own', () => {
    const has = (step: Partial<Step>) => {
      const own = { ...plan, thermometers: [], steps: [newStep({ id: 's', text: '', ...step })] };
      return trayOf(own, benchSetting(own, room, treatments, batchTables), 2).tools.some(
        ({ id }) => id === 'thermometer',
      );
    };
    expect(has({ text: 'Fry until the core shows 75 °C.' })).toBe(true);
    expect(has({ text: 'Warm until it is at 40 °C.' })).toBe(true);
    expect(has({ text: 'Read the probe.' })).toBe(true);
    expect(has({ text: 'Boil.', ends: [{ kind: 'temperature', celsius: 118, basis: 'as-read' }] })).toBe(
      true,
    );
    expect(has({ text: 'Bake at 180 °C for 20 min.' })).toBe(false);
    expect(has({ text: 'Stir until smooth. Bake at 180 °C.' })).toBe(false);
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
    // A bowl is asked for by the first two steps.
    const both = { bars: [bar(1, 'b', 10, 15), bar(1, 'a', 2, 9)] } as LessonTimetable;
    expect(usesIn({ ...rack, id: 'mixing-bowl' }, plan, both)).toEqual([
      { station: 1, fromMin: 2, untilMin: 15 },
    ]);
  });

  it('hands a scarce thing on from who is done with it, and says who would wait', () => {
    const uses = [
      { station: 1, fromMin: 40, untilMin: 52 },
      { station: 2, fromMin: 41, untilMin: 53 },
      { station: 3, fromMin: 52, untilMin: 64 },
      { station: 4, fromMin: 52, untilMin: 60 },
    ];
    const { turns, waiting } = sharingOf([...uses].reverse(), 2);
    // Of two that are free the one that was put down last: it is nearer, and still warm.
    const free = [1, 2, 3, 4].map((station) => ({
      ...{ station, fromMin: station < 3 ? 0 : 30, untilMin: station < 3 ? 10 * station : 40 },
    }));
    expect(sharingOf(free, 2).turns.map(({ after }) => after)).toEqual([null, null, 2, 1]);
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
