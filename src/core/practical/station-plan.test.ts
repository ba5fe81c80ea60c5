import { describe, expect, it } from 'vitest';
import {
  allTreatments,
  classTotals,
  consequenceOf,
  newIngredient,
  newPlan,
  newStep,
  stationPlan,
  takenWords,
  treatmentsOf,
  variedAmount,
  type Acts,
  type Factor,
  type Ingredient,
  type Level,
  type Plan,
} from '.';
import { kitchenGrams } from './testing/kitchen-grams';
import { numberLevels, wordLevels } from './testing/plans';

const flour = newIngredient({ id: 'flour', name: 'Plain flour', amount: 200 });
const water = newIngredient({ id: 'water', name: 'Water', amount: 130, unit: 'ml' });
const salt = newIngredient({ id: 'salt', name: 'Salt', amount: 4 });
const butter = newIngredient({ id: 'butter', name: 'Butter', amount: 50, amountTo: 60 });

let count = 0;
const factor = (acts: Acts, levels: Level[], name = 'dose'): Factor => ({
  id: `f${(count += 1)}`,
  name,
  acts,
  unit: '',
  levels: levels.map((level) => ({ ...level, id: `${count}-${level.id}` })),
});
const amountOf = (
  ingredientId: string,
  as: 'g' | 'percent-of' | 'percent-of-batch' | 'times' | 'ratio',
  of: string | null = null,
): Acts => ({
  on: 'amount',
  ingredientId,
  as,
  of,
});
const planOf = (formula: Ingredient[], factors: Factor[], patch: Partial<Plan> = {}): Plan => ({
  ...newPlan('Dough', null),
  formula,
  factors,
  ...patch,
});
/** What each treatment takes of an ingredient, g to 0.01; null where nobody can tell. */
const takes = (plan: Plan, id: string) =>
  treatmentsOf(plan).map((treatment) => {
    const { grams } = stationPlan(plan, null, treatment, kitchenGrams).ingredients.find(
      (one) => one.id === id,
    )!;
    return grams === null ? null : Number(grams.toFixed(2));
  });
const troubles = (plan: Plan) =>
  new Set(
    treatmentsOf(plan).flatMap((one) =>
      stationPlan(plan, null, one, kitchenGrams).trouble.map(({ what }) => what),
    ),
  );

