import { describe, expect, it } from 'vitest';
import { itemCalled } from '../ingredients';
import { massOf } from './mass';
import type { RecipeUnit } from './units';

const mass = (
  amount: number,
  unit: RecipeUnit,
  name: string,
  more: { fill?: 'heaped' | 'packed'; size?: string; name?: string; amountHigh?: number } = {},
) => {
  const found = massOf({ amount, unit, amountHigh: null, ...more }, itemCalled(name), 'metric');
  return found && [found.low, found.usual, found.high].map((grams) => Number(grams.toFixed(1)));
};

describe('what amounts weigh', () => {
  it('masses are what they say, a range from its lower to its upper end', () => {
    expect(mass(250, 'g', 'flour')).toEqual([250, 250, 250]);
    expect(mass(8, 'oz', 'flour')).toEqual([226.8, 226.8, 226.8]);
    expect(mass(2, 'kg', 'flour', { amountHigh: 3 })).toEqual([2000, 2500, 3000]);
  });

  it('volumes by bulk density: water 1 g/ml, a cup or spoon 6 % either way, a jug as it is', () => {
    expect(mass(100, 'ml', 'water')![1]).toBeCloseTo(99.8, 0);
    const [low, usual, high] = mass(2, 'cup', 'water')!;
    expect([low! / usual!, high! / usual!].map((ratio) => Number(ratio.toFixed(1)))).toEqual([0.9, 1.1]);
    const [jugLow, jug] = mass(500, 'ml', 'water')!;
    expect(jugLow! / jug!).toBeGreaterThan(0.97);
    // A level teaspoon of salt is 5 to 6 g (common practice); heaped holds more.
    expect(mass(1, 'tsp', 'salt')![1]).toBeGreaterThan(5);
    expect(mass(1, 'tsp', 'salt', { fill: 'heaped' })![1]).toBeGreaterThan(mass(1, 'tsp', 'salt')![1]! * 1.3);
    expect(mass(1, 'cup', 'brown sugar', { fill: 'packed' })![1]).toBeGreaterThan(
      mass(1, 'cup', 'brown sugar')![1]!,
    );
    expect(massOf({ amount: 1, unit: 'cup', amountHigh: null }, undefined, 'metric')).toBeNull();
  });

  it('pieces, packs and handfuls (common practice): sachets, tins, sticks, cloves, slices', () => {
    expect(mass(2, 'sachet', 'dried yeast')).toEqual([11.9, 14, 16.1]);
    expect(mass(2, 'tin', 'chopped tomatoes')).toEqual([720, 800, 880]);
    expect(mass(1, 'tin', 'condensed milk')![1]).toBe(397);
    expect(mass(1, 'stick', 'butter')![1]).toBe(113.4);
    expect(mass(1, 'stick', 'flour')).toBeNull();
    expect(mass(2, 'clove', 'garlic')![1]).toBe(10);
    expect(mass(2, 'slice', 'bread')).toEqual([48, 80, 112]);
    expect(mass(1, 'handful', 'peas')).toEqual([15, 30, 45]);
    expect(mass(1, 'each', 'egg yolk')![1]).toBe(17);
    expect(massOf({ amount: 1, unit: 'pinch', amountHigh: null }, undefined, 'us')!.usual).toBe(0.35);
    expect(massOf({ amount: 1, unit: 'dash', amountHigh: null }, undefined, 'us')).toBeNull();
  });

  it('large and small pieces, and the grated skin of one', () => {
    const egg = (size: string) => mass(1, 'each', 'egg', { size })![1]! / mass(1, 'each', 'egg')![1]!;
    expect(
      ['extra large', 'large', 'small', 'medium', 'kleine'].map((size) => Number(egg(size).toFixed(2))),
    ).toEqual([1.25, 1.1, 0.85, 1, 0.85]);
    expect(mass(2, 'each', 'lemon', { name: 'lemon zest' })).toEqual([7.2, 12, 16.8]);
    expect(mass(1, 'each', 'lemon', { name: 'lemon' })![1]).toBeGreaterThan(60);
  });
});
