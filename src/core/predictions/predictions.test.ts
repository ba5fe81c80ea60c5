import { describe, expect, it } from 'vitest';
import { examplePlan, newStep, type Ingredient } from '../practical';
import { numberLevels, withLevels, wordLevels } from '../practical/testing/plans';
import { predictionsOf } from '.';
import { line, planOf, find, middles, high, grams } from './testing/plans';

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
      // A degree or so either way is less than one percent here.
      expect(most - low).toBeLessThan(1.5);
    }
    const without = { ...plan, formula: plan.formula.filter(({ id }) => id !== 'sugar') };
    expect(find(without, 'syrup')).toBeUndefined();
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
