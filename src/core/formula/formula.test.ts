import { describe, expect, it } from 'vitest';
import { amountInGrams, itemsNamedIn, pantryItemFor, sentenceUses } from '.';

const named = (sentence: string) =>
  itemsNamedIn(sentence)
    .map((item) => item.id)
    .sort();

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

describe('the pantry', () => {
  it('knows an ingredient by the longest name in it', () => {
    expect(pantryItemFor('Caster sugar, fine')?.id).toBe('sugar');
    expect(pantryItemFor('Golden syrup')?.id).toBe('golden-syrup');
    expect(pantryItemFor('Cornflour')?.id).toBe('cornflour');
    expect(pantryItemFor('Buttermilk')?.id).toBe('buttermilk');
    expect(pantryItemFor('Baking soda')?.id).toBe('soda');
    expect(pantryItemFor('Elderflower heads')).toBeUndefined();
  });

  it('finds what a sentence names, and not what it only mentions', () => {
    expect(named('Rub the butter into plain flour and salt.')).toEqual(['butter', 'flour', 'salt']);
    expect(named('Crack two eggs into the milk.')).toEqual(['egg', 'milk']);
    for (const idle of [
      'Put the sugar thermometer into the hot sugar.',
      'Rinse under running water; set the egg timer.',
      'Stand it in the water bath. Drop some into cold water.',
      'Break the honeycomb with a butter knife.',
      'Wait until it thickens like a cream-coloured foam.',
    ]) {
      expect(named(idle), idle).toEqual([]);
    }
  });

  it('takes loose words as use of an ingredient that is there', () => {
    expect(sentenceUses('Tip in all the soda.', 'Bicarbonate of soda')).toBe(true);
    expect(sentenceUses('Stir the syrup.', 'Golden syrup')).toBe(true);
    expect(sentenceUses('Mix all ingredients.', 'Saffron')).toBe(true);
    expect(sentenceUses('Strew the elderflower on top.', 'Elderflower heads')).toBe(true);
    expect(sentenceUses('Rinse under running water.', 'Water')).toBe(false);
    expect(sentenceUses('Weigh the sugar.', 'Salt')).toBe(false);
  });
});
