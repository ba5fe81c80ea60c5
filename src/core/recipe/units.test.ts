import { describe, expect, it } from 'vitest';
import { gramsOf, isMass, isPack, isVolume, millilitresOf, unitAt, type RecipeUnit } from './units';

/** What a text begins with, as “1 tbsp”, and what is left of it. */
const read = (text: string) => {
  const found = unitAt(text);
  return found ? [found.unit, found.times, text.slice(found.length)] : null;
};

describe('the unit at the head of a text', () => {
  it.each<[string, [RecipeUnit, number, string] | null]>([
    ['g flour', ['g', 1, 'flour']],
    ['gms. flour', ['g', 1, 'flour']],
    ['mg salt', ['g', 0.001, 'salt']],
    ['Pfund Mehl', ['g', 500, 'Mehl']],
    ['etti di burro', ['g', 100, 'di burro']],
    ['kilos potatoes', ['kg', 1, 'potatoes']],
    ['cl de lait', ['ml', 10, 'de lait']],
    ['dl mjölk', ['ml', 100, 'mjölk']],
    ['litres water', ['l', 1, 'water']],
    ['EL Öl', ['tbsp', 1, 'Öl']],
    ['c. à s. d’huile', ['tbsp', 1, 'd’huile']],
    ['c. à café de sel', ['tsp', 1, 'de sel']],
    ['cucharaditas de sal', ['tsp', 1, 'de sal']],
    ['cucharadas soperas de aceite', ['tbsp', 1, 'de aceite']],
    ['sendok makan minyak', ['tbsp', 1, 'minyak']],
    ['dsp cocoa', ['dessertspoon', 1, 'cocoa']],
    ['Tassen Reis', ['cup', 1, 'Reis']],
    ['fl oz milk', ['floz', 1, 'milk']],
    ['fluid ounces milk', ['floz', 1, 'milk']],
    ['oz butter', ['oz', 1, 'butter']],
    ['lb(s) apples', ['lb', 1, 'apples']],
    ['quarts stock', ['pint', 2, 'stock']],
    ['sachet(s) yeast', ['sachet', 1, 'yeast']],
    ['tins tomatoes', ['tin', 1, 'tomatoes']],
    ['jar olives', ['packet', 1, 'olives']],
    ['sticks butter', ['stick', 1, 'butter']],
    ['pincée de sel', ['pinch', 1, 'de sel']],
    ['Spritzer Zitrone', ['dash', 1, 'Zitrone']],
    ['poignée de noix', ['handful', 1, 'de noix']],
    ['gousses d’ail', ['clove', 1, 'd’ail']],
    ['rashers bacon', ['slice', 1, 'bacon']],
    ['sprigs thyme', ['each', 1, 'thyme']],
    // A letter alone, by its case; with a name behind it.
    ['T oil', ['tbsp', 1, 'oil']],
    ['T. oil', ['tbsp', 1, 'oil']],
    ['t oil', ['tsp', 1, 'oil']],
    ['c flour', ['cup', 1, 'flour']],
    ['c 200', null],
    ['c à soupe de miel', ['tbsp', 1, 'de miel']],
    // The longest name of a unit, and no unit inside a word.
    ['gram flour', ['g', 1, 'flour']],
    ['tinned tomatoes', null],
    ['cloves', ['clove', 1, '']],
    ['ginger', null],
    ['large eggs', null],
    ['', null],
  ])('%s', (text, wanted) => {
    expect(read(text)).toEqual(wanted);
  });

  it('says which word it was', () => {
    expect(['gms. flour', 'lb(s) apples', 'T oil'].map((text) => unitAt(text)!.word)).toEqual([
      'gms',
      'lb',
      'T',
    ]);
  });
});

describe('how much a unit is', () => {
  it('masses: NIST Handbook 44, appendix C (avoirdupois)', () => {
    expect((['g', 'kg', 'oz', 'lb', 'cup'] as const).map(gramsOf)).toEqual([
      1,
      1000,
      28.349523125,
      453.59237,
      null,
    ]);
  });

  it('volumes: US cup 236.588 ml and pint 473.176 ml (NIST Handbook 44), metric cup 250, imperial pint 568.26', () => {
    const of = (cup: 'us' | 'metric') =>
      (
        [
          'ml',
          'l',
          'tsp',
          'tbsp',
          'dessertspoon',
          'cup',
          'floz',
          'pint',
          'pinch',
          'dash',
          'g',
          'tin',
        ] as const
      ).map((unit) => {
        const millilitres = millilitresOf(unit, cup);
        return millilitres === null ? null : Number(millilitres.toFixed(3));
      });
    expect(of('us')).toEqual([1, 1000, 5, 15, 10, 236.588, 29.574, 473.176, 0.313, 0.625, null, null]);
    expect(of('metric')).toEqual([1, 1000, 5, 15, 10, 250, 28.413, 568.261, 0.313, 0.625, null, null]);
  });

  it('what is weighed, what is poured, what holds another amount', () => {
    const all: RecipeUnit[] = ['g', 'ml', 'tsp', 'pinch', 'oz', 'sachet', 'tin', 'stick', 'each', 'clove'];
    const which = (test: (unit: RecipeUnit) => boolean) => all.filter(test);
    expect([which(isMass), which(isVolume), which(isPack)]).toEqual([
      ['g', 'oz'],
      ['ml', 'tsp', 'pinch'],
      ['sachet', 'tin', 'stick'],
    ]);
  });
});
