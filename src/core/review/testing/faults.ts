import { examplePlan, type Place, type Plan, type Step } from '../../practical';
import { reviewPlan, type Remark } from '..';

export const kitchen: Place = {
  name: 'Kitchen 1',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: 96,
  stations: 12,
  balanceG: 0.1,
};
export const laboratory: Place = { ...kitchen, name: 'Lab 3', kind: 'laboratory' };
export const rooms = [
  { id: 'kitchen', place: kitchen },
  { id: 'lab', place: laboratory },
];
export const open = (plan: Plan, place: Place | null = kitchen) => reviewPlan({ plan, place, rooms }).open;
export const kindOf = (remark: Remark) => remark.id.split(':')[0]!;
export const kinds = (plan: Plan, place: Place | null = kitchen) => open(plan, place).map(kindOf);
export const withStep = (plan: Plan, id: string, patch: Partial<Step>): Plan => ({
  ...plan,
  steps: plan.steps.map((step) => (step.id === id ? { ...step, ...patch } : step)),
});

/** Each finding with a plan that has it; the example plan has none of them. */
export const faults: Record<string, Plan> = {
  'question-missing': { ...examplePlan, question: '' },
  'prediction-missing': { ...examplePlan, prediction: ' ' },
  'reason-missing': { ...examplePlan, reason: '' },
  'levels-too-few': {
    ...examplePlan,
    factor: { ...examplePlan.factor, levels: examplePlan.factor.levels.slice(2, 3) },
  },
  'control-missing': {
    ...examplePlan,
    factor: {
      ...examplePlan.factor,
      levels: examplePlan.factor.levels.map((level) => ({ ...level, control: false })),
    },
  },
  'level-burnt': {
    ...examplePlan,
    factor: {
      ...examplePlan.factor,
      levels: [...examplePlan.factor.levels, { id: 'x', value: 195, words: '', control: false }],
    },
  },
  'replicates-too-few': { ...examplePlan, stations: 7 },
  'stations-over-room': { ...examplePlan, stations: 13 },
  'order-as-listed': { ...examplePlan, order: 'as-listed' },
  'response-missing': { ...examplePlan, responses: [] },
  'response-without-unit': {
    ...examplePlan,
    responses: examplePlan.responses.map((one) => ({ ...one, unit: one.id === 'bubble' ? '' : one.unit })),
  },
  'thermometer-too-coarse': { ...examplePlan, thermometer: { in: 'syrup', smallestDivisionC: 2 } },
  'thermometer-missing': { ...examplePlan, thermometer: { in: 'none', smallestDivisionC: 1 } },
  'syrup-not-in-formula': {
    ...examplePlan,
    formula: [{ id: 'milk', name: 'Milk', amount: 500, unit: 'ml', job: 'gel' }],
  },
  'syrup-not-followed': { ...examplePlan, thermometer: { in: 'food', smallestDivisionC: 1 } },
  'nothing-held': { ...examplePlan, held: [] },
  'held-without-how': { ...examplePlan, held: [{ id: 'h', what: 'the pan', how: '' }] },
  'ingredient-unused': {
    ...examplePlan,
    formula: [
      ...examplePlan.formula,
      { id: 'v', name: 'Vanilla extract', amount: 2, unit: 'ml', job: 'flavour' },
    ],
  },
  'amount-missing': {
    ...examplePlan,
    formula: examplePlan.formula.map((one) => (one.id === 'soda' ? { ...one, amount: null } : one)),
  },
  'balance-too-coarse': {
    ...examplePlan,
    formula: examplePlan.formula.map((one) => (one.id === 'soda' ? { ...one, amount: 0.5 } : one)),
  },
  'ingredient-unlisted': withStep(examplePlan, 'weigh', {
    text: 'Weigh sugar, golden syrup, butter and water.',
  }),
  'hot-sugar-cautions': withStep(examplePlan, 'boil', { hazards: [] }),
  'hazard-unnamed': withStep(examplePlan, 'test', { text: 'Slice it and measure five bubbles.' }),
  'endpoint-not-local': withStep(examplePlan, 'cool', {
    endpoint: { kind: 'temperature', celsius: 140, basis: 'as-read' },
  }),
  'levels-unused': withStep(examplePlan, 'boil', {
    endpoint: { kind: 'temperature', celsius: 150, basis: 'sea-level' },
  }),
  'minutes-missing': withStep(examplePlan, 'boil', { minutes: null }),
  'look-too-late': withStep(examplePlan, 'boil', { lookAt: 20 }),
  'period-over': { ...examplePlan, periodMinutes: 50 },
};
