import { describe, expect, it } from 'vitest';
import { newStep, type Acts, type Factor, type Ingredient, type Plan, type Step } from '../practical';
import { factor, numberLevels, wordLevels } from '../practical/testing/plans';
import { predictionsOf } from '.';
import { find, grams, line, middles, planOf } from './testing/plans';

const soda = line('Bicarbonate of soda', 4);
const flour = line('Plain flour', 200);
const oven = (celsius: number, words = '') => ({
  settings: [{ what: 'oven' as const, celsius, words, from: 0 }],
});
const thermometers = [{ id: 't', in: 'core' as const, smallestDivisionC: 0.1 }];
const ends = (celsius: number) => ({
  ends: [{ kind: 'temperature' as const, celsius, basis: 'as-read' as const }],
  thermometerId: 't',
});

describe('an egg', () => {
  const eggs = (egg: Partial<Ingredient>, acts: Acts, ...levels: number[]) =>
    planOf(
      [line('Eggs', 2, { unit: 'each', ...egg })],
      [{ id: 's', text: 'Lower the eggs into boiling water.', minutes: 7 }],
      acts,
      numberLevels(...levels),
    );
  const minutes: Acts = { on: 'minutes', stepId: 's' };
  const mass: Acts = { on: 'size', what: 'mass' };

  it('weighs 60 g with its shell where nobody says; by mass an eighth of it is shell', () => {
    // 52.8 g without shell are 60 g with 12 % of it.
    const weighed = middles(eggs({ amount: 52.8, unit: 'g' }, minutes, 5, 9), 'yolk')!;
    const counted = middles(eggs({}, minutes, 5, 9), 'yolk')!;
    weighed.forEach((one, i) => expect(one).toBeCloseTo(counted[i]!, 6));
    const [light, usual, heavy] = middles(eggs({}, mass, 50, 60, 70), 'yolk')!;
    expect(usual).toBeCloseTo(middles(eggs({}, minutes, 7, 9), 'yolk')![0]!, 6);
    expect([light! > usual! + 2, heavy! < usual! - 2]).toEqual([true, true]);
  });

  it('is asked about in its own step, the one with minutes', () => {
    const plan = planOf(
      [line('Eggs', 2, { unit: 'each' })],
      [
        { id: 'p', text: 'Boil the potatoes.', minutes: 20 },
        { id: 'n', text: 'Lower the eggs into boiling water.' },
        { id: 's', text: 'Leave the eggs in the water.', minutes: 6 },
      ],
      minutes,
      numberLevels(5, 9),
    );
    const [short, long] = middles(plan, 'yolk')!;
    expect(long! - short!).toBeGreaterThan(10);
  });

  it('lighter than a quail’s two or heavier than a goose’s is not asked about', () => {
    expect(find(eggs({}, mass, 25, 200), 'yolk')).toBeDefined();
    expect(find(eggs({}, mass, 24.9, 60), 'yolk')).toBeUndefined();
    expect(find(eggs({}, mass, 60, 200.1), 'yolk')).toBeUndefined();
  });
});

describe('gas', () => {
  it('by heat as soon as one step of one station is hot; a food’s acid makes its band', () => {
    const steps = [
      { id: 'm', text: 'Mix.' },
      { id: 'b', text: 'Bake.' },
    ];
    const plain = planOf([flour, soda], steps, grams(soda.id), numberLevels(0, 4));
    expect(find(plain, 'gas')!.expected[1]!.high).toBeCloseTo((4 / 84.007 / 2) * 24.14, 2);
    const sour = planOf([flour, soda, line('Buttermilk', 300)], steps, grams(soda.id), numberLevels(3, 4));
    for (const { low, middle, high } of find(sour, 'gas')!.expected)
      expect([low < middle, middle < high]).toEqual([true, true]);
    // Neither heat nor acid: no gas. Acid without soda: nobody asks.
    expect(find({ ...plain, steps: [newStep({ id: 'm', text: 'Mix.' })] }, 'gas')).toBeUndefined();
    expect(
      find(planOf([flour, line('Citric acid', 2)], steps, grams('citric-acid'), numberLevels(1, 2)), 'gas'),
    ).toBeUndefined();
  });

  it('shows how it was worked out, sentence and numbers', () => {
    const plan = planOf(
      [soda, line('Citric acid', 6.2)],
      [{ id: 'm', text: 'Mix.' }],
      grams(soda.id),
      numberLevels(0, 4),
    );
    const { working } = find(plan, 'gas')!;
    expect(
      working.lines.map(({ text, value, unit }) => [text, value && Number(value.toPrecision(4)), unit]),
    ).toEqual([
      ['acid sets free all it can: NaHCO₃ + H⁺ → Na⁺ + H₂O + CO₂', undefined, undefined],
      ['nothing is heated: only acid sets gas free', undefined, undefined],
      ['as gas at 21 °C and the pressure here', 101.3, 'kPa'],
      ['0 g', 0, 'L'],
      ['4 g', 1.149, 'L'],
    ]);
  });
});

