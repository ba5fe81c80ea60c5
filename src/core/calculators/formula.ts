import {
  bakersPercentages,
  kitchenMeasure,
  measureSource,
  measureUnits,
  usCupMl,
  usTablespoonMl,
} from '../formula';
import { formatNumber } from '../format';
import { ingredientsSource } from '../ingredients';
import { defineCalculator } from './definition';

export const kitchenMeasureCalculator = defineCalculator({
  id: 'kitchen-measure',
  title: 'Cups, spoons, grams and ounces',
  keywords: 'cup tablespoon teaspoon gram ounce pound pint volume weight convert flour sugar butter',
  example: { amount: 1, from: 'cup', to: 'g', ingredient: 'flour' },
  inputs: {
    amount: { kind: 'number', unit: '', low: 0, high: 1e6, about: 'how much' },
    from: { kind: 'text', most: 20, example: 'cup', about: `its unit: ${measureUnits.join(', ')}` },
    to: { kind: 'text', most: 20, example: 'g', about: 'the unit wanted' },
    ingredient: {
      kind: 'text',
      most: 80,
      example: 'flour',
      optional: true,
      about: 'what it is, for mass against volume',
    },
    cupMl: {
      kind: 'number',
      unit: 'ml',
      low: 200,
      high: 300,
      optional: true,
      fallback: usCupMl,
      about: 'the cup: 236.6 US, 250 metric',
    },
    tablespoonMl: {
      kind: 'number',
      unit: 'ml',
      low: 12,
      high: 20,
      optional: true,
      fallback: usTablespoonMl,
      about: 'the tablespoon: 14.8 US, 15 metric, 20 Australian',
    },
  },
  compute({ amount, from, to, ingredient, cupMl, tablespoonMl }) {
    const measured = kitchenMeasure(amount, from, to, ingredient, { cupMl, tablespoonMl });
    const { density } = measured;
    return {
      result: { amount: measured.amount, low: measured.low, high: measured.high },
      working: [
        { text: 'cup assumed', value: cupMl, unit: 'ml' },
        { text: 'tablespoon assumed', value: tablespoonMl, unit: 'ml' },
        ...(density
          ? [
              {
                text: density.pressed ? density.name : `${density.name}, spooned and levelled`,
                value: density.gPerMl,
                unit: 'g/ml',
              },
              {
                text: `from ${formatNumber(density.low)}${density.pressed ? '' : ' (loose)'} to ${formatNumber(density.high)} g/ml${density.pressed ? '' : ' (scooped or packed)'}`,
              },
            ]
          : []),
        { text: `${formatNumber(amount)} ${from} in ${to}`, value: measured.amount, unit: to },
      ],
      sources: density ? [measureSource, ingredientsSource] : [measureSource],
      warnings:
        density && density.high / density.low > 1.15
          ? ['A cup can be filled in many ways: weigh where it matters.']
          : [],
    };
  },
});

export const bakersPercentagesCalculator = defineCalculator({
  id: 'bakers-percentages',
  title: 'Baker’s percentages and hydration',
  keywords: 'dough bread hydration flour percent formula',
  example: {
    lines: [
      { name: 'Strong flour', massG: 250 },
      { name: 'Water', massG: 150 },
      { name: 'Salt', massG: 5 },
    ],
  },
  inputs: {
    lines: {
      kind: 'records',
      least: 1,
      fields: {
        name: { kind: 'text', most: 80, example: 'strong flour', about: 'ingredient' },
        massG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'mass' },
        flour: { kind: 'flag', optional: true, about: 'whether it counts as flour' },
      },
      about: 'the formula',
    },
  },
  compute({ lines }) {
    const { percentages, hydrationPercent } = bakersPercentages(
      lines.map(({ name, massG, flour }) => ({ name, massG, ...(flour !== undefined && { flour }) })),
    );
    return {
      result: { percentages: percentages.map((one) => ({ ...one })), hydrationPercent },
      working: [
        { text: 'percent = 100 × mass / mass of all flour' },
        ...percentages.map(({ name, percent }) => ({ text: name, value: percent, unit: '%' })),
        {
          text: 'hydration = 100 × water of all lines / flour (milk 88 % water, egg 76 %, butter 16 %; what is not known counts as dry)',
          value: hydrationPercent,
          unit: '%',
        },
      ],
      sources: [
        { kind: 'common-practice', text: 'Baker’s percentages; water shares from food tables, rounded' },
      ],
    };
  },
});
