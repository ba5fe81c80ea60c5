import { describe, expect, it } from 'vitest';
import { calculators, runCalculator } from '../../core/calculators';
import { resultLabel, resultText } from './result-label';

describe('labels of results', () => {
  it('say name and unit in words', () => {
    expect(
      [
        'localBoilingC',
        'conventionalF',
        'carbonDioxideG',
        'volumeL',
        'heightOutMm',
        'pressureKPa',
        'hydrationPercent',
        'minutes',
        'conductivityWmK',
        'p',
      ].map((key) => Object.values(resultLabel(key)).join(', ')),
    ).toEqual([
      'local boiling, °C',
      'conventional, °F',
      'carbon dioxide, g',
      'volume, L',
      'height out, mm',
      'pressure, kPa',
      'hydration, %',
      'time, min',
      'conductivity, W/m·K',
      'p, ',
    ]);
  });

  it('counts are whole, everything else has its digits', () => {
    expect([resultLabel('a', { f: 1 }).label, resultLabel('a').label]).toEqual([
      'first factor',
      'a*, green to red',
    ]);
    expect([resultText('dfError', 2), resultText('emptyCells', 0)]).toEqual(['2', '0']);
    expect(resultText('n', 3)).toBe('3');
    expect(resultText('gasMark', 0.25)).toBe('0.25');
    expect(resultText('df', 7.4132)).toBe('7.413');
    expect([resultText('mean', 3), resultText('minutes', 12)]).toEqual(['3.000', '12.00']);
  });

  it('leave no key of any calculator unsaid, and none with its unit still in the name', () => {
    for (const { id, example } of calculators) {
      for (const key of Object.keys(runCalculator(id, example).result)) {
        const { label } = resultLabel(key);
        expect(label.length, `${id} ${key}`).toBeGreaterThan(0);
        expect(label, `${id} ${key}`).not.toMatch(/ (c|g|k|kj|kcal|m3|s|kpa|mm|percent|minutes)$/);
      }
    }
  });
});
