import { RefusedValue } from '../bounds';
import {
  discrimination,
  discriminationTests,
  pairedPreference,
  servingOrders,
  threeDigitCodes,
  triangleSource,
  type DiscriminationTest,
} from '../sensory';
import { wilsonInterval } from '../statistics';
import { defineCalculator } from './definition';

const trialsInput = {
  kind: 'number',
  unit: '',
  low: 1,
  high: 1000,
  whole: true,
  about: 'assessors',
} as const;

export const triangleTest = defineCalculator({
  id: 'triangle-test',
  title: 'Triangle test: can they tell the odd one out?',
  keywords: 'sensory taste odd one out panel difference discrimination',
  example: { correct: 9, trials: 18 },
  inputs: {
    correct: { kind: 'number', unit: '', low: 0, high: 1000, whole: true, about: 'right answers' },
    trials: trialsInput,
  },
  compute({ correct, trials }) {
    const { p, minimumCorrect } = discrimination('triangle', correct, trials);
    return {
      result: { p, minimumCorrect },
      working: [
        { text: 'guessing is right one time in three' },
        { text: `P(${correct} or more of ${trials} by guessing)`, value: p },
        minimumCorrect === null
          ? { text: 'so few that even all right would not do' }
          : { text: 'right answers needed for 5 %', value: minimumCorrect },
      ],
      sources: [triangleSource],
      warnings: trials < 18 ? ['Few assessors: only large differences are found.'] : [],
    };
  },
});

export const pairedPreferenceCalculator = defineCalculator({
  id: 'paired-preference',
  title: 'Paired preference: is one liked better?',
  keywords: 'sensory taste prefer preference paired comparison panel',
  example: { preferA: 15, trials: 20 },
  inputs: {
    preferA: { kind: 'number', unit: '', low: 0, high: 1000, whole: true, about: 'who prefer A' },
    trials: trialsInput,
  },
  compute({ preferA, trials }) {
    const p = pairedPreference(preferA, trials);
    const [low, high] = wilsonInterval(preferA, trials);
    return {
      result: { p, sharePercent: (100 * preferA) / trials, lowPercent: 100 * low, highPercent: 100 * high },
      working: [
        { text: 'without a preference each is chosen one time in two' },
        { text: `P(as uneven as ${preferA} of ${trials}, either way)`, value: p },
        { text: 'who prefer A', value: (100 * preferA) / trials, unit: '%' },
        { text: '95 % interval of that (Wilson), from', value: 100 * low, unit: '%' },
        { text: 'to', value: 100 * high, unit: '%' },
      ],
      sources: [{ kind: 'standard', text: 'ISO 5495:2005, paired comparison, two-sided: exact binomial' }],
    };
  },
});

export const discriminationTest = defineCalculator({
  id: 'discrimination-test',
  title: 'Can assessors tell samples apart?',
  keywords: 'sensory duo trio paired comparison triangle difference taste',
  example: { test: 'duo-trio', correct: 15, trials: 20 },
  inputs: {
    test: { kind: 'choice', options: Object.keys(discriminationTests), about: 'which' },
    correct: { kind: 'number', unit: '', low: 0, high: 1000, whole: true, about: 'right answers' },
    trials: { kind: 'number', unit: '', low: 1, high: 1000, whole: true, about: 'assessors' },
  },
  compute({ test, correct, trials }) {
    if (correct > trials) throw new RefusedValue('correct', correct, `a whole number from 0 to ${trials}`);
    const { chance, standard } = discriminationTests[test as DiscriminationTest];
    const { p, minimumCorrect } = discrimination(test as DiscriminationTest, correct, trials);
    return {
      result: { p, minimumCorrect },
      working: [
        { text: 'right by guessing', value: 100 * chance, unit: '%' },
        { text: `P(${correct} or more of ${trials} by guessing)`, value: p },
      ],
      sources: [{ kind: 'standard', text: `${standard}: exact binomial, one-sided` }],
    };
  },
});

export const servingOrder = defineCalculator({
  id: 'serving-orders',
  title: 'In what order each assessor tastes, and under what codes',
  keywords: 'sensory serving order balanced latin square codes three digit panel',
  example: { samples: 4, assessors: 8, seed: 1 },
  inputs: {
    samples: { kind: 'number', unit: '', low: 2, high: 12, whole: true, about: 'samples' },
    assessors: { kind: 'number', unit: '', low: 1, high: 100, whole: true, about: 'assessors' },
    seed: {
      kind: 'number',
      unit: '',
      low: 0,
      high: 4_294_967_295,
      whole: true,
      optional: true,
      fallback: 1,
      about: 'the same seed gives the same orders',
    },
  },
  compute({ samples, assessors, seed }) {
    const codes = threeDigitCodes(samples, seed);
    const orders = servingOrders(samples, assessors, seed);
    return {
      result: {
        codes: codes.map((code, i) => ({ sample: String.fromCharCode(65 + i), code })),
        orders: orders.map((order, i) => ({
          assessor: i + 1,
          order: order.map((sample) => codes[sample]!).join(' '),
        })),
      },
      working: [
        { text: 'Williams’s squares: every sample as often in every place, and after every other' },
        { text: 'assessors for a full round', value: samples % 2 === 0 ? samples : 2 * samples },
      ],
      sources: [
        {
          kind: 'paper',
          text: 'Williams, Aust. J. Sci. Res. A 2 (1949) 149; three-digit codes as ISO 6658 asks',
        },
      ],
      warnings:
        assessors % (samples % 2 === 0 ? samples : 2 * samples) === 0
          ? []
          : ['Not a full round: nearly balanced.'],
    };
  },
});
