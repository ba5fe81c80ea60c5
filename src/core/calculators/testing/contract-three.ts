import { growth, plantGrowth } from '../../statistics/testing/groups';
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
  // By hand: 4.59 kJ/K × 79.974 K at 1600 W, opening of 0.17205 m across, 0.2790 W/K lost: 231.0 s.
  // P4: the display at 2, 225 g wanted: stop at 227.
  'stop-at': {
    inputs: { displayG: 2, wantedG: 225 },
    keys: ['stopAtG'],
    check: [['stopAtG', 227, 12]],
  },
  // By hand: 168/200 = 0.84, flour is not scarce.
  'shrink-to-scarcest': {
    inputs: {
      lines: [
        { name: 'sugar', wantedG: 200, haveG: 168 },
        { name: 'flour', wantedG: 400, haveG: 500 },
      ],
    },
    keys: ['factor', 'scarcest'],
    check: [['factor', 0.84, 12]],
  },
  'time-to-boil': {
    inputs: { waterG: 1000, startC: 20, powerW: 2000, lid: true },
    keys: ['minutes', 'low', 'high'],
    check: [['minutes', 3.851, 2]],
  },
  // practice.md P10: four eggs of 60 g at 5 °C into 1 L of boiling water take 84 kJ; 17 °C less; 70 s at 1.2 kW.
  'cold-into-hot': {
    inputs: { hotG: 1000, hotC: 100, coldG: 240, coldC: 5, powerW: 1200 },
    keys: ['mixedC', 'recoverMinutes', 'dropC', 'heatKJ', 'pourGPerMinute'],
    check: [
      ['mixedC', 83, 0],
      ['recoverMinutes', 70 / 60, 1],
      ['heatKJ', 84, 0],
    ],
  },
  // Two rounds of two trays, 24 min each, after 5 of briefing and 10 of heating up together with 8 of mixing.
  timetable: {
    inputs: {
      ...{ stations: 4, periodMinutes: 80, briefingMinutes: 5, clearUpMinutes: 10 },
      steps: [
        { id: 'mix', minutes: 8, hands: 'hands-on' },
        {
          ...{ id: 'bake', minutes: 24, hands: 'waiting', after: [{ id: 'mix' }] },
          needs: [{ resource: 'oven', count: 1, celsius: 180 }],
        },
      ],
      resources: [{ id: 'oven', count: 2, kind: 'oven', preheatMinutes: 10 }],
    },
    keys: ['feasible', 'endsMinute', 'lowerBoundMinute', 'starts', 'binding'],
    check: [
      ['endsMinute', 61, 6],
      ['lowerBoundMinute', 61, 6],
    ],
  },
  // US FDA Food Code 3-401.11 against 3-403.11: cold roast beef may be food that is heated again.
  'plausible-food': {
    inputs: { food: 'cold roast beef' },
    keys: ['animal', 'form', 'state', 'unread', 'strictest'],
    check: [],
  },
  // R, oneway.test(weight ~ group, PlantGrowth): F = 5.181, num df = 2, denom df = 17.128, p = 0.01739 (from memory).
  'welch-anova': {
    inputs: { groups: plantGrowth },
    keys: ['f', 'dfBetween', 'dfWithin', 'p'],
    check: [
      ['f', 5.181, 3],
      ['dfWithin', 17.128, 3],
      ['p', 0.01739, 5],
    ],
  },
  'games-howell': { inputs: { groups: plantGrowth }, keys: ['pairs'], check: [] },
  // By hand: x 1 2 3 4, y 0 1 1 4; slope 1.2, pulls 0.7 0.3 0.3 0.7, residuals 0.3 0.1 −1.1 0.7.
  'robust-trend': {
    inputs: { x: [1, 2, 3, 4], y: [0, 1, 1, 4] },
    keys: ['slope', 'low', 'high', 'p', 'stationsAtEnds'],
    check: [
      ['slope', 1.2, 9],
      [
        'high',
        1.2 + 4.302653 * Math.sqrt((1.5 ** 2 + (0.05 / 0.7) ** 2 + (0.55 / 0.7) ** 2 + 3.5 ** 2) / 25),
        4,
      ],
      ['stationsAtEnds', 2, 9],
    ],
  },
  // Kutner and others, Applied Linear Statistical Models, table 23.1 (growth of children): SSE 1.3000 on 8, both factors
  // 1.3754; so F of the interaction 0.0377 / 0.1625 = 0.23.
  'two-way-unbalanced': {
    inputs: { rows: growth },
    keys: ['a', 'b', 'interaction', 'dfError', 'emptyCells'],
    check: [
      ['dfError', 8, 9],
      ['emptyCells', 0, 9],
    ],
  },
};
