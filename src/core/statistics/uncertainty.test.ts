import { describe, expect, it } from 'vitest';
import { combinedUncertainty, decimalsFor } from '.';

describe('uncertainty', () => {
  it('of a division alone is half a division over √3, doubled (GUM 4.3.7)', () => {
    expect(combinedUncertainty({ division: 1 }).standard).toBeCloseTo(0.288675, 6);
    expect(combinedUncertainty({ division: 1 }).expanded).toBeCloseTo(0.57735, 5);
  });

  it('adds calibration and repeats in quadrature: 3, 4 and 12 make 13', () => {
    const { standard } = combinedUncertainty({
      division: 6 * Math.sqrt(3),
      calibration: 8,
      sd: 24,
      repeats: 4,
    });
    expect(standard).toBeCloseTo(13, 12);
  });

  it('decides how many figures are written', () => {
    expect([0.57, 0.12, 0.03, 4.2, 1.6, 38].map(decimalsFor)).toEqual([1, 2, 2, 0, 1, -1]);
    expect(() => combinedUncertainty({ division: -1 })).toThrow(/division is -1/);
  });
});
