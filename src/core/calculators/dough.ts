import { yeastSource } from '../leavening';
import { minutesToDouble } from '../simulation';
import { RefusedValue } from '../bounds';
import { defineCalculator } from './definition';

export const doughDoubling = defineCalculator({
  id: 'dough-doubling',
  title: 'How long a dough takes to double',
  keywords: 'dough rise double prove proof yeast time warm salt sugar',
  example: { temperatureC: 28, yeastPercent: 2.8, saltPercent: 1.6 },
  inputs: {
    temperatureC: { kind: 'number', unit: '°C', low: 0, high: 60, about: 'of the dough' },
    yeastPercent: { kind: 'number', unit: '%', low: 0.05, high: 10, about: 'instant yeast, of the flour' },
    saltPercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 20,
      optional: true,
      fallback: 1.6,
      about: 'of the flour',
    },
    sugarPercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 100,
      optional: true,
      fallback: 0,
      about: 'of the flour',
    },
  },
  compute(dough) {
    const minutes = minutesToDouble({ ...dough, flourG: 250, doughMl: 340, lagMinutes: 12 });
    if (minutes === null) {
      throw new RefusedValue(
        'temperatureC',
        dough.temperatureC,
        'a dough that doubles within six hours: warmer, more yeast, less salt',
      );
    }
    return {
      result: { minutes },
      working: [
        {
          text: 'gas made a minute ∝ flour × yeast × rate at the temperature × what salt and sugar leave of it',
        },
        {
          text: 'after a lag of 12 min, less what leaks out, until it equals the dough’s own volume',
          value: minutes,
          unit: 'min',
        },
      ],
      sources: [
        yeastSource,
        {
          kind: 'common-practice',
          text: 'A dough with a sachet to 250 g flour doubles in an hour somewhere warm: the rate is fitted to that',
        },
      ],
      warnings: ['Teaching model: fit it to your own class.'],
    };
  },
});
