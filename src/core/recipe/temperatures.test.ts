import { describe, expect, it } from 'vitest';
import { meantOf, temperaturesIn } from './temperatures';

const read = (text: string) =>
  temperaturesIn(text).map(({ celsius, high, as, from, to, words }) => {
    expect(text.slice(from, to).trim()).toBe(words);
    return [as, celsius, high];
  });

describe('temperatures in a sentence', () => {
  it.each<[string, (string | number | null)[][]]>([
    ['Bake at 180 °C.', [['C', 180, null]]],
    ['Bake at 180C for 20 min.', [['C', 180, null]]],
    ['Bake at 180-200 °C.', [['C', 180, 200]]],
    ['Heat to 37,5 °C.', [['C', 37.5, null]]],
    // (°F − 32) × 5/9
    ['Bake at 350 °F.', [['F', 176.7, null]]],
    ['Bake at 350 to 375 Fahrenheit.', [['F', 176.7, 190.6]]],
    ['Bake at 400°.', [['F', 204.4, null]]],
    ['Bake at 200°.', [['C', 200, null]]],
    ['Bake at 180 °C fan.', [['fan', 180, null]]],
    [
      'Bake at 180 °C (fan 160 °C).',
      [
        ['C', 180, null],
        ['fan', 160, null],
      ],
    ],
    ['Fan oven 325 °F.', [['fan', 162.8, null]]],
    ['Ofen auf 200 °C Umluft heizen.', [['fan', 200, null]]],
    // Gas marks by the usual table: 4 is 350 °F, 180 °C; a half is 250 °F, 120 °C.
    ['Gas mark 4.', [['gas', 180, null]]],
    ['Gas 1/2.', [['gas', 120, null]]],
    // Thermostat marks of French ovens: 30 °C each.
    ['Four th. 6.', [['gas', 180, null]]],
    ['Th 12.', []],
    ['Bake at 180 degrees.', [['C', 180, null]]],
    ['Bake at 350-375 degrees.', [['F', 176.7, 190.6]]],
    ['Preheat the oven to 200 and bake.', [['C', 200, null]]],
    ['Preheat the oven to 400 and bake.', [['F', 204.4, null]]],
    ['Bake in a hot oven.', [['words', 220, null]]],
    ['Bake in a moderately hot oven.', [['words', 200, null]]],
    ['Bake in a very slow oven.', [['words', 130, null]]],
    ['Bake in a hot oven, 210 °C.', [['C', 210, null]]],
    [
      '200 °C / 400 °F / gas 6',
      [
        ['C', 200, null],
        ['F', 204.4, null],
        ['gas', 200, null],
      ],
    ],
    ['Bake to 200 g.', []],
    ['Bake for 200 min.', []],
    ['Chill.', []],
  ])('%s', (text, wanted) => {
    expect(read(text)).toEqual(wanted);
  });

  it('means °C before °F, gas and words, a fan last', () => {
    const meant = (text: string) => meantOf(temperaturesIn(text))?.as ?? null;
    expect(['400 °F / 200 °C', 'gas 6 / 400 °F', 'fan 180 / gas 6', '160 °C fan', 'none'].map(meant)).toEqual(
      ['C', 'F', 'gas', 'fan', null],
    );
  });
});
