import { describe, expect, it } from 'vitest';
import {
  dietsOf,
  dietVerdict,
  spoilsWarm,
  ingredientItems,
  itemById,
  itemCalled,
  itemsNamedIn,
  likelyItem,
  usedIn,
} from '.';

const named = (sentence: string) =>
  itemsNamedIn(sentence)
    .map((item) => item.family)
    .sort();

describe('words for ingredients', () => {
  it('knows an ingredient by the longest name in it', () => {
    expect(itemCalled('Caster sugar, fine')?.id).toBe('caster-sugar');
    expect(itemCalled('Golden syrup')?.id).toBe('golden-syrup');
    expect(itemCalled('Cornflour')?.id).toBe('cornflour');
    expect(itemCalled('Buttermilk')?.id).toBe('buttermilk');
    expect(itemCalled('Baking soda')?.id).toBe('bicarbonate-of-soda');
    expect(itemCalled('Moon dust')).toBeUndefined();
  });

  it('finds what a sentence names, and not what it only mentions', () => {
    expect(named('Rub the butter into plain flour and salt.')).toEqual(['butter', 'flour', 'salt']);
    expect(named('Crack two eggs into the milk.')).toEqual(['egg', 'milk']);
    for (const idle of [
      'Put the sugar thermometer into the hot sugar.',
      'Rinse under running water; set the egg timer.',
      'Stand it in the water bath. Drop some into cold water.',
      'Break the honeycomb with a butter knife.',
      'Wait until it thickens like a cream-coloured foam.',
    ]) {
      expect(named(idle), idle).toEqual([]);
    }
  });

  it('takes loose words as use of an ingredient that is there', () => {
    expect(usedIn('Tip in all the soda.', ['Bicarbonate of soda'])[0]).toBe(true);
    expect(usedIn('Stir the syrup.', ['Golden syrup'])[0]).toBe(true);
    expect(usedIn('Mix all ingredients.', ['Saffron'])[0]).toBe(true);
    expect(usedIn('Strew the elderflower on top.', ['Elderflower heads'])[0]).toBe(true);
    expect(usedIn('Rinse under running water.', ['Water'])[0]).toBe(false);
    expect(usedIn('Weigh the sugar.', ['Salt'])[0]).toBe(false);
  });
});

