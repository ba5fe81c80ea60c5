import { describe, expect, it } from 'vitest';
import type { AllergenId } from '../ingredients';
import { onPacksOf } from '../order';
import { newIngredient, newPlan, type Plan } from '../practical';
import { judgeNeeds, needIds, needName, type NeedId } from '.';

const planOf = (...names: string[]): Plan => ({
  ...newPlan('x', null),
  formula: names.map((name, i) => newIngredient({ id: `i${i}`, name, amount: 10 })),
});
const judged = (plan: Plan, what: NeedId, packs: Parameters<typeof onPacksOf>[0] = []) =>
  judgeNeeds(plan, [{ what, count: 1, seats: '' }], onPacksOf(packs))[0]!;

describe('what a class must not have', () => {
  it.each<[NeedId, string, string, AllergenId[], string]>([
    // A label of the school’s own pack says what no name gives away: milk powder in a drinking chocolate, wheat in a mix.
    ['milk', 'Bicarbonate of soda', 'bicarb', ['milk'], 'no'],
    ['gluten', 'Rice flour', 'rice flour', ['wheat'], 'no'],
    ['wheat', 'Rice flour', 'rice flour', ['gluten'], 'cannot tell'],
    ['vegan', 'Caster sugar', 'castor sugar', ['milk'], 'no'],
    ['vegetarian', 'Caster sugar', 'caster sugar', ['fish'], 'no'],
    ['milk', 'Caster sugar', 'Granulated sugar', ['milk'], 'yes'],
    // A label that was read takes nothing off: the next pack may be another.
    ['gluten', 'Custard powder', 'custard powder', [], 'cannot tell'],
    ['milk', 'Butter', 'butter', [], 'no'],
  ])('%s with %s, a pack of %s that says %j: %s', (what, name, ingredient, allergens, verdict) => {
    expect(judged(planOf(name), what, [{ ingredient, allergens }]).verdict).toBe(verdict);
  });

  // Regulation (EU) 1169/2011, annex II, and what the ingredients are.
  it.each<[NeedId, string[], string]>([
    ['milk', ['Double cream', 'Sugar'], 'no'],
    ['milk', ['Sugar', 'Water'], 'yes'],
    ['gluten', ['Plain flour'], 'no'],
    ['gluten', ['Cornflour', 'Water'], 'yes'],
    ['eggs', ['Mayonnaise'], 'no'],
    ['fish', ['Anchovies'], 'no'],
    // Wheat is told by itself in US law (FALCPA 2004); whoever declared it is not helped by the other.
    ['wheat', ['Plain flour'], 'no'],
    ['wheat', ['Bread'], 'no'],
    ['wheat', ['Cornflour', 'Water'], 'yes'],
    ['gluten', ['Custard powder'], 'cannot tell'],
    ['celery', ['Tomato juice', 'Water'], 'cannot tell'],
    ['nuts', ['Ground almonds'], 'no'],
    ['vegetarian', ['Powdered gelatine'], 'no'],
    ['vegetarian', ['Whole milk', 'Egg'], 'yes'],
    ['vegan', ['Honey'], 'no'],
    ['vegan', ['Plain flour', 'Water', 'Salt'], 'yes'],
    ['no-pork-or-gelatine', ['Leaf gelatine'], 'no'],
  ])('%s with %j: %s', (what, names, verdict) => {
    expect(judged(planOf(...names), what).verdict).toBe(verdict);
  });

  it('what nobody knows of a name is not known, whatever the table takes it for', () => {
    const named = (name: string, item: string) => ({
      ...planOf('Water'),
      formula: [newIngredient({ id: 'a', item, name, amount: 10 })],
    });
    expect(judged(named('Zqx sugar', 'caster-sugar'), 'milk').verdict).toBe('cannot tell');
    expect(judged(named('Dip water', 'water'), 'milk').verdict).toBe('yes');
    expect(judged(named('Milk water', 'water'), 'milk').verdict).toBe('no');
  });

  it('levels that put nothing in name no ingredient', () => {
    const plan = planOf('Caster sugar');
    const levels = ['  none ', '–', 'Butter'].map((words, i) => ({
      ...{ id: `l${i}`, value: null, words, control: i === 0, open: false },
    }));
    const acts = { on: 'swap' as const, ingredientId: 'i0' };
    const swapped = { ...plan, factors: [{ id: 'f', name: 'fat', unit: '', levels, acts }] };
    expect(judged(swapped, 'milk')).toMatchObject({ verdict: 'no', because: ['butter'] });
    expect(judged(swapped, 'eggs').verdict).toBe('yes');
  });

  // Facts of labels: gelatine in sweets, suet, rennet, finings, stock; names that take it back are not believed either.
  it.each<[NeedId, string, string]>([
    ...[
      'Marshmallows',
      'Jelly cubes',
      'Gummy bears',
      'Parmesan',
      'Cheddar',
      'Rennet',
      'Mincemeat',
      'Red wine',
    ].map((name): [NeedId, string, string] => ['vegetarian', name, 'cannot tell']),
    ...[
      'Chicken stock',
      'Beef stock cube',
      'Beef suet',
      'Lard',
      'Worcestershire sauce',
      'Fish sauce',
      'Isinglass',
    ].map((name): [NeedId, string, string] => ['vegetarian', name, 'no']),
    ...[
      'Margarine',
      'Dark chocolate',
      'Puff pastry',
      'Bread',
      'Vegetable stock cube',
      'Gelatine-free jelly',
    ].map((name): [NeedId, string, string] => ['vegan', name, 'cannot tell']),
    ...['Whole milk', 'Butter', 'Egg', 'Plain flour', 'Lentils', 'Olive oil', 'Honey', 'Cocoa powder'].map(
      (name): [NeedId, string, string] => ['vegetarian', name, 'yes'],
    ),
    ...['Pork sausage', 'Black pudding', 'Bacon bits', 'Powdered gelatine', 'Chorizo'].map(
      (name): [NeedId, string, string] => ['no-pork-or-gelatine', name, 'no'],
    ),
    ...['Beef mince', 'Marshmallows', 'Chicken breast', 'Margarine'].map((name): [NeedId, string, string] => [
      'no-pork-or-gelatine',
      name,
      'cannot tell',
    ]),
    ...['Vanilla extract', 'Red wine', 'Rum'].map((name): [NeedId, string, string] => [
      'no-alcohol',
      name,
      'no',
    ]),
    ...['Soy sauce', 'Trifle', 'Mincemeat'].map((name): [NeedId, string, string] => [
      'no-alcohol',
      name,
      'cannot tell',
    ]),
  ])('%s: %s is “%s”', (what, name, verdict) => {
    expect(judged(planOf(name), what).verdict).toBe(verdict);
  });

  it('a guess is never a yes: of what nobody knows it cannot be told, whatever is asked', () => {
    for (const what of needIds) {
      const { verdict, because } = judged(planOf('Water', 'Blarney dust'), what);
      expect([what, verdict, because]).toEqual([what, 'cannot tell', ['blarney dust']]);
    }
  });

  it('counts what a level puts in as well, and says what could stand in', () => {
    const swap: Plan = {
      ...planOf('Oat milk'),
      factors: [
        {
          id: 'f',
          name: 'milk',
          acts: { on: 'swap', ingredientId: 'i0' },
          unit: '',
          levels: [
            { id: 'a', value: null, words: 'oat milk', control: true, open: false },
            { id: 'b', value: null, words: 'whole milk', control: false, open: false },
            { id: 'c', value: null, words: 'none', control: false, open: false },
          ],
        },
      ],
    };
    expect(judged(swap, 'milk')).toMatchObject({ verdict: 'no', because: ['whole milk'] });
    for (const other of judged(planOf('Butter'), 'milk').instead) {
      expect(judged(planOf(other.split(' for ')[0]!), 'milk').verdict, other).toBe('yes');
    }
    expect(judged(planOf('Butter'), 'milk').instead.length).toBeGreaterThan(0);
    expect(needName('milk')).toBe('no milk');
  });
});
