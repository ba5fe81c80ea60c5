import { describe, expect, it } from 'vitest';
import { allergensOf, dietVerdict, type Diet } from '.';
import { sampled } from '../random/testing/sampled';

const words = (text: string) => text.split(/,\s*/);

// Foods and the one allergen of the EU list that every such food holds (Regulation (EU) 1169/2011, annex II).
const holders: readonly (readonly [claim: string, allergen: string, foods: string[]])[] = [
  ['dairy', 'milk', words('butter, whole milk, double cream, cheddar, yoghurt, milk powder, ghee')],
  ['egg', 'eggs', words('eggs, egg yolk, egg white, dried egg, beaten egg')],
  ['gluten', 'gluten', words('plain flour, wheat flour, bread flour, semolina, couscous, barley, rye flour')],
  ['peanut', 'peanuts', words('peanuts, peanut butter, salted peanuts')],
  ['nut', 'nuts', words('ground almonds, hazelnuts, walnuts, cashews, pistachios')],
  ['fish', 'fish', words('anchovies, fish sauce, cod, tuna')],
  ['soya', 'soya', words('soya milk, tofu, soy sauce, edamame')],
  ['sesame', 'sesame', words('tahini, sesame seeds')],
  ['celery', 'celery', words('celery, celery salt, celeriac')],
  ['mustard', 'mustard', words('mustard, mustard powder, dijon mustard')],
];
/** None of these takes the food’s own allergen away: an alternative, a denial, a wish, a question, a note, another thing. */
const noClaim: readonly ((food: string, claim: string) => string)[] = [
  (food, claim) => `${food} (or ${claim}-free)`,
  (food, claim) => `${food} or ${claim} free`,
  (food, claim) => `${food} / ${claim} free mix`,
  (food, claim) => `${food} not ${claim}-free`,
  (food, claim) => `not ${claim}-free ${food}`,
  (food, claim) => `${claim}-free? no: ${food}`,
  (food, claim) => `${food}, ${claim}-free if needed`,
  (food, claim) => `${food} (use ${claim}-free instead)`,
  (food, claim) => `${food} (${claim}-free works too)`,
  (food, claim) => `${food} (${claim}-free optional)`,
  (food, claim) => `${food} - can be made ${claim} free`,
  (food, claim) => `${food}; ${claim}-free for two`,
  (food, claim) => `${food} (never ${claim}-free)`,
  (food, claim) => `${claim} free spread and ${food}`,
  (food, claim) => `${claim}-free sugar with ${food}`,
  (food, claim) => `${food} (no ${claim}-free blorf)`,
  (food, claim) => `isn’t ${claim}-free, ${food}`,
  (food, claim) => `${food} + ${claim}-free alternative`,
  (food, claim) => `${food} [or ${claim}–free]`,
  (food, claim) => `${food} or (${claim}-free)`,
  (food, claim) => `${food} (${claim}-free or not)`,
  (food, claim) => `${food}, ${claim}-free or regular`,
  (food, claim) => `${food} ${claim}-free?`,
  (food, claim) => `${food} ${claim}-free/regular`,
  (food, claim) => `${claim}-free ${food} or regular`,
  (food, claim) => `${food} (${claim}-free, optional)`,
  (food) => `${food} (or vegan one)`,
  (food) => `${food}, vegan if possible`,
];
/** These do, where the food can be had so. */
const claims: readonly ((food: string, claim: string) => string)[] = [
  (food, claim) => `${claim}-free ${food}`,
  (food, claim) => `${claim} free ${food}`,
  (food, claim) => `${food} (${claim}-free)`,
];

describe('claims put together by a grammar', () => {
  it('what is no claim about the thing itself never takes its allergen away', () => {
    const tried = holders.flatMap(([claim, allergen, foods]) =>
      foods.flatMap((food) => noClaim.map((say) => ({ said: say(food, claim), allergen }))),
    );
    expect(tried.length).toBeGreaterThan(800);
    const lost = sampled(tried, 600).filter(
      ({ said, allergen }) => !allergensOf(said).contains.some((id) => id === allergen),
    );
    expect(lost).toEqual([]);
  });

  it('a claim at the thing itself does, and of nothing else', () => {
    const tried = holders
      .filter(([claim]) => ['dairy', 'egg', 'gluten', 'nut'].includes(claim))
      .flatMap(([claim, allergen, foods]) =>
        foods.flatMap((food) => claims.map((say) => ({ said: say(food, claim), allergen }))),
      );
    expect(
      tried.filter(({ said, allergen }) => allergensOf(said).contains.some((id) => id === allergen)),
    ).toEqual([]);
    expect(allergensOf('gluten-free flour and rye bread').contains).toContain('gluten');
    expect(allergensOf('wheat bread, gluten-free oats').contains).toContain('gluten');
    expect(allergensOf('egg-free mayonnaise with eggs').contains).toContain('eggs');
    expect(allergensOf('vegan cheese or cheddar').contains).toContain('milk');
    expect(allergensOf('cake not without milk').contains).toContain('milk');
    expect(allergensOf('dairy-free butter or oil').contains).not.toContain('milk');
  });

  it('what only sounds like it, or goes by another name, is what it is', () => {
    expect(allergensOf('cream soda').contains).toEqual([]);
    expect(allergensOf('milkfish').contains).toEqual(['fish']);
    expect(allergensOf('XO sauce').contains).toEqual(['crustaceans', 'molluscs']);
    expect(allergensOf('piccalilli').contains).toContain('mustard');
  });
});

