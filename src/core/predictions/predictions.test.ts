import { describe, expect, it } from 'vitest';
import { unaccomplished, biotNumber, fourierNumber, foodProperties } from '../heat';
import {
  examplePlan,
  newIngredient,
  newPlan,
  newStep,
  type Acts,
  type Ingredient,
  type Level,
  type Place,
  type Plan,
  type Step,
} from '../practical';
import { numberLevels, withLevels, wordLevels } from '../practical/testing/plans';
import { predictionsOf } from '.';

const line = (name: string, amount: number, patch: Partial<Ingredient> = {}) =>
  newIngredient({ id: name.toLowerCase().replaceAll(' ', '-'), name, amount, ...patch });
const planOf = (
  formula: Ingredient[],
  steps: (Pick<Step, 'id' | 'text'> & Partial<Step>)[],
  acts: Acts,
  levels: Level[],
  patch: Partial<Plan> = {},
): Plan => ({
  ...newPlan('Trial', null),
  formula,
  steps: steps.map(newStep),
  factors: [{ id: 'f', name: 'it', acts, unit: '', levels }],
  ...patch,
});
const find = (plan: Plan, id: string, place: Place | null = null) =>
  predictionsOf(plan, place).find((one) => one.id === id);
const middles = (plan: Plan, id: string, place: Place | null = null) =>
  find(plan, id, place)?.expected.map(({ middle }) => middle);
const high: Place = {
  name: 'K',
  kind: 'food-room',
  altitudeM: 2500,
  measuredBoilingC: null,
  stations: 8,
  balanceG: 1,
};
const grams = (ingredientId: string): Acts => ({ on: 'amount', ingredientId, as: 'g', of: null });

describe('syrup at its target', () => {
  it('is as strong as the confectioners’ table says: 95 % boils at 140 °C, 97 % at 151 °C', () => {
    const plan = withLevels(examplePlan, numberLevels(140, 151));
    // The table counts water at 100.00 °C, the program at 99.97.
    expect(middles(plan, 'syrup')![0]).toBeCloseTo(95, 1);
    expect(middles(plan, 'syrup')![1]).toBeCloseTo(97, 1);
    // The same strength wherever: the target moves with the boiling point.
    expect(middles(plan, 'syrup', high)![0]).toBeCloseTo(95, 1);
    for (const { low, middle, high: most } of find(plan, 'syrup')!.expected) {
      expect(low).toBeLessThan(middle);
      expect(most).toBeGreaterThan(middle);
    }
  });
});

describe('gas from soda', () => {
  const bowl = (acid: Ingredient, steps = [{ id: 'mix', text: 'Mix.' }]) =>
    planOf(
      [line('Plain flour', 200), line('Bicarbonate of soda', 4), acid],
      steps,
      grams('bicarbonate-of-soda'),
      numberLevels(0, 4, 8),
    );

  it('by stoichiometry: 4 g of NaHCO₃ are 0.0476 mol, 1.15 L at 21 °C and one atmosphere', () => {
    // Citric acid, 3 × 84.007 / 192.12: 100 g take 131.2 g of soda; 6.1 g take 8 g.
    const [none, four, eight] = find(bowl(line('Citric acid', 6.2)), 'gas')!.expected;
    expect([none!.low, none!.middle, none!.high]).toEqual([0, 0, 0]);
    expect(four!.middle).toBeCloseTo((4 / 84.007) * 24.14, 2);
    expect(eight!.middle).toBeCloseTo(2 * four!.middle, 2);
    // A pure acid has no season.
    expect(four!.low).toBeCloseTo(four!.high, 9);
    expect(find(bowl(line('Citric acid', 6.2)), 'soda-left')).toBeUndefined();
  });

  it('without enough acid: what is left, wide where the acid is a food’s, and half the gas by heat', () => {
    // 1 g of citric acid takes 1.312 g.
    expect(middles(bowl(line('Citric acid', 1)), 'soda-left')!.map((one) => one.toFixed(2))).toEqual([
      '0.00',
      '2.69',
      '6.69',
    ]);
    const cold = find(bowl(line('Buttermilk', 100)), 'soda-left')!.expected[1]!;
    expect(cold.low).toBeLessThan(cold.middle);
    expect(cold.high).toBeGreaterThan(cold.middle);
    const syrup = planOf(
      [line('Caster sugar', 100), line('Bicarbonate of soda', 4)],
      [{ id: 'b', text: 'Boil, then stir in the soda.' }],
      grams('bicarbonate-of-soda'),
      numberLevels(2, 4),
    );
    // Heat alone: 2 NaHCO₃ → Na₂CO₃ + H₂O + CO₂, at the most half of what an acid frees.
    const hot = find(syrup, 'gas')!.expected[1]!;
    expect(hot.high).toBeCloseTo((4 / 84.007 / 2) * 24.14, 2);
    expect([hot.low, hot.middle]).toEqual([0, hot.high / 2]);
    const unheated = { ...syrup, steps: [newStep({ id: 'b', text: 'Stir.' })] };
    expect(find(unheated, 'gas')).toBeUndefined();
  });

  it('takes more room where the air is thin', () => {
    const plan = bowl(line('Citric acid', 6.2));
    // 74.7 kPa at 2500 m (ISO 2533): 1.357 times the volume.
    expect(middles(plan, 'gas', high)![1]! / middles(plan, 'gas')![1]!).toBeCloseTo(101.325 / 74.69, 2);
  });

  it('is not guessed for baking powder, nor where a mass is unknown', () => {
    expect(find(bowl(line('Baking powder', 8)), 'gas')).toBeUndefined();
    expect(find(bowl(line('Lemon juice', 1, { unit: 'each', amount: null })), 'gas')).toBeUndefined();
  });
});

