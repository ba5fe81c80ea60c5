import { describe, expect, it } from 'vitest';
import {
  classSteps,
  idsOf,
  newPlan,
  newStep,
  sayingTheTarget,
  sentenceOf,
  stationPlan,
  stepMarks,
  targetOfLevel,
  treatmentsOf,
  untilWords,
  type End,
  type Factor,
  type Medium,
  type Place,
  type Plan,
  type Step,
} from '.';
import { withMinutes } from './station-plan';
import { numberLevels } from './testing/plans';

/** Water boils at 96.0 °C: every stage of a syrup stands 4.0 °C lower (100.0 at sea level, 101325 Pa). */
const high: Place = {
  ...{ name: 'K', kind: 'food-room', altitudeM: 1200, measuredBoilingC: 96 },
  ...{ stations: 8, balanceG: 1, equipment: [], tools: [] },
};
const degrees = (celsius: number | null, basis: 'sea-level' | 'as-read' = 'sea-level'): End => ({
  ...{ kind: 'temperature', celsius, basis },
});
const sign = (words: string): End => ({ kind: 'sign', sense: 'look', words });

function planOf(step: Partial<Step> & Pick<Step, 'text'>, medium: Medium, factors: Factor[] = []): Plan {
  return {
    ...newPlan('Trial', null),
    factors,
    thermometers: [{ id: 't', in: medium, smallestDivisionC: 1 }],
    steps: [newStep({ id: 's', thermometerId: 't', ...step })],
  };
}
const only = (plan: Plan) => stationPlan(plan, high, null).steps[0]!;
const levels = (...values: number[]): Factor => ({
  ...{ id: 'f', name: 'end', unit: '', levels: numberLevels(...values) },
  acts: { on: 'end-temperature', stepId: 's' },
});

describe('one target everywhere', () => {
  it.each([
    ['sea-level', [98, 106, 117]],
    ['as-read', [102, 110, 121]],
  ] as const)('levels given %s: what the plan shows is what its stations get', (basis, expected) => {
    const factor = levels(102, 110, 121);
    const plan = planOf({ text: 'Boil.', ends: [degrees(null, basis)] }, 'syrup', [factor]);
    const shown = factor.levels.map((level) => targetOfLevel(plan, factor, level, high)!.localC);
    const got = treatmentsOf(plan).map((one) => stationPlan(plan, high, one).steps[0]!.target!.localC);
    expect(shown.map((celsius) => Number(celsius.toFixed(1)))).toEqual(expected);
    expect(got).toEqual(shown);
  });

  it('meat is the same everywhere, whatever its levels are said to mean', () => {
    const factor = levels(72);
    const plan = planOf({ text: 'Roast.', ends: [degrees(null)] }, 'core', [factor]);
    expect(targetOfLevel(plan, factor, factor.levels[0]!, high)).toMatchObject({
      localC: 72,
      shifted: false,
    });
  });
});