describe('the amount of an ingredient at its level', () => {
  it('as grams, percent of another (bakers’ percentage), of the whole batch, times as much, parts of another', () => {
    const of = (acts: Acts, ...values: number[]) =>
      planOf([flour, water, salt], [factor(acts, numberLevels(...values))]);
    expect(takes(of(amountOf('salt', 'g'), 0, 3.5), 'salt')).toEqual([0, 3.5]);
    // Bakers’ percentage: flour is 100 %. 2 % of 200 g.
    expect(takes(of(amountOf('salt', 'percent-of', 'flour'), 0, 1, 2), 'salt')).toEqual([0, 2, 4]);
    // x / (x + 200 + 130) = 10 %: 36.67 g in 366.67 g.
    expect(takes(of(amountOf('salt', 'percent-of-batch'), 10), 'salt')).toEqual([36.67]);
    expect(takes(of(amountOf('salt', 'times'), 0.5, 1, 3), 'salt')).toEqual([2, 4, 12]);
    expect(takes(of(amountOf('water', 'ratio', 'flour'), 0.6, 0.7), 'water')).toEqual([120, 140]);
    // Others keep theirs, the working batch aside.
    expect(takes(of(amountOf('salt', 'g'), 0, 3.5), 'flour')).toEqual([200, 200]);
  });

  it('of a range, a spoon, and of something that is itself varied', () => {
    // 50 to 60 g count as 55: 10 % is 5.5 g; three times as much is 150 to 180 g.
    const share = planOf(
      [butter, salt],
      [factor(amountOf('salt', 'percent-of', 'butter'), numberLevels(10))],
    );
    expect(takes(share, 'salt')).toEqual([5.5]);
    const tripled = planOf([butter], [factor(amountOf('butter', 'times'), numberLevels(3))]);
    expect(stationPlan(tripled, null, treatmentsOf(tripled)[0]!).ingredients[0]).toMatchObject({
      amount: 150,
      amountTo: 180,
      grams: 165,
    });
    // Both factors: 1 and 2 % of 100 and of 300 g.
    const nested = planOf(
      [flour, salt],
      [
        factor(amountOf('flour', 'g'), numberLevels(100, 300)),
        factor(amountOf('salt', 'percent-of', 'flour'), numberLevels(1, 2)),
      ],
    );
    expect(takes(nested, 'salt')).toEqual([1, 2, 3, 6]);
    // Two shares of one batch: 200 g of flour are the 70 % that 10 % and 20 % leave: 285.71 g in all.
    const shares = planOf(
      [flour, water, salt],
      [
        factor(amountOf('salt', 'percent-of-batch'), numberLevels(10)),
        factor(amountOf('water', 'percent-of-batch'), numberLevels(20)),
      ],
    );
    expect([takes(shares, 'salt'), takes(shares, 'water')]).toEqual([[28.57], [57.14]]);
    // What is left out is no part of the batch: 4 g of salt at 10 % of a batch without the water.
    const dry = planOf(
      [flour, water, salt],
      [
        factor(amountOf('salt', 'percent-of-batch'), numberLevels(10)),
        factor({ on: 'swap', ingredientId: 'water' }, wordLevels(['none'])),
      ],
    );
    expect(takes(dry, 'salt')).toEqual([22.22]);
  });

  it('follows a ratio by mass or by volume, through one that varies too', () => {
    const sugar = newIngredient({
      id: 'sugar',
      name: 'Caster sugar',
      ratio: { of: 'water', times: 2, by: 'mass' },
    });
    const varied = planOf([water, sugar], [factor(amountOf('water', 'g'), numberLevels(50, 100))]);
    expect(takes(varied, 'sugar')).toEqual([100, 200]);
    // “As much as water, by volume”: the same cup.
    const cup = { ...sugar, ratio: { of: 'water', times: 1, by: 'volume' as const } };
    const own = stationPlan(planOf([water, cup], []), null, null, kitchenGrams).ingredients[1]!;
    expect(own).toMatchObject({ amount: 130, unit: 'ml' });
    // Half of a range of 130 to 150 ml.
    const half = { ...sugar, ratio: { of: 'water', times: 0.5, by: 'volume' as const } };
    expect(
      stationPlan(planOf([{ ...water, amountTo: 150 }, half], []), null, null, kitchenGrams).ingredients[1],
    ).toMatchObject({ amount: 65, amountTo: 75, unit: 'ml' });
    // Weighed water, sugar by volume: 130 g of water fill as much as its density in the table says of sugar.
    const weighed = stationPlan(planOf([{ ...water, unit: 'g' }, cup], []), null, null, kitchenGrams)
      .ingredients[1]!;
    expect(weighed.grams! / kitchenGrams({ ...cup, amount: 130, unit: 'ml' })!).toBeCloseTo(1, 2);
    // A factor on the ingredient itself wins over its ratio.
    const level = planOf([water, sugar], [factor(amountOf('sugar', 'g'), numberLevels(7))]);
    expect(takes(level, 'sugar')).toEqual([7]);
    const times = planOf([water, sugar], [factor(amountOf('sugar', 'times'), numberLevels(0.5))]);
    expect(takes(times, 'sugar')).toEqual([130]);
  });

  it('says where it cannot be done, and goes on with the rest', () => {
    const circle = planOf(
      [
        newIngredient({ id: 'a', name: 'Egg white', ratio: { of: 'b', times: 1, by: 'mass' } }),
        newIngredient({ id: 'b', name: 'Sugar', ratio: { of: 'c', times: 1, by: 'mass' } }),
        newIngredient({ id: 'c', name: 'Cream', ratio: { of: 'a', times: 1, by: 'mass' } }),
        flour,
      ],
      [factor(amountOf('flour', 'g'), numberLevels(1, 2))],
    );
    expect([...troubles(circle)]).toEqual(['Egg white goes round in a circle']);
    expect([takes(circle, 'a'), takes(circle, 'c'), takes(circle, 'flour')]).toEqual([
      [null, null],
      [null, null],
      [1, 2],
    ]);
    const itself = planOf(
      [newIngredient({ id: 'a', name: 'Yeast', ratio: { of: 'a', times: 1, by: 'mass' } })],
      [],
    );
    expect(stationPlan(itself, null, null).trouble).toHaveLength(1);
    const cases: [Plan, string][] = [
      [
        planOf([flour], [factor(amountOf('salt', 'g'), numberLevels(1))]),
        '“dose” acts on an ingredient that is not there',
      ],
      [
        planOf([salt], [factor(amountOf('salt', 'percent-of', 'flour'), numberLevels(1))]),
        '“dose” hangs on an ingredient that is not there',
      ],
      [
        planOf([salt], [factor(amountOf('salt', 'percent-of', 'salt'), numberLevels(1))]),
        'Salt goes round in a circle',
      ],
      [
        planOf([salt, flour], [factor(amountOf('salt', 'percent-of-batch'), numberLevels(100))]),
        '100 % of the batch leaves no room for the rest',
      ],
      [
        planOf([salt], [factor(amountOf('salt', 'g'), numberLevels(-1))]),
        'A level of −1 makes a negative amount',
      ],
      [
        planOf([salt], [factor(amountOf('salt', 'times'), numberLevels(-2))]),
        'A level of −2 makes a negative amount',
      ],
      [
        planOf(
          [salt, newIngredient({ id: 'x', name: 'Moon dust', amount: 1, unit: 'cup' })],
          [factor(amountOf('salt', 'percent-of', 'x'), numberLevels(1))],
        ),
        'Nobody knows what the moon dust weighs',
      ],
      [
        planOf(
          [salt],
          [
            factor(amountOf('salt', 'g'), [
              { id: 'l', value: null, words: 'lots', control: false, open: false },
            ]),
          ],
        ),
        'A level of “dose” has no number',
      ],
      [
        planOf([], [factor({ on: 'minutes', stepId: 'gone' }, numberLevels(5))]),
        '“dose” acts on a step that is not there',
      ],
      [planOf([], [factor({ on: 'size', what: 'diameter' }, numberLevels(0))]), 'A piece of 0 mm'],
      [
        planOf([], [factor({ on: 'start-temperature', ingredientId: null }, numberLevels(401))]),
        'A level of 401 °C',
      ],
    ];
    for (const [plan, said] of cases) expect([...troubles(plan)], said).toEqual([said]);
    const step = newStep({ id: 's', text: 'Bake', minutes: 10 });
    const endless = (minutes: number) => [
      ...troubles(
        planOf([], [factor({ on: 'minutes', stepId: 's' }, numberLevels(minutes))], { steps: [step] }),
      ),
    ];
    expect([0, -1, 10_081].flatMap(endless)).toEqual([
      'A step of 0 min',
      'A step of −1 min',
      'A step of 10081 min',
    ]);
    expect([0.5, 10_080].flatMap(endless)).toEqual([]);
    const start = (celsius: number) => [
      ...troubles(
        planOf([], [factor({ on: 'start-temperature', ingredientId: null }, numberLevels(celsius))]),
      ),
    ];
    expect([-90, 400].flatMap(start)).toEqual([]);
    const end = planOf([], [factor({ on: 'end-temperature', stepId: 's' }, numberLevels(-91))], {
      steps: [step],
    });
    expect([...troubles(end)]).toEqual(['A level of −91 °C']);
    const oven = planOf(
      [],
      [factor({ on: 'setting', stepId: 's', what: 'oven', scale: 'number' }, numberLevels(500))],
      { steps: [step] },
    );
    expect([...troubles(oven)]).toEqual(['A level of 500 °C']);
    const hob = planOf(
      [],
      [factor({ on: 'setting', stepId: 's', what: 'hob', scale: 'number' }, numberLevels(500))],
      { steps: [step] },
    );
    expect([...troubles(hob)]).toEqual([]);
    // The batch of a negative level is no batch: nothing to weigh is printed.
    expect(takes(planOf([salt], [factor(amountOf('salt', 'g'), numberLevels(-1, 2))]), 'salt')).toEqual([
      null,
      2,
    ]);
  });

  it('swaps and leaves out, by words that mean it', () => {
    const words = [
      'butter',
      'sunflower oil',
      'none',
      'no butter',
      'without',
      'no-fat spread',
      '0 % fat quark',
      'no added salt butter',
      '–',
    ];
    const plan = planOf(
      [newIngredient({ id: 'butter', name: 'Butter', amount: 1, unit: 'tbsp' })],
      [factor({ on: 'swap', ingredientId: 'butter' }, wordLevels(words))],
    );
    const own = treatmentsOf(plan).map((one) => stationPlan(plan, null, one, kitchenGrams).ingredients[0]!);
    expect(own.map(({ name, dropped }) => (dropped ? 'nothing' : name))).toEqual([
      'Butter',
      'sunflower oil',
      'nothing',
      'nothing',
      'nothing',
      'no-fat spread',
      '0 % fat quark',
      'no added salt butter',
      'nothing',
    ]);
    expect(own[1]).toMatchObject({ insteadOf: 'Butter', item: null });
    // A spoonful of oil is lighter than one of butter: density about 0.92 against 0.96 g/ml (handbook, from memory).
    expect(own[1]!.grams! / own[0]!.grams!).toBeCloseTo(0.92 / 0.96, 1);
    expect(own[2]).toMatchObject({ grams: 0, amount: 0 });
    expect(takenWords(own[2]!)).toBe('no butter');
  });

  it('left to the station, is what the station chose', () => {
    const plan = planOf(
      [salt],
      [factor(amountOf('salt', 'g'), [{ id: 'own', value: null, words: '', control: false, open: true }])],
    );
    const [treatment] = treatmentsOf(plan);
    const before = stationPlan(plan, null, treatment!);
    expect([before.open.length, before.ingredients[0]!.grams, before.trouble]).toEqual([1, null, []]);
    const after = stationPlan(plan, null, treatment!, undefined, new Map([[plan.factors[0]!.id, 6]]));
    expect([after.open.length, after.ingredients[0]!.grams]).toEqual([0, 6]);
  });
});

