import { expect } from 'vitest';
import { examplePlan } from '../../practical';

export interface Said {
  rank: 'stop' | 'check' | 'note';
  at: object;
  what: string;
  lines: string[];
  label?: string;
  /** What the plan is like once the remedy was taken. */
  mended?: object;
}

/** Every remark as it stands in the margin: how urgent, where, in which words, on what working, with which help. */
export const said: Record<string, Said> = {
  'question-missing': {
    rank: 'check',
    at: { section: 'question' },
    what: 'No question yet',
    lines: ['question = what changes + what is measured'],
    label: 'ask it from the fair test',
    mended: { question: 'What does final temperature do to snap force?' },
  },
  'prediction-missing': {
    rank: 'note',
    at: { section: 'question' },
    what: 'No prediction yet',
    lines: ['Results sets the prediction beside the outcome.'],
  },
  'reason-missing': {
    rank: 'note',
    at: { section: 'question' },
    what: 'The prediction has no reason',
    lines: ['prediction + because + what is known'],
  },
  'levels-too-few': {
    rank: 'check',
    at: { section: 'fair-test' },
    what: 'Only one level',
    lines: ['levels 1'],
  },
  'control-missing': {
    rank: 'check',
    at: { section: 'fair-test' },
    what: 'No level is the control',
    lines: ['levels 4', 'marked as control 0'],
    label: 'make 140 °C the control',
    mended: {
      factors: [{ levels: [{ control: true }, { control: false }, { control: false }, { control: false }] }],
    },
  },
  'level-burnt': {
    rank: 'stop',
    at: { section: 'fair-test' },
    what: '195 °C is burnt sugar',
    // Common practice: smoke and bitterness from about 190 °C.
    lines: ['burnt from about 190 °C'],
    label: 'take it out',
    mended: { factors: [{ levels: [{ value: 140 }, { value: 145 }, { value: 150 }, { value: 155 }] }] },
  },
  'stations-over-room': {
    rank: 'check',
    at: { section: 'fair-test' },
    what: '13 stations, but Kitchen 1 has 12',
    lines: ['planned 13', 'in Kitchen 1 12'],
    label: 'use 12',
    mended: { stations: 12 },
  },
  'order-as-listed': {
    rank: 'check',
    at: { section: 'fair-test' },
    what: 'Levels go along the bench in order',
    lines: ['order = as listed', 'shuffled: stations drawn by lot, the seed kept with the run'],
    label: 'shuffle them',
    mended: { order: 'shuffled' },
  },
  'response-missing': {
    rank: 'check',
    at: { section: 'fair-test' },
    what: 'Nothing is measured yet',
    lines: ['responses 0'],
  },
  'response-without-unit': {
    rank: 'check',
    at: { section: 'fair-test', item: 'bubble' },
    what: '“bubble size” has no unit',
    lines: ['response: bubble size', 'unit: empty'],
    label: 'measure it in mm',
    mended: { responses: [{ unit: 'N' }, { unit: 'mm' }, { unit: 'points' }] },
  },
  'words-missing': {
    rank: 'check',
    at: { section: 'fair-test', item: 'colour' },
    what: 'Which words, in which order, for “colour”?',
    lines: ['words so far 1'],
  },
  'window-never': {
    rank: 'check',
    at: { section: 'method', item: 'test' },
    what: 'The time to taste ends before it begins',
    lines: ['from 12 min', 'until 4 min', 'step ends at 20 min'],
    label: 'from 4 until 12 min',
  },
  'thermometer-missing': {
    rank: 'check',
    at: { section: 'method', item: 'boil' },
    what: 'Ends at a temperature, but no thermometer is planned',
    lines: ['thermometer: none'],
    label: 'plan a thermometer in the food',
    mended: { thermometers: [{ in: 'food', smallestDivisionC: 1 }] },
  },
  'syrup-not-in-formula': {
    rank: 'check',
    at: { section: 'fair-test', item: 'in-the-syrup' },
    what: 'No syrup boils in this formula',
    lines: ['a syrup needs an amount of sugar and an amount of water in the formula'],
    label: 'the thermometer is in food',
    mended: { thermometers: [{ in: 'food', smallestDivisionC: 1 }] },
  },
  'syrup-not-followed': {
    rank: 'check',
    at: { section: 'fair-test', item: 'in-the-syrup' },
    what: '155 °C is a stage of boiling syrup',
    // 99.97 − 96.
    lines: ['water boils here at 96 °C', 'lower than at sea level by 3.97 °C'],
    label: 'the thermometer is in the syrup',
    mended: { thermometers: [{ in: 'syrup', smallestDivisionC: 1 }] },
  },
  'nothing-held': {
    rank: 'check',
    at: { section: 'fair-test' },
    what: 'Nothing is kept the same',
    lines: ['things kept the same 0'],
  },
  'held-without-how': {
    rank: 'check',
    at: { section: 'fair-test', item: 'h' },
    what: 'How is “the pan” kept the same?',
    lines: ['kept: the pan', 'how: empty'],
    label: 'only note it',
    mended: { held: [], noted: [...examplePlan.noted, { id: 'h', what: 'the pan', unit: '' }] },
  },
  'ingredient-unused': {
    rank: 'check',
    at: { section: 'formula', item: 'v' },
    what: 'No step uses the vanilla extract',
    lines: ['steps that name Vanilla extract 0'],
    label: 'name it in the first step',
  },
  'amount-missing': {
    rank: 'check',
    at: { section: 'formula', item: 'soda' },
    what: 'How much bicarbonate of soda?',
    lines: ['amount of Bicarbonate of soda: empty'],
  },
  'balance-too-coarse': {
    rank: 'check',
    at: { section: 'formula', item: 'soda' },
    what: '0.5 g of bicarbonate of soda on a 0.1 g balance',
    lines: [
      'amount 0.5 g',
      'half a division of the balance 0.05 g',
      'half a division / amount 10 %',
      'no remark up to 5 %',
    ],
  },
  'ingredient-unlisted': {
    rank: 'check',
    at: { section: 'method', item: 'weigh' },
    what: 'Butter is not in the formula',
    lines: ['step: Weigh sugar, golden syrup, butter and water.', 'not in the formula: butter'],
    label: 'add it to the formula',
  },
  'hot-sugar-cautions': {
    rank: 'stop',
    at: { section: 'method', item: 'boil' },
    what: 'Hot sugar without its cautions',
    lines: [
      'step without it: Heat without stirring. Read at eye level, bulb off the bottom.',
      expect.stringMatching(/^caution: Hot sugar sticks/) as string,
      expect.stringMatching(/school/) as string,
    ],
    label: 'put them on the step',
  },
  'hazard-unnamed': {
    rank: 'check',
    at: { section: 'method', item: 'test' },
    what: 'Knife or sharp edge without a caution',
    lines: ['step: Slice it and measure five bubbles.', expect.stringMatching(/school/) as string],
    label: 'put it on the step',
  },
  'minutes-missing': {
    rank: 'check',
    at: { section: 'method', item: 'boil' },
    what: 'How long does this step take?',
    lines: ['minutes empty: Heat without stirring. Read at eye level, bulb off the bottom.'],
  },
};
