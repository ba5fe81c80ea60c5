import { formatNumber } from '../format';
import { weighingTolerance } from '../formula';
import { defineCalculator } from './definition';

export const weighingToleranceCalculator = defineCalculator({
  id: 'weighing-tolerance',
  title: 'Does a slip in weighing matter?',
  keywords: 'weigh tolerance deviation error balance gram too much',
  example: { ingredient: 'bicarbonate of soda', wantedG: 4, weighedG: 5 },
  inputs: {
    ingredient: { kind: 'text', most: 80, example: 'flour', about: 'what was weighed' },
    wantedG: { kind: 'number', unit: 'g', low: 0.01, high: 1e6, about: 'as the formula says' },
    weighedG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'as it was weighed' },
  },
  compute({ ingredient, wantedG, weighedG }) {
    const { percent, rank } = weighingTolerance(ingredient, wantedG, weighedG);
    const say = { fine: 'accepted', note: 'note it as a deviation', check: 'weigh it again' }[rank];
    return {
      result: { deviationPercent: percent, verdict: say },
      working: [
        {
          text: `deviation = 100 (${formatNumber(weighedG)} − ${formatNumber(wantedG)})/${formatNumber(wantedG)}`,
          value: percent,
          unit: '%',
        },
      ],
      sources: [
        {
          kind: 'common-practice',
          text: '±1 g in 125 g is accepted; of leavening, gelling agents, salt and acid ±5 %',
        },
      ],
    };
  },
});
