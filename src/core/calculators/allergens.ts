import { allergenSource, allergensOf } from '../formula';
import { listed } from '../format';
import { whoDecides } from '../safety';
import { defineCalculator } from './definition';

export const allergenCheck = defineCalculator({
  id: 'allergen-check',
  title: 'Allergens in a list of ingredients',
  keywords: 'allergy allergen label gluten milk egg nuts intolerance ingredients',
  example: { ingredients: 'plain flour, butter, milk, 2 eggs' },
  inputs: {
    ingredients: {
      kind: 'text',
      most: 2000,
      example: 'plain flour, butter',
      about: 'with commas between them',
    },
    law: {
      kind: 'choice',
      options: ['uk-eu', 'us'],
      optional: true,
      fallback: 'uk-eu',
      about: 'the 14 of UK and EU law, or the 9 of the US',
    },
  },
  compute({ ingredients, law }) {
    const found = ingredients
      .split(/[,;\n]/)
      .map((name) => name.trim())
      .filter((name) => name !== '')
      .map((name) => ({ name, allergens: allergensOf(name, law).map((one) => one.name) }));
    const all = [...new Set(found.flatMap((one) => one.allergens))];
    return {
      result: { allergens: all.length === 0 ? 'none that the names give away' : listed(all) },
      working: found.map(({ name, allergens }) => ({
        text: `${name}: ${allergens.length === 0 ? '—' : listed(allergens)}`,
      })),
      sources: [allergenSource],
      warnings: ['Told by names only: the label on the packet knows better.', whoDecides],
    };
  },
});
