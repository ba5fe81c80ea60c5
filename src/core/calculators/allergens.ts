import { listed } from '../format';
import {
  allergenSentence,
  allergenSource,
  allergensOfList,
  dietsOf,
  ingredientsSource,
  itemCalled,
  likelyItem,
  substitutesFor,
  itemById,
  allergensOf,
} from '../ingredients';
import { whoDecides } from '../safety';
import { defineCalculator } from './definition';

const lawInput = {
  kind: 'choice',
  options: ['uk-eu', 'us'],
  optional: true,
  fallback: 'uk-eu',
  about: 'the 14 of UK and EU law, or the 9 of the US',
} as const;

export const allergenCheck = defineCalculator({
  id: 'allergen-check',
  title: 'Allergens in a list of ingredients',
  keywords: 'allergy allergen label gluten milk egg nuts intolerance ingredients',
  example: { ingredients: 'plain flour, butter, milk, 2 eggs' },
  inputs: {
    ingredients: {
      kind: 'text',
      most: 10_000,
      example: 'plain flour, butter',
      about: 'with commas between them, or a line each',
    },
    law: lawInput,
  },
  compute({ ingredients, law }) {
    const { each, contains, oftenContains, unknown } = allergensOfList(ingredients, law);
    return {
      result: {
        contains,
        oftenContains,
        unknown,
        allergens: allergenSentence({ contains, oftenContains, unknown }),
      },
      working: each.map(({ name, found }) => {
        const said = [
          ...found.contains,
          ...found.oftenContains.map((id) => `often ${id}`),
          ...found.unknown.map((word) => `“${word}” not known`),
        ];
        return { text: `${name}: ${said.length === 0 ? '—' : listed(said)}` };
      }),
      sources: [allergenSource, ingredientsSource],
      warnings: [
        ...(unknown.length > 0
          ? ['A word that is not known may hold anything: read its label before you answer.']
          : []),
        'Told by names only: the label on the packet knows better.',
        whoDecides,
      ],
    };
  },
});

export const ingredientCalculator = defineCalculator({
  id: 'ingredient',
  title: 'What is known of an ingredient',
  keywords: 'ingredient density piece mass allergen composition substitute diet vegan vegetarian pack cup',
  example: { name: 'caster sugar' },
  inputs: {
    name: { kind: 'text', most: 120, example: 'caster sugar', about: 'as it stands in a recipe' },
    law: lawInput,
  },
  compute({ name, law }) {
    const item = itemCalled(name) ?? null;
    const { contains, oftenContains, unknown } = allergensOf(name, law);
    const likely = item ? undefined : likelyItem(name);
    const density = item?.density;
    return {
      result: {
        item: item?.id ?? null,
        ...(item && { name: item.name }),
        ...(density && {
          densityGPerMl: density.gPerMl,
          densityLow: density.low,
          densityHigh: density.high,
        }),
        ...(item && item.pieceG !== null && { pieceG: item.pieceG }),
        contains,
        oftenContains,
        ...(item && item.waterPercent !== null && { waterPercent: item.waterPercent }),
        ...(item?.acid && { acid: item.acid.kind, acidPercent: item.acid.percent }),
        ...(item && { diets: dietsOf(item) }),
        ...(item && item.jobs.length > 0 && { jobs: [...item.jobs] }),
        ...(item && item.states.length > 0 && { states: [...item.states] }),
        ...(item && item.packsG.length > 0 && { packs: item.packsG.map((grams) => `${grams} g`) }),
        ...(unknown.length > 0 && { unknown }),
      },
      working: item
        ? [
            { text: `also called: ${item.names.slice(0, 8).join(', ')}` },
            ...(item.composition
              ? [
                  { text: 'protein in 100 g', value: item.composition.proteinG, unit: 'g' },
                  { text: 'fat', value: item.composition.fatG, unit: 'g' },
                  { text: 'carbohydrate', value: item.composition.carbohydrateG, unit: 'g' },
                  { text: 'of which sugars', value: item.composition.sugarsG, unit: 'g' },
                  { text: 'salt', value: item.composition.saltG, unit: 'g' },
                ]
              : []),
            ...substitutesFor(name).map(({ to, gramsPerGram, consequence }) => ({
              text: `in its place, for 100 g: ${itemById(to).name} (${consequence})`,
              value: 100 * gramsPerGram,
              unit: 'g',
            })),
          ]
        : [
            {
              text: likely
                ? `not known for certain; perhaps ${likely.name}`
                : `no ingredient here is called “${name}”`,
            },
          ],
      sources: [ingredientsSource, allergenSource],
      warnings: [
        ...(item ? [] : ['Not known: nothing can be told of its density, its acid or its allergens.']),
        'The label on the packet knows better.',
      ],
    };
  },
});
