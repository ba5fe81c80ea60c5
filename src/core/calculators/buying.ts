import { formatNumber } from '../format';
import { cheapestPacks } from '../order';
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
        price: { kind: 'number', unit: '', low: 0.01, high: 1e6, about: 'its price' },
      },
      about: 'packs the shop sells, one to a hundred sizes',
    },
  },
  compute({ neededG, packs }) {
    const { packs: bought, boughtG, leftG, cost } = cheapestPacks(neededG, packs);
    return {
      result: {
        ...{ packs: bought.map(({ pack, count }) => ({ sizeG: pack.sizeG, count })), boughtG, leftG, cost },
      },
      working: [
        ...bought.map(({ pack: { sizeG }, count }) => ({
          text: `${count} × ${formatNumber(sizeG)} g`,
          value: count * sizeG,
          unit: 'g',
        })),
        { text: 'left over', value: leftG, unit: 'g' },
        ...(cost === null ? [] : [{ text: 'cost, the least there is', value: cost }]),
      ],
      sources: [
        {
          kind: 'common-practice',
          text: 'Every total is worked out from the smaller ones: the cheapest there is, of equals the least left over',
        },
      ],
    };
  },
});
