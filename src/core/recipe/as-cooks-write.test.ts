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

  it('an oven with a fan is set to what the fan wants', () => {
    const [step] = pasted(recipe('Supper', '200 g flour', 'Bake at 160 °C fan for 20 min.')).steps;
    expect(step!.settings[0]).toMatchObject({ what: 'oven', celsius: 160, words: 'fan' });
  });
});
