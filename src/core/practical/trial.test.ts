import { describe, expect, it } from 'vitest';
import { minutesInLesson, newPlan, newStep, withTrial, type Plan, type Trial } from '.';

const trial = (took: Record<string, number>): Trial => ({
  ...{ id: 't', at: 1, treatment: '', note: 'pan too small' },
  took: Object.entries(took).map(([stepId, minutes]) => ({ stepId, minutes })),
});
const plan: Plan = {
  ...newPlan('x', null),
  steps: [
    newStep({ id: 'weigh', text: 'Weigh', minutes: 5 }),
    newStep({ id: 'bake', text: 'Bake', hands: 'waiting', minutes: 10, minutesTo: 14, lookAt: 8, warnAt: 2 }),
    newStep({ id: 'fry', text: 'Fry', per: 'side', minutes: 2 }),
    newStep({ id: 'other', text: 'Other', minutes: 3, lookAt: 1 }),
  ],
};

describe('a trial batch', () => {
  it('brings its minutes back: hands half as long again, waiting as it was, ranges and looks moving along', () => {
    const steps = withTrial(plan, trial({ weigh: 4.1, bake: 17.2, fry: 5 })).steps;
    // 4.1 × 1.5 = 6.15, up to 7; a side is half of what both took: 2.5 × 1.5 = 3.75, up to 4.
    expect(steps.map(({ minutes }) => minutes)).toEqual([7, 18, 4, 3]);
    expect(steps[1]).toMatchObject({ minutesTo: 22, lookAt: 15, warnAt: 2 });
    expect(steps[3]).toEqual(plan.steps[3]);
  });

  it('leaves unsaid what was never said, and a look at a step of no minutes where it was', () => {
    const unsaid: Plan = {
      ...plan,
      steps: [
        newStep({ id: 'weigh', text: 'Weigh', minutes: 5 }),
        newStep({ id: 'stir', text: 'Stir', minutes: null, minutesTo: 8, lookAt: 2 }),
        newStep({ id: 'same', text: 'Rest', hands: 'waiting', minutes: 6, minutesTo: 6 }),
      ],
    };
    expect(withTrial(unsaid, trial({ weigh: 4, stir: 4, same: 5 })).steps).toMatchObject([
      { minutes: 6, minutesTo: null, lookAt: null, warnAt: null },
      { minutes: 6, minutesTo: null, lookAt: 2, warnAt: null },
      { minutes: 5, minutesTo: null, lookAt: null, warnAt: null },
    ]);
  });

  it('is kept with its note, the latest twenty of them, and the plan it was given stays', () => {
    const before = JSON.stringify(plan);
    let next = plan;
    for (let i = 0; i < 25; i += 1) next = withTrial(next, { ...trial({ weigh: 1 }), id: `t${i}` });
    expect(next.trials).toHaveLength(20);
    expect(next.trials.at(-1)).toMatchObject({ id: 't24', note: 'pan too small' });
    expect(JSON.stringify(plan)).toBe(before);
  });

  it.each([
    ['hands-on', 0.1, 1.5, 0.5],
    ['hands-on', 2, 1, 2],
    ['waiting', 2.2, 1.5, 2.5],
    ['waiting', 0, 1.5, 0.5],
  ] as const)('%s for %f min × %f is planned as %f', (hands, took, factor, minutes) => {
    expect(minutesInLesson({ hands, per: 'once' }, took, factor)).toBe(minutes);
  });
});