describe('a sentence as a station reads it', () => {
  it.each<[string, number, string, string]>([
    ['Boil until the thermometer shows 230 °F.', 110, 'C', 'Boil until the thermometer shows 106.0 °C.'],
    ['Boil until the thermometer shows 230 °F.', 110, 'F', 'Boil until the thermometer shows 222.8 °F.'],
    ['Heat to 230 °F (110 °C), then pour.', 110, 'C', 'Heat to 106.0 °C, then pour.'],
    ['Heat to 230°F/110°C, then pour.', 110, 'C', 'Heat to 106.0 °C, then pour.'],
    ['Heat to 110 degrees Celsius.', 110, 'C', 'Heat to 106.0 °C.'],
    ['Cook to 112–116 °C.', 112, 'C', 'Cook to 108.0 °C.'],
    ['Hold it at 100 °C until it reaches 110 °C.', 110, 'C', 'Hold it at 100 °C until it reaches 106.0 °C.'],
    ['Stop 2 °C before the target.', 110, 'C', 'Stop 2 °C before 106.0 °C.'],
    // Neither of these is where it ends.
    ['Boil hard; never above 150 °C.', 110, 'C', 'Boil hard; never above 150 °C.'],
  ])('%s at %d °C, in °%s', (text, celsius, unit, expected) => {
    const step = only(planOf({ text, ends: [degrees(celsius)] }, 'syrup'));
    expect(sentenceOf(step, unit as 'C' | 'F')).toBe(expected);
  });

  it('a figure that is right stays as it was typed, and an oven’s is never touched', () => {
    const meat = only(planOf({ text: 'Fry to 75°C inside.', ends: [degrees(75, 'as-read')] }, 'core'));
    expect([sentenceOf(meat, 'C'), sentenceOf(meat, 'F')]).toEqual([
      'Fry to 75°C inside.',
      'Fry to 167.0 °F inside.',
    ]);
    const text = 'Bake at 200 °C until the core shows 96 °C.';
    const bread = only(planOf({ text, ends: [degrees(94, 'as-read')] }, 'core'));
    expect(sentenceOf(bread, 'C')).toBe('Bake at 200 °C until the core shows 94.0 °C.');
  });

  it('what it says by itself is not said again behind it', () => {
    const said = (text: string, ends: End[], need: Step['need'] = 'any') =>
      untilWords(only(planOf({ text, ends, need }, 'syrup')), 'C');
    expect(said('Bake until done.', [sign('done')])).toBe('');
    expect(said('Bake it.', [sign('done')])).toBe('done');
    expect(said('Boil to 110 °C or until thick.', [degrees(110), sign('Thick')])).toBe('');
    expect(said('Boil.', [degrees(110), sign('thick')], 'all')).toBe('106.0 °C and thick');
    // “Done” is in “undone”, and says nothing of it.
    expect(said('Leave it undone.', [sign('done')])).toBe('done');
  });

  it('for all stations together it says each level’s own, and the plan’s own sentence none', () => {
    const step = { text: 'Boil until the thermometer shows 230 °F, stirring.', ends: [degrees(null)] };
    const plan = planOf(step, 'syrup', [levels(102, 110, 121)]);
    expect(classSteps(plan, high, 'C')[0]!.sentence).toBe(
      'Boil until the thermometer shows 98.0 / 106.0 / 117.0 °C, stirring.',
    );
    expect(sayingTheTarget(plan.steps[0]!)).toBe('Boil until the thermometer shows the target, stirring.');
    expect(sayingTheTarget({ text: 'Boil, stirring.', ends: step.ends })).toBe('Boil, stirring.');
    const timed: Factor = { ...levels(10, 15), acts: { on: 'minutes', stepId: 's' } };
    const baked = planOf({ text: 'Bake 10 min, check at 8.', minutes: 10, lookAt: 8 }, 'food', [timed]);
    expect(classSteps(baked, high, 'C')[0]!.sentence).toBe('Bake 10 min / 15 min, check at 8 / 12.');
  });

  it.each([
    ['Bring to soft-ball stage, 116 °C/240 °F.', 'Bring to soft-ball stage, the target.'],
    ['Cook the sugar to a light caramel (160 °C).', 'Cook the sugar to a light caramel (the target).'],
    ['Heat to 220 degrees.', 'Heat to the target.'],
    ['Simmer until the syrup is 105 °C.', 'Simmer until the syrup is the target.'],
    ['Keep it below 121 °C; stop at 118 °C.', 'Keep it below 121 °C; stop at the target.'],
    [
      'Boil the syrup to 118 °C while the oven heats to 180 °C.',
      'Boil the syrup to the target while the oven heats to 180 °C.',
    ],
    [
      'Heat the oven to 180 °C; boil the syrup to 118 °C.',
      'Heat the oven to 180 °C; boil the syrup to the target.',
    ],
    // No figure of it is where the step ends.
    ['Bake at 180 °C, then look.', 'Bake at 180 °C, then look.'],
    ['Boil it, never above 121 °C.', 'Boil it, never above 121 °C.'],
  ])('taken over by levels it names no figure: %s', (text, expected) => {
    expect(sayingTheTarget({ text, ends: [degrees(null)] })).toBe(expected);
  });

  it('other minutes are said in it where it said the old ones', () => {
    const baked = newStep({ id: 's', text: 'Bake 10 min.', minutes: 10 });
    expect(withMinutes(baked, 12).text).toBe('Bake 12 min.');
    const stirred = newStep({ id: 's', text: 'Tip it in and stir for 5 s.', minutes: 1 });
    expect(withMinutes(stirred, 2).text).toBe(stirred.text);
    expect(withMinutes(baked, null)).toEqual({ minutes: null, text: 'Bake 10 min.' });
  });
});

describe('the marks of a step', () => {
  const everything: Partial<Step> = {
    ...{ when: 'before', day: -2, lane: 'class', minutes: 8, minutesTo: 10, lookAt: 7, warnAt: 1 },
    settings: [{ what: 'oven', celsius: 200, words: '', from: 0 }],
    ...{ stayBelowC: 32, stir: 'never', door: 'glass' },
    windows: [{ words: 'fold it', from: 2, until: 4 }],
    ...{ people: 2, adult: true, optional: true, tryOne: true, repeatUntil: 'four layers' },
    ...{ ready: ['a cold bowl'], after: [{ stepId: 'first', least: 5, most: 20 }] },
    ...{ endsWith: 'last', safeStop: true },
  };
  const step = newStep({ id: 's', text: 'Do it.', ...everything });

  it('are all of them said, in the class’s unit, with the numbers of other steps', () => {
    expect(stepMarks(step, ['first', 's', 'last'], 'C')).toEqual([
      ...[
        'before the lesson (2 days before)',
        'made once for all by the teacher',
        '8–10 min',
        'look at 7 min',
      ],
      ...['get ready 1 min before the end', 'oven 200 °C', 'stay below 32 °C', 'do not stir'],
      ...['look through the glass only', 'fold it from 2 min no later than 4 min', '2 people'],
      ...['an adult does this', 'only if wanted', 'try one piece first', 'again until four layers'],
      ...['ready before: a cold bowl', 'not before 5 min after step 1', 'within 20 min of step 1'],
      ...['ready together with step 3', 'a safe place to stop'],
    ]);
    expect(stepMarks(step, ['s'], 'F', ['minutes'])).toContain('stay below 90 °F');
    expect(stepMarks(newStep({ id: 'x', text: 'y' }), [], 'C')).toEqual([]);
  });

  it('what only some levels say is said as theirs', () => {
    const factor: Factor = {
      ...levels(160, 180),
      acts: { on: 'setting', stepId: 's', what: 'oven', scale: 'number' },
    };
    const plan = planOf({ text: 'Bake.', stir: 'never' }, 'food', [factor]);
    expect(classSteps(plan, high, 'C')[0]!.marks).toEqual([
      'do not stir',
      'oven 160 °C / oven 180 °C, by level',
    ]);
    expect(idsOf(plan.steps)).toEqual(['s']);
  });
});
