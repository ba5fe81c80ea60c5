import { describe, expect, it } from 'vitest';
import { convertTemperature } from '.';

describe('temperatures from one unit to another (BIPM, SI Brochure, 9th edition)', () => {
  it('absolute zero is one in every unit, and a hair below it is none', () => {
    expect(convertTemperature(-459.67, 'F', 'C')).toBe(-273.15);
    expect(convertTemperature(-459.67, 'F', 'K')).toBe(0);
    expect(convertTemperature(-273.15, 'C', 'K')).toBe(0);
    expect(convertTemperature(0, 'K', 'F')).toBeCloseTo(-459.67, 9);
    for (const [value, unit] of [
      [-459.68, 'F'],
      [-273.16, 'C'],
      [-0.01, 'K'],
    ] as const)
      expect(() => convertTemperature(value, unit, 'K'), unit).toThrow('absolute zero');
  });

  it('fixed points of every day', () => {
    expect(convertTemperature(212, 'F', 'C')).toBe(100);
    expect(convertTemperature(-40, 'C', 'F')).toBe(-40);
    expect(convertTemperature(98.6, 'F', 'C')).toBeCloseTo(37, 12);
  });
});
