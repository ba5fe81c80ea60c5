import type { Agreed } from './contract-one';

/** The second part of the contract, as far as it is built: each with a value worked out by hand. */
export const contractThree: Record<string, Agreed> = {
  // practice.md P2: 590 g in 9 pieces is 65 g, 5 g are left.
  portions: {
    inputs: { batchG: 590, pieces: 9 },
    keys: ['pieces', 'pieceG', 'leftG'],
    check: [
      ['pieceG', 65, 6],
      ['leftG', 5, 6],
    ],
  },
  // 500 / 800 is 62.5 %; twice that runs over.
  fill: {
    inputs: { batchMl: 500, vesselMl: 800, rise: 2 },
    keys: ['fillPercent', 'runsOver'],
    check: [['fillPercent', 62.5, 6]],
  },
  // A gram of soda with acid to spare: 44.009 / 84.007 g of gas.
  'leavening-sum': {
    inputs: {
      lines: [
        { name: 'bicarbonate of soda', massG: 1 },
        { name: 'cream of tartar', massG: 5 },
      ],
    },
    keys: [
      'carbonDioxideG',
      'volumeL',
      'bicarbonateLeftG',
      'acidLeft',
      'acidSpareG',
      'limiting',
      'direction',
    ],
    check: [
      ['carbonDioxideG', 0.52387, 4],
      ['bicarbonateLeftG', 0, 6],
    ],
  },
  'dose-check': {
    inputs: {
      lines: [
        { name: 'plain flour', massG: 250 },
        { name: 'salt', massG: 9 },
      ],
    },
    keys: ['remarks'],
    check: [],
  },
  'read-recipe': {
    inputs: { text: 'Rounds\n250 g flour\n2 × 400 g tins tomatoes\n\nMix. Bake for 10 min at 200 °C.' },
    keys: ['title', 'cup', 'formula', 'steps', 'contradictions', 'notUnderstood'],
    check: [],
  },
};
