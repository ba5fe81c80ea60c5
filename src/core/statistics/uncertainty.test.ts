import { describe, expect, it } from 'vitest';
import { combinedUncertainty, decimalsFor, effectiveDegrees } from '.';

describe('uncertainty', () => {
  it('of a division alone is half a division over √3, times 1.96 (GUM 4.3.7, G.6.6)', () => {
    expect(combinedUncertainty({ division: 1 }).standard).toBeCloseTo(0.288675, 6);
    expect(combinedUncertainty({ division: 1 }).expanded).toBeCloseTo(1.959964 * 0.288675, 5);
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

  it('few repeats widen it: Student’s t on the effective degrees of freedom', () => {
    // GUM H.1.6: parts of 25, 9.7, 2.9 and 16.6 nm on 18, 25.6, 50 and 2 degrees of freedom have 16 together.
    const parts = [
      { standard: 25, df: 18 },
      { standard: 9.7, df: 25.6 },
      { standard: 2.9, df: 50 },
      { standard: 16.6, df: 2 },
    ];
    expect(Math.floor(effectiveDegrees(parts))).toBe(16);
    // Printed t table: 3.182 on 3 degrees of freedom.
    const four = combinedUncertainty({ division: 0, sd: 2, repeats: 4 });
    expect(four.effectiveDf).toBeCloseTo(3, 9);
    expect(four.expanded).toBeCloseTo(3.182, 3);
  });

  it('decides how many figures are written', () => {
    expect([0.57, 0.12, 0.03, 4.2, 1.6, 38].map(decimalsFor)).toEqual([1, 2, 2, 0, 1, -1]);
    expect(() => combinedUncertainty({ division: -1 })).toThrow(/division is -1/);
  });
});
