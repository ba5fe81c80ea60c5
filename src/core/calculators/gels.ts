import {
  gelatinised,
  overrunPercent,
  sagPercent,
  specificVolume,
  spreadRatio,
  starchCalled,
  starches,
  starchSource,
} from '../gels';
import { RefusedValue } from '../bounds';
import { defineCalculator } from './definition';

const byDefinition = [
  { kind: 'common-practice', text: 'By definition, as the food laboratory measures it' },
] as const;

export const starchGelatinisation = defineCalculator({
  id: 'starch-gelatinisation',
  title: 'How much of a starch has gelatinised',
  keywords: 'starch thicken sauce cornflour custard roux temperature swell',
  example: { starch: 'maize', temperatureC: 70 },
  inputs: {
    starch: {
      kind: 'text',
      most: 40,
      example: 'maize',
      about: `which: ${starches.map((one) => one.id).join(', ')}`,
    },
    temperatureC: { kind: 'number', unit: '°C', low: 0, high: 150, about: 'temperature it was held at' },
    sugarPercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 65,
      optional: true,
      fallback: 0,
      about: 'sugar of the water phase',
    },
  },
  compute({ starch, temperatureC, sugarPercent }) {
    const found = starchCalled(starch);
    if (!found)
      throw new RefusedValue('starch', starch, `one of ${starches.map((one) => one.id).join(', ')}`);
    const answer = gelatinised(found, temperatureC, sugarPercent);
    return {
      result: { ...answer },
      working: [
        { text: `${found.name}: begins at`, value: answer.onsetC, unit: '°C' },
        { text: 'is done at', value: answer.conclusionC, unit: '°C' },
        {
          text: 'fraction = 1/(1 + e^(−s (T − middle))), 5 % at the beginning, 95 % at the end',
          value: answer.fraction,
        },
        ...(sugarPercent > 0
          ? [{ text: 'sugar raises the range by', value: 0.35 * sugarPercent, unit: '°C' }]
          : []),
      ],
      sources: [starchSource],
      warnings: ['Teaching model: ranges differ with variety and with the water at hand.'],
    };
  },
});

export const gelSag = defineCalculator({
  id: 'gel-sag',
  title: 'Sag of a gel',
  keywords: 'jelly gelatine panna cotta firmness strength mould',
  example: { heightInMouldMm: 40, heightOutMm: 34 },
  inputs: {
    heightInMouldMm: { kind: 'number', unit: 'mm', low: 1, high: 1000, about: 'height in the mould' },
    heightOutMm: { kind: 'number', unit: 'mm', low: 0, high: 1000, about: 'height turned out' },
  },
  compute({ heightInMouldMm, heightOutMm }) {
    const percent = sagPercent(heightInMouldMm, heightOutMm);
    return {
      result: { sagPercent: percent },
      working: [
        {
          text: `sag = 100 (${heightInMouldMm} − ${heightOutMm})/${heightInMouldMm}`,
          value: percent,
          unit: '%',
        },
      ],
      sources: [...byDefinition],
    };
  },
});

export const specificVolumeCalculator = defineCalculator({
  id: 'specific-volume',
  title: 'Specific volume of a loaf or foam',
  keywords: 'loaf bread volume density seeds',
  example: { massG: 400, volumeMl: 1600 },
  inputs: {
    massG: { kind: 'number', unit: 'g', low: 0.01, high: 100_000, about: 'mass' },
    volumeMl: { kind: 'number', unit: 'ml', low: 0, high: 1e6, about: 'volume, by seeds or by water' },
  },
  compute({ massG, volumeMl }) {
    const mlPerG = specificVolume(massG, volumeMl);
    return {
      result: { mlPerG },
      working: [{ text: `specific volume = ${volumeMl} ml / ${massG} g`, value: mlPerG, unit: 'ml/g' }],
      sources: [...byDefinition],
    };
  },
});

export const spreadRatioCalculator = defineCalculator({
  id: 'spread-ratio',
  title: 'Spread ratio of a biscuit',
  keywords: 'cookie biscuit width thickness spread',
  example: { widthMm: 72, thicknessMm: 9 },
  inputs: {
    widthMm: { kind: 'number', unit: 'mm', low: 0.1, high: 10_000, about: 'width, mean of several' },
    thicknessMm: { kind: 'number', unit: 'mm', low: 0.1, high: 1000, about: 'thickness' },
  },
  compute({ widthMm, thicknessMm }) {
    const ratio = spreadRatio(widthMm, thicknessMm);
    return {
      result: { ratio },
      working: [{ text: `ratio = ${widthMm} / ${thicknessMm}`, value: ratio }],
      sources: [...byDefinition],
    };
  },
});

export const overrun = defineCalculator({
  id: 'overrun',
  title: 'Overrun: how much air was beaten in',
  keywords: 'foam cream meringue ice air whip density',
  example: { massBeforeG: 100, massAfterG: 52 },
  inputs: {
    massBeforeG: {
      kind: 'number',
      unit: 'g',
      low: 0.01,
      high: 100_000,
      about: 'a cup of it before, filled and levelled',
    },
    massAfterG: { kind: 'number', unit: 'g', low: 0.01, high: 100_000, about: 'the same cup of it after' },
  },
  compute({ massBeforeG, massAfterG }) {
    const percent = overrunPercent(massBeforeG, massAfterG);
    return {
      result: { overrunPercent: percent },
      working: [
        { text: `overrun = 100 (${massBeforeG} − ${massAfterG})/${massAfterG}`, value: percent, unit: '%' },
      ],
      sources: [...byDefinition],
    };
  },
});
