import { describe, expect, it } from 'vitest';
import { newPlan, newStep, type Plan, type Step } from '../practical';
import { bench, done } from './testing/bench';

const cool: Step = newStep({
  ...{ id: 'cool', text: 'Cool in the tin', hands: 'waiting', minutes: 30, warnAt: 3 },
  windows: [
    { words: 'cut', from: 20, until: 25 },
    { words: 'taste warm', from: null, until: 10 },
    { words: 'turn out', from: 27.5, until: null },
    { words: 'keep an eye on it', from: null, until: null },
  ],
});
const plan: Plan = {
  ...newPlan('Slab', null),
  steps: [newStep({ id: 'pour', text: 'Pour' }), cool, newStep({ id: 'end', text: 'Wrap' })],
};
/** Calls of station 1, which poured ten seconds after the start, so many minutes into its cooling. */
const at = (minute: number) =>
  bench([[1, 10, done('pour')]], plan)
    .calls(10 + minute * 60)
    .filter((call) => call.stations.includes(1));
const said = (minute: number) => at(minute).map(({ what }) => what.replace('Station 1: ', ''));

describe('moments of a step', () => {
  it('windows are called from their first minute to their last, and so long after that it can still be put right', () => {
    expect(said(9.9)).toEqual(['now taste warm']);
    expect(said(10)).toEqual(['time is over for taste warm']);
    expect(said(11.9)).toEqual(['time is over for taste warm']);
    expect(said(12)).toEqual([]);
    expect(said(19.9)).toEqual([]);
    expect(said(20)).toEqual(['now cut']);
    expect(said(24.9)).toEqual(['now cut']);
    expect(said(25)).toEqual(['time is over for cut']);
    expect(at(23)[0]).toMatchObject({
      rank: 'check',
      why: 'Cool in the tin from 20 min, no later than 25 min; 2 min left.',
    });
    expect(at(26)[0]!.why).toContain('1 min ago');
    expect(at(5)[0]!.why).toBe('Cool in the tin no later than 10 min; 5 min left.');
    const lines = (minute: number) =>
      at(minute)
        .at(-1)!
        .working.lines.map(({ text, value, unit }) => `${text} ${value} ${unit}`);
    expect(lines(23)).toEqual(['since the step began 23 min', 'from 20 min', 'until 25 min']);
    expect(lines(5.26)).toEqual(['since the step began 5.3 min', 'until 10 min']);
    expect(lines(28)).toEqual(['since the step began 28 min', 'from 27.5 min']);
  });

  it('the warning comes so long before the end, until the end itself', () => {
    expect(said(26.9)).not.toContain('3 min left');
    expect(said(27)).toEqual(['3 min left']);
    expect(said(28)).toEqual(['2 min left', 'now turn out']);
    expect(said(30)).toEqual(['time is up', 'now turn out']);
    expect(at(28)[1]!.why).toBe('Cool in the tin from 27.5 min.');
  });

  it('nothing is called of a step that is done, or has not begun', () => {
    const calls = (second: number) =>
      bench(
        [
          [1, 10, done('pour')],
          [1, 1260, done('cool')],
        ],
        plan,
      )
        .calls(second)
        .filter((call) => call.stations.includes(1) && /window|warn/.test(call.id));
    expect(calls(1270)).toEqual([]);
    expect(
      bench([], plan)
        .calls(1300)
        .filter((call) => call.id.startsWith('window')),
    ).toEqual([]);
  });
});