describe('diets put together by a grammar', () => {
  const kinds = words('boiled, roast, leftover, chopped, dried, minced, crispy, sliced, cold, organic');
  const never: Readonly<Record<Diet, string[]>> = {
    vegetarian: words(
      'chicken, bacon, anchovies, prawns, lard, gelatine, beef stock, lamb mince, ham, tuna, mussels',
    ),
    vegan: words(
      'milk, butter, honey, eggs, cheddar, chicken, gelatine, yoghurt, prawns, ghee, lard, mayonnaise',
    ),
    'no-alcohol': words(
      'rum, brandy, red wine, sherry, beer, cider, vodka, amaretto, hazelnut liqueur, vanilla extract, almond extract, cream liqueur, rum baba, brandy butter, sherry trifle, wine gravy, beer batter, tiramisu, brandy snaps, rum raisins, orange bitters, boozy cherries, kirsch cherries, port jelly, nut liqueur, coq au vin',
    ),
    'no-pork-or-gelatine': words(
      'bacon, ham, lard, gelatine, chorizo, pork mince, panna cotta, marshmallows, cheesecake, trifle, jelly, mousse, bavarois, pancetta, gummy sweets, salami, pork pie, sausages, black pudding, crackling',
    ),
  };
  const forms: readonly ((food: string) => string)[] = [
    (food) => food,
    (food) => food.toUpperCase(),
    ...kinds.map((kind) => (food: string) => `${kind} ${food}`),
    (food) => `${food} blorf`,
    (food) => `home-made ${food}`,
    (food) => `${food} or sugar`,
    (food) => `🍓 ${food}`,
  ];

  it('nothing that holds it is ever said to be free of it', () => {
    const tried = Object.entries(never).flatMap(([diet, foods]) =>
      foods.flatMap((food) => forms.map((form) => ({ diet: diet as Diet, said: form(food) }))),
    );
    expect(tried.length).toBeGreaterThan(1000);
    expect(sampled(tried, 600).filter(({ said, diet }) => dietVerdict(said, diet) === 'yes')).toEqual([]);
  });

  it('plain things that hold none of it are said to: at most 15 in 100 nobody can tell', () => {
    const plants = words(
      'sugar, caster sugar, plain flour, rice, potatoes, carrots, onions, tomatoes, apples, lemon juice, olive oil, salt, pepper, cinnamon, yeast, baking powder, bicarbonate of soda, cornflour, agar, pectin, oats, lentils, chickpeas, spinach, basil, garlic, ginger, bananas, raisins, almonds, walnuts, water, cocoa powder, coconut milk, golden syrup, brown sugar, peas, cabbage, mint, strawberries',
    );
    const all = plants.flatMap((food) =>
      (['vegetarian', 'vegan', 'no-alcohol', 'no-pork-or-gelatine'] as const).map((diet) => ({
        ...{ food, diet, verdict: dietVerdict(food, diet) },
      })),
    );
    expect(all.filter(({ verdict }) => verdict === 'no')).toEqual([]);
    const open = all.filter(({ verdict }) => verdict === 'cannot tell');
    expect(open.length / all.length, open.map(({ food, diet }) => `${food} ${diet}`).join(', ')).toBeLessThan(
      0.15,
    );
  });

  it('a word nobody knows, a sign, a dish by its name: nobody can tell', () => {
    for (const [food, diet] of [
      ['sugar blorf', 'vegan'],
      ['carrot cake', 'vegan'],
      ['panna cotta', 'no-pork-or-gelatine'],
      ['cheesecake', 'vegetarian'],
      ['lemon tart', 'no-pork-or-gelatine'],
      ['almond extract', 'no-alcohol'],
      ['rum essence', 'no-alcohol'],
      ['fruit 🍷', 'no-alcohol'],
    ] as const)
      expect(dietVerdict(food, diet), food).not.toBe('yes');
  });
});
