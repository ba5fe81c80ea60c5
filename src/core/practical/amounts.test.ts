import { describe, expect, it } from 'vitest';
import { newIngredient, newStep, stationPlan, takenWords, treatmentsOf, type Acts, type Plan } from '.';
import { kitchenGrams } from './testing/kitchen-grams';
import { amountOf, factor, numberLevels, planOf, wordLevels } from './testing/plans';

const flour = newIngredient({ id: 'flour', name: 'Plain flour', amount: 200 });
const water = newIngredient({ id: 'water', name: 'Water', amount: 130, unit: 'ml' });
const salt = newIngredient({ id: 'salt', name: 'Salt', amount: 4 });
const butter = newIngredient({ id: 'butter', name: 'Butter', amount: 50, amountTo: 60 });

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

  it('prints no amount where there is none', () => {
    const taken = (plan: Plan, chosen?: ReadonlyMap<string, number>) =>
      stationPlan(plan, null, treatmentsOf(plan)[0] ?? null, kitchenGrams, chosen).ingredients[0]!;
    const none = { amount: null, amountTo: null, grams: null };
    const ranged = { ...butter, id: 'a' };
    const ratio = (of: string) => ({ ...ranged, ratio: { of, times: 1, by: 'mass' as const } });
    expect(taken(planOf([ratio('a')], []))).toMatchObject(none);
    expect(taken(planOf([ratio('gone')], []))).toMatchObject(none);
    expect(stationPlan(planOf([ratio('gone')], []), null, null).trouble).toMatchObject([
      { id: 'a', section: 'formula', what: 'Butter hangs on an ingredient that is not there' },
    ]);
    const lots = [{ id: 'l', value: null, words: 'lots', control: false, open: false }];
    expect(taken(planOf([ranged], [factor(amountOf('a', 'g'), lots)]))).toMatchObject(none);
    for (const as of ['g', 'times'] as const)
      expect(taken(planOf([ranged], [factor(amountOf('a', as), numberLevels(-2))]))).toMatchObject(none);
    // A station that chose less than nothing is told so with its own number.
    const open = planOf([ranged], [factor(amountOf('a', 'g'), [{ ...lots[0]!, open: true }])]);
    const chosen = new Map([[open.factors[0]!.id, -3]]);
    expect(taken(open, chosen)).toMatchObject(none);
    expect(stationPlan(open, null, treatmentsOf(open)[0]!, undefined, chosen).trouble).toMatchObject([
      { what: 'A level of −3 makes a negative amount' },
    ]);
    // A share of a batch needs the mass of all of it.
    const dust = newIngredient({ id: 'x', name: 'Moon dust', amount: 1, unit: 'cup' });
    const share = planOf([salt, dust], [factor(amountOf('salt', 'percent-of-batch'), numberLevels(10))]);
    expect(taken(share)).toMatchObject(none);
    expect([...troubles(share)]).toEqual(['Nobody knows what the moon dust weighs']);
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
    // More than one word leaves out only what they name; one word is enough for anything.
    const of = (name: string, said: string) => {
      const one = planOf(
        [newIngredient({ id: 'i', name, amount: 10 })],
        [factor({ on: 'swap', ingredientId: 'i' }, wordLevels([said]))],
      );
      return stationPlan(one, null, treatmentsOf(one)[0]!).ingredients[0]!.dropped;
    };
    expect([
      of('Plain flour', 'no plain flour'),
      of('Butter', 'no fat'),
      of('Milk', 'no whole milk'),
      of('Eggs', 'Without the egg'),
    ]).toEqual([true, true, false, true]);
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
