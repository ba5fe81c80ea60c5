import { newIngredient, newResponse, newStep, planShape, type Plan } from '../../core/practical';
import { made } from '../../core/shape';

/** Leavening: bicarbonate dose against height and colour. */
export const sodaScones: Plan = made(planShape, {
  format: 2,
  title: 'Soda scones: higher, or only browner?',
  question: 'Does more bicarbonate make a scone rise higher, or only browner?',
  prediction: 'Higher up to about 1.5 %, then only browner and soapy',
  reason: 'the buttermilk’s acid is used up',
  factors: [
    {
      id: 'soda-dose',
      name: 'bicarbonate',
      acts: { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'flour' },
      unit: '',
      levels: [
        { id: 'soda-0', value: 0, words: '', control: false, open: false },
        { id: 'soda-1', value: 1, words: '', control: true, open: false },
        { id: 'soda-2', value: 2, words: '', control: false, open: false },
        { id: 'soda-4', value: 4, words: '', control: false, open: false },
      ],
    },
  ],
  leftOut: [],
  responses: [
    newResponse({
      id: 'height',
      name: 'height',
      unit: 'mm',
      instrument: 'ruler on a skewer',
      smallestDivision: 1,
      repeatSd: 2,
    }),
    newResponse({
      id: 'crust',
      name: 'crust colour',
      unit: 'points',
      kind: 'score',
      instrument: 'colour card, 1 pale to 10 dark',
      smallestDivision: 1,
    }),
    newResponse({
      id: 'cut',
      name: 'photo of the cut face',
      kind: 'photo',
      instrument: 'from 20 cm, ruler beside it, by the window',
    }),
  ],
  held: [
    { id: 'held-flour', what: 'flour and buttermilk', how: 'one bag, one carton, balance 1 g' },
    { id: 'held-cut', what: 'size', how: '5 cm cutter, dough rolled 20 mm between strips' },
    { id: 'held-oven', what: 'shelf', how: '' },
  ],
  noted: [{ id: 'noted-fan', what: 'which side of the oven', unit: '' }],
  formula: [
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 200, unit: 'g', job: 'structure' }),
    newIngredient({
      id: 'buttermilk',
      name: 'Buttermilk',
      amount: 150,
      unit: 'ml',
      job: 'leavening acid, water',
    }),
    newIngredient({ id: 'butter', name: 'Butter', amount: 40, unit: 'g', job: 'tenderiser' }),
    newIngredient({
      id: 'soda',
      name: 'Bicarbonate of soda',
      amount: 2,
      unit: 'g',
      by: 'staff',
      job: 'leavening base',
    }),
    newIngredient({ id: 'salt', name: 'Salt', amount: 2, unit: 'g', job: 'flavour' }),
  ],
  steps: [
    newStep({
      id: 'preheat',
      text: 'Set the oven to 200 °C fan.',
      hands: 'waiting',
      when: 'before',
      minutes: 20,
      hazards: ['hot-dish'],
      event: 'oven hot',
    }),
    newStep({
      id: 'rub',
      text: 'Rub the butter into flour, soda and salt. Stir in the buttermilk with a knife.',
      minutes: 8,
      ends: [{ kind: 'sign', sense: 'look', words: 'a soft, rough dough' }],
      hazards: ['knife', 'raw-flour'],
      event: 'mixed',
    }),
    newStep({
      id: 'roll',
      text: 'Roll to 20 mm between the strips, cut four rounds.',
      minutes: 5,
      event: 'in the oven',
    }),
    newStep({
      id: 'bake',
      text: 'Bake 12 min on the middle shelf.',
      hands: 'waiting',
      minutes: 12,
      lookAt: 10,
      ends: [{ kind: 'sign', sense: 'look', words: 'risen, dry sides' }],
      hazards: ['hot-dish'],
      event: 'out of the oven',
    }),
    newStep({
      id: 'cool',
      text: 'Cool on the rack, then measure height and colour.',
      minutes: 12,
      event: 'measured',
    }),
  ],
  thermometers: [],
  roomId: 'room-kitchen',
  stations: 8,
  order: 'shuffled',
  periodMinutes: 70,
  briefingMinutes: 8,
  clearUpMinutes: 10,
  studentQuestions: [
    'Where does the gas come from?',
    'What is the brown, and why does soda make more of it?',
  ],
  answers: [
    {
      question: 'Where does the gas come from?',
      answer:
        'From the bicarbonate: with the acid of the buttermilk it gives carbon dioxide, water and a salt; soda that finds no acid gives half as much by heat alone.',
    },
    {
      question: 'What is the brown, and why does soda make more of it?',
      answer:
        'Maillard products of milk sugar and protein. Soda that found no acid makes the dough alkaline, and there they form faster.',
    },
  ],
  dismissed: [],
});
