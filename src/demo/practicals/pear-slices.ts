import { newIngredient, newResponse, newStep, planShape, type Plan } from '../../core/practical';
import { made } from '../../core/shape';

/** Enzymic browning: no heat, no sugar; all readings typed. */
export const pearSlices: Plan = made(planShape, {
  format: 2,
  title: 'Pear slices: what stops the browning?',
  question: 'Which dip keeps cut pear pale for longest: citric acid, ascorbic acid, or both?',
  prediction: 'Ascorbic acid will beat citric acid',
  reason: 'it gives the oxygen something else to react with',
  factors: [
    {
      id: 'dip',
      name: 'dip',
      acts: { on: 'words', scale: 'words' },
      unit: '',
      levels: [
        { id: 'dip-water', value: null, words: 'water only', control: true, open: false },
        { id: 'dip-citric', value: null, words: 'citric acid 1 %', control: false, open: false },
        { id: 'dip-ascorbic', value: null, words: 'ascorbic acid 1 %', control: false, open: false },
        { id: 'dip-both', value: null, words: 'both, ½ % each', control: false, open: false },
      ],
    },
  ],
  leftOut: [],
  responses: [
    newResponse({
      id: 'brown-20',
      name: 'browning at 20 min',
      unit: 'points',
      kind: 'score',
      instrument: 'colour card, 0 white to 10 brown',
      smallestDivision: 1,
    }),
    newResponse({
      id: 'brown-40',
      name: 'browning at 40 min',
      unit: 'points',
      kind: 'score',
      instrument: 'colour card, 0 white to 10 brown',
      smallestDivision: 1,
    }),
    newResponse({
      id: 'mass-lost',
      name: 'mass lost',
      unit: 'g',
      instrument: 'balance',
      smallestDivision: 0.1,
    }),
  ],
  held: [
    { id: 'held-pear', what: 'pear', how: 'one variety, same ripeness, slices from the middle' },
    { id: 'held-slice', what: 'thickness', how: 'slicer set at 5 mm, staff cut' },
    { id: 'held-dip', what: 'time in the dip', how: '30 s by stopwatch' },
    { id: 'held-light', what: 'light', how: 'all tiles on the north bench' },
  ],
  noted: [{ id: 'noted-room', what: 'room temperature', unit: '' }],
  formula: [
    newIngredient({ id: 'pear', name: 'Pear', amount: 1, unit: 'each', job: 'enzyme, phenols' }),
    newIngredient({ id: 'water', name: 'Water', amount: 200, unit: 'ml', job: 'carries the dip' }),
    newIngredient({ id: 'citric', name: 'Citric acid', amount: 2, unit: 'g', job: 'lowers the pH' }),
    newIngredient({
      id: 'ascorbic',
      name: 'Ascorbic acid',
      amount: 2,
      unit: 'g',
      job: 'takes up the oxygen',
    }),
  ],
  steps: [
    newStep({
      id: 'dips',
      text: 'Dissolve the citric acid, the ascorbic acid or both in the water for your dip.',
      when: 'before',
      minutes: 15,
      ends: [{ kind: 'sign', sense: 'look', words: 'clear' }],
      event: 'dips ready',
    }),
    newStep({
      id: 'slice',
      text: 'Slice the pear 5 mm thick, three slices a station, weigh them.',
      minutes: 6,
      hazards: ['knife'],
      event: 'sliced',
    }),
    newStep({
      id: 'dip',
      text: 'Dip for 30 s, let them drip, lay them on the white tile.',
      minutes: 2,
      event: 'dipped',
    }),
    newStep({
      id: 'wait',
      text: 'Leave them in the air. Compare with the card at 20 min.',
      hands: 'waiting',
      minutes: 40,
      lookAt: 20,
      event: '40 min over',
    }),
    newStep({
      id: 'compare',
      text: 'Compare with the card again, weigh the slices.',
      minutes: 6,
      event: 'compared',
    }),
  ],
  thermometers: [],
  roomId: 'room-lab',
  stations: 8,
  order: 'shuffled',
  periodMinutes: 70,
  briefingMinutes: 6,
  clearUpMinutes: 6,
  studentQuestions: [
    'Why does the cut side brown and the skin side not?',
    'Both acids are sour. Why do they not work equally well?',
    'What would happen under cling film, and what would that tell you?',
  ],
  answers: [
    {
      question: 'Why does the cut side brown and the skin side not?',
      answer: 'Cutting opens cells: enzyme, phenols and oxygen meet. Under the skin they stay apart.',
    },
    {
      question: 'Both acids are sour. Why do they not work equally well?',
      answer:
        'Citric acid only takes the enzyme out of its pH; ascorbic acid also turns what was oxidised back, until it is used up.',
    },
    {
      question: 'What would happen under cling film, and what would that tell you?',
      answer: 'It browns more slowly: oxygen is part of the reaction.',
    },
  ],
  dismissed: [],
});
