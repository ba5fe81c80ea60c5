import { describe, expect, it } from 'vitest';
import { examplePlan, newIngredient, newPlan, type Acts, type Factor, type Plan } from '../../core/practical';
import { actingOn, actsGroups, endingAtLevel, mayCross, newFactor, valueOf, withLevels } from './factors';
import { levelText, parseLevel } from './level-text';
import { withItem, without, withoutAt, withPatchAt } from '../ui/lists';

const plan: Plan = {
  ...newPlan('Trial', null),
  formula: [newIngredient({ id: 'flour', name: 'Flour', amount: 200 })],
};
const factor = (acts: Acts, unit = '', levels: Factor['levels'] = []): Factor => ({
  ...{ id: 'f', name: 'it', acts, unit, levels },
});
const level = (id: string, value: number | null, words = '') => ({
  ...{ id, value, words, control: false, open: false },
});
const minutes: Acts = { on: 'minutes', stepId: 's' };
const words: Acts = { on: 'words', scale: 'words' };
const parse = (acts: Acts, text: string, levels: Factor['levels'] = [], unit = '') =>
  parseLevel(plan, factor(acts, unit, levels), null, text);

describe('what is typed as a level', () => {
  it.each<[Acts, string, number]>([
    [minutes, '8', 8],
    [minutes, '8,5 min', 8.5],
    [minutes, '0', 0],
    [minutes, '10080', 10_080],
    [{ on: 'end-temperature', stepId: null }, '150 °C', 150],
    [{ on: 'end-temperature', stepId: null }, '−30', -30],
    [{ on: 'end-temperature', stepId: null }, '300c', 300],
    [{ on: 'amount', ingredientId: 'flour', as: 'percent-of', of: 'flour' }, '2 % of flour', 2],
    [{ on: 'size', what: 'diameter' }, '38 mm', 38],
    [{ on: 'setting', stepId: 's', what: 'oven', scale: 'number' }, '350', 350],
    [{ on: 'setting', stepId: 's', what: 'hob', scale: 'number' }, '-4', -4],
    [{ on: 'words', scale: 'number' }, '1000000', 1e6],
  ])('%j “%s” is %d', (acts, text, value) => {
    expect(parse(acts, text)).toEqual({ value: { value, words: '', open: false } });
  });

  it.each<[Acts, string, string]>([
    [minutes, '-1', 'level is “-1”; allowed: a number from 0 to 10080 min'],
    [minutes, '10081', 'from 0 to 10080 min'],
    [minutes, 'eight', 'level is “eight”; allowed: a number'],
    [{ on: 'end-temperature', stepId: null }, '301', 'from −30 to 300 °C'],
    [{ on: 'start-temperature', ingredientId: null }, '-31', 'from −30 to 300 °C'],
    [{ on: 'size', what: 'mass' }, '100001', 'from 0 to 100000 g'],
    [{ on: 'setting', stepId: 's', what: 'oven', scale: 'number' }, '351', 'from 0 to 350'],
    [{ on: 'words', scale: 'number' }, '1000001', 'from −1000000 to 1000000'],
    [words, '  ', 'A level in words needs 1 to 60 characters'],
    [words, 'x'.repeat(61), '1 to 60 characters'],
  ])('%j “%s” is refused with what is allowed', (acts, text, said) => {
    const read = parse(acts, text);
    expect('error' in read && read.error).toContain(said);
  });

  it('stands once, by value and by word, itself aside; what is left to the station is words', () => {
    const there = [level('a', 4), level('b', 8)];
    expect(parse(minutes, '8', there)).toEqual({
      error: 'level “8 min” is there already; each level stands once',
    });
    const own = factor(minutes, '', there);
    expect(parseLevel(plan, own, { id: 'b', open: false }, '8')).toMatchObject({ value: { value: 8 } });
    expect(parse(words, 'Water', [level('a', null, 'water')])).toMatchObject({ error: /there already/ });
    expect(parse(words, ' milk ')).toEqual({ value: { value: null, words: 'milk', open: false } });
    expect(parseLevel(plan, own, { id: 'o', open: true }, 'as you like')).toEqual({
      value: { value: null, words: 'as you like', open: true },
    });
    expect(levelText(own, level('a', 4.5))).toBe('4.5');
    expect(levelText(own, level('a', null, 'some'))).toBe('some');
    expect(levelText(factor(words), level('a', 4, 'milk'))).toBe('milk');
    expect(levelText(own, { ...level('a', 4, 'free'), open: true })).toBe('free');
  });
});

