import { relativeThickness, starchSource } from '../gels';
import { defineCalculator } from './definition';

export const sauceThickness = defineCalculator({
  id: 'sauce-thickness',
  title: 'How thick a starch sauce is',
  keywords: 'sauce thicken custard starch cornflour roux cool acid line spread viscosity',
  example: { starchPercent: 5, temperatureC: 20 },
  inputs: {
    starchPercent: { kind: 'number', unit: '%', low: 0, high: 20, about: 'starch of the whole' },
    temperatureC: { kind: 'number', unit: '°C', low: 0, high: 100, about: 'when it is measured' },
    gelatinisedPercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 100,
      optional: true,
      fallback: 100,
      about: 'how much of it has gelatinised',
    },
    pH: {
      kind: 'number',
      unit: '',
      low: 1,
      high: 10,
      optional: true,
      fallback: 6.5,
      about: 'acid thins it below about 4',
    },
  },
  compute({ starchPercent, temperatureC, gelatinisedPercent, pH }) {
    const thickness = relativeThickness({
      starchPercent,
      temperatureC,
      gelatinised: gelatinisedPercent / 100,
      pH,
    });
    return {
      result: { relativeThickness: thickness },
      working: [
        { text: 'thickness ∝ (swollen starch)^2.6 × e^(15 kJ/mol (1/T − 1/333 K)/R)' },
        { text: 'against 5 % at 60 °C', value: thickness },
      ],
      sources: [starchSource],
      warnings: ['Teaching model: starches differ; standing overnight, it sets further and weeps.'],
    };
  },
});
