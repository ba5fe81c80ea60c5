import { formatNumber } from '../format';
import { shrinkToScarcest } from '../short';
import { stopAt } from '../weighing';
import { defineCalculator } from './definition';

const practice = { kind: 'common-practice', text: 'Weighing without setting the display to zero' } as const;

export const stopAtCalculator = defineCalculator({
  id: 'stop-at',
  title: 'The number to stop at on a balance',
  keywords: 'weigh tare zero display scale running total',
  example: { displayG: 2, wantedG: 225 },
  inputs: {
    displayG: {
      kind: 'number',
      unit: 'g',
      low: -100_000,
      high: 100_000,
      about: 'what the display shows now',
    },
    wantedG: { kind: 'number', unit: 'g', low: 0, high: 100_000, about: 'what is to go in' },
  },
  compute({ displayG, wantedG }) {
    const stopAtG = stopAt(displayG, wantedG);
    return {
      result: { stopAtG },
      working: [
        {
          text: `${formatNumber(displayG)} g shown + ${formatNumber(wantedG)} g wanted`,
          value: stopAtG,
          unit: 'g',
        },
      ],
      sources: [practice],
    };
  },
});

export const shrinkToScarcestCalculator = defineCalculator({
  id: 'shrink-to-scarcest',
  title: 'A smaller batch by what is scarcest',
  keywords: 'ran short not enough shrink scale down ratio batch',
  example: {
    lines: [
      { name: 'sugar', wantedG: 200, haveG: 168 },
      { name: 'flour', wantedG: 400, haveG: 500 },
    ],
  },
  inputs: {
    lines: {
      kind: 'records',
      least: 1,
      fields: {
        name: { kind: 'text', most: 80, example: 'sugar', about: 'the ingredient' },
        wantedG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'what the batch wants' },
        haveG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'what is there' },
      },
      about: 'the batch; at least one line wants something',
    },
  },
  compute({ lines }) {
    const { factor, scarcest } = shrinkToScarcest(lines);
    return {
      result: { factor, scarcest },
      working: [
        ...lines
          .filter(({ wantedG }) => wantedG > 0)
          .map(({ name, wantedG, haveG }) => ({
            text: `${name}: ${formatNumber(haveG)} g there / ${formatNumber(wantedG)} g wanted`,
            value: haveG / wantedG,
          })),
        { text: 'the least of these, at most 1: every line times this keeps all ratios', value: factor },
      ],
      sources: [{ kind: 'common-practice', text: 'A batch is scaled as a whole, so that its ratios stay' }],
    };
  },
});
