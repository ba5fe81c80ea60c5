import { describe, expect, it } from 'vitest';
import {
  allTreatments,
  classTotals,
  consequenceOf,
  newIngredient,
  stationPlan,
  treatmentsOf,
  variedAmount,
} from '.';
import { kitchenGrams } from './testing/kitchen-grams';
import { amountOf, factor, numberLevels, planOf, wordLevels } from './testing/plans';

const flour = newIngredient({ id: 'flour', name: 'Plain flour', amount: 200 });
const salt = newIngredient({ id: 'salt', name: 'Salt', amount: 4 });

describe('treatments', () => {
  const soda = factor(amountOf('salt', 'g'), numberLevels(3, 1));
  const tins = factor({ on: 'words', scale: 'words' }, wordLevels(['dark', 'bright']), 'tin');
  const plan = planOf([salt], [soda, tins]);

  it('are all combinations, numbers upwards, less those left out; a factor without levels asks nothing', () => {
    expect(allTreatments(plan).map(({ label }) => label)).toEqual([
      '1 g · dark',
      '1 g · bright',
      '3 g · dark',
      '3 g · bright',
    ]);
    expect(allTreatments(plan).map(({ control }) => control)).toEqual([false, false, true, false]);
    const chosen = { ...plan, leftOut: [allTreatments(plan)[1]!.id] };
    expect(treatmentsOf(chosen).map(({ label }) => label)).toEqual([
      '1 g · dark',
      '3 g · dark',
      '3 g · bright',
    ]);
    expect(allTreatments({ ...plan, factors: [soda, { ...tins, levels: [] }] })).toHaveLength(2);
  });

  it('are summed over the class as they are dealt out', () => {
    const [one] = treatmentsOf(plan);
    const dealt = new Map([
      [one!.id, 5],
      [treatmentsOf(plan)[2]!.id, 2],
    ]);
    // 5 × 1 g + 2 × 3 g.
    expect(classTotals(plan, dealt, kitchenGrams)).toEqual([{ id: 'salt', grams: 11 }]);
    // Nobody dealt: as the plan stands.
    expect(classTotals({ ...plan, stations: 6 }, new Map(), kitchenGrams)).toEqual([
      { id: 'salt', grams: 24 },
    ]);
    const unknown = planOf([newIngredient({ id: 'x', name: 'Moon dust', amount: 1, unit: 'cup' })], []);
    expect(classTotals(unknown, new Map(), kitchenGrams)).toEqual([{ id: 'x', grams: null }]);
    // One of the treatments cannot be weighed: nor can the class’s, in whichever order. Others can.
    const levels = wordLevels(['moon dust', 'salt']);
    const dusty = planOf(
      [newIngredient({ id: 'x', name: 'Salt', amount: 1, unit: 'cup' }), flour],
      [factor({ on: 'swap', ingredientId: 'x' }, levels)],
    );
    const grams = (one: { name: string }) =>
      one.name === 'moon dust' ? null : one.name === 'Salt' ? 300 : 200;
    for (const ids of [treatmentsOf(dusty), treatmentsOf(dusty).reverse()])
      expect(classTotals(dusty, new Map(ids.map(({ id }) => [id, 2])), grams)).toEqual([
        { id: 'x', grams: null },
        { id: 'flour', grams: 800 },
      ]);
  });

  it('are drawn in one breath in the formula, only where they differ', () => {
    const own = treatmentsOf(plan).map((one) => stationPlan(plan, null, one, kitchenGrams));
    expect(variedAmount('salt', own)).toBe('1 · 3 g');
    expect(variedAmount('salt', own.slice(0, 2))).toBeNull();
    expect(
      consequenceOf(
        planOf([flour, salt], [factor(amountOf('salt', 'percent-of', 'flour'), numberLevels(1.5))]),
        null,
        soda,
        soda.levels[0]!,
        kitchenGrams,
      ),
    ).toBeNull();
  });
});
