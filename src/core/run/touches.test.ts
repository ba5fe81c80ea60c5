import { describe, expect, it } from 'vitest';
import { newStep, type StationStep } from '../practical';
import { lastTouchMs, touches } from './touches';

const step = (id: string, text: string, event = '') =>
  ({ ...newStep({ id, text, event }), number: 1, target: null }) as StationStep;
const at = (minute: number, body: object) =>
  ({ id: `e${minute}`, at: minute * 60_000, body, corrected: false }) as never;

describe('what is done to a pan', () => {
  it.each([
    'Put the lid on.',
    'Cover with foil',
    'Turn the heat down to low.',
    'Lower the flame',
    'Take it off the heat',
    'Pour the cream into the caramel.',
    'Stir in the butter',
    'Add 50 g sugar.',
    'cream in',
    'lid off',
    'window opened',
    'Move the tray to the fridge.',
    'Stand the jug in iced water.',
    'put on another ring',
  ])('%s', (words) => expect(touches(words)).toBe(true));

  it.each([
    'Boil to 118 °C.',
    'Wait until it is golden.',
    'Read the thermometer each minute.',
    'tested',
    'Rest for 10 min.',
  ])('%s: nothing', (words) => expect(touches(words)).toBe(false));

  const steps = [
    step('weigh', 'Weigh the sugar.'),
    step('boil', 'Boil to 110 °C.'),
    step('cream', 'Pour the cream into it.'),
    step('on', 'Boil to 118 °C.'),
  ];
  const done = (minute: number, stepId: string) => at(minute, { kind: 'event', stepId, text: '' });
  const differs = (minute: number, text: string) => at(minute, { kind: 'deviation', text });

  it('last by a step that was done or begun, or by what went differently, and never of what is to come', () => {
    const last = (events: never[], deviations: never[] = [], now = 60) => {
      const ms = lastTouchMs(steps, events, deviations, now * 60_000);
      return ms === null ? null : ms / 60_000;
    };
    expect(last([])).toBeNull();
    expect(last([done(2, 'weigh')])).toBeNull();
    // Pouring begins when the boiling is over, and ends when it is ticked.
    expect(last([done(2, 'weigh'), done(9, 'boil')])).toBe(9);
    expect(last([done(9, 'boil'), done(10, 'cream')])).toBe(10);
    expect(last([done(9, 'boil'), done(10, 'cream')], [], 9.5)).toBe(9);
    expect(last([done(10, 'cream')], [differs(12, 'window opened'), differs(13, 'smells of nuts')])).toBe(12);
    expect(last([done(10, 'unknown')])).toBeNull();
  });
});
