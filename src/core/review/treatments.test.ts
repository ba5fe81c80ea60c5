import { describe, expect, it } from 'vitest';
import {
  newIngredient,
  newPlan,
  newStep,
  treatmentsOf,
  type Acts,
  type Factor,
  type Level,
  type Plan,
} from '../practical';
import { numberLevels, wordLevels } from '../practical/testing/plans';
import { predictionsOf } from '../predictions';
import { kitchen, open } from './testing/faults';

const formula = [
  newIngredient({ id: 'flour', name: 'Plain flour', amount: 200 }),
  newIngredient({ id: 'soda', name: 'Bicarbonate of soda', amount: 4 }),
];
const steps = [
  newStep({ id: 'mix', text: 'Mix.', minutes: 2 }),
  newStep({ id: 'bake', text: 'Bake 12 min.', minutes: 12 }),
];
const factor = (id: string, acts: Acts, levels: Level[]): Factor => ({
  id,
  name: id,
  acts,
  unit: '',
  levels: levels.map((level) => ({ ...level, id: `${id}-${level.id}` })),
});
const planOf = (factors: Factor[], patch: Partial<Plan> = {}): Plan => ({
  ...newPlan('Scones', null),
  formula,
  steps,
  factors,
  stations: 8,
  ...patch,
});
/** What the margin says of the treatments. */
const said = (plan: Plan) =>
  open(plan)
    .filter(({ id }) =>
      /^(cannot-be-done|nothing-differs|two-things-differ|treatments-too-many|sentence-against|levels-too-few|replicates)/.test(
        id,
      ),
    )
    .map(({ rank, what }) => `${rank}: ${what}`);
const soda: Acts = { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'flour' };

describe('what differs between treatments', () => {
  it('one thing alone is a fair test, two factors of one thing each too', () => {
    expect(said(planOf([factor('soda', soda, numberLevels(0, 1, 2, 4))]))).toEqual([]);
    expect(
      said(
        planOf([
          factor('soda', soda, numberLevels(0, 2)),
          factor('min', { on: 'minutes', stepId: 'bake' }, numberLevels(8, 12)),
        ]),
      ),
    ).toEqual([]);
  });

  it('nothing is a stop, whatever hides it', () => {
    const twoNames = factor(
      'fat',
      { on: 'swap', ingredientId: 'soda' },
      wordLevels(['Bicarbonate of soda', 'bicarbonate of soda ']),
    );
    expect(said(planOf([twoNames]))).toEqual(['stop: All levels of fat come to the same']);
    const noSteps = factor('way', { on: 'method' }, wordLevels(['rubbed', 'melted']));
    expect(said(planOf([noSteps]))).toEqual(['stop: All levels of way come to the same']);
    const endless = factor('heat', { on: 'end-temperature', stepId: 'mix' }, numberLevels(110, 120));
    expect(said(planOf([endless]))).toContain('stop: All levels of heat come to the same');
    // Nothing of nothing: 0, 1 and 2 % of an ingredient that weighs nothing.
    const none = planOf([factor('soda', soda, numberLevels(1, 2))], {
      formula: [{ ...formula[0]!, amount: 0 }, formula[1]!],
    });
    expect(said(none)).toEqual(['stop: All levels of soda come to the same']);
  });

  it('two things at once are said by name', () => {
    const linked = [
      formula[0]!,
      { ...formula[1]!, ratio: { of: 'flour', times: 0.02, by: 'mass' as const } },
    ];
    const plan = planOf(
      [factor('dose', { on: 'amount', ingredientId: 'flour', as: 'g', of: null }, numberLevels(100, 200))],
      { formula: linked },
    );
    expect(said(plan)).toEqual(['check: Dose moves 2 things at once']);
    const remark = open(plan).find(({ id }) => id.startsWith('two-things-differ'))!;
    expect(remark.why).toContain('The plain flour and the bicarbonate of soda differ between its levels');
  });
});

