import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep } from '../practical';
import {
  jsonLdOf,
  noDecisions,
  planFromRecipe,
  readRecipe,
  schemaRecipesIn,
  settled,
  textOfSchemaRecipe,
} from '.';

const recipe = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Barley rolls',
  recipeYield: '12 rolls',
  prepTime: 'PT20M',
  cookTime: 'PT1H5M',
  recipeIngredient: ['300 g strong flour', '1 tsp salt', '200 ml water'],
  recipeInstructions: [
    { '@type': 'HowToStep', text: 'Mix the flour, salt and water.' },
    { '@type': 'HowToStep', text: 'Bake for 25 minutes at 200 °C.' },
  ],
};
const ingredients = recipe.recipeIngredient;

/** Shapes of schema.org/Recipe, recipeInstructions, HowToSection, HowToStep, ItemList and recipeYield as they are documented there. */
const shapes: [string, unknown][] = [
  ['an object', recipe],
  ['a list', [{ '@type': 'WebSite', name: 'x' }, recipe]],
  ['a graph', { '@context': 'https://schema.org', '@graph': [{ '@type': 'Person' }, recipe] }],
  [
    'nested in a page',
    { '@type': 'WebPage', mainEntity: { '@type': 'ItemList', itemListElement: [{ item: recipe }] } },
  ],
  ['a list of types', { ...recipe, '@type': ['Recipe', 'NewsArticle'] }],
  ['a type by its address', { ...recipe, '@type': 'http://schema.org/Recipe' }],
  [
    'instructions as a text',
    { ...recipe, recipeInstructions: 'Mix the flour, salt and water.\nBake for 25 minutes at 200 °C.' },
  ],
  [
    'instructions as texts',
    { ...recipe, recipeInstructions: recipe.recipeInstructions.map((one) => one.text) },
  ],
  [
    'instructions as HTML',
    {
      ...recipe,
      recipeInstructions:
        '<ol><li>Mix the flour, salt and water.</li><li>Bake for 25&nbsp;minutes at 200&deg;C.</li></ol>',
    },
  ],
  [
    'an ItemList',
    { ...recipe, recipeInstructions: { '@type': 'ItemList', itemListElement: recipe.recipeInstructions } },
  ],
  [
    'sections',
    {
      ...recipe,
      recipeInstructions: [
        { '@type': 'HowToSection', name: 'Dough', itemListElement: recipe.recipeInstructions },
      ],
    },
  ],
  [
    'steps of directions and tips',
    {
      ...recipe,
      recipeInstructions: [
        {
          '@type': 'HowToStep',
          itemListElement: [{ '@type': 'HowToDirection', text: 'Mix the flour, salt and water.' }],
        },
        recipe.recipeInstructions[1],
      ],
    },
  ],
  [
    'a yield of a value',
    { ...recipe, recipeYield: { '@type': 'QuantitativeValue', value: 12, unitText: 'rolls' } },
  ],
  ['ingredients by the older name', { ...recipe, recipeIngredient: undefined, ingredients }],
];

