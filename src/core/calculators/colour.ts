import {
  browningIndex,
  browningIndexSource,
  ciede2000,
  ciede2000Source,
  fitArrhenius,
  kineticsSource,
  labOfHex,
  labSource,
  q10,
} from '../browning';
import { formatNumber } from '../format';
import { defineCalculator } from './definition';

const notAColorimeter =
  'A phone is not a colorimeter: trust differences within one photo with a white card in it.';

const labFields = {
  L: { kind: 'number', unit: '', low: 0, high: 100, about: 'lightness' },
  a: { kind: 'number', unit: '', low: -128, high: 128, about: 'green to red' },
  b: { kind: 'number', unit: '', low: -128, high: 128, about: 'blue to yellow' },
} as const;

export const colourLab = defineCalculator({
  id: 'colour-lab',
  title: 'A screen colour in CIELAB',
  keywords: 'colour color hex rgb lightness photo swatch',
  example: { hex: '#bf6f2c' },
  inputs: { hex: { kind: 'text', most: 9, example: '#a9551f', about: 'the colour as #rrggbb' } },
  compute({ hex }) {
    const { L, a, b } = labOfHex(hex);
    return {
      result: { L, a, b },
      working: [
        { text: 'sRGB channels made linear, then XYZ under D65, then L*, a*, b*' },
        { text: 'L* = 116 f(Y/Yn) − 16', value: L },
        { text: 'a* = 500 (f(X/Xn) − f(Y/Yn))', value: a },
        { text: 'b* = 200 (f(Y/Yn) − f(Z/Zn))', value: b },
      ],
      sources: [labSource],
      warnings: [notAColorimeter],
    };
  },
});

export const colourDifference = defineCalculator({
  id: 'colour-difference',
  title: 'How different two colours look',
  keywords: 'colour color delta e ciede2000 difference',
  example: { first: { L: 70, a: 8, b: 30 }, second: { L: 62, a: 12, b: 34 } },
  inputs: {
    first: { kind: 'record', fields: labFields, about: 'one colour in CIELAB' },
    second: { kind: 'record', fields: labFields, about: 'the other' },
  },
  compute({ first, second }) {
    const deltaE00 = ciede2000(first, second);
    return {
      result: { deltaE00 },
      working: [
        { text: 'difference of lightness ΔL*', value: second.L - first.L },
        {
          text: 'difference of chroma ΔC*',
          value: Math.hypot(second.a, second.b) - Math.hypot(first.a, first.b),
        },
        { text: 'ΔE₀₀, each part weighed by how well eyes tell it', value: deltaE00 },
        { text: deltaE00 < 1 ? 'hardly seen' : deltaE00 < 3 ? 'seen side by side' : 'seen at a glance' },
      ],
      sources: [ciede2000Source],
    };
  },
});

export const browningIndexCalculator = defineCalculator({
  id: 'browning-index',
  title: 'Browning index of a colour',
  keywords: 'browning brown crust colour maillard index',
  example: { L: 60, a: 10, b: 25 },
  inputs: labFields,
  compute({ L, a, b }) {
    const x = (a + 1.75 * L) / (5.645 * L + a - 3.012 * b);
    const index = browningIndex({ L, a, b });
    return {
      result: { browningIndex: index },
      working: [
        { text: `x = (a + 1.75 L)/(5.645 L + a − 3.012 b)`, value: x },
        { text: 'BI = 100 (x − 0.31)/0.172', value: index },
      ],
      sources: [browningIndexSource],
      warnings: index < 0 ? ['Below 0: bluer than white; the index is made for browns.'] : [],
    };
  },
});

export const q10Calculator = defineCalculator({
  id: 'q10',
  title: 'How much faster at 10 °C more (Q₁₀)',
  keywords: 'rate temperature doubling reaction speed',
  example: { rate1: 1, temperature1C: 120, rate2: 2.5, temperature2C: 130 },
  inputs: {
    rate1: { kind: 'number', unit: '', low: 1e-12, high: 1e12, about: 'rate at the first temperature' },
    temperature1C: { kind: 'number', unit: '°C', low: -40, high: 400, about: 'the first temperature' },
    rate2: { kind: 'number', unit: '', low: 1e-12, high: 1e12, about: 'rate at the second, same unit' },
    temperature2C: { kind: 'number', unit: '°C', low: -40, high: 400, about: 'the second temperature' },
  },
  compute({ rate1, temperature1C, rate2, temperature2C }) {
    const value = q10(rate1, temperature1C, rate2, temperature2C);
    return {
      result: { q10: value },
      working: [
        {
          text: `Q₁₀ = (k₂/k₁)^(10/(T₂ − T₁)) = (${formatNumber(rate2 / rate1, 3)})^(10/${formatNumber(temperature2C - temperature1C, 1)})`,
          value,
        },
      ],
      sources: [kineticsSource],
      warnings:
        Math.abs(temperature2C - temperature1C) > 40
          ? ['Far apart: Q₁₀ itself changes with temperature.']
          : [],
    };
  },
});

export const activationEnergy = defineCalculator({
  id: 'activation-energy',
  title: 'Activation energy from rates',
  keywords: 'arrhenius rate temperature kinetics maillard',
  example: {
    points: [
      { temperatureC: 110, rate: 0.4 },
      { temperatureC: 120, rate: 1 },
      { temperatureC: 130, rate: 2.4 },
    ],
  },
  inputs: {
    points: {
      kind: 'records',
      least: 3,
      fields: {
        temperatureC: { kind: 'number', unit: '°C', low: -40, high: 400, about: 'temperature' },
        rate: { kind: 'number', unit: '', low: 1e-12, high: 1e12, about: 'rate, any unit' },
      },
      about: 'rates at several temperatures',
    },
  },
  compute({ points }) {
    const { kJPerMol, r2 } = fitArrhenius(points);
    return {
      result: { kJPerMol, r2 },
      working: [
        { text: 'ln k = ln A − E/(R T): a straight line of ln k on 1/T' },
        { text: 'slope = −E/R', value: (-kJPerMol * 1000) / 8.31446261815324, unit: 'K' },
        { text: 'E', value: kJPerMol, unit: 'kJ/mol' },
        { text: 'r² of that line', value: r2 },
      ],
      sources: [kineticsSource],
      warnings: [
        ...(points.length < 5 ? ['Few temperatures: the energy is known roughly.'] : []),
        ...(kJPerMol < 0 ? ['Negative: the rates fall as it gets hotter.'] : []),
      ],
    };
  },
});
