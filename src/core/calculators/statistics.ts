import { divisionSeen } from '../inference';
import { describeSample, fitLine } from '../statistics';
import { defineCalculator } from './definition';

export const describeCalculator = defineCalculator({
  id: 'describe',
  title: 'Mean, spread and interval of a sample',
  keywords: 'mean average standard deviation median quartile interval repeats',
  example: { values: [2.1, 2.5, 1.9] },
  inputs: { values: { kind: 'numbers', least: 2, about: 'the repeats' } },
  compute({ values }) {
    const { n, mean, sd, sem, ci95: byStudent, median, q1, q3 } = describeSample(values);
    // Repeats that read the same were rounded to the same: the truth may lie half a division to either side.
    const division = divisionSeen(values);
    const ci95 = sd > 0 ? byStudent : [mean - division / 2, mean + division / 2];
    return {
      result: { n, mean, sd, sem, ci95, median, q1, q3 },
      working: [
        { text: 'mean = Σx / n', value: mean },
        { text: 'SD = √(Σ(x − mean)² / (n − 1))', value: sd },
        { text: 'SEM = SD / √n', value: sem },
        sd > 0
          ? { text: 'interval = mean ± t(n − 1) × SEM, half of it', value: ci95[1]! - mean }
          : { text: 'all read the same: interval = mean ± half the last digit', value: division / 2 },
      ],
      sources: [{ kind: 'handbook', text: 'Student’s t; quartiles by Hyndman and Fan (1996), type 7' }],
      warnings: [
        ...(sd === 0
          ? ['Equal readings are not equal things: the instrument tells no finer than its last digit.']
          : []),
        ...(n < 5 ? ['Few values: the interval leans on the assumption that they scatter normally.'] : []),
      ],
    };
  },
});

export const linearFit = defineCalculator({
  id: 'linear-fit',
  title: 'Straight line through points',
  keywords: 'regression slope line trend least squares',
  example: { x: [140, 145, 150, 155], y: [1.4, 3.2, 4, 4.4] },
  inputs: {
    x: { kind: 'numbers', least: 3, about: 'the factor' },
    y: { kind: 'numbers', least: 3, about: 'the response, as many' },
  },
  compute({ x, y }) {
    const { slope, intercept, r2, slopeSe, interceptSe, residualSd } = fitLine(x, y);
    return {
      result: { slope, intercept, r2, slopeSe, interceptSe, residualSd },
      working: [
        { text: 'y = intercept + slope × x, least squares' },
        { text: 'slope = Σ(x − x̄)(y − ȳ) / Σ(x − x̄)²', value: slope },
        { text: 'intercept = ȳ − slope × x̄', value: intercept },
        { text: 'residual SD on n − 2 degrees of freedom', value: residualSd },
      ],
      sources: [{ kind: 'handbook', text: 'Ordinary least squares; checked against NIST StRD, Norris' }],
      warnings: x.length < 5 ? ['Few points: a line always looks better than it is.'] : [],
    };
  },
});
