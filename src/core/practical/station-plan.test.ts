import { describe, expect, it } from 'vitest';
import { consequenceOf, newStep, stationPlan, treatmentsOf, type Plan } from '.';
import { kitchenGrams } from './testing/kitchen-grams';
import { factor, numberLevels, planOf, wordLevels } from './testing/plans';

describe('the steps of a station', () => {
  const bake = newStep({
    id: 'bake',
    text: 'Bake 12 min, look at 9.',
    minutes: 12,
    lookAt: 9,
    settings: [
      { what: 'oven', celsius: 200, words: '', from: 0 },
      { what: 'shelf', celsius: null, words: 'middle', from: 0 },
    ],
  });
  const stepsAt = (plan: Plan) => treatmentsOf(plan).map((one) => stationPlan(plan, null, one).steps);

  it('take their own minutes, say them, and look early in proportion', () => {
    const plan = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(6, 12, 16))], {
      steps: [bake],
    });
    // 9 of 12 minutes is three quarters: 4½ of 6, 12 of 16.
    expect(stepsAt(plan).map(([step]) => [step!.minutes, step!.lookAt, step!.text])).toEqual([
      [6, 4.5, 'Bake 6 min, look at 4.5.'],
      [12, 9, 'Bake 12 min, look at 9.'],
      [16, 12, 'Bake 16 min, look at 12.'],
    ]);
    const ranged = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(7))], {
      steps: [{ ...bake, minutesTo: 15 }],
    });
    expect(stepsAt(ranged)[0]![0]).toMatchObject({ minutes: 7, minutesTo: null });
  });

  it('have their own setting in place of the same thing only', () => {
    const oven = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'oven', scale: 'number' }, numberLevels(180, 220))],
      { steps: [bake] },
    );
    expect(
      stepsAt(oven).map(([step]) =>
        step!.settings.map(({ what, celsius, words }) => `${what} ${celsius ?? words}`),
      ),
    ).toEqual([
      ['oven 180', 'shelf middle'],
      ['oven 220', 'shelf middle'],
    ]);
    const shelf = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'shelf', scale: 'words' }, wordLevels(['top']))],
      { steps: [bake] },
    );
    expect(stepsAt(shelf)[0]![0]!.settings).toEqual([
      { what: 'shelf', celsius: null, words: 'top', from: 0 },
      { what: 'oven', celsius: 200, words: '', from: 0 },
    ]);
  });

  it('a factor changes its own step only; words and other things than an oven have no degrees', () => {
    const knead = newStep({ id: 'knead', text: 'Knead 5 min.', minutes: 5, lookAt: 2 });
    const minutes = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(6))], {
      steps: [knead, bake],
    });
    expect(stepsAt(minutes)[0]![0]).toMatchObject({ minutes: 5, lookAt: 2, text: 'Knead 5 min.', number: 1 });
    const hob = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'hob', scale: 'number' }, numberLevels(6))],
      { steps: [knead, bake] },
    );
    expect(stepsAt(hob)[0]![0]!.settings).toEqual([]);
    expect(stepsAt(hob)[0]![1]!.settings[0]).toEqual({ what: 'hob', celsius: null, words: '6', from: 0 });
    const words = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'oven', scale: 'words' }, wordLevels(['gas 6']))],
      { steps: [bake] },
    );
    expect(stepsAt(words)[0]![0]!.settings[0]).toEqual({
      what: 'oven',
      celsius: null,
      words: 'gas 6',
      from: 0,
    });
  });

  it('an early look past the end of a shorter step is none; without minutes before, it stays', () => {
    const at = (step: Partial<Parameters<typeof newStep>[0]>, ...values: number[]) =>
      stepsAt(
        planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(...values))], {
          steps: [{ ...bake, ...step }],
        }),
      ).map(([one]) => one!.lookAt);
    expect(at({ minutes: null, lookAt: 9 }, 6, 9, 10)).toEqual([null, null, 9]);
    expect(at({ lookAt: null }, 6)).toEqual([null]);
    expect(at({ minutes: 12, lookAt: 12 }, 6)).toEqual([null]);
  });

  it('an open end is that of the factor; where one names its step, nobody else’s', () => {
    const open = { kind: 'temperature' as const, celsius: null, basis: 'as-read' as const };
    const boil = newStep({ id: 'boil', text: 'Boil.', ends: [open, { kind: 'time' }] });
    const cool = newStep({ id: 'cool', text: 'Cool.', ends: [open] });
    const ends = (stepId: string | null) => {
      const plan = planOf([], [factor({ on: 'end-temperature', stepId }, numberLevels(118))], {
        steps: [boil, cool, bake],
      });
      return stepsAt(plan)[0]!.map((step) =>
        step.ends.map((end) => (end.kind === 'temperature' ? end.celsius : end.kind)),
      );
    };
    expect(ends('boil')).toEqual([[118, 'time'], [118], ['time']]);
    const both = planOf(
      [],
      [
        factor({ on: 'end-temperature', stepId: 'boil' }, numberLevels(118)),
        factor({ on: 'end-temperature', stepId: 'cool' }, numberLevels(40)),
      ],
      { steps: [boil, cool] },
    );
    expect(stepsAt(both)[0]!.map((step) => step.ends[0])).toMatchObject([{ celsius: 118 }, { celsius: 40 }]);
    // The end that a station is to choose is not filled from the other factor meanwhile.
    const own = [{ id: 'own', value: null, words: '', control: false, open: true }];
    const chosen = { ...both, factors: [both.factors[0]!, { ...both.factors[1]!, levels: own }] };
    expect(stepsAt(chosen)[0]!.map((step) => step.ends[0])).toMatchObject([
      { celsius: 118 },
      { celsius: null },
    ]);
    const minutes = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, own)], { steps: [bake] });
    expect(stepsAt(minutes)[0]![0]).toMatchObject({ minutes: 12, lookAt: 9, text: bake.text });
  });

  it('are those of their method, numbered as the station does them', () => {
    const method = factor({ on: 'method' }, wordLevels(['rubbed in', 'melted']));
    const [rubbed, melted] = method.levels.map((level) => level.id);
    const plan = planOf([], [method], {
      steps: [
        newStep({ id: 'weigh', text: 'Weigh' }),
        newStep({ id: 'rub', text: 'Rub in', only: [rubbed!] }),
        newStep({ id: 'melt', text: 'Melt', only: [melted!, 'a level long gone'] }),
        newStep({ id: 'bake', text: 'Bake', only: ['a level long gone'] }),
      ],
    });
    expect(stepsAt(plan).map((steps) => steps.map(({ id, number }) => `${number} ${id}`))).toEqual([
      ['1 weigh', '2 rub', '3 bake'],
      ['1 weigh', '2 melt', '3 bake'],
    ]);
    // Before anybody has a treatment, all of them stand there.
    expect(stationPlan(plan, null, null).steps).toHaveLength(4);
    expect(consequenceOf(plan, null, method, method.levels[1]!, kitchenGrams)).toBe('step 2');
  });

  it('pieces and start are what the level says', () => {
    const plan = planOf(
      [],
      [
        factor({ on: 'size', what: 'mass' }, numberLevels(30)),
        factor({ on: 'start-temperature', ingredientId: null }, numberLevels(4)),
      ],
    );
    expect(stationPlan(plan, null, treatmentsOf(plan)[0]!)).toMatchObject({
      size: { what: 'mass', value: 30, unit: 'g' },
      start: { celsius: 4, ingredientId: null },
    });
  });
});
