import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Plan } from '../practical';
import { prepLines } from '.';

const plan = (patch: Partial<Plan> = {}): Plan => ({
  ...newPlan('x', null),
  thermometers: [],
  formula: [newIngredient({ id: 'w', name: 'Water', amount: 1, unit: 'g', by: 'students' })],
  ...patch,
});
const names = (patch: Partial<Plan> = {}) => prepLines('r', plan(patch), []).map(({ what }) => what);

describe('what is done before a bell', () => {
  it('is the order and the trays of every lesson; dishes, thermometers, ovens and cold where there are any', () => {
    expect(names()).toEqual(['prep:r:order', 'prep:r:trays']);
    const thermometers = [{ id: 't', in: 'syrup' as const, smallestDivisionC: 1 }];
    expect(names({ thermometers })).toEqual(['prep:r:order', 'prep:r:thermometers', 'prep:r:trays']);
    const steps = [newStep({ id: 's', text: 'Bake in the oven at 180 °C, then into the fridge.' })];
    expect(names({ steps })).toEqual(['prep:r:order', 'prep:r:trays', 'prep:r:ovens', 'prep:r:refrigerator']);
    const stirred = [newStep({ id: 's', text: 'Stir for 2 min, then leave it cold.' })];
    expect(names({ steps: stirred })).toEqual(['prep:r:order', 'prep:r:trays']);
    const needs = [{ resource: 'refrigerator' as const, count: 1, celsius: null }];
    expect(names({ steps: [{ ...stirred[0]!, needs }] })).toContain('prep:r:refrigerator');
  });

  it('names what others weigh for the stations, for one alone or for the class in one bowl', () => {
    const line = (name: string, by: 'staff' | 'students' | 'shared') =>
      newIngredient({ id: name, name, amount: 1, unit: 'g', by });
    const weighed = (...formula: Plan['formula']) =>
      prepLines('r', plan({ formula }), []).find(({ what }) => what.endsWith(':weigh-out'));
    expect(weighed(line('Soda', 'staff'), line('Flour', 'students'), line('Mince', 'shared'))!.note).toBe(
      'soda, mince',
    );
    expect(weighed(line('Flour', 'students'))).toBeUndefined();
  });

  it('has the jobs of the plan that come before, at their clock times and by whom', () => {
    const job = { stepId: 's', words: 'Make the dough', who: 'technician' as const, startsAt: 5000 };
    const lines = prepLines('r', plan(), [
      { ...job, when: 'before' },
      { ...job, stepId: 'after', when: 'after' },
    ]);
    expect(lines.filter(({ at }) => at !== null)).toEqual([
      {
        ...{ what: 'prep:r:step:s', words: 'Make the dough', who: 'technician', at: 5000, note: '' },
        reads: null,
      },
    ]);
  });
});