describe('schema.org recipes', () => {
  it.each(shapes)('%s', (_, document) => {
    const found = schemaRecipesIn(JSON.stringify(document));
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({
      name: 'Barley rolls',
      ingredients,
      times: { prep: 20, cook: 65 },
      unread: [],
    });
    expect(found[0]!.yields).toMatch(/^12 rolls$/);
    expect(
      found[0]!.steps.map((step) => step.text.replace('200°C', '200 °C').replaceAll('\u00a0', ' ')),
    ).toEqual(['Mix the flour, salt and water.', 'Bake for 25 minutes at 200 °C.']);
    const read = readRecipe(textOfSchemaRecipe(found[0]!));
    expect(read.formula.map((line) => [line.amount, line.unit, line.name])).toEqual([
      [300, 'g', 'strong flour'],
      [1, 'tsp', 'salt'],
      [200, 'ml', 'water'],
    ]);
    expect(read.steps.map((step) => [step.minutesLow, step.celsius, step.uses])).toEqual([
      [null, null, [0, 1, 2]],
      [25, 200, []],
    ]);
  });

  it('stand in pages of HTML, more than one, beside other data and damaged ones', () => {
    const script = (text: string) => `<script type='application/ld+json'>${text}</script>`;
    const page = `<html><head>${script('{"@type":"WebSite"}')}${script('{broken')}${script(JSON.stringify(recipe))}<script>recipe()</script>${script(`<!-- ${JSON.stringify({ ...recipe, name: 'Rye rolls' })} -->`)}</head><body>…</body></html>`;
    expect(schemaRecipesIn(page).map((one) => one.name)).toEqual(['Barley rolls', 'Rye rolls']);
  });

  it.each<[string, unknown, string[], number, string[]]>([
    [
      'numbers for texts',
      { ...recipe, name: 7, recipeIngredient: [1, null, '300 g flour'], recipeInstructions: 12 },
      ['1', '300 g flour'],
      0,
      ['recipeIngredient', 'recipeInstructions'],
    ],
    [
      'objects without words',
      { ...recipe, recipeIngredient: { a: 1 }, recipeInstructions: [{ '@type': 'HowToStep' }, 'Mix.'] },
      [],
      1,
      ['recipeIngredient', 'recipeInstructions'],
    ],
    [
      'times that are none',
      { ...recipe, prepTime: 'soon', cookTime: 5, totalTime: { a: 1 } },
      ingredients,
      2,
      ['prepTime', 'cookTime'],
    ],
  ])('%s: what can be read is read, the rest named', (_, document, lines, steps, unread) => {
    const [one, ...more] = schemaRecipesIn(JSON.stringify(document));
    expect(more).toEqual([]);
    expect(one!.ingredients).toEqual(lines);
    expect(one!.steps).toHaveLength(steps);
    expect(one!.unread).toEqual(unread);
  });

  it('what holds nothing of a recipe is none', () => {
    for (const document of [{ '@type': 'Recipe' }, { '@type': 'Person', name: 'x' }, 7, [], 'Recipe'])
      expect(schemaRecipesIn(JSON.stringify(document))).toEqual([]);
  });

  it('no depth, no loop of names and no script does harm', () => {
    const deep = `${'{"a":'.repeat(3000)}1${'}'.repeat(3000)}`;
    expect(schemaRecipesIn(deep)).toEqual([]);
    const [evil] = schemaRecipesIn(
      JSON.stringify({
        ...recipe,
        name: '<img src=x onerror=alert(1)>Rolls',
        recipeIngredient: ['<script>alert(1)</script>300 g flour'],
      }),
    );
    expect(`${evil!.name}${evil!.ingredients.join('')}`).not.toMatch(/<|script|onerror/);
  });

  it('a plan goes out as one and comes back the same', () => {
    const plan = {
      ...newPlan('Rye squares', null),
      question: 'Does more syrup spread them?',
      formula: [
        newIngredient({ id: 'a', name: 'Rye flour', amount: 180, unit: 'g' }),
        newIngredient({ id: 'b', name: 'Water', amount: 90, amountTo: 100, unit: 'ml', state: 'warm' }),
        newIngredient({ id: 'c', name: 'Eggs', amount: 2, unit: 'each' }),
        newIngredient({ id: 'd', name: 'Baking powder', amount: 1.5, unit: 'tsp', fill: 'heaped' }),
      ],
      steps: [
        newStep({ id: 's', text: 'Mix the flour, baking powder, water and eggs.' }),
        newStep({ id: 't', text: 'Bake for 18 min at 190 °C.', minutes: 18 }),
      ],
    };
    const out = jsonLdOf(plan);
    expect(out).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe', totalTime: 'PT18M' });
    const [back] = schemaRecipesIn(JSON.stringify(out));
    const read = readRecipe(textOfSchemaRecipe(back!));
    let id = 0;
    const again = planFromRecipe(
      read,
      settled(read, noDecisions),
      '',
      newPlan('', null),
      () => `n${(id += 1)}`,
    );
    expect(again.title).toBe('Rye squares');
    expect(
      again.formula.map(({ name, amount, amountTo, unit, state, fill }) => ({
        name,
        amount,
        amountTo,
        unit,
        state,
        fill,
      })),
    ).toEqual(
      plan.formula.map(({ name, amount, amountTo, unit, state, fill }) => ({
        name,
        amount,
        amountTo,
        unit,
        state,
        fill,
      })),
    );
    expect(again.steps.map(({ text, minutes }) => ({ text, minutes }))).toEqual(
      plan.steps.map(({ text, minutes }) => ({ text, minutes })),
    );
  });
});
