import { describe, expect, it } from 'vitest';
import { aboutOneMeasure, amountInGrams, spoonsFor, spoonsInWords, type AmountUnit } from '.';

describe('which spoons to fill', () => {
  // practice.md P14: 1½ = 3 × ½; ⅛ cup = 2 tbsp. The others by the same common practice.
  it.each<[number, AmountUnit, string]>([
    [1.5, 'tsp', '3 × ½ tsp'],
    [1 / 8, 'cup', '2 tbsp'],
    [2 / 3, 'cup', '2 × ⅓ cup'],
    [0.75, 'cup', '3 × ¼ cup'],
    [0.75, 'tsp', '3 × ¼ tsp'],
    [2.5, 'cup', '2 cups and ½ cup'],
    [1.25, 'cup', '1 cup and ¼ cup'],
    [3, 'tbsp', '3 tbsp'],
    [1 / 16, 'cup', '1 tbsp'],
    [0.375, 'tsp', '3 × ⅛ tsp'],
  ])('%f %s: %s', (amount, unit, words) => {
    const found = spoonsFor(amount, unit)!;
    expect(spoonsInWords(found)).toBe(words);
    // And they hold as much as was asked for.
    const ml = found.reduce(
      (sum, { times, of, unit: own }) => sum + amountInGrams(times * of, own, 1, null)!,
      0,
    );
    expect(ml / amountInGrams(amount, unit, 1, null)!).toBeCloseTo(1, 1);
  });

  // By the volumes of the metric set: 250, 15 and 5 ml.
  it.each([
    [80, '⅓ cup'],
    [250, '1 cup'],
    [60, '4 tbsp'],
    [16, '1 tbsp'],
    [2.4, '½ tsp'],
    [0.6, '⅛ tsp'],
    [500, '2 cups'],
    [190, '3 × ¼ cup'],
  ])('about %f ml is %s', (ml, words) => {
    expect(spoonsInWords([aboutOneMeasure(ml)!])).toBe(words);
  });

  it('is never far off, and says nothing where it would be', () => {
    for (let ml = 0.3; ml < 1200; ml *= 1.07) {
      const found = aboutOneMeasure(ml);
      if (found) expect(amountInGrams(found.times * found.of, found.unit, 1, null)! / ml).toBeCloseTo(1, 0.5);
    }
    expect([aboutOneMeasure(0.1), aboutOneMeasure(1600)]).toEqual([null, null]);
  });

  it('says nothing where one measure is filled once, where no set has it, and where nothing is measured', () => {
    expect([spoonsFor(1, 'tsp'), spoonsFor(0.5, 'cup'), spoonsFor(100, 'g'), spoonsFor(0, 'tsp')]).toEqual([
      null,
      null,
      null,
      null,
    ]);
    expect(spoonsFor(0.01, 'tsp')).toBeNull();
  });
});