describe('what cannot be done', () => {
  it('is said at the place, with what is wrong, and nothing of the plan is lost', () => {
    const cases: [Plan, RegExp][] = [
      [
        planOf([factor('soda', { ...soda, ingredientId: 'gone' }, numberLevels(1, 2))]),
        /stop: “soda” acts on an ingredient that is not there/,
      ],
      [
        planOf([factor('soda', { ...soda, of: 'gone' }, numberLevels(1, 2))]),
        /stop: “soda” hangs on an ingredient that is not there/,
      ],
      [planOf([factor('soda', soda, numberLevels(-1, 2))]), /stop: A level of −1 makes a negative amount/],
      [
        planOf([factor('min', { on: 'minutes', stepId: 'bake' }, numberLevels(0, 20_000))]),
        /stop: A step of (0|20000) min/,
      ],
      [
        planOf([factor('soda', soda, numberLevels(1, 2))], {
          formula: [
            { ...formula[0]!, ratio: { of: 'soda', times: 50, by: 'mass' } },
            { ...formula[1]!, ratio: { of: 'flour', times: 0.02, by: 'mass' } },
          ],
        }),
        /stop: .* goes round in a circle/,
      ],
    ];
    for (const [plan, what] of cases) {
      const before = JSON.stringify(plan);
      const all = said(plan);
      expect(
        all.some((line) => what.test(line)),
        `${what}: ${all.join('; ')}`,
      ).toBe(true);
      expect(JSON.stringify(plan)).toBe(before);
    }
    const remark = open(cases[0]![0]).find(({ id }) => id.startsWith('cannot-be-done'))!;
    expect(remark.at).toEqual({ section: 'fair-test', item: 'soda' });
  });

  it('12 × 12 treatments on 8 stations are far too many; 2 × 2 are not; those left out do not count', () => {
    const many = (a: number, b: number) =>
      planOf([
        factor('soda', soda, numberLevels(...Array.from({ length: a }, (_, i) => i))),
        factor(
          'min',
          { on: 'minutes', stepId: 'bake' },
          numberLevels(...Array.from({ length: b }, (_, i) => i + 5)),
        ),
      ]);
    expect(said(many(12, 12))).toContain('check: 12 × 12 levels are 144 treatments');
    expect(said(many(4, 6)).join()).not.toContain('levels are');
    expect(said(many(5, 5))).toContain('check: 5 × 5 levels are 25 treatments');
    const some = many(5, 5);
    expect(said({ ...some, leftOut: [treatmentsOf(some)[3]!.id] }).join()).not.toContain('25 treatments');
    expect(said(many(2, 2))).toEqual([]);
  });

  it('two factors with one level each say that nothing is compared', () => {
    const one = planOf([
      factor('soda', soda, numberLevels(1)),
      factor('min', { on: 'minutes', stepId: 'bake' }, numberLevels(8)),
    ]);
    expect(said(one).length).toBeGreaterThan(0);
    expect(said(one).every((line) => /level/i.test(line))).toBe(true);
  });

  it('a sentence that names the temperature of the levels is named', () => {
    const heat = factor('heat', { on: 'end-temperature', stepId: 'boil' }, numberLevels(110, 120));
    const boil = newStep({
      id: 'boil',
      text: 'Boil to 118 °C.',
      ends: [{ kind: 'temperature', celsius: null, basis: 'as-read' }],
    });
    const plan = planOf([heat], { steps: [boil] });
    expect(said(plan)).toContain('check: The sentence says 118 °C, the levels say their own');
    const remark = open(plan).find(({ id }) => id.startsWith('sentence-against-level'))!;
    expect(remark.remedy!.apply(plan).steps[0]!.text).toBe('Boil to the target.');
    expect(said(planOf([heat], { steps: [{ ...boil, text: 'Boil, do not stir.' }] })).join()).not.toContain(
      'sentence',
    );
  });
});

describe('whatever a level says', () => {
  const acts: Acts[] = [
    { on: 'end-temperature', stepId: 'boil' },
    { on: 'minutes', stepId: 'boil' },
    ...(['g', 'percent-of', 'percent-of-batch', 'times', 'ratio'] as const).map((as): Acts => ({
      on: 'amount',
      ingredientId: 'soda',
      as,
      of: 'flour',
    })),
    { on: 'swap', ingredientId: 'soda' },
    ...(['oven', 'hob', 'pan', 'tool', 'shelf'] as const).map((what): Acts => ({
      on: 'setting',
      stepId: 'boil',
      what,
      scale: 'number',
    })),
    ...(['diameter', 'thickness', 'side', 'mass'] as const).map((what): Acts => ({ on: 'size', what })),
    { on: 'start-temperature', ingredientId: null },
    { on: 'method' },
    { on: 'words', scale: 'number' },
  ];
  const values = [-1e6, -300, -90.5, -1, -0, 1e-9, 0.5, 99.99, 301, 401, 10_081, 1e6];
  const boil = newStep({
    id: 'boil',
    text: 'Boil the sugar, bake 5 min.',
    minutes: 5,
    ends: [{ kind: 'temperature', celsius: null, basis: 'sea-level' }],
    thermometerId: 't',
  });
  const base = planOf([], {
    formula: [...formula, newIngredient({ id: 'egg', name: 'Eggs', amount: 1, unit: 'each' })],
    steps: [...steps, boil],
    thermometers: [{ id: 't', in: 'syrup', smallestDivisionC: 1 }],
  });

  it.each(acts)('$on $as $what: the margin and the models answer, and give no number that is none', (one) => {
    for (const value of values) {
      const plan = { ...base, factors: [factor('it', one, numberLevels(value, 3))] };
      for (const place of [null, kitchen]) {
        expect(() => open(plan, place), String(value)).not.toThrow();
        for (const { expected } of predictionsOf(plan, place)) {
          for (const { low, middle, high } of expected) {
            expect([low, middle, high].every(Number.isFinite), String(value)).toBe(true);
          }
        }
      }
    }
  });
});
