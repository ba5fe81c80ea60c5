import { batchTables } from '../../batch';
import { emptyPantry } from '../../order';
import { newIngredient, newPlan, noPortions, stationPlan, type Plan } from '../../practical';
import { waysOut, type ShortAsked } from '..';

/** Biscuits at twelve stations of two treatments: 200 g flour, 100 g sugar each. */
export const plan: Plan = {
  ...newPlan('Biscuit rounds', null),
  formula: [
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 200, unit: 'g' }),
    newIngredient({ id: 'sugar', name: 'Caster sugar', amount: 100, unit: 'g' }),
    newIngredient({ id: 'nuts', name: 'Almonds', amount: 20, unit: 'g', optional: true }),
  ],
  portions: { ...noPortions, pieces: 8 },
};
export const own = stationPlan(plan, null, null, batchTables.gramsOf);
export const asked = (patch: Partial<ShortAsked> = {}): ShortAsked => ({
  ...{ plan, spares: 0, ingredientId: 'sugar', haveG: 1000, pantry: emptyPantry, canBuy: false },
  batches: Array.from({ length: 12 }, (_, i) => ({ station: i + 1, treatmentId: i < 6 ? 'a' : 'b', own })),
  ...patch,
});
export const waysOf = (patch: Partial<ShortAsked> = {}) => waysOut(asked(patch))!.ways;
export const kinds = (patch: Partial<ShortAsked> = {}) => waysOf(patch).map(({ kind }) => kind);