describe('the steps of a station', () => {
  const bake = newStep({
    id: 'bake',
    text: 'Bake 12 min, look at 9.',
    minutes: 12,
    lookAt: 9,
    settings: [
      { what: 'oven', celsius: 200, words: '', from: 0 },
      { what: 'shelf', celsius: null, words: 'middle', from: 0 },
    ],
  });
  const stepsAt = (plan: Plan) => treatmentsOf(plan).map((one) => stationPlan(plan, null, one).steps);

  it('take their own minutes, say them, and look early in proportion', () => {
    const plan = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(6, 12, 16))], {
      steps: [bake],
    });
    // 9 of 12 minutes is three quarters: 4½ of 6, 12 of 16.
    expect(stepsAt(plan).map(([step]) => [step!.minutes, step!.lookAt, step!.text])).toEqual([
      [6, 4.5, 'Bake 6 min, look at 9.'],
      [12, 9, 'Bake 12 min, look at 9.'],
      [16, 12, 'Bake 16 min, look at 9.'],
    ]);
    const ranged = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(7))], {
      steps: [{ ...bake, minutesTo: 15 }],
    });
    expect(stepsAt(ranged)[0]![0]).toMatchObject({ minutes: 7, minutesTo: null });
  });

  it('have their own setting in place of the same thing only', () => {
    const oven = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'oven', scale: 'number' }, numberLevels(180, 220))],
      { steps: [bake] },
    );
    expect(
      stepsAt(oven).map(([step]) =>
        step!.settings.map(({ what, celsius, words }) => `${what} ${celsius ?? words}`),
      ),
    ).toEqual([
      ['oven 180', 'shelf middle'],
      ['oven 220', 'shelf middle'],
    ]);
    const shelf = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'shelf', scale: 'words' }, wordLevels(['top']))],
      { steps: [bake] },
    );
    expect(stepsAt(shelf)[0]![0]!.settings).toEqual([
      { what: 'shelf', celsius: null, words: 'top', from: 0 },
      { what: 'oven', celsius: 200, words: '', from: 0 },
    ]);
  });

  it('a factor changes its own step only; words and other things than an oven have no degrees', () => {
    const knead = newStep({ id: 'knead', text: 'Knead 5 min.', minutes: 5, lookAt: 2 });
    const minutes = planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(6))], {
      steps: [knead, bake],
    });
    expect(stepsAt(minutes)[0]![0]).toMatchObject({ minutes: 5, lookAt: 2, text: 'Knead 5 min.', number: 1 });
    const hob = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'hob', scale: 'number' }, numberLevels(6))],
      { steps: [knead, bake] },
    );
    expect(stepsAt(hob)[0]![0]!.settings).toEqual([]);
    expect(stepsAt(hob)[0]![1]!.settings[0]).toEqual({ what: 'hob', celsius: null, words: '6', from: 0 });
    const words = planOf(
      [],
      [factor({ on: 'setting', stepId: 'bake', what: 'oven', scale: 'words' }, wordLevels(['gas 6']))],
      { steps: [bake] },
    );
    expect(stepsAt(words)[0]![0]!.settings[0]).toEqual({
      what: 'oven',
      celsius: null,
      words: 'gas 6',
      from: 0,
    });
  });

  it('an early look past the end of a shorter step is none; without minutes before, it stays', () => {
    const at = (step: Partial<Parameters<typeof newStep>[0]>, ...values: number[]) =>
      stepsAt(
        planOf([], [factor({ on: 'minutes', stepId: 'bake' }, numberLevels(...values))], {
          steps: [{ ...bake, ...step }],
        }),
      ).map(([one]) => one!.lookAt);
    expect(at({ minutes: null, lookAt: 9 }, 6, 9, 10)).toEqual([null, null, 9]);
    expect(at({ lookAt: null }, 6)).toEqual([null]);
    expect(at({ minutes: 12, lookAt: 12 }, 6)).toEqual([null]);
  });

  it('an open end is that of the factor; where one names its step, nobody else’s', () => {
    const open = { kind: 'temperature' as const, celsius: null, basis: 'as-read' as const };
    const boil = newStep({ id: 'boil', text: 'Boil.', ends: [open, { kind: 'time' }] });
    const cool = newStep({ id: 'cool', text: 'Cool.', ends: [open] });
    const ends = (stepId: string | null) => {
      const plan = planOf([], [factor({ on: 'end-temperature', stepId }, numberLevels(118))], {
        steps: [boil, cool, bake],
      });
      return stepsAt(plan)[0]!.map((step) =>
        step.ends.map((end) => (end.kind === 'temperature' ? end.celsius : end.kind)),
      );
    };
    expect(ends('boil')).toEqual([[118, 'time'], [118], ['time']]);
    const both = planOf(
      [],
      [
        factor({ on: 'end-temperature', stepId: 'boil' }, numberLevels(118)),
        factor({ on: 'end-temperature', stepId: 'cool' }, numberLevels(40)),
      ],
      { steps: [boil, cool] },
    );
    expect(stepsAt(both)[0]!.map((step) => step.ends[0])).toMatchObject([{ celsius: 118 }, { celsius: 40 }]);
  });

  it('are those of their method, numbered as the station does them', () => {
    const method = factor({ on: 'method' }, wordLevels(['rubbed in', 'melted']));
    const [rubbed, melted] = method.levels.map((level) => level.id);
    const plan = planOf([], [method], {
      steps: [
        newStep({ id: 'weigh', text: 'Weigh' }),
        newStep({ id: 'rub', text: 'Rub in', only: [rubbed!] }),
        newStep({ id: 'melt', text: 'Melt', only: [melted!, 'a level long gone'] }),
        newStep({ id: 'bake', text: 'Bake', only: ['a level long gone'] }),
      ],
    });
    expect(stepsAt(plan).map((steps) => steps.map(({ id, number }) => `${number} ${id}`))).toEqual([
      ['1 weigh', '2 rub', '3 bake'],
      ['1 weigh', '2 melt', '3 bake'],
    ]);
    // Before anybody has a treatment, all of them stand there.
    expect(stationPlan(plan, null, null).steps).toHaveLength(4);
    expect(consequenceOf(plan, null, method, method.levels[1]!, kitchenGrams)).toBe('step 2');
  });

  it('pieces and start are what the level says', () => {
    const plan = planOf(
      [],
      [
        factor({ on: 'size', what: 'mass' }, numberLevels(30)),
        factor({ on: 'start-temperature', ingredientId: null }, numberLevels(4)),
      ],
    );
    expect(stationPlan(plan, null, treatmentsOf(plan)[0]!)).toMatchObject({
      size: { what: 'mass', value: 30, unit: 'g' },
      start: { celsius: 4, ingredientId: null },
    });
  });
});

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
