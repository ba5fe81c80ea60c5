import { describe, expect, it } from 'vitest';
import { type Acts, type Ingredient, type Level, type Plan, type Step } from '../practical';
import { numberLevels } from '../practical/testing/plans';
import { find, grams, line, middles, planOf } from './testing/plans';

const chill = [{ id: 's', text: 'Chill.' }];
const end = (celsius: number, thermometerId = 't') => ({
  ends: [{ kind: 'temperature' as const, celsius, basis: 'as-read' as const }],
  thermometerId,
});

describe('gelatine', () => {
  const gel = (formula: Ingredient[], acts: Acts, levels: Level[]) =>
    find(planOf(formula, chill, acts, levels), 'set');
  const cream = (amount: number | null) => line('Double cream', 400, { amount });

  it('weaker than the control has its band the right way round: half the share, between ½² and ½^1.7', () => {
    const levels = numberLevels(4, 8).map((level, i) => ({ ...level, control: i === 1 }));
    const whole = (g: number) => line('Double cream', 400 - g);
    const weaker = gel([whole(6), line('Gelatine', 4)], grams('gelatine'), levels)!.expected[0]!;
    const ratio = 4 / 398 / (8 / 402);
    expect(weaker.low).toBeCloseTo(ratio ** 2, 6);
    expect(weaker.high).toBeCloseTo(ratio ** 1.7, 6);
    expect([weaker.low < weaker.middle, weaker.middle < weaker.high]).toEqual([true, true]);
  });

  it('stays unsaid where a mass is unknown, wherever in the formula, and where the control has none', () => {
    const two = numberLevels(4, 8);
    expect(gel([cream(400), line('Gelatine', 4)], grams('gelatine'), two)).toBeDefined();
    expect(gel([cream(null), line('Gelatine', 4)], grams('gelatine'), two)).toBeUndefined();
    expect(gel([line('Gelatine', 4), cream(null)], grams('gelatine'), two)).toBeUndefined();
    const more = numberLevels(400, 500);
    expect(gel([cream(400), line('Gelatine', 4)], grams('double-cream'), more)).toBeDefined();
    expect(
      gel([cream(400), line('Gelatine', 4, { amount: null })], grams('double-cream'), more),
    ).toBeUndefined();
    expect(gel([cream(400)], grams('double-cream'), more)).toBeUndefined();
    expect(gel([cream(400), line('Gelatine', 4)], grams('gelatine'), numberLevels(0, 4))).toBeUndefined();
    expect(gel([line('Gelatine', 0)], grams('gelatine'), numberLevels(0, 4))).toBeUndefined();
  });
});

describe('starch', () => {
  const thermometers: Plan['thermometers'] = [
    { id: 't', in: 'food', smallestDivisionC: 1 },
    { id: 'u', in: 'syrup', smallestDivisionC: 1 },
    { id: 'v', in: 'oil', smallestDivisionC: 1 },
  ];
  /** Swollen at each level of the first step, %. */
  const sauce = (levels: number[], ...steps: (Pick<Step, 'id' | 'text'> & Partial<Step>)[]) =>
    middles(
      planOf(
        [line('Cornflour', 20), line('Water', 400)],
        steps,
        { on: 'end-temperature', stepId: steps[0]!.id },
        numberLevels(...levels),
        { thermometers },
      ),
      'starch',
    );
  const heat = { id: 'h', text: 'Heat the sauce.', ...end(67) };

  it('is asked in the step of the sauce, not in the syrup, the oil or the oven beside it', () => {
    const [low, high] = sauce([58, 78], heat)!;
    expect([low! < 5, high! > 95]).toEqual([true, true]);
    for (const beside of [
      { id: 's', text: 'Boil the syrup.', ...end(105, 'u') },
      { id: 'o', text: 'Fry in the oil.', ...end(170, 'v') },
      { id: 'n', text: 'Wait.' },
    ]) {
      expect(sauce([58, 78], heat, beside)).toEqual([low, high]);
    }
    // A sauce comes to 110 °C at most; what is hotter is something else.
    expect(sauce([66, 110], heat)).toHaveLength(2);
    expect(sauce([66, 111], heat)).toBeUndefined();
  });

  it('with something sweet whose make-up nobody knows is still asked', () => {
    const plan = planOf(
      [line('Cornflour', 20), line('Water', 400), line('Moon dust', 20)],
      [heat],
      { on: 'end-temperature', stepId: 'h' },
      numberLevels(58, 78),
      { thermometers },
    );
    expect(middles(plan, 'starch')).toEqual(sauce([58, 78], heat));
  });
});

describe('a dough', () => {
  it('with only more yeast rises just so much more: no doubt about warmth or salt is in it', () => {
    const plan = planOf(
      [line('Plain flour', 500), line('Water', 300), line('Salt', 10), line('Instant yeast', 2)],
      [{ id: 'p', text: 'Prove the dough.', minutes: 60 }],
      grams('instant-yeast'),
      numberLevels(2, 4),
    );
    const [, twice] = find(plan, 'rise')!.expected;
    for (const value of [twice!.low, twice!.middle, twice!.high]) expect(value).toBeCloseTo(2, 9);
  });
});

describe('a piece', () => {
  it('of nothing known is not asked about, though its step ends at a temperature', () => {
    const plan = (name: string) =>
      planOf(
        [line(name, 400)],
        [{ id: 'b', text: 'Bake the balls at 200 °C.', minutes: 15, ...end(75) }],
        { on: 'size', what: 'diameter' },
        numberLevels(30, 40),
        { thermometers: [{ id: 't', in: 'core', smallestDivisionC: 0.1 }] },
      );
    expect(find(plan('Turkey mince'), 'minutes-to-core')).toBeDefined();
    expect(find(plan('Moon dust'), 'minutes-to-core')).toBeUndefined();
  });
});
