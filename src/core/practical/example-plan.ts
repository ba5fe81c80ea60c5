import { newIngredient, newResponse, newStep } from './new-parts';
import { made } from '../shape';
import { planShape, type Plan } from './plan';

/** A complete practical to start from or to look at: honeycomb at four final temperatures. */
export const examplePlan: Plan = made(planShape, {
  format: 2,
  title: 'Honeycomb: how hot is brittle?',
  question: 'Does honeycomb snap more cleanly when the syrup is cooked hotter?',
  prediction: 'A harder snap up to about 150 °C',
  reason: 'less water is left to soften the glass',
  factors: [
    {
      id: 'temperature',
      name: 'final temperature',
      acts: { on: 'end-temperature', stepId: 'boil' },
      unit: '',
      levels: [
        { id: 'level-140', value: 140, words: '', control: false, open: false },
        { id: 'level-145', value: 145, words: '', control: false, open: false },
        { id: 'level-150', value: 150, words: '', control: true, open: false },
        { id: 'level-155', value: 155, words: '', control: false, open: false },
      ],
    },
  ],
  leftOut: [],
  responses: [
    newResponse({
      id: 'snap',
      name: 'snap force',
      unit: 'N',
      instrument: 'spring balance pulled at the middle',
      smallestDivision: 0.1,
    }),
    newResponse({
      id: 'bubble',
      name: 'bubble size',
      unit: 'mm',
      instrument: 'ruler, mean of five bubbles',
      smallestDivision: 0.1,
    }),
    newResponse({
      id: 'colour',
      name: 'colour',
      unit: 'points',
      kind: 'score',
      instrument: 'colour card, 1 pale to 10 burnt',
      smallestDivision: 1,
    }),
  ],
  held: [
    { id: 'held-sugar', what: 'amounts', how: 'one balance, staff weigh the soda' },
    { id: 'held-pan', what: 'pan', how: 'the 16 cm pans only' },
    { id: 'held-heat', what: 'heat', how: 'hob mark 6, no stirring once it boils' },
    { id: 'held-pour', what: 'pouring', how: 'at once, lined 20 cm tin' },
  ],
  noted: [
    { id: 'noted-hob', what: 'which hob', unit: '' },
    { id: 'noted-window', what: 'distance from the window', unit: '' },
  ],
  formula: [
    newIngredient({ id: 'sugar', name: 'Caster sugar', amount: 100, unit: 'g', job: 'glass, sweetness' }),
    newIngredient({ id: 'syrup', name: 'Golden syrup', amount: 40, unit: 'g', job: 'keeps crystals away' }),
    newIngredient({
      id: 'water',
      name: 'Water',
      amount: 80,
      unit: 'ml',
      job: 'dissolves the sugar, then boils off',
    }),
    newIngredient({ id: 'soda', name: 'Bicarbonate of soda', amount: 5, unit: 'g', job: 'gas' }),
  ],
  steps: [
    newStep({
      id: 'weigh',
      text: 'Weigh sugar, golden syrup and water into the pan. Have the soda ready in a dry dish.',
      minutes: 5,
      wrong: 'A dish that is not dry: the soda is used up before it is tipped in; weigh it anew.',
      event: 'weighed in',
    }),
    newStep({
      id: 'boil',
      text: 'Heat without stirring. Read at eye level, bulb off the bottom.',
      hands: 'waiting',
      minutes: 20,
      lookAt: 14,
      ends: [{ kind: 'temperature', celsius: null, basis: 'sea-level' }],
      thermometerId: 'in-the-syrup',
      hazards: ['hot-sugar'],
      change: 'physical',
      why: 'water leaves, and the stronger the syrup the hotter it boils; it darkens only towards the end',
      wrong:
        'Grains on the side: brush them down with water. Past the level: write down the highest reading and go on.',
      event: 'off the heat',
    }),
    newStep({
      id: 'soda-in',
      text: 'Tip in all the soda and stir for 5 s.',
      minutes: 1,
      ends: [{ kind: 'sign', sense: 'look', words: 'an even foam, no white specks' }],
      hazards: ['hot-sugar'],
      change: 'chemical',
      why: 'heat splits bicarbonate into carbonate, water and carbon dioxide, and the thick syrup holds the gas',
      wrong:
        'White specks stay: it was stirred too little; write it down. It falls: it was stirred too long.',
      event: 'soda in',
    }),
    newStep({
      id: 'cool',
      text: 'Pour the foaming syrup into the lined tin. Leave it until cold; do not knock it.',
      hands: 'waiting',
      minutes: 15,
      lookAt: 12,
      hazards: ['hot-sugar'],
      change: 'physical',
      why: 'cooled without crystals the syrup is a glass: the less water in it, the harder',
      event: 'cold',
    }),
    newStep({
      id: 'test',
      text: 'Snap a strip over the edge, measure five bubbles, hold it against the colour card.',
      minutes: 8,
      event: 'tested',
    }),
  ],
  thermometers: [{ id: 'in-the-syrup', in: 'syrup', smallestDivisionC: 1 }],
  roomId: null,
  stations: 12,
  order: 'shuffled',
  periodMinutes: 70,
  briefingMinutes: 8,
  clearUpMinutes: 8,
  studentQuestions: [
    'Why does the temperature stand still for so long and then climb?',
    'Where do the bubbles come from, and why do they not escape?',
    'What would you change to find the best temperature more closely?',
  ],
  answers: [
    {
      question: 'Why does the temperature stand still for so long and then climb?',
      answer:
        'While there is much water, the heat boils it off and the boiling point hardly moves. As the syrup grows stronger it boils hotter, slowly at first, then fast.',
    },
    {
      question: 'Where do the bubbles come from, and why do they not escape?',
      answer:
        'Hot bicarbonate splits into carbonate, water and carbon dioxide. The syrup is so thick that the gas stays, and cooled it is a glass.',
    },
    {
      question: 'What would you change to find the best temperature more closely?',
      answer:
        'More stations, at levels closer together round the best one, and a thermometer with finer divisions.',
    },
  ],
  dismissed: [],
});
