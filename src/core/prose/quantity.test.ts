import { describe, expect, it } from 'vitest';
import { quantityAt } from './quantity';

describe('numbers as cooks write them', () => {
  it.each<[string, number | null, number | null, string]>([
    ['200 g', 200, null, 'g'],
    ['1,5 kg', 1.5, null, 'kg'],
    ['.5 l', 0.5, null, 'l'],
    ['1 1/2 cups', 1.5, null, 'cups'],
    ['1-1/2 cups', 1.5, null, 'cups'],
    ['1 and 1/2 cups', 1.5, null, 'cups'],
    ['3/4 cup', 0.75, null, 'cup'],
    ['1/2 a lemon', 0.5, null, 'lemon'],
    ['1/3 of a cup', 1 / 3, null, 'cup'],
    ['half a lemon', 0.5, null, 'lemon'],
    ['quarter of an onion', 0.25, null, 'onion'],
    ['half a dozen eggs', 6, null, 'eggs'],
    ['a dozen eggs', 12, null, 'eggs'],
    ['a couple of eggs', 2, null, 'of eggs'],
    ['three quarters of a cup', 0.75, null, 'cup'],
    ['two thirds cup', 2 / 3, null, 'cup'],
    ['one and a half cups', 1.5, null, 'cups'],
    ['two and three quarter cups', 2.75, null, 'cups'],
    ['2 & a half cups', 2.5, null, 'cups'],
    ['uno y medio', 1.5, null, ''],
    ['two hundred and fifty grams', 250, null, 'grams'],
    ['a hundred grams', 100, null, 'grams'],
    ['anderthalb Tassen', 1.5, null, 'Tassen'],
    ['setengah cangkir', 0.5, null, 'cangkir'],
    ['twenty-four balls', 24, null, 'balls'],
    // Thousands: the unit tells what the mark means.
    ['1,250 g', 1250, null, 'g'],
    ['1,250 kg', 1.25, null, 'kg'],
    ['1 250 kg', 1250, null, 'kg'],
    ['1.500 g', 1500, null, 'g'],
    // Ranges.
    ['2-3 eggs', 2, 3, 'eggs'],
    ['2 to 3 eggs', 2, 3, 'eggs'],
    ['2 or 3 eggs', 2, 3, 'eggs'],
    ['2 bis 3 Eier', 2, 3, 'Eier'],
    ['between 2 and 3 eggs', 2, 3, 'eggs'],
    ['2 and 3 eggs', 2, null, 'and 3 eggs'],
    ['3-2 eggs', 3, null, 'eggs'],
    ['1 a 2 cucharadas', 1, 2, 'cucharadas'],
    ['a or two', 1, null, 'or two'],
    ['about 200 g', 200, null, 'g'],
    ['ca. 3 Eier', 3, null, 'Eier'],
    // None.
    ['eggs', null, null, ''],
    ['0 eggs', null, null, ''],
    ['1/0 cup', null, null, ''],
    ['onest', null, null, ''],
    ['', null, null, ''],
  ])('%s', (text, low, high, rest) => {
    const found = quantityAt(text);
    if (low === null) return expect(found).toBeNull();
    expect(found!.low).toBeCloseTo(low, 9);
    expect([found!.high, text.slice(found!.length)]).toEqual([high, rest]);
  });

  it('doubts what could be read otherwise, and a range that falls', () => {
    const doubted = ['1.500 g', '3-2 eggs', '1.500 kg', '1,500 g', '2-3 eggs', '2'].filter(
      (text) => quantityAt(text)!.doubtful,
    );
    expect(doubted).toEqual(['1.500 g', '3-2 eggs']);
  });
});
