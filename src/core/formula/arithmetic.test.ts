import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ingredientItems } from '../ingredients';
import {
  bakersPercentages,
  kitchenMeasure,
  measureUnits,
  portionNutrients,
  scaledMass,
  weighingTolerance,
} from '.';

describe('kitchen measures', () => {
  it('US cup 236.588 ml, 16 tablespoons, 48 teaspoons, 8 fluid ounces, half a pint (NIST Handbook 44)', () => {
    const cup = (to: string) => kitchenMeasure(1, 'cup', to, undefined).amount;
    expect(cup('ml')).toBeCloseTo(236.588, 3);
    expect(['tablespoon', 'teaspoon', 'floz', 'pint'].map((to) => cup(to).toFixed(6))).toEqual([
      '16.000000',
      '48.000000',
      '8.000000',
      '0.500000',
    ]);
    expect(kitchenMeasure(1, 'lb', 'g', undefined).amount).toBe(453.59237);
  });

  it('packed brown sugar is 201 to 220 g a US cup, loose less; chocolate chips 154 to 170 (tables of bakeries, from memory)', () => {
    const cupOf = (name: string) => {
      const { low, high } = kitchenMeasure(1, 'cup', 'g', name);
      return [Math.round(low), Math.round(high)];
    };
    expect(cupOf('packed brown sugar')).toEqual([201, 220]);
    expect(cupOf('brown sugar')[0]).toBeLessThan(160);
    for (const name of ['chocolate chips', 'dark chocolate chips', 'semi-sweet chocolate chips'])
      expect(cupOf(name), name).toEqual([154, 170]);
  });

  it('a cup of flour is 120 to 150 g, spooned about 125; of sugar about 200; of butter 225 (common practice)', () => {
    const flour = kitchenMeasure(1, 'cup', 'g', 'flour');
    expect(flour.amount).toBeCloseTo(125, 0);
    expect([flour.low, flour.high].map(Math.round)).toEqual([118, 149]);
    expect(Math.abs(kitchenMeasure(1, 'cup', 'g', 'granulated sugar').amount - 200)).toBeLessThan(3);
    expect(Math.abs(kitchenMeasure(1, 'cup', 'g', 'butter').amount - 225)).toBeLessThan(3);
    expect(kitchenMeasure(1, 'cup', 'g', 'water', { cupMl: 250 }).amount).toBe(250);
  });

  it('goes there and back, for every unit and every ingredient', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...measureUnits),
        fc.constantFrom(...measureUnits),
        fc.constantFrom(...ingredientItems.filter((item) => item.density !== null)),
        fc.double({ min: 0.01, max: 900, noNaN: true }),
        (from, to, { name }, amount) => {
          const there = kitchenMeasure(amount, from, to, name);
          expect(kitchenMeasure(there.amount, to, from, name).amount / amount).toBeCloseTo(1, 9);
          expect(there.low <= there.amount && there.amount <= there.high).toBe(true);
        },
      ),
    );
    expect(() => kitchenMeasure(1, 'cup', 'g', undefined)).toThrow(
      /ingredient is missing; allowed: an ingredient/,
    );
    expect(() => kitchenMeasure(1, 'bucket', 'g', 'flour')).toThrow(/from is "bucket"/);
    expect(() => kitchenMeasure(1, 'cup', 'g', 'dragon water')).toThrow(/ingredient is "dragon water"/);
    // A 397 g tin of condensed milk is 300 ml; a cup of peanut butter about 256 g (common practice).
    expect(Math.abs(kitchenMeasure(397, 'g', 'ml', 'condensed milk').amount - 305)).toBeLessThan(6);
    expect(Math.abs(kitchenMeasure(1, 'cup', 'g', 'peanut butter').amount - 256)).toBeLessThan(5);
  });
});

describe('baker’s percentages', () => {
  it('common practice: 250 g flour to 150 ml warm water is 60 % hydration', () => {
    const { percentages, hydrationPercent } = bakersPercentages([
      { name: 'Strong flour', massG: 250 },
      { name: 'Warm water', massG: 150 },
      { name: 'Salt', massG: 5 },
    ]);
    expect(percentages.map((one) => one.percent)).toEqual([100, 60, 2]);
    expect(hydrationPercent).toBe(60);
  });

  it('counts all flours together, the water of milk, and not cream of tartar', () => {
    expect(() => bakersPercentages([])).toThrow(/lines .*at least one line/);
    const { hydrationPercent } = bakersPercentages([
      { name: 'Plain flour', massG: 100 },
      { name: 'Ground oats', massG: 100, flour: true },
      { name: 'Milk', massG: 100 },
      { name: 'Cream of tartar', massG: 4 },
      { name: 'Milk powder', massG: 10 },
    ]);
    expect(hydrationPercent).toBeCloseTo(44, 9);
    expect(() => bakersPercentages([{ name: 'Water', massG: 100 }])).toThrow(/at least one line of flour/);
  });
});

describe('buying', () => {
  it('rounds up to what the balance weighs', () => {
    expect(scaledMass(2.3, 12, 1, 1)).toBe(30);
    expect(scaledMass(0.1, 3, 0, 0.1)).toBeCloseTo(0.3, 12);
  });
});

describe('what is in it', () => {
  it('energy by the factors of the law: 100 g sugar is 1700 kJ, 100 g oil 3700 kJ', () => {
    expect(portionNutrients([{ name: 'Caster sugar', massG: 100 }], 1).energyKJ).toBe(1700);
    expect(portionNutrients([{ name: 'Oil', massG: 200 }], 2).energyKJ).toBe(3700);
    expect(() => portionNutrients([], 2)).toThrow(/lines .*at least one line/);
    expect(portionNutrients([{ name: 'Moon dust', massG: 2 }], 1).unknown).toEqual(['Moon dust']);
  });

  it('common practice: 1 g in 125 g flour is accepted, 1 g in 4 g soda is a check', () => {
    expect(weighingTolerance('flour', 125, 126)).toEqual({ percent: 0.8, rank: 'fine' });
    expect(weighingTolerance('bicarbonate of soda', 4, 5)).toEqual({ percent: 25, rank: 'check' });
  });
});
