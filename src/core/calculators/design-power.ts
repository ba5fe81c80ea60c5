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
    const detectable = detectableDifference(sd, replicates, levels, powerPercent / 100);
    return {
      result: { detectable },
      working: [
        { text: 'degrees of freedom = levels × (replicates − 1)', value: levels * (replicates - 1) },
        { text: 'Δ = (t₀.₉₇₅ + t_power) × SD × √(2/n)', value: detectable },
      ],
      sources: [{ kind: 'handbook', text: 'Difference of two means, t approximation; Cohen (1988)' }],
      warnings: replicates < 4 ? ['Few stations a level: only large effects are found.'] : [],
    };
  },
});
