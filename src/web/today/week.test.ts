import { describe, expect, it } from 'vitest';
import type { RunSummary } from '../../contract/practicals';
import { nextLesson, weekOf } from './week';

const at = (text: string) => new Date(text).getTime();
const run = (id: string, startsAt: string, status: RunSummary['status'] = 'planned'): RunSummary => ({
  id,
  practicalId: 'p',
  title: 'Scones',
  className: '9B',
  roomName: 'Kitchen',
  startsAt: at(startsAt),
  periodMinutes: 60,
  status,
});

describe('the week', () => {
  const runs = [run('a', '2026-11-24T09:00'), run('b', '2026-11-28T10:00'), run('c', '2026-12-01T11:00')];

  it('has five days, and those of the weekend on which something is on', () => {
    const tuesday = new Date('2026-11-24T08:00');
    const week = weekOf(tuesday, 0, runs);
    expect(week.map((day) => day.date.getDate())).toEqual([23, 24, 25, 26, 27, 28]);
    expect(week.map((day) => day.runs.map((one) => one.id))).toEqual([[], ['a'], [], [], [], ['b']]);
    expect(week.map((day) => day.today)).toEqual([false, true, false, false, false, false]);
    expect(weekOf(tuesday, 1, runs).map((day) => day.runs.length)).toEqual([0, 1, 0, 0, 0]);
  });

  it('begins on Monday, also when it is read on a Sunday or across the change of the clocks', () => {
    expect(weekOf(new Date('2026-11-29T20:00'), 0, runs).map((day) => day.date.getDate())).toEqual([
      23, 24, 25, 26, 27, 28, 29,
    ]);
    expect(weekOf(new Date('2026-10-25T12:00'), 1, []).map((day) => day.date.getDate())).toEqual([
      26, 27, 28, 29, 30,
    ]);
  });
});

describe('the next lesson', () => {
  it('is the one going on, else the next that is not over', () => {
    const runs = [
      run('missed', '2026-11-23T09:00'),
      run('done', '2026-11-24T08:00', 'finished'),
      run('soon', '2026-11-24T11:00'),
      run('later', '2026-11-25T11:00'),
    ];
    const now = at('2026-11-24T09:00');
    expect(nextLesson(now, runs)?.id).toBe('soon');
    // A lesson whose bell has gone but whose end has not can still be started.
    expect(nextLesson(at('2026-11-24T11:30'), runs)?.id).toBe('soon');
    expect(nextLesson(now, [...runs, run('now', '2026-11-24T08:40', 'running')])?.id).toBe('now');
    expect(nextLesson(now, [])).toBeUndefined();
  });
});
