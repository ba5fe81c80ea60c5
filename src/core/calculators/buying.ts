import { cheapestPacks } from '../formula';
import { formatNumber } from '../format';
import { defineCalculator } from './definition';

export const buyPacks = defineCalculator({
  id: 'buy-packs',
  title: 'Which packs to buy',
  keywords: 'order shop pack bag price cost cheapest sachet',
  example: {
    neededG: 1300,
    packs: [
      { sizeG: 500, price: 0.8 },
      { sizeG: 1000, price: 1.4 },
    ],
  },
  inputs: {
    neededG: { kind: 'number', unit: 'g', low: 0.1, high: 1e6, about: 'how much is needed' },
    packs: {
      kind: 'records',
      least: 1,
      fields: {
        sizeG: { kind: 'number', unit: 'g', low: 0.1, high: 1e6, about: 'mass of a pack' },
        price: { kind: 'number', unit: '', low: 0, high: 1e6, about: 'its price' },
      },
      about: 'packs the shop sells, one to six sizes',
    },
  },
  compute({ neededG, packs }) {
    const { packs: bought, boughtG, leftG, cost } = cheapestPacks(neededG, packs);
    return {
      result: { packs: bought.map((one) => ({ ...one })), boughtG, leftG, cost },
      working: [
        ...bought.map(({ sizeG, count }) => ({
          text: `${count} × ${formatNumber(sizeG)} g`,
          value: count * sizeG,
          unit: 'g',
        })),
        { text: 'left over', value: leftG, unit: 'g' },
        { text: 'cost, the least there is', value: cost },
      ],
      sources: [{ kind: 'common-practice', text: 'Every count of the larger packs is tried' }],
    };
  },
});