describe('eggs in boiling water', () => {
  const eggs = (
    minutes: number[],
    patch: Partial<Ingredient> = {},
    text = 'Lower the eggs into boiling water.',
  ) =>
    planOf(
      [line('Eggs', 2, { unit: 'each', ...patch })],
      [{ id: 's', text, minutes: 6 }],
      { on: 'minutes', stepId: 's' },
      numberLevels(...minutes),
    );

  it('common practice at sea level: soft at 5, not hard before 8, hard at 12 minutes', () => {
    const said = find(eggs([5, 8, 12]), 'yolk')!.expected.map(({ words }) => words);
    expect(said).toEqual(['soft', 'medium', 'hard']);
  });

  it('take longer on a mountain, from the refrigerator, and not after an hour', () => {
    const [here, there] = [middles(eggs([6, 8]), 'yolk')!, middles(eggs([6, 8]), 'yolk', high)!];
    expect(there[0]!).toBeLessThan(here[0]! - 2);
    expect(middles(eggs([6, 8], { state: 'cold' }), 'yolk')![0]!).toBeLessThan(here[0]! - 4);
    expect(find(eggs([6, 61]), 'yolk')).toBeUndefined();
    for (const { low, middle, high: most } of find(eggs([6, 8]), 'yolk')!.expected) {
      expect(middle - low).toBeGreaterThan(1);
      expect(most - middle).toBeGreaterThan(1);
    }
    // From cold water the boil comes first: hotter after as many minutes.
    expect(middles(eggs([6, 8], {}, 'Put the eggs into cold water, boil.'), 'yolk')![0]!).toBeGreaterThan(
      here[0]!,
    );
  });

  it('are asked only of whole eggs in water', () => {
    expect(find(eggs([6, 8], {}, 'Whisk the eggs.'), 'yolk')).toBeUndefined();
    const dough = planOf(
      [line('Egg white', 60)],
      [{ id: 's', text: 'Boil the eggs.', minutes: 6 }],
      { on: 'minutes', stepId: 's' },
      numberLevels(6, 8),
    );
    expect(find(dough, 'yolk')).toBeUndefined();
  });
});

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
    expect(early.find(({ id }) => id === 'centre')?.expected[1]!.middle ?? 8).toBeCloseTo(8, 0);
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

describe('what is not known stays unsaid', () => {
  const two = withLevels(examplePlan, numberLevels(140, 150));

  it('one treatment, a level left to the station, one that cannot be, words, and the same everywhere', () => {
    expect(predictionsOf(two, null)).not.toEqual([]);
    expect(predictionsOf(withLevels(examplePlan, numberLevels(140)), null)).toEqual([]);
    const [first, second] = numberLevels(140, 150);
    expect(
      predictionsOf(withLevels(examplePlan, [first!, { ...second!, value: null, open: true }]), null),
    ).toEqual([]);
    expect(predictionsOf(withLevels(examplePlan, numberLevels(140, 500)), null)).toEqual([]);
    const dip = planOf(
      [line('Pears', 100)],
      [{ id: 'd', text: 'Dip.' }],
      { on: 'words', scale: 'words' },
      wordLevels(['water', 'juice']),
    );
    expect(predictionsOf(dip, null)).toEqual([]);
    expect(
      predictionsOf(
        withLevels(examplePlan, numberLevels(...Array.from({ length: 12 }, (_, i) => 140 + i))),
        null,
      ),
    ).not.toEqual([]);
    // Past the strongest syrup of the table nothing is said of any.
    expect(find(withLevels(examplePlan, numberLevels(140, 190)), 'syrup')).toBeUndefined();
  });

  it('every prediction has a working with its treatments, sources and a band around its middle', () => {
    for (const { working, expected, id } of predictionsOf(two, high)) {
      expect(working.sources.length, id).toBeGreaterThan(0);
      expect(working.lines.slice(-2).map(({ text }) => text)).toEqual(['140 °C', '150 °C']);
      for (const { low, middle, high: most } of expected) {
        expect(low).toBeLessThanOrEqual(middle);
        expect(most).toBeGreaterThanOrEqual(middle);
      }
    }
  });
});
