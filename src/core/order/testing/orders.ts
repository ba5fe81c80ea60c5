import { batchTables } from '../../batch';
import { newIngredient, newPlan, type Ingredient, type Plan } from '../../practical';
import { numberLevels } from '../../practical/testing/plans';
import { emptyPantry, orderOf, usualPrepWays, type OrderRun, type Pantry, type Product } from '..';

export const dayMs = 86_400_000;
export const monday = Date.UTC(2026, 0, 12);
/** Bought the day before. */
export const options = {
  buyDayOf: (at: number) => Math.floor(at / dayMs) * dayMs - dayMs,
  dayAfter: (day: number, days: number) => day + days * dayMs,
};

export const line = (id: string, name: string, amount: number, patch: Partial<Ingredient> = {}) =>
  newIngredient({ id, name, amount, unit: 'g', ...patch });

/** 0, 1, 2 and 4 % of 200 g flour, at two stations each. */
export const scones: Plan = {
  ...newPlan('Scones', null),
  factors: [
    {
      ...{ id: 'f', name: 'soda', unit: '' },
      acts: { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'flour' },
      levels: numberLevels(0, 1, 2, 4),
    },
  ],
  formula: [
    line('flour', 'Plain flour', 200),
    line('soda', 'Bicarbonate of soda', 2),
    line('buttermilk', 'Buttermilk', 150, { unit: 'ml' }),
    line('water', 'Water', 100),
  ],
};

export const run = (patch: Partial<OrderRun> & { day?: number } = {}): OrderRun => ({
  ...{ id: 'r', title: 'Scones', className: '9B', students: 20, plan: scones, prep: usualPrepWays },
  startsAt: monday + (patch.day ?? 0) * dayMs + 9 * 3_600_000,
  stations: ['l0', 'l0', 'l1', 'l1', 'l2', 'l2', 'l3', 'l3'],
  gramsOf: batchTables.gramsOf,
  ...patch,
});

export const product = (
  ingredient: string,
  packG: number,
  price: number | null,
  patch: Partial<Product> = {},
): Product => ({
  ...{ id: `${ingredient}-${packG}`, ingredient, name: '', packG, price, supplier: '', store: null },
  ...{ keepsDays: null, allergens: null },
  ...patch,
});
export const pantryWith = (patch: Partial<Pantry>): Pantry => ({ ...emptyPantry, ...patch });
export const lineOf = (runs: OrderRun[], key: string, pantry = emptyPantry) =>
  orderOf(runs, pantry, options).lines.find((one) => one.key === key)!;
