import { newStep, type Step } from '..';

/** A step that says everything a step can say, and what of it stands on page, sheet, wall and card, here at sea level. */
export const markedStep: Step = newStep({
  id: 'marked',
  text: 'Melt the mass until it is smooth.',
  ...{ minutes: 8, warnAt: 1, stayBelowC: 32, stir: 'never', door: 'glass' },
  settings: [{ what: 'hob', celsius: null, words: 'mark 2', from: 0 }],
  ...{ people: 2, adult: true, optional: true, tryOne: true, repeatUntil: 'four layers' },
  ...{ ready: ['a cold bowl'], safeStop: true },
});

export const itsMarks = [
  ...[
    'get ready 1 min before the end',
    'hob mark 2',
    'stay below 32 °C',
    'do not stir',
    'look through the glass only',
  ],
  ...['2 people', 'an adult does this', 'only if wanted', 'try one piece first', 'again until four layers'],
  ...['ready before: a cold bowl', 'a safe place to stop'],
];
