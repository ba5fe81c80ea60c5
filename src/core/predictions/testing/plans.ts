import {
  newIngredient,
  newPlan,
  newStep,
  type Acts,
  type Ingredient,
  type Level,
  type Place,
  type Plan,
  type Step,
} from '../../practical';
import { predictionsOf } from '..';

export const line = (name: string, amount: number, patch: Partial<Ingredient> = {}) =>
  newIngredient({ id: name.toLowerCase().replaceAll(' ', '-'), name, amount, ...patch });

export const planOf = (
  formula: Ingredient[],
  steps: (Pick<Step, 'id' | 'text'> & Partial<Step>)[],
  acts: Acts,
  levels: Level[],
  patch: Partial<Plan> = {},
): Plan => ({
  ...newPlan('Trial', null),
  formula,
  steps: steps.map(newStep),
  factors: [{ id: 'f', name: 'it', acts, unit: '', levels }],
  ...patch,
});

export const find = (plan: Plan, id: string, place: Place | null = null) =>
  predictionsOf(plan, place).find((one) => one.id === id);

export const middles = (plan: Plan, id: string, place: Place | null = null) =>
  find(plan, id, place)?.expected.map(({ middle }) => middle);

export const high: Place = {
  name: 'K',
  kind: 'food-room',
  altitudeM: 2500,
  measuredBoilingC: null,
  stations: 8,
  balanceG: 1,
  equipment: [],
  tools: [],
};

export const grams = (ingredientId: string): Acts => ({ on: 'amount', ingredientId, as: 'g', of: null });
