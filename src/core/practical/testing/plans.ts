import { newIngredient } from '../new-parts';
import { newPlan } from '../new-plan';
import type { Acts, Factor, Ingredient, Level, Medium, Plan } from '../plan';
import type { Step } from '../step';

/** The plan with its thermometer somewhere else, or with none. */
export function inMedium(plan: Plan, medium: Medium | null, smallestDivisionC = 1): Plan {
  if (medium === null) {
    return { ...plan, thermometers: [], steps: plan.steps.map((step) => ({ ...step, thermometerId: null })) };
  }
  return { ...plan, thermometers: [{ id: 'in-the-syrup', in: medium, smallestDivisionC }] };
}

/** The plan with its first factor changed. */
export const withFactor = (plan: Plan, patch: Partial<Factor>): Plan => ({
  ...plan,
  factors: plan.factors.map((factor, i) => (i === 0 ? { ...factor, ...patch } : factor)),
});

/** The plan with these levels of its first factor. */
export const withLevels = (plan: Plan, levels: Level[]): Plan => withFactor(plan, { levels });

export const levelsOf = (plan: Plan): Level[] => plan.factors[0]!.levels;

/** Levels of numbers, the first the control. */
export const numberLevels = (...values: number[]): Level[] =>
  values.map((value, i) => ({ id: `l${i}`, value, words: '', control: i === 0, open: false }));

/** Levels in words, one of them the control or none. */
export const wordLevels = (words: readonly string[], control: number | null = 0): Level[] =>
  words.map((one, i) => ({ id: one, value: null, words: one, control: i === control, open: false }));

/** Ends a step at a temperature, read on the thermometer of the plan. */
export const endAt = (
  celsius: number | null,
  basis: 'sea-level' | 'as-read' = 'as-read',
): Pick<Step, 'ends' | 'thermometerId'> => ({
  ends: [{ kind: 'temperature', celsius, basis }],
  thermometerId: 'in-the-syrup',
});

export const endByTime: Pick<Step, 'ends' | 'thermometerId'> = {
  ends: [{ kind: 'time' }],
  thermometerId: null,
};

let count = 0;

/** A factor with level ids of its own. */
export const factor = (acts: Acts, levels: Level[], name = 'dose'): Factor => ({
  id: `f${(count += 1)}`,
  name,
  acts,
  unit: '',
  levels: levels.map((level) => ({ ...level, id: `${count}-${level.id}` })),
});

export const amountOf = (
  ingredientId: string,
  as: 'g' | 'percent-of' | 'percent-of-batch' | 'times' | 'ratio',
  of: string | null = null,
): Acts => ({
  on: 'amount',
  ingredientId,
  as,
  of,
});

/** A plan of this formula and these factors. */
export const planOf = (formula: Ingredient[], factors: Factor[], patch: Partial<Plan> = {}): Plan => ({
  ...newPlan('Dough', null),
  formula,
  factors,
  ...patch,
});

/** Scones of 200 g flour, with these percentages of soda, weighed out by staff. */
export const sodaScones = (...percent: number[]): Plan => ({
  ...newPlan('Scones', null),
  factors: [
    {
      ...{ id: 'f', name: 'soda', unit: '' },
      acts: { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'flour' },
      levels: numberLevels(...percent),
    },
  ],
  formula: [
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 200, unit: 'g', by: 'students' }),
    newIngredient({
      ...{ id: 'soda', name: 'Bicarbonate of soda', amount: 2, unit: 'g', by: 'staff' },
      job: 'leavening base',
    }),
  ],
});
