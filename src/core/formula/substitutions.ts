import type { Source } from '../working';

/** One thing for another, with what it does to the result. */
export interface Substitution {
  from: string;
  to: string;
  /** Grams of the substitute for a gram. */
  gramsPerGram: number;
  also?: string;
  consequence: string;
}

export const substitutionSource: Source = {
  kind: 'common-practice',
  text: 'Substitutions as kitchens make them; the amounts balance the acid, fat, water or gelling power they replace',
};

export const substitutions: readonly Substitution[] = [
  {
    from: 'self-raising flour',
    to: 'plain flour',
    gramsPerGram: 0.967,
    also: '3.3 g baking powder for 100 g',
    consequence: 'the same rise if mixed in well',
  },
  {
    from: 'plain flour',
    to: 'self-raising flour',
    gramsPerGram: 1,
    also: 'leave out 3.3 g baking powder for 100 g',
    consequence: 'rises where it was not meant to',
  },
  {
    from: 'baking powder',
    to: 'bicarbonate of soda',
    gramsPerGram: 0.25,
    also: '0.55 g cream of tartar for 1 g powder',
    consequence: 'the same gas, all of it at once',
  },
  {
    from: 'buttermilk',
    to: 'milk',
    gramsPerGram: 0.94,
    also: '6 g lemon juice or vinegar for 100 g',
    consequence: 'as sour, less thick',
  },
  {
    from: 'caster sugar',
    to: 'granulated sugar',
    gramsPerGram: 1,
    consequence: 'dissolves more slowly, creams less air',
  },
  {
    from: 'caster sugar',
    to: 'honey',
    gramsPerGram: 0.8,
    also: 'take out 17 g water for 100 g sugar',
    consequence: 'browns sooner, stays moister',
  },
  {
    from: 'golden syrup',
    to: 'glucose syrup',
    gramsPerGram: 1,
    consequence: 'less sweet, paler, hinders crystals as well',
  },
  {
    from: 'butter',
    to: 'oil',
    gramsPerGram: 0.82,
    also: '16 g water for 100 g butter',
    consequence: 'no air creamed in, no flavour of butter, softer when cold',
  },
  { from: 'egg', to: 'milk and flour', gramsPerGram: 1, consequence: 'binds less, does not set or lift' },
  {
    from: 'gelatine',
    to: 'agar',
    gramsPerGram: 0.3,
    consequence: 'firmer, brittle, does not melt in the mouth; must boil',
  },
  {
    from: 'cornflour',
    to: 'plain flour',
    gramsPerGram: 2,
    consequence: 'opaque, tastes of flour unless cooked out; gluten',
  },
  { from: 'cornflour', to: 'potato starch', gramsPerGram: 0.75, consequence: 'clearer, thins if it boils' },
  {
    from: 'fresh yeast',
    to: 'instant yeast',
    gramsPerGram: 1 / 3,
    consequence: 'the same rise; goes straight into the flour',
  },
  { from: 'double cream', to: 'milk and butter', gramsPerGram: 1, consequence: 'does not whip' },
];

/** What can stand in for an ingredient. */
export function substitutesFor(ingredient: string): Substitution[] {
  const text = ingredient.trim().toLowerCase();
  return substitutions.filter((one) => text.includes(one.from));
}
