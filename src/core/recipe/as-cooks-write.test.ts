import { describe, expect, it } from 'vitest';
import { readRecipe } from '.';
import { pasted } from './testing/pasted';

/** Each line of the formula as “1.5 tbsp Soy sauce”. */
const formulaOf = (text: string) =>
  pasted(text).formula.map(({ amount, unit, name }) => `${amount} ${unit} ${name}`);
const piecesOf = (text: string) => {
  const { portions } = pasted(text);
  return [portions.pieces, portions.pieceG];
};
const recipe = (title: string, list: string, method = 'Mix everything.') => `${title}\n${list}\n\n${method}`;

describe('amounts as cooks write them', () => {
  it.each([
    ['one and a half tablespoons soy sauce', '1.5 tbsp Soy sauce'],
    ['a tablespoon and a half of oil', '1.5 tbsp Oil'],
    ['two and three quarter teaspoons sugar', '2.75 tsp Sugar'],
    ['a cup and a quarter of warm water', '1.25 cup Water'],
    ['a clove and a half of garlic', '7.5 g Garlic'],
    ['half a 1 kg bag of strong flour', '0.5 kg Strong flour'],
    ['½ a 500 g packet plain flour', '250 g Plain flour'],
    ['¾ of a 400g tin coconut milk', '300 g Coconut milk'],
    ['2 tsp (1 and a half 7 g sachets) dried yeast', '2 tsp Dried yeast'],
    ['a punnet and a half of strawberries (about 340 g)', '340 g Strawberries'],
    ['2 punnets strawberries (200 g)', '400 g Strawberries'],
    // Measuring spoons by what they hold, and twice a spoon.
    ['1 x 15ml spoon milk', '1 tbsp Milk'],
    ['1/2 x 5 ml spoon mixed spice', '0.5 tsp Mixed spice'],
    ['2 × 1 tsp salt', '2 tsp Salt'],
    ['1 tbsp sugar for the apple', '1 tbsp Sugar'],
    ['600 ml double cream, at 14–18 °C', '600 ml Double cream'],
    ['850ml vegetable or chicken stock', '850 ml Vegetable stock'],
    ['1 can (14 oz / 400 g) plum tomatoes', '396.9 g Plum tomatoes'],
    ['1 x 400 g tin chickpeas, drained (240 g drained)', '240 g Chickpeas'],
    ['To finish: beaten egg or milk', 'null g Egg'],
  ])('%s', (line, read) => {
    expect(formulaOf(recipe('Supper', `${line}\n100 g caster sugar`))[0]).toBe(read);
  });

  it('sachets in a bracket are weighed against the spoons beside them', () => {
    const { contradictions } = readRecipe(
      recipe('Rolls', '500 g strong flour\n2 tsp (1 and a half 7 g sachets) dried yeast\n300 ml water'),
    );
    // Two level teaspoons of dried yeast are some 6 g, a sachet and a half 10.5 g.
    expect(contradictions.map(({ text }) => text)).toEqual(['Dried yeast: 2 tsp or 10.5 g?']);
  });
});

describe('what it makes', () => {
  const list = '225 g plain flour\n100 g butter';
  it.each<[string, string, (number | null)[]]>([
    ['Chewy cocoa bars: 16 squares', 'Chewy cocoa bars: 16 squares', [16, null]],
    ['Ginger fingers - 24 fingers', 'Ginger fingers - 24 fingers', [24, null]],
    ['12 seeded rolls', '12 seeded rolls', [12, null]],
    ['Shortbread rounds: makes 2 dozen', 'Shortbread rounds', [24, null]],
    ['Balls\nMakes 30 (50 g each)', 'Balls', [30, 50]],
    ['Balls, makes 12 of 60 g', 'Balls', [12, 60]],
    ['Plain cake', 'Plain cake', [null, null]],
    // So many grams are no pieces.
    ['Spread\nMakes about 400 g', 'Spread', [null, null]],
    ['Flour wraps (12 small)', 'Flour wraps (12 small)', [12, null]],
    ['Dough (makes 4 × 250 g balls)', 'Dough', [4, 250]],
    ['Roast vegetables with couscous\n', 'Roast vegetables with couscous', [null, null]],
    ['Buns\nPrep 15 mins, cook 50 mins', 'Buns', [null, null]],
    ['A dish for Sundays', 'A dish for Sundays', [null, null]],
  ])('%s', (head, title, pieces) => {
    expect([pasted(recipe(head, list)).title, ...piecesOf(recipe(head, list))]).toEqual([title, ...pieces]);
    expect(formulaOf(recipe(head, list))).toEqual(['225 g Plain flour', '100 g Butter']);
  });

  it('what one presses to have more of it is no ingredient', () => {
    for (const scale of ['1x 2x 3x', '½x 1x 2x', '1X 2X', '1× 2× 4×'])
      expect(formulaOf(recipe('Biscuits', `${scale}\n${list}`)), scale).toHaveLength(2);
    expect(formulaOf(recipe('Biscuits', `2 x 400 g tins tomatoes\n${list}`))[0]).toBe('800 g Tomatoes');
  });
});