describe('the shelf', () => {
  it('has 350 entries or more, every name once, every density a range, 100 g never more than 100 g', () => {
    expect(ingredientItems.length).toBeGreaterThanOrEqual(350);
    const names = ingredientItems.flatMap((item) => item.names.map((name) => name.toLowerCase()));
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
    expect(new Set(ingredientItems.map((item) => item.id)).size).toBe(ingredientItems.length);
    for (const { id, density, composition, waterPercent, alcoholPercent } of ingredientItems) {
      if (density) {
        expect(density.low, id).toBeGreaterThan(0.04);
        expect(density.low <= density.gPerMl && density.gPerMl <= density.high, id).toBe(true);
        expect(density.high, id).toBeLessThan(1.6);
      }
      if (composition) {
        const { proteinG, fatG, carbohydrateG, sugarsG, fibreG, saltG } = composition;
        const all = proteinG + fatG + carbohydrateG + fibreG + saltG + (waterPercent ?? 0) + alcoholPercent;
        expect(all, id).toBeLessThanOrEqual(108);
        expect(sugarsG, id).toBeLessThanOrEqual(carbohydrateG);
      }
    }
  });

  it('every name leads back to its own entry', () => {
    const astray = ingredientItems.flatMap((item) =>
      item.names
        .filter((name) => itemCalled(name)?.id !== item.id)
        .map((name) => `${name} → ${itemCalled(name)?.id}`),
    );
    expect(astray).toEqual([]);
  });

  it('an unknown word says so: never water, never certain', () => {
    expect(itemCalled('dragon water')).toBeUndefined();
    expect(likelyItem('dragon water')).toBeUndefined();
    expect(itemCalled('dragon flour')).toBeUndefined();
    expect(likelyItem('dragon flour')?.id).toBe('plain-flour');
    expect(itemCalled('rose water')?.id).toBe('rose-water');
    expect(itemCalled('')).toBeUndefined();
  });

  // USDA and UK food tables, rounded (from memory): large egg 50 g, white 33, yolk 17; butter 81 % fat; milk 88 % water.
  it.each([
    ['flour, plain', 'plain-flour'],
    ['sugar, caster', 'caster-sugar'],
    ['All-Purpose Flour', 'plain-flour'],
    ['bakers’ sugar', 'caster-sugar'],
    ["baker's sugar", 'caster-sugar'],
    ['powdered sugar', 'icing-sugar'],
    ['heavy cream', 'double-cream'],
    ['2 large eggs', 'egg'],
    ['egg whites', 'egg-white'],
    ['3 yolks', 'egg-yolk'],
    ['sweetened condensed milk', 'condensed-milk'],
    ['crunchy peanut butter', 'peanut-butter'],
    ['kosher salt', 'flake-salt'],
    ['fine salt', 'salt'],
    ['cornstarch', 'cornflour'],
    ['tomatoes', 'tomato'],
    ['berries', 'strawberry'],
    ['soymilk', 'soya-milk'],
    ['freshly squeezed lemon juice', 'lemon-juice'],
    ['unsalted butter, softened', 'butter'],
    ['aubergine', 'aubergine'],
    ['eggplant', 'aubergine'],
    ['zucchini', 'courgette'],
    ['cilantro', 'coriander-leaf'],
  ])('“%s” is %s', (words, id) => {
    expect(itemCalled(words)?.id).toBe(id);
  });

  it('syrups bring their own water, makers’ salts a range', () => {
    const share = (id: string) => itemById(id).syrupShare;
    expect([share('honey'), share('golden-syrup'), share('glucose-syrup'), share('water')]).toEqual([
      0.82, 0.82, 0.8, 0,
    ]);
    const flake = itemById('flake-salt').density!;
    expect(flake.high / flake.low).toBeGreaterThanOrEqual(1.8);
    expect(itemById('salt').density!.low).toBeGreaterThan(flake.gPerMl);
  });

  it.each([
    // A plant that is called after an animal is a plant; the animal is not.
    ['oyster mushroom', 'vegan', 'yes'],
    ["Lamb's lettuce ", 'vegan', 'yes'],
    [' Beef Tomato', 'vegetarian', 'yes'],
    ['crab apple', 'vegan', 'yes'],
    ['oyster', 'vegan', 'no'],
    ['beef dripping', 'vegetarian', 'no'],
    // Meat says nothing about alcohol.
    ['chicken breast', 'no-alcohol', 'yes'],
    ['beef mince', 'no-alcohol', 'yes'],
    // What a kitchen puts into a dish nobody can tell from its name: bacon, jelly, wine, ham in a cordon bleu.
    ['quiche', 'vegetarian', 'cannot tell'],
    ['quiche', 'no-pork-or-gelatine', 'cannot tell'],
    ['carbonara', 'no-pork-or-gelatine', 'cannot tell'],
    ['trifle', 'no-pork-or-gelatine', 'cannot tell'],
    ['risotto', 'no-alcohol', 'cannot tell'],
    ['trifle', 'vegan', 'no'],
    ['schnitzel', 'vegetarian', 'no'],
    ['cordon bleu', 'no-pork-or-gelatine', 'cannot tell'],
    ['eggnog', 'vegan', 'no'],
  ] as const)('%s: %s? %s', (name, diet, verdict) => {
    expect(dietVerdict(name, diet)).toBe(verdict);
  });

  it('what spoils where it stands warm (common practice): wet and of animals, cooked rice, milks and curds of plants', () => {
    const spoils = (name: string) => spoilsWarm(itemCalled(name)!);
    for (const name of [
      'basmati rice',
      'prawns',
      'mozzarella',
      'egg white',
      'oat milk',
      'tofu',
      'quiche',
      'bacon',
    ])
      expect([name, spoils(name)]).toEqual([name, true]);
    for (const name of [
      'plain flour',
      'butter',
      'honey',
      'parmesan',
      'lard',
      'fish sauce',
      'gelatine',
      'dried egg',
    ])
      expect([name, spoils(name)]).toEqual([name, false]);
  });

  it('diets follow from what it is', () => {
    expect(dietsOf(itemById('honey'))).toEqual(['vegetarian', 'no-alcohol', 'no-pork-or-gelatine']);
    expect(dietsOf(itemById('gelatine'))).toEqual(['no-alcohol']);
    expect(dietsOf(itemById('lentil'))).toContain('vegan');
    expect(dietsOf(itemById('worcester-sauce'))).not.toContain('vegetarian');
    expect(dietsOf(itemById('wine'))).not.toContain('no-alcohol');
  });
});
