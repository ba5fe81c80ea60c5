import type { Diet } from '..';

const words = (text: string) => text.split(/,\s*/);

// Foods and the one allergen of the EU list that every such food holds (Regulation (EU) 1169/2011, annex II).
export const holders: readonly (readonly [claim: string, allergen: string, foods: string[]])[] = [
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
export const noClaim: readonly ((food: string, claim: string) => string)[] = [
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
export const claims: readonly ((food: string, claim: string) => string)[] = [
  (food, claim) => `${claim}-free ${food}`,
  (food, claim) => `${claim} free ${food}`,
  (food, claim) => `${food} (${claim}-free)`,
];

const kinds = words('boiled, roast, leftover, chopped, dried, minced, crispy, sliced, cold, organic');
/** Foods that hold what a diet leaves out. */
export const againstDiet: Readonly<Record<Diet, string[]>> = {
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
/** Ways to say a food that change nothing of what it is, or add what nobody knows. */
export const forms: readonly ((food: string) => string)[] = [
  (food) => food,
  (food) => food.toUpperCase(),
  ...kinds.map((kind) => (food: string) => `${kind} ${food}`),
  (food) => `${food} blorf`,
  (food) => `home-made ${food}`,
  (food) => `${food} or sugar`,
  (food) => `🍓 ${food}`,
];

/** Plain things that hold nothing any diet leaves out. */
export const plants = words(
  'sugar, caster sugar, plain flour, rice, potatoes, carrots, onions, tomatoes, apples, lemon juice, olive oil, salt, pepper, cinnamon, yeast, baking powder, bicarbonate of soda, cornflour, agar, pectin, oats, lentils, chickpeas, spinach, basil, garlic, ginger, bananas, raisins, almonds, walnuts, water, cocoa powder, coconut milk, golden syrup, brown sugar, peas, cabbage, mint, strawberries',
);
