import { describe, expect, it } from 'vitest';
import { begin, end, type TrialNow } from './trial-clock';

const start: TrialNow = { running: null, took: {}, note: '' };

describe('the clock of a trial', () => {
  it('ends one step where the next begins, adds up what was begun twice, and never runs backwards', () => {
    let trial = begin(start, 'a', 0);
    trial = begin(trial, 'b', 90_000);
    expect(trial).toMatchObject({ took: { a: 1.5 }, running: { stepId: 'b', since: 90_000 } });
    trial = begin(trial, 'a', 120_000);
    trial = end(trial, 180_000);
    expect(trial).toEqual({ running: null, took: { a: 2.5, b: 0.5 }, note: '' });
    expect(end(trial, 999_999)).toEqual(trial);
    expect(end(begin(start, 'a', 60_000), 0).took).toEqual({ a: 0 });
  });
});
