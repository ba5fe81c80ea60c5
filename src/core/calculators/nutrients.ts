import { nutrientSource, portionNutrients } from '../formula';
import { defineCalculator } from './definition';

export const nutrients = defineCalculator({
  id: 'nutrients',
  title: 'Energy and nutrients of a portion',
  keywords: 'nutrition calories energy kcal protein fat sugar portion label',
  example: {
    lines: [
      { name: 'plain flour', massG: 225 },
      { name: 'butter', massG: 50 },
      { name: 'milk', massG: 150 },
    ],
    portions: 8,
  },
  inputs: {
    lines: {
      kind: 'records',
      least: 1,
      fields: {
        name: { kind: 'text', most: 80, example: 'plain flour', about: 'ingredient' },
        massG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'mass' },
      },
      about: 'the formula',
    },
    portions: { kind: 'number', unit: '', low: 1, high: 10_000, about: 'portions it makes' },
  },
  compute({ lines, portions }) {
    const { unknown, ...values } = portionNutrients(lines, portions);
    return {
      result: { ...values },
      working: [
        {
          text: 'energy = 17 kJ/g protein and carbohydrate + 37 fat + 8 fibre',
          value: values.energyKJ,
          unit: 'kJ',
        },
        { text: '/ 4.184', value: values.energyKcal, unit: 'kcal' },
      ],
      sources: [nutrientSource],
      warnings:
        unknown.length > 0 ? [`Not counted, because nothing is known of it: ${unknown.join(', ')}.`] : [],
    };
  },
});