describe('a piece', () => {
  const meat = [line('Turkey mince', 400)];
  const size = (what: 'diameter' | 'mass'): Acts => ({ on: 'size', what });
  const baked = (acts: Acts, levels: number[], step: object = {}) =>
    planOf(
      meat,
      [{ id: 'b', text: 'Bake the balls.', minutes: 15, ...oven(200), ...step }],
      acts,
      numberLevels(...levels),
      {
        thermometers,
      },
    );

  it('of 33 g is a ball of 39.2 mm at 1.05 g/cm³', () => {
    // (6 × 33 / (π × 1.05))^(1/3) = 3.916 cm.
    const byMass = find(baked(size('mass'), [20, 33]), 'centre')!.expected[1]!;
    const byWidth = find(baked(size('diameter'), [30, 39.16]), 'centre')!.expected[1]!;
    expect(byMass.middle).toBeCloseTo(byWidth.middle, 1);
  });

  it('gets hotter sooner where a fan is said, and with time in the middle of its range', () => {
    const still = middles(baked(size('diameter'), [30, 40]), 'centre')!;
    const fan = middles(baked(size('diameter'), [30, 40], oven(200, 'fan')), 'centre')!;
    fan.forEach((one, i) => expect(one).toBeGreaterThan(still[i]! + 1));
    const ranged = middles(baked(size('diameter'), [30, 40], { minutes: 12, minutesTo: 18 }), 'centre')!;
    ranged.forEach((one, i) => expect(one).toBeCloseTo(still[i]!, 6));
  });

  it('is foretold where most of what it is made of is known, and not where it is not', () => {
    const of = (...formula: Ingredient[]) =>
      find({ ...baked(size('diameter'), [30, 40]), formula }, 'centre') !== undefined;
    const mince = (g: number) => line('Turkey mince', g);
    const dust = line('Moon dust', 100);
    expect([of(mince(400), dust), of(mince(160), dust), of(mince(140), dust)]).toEqual([true, true, false]);
    // What nobody weighed adds nothing; what weighs nothing is not there.
    expect(of(mince(400), line('Onion', 1, { amount: null }), line('Salt', 0))).toBe(true);
    expect(of(line('Turkey mince', 1, { amount: null }), dust)).toBe(false);
  });

  it('that may never get there is not promised a time', () => {
    const core = (ovenC: number) =>
      find(baked(size('diameter'), [30, 40], { ...oven(ovenC), ...ends(75) }), 'minutes-to-core');
    expect(core(200)).toBeDefined();
    // In 78 °C a wet surface stays below 75.
    expect(core(78)).toBeUndefined();
  });
});

