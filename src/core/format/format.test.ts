import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  capitalised,
  counted,
  decimalsForError,
  decimalsOf,
  formatClock,
  formatDuration,
  formatNumber,
  formatSignificant,
  formatTemperature,
  listed,
} from '.';

describe('numbers', () => {
  it.each([
    [0.1 + 0.2, undefined, '0.3'],
    [-18, undefined, '−18'],
    [-0.04, 1, '0.0'],
    [146.0084, 1, '146.0'],
    [1e6, undefined, '1000000'],
  ])('%f with %s decimals is “%s”', (value, decimals, text) => {
    expect(formatNumber(value, decimals)).toBe(text);
  });

  it('read back as they were, at full length, but for the true minus', () => {
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (value) => {
        const back = Number(formatNumber(value).replace('−', '-'));
        expect(Math.abs(back - value)).toBeLessThanOrEqual(Math.abs(value) * 1e-11 + 1e-300);
      }),
    );
  });

  it('show temperatures in both worlds: 100 °C is 212 °F, −40 is both', () => {
    expect(formatTemperature(100, 'F')).toBe('212.0 °F');
    expect(formatTemperature(-40, 'C', 0)).toBe('−40 °C');
    expect(formatTemperature(-40, 'F', 0)).toBe('−40 °F');
  });

  it('keep the digits that tell something', () => {
    expect([0.05, 146.0084, 1234567, 0.000133013, -2.5e-7, 0, 12.5].map(formatSignificant)).toEqual([
      '0.050',
      '146.0',
      '1234567',
      '0.000133',
      '−2.50 × 10^−7',
      '0.000',
      '12.50',
    ]);
  });

  it('take their decimals from the smallest division, or from the error', () => {
    expect([1, 5, 0.5, 0.1, 0.05, 0.01].map(decimalsOf)).toEqual([0, 0, 1, 1, 2, 2]);
    // One digit more than the first of the error: ±0.4 N is shown to 0.01, ±12 g to 1.
    expect([0.4, 0.04, 12, 1.2, 0].map(decimalsForError)).toEqual([2, 3, 0, 1, 3]);
  });
});

describe('durations', () => {
  it.each([
    [0.4, '0 s'],
    [59.4, '59 s'],
    [59.6, '1 min'],
    [200, '3 min 20 s'],
    [238, '4 min'],
    [660, '11 min'],
    [3600, '1 h'],
    [3900, '1 h 5 min'],
  ])('%f s is said “%s”', (seconds, words) => {
    expect(formatDuration(seconds)).toBe(words);
  });

  it('never say sixty seconds or sixty minutes', () => {
    for (let second = 0; second < 8000; second += 1) expect(formatDuration(second)).not.toMatch(/\b60 /);
  });

  it('run as clocks', () => {
    expect([5, 130, 3849, -3].map(formatClock)).toEqual(['0:05', '2:10', '1:04:09', '0:00']);
  });
});

describe('words', () => {
  it('count and list', () => {
    expect(counted(1, 'station')).toBe('1 station');
    expect(counted(3, 'entry', 'entries')).toBe('3 entries');
    expect(['', 'a', 'a,b', 'a,b,c'].map((text) => listed(text.split(',')))).toEqual([
      '',
      'a',
      'a and b',
      'a, b and c',
    ]);
    expect(capitalised('soda in')).toBe('Soda in');
  });
});
