import { describe, expect, it } from 'vitest';
import { newPlan, newStep } from '../../core/practical';
import type { LessonTimetable, Odds } from '../../core/timetable';
import { oddsWords, verdictWords } from './timetable-words';

const timetable = (endsMin: number, slowEndsMin: number): LessonTimetable => ({
  ...{ bars: [], ovens: [], loads: [], endsMin, slowEndsMin, assumptions: [] },
  bound: { endsMin, by: { kind: 'steps' } },
});
const plan = {
  ...newPlan('x', null),
  steps: [newStep({ id: 'mix', text: 'Mix' }), newStep({ id: 'rest', text: 'Rest' })],
};

describe('a timetable in words', () => {
  it('says whether it fits, likely and at the slow end', () => {
    expect(verdictWords(timetable(55, 55), 60)).toBe('All have cleared up at 55 min: 5 min to spare.');
    expect(verdictWords(timetable(66.5, 70), 60)).toBe(
      'The last have cleared up at 66.5 min: 6.5 min over the bell. With every range at its upper end: 70 min, 10 min over.',
    );
    expect(verdictWords(timetable(50, 58), 60)).toContain('58 min, 2 min to spare.');
  });

  it('says how sure, where they queue, and which minutes buy most', () => {
    const odds: Odds = {
      ...{ runs: 1000, chance: 0.42, error: 0.016, ends: { p5: 57, p50: 61, p95: 66 } },
      queues: [{ kind: 'thermometer', minutes: 4.6 }],
      holds: [{ stepId: 'rest', share: 0.9, minutes: 22 }],
    };
    expect(oddsWords(plan, odds)).toEqual([
      '42 of 100 such lessons end by the bell; nine in ten end between 57 and 66 min.',
      'A station waits 4.5 min for the thermometers.',
      'Minutes saved in step 2 buy most: 22 min of the way to the last end.',
    ]);
    expect(oddsWords(plan, { ...odds, chance: 1, queues: [] })).toEqual([
      'Practically every such lesson ends by the bell; nine in ten end between 57 and 66 min.',
    ]);
    expect(oddsWords(plan, { ...odds, chance: 0 })[0]).toMatch(/^Hardly any/);
  });
});
