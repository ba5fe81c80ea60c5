import { describe, expect, it } from 'vitest';
import { earlyLook, minutesWords, newStep, stepMinutes, type Step } from '.';

const step = (patch: Partial<Step>) => newStep({ id: 's', text: 'Bake.', ...patch });

describe('how long a step takes', () => {
  it.each<[Partial<Step>, string]>([
    [{ minutes: null }, ''],
    [{ minutes: 12 }, '12 min'],
    [{ minutes: 8, minutesTo: 10 }, '8–10 min'],
    [{ minutes: 10, minutesTo: 10 }, '10 min'],
    [{ minutes: 10, minutesTo: 8 }, '10 min'],
    [{ minutes: 0.5 }, '30 s'],
    [{ minutes: 0.5, minutesTo: 0.75 }, '30–45 s'],
    [{ minutes: 0.5, minutesTo: 1 }, '0.5–1 min'],
    [{ minutes: 2, minutesTo: 3, per: 'side' }, '2–3 min a side'],
    [{ minutes: 4, per: 'piece' }, '4 min a piece'],
  ])('%o: %s', (patch, words) => {
    expect(minutesWords(step(patch))).toBe(words);
  });

  it('counts both sides, and no range backwards', () => {
    expect(stepMinutes(step({ minutes: 2, minutesTo: 3, per: 'side' }))).toEqual({ least: 4, most: 6 });
    expect(stepMinutes(step({ minutes: 10, minutesTo: 8 }))).toEqual({ least: 10, most: 10 });
    expect(stepMinutes(step({ minutes: null, minutesTo: 8 }))).toBeNull();
  });

  it('looks early as said, else at the low end of a range, never through a shut door', () => {
    expect(earlyLook(step({ minutes: 8, minutesTo: 10 }))).toBe(8);
    expect(earlyLook(step({ minutes: 8, minutesTo: 10, lookAt: 6 }))).toBe(6);
    expect(earlyLook(step({ minutes: 8, minutesTo: 10, lookAt: 6, door: 'shut' }))).toBeNull();
    expect(earlyLook(step({ minutes: 8 }))).toBeNull();
    expect(earlyLook(step({ minutes: null }))).toBeNull();
  });
});
