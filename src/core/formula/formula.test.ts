import { describe, expect, it } from 'vitest';
import { amountInGrams } from '.';

describe('amounts', () => {
  it('become grams where density or mass each is known, and null where not', () => {
    expect(amountInGrams(0.25, 'kg', null, null)).toBe(250);
    // Common practice: a level metric tablespoon is 15 ml, a teaspoon 5 ml.
    expect(amountInGrams(2, 'tbsp', 1.42, null)).toBeCloseTo(42.6, 9);
    expect(amountInGrams(1, 'tsp', 0.95, null)).toBeCloseTo(4.75, 9);
    expect(amountInGrams(100, 'ml', null, null)).toBeNull();
    expect(amountInGrams(2, 'each', null, 50)).toBe(100);
    expect(amountInGrams(2, 'each', 1, null)).toBeNull();
    expect(amountInGrams(null, 'g', 1, 1)).toBeNull();
  });
});
