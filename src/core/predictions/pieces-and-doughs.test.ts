import { describe, expect, it } from 'vitest';
import { unaccomplished, biotNumber, fourierNumber, foodProperties } from '../heat';
import { type Acts, type Ingredient, type Level } from '../practical';
import { numberLevels } from '../practical/testing/plans';
import { predictionsOf } from '.';
import { line, planOf, find, middles, grams } from './testing/plans';

describe('the middle of a piece', () => {
  const meat = [line('Turkey mince', 400)];
  const bake = {
    id: 'b',
    text: 'Bake the rolls.',
    minutes: 12,
    settings: [{ what: 'oven' as const, celsius: 200, words: 'fan', from: 0 }],
  };
  const core = {
    ends: [{ kind: 'temperature' as const, celsius: 75, basis: 'as-read' as const }],
    thermometerId: 't',
  };
  const size: Acts = { on: 'size', what: 'diameter' };
  const thermometers = [{ id: 't', in: 'core' as const, smallestDivisionC: 0.1 }];

  it('in boiling water is that of the series solution (Carslaw and Jaeger) within half a degree', () => {
    const plan = planOf(
      meat,
      [{ id: 'b', text: 'Simmer the meatballs.', minutes: 8 }],
      size,
      numberLevels(24, 36),
    );
    const item = predictionsOf(plan, null).find(({ id }) => id === 'centre')!;
    // Mince: about 72 % water, 20 % protein, 8 % fat; the film as the model’s usual one.
    const material = foodProperties({ water: 0.72, protein: 0.2, fat: 0.08 }, 40);
    item.expected.forEach(({ middle }, i) => {
      const half = [0.012, 0.018][i]!;
      const theta = unaccomplished(
        'sphere',
        biotNumber(1200, half, material.conductivityWmK),
        fourierNumber(material, half, 480),
      );
      expect(middle).toBeCloseTo(99.97 - theta * (99.97 - 8), -0.3);
    });
  });

  it('half as thick again takes between 1.5 and 2.25 times as long: between surface and inside', () => {
    const plan = planOf(meat, [{ ...bake, ...core }], size, numberLevels(20, 30), { thermometers });
    const [thin, thick] = find(plan, 'minutes-to-core')!.expected;
    for (const key of ['low', 'middle', 'high'] as const) {
      expect(thick![key] / thin![key]).toBeGreaterThan(1.5);
      expect(thick![key] / thin![key]).toBeLessThan(2.25);
    }
    // Common practice: a finger-thick kofta takes 8 to 15 min in a hot fan oven.
    expect(thin!.middle).toBeGreaterThan(6);
    expect(thin!.middle).toBeLessThan(15);
    expect(thin!.low).toBeLessThan(thin!.middle);
    expect(thin!.high).toBeGreaterThan(thin!.middle);
    const early = predictionsOf(planOf(meat, [{ ...bake, minutes: 1 }], size, numberLevels(20, 80)), null);
    // After a minute nothing of it has come to the middle of a piece of 80 g: 8 °C, as it went in.
    const centres = early.filter(({ id }) => id === 'centre').map(({ expected }) => expected[1]!.middle);
    expect(centres).toEqual([expect.closeTo(8, 0)]);
  });

  it('is never hotter than water boils, and colder from a cold start', () => {
    const long = find(planOf(meat, [{ ...bake, minutes: 60 }], size, numberLevels(20, 60)), 'centre')!;
    for (const { high: most } of long.expected) expect(most).toBeLessThan(100);
    const starts = planOf(
      meat,
      [{ ...bake }],
      { on: 'start-temperature', ingredientId: null },
      numberLevels(4, 20),
    );
    expect(find(starts, 'centre')).toBeUndefined();
  });

  it('is not said of batter with leavening, of mass without a shape, nor without an oven', () => {
    const of = (formula: Ingredient[], step: object, acts: Acts = size) =>
      predictionsOf(planOf(formula, [{ ...bake, ...step }], acts, numberLevels(20, 30)), null).filter(
        ({ id }) => /centre|core/.test(id),
      );
    expect(of(meat, {})).toHaveLength(1);
    expect(of([line('Plain flour', 200), line('Milk', 100), line('Baking powder', 10)], {})).toEqual([]);
    expect(of(meat, {}, { on: 'size', what: 'mass' })).toEqual([]);
    expect(of(meat, { text: 'Shape the balls, bake.' }, { on: 'size', what: 'mass' })).toHaveLength(1);
    expect(of(meat, { settings: [] })).toEqual([]);
    expect(of([line('Moon dust', 100)], {})).toEqual([]);
  });
});

