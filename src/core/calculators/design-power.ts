import { detectableDifference } from '../design';
import { defineCalculator } from './definition';

export const designPower = defineCalculator({
  id: 'design-power',
  title: 'How large an effect a class could show',
  keywords: 'power replicates stations detect difference sample size design',
  example: { sd: 0.3, replicates: 3, levels: 4 },
  inputs: {
    sd: { kind: 'number', unit: '', low: 0, high: 1e9, about: 'spread between stations of one level' },
    replicates: { kind: 'number', unit: '', low: 2, high: 1000, whole: true, about: 'stations a level' },
    levels: { kind: 'number', unit: '', low: 2, high: 100, whole: true, about: 'levels' },
    powerPercent: {
      kind: 'number',
      unit: '%',
      low: 50,
      high: 99,
      optional: true,
      fallback: 80,
      about: 'of all classes that would find it',
    },
  },
  compute({ sd, replicates, levels, powerPercent }) {
    const power = powerPercent / 100;
    const detectable = detectableDifference(sd, replicates, levels, power);
    const detectableAnyPair = detectableDifference(sd, replicates, levels, power, 'all-pairs');
    return {
      result: { detectable, detectableAnyPair },
      working: [
        { text: 'degrees of freedom = levels × (replicates − 1)', value: levels * (replicates - 1) },
        {
          text: 'one pair of levels, chosen before: Δ for which the noncentral t exceeds t₀.₉₇₅',
          value: detectable,
        },
        {
          text: 'any pair, all of them counted together (Tukey): q / √2 in place of t',
          value: detectableAnyPair,
        },
      ],
      sources: [
        {
          kind: 'handbook',
          text: 'Power of the difference of two means by the noncentral t distribution; Cohen (1988)',
        },
      ],
      warnings: replicates < 4 ? ['Few stations a level: only large effects are found.'] : [],
    };
  },
});
