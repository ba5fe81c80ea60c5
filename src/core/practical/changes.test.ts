import { describe, expect, it } from 'vitest';
import { changesBetween, newIngredient, newPlan, newStep, type Plan } from '.';
import { factor, numberLevels, planOf, wordLevels } from './testing/plans';

const said = (before: Plan, after: Plan) =>
  changesBetween(before, after).map(({ section, what }) => `${section}: ${what}`);

describe('changes of lines', () => {
  const step = (id: string) => newStep({ id, text: id });
  const steps = (...ids: string[]): Plan => ({ ...newPlan('x', null), steps: ids.map(step) });

  it('put in front or taken out in the middle leave the order as it was', () => {
    expect(said(steps('a', 'b'), steps('new', 'a', 'b'))).toEqual(['Method: “new” added']);
    expect(said(steps('a', 'b', 'c'), steps('a', 'c'))).toEqual(['Method: “b” removed']);
    expect(said(steps('a', 'b', 'c'), steps('c', 'a'))).toEqual([
      'Method: “b” removed',
      'Method: put in another order',
    ]);
  });

  it('name a level in the unit it had then and has now, each by its own factor', () => {
    const speed = factor({ on: 'words', scale: 'number' }, numberLevels(1, 2), 'speed');
    const tin = factor({ on: 'words', scale: 'words' }, wordLevels(['dark', 'bright']), 'tin');
    const plan = planOf([], [{ ...speed, unit: 'rpm' }, tin]);
    const other = { ...speed, unit: 'Hz' };
    expect(said(plan, { ...plan, factors: [other, tin] })).toEqual([
      'Fair test: changed: “speed” unit: “rpm” → “Hz”',
    ]);
    const faster = { ...other, levels: [speed.levels[0]!, { ...speed.levels[1]!, value: 3 }] };
    expect(said(plan, { ...plan, factors: [faster, tin] })[1]).toBe(
      'Fair test: changed: “speed” levels: 2 rpm → 3 Hz',
    );
    const light = { ...tin, levels: [tin.levels[0]!, { ...tin.levels[1]!, words: 'light' }] };
    expect(said(plan, { ...plan, factors: [plan.factors[0]!, light] })).toEqual([
      'Fair test: changed: “tin” levels: bright → light',
    ]);
  });

  it('name a thermometer by where it stands, and an ingredient by how much', () => {
    const plan: Plan = {
      ...newPlan('x', null),
      thermometers: [{ id: 't', in: 'syrup', smallestDivisionC: 1 }],
      formula: [newIngredient({ id: 'i', name: 'Salt', amount: null })],
    };
    expect(
      said(plan, { ...plan, thermometers: [{ id: 't', in: 'syrup', smallestDivisionC: 0.5 }] })[0],
    ).toMatch(/the one in the syrup smallest division, °C: 1 → 0\.5$/);
    expect(said(plan, { ...plan, formula: [newIngredient({ id: 'i', name: 'Salt', amount: 5 })] })[0]).toBe(
      'Formula: “some g Salt” → “5 g Salt”',
    );
  });
});
