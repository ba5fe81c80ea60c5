import { combinedUncertainty, decimalsFor } from '../statistics';
import { defineCalculator } from './definition';

export const uncertainty = defineCalculator({
  id: 'uncertainty',
  title: 'Uncertainty of a reading',
  keywords: 'uncertainty error resolution calibration significant figures gum',
  example: { division: 1, calibration: 0.5, sd: 0.8, repeats: 3 },
  inputs: {
    division: { kind: 'number', unit: '', low: 0, high: 1e6, about: 'smallest division of the instrument' },
    calibration: {
      kind: 'number',
      unit: '',
      low: 0,
      high: 1e6,
      optional: true,
      fallback: 0,
      about: 'uncertainty of its certificate (k = 2)',
    },
    sd: { kind: 'number', unit: '', low: 0, high: 1e6, optional: true, fallback: 0, about: 'SD of repeats' },
    repeats: {
      kind: 'number',
      unit: '',
      low: 1,
      high: 1e6,
      whole: true,
      optional: true,
      fallback: 1,
      about: 'how many',
    },
  },
  compute({ division, calibration, sd, repeats }) {
    const { standard, expanded, effectiveDf, coverageFactor } = combinedUncertainty({
      division,
      calibration,
      sd,
      repeats,
    });
    return {
      result: { standard, expanded, coverageFactor, decimals: decimalsFor(expanded) },
      working: [
        { text: 'resolution: division / (2 √3)', value: division / 2 / Math.sqrt(3) },
        { text: 'calibration / 2', value: calibration / 2 },
        { text: 'repeats: SD / √n', value: sd / Math.sqrt(repeats) },
        { text: 'in quadrature', value: standard },
        ...(Number.isFinite(effectiveDf)
          ? [{ text: 'effective degrees of freedom (Welch and Satterthwaite)', value: effectiveDf }]
          : []),
        { text: 'coverage factor: t for 95 % on those', value: coverageFactor },
        { text: 'standard × coverage factor: 95 %', value: expanded },
      ],
      sources: [{ kind: 'standard', text: 'JCGM 100:2008 (GUM), 4.3.7, 5.1.2, G.4' }],
    };
  },
});
