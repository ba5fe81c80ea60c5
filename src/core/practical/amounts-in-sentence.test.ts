import { describe, expect, it } from 'vitest';
import {
  classSteps,
  newIngredient,
  newPlan,
  newStep,
  stationPlan,
  treatmentsOf,
  type Factor,
  type Plan,
} from '.';
import { numberLevels, wordLevels } from './testing/plans';

const formula = [
  newIngredient({ id: 'flour', name: 'Plain flour', amount: 200 }),
  newIngredient({ id: 'soda', name: 'Bicarbonate of soda', amount: 4 }),
  newIngredient({ id: 'eggs', name: 'Eggs', amount: 2, unit: 'each' }),
  newIngredient({ id: 'milk', name: 'Milk', amount: 0.5, unit: 'cup' }),
  newIngredient({ id: 'dark', name: 'Dark brown sugar', amount: 50 }),
  newIngredient({ id: 'caster', name: 'Caster sugar', amount: 50 }),
];
const factor = (ingredientId: string, ...values: number[]): Factor => ({
  ...{ id: 'f', name: 'dose', unit: '', levels: numberLevels(...values) },
  acts: { on: 'amount', ingredientId, as: 'times', of: null },
});
const planOf = (text: string, dose: Factor): Plan => ({
  ...newPlan('Trial', null),
  ...{ formula, factors: [dose], steps: [newStep({ id: 's', text })] },
});
/** The sentence at each level. */
const at = (text: string, dose: Factor) => {
  const plan = planOf(text, dose);
  return treatmentsOf(plan).map((one) => stationPlan(plan, null, one).steps[0]!.text);
};

describe('an amount in a sentence', () => {
  it.each<[string, Factor, string]>([
    ['Stir in 4 g of soda.', factor('soda', 2), 'Stir in 8 g of soda.'],
    ['Stir in 4 grams bicarbonate of soda.', factor('soda', 0.5), 'Stir in 2 g bicarbonate of soda.'],
    ['Stir in 4 g soda into 200 g flour.', factor('flour', 1.5), 'Stir in 4 g soda into 300 g flour.'],
    ['Beat in two eggs.', factor('eggs', 2), 'Beat in 4 eggs.'],
    ['Pour in ½ cup milk.', factor('milk', 3), 'Pour in 1½ cups milk.'],
    ['Pour in half a cup of milk.', factor('milk', 3), 'Pour in 1½ cups of milk.'],
    [
      'Add 50 g dark sugar and 50 g caster sugar.',
      factor('caster', 2),
      'Add 50 g dark sugar and 100 g caster sugar.',
    ],
    ['Stir in 4 g soda.', factor('soda', 0), 'Stir in no soda.'],
    // None of these is the amount of the formula.
    ['Stir in 3 g of the soda.', factor('soda', 2), 'Stir in 3 g of the soda.'],
    ['Roll 4 g pieces; add the soda.', factor('soda', 2), 'Roll 4 g pieces; add the soda.'],
    ['Shape 2 rolls, brush with eggs.', factor('eggs', 2), 'Shape 2 rolls, brush with eggs.'],
    ['Weigh 1200 g flour.', factor('flour', 2), 'Weigh 1200 g flour.'],
  ])('%s', (text, dose, expected) => {
    expect(at(text, dose)).toEqual([expected]);
  });

  it('is each station’s own, and for all together that of every level', () => {
    const dose = factor('soda', 0.5, 1, 2);
    const text = 'Stir in 4 g of soda, 2 min.';
    expect(at(text, dose)).toEqual(['Stir in 2 g of soda, 2 min.', text, 'Stir in 8 g of soda, 2 min.']);
    expect(classSteps(planOf(text, dose), null, 'C')[0]!.sentence).toBe(
      'Stir in 2 g / 4 g / 8 g of soda, 2 min.',
    );
    // Of a level in words nothing follows.
    const words: Factor = {
      ...dose,
      acts: { on: 'words', scale: 'words' },
      levels: wordLevels(['slow', 'fast']),
    };
    expect(at(text, words)).toEqual([text, text]);
  });
});
