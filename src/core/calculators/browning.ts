import {
  ascorbicDelayMinutes,
  enzymicBrowning,
  enzymicRate,
  enzymicSource,
  maillardRate,
  maillardSource,
} from '../browning';
import { defineCalculator } from './definition';

const teaching = 'Teaching model: the shape is right; fit its constants to your own class.';

export const maillardRateCalculator = defineCalculator({
  id: 'maillard-rate',
  title: 'How fast a surface browns (Maillard)',
  keywords: 'maillard brown crust pretzel alkaline ph temperature dry',
  example: { temperatureC: 150, pH: 8, waterActivity: 0.6 },
  inputs: {
    temperatureC: { kind: 'number', unit: '°C', low: -20, high: 250, about: 'of the surface' },
    pH: {
      kind: 'number',
      unit: '',
      low: 2,
      high: 11,
      about: 'of the surface: dough about 6, a soda dip 8 and more',
    },
    waterActivity: {
      kind: 'number',
      unit: '',
      low: 0,
      high: 1,
      about: 'of the surface: wet 0.99, drying crust 0.7',
    },
  },
  compute(conditions) {
    const relativeRate = maillardRate(conditions);
    return {
      result: { relativeRate },
      working: [
        { text: 'rate = Arrhenius (120 kJ/mol) × 2.3^(pH − 6) × e^(−((a_w − 0.7)/0.28)²)' },
        { text: 'against 120 °C, pH 6, a_w 0.7', value: relativeRate },
      ],
      sources: [maillardSource],
      warnings: [teaching],
    };
  },
});

export const enzymicBrowningCalculator = defineCalculator({
  id: 'enzymic-browning',
  title: 'How brown cut fruit gets',
  keywords: 'pear apple cut fruit brown enzyme ascorbic citric acid lemon salt',
  example: { minutes: 40, pH: 6, ascorbicPercent: 0.5 },
  inputs: {
    minutes: { kind: 'number', unit: 'min', low: 0, high: 10_000, about: 'since it was cut' },
    pH: { kind: 'number', unit: '', low: 1.5, high: 9, about: 'of the surface: plain about 6, lemon 2.5' },
    temperatureC: {
      kind: 'number',
      unit: '°C',
      low: 0,
      high: 100,
      optional: true,
      fallback: 21,
      about: 'of the slice',
    },
    ascorbicPercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 10,
      optional: true,
      fallback: 0,
      about: 'ascorbic acid of the dip',
    },
    saltPercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 10,
      optional: true,
      fallback: 0,
      about: 'salt of the dip',
    },
  },
  compute({ minutes, ...fruit }) {
    const brownedPercent = 100 * enzymicBrowning(fruit, minutes);
    const delayMinutes = ascorbicDelayMinutes(fruit);
    return {
      result: { brownedPercent, delayMinutes },
      working: [
        { text: 'ascorbic acid holds it back for', value: delayMinutes, unit: 'min' },
        { text: 'rate after that', value: enzymicRate(fruit), unit: '1/min' },
        { text: 'browned = 100 (1 − e^(−k t))', value: brownedPercent, unit: '%' },
      ],
      sources: [enzymicSource],
      warnings: [teaching],
    };
  },
});
