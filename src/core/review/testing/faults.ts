import { examplePlan, newIngredient, stepMinutes, type Place, type Plan, type Step } from '../../practical';
import { reviewPlan, type LaidOut, type PlanRemark } from '..';
import { endAt, inMedium, levelsOf, withFactor, withLevels } from '../../practical/testing/plans';

export const kitchen: Place = {
  name: 'Kitchen 1',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: 96,
  stations: 12,
  balanceG: 0.1,
  equipment: [],
  tools: [],
};
export const laboratory: Place = { ...kitchen, name: 'Lab 3', kind: 'laboratory' };
export const rooms = [
  { id: 'kitchen', place: kitchen },
  { id: 'lab', place: laboratory },
];
/** A timetable as one station has it that does one thing after another: what the rule is told, not what it works out. */
const laidFor = (plan: Plan): LaidOut => ({
  endsMin:
    plan.briefingMinutes +
    plan.clearUpMinutes +
    plan.steps
      .filter(({ when }) => when === 'lesson')
      .reduce((sum, step) => sum + (stepMinutes(step)?.most ?? 0), 0),
  impossible: '',
});

export const open = (plan: Plan, place: Place | null = kitchen) =>
  reviewPlan({ plan, place, rooms, laid: laidFor(plan) }).open;
export const kindOf = (remark: PlanRemark) => remark.id.split(':')[0]!;
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
  'levels-too-few': withLevels(examplePlan, levelsOf(examplePlan).slice(2, 3)),
  'control-missing': withLevels(
    examplePlan,
    levelsOf(examplePlan).map((level) => ({ ...level, control: false })),
  ),
  'level-burnt': withLevels(examplePlan, [
    ...levelsOf(examplePlan),
    { id: 'x', value: 195, words: '', control: false, open: false },
  ]),
  'replicates-too-few': { ...examplePlan, stations: 7 },
  'stations-over-room': { ...examplePlan, stations: 13 },
  'order-as-listed': { ...examplePlan, order: 'as-listed' },
  'response-missing': { ...examplePlan, responses: [] },
  'response-without-unit': {
    ...examplePlan,
    responses: examplePlan.responses.map((one) => ({ ...one, unit: one.id === 'bubble' ? '' : one.unit })),
  },
  'words-missing': {
    ...examplePlan,
    responses: examplePlan.responses.map((one) =>
      one.id === 'colour' ? { ...one, kind: 'ordered-words' as const, points: ['pale'] } : one,
    ),
  },
  'window-never': withStep(examplePlan, 'test', {
    minutes: 20,
    windows: [{ words: 'taste', from: 12, until: 4 }],
  }),
  'thermometer-too-coarse': inMedium(examplePlan, 'syrup', 2),
  'thermometer-missing': inMedium(examplePlan, null),
  'syrup-not-in-formula': {
    ...examplePlan,
    formula: [newIngredient({ id: 'milk', name: 'Milk', amount: 500, unit: 'ml' })],
  },
  'syrup-not-followed': inMedium(examplePlan, 'food'),
  'nothing-held': { ...examplePlan, held: [] },
  'held-without-how': { ...examplePlan, held: [{ id: 'h', what: 'the pan', how: '' }] },
  'ingredient-unused': {
    ...examplePlan,
    formula: [
      ...examplePlan.formula,
      newIngredient({ id: 'v', name: 'Vanilla extract', amount: 2, unit: 'ml' }),
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
    ...endAt(140),
  }),
  'levels-unused': withFactor(withStep(examplePlan, 'boil', endAt(150, 'sea-level')), {
    acts: { on: 'end-temperature', stepId: null },
  }),
  'minutes-missing': withStep(examplePlan, 'boil', { minutes: null }),
  'look-too-late': withStep(examplePlan, 'boil', { lookAt: 20 }),
  'period-over': { ...examplePlan, periodMinutes: 50 },
};

export const remarkOf = (plan: Plan, kind: string, where: Place | null = kitchen) =>
  open(plan, where).find((one) => kindOf(one) === kind)!;

export const linesOf = (remark: PlanRemark) =>
  remark.working.lines.map(({ text, value, unit }) => [text, value, unit].filter((one) => one !== undefined));