describe('dough and gel', () => {
  const dough = (more: Ingredient[], acts: Acts, levels = numberLevels(0, 60), step: object = {}) =>
    planOf(
      [line('Strong flour', 300), line('Instant yeast', 4), line('Water', 190), ...more],
      [
        { id: 'k', text: 'Knead.', minutes: 10 },
        { id: 'p', text: 'Prove.', minutes: 45, ...step },
      ],
      acts,
      levels,
    );

  it('sugar and honey hold yeast back, water and kneading do not; a band stays a band', () => {
    for (const name of ['Caster sugar', 'Honey']) {
      const plan = dough([line(name, 0)], grams(name.toLowerCase().replace(' ', '-')));
      const { low, middle, high } = find(plan, 'rise')!.expected[1]!;
      expect(middle, name).toBeLessThan(0.9);
      expect([low > 0.3, low < middle, middle < high, high < 1]).toEqual([true, true, true, true]);
    }
    expect(find(dough([], grams('water'), numberLevels(150, 220)), 'rise')).toBeUndefined();
    expect(find(dough([], { on: 'minutes', stepId: 'k' }, numberLevels(5, 20)), 'rise')).toBeUndefined();
    // 30 to 60 minutes count as 45.
    const minutes: Acts = { on: 'amount', ingredientId: 'instant-yeast', as: 'g', of: null };
    expect(middles(dough([], minutes, numberLevels(4, 8), { minutes: 30, minutesTo: 60 }), 'rise')).toEqual([
      1, 2,
    ]);
  });

  it('needs flour, yeast that was weighed, and a step in which it rises', () => {
    const yeast = numberLevels(2, 4);
    const said = (plan: Plan) => find(plan, 'rise') !== undefined;
    const plain = dough([], grams('instant-yeast'), yeast);
    expect(said(plain)).toBe(true);
    expect(said({ ...plain, formula: plain.formula.slice(1) })).toBe(false);
    expect(said({ ...plain, steps: plain.steps.slice(0, 1) })).toBe(false);
    expect(said(dough([line('Fresh yeast', 1, { amount: null })], grams('instant-yeast'), yeast))).toBe(
      false,
    );
    const start: Acts = { on: 'start-temperature', ingredientId: null };
    const unweighed = dough([line('Fresh yeast', 12)], start, numberLevels(20, 30));
    const formula = unweighed.formula.map((one) =>
      one.id === 'instant-yeast' ? { ...one, amount: null } : one,
    );
    expect([said(unweighed), said({ ...unweighed, formula })]).toEqual([true, false]);
    expect(said(dough([line('Honey', 1, { amount: null })], grams('instant-yeast'), yeast))).toBe(false);
    // A second prove without minutes adds none. In a cold place it is slower still.
    const again = {
      ...plain,
      steps: [...plain.steps, newStep({ id: 'q', text: 'Prove again until doubled.' })],
    };
    expect(middles(again, 'rise')).toEqual([1, 2]);
    const [ten, eighteen] = middles(dough([], start, numberLevels(10, 18)), 'rise')!;
    expect(eighteen! / ten!).toBeGreaterThan(1.3);
  });

  it('with salt that nobody weighed, or a control that is killed, nothing is said', () => {
    const yeast = grams('instant-yeast');
    expect(find(dough([line('Salt', 6)], yeast, numberLevels(2, 4)), 'rise')).toBeDefined();
    expect(
      find(dough([line('Salt', 1, { amount: null })], yeast, numberLevels(2, 4)), 'rise'),
    ).toBeUndefined();
    const start: Acts = { on: 'start-temperature', ingredientId: null };
    expect(find(dough([], start, numberLevels(65, 25)), 'rise')).toBeUndefined();
  });

  it('gelatine is held against the control wherever it stands, and the batch without what is left out', () => {
    const set = (formula: Ingredient[], control: number, acts: Acts = grams('gelatine')) =>
      middles(
        planOf(
          formula,
          [{ id: 's', text: 'Chill.' }],
          acts,
          numberLevels(4, 8).map((level, i) => ({ ...level, control: i === control })),
        ),
        'set',
      );
    const cream = [line('Double cream', 392), line('Gelatine', 4)];
    const [half, one] = set(cream, 1)!;
    expect(one).toBe(1);
    // 4 of 396 against 8 of 400 g: 0.505 to the power of 1.85.
    expect(half).toBeCloseTo((4 / 396 / (8 / 400)) ** 1.85, 6);
    expect(set([...cream, line('Vanilla', 1, { amount: null })], 1)).toBeUndefined();
    const without = planOf(
      [...cream, line('Milk', 396)],
      [{ id: 's', text: 'Chill.' }],
      { on: 'swap', ingredientId: 'milk' },
      wordLevels(['Milk', 'none']),
    );
    // 4 of 792 against 4 of 396: twice the share.
    expect(middles(without, 'set')![1]).toBeCloseTo(2 ** 1.85, 6);
  });

  it('starch swells in what is wet, by the sugar for the water in it', () => {
    const sauce = (sugar: number, water: Ingredient, starch = 20) =>
      planOf(
        [line('Cornflour', starch), water, line('Caster sugar', sugar)],
        [{ id: 'h', text: 'Heat.', ...ends(70) }],
        { on: 'end-temperature', stepId: 'h' },
        numberLevels(66, 72),
        { thermometers },
      );
    const half = middles(sauce(100, line('Water', 200), 10), 'starch')!;
    const whole = middles(sauce(200, line('Water', 400)), 'starch')!;
    half.forEach((one, i) => expect(one).toBeCloseTo(whole[i]!, 9));
    expect(middles(sauce(0, line('Water', 400)), 'starch')![1]).toBeGreaterThan(half[1]! + 10);
    expect(find(sauce(0, line('Butter', 200)), 'starch')).toBeUndefined();
  });
});