describe('dough, starch, gelatine, crust', () => {
  it('salt holds yeast back: 2 % of the flour costs about a tenth, 4 % a third (teaching model)', () => {
    const dough = (acts: Acts, levels: Level[], step: object = {}) =>
      planOf(
        [line('Strong flour', 300), line('Instant yeast', 4), line('Salt', 6)],
        [{ id: 'p', text: 'Prove.', minutes: 45, ...step }],
        acts,
        levels,
      );
    const salt = middles(
      dough(
        { on: 'amount', ingredientId: 'salt', as: 'percent-of', of: 'strong-flour' },
        numberLevels(0, 2, 4),
      ),
      'rise',
    )!;
    expect(salt[0]).toBe(1);
    expect(salt[1]).toBeCloseTo(0.9, 1);
    expect(salt[2]).toBeCloseTo(2 / 3, 1);
    // Twice the yeast, twice the minutes: twice the gas.
    expect(middles(dough(grams('instant-yeast'), numberLevels(4, 8)), 'rise')).toEqual([1, 2]);
    expect(middles(dough({ on: 'minutes', stepId: 'p' }, numberLevels(30, 60)), 'rise')).toEqual([1, 2]);
    // Warmer is faster, with a band of the room’s doubt; killed at 60 °C.
    const warm = find(
      dough({ on: 'start-temperature', ingredientId: null }, numberLevels(22, 32, 60)),
      'rise',
    )!.expected;
    expect(warm[1]!.middle).toBeGreaterThan(1.5);
    // Two degrees more or less of 32 °C are a tenth of the rate there.
    expect(warm[1]!.high - warm[1]!.low).toBeGreaterThan(0.1);
    expect(warm[2]!.high).toBe(0);
    // Three of fresh are one of instant (common practice).
    const kinds = planOf(
      [line('Strong flour', 300), line('Fresh yeast', 12)],
      [{ id: 'p', text: 'Prove.', minutes: 45 }],
      grams('fresh-yeast'),
      numberLevels(12, 24),
    );
    expect(middles(kinds, 'rise')).toEqual([1, 2]);
  });

  it('maize starch in plenty of water: half at its middle of 67 °C, next to none at 58, all at 78', () => {
    const sauce = (acts: Acts, levels: Level[], more: Ingredient[] = []) =>
      planOf(
        [line('Cornflour', 20), line('Water', 400), ...more],
        [
          {
            id: 'h',
            text: 'Heat.',
            ends: [{ kind: 'temperature', celsius: 67, basis: 'as-read' }],
            thermometerId: 't',
          },
        ],
        acts,
        levels,
        {
          thermometers: [{ id: 't', in: 'food', smallestDivisionC: 1 }],
        },
      );
    const to = (...celsius: number[]) =>
      sauce({ on: 'end-temperature', stepId: 'h' }, numberLevels(...celsius));
    const [low, half, all] = middles(to(58, 67, 78), 'starch')!;
    expect(low).toBeLessThan(5);
    expect(half).toBeCloseTo(50, 0);
    expect(all).toBeGreaterThan(95);
    // Sugar lifts the range: less of it has swollen at 67 °C.
    const sweet = sauce(grams('caster-sugar'), numberLevels(0, 200), [line('Caster sugar', 0)]);
    expect(middles(sweet, 'starch')![1]!).toBeLessThan(10);
  });

  it('gelatine: twice as much sets 3.2 to 4 times as firm (exponents 1.7 to 2 of handbooks)', () => {
    const set = planOf(
      [line('Double cream', 500), line('Gelatine', 4)],
      [{ id: 's', text: 'Chill.' }],
      { on: 'amount', ingredientId: 'gelatine', as: 'percent-of-batch', of: null },
      numberLevels(0.6, 1.2),
    );
    const [control, twice] = find(set, 'set')!.expected;
    expect([control!.low, control!.high]).toEqual([1, 1]);
    expect(twice!.low).toBeCloseTo(2 ** 1.7, 6);
    expect(twice!.high).toBeCloseTo(4, 6);
    const agar = planOf(
      [line('Milk', 500), line('Agar', 4)],
      [{ id: 's', text: 'Chill.' }],
      grams('agar'),
      numberLevels(2, 4),
    );
    expect(find(agar, 'set')).toBeUndefined();
  });

  it('browning: only the order, by oven, minutes, and soda that is left', () => {
    const dough = [line('Plain flour', 200), line('Water', 100), line('Bicarbonate of soda', 0)];
    const oven = {
      id: 'b',
      text: 'Bake.',
      minutes: 12,
      settings: [{ what: 'oven' as const, celsius: 200, words: '', from: 0 }],
    };
    const order = (acts: Acts, ...levels: number[]) => {
      const plan = planOf(dough, [oven], acts, numberLevels(...levels));
      return find(plan, 'browning')?.expected.map(({ middle, words }) => `${middle} ${words}`.trim());
    };
    expect(order({ on: 'setting', stepId: 'b', what: 'oven', scale: 'number' }, 160, 180, 220)).toEqual([
      '1 palest',
      '2',
      '3 brownest',
    ]);
    expect(order({ on: 'minutes', stepId: 'b' }, 8, 8.2, 16)).toEqual(['1 palest', '1 palest', '2 brownest']);
    expect(order(grams('bicarbonate-of-soda'), 0, 2, 6)).toEqual(['1 palest', '2', '3 brownest']);
    expect(order(grams('water'), 80, 120)).toBeUndefined();
  });
});