describe('what a factor acts on', () => {
  const names = (present: Acts, of = examplePlan) =>
    actsGroups(of, present).flatMap((group) => group.options.map((one) => one.words));

  it('is named from the plan’s own ingredients and steps; what is gone is still said', () => {
    const said = names({ on: 'method' });
    expect(said[0]).toBe('the amount of Caster sugar');
    expect(said).toContain('what goes in for Caster sugar');
    expect(said.filter((one) => one.startsWith('the minutes of step'))).toHaveLength(
      examplePlan.steps.length,
    );
    expect(said.find((one) => one.includes('step 2'))!.length).toBeLessThan(70);
    expect(said).not.toContain('something that is not there any more');
    expect(names({ on: 'amount', ingredientId: 'gone', as: 'g', of: null })[0]).toBe(
      'something that is not there any more',
    );
    expect(names({ on: 'end-temperature', stepId: 'gone' })[0]).toBe('a temperature at which a step ends');
    const values = actsGroups(examplePlan, words).flatMap((group) => group.options.map((one) => one.value));
    expect(new Set(values).size).toBe(values.length);
    expect(valueOf({ on: 'setting', stepId: 's', what: 'hob', scale: 'words' })).toBe('setting:s');
  });

  it('another thing keeps the levels: numbers become words, words that are numbers become numbers', () => {
    const mixed = [level('a', 4), level('b', null, '4,5'), level('c', null, 'much'), level('d', null, ' ')];
    const was = { ...plan, factors: [factor({ on: 'method' }, '', mixed)] };
    expect(actingOn(was, was.factors[0]!, words).factors[0]).toMatchObject({
      acts: words,
      levels: [
        { value: 4, words: '4' },
        { value: 4.5, words: '4,5' },
        { value: null, words: 'much' },
        { value: null, words: ' ' },
      ],
    });
  });

  it('a step that ends at the level waits for it: its signs stay, its own degrees go, a thermometer is planned', () => {
    const sign = { kind: 'sign' as const, sense: 'look' as const, words: 'gold' };
    const step = {
      ...examplePlan.steps[1]!,
      id: 's',
      ends: [sign, { kind: 'time' as const }],
      thermometerId: null,
    };
    const was = { ...plan, steps: [step, { ...step, id: 'other' }], factors: [factor(minutes)] };
    const now = actingOn(was, was.factors[0]!, { on: 'end-temperature', stepId: 's' });
    expect(now.steps[0]!.ends).toEqual([sign, { kind: 'temperature', celsius: null, basis: 'sea-level' }]);
    expect(now.thermometers).toMatchObject([{ in: 'food', smallestDivisionC: 1 }]);
    expect(now.steps[0]!.thermometerId).toBe(now.thermometers[0]!.id);
    expect(now.steps[1]).toEqual(was.steps[1]);
    // Boiling sugar and water: then it stands in syrup.
    const syrup = { ...was, formula: examplePlan.formula };
    expect(actingOn(syrup, was.factors[0]!, { on: 'end-temperature', stepId: 's' }).thermometers[0]!.in).toBe(
      'syrup',
    );
    // One that is there is taken; levels in a syrup are meant for sea level, whatever the figure of the sentence was.
    const own = { kind: 'temperature' as const, celsius: 80, basis: 'as-read' as const };
    const known = { ...was, thermometers: examplePlan.thermometers, steps: [{ ...step, ends: [own] }] };
    const taken = actingOn(known, was.factors[0]!, { on: 'end-temperature', stepId: 's' });
    expect(taken.thermometers).toEqual(examplePlan.thermometers);
    expect(taken.steps[0]!.ends).toEqual([{ ...own, celsius: null, basis: 'sea-level' }]);
  });

  it('levels no step has are the step’s that asks for them; those of another step stay there', () => {
    const free = {
      ...plan,
      steps: examplePlan.steps,
      factors: [factor({ on: 'end-temperature', stepId: null })],
    };
    const [first, second] = examplePlan.steps;
    const ending = endingAtLevel(free, first!.id);
    expect(ending.factors[0]!.acts).toEqual({ on: 'end-temperature', stepId: first!.id });
    expect(endingAtLevel(ending, second!.id)).toBe(ending);
    expect(endingAtLevel(plan, 'x')).toBe(plan);
  });

  it('a second comes once the first has levels', () => {
    const one = withLevels(plan, newFactor(), () => [level('a', 1)]);
    expect([
      mayCross(plan),
      mayCross(one),
      mayCross({ ...one, factors: [...one.factors, newFactor()] }),
    ]).toEqual([...[false, true, false]]);
    const two = withLevels(one, one.factors[0]!, (was) => [...was, level('b', 2)]);
    expect(two.factors[0]!.levels.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(two.factors).toHaveLength(1);
  });
});

it('lists change at one place and leave what they were made from', () => {
  const list = [
    { id: 'a', n: 1 },
    { id: 'b', n: 2 },
  ];
  expect(withItem(list, 'b', { n: 3 })).toEqual([
    { id: 'a', n: 1 },
    { id: 'b', n: 3 },
  ]);
  expect(without(list, 'a')).toEqual([{ id: 'b', n: 2 }]);
  expect(withPatchAt(list, 0, { n: 9 })).toEqual([
    { id: 'a', n: 9 },
    { id: 'b', n: 2 },
  ]);
  expect(withoutAt(list, 1)).toEqual([{ id: 'a', n: 1 }]);
  expect(list).toEqual([
    { id: 'a', n: 1 },
    { id: 'b', n: 2 },
  ]);
});