describe('browning', () => {
  const methods = (...steps: (Pick<Step, 'id' | 'text'> & Partial<Step>)[]) => {
    const method = factor({ on: 'method' }, wordLevels(['a', 'b']));
    const only = steps.map((step) => ({
      ...step,
      only: step.only?.map((i) => method.levels[Number(i)]!.id) ?? [],
    }));
    return { ...planOf([flour], only, { on: 'method' }, []), factors: [method] };
  };
  const bake = (id: string, minutes: number | null, minutesTo: number | null, ...only: string[]) => ({
    ...{ id, text: 'Bake.', minutes, minutesTo, only, ...oven(200) },
  });

  it('a range of minutes counts as its middle, and only the step that bakes counts', () => {
    expect(find(methods(bake('x', 12, 18, '0'), bake('y', 15, null, '1')), 'browning')).toBeUndefined();
    expect(middles(methods(bake('x', 12, 18, '0'), bake('y', 12, null, '1')), 'browning')).toEqual([2, 1]);
    // A step without minutes, or of none, is passed over for the one that has some.
    for (const nothing of [null, 0])
      expect(
        middles(
          methods(bake('n', nothing, null), bake('x', 12, null, '0'), bake('y', 18, null, '1')),
          'browning',
        ),
      ).toEqual([1, 2]);
    const rested = { id: 'r', text: 'Rest.', minutes: 10 };
    expect(middles(methods(rested, bake('x', 12, null, '0'), bake('y', 18, null, '1')), 'browning')).toEqual([
      1, 2,
    ]);
  });
});

describe('a plan that cannot be done, or is not wholly known', () => {
  const ovens: Factor = factor(
    { on: 'setting', stepId: 'b', what: 'oven', scale: 'number' },
    numberLevels(160, 220),
  );
  const with_ = (second: Factor): Plan => ({
    ...planOf([flour, soda], [{ id: 'b', text: 'Bake.', minutes: 12, ...oven(200) }], { on: 'method' }, []),
    factors: [ovens, second],
  });

  it('is not foretold in part', () => {
    const doses = (...levels: number[]) => factor(grams(soda.id), numberLevels(...levels));
    expect(predictionsOf(with_(doses(0, 4)), null).map(({ id }) => id)).toContain('browning');
    // One treatment of four makes a negative amount: browning would know nothing of its soda.
    expect(predictionsOf(with_(doses(-1, 4)), null)).toEqual([]);
    const open = factor(grams(soda.id), numberLevels(0, 4));
    const left = { ...open, levels: [open.levels[0]!, { ...open.levels[1]!, value: null, open: true }] };
    expect(predictionsOf(with_(left), null)).toEqual([]);
  });
});