describe('what a method calls things', () => {
  const used = (list: string, method: string) => {
    const { formula, steps } = pasted(recipe('Supper', list, method));
    return formula.map(({ id }) => steps.some(({ uses }) => uses.includes(id)));
  };
  it.each([
    ['3 egg whites\n170 g caster sugar', 'Whisk the whites. Add the sugar.'],
    ['3 eggs\n170 g caster sugar', 'Whisk the whites. Add the sugar.'],
    ['4 egg yolks\n300 ml milk', 'Beat the yolks. Pour on the milk.'],
    ['100 g raspberries\n50 g blackberries', 'Fold in the berries.'],
    ['2 tbsp soy sauce\n1 tsp honey', 'Stir the soy into the honey.'],
    ['2 tbsp tamari\n1 tsp honey', 'Stir the soy into the honey.'],
    ['50 g basil\n100 ml olive oil', 'Blend everything but the oil. Add the oil.'],
  ])('%s: %s', (list, method) => {
    expect(used(list, method)).toEqual([true, true]);
    expect(readRecipe(recipe('Supper', list, method)).contradictions).toEqual([]);
  });

  it('and what is left out is left out', () => {
    expect(used('50 g basil\n100 ml olive oil', 'Blend everything but the oil.')).toEqual([true, false]);
    expect(used('100 g white chocolate\n3 eggs', 'Melt the white chocolate.')).toEqual([true, false]);
  });

  it('of two parts of a list the one at hand is meant, and a heading without a colon is one', () => {
    const text =
      'Carrot cake\n\nCake:\n175 g muscovado sugar\n3 eggs\n140 g carrots\n\nIcing\n100 g soft cheese\n100 g icing sugar\n\nMix the sugar and eggs.\nAdd the carrots.\nBeat the icing ingredients.';
    const { formula, steps } = readRecipe(text);
    expect(formula.map(({ section }) => section)).toEqual(['cake', 'cake', 'cake', 'icing', 'icing']);
    expect(steps.map(({ uses }) => uses)).toEqual([[0, 1], [2], [3, 4]]);
  });

  it('what pupils bring along is no ingredient', () => {
    const text =
      'Rice\n\nIngredients to bring:\n150 g rice\n1 onion\nA container to take it home\n\nMethod\n1. Fry the onion and the rice.';
    expect(readRecipe(text).formula.map(({ name, section }) => [name, section])).toEqual([
      ['rice', ''],
      ['onion', ''],
    ]);
  });

  it('a core temperature is no oven’s, and a sign’s seconds are no step’s', () => {
    const { steps } = pasted(
      recipe(
        'Supper',
        '2 chicken breasts',
        'Oven to 200 °C.\nBake the chicken for 15 min until 75 °C in the thickest part.\nWhisk until the trail holds for 5 seconds.',
      ),
    );
    expect(steps.flatMap(({ settings }) => settings.map(({ celsius }) => celsius))).toEqual([200, 200]);
    expect(steps[1]!.ends).toContainEqual(expect.objectContaining({ kind: 'temperature', celsius: 75 }));
    expect(steps.map(({ minutes }) => minutes)).toEqual([null, 15, null]);
  });

  it('an oven with a fan is set to what the fan wants', () => {
    const [step] = pasted(recipe('Supper', '200 g flour', 'Bake at 160 °C fan for 20 min.')).steps;
    expect(step!.settings[0]).toMatchObject({ what: 'oven', celsius: 160, words: 'fan' });
  });
});
