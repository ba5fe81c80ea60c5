import { describe, expect, it } from 'vitest';
import type { Rank } from '../../core/remark';
import type { Practical, RunSummary } from '../../contract/practicals';
import { examplePlan } from '../../core/practical';
import { presentRun, stopsOf } from './stops';

const practical: Practical = { id: 'p', number: 3, savedAt: 0, plan: examplePlan, runs: [] };
const run = (id: string, status: RunSummary['status']): RunSummary => ({
  id,
  practicalId: 'p',
  title: '',
  className: '9B',
  roomName: 'K',
  startsAt: 0,
  periodMinutes: 60,
  status,
});

const whole = (...ranks: Rank[]) => ({ ranks, whole: true });

describe('the thread', () => {
  it('says what each stop still needs, and links only what can be gone to', () => {
    const bare = stopsOf(practical, undefined, whole('stop', 'check', 'note'));
    expect(bare.map(({ to, needs }) => [to, needs])).toEqual([
      ['/practicals/p/plan', '1 to stop for'],
      [null, 'no date yet'],
      ['/practicals/p/run', 'no date yet'],
      [null, 'after it'],
      [null, ''],
    ]);
    const planned = stopsOf(practical, run('r', 'planned'), whole('check', 'check'));
    expect(planned.map((stop) => stop.to)).toEqual([
      '/practicals/p/plan?run=r',
      '/runs/r/prep',
      '/runs/r/bench',
      null,
      '/runs/r/report',
    ]);
    expect(planned[0]!.needs).toBe('2 to check');
    const prepared = (open: number, short: number) =>
      stopsOf(practical, run('r', 'planned'), whole(), { open, short, first: [] })[1];
    expect(prepared(3, 0)).toMatchObject({ needs: '3 to do', state: 'ahead' });
    expect(prepared(3, 2)).toMatchObject({ needs: '2 short' });
    expect(prepared(0, 0)).toMatchObject({ needs: '', state: 'done' });
    const running = stopsOf(practical, run('r', 'running'), whole('note'));
    expect(running[0]).toMatchObject({ state: 'done', needs: '' });
    expect(running.map((stop) => stop.to).every(Boolean)).toBe(true);
    // Before its lesson is laid out no plan is done.
    expect(stopsOf(practical, undefined, { ranks: [], whole: false })[0]).toMatchObject({
      state: 'ahead',
      needs: '',
    });
    expect(stopsOf(practical, run('r', 'finished'), whole())[2]).toMatchObject({ state: 'done' });
  });

  it('speaks of the run going on, else the next, else the last', () => {
    const [old, last, next] = [run('old', 'finished'), run('last', 'finished'), run('next', 'planned')];
    expect(presentRun([old, last])?.id).toBe('last');
    expect(presentRun([old, last, next])?.id).toBe('next');
    expect(presentRun([old, next, run('now', 'running')])?.id).toBe('now');
    expect(presentRun([])).toBeUndefined();
  });
});
