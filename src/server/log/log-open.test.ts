import { describe, expect, it } from 'vitest';
import type { Run } from '../../contract/runs';
import { examplePlan } from '../../core/practical';
import { logOpen } from './log-open';

const hour = 3_600_000;
const day = 24 * hour;
const start = Date.UTC(2026, 10, 25, 9);
const end = start + hour;
const run = (patch: Partial<Run> = {}, steps = examplePlan.steps): Run =>
  ({
    ...{ status: 'finished', startedAt: start, finishedAt: end, plan: { ...examplePlan, steps } },
    clock: { anchorRunMs: end, anchorWallMs: end, speed: 1 },
    ...patch,
  }) as Run;
const last = examplePlan.steps.at(-1)!;

describe('when the log of a run is open', () => {
  it('not before it begins; around it while it goes on', () => {
    expect(logOpen(run({ status: 'planned', startedAt: null }), start)).toBeNull();
    const now = start + 20 * 60_000;
    const going = run({
      status: 'running',
      finishedAt: null,
      clock: { anchorRunMs: start, anchorWallMs: start, speed: 1 },
    });
    expect(logOpen(going, now)).toMatchObject({ earliest: start - 12 * hour, latest: now + 12 * hour });
    // One that goes at ×60 is ahead of the wall.
    const fast = run({
      status: 'running',
      finishedAt: null,
      clock: { anchorRunMs: start, anchorWallMs: start, speed: 60 },
    });
    expect(logOpen(fast, now)!.latest).toBe(start + 20 * hour + 12 * hour);
  });

  it('after its end up to the last step of its plan, and never for what has not been yet', () => {
    const tomorrow = [...examplePlan.steps, { ...last, id: 'next-day', when: 'after' as const, day: 1 }];
    const week = [
      ...examplePlan.steps,
      { ...last, id: 'rest', after: [{ stepId: last.id, least: 0, most: 7 * 24 * 60 }] },
    ];
    const latest = (steps: typeof tomorrow, now: number) => logOpen(run({}, steps), now)!.latest;
    expect(latest(tomorrow, end + 30 * hour)).toBeGreaterThanOrEqual(end + day);
    expect(latest(week, end + 7 * day)).toBeGreaterThanOrEqual(end + 7 * day);
    // A plan that ends with the lesson: half a day.
    expect(latest([{ ...last, minutes: 10, minutesTo: null }], end + 30 * day)).toBeLessThan(end + 13 * hour);
    expect(latest(week, end + hour)).toBe(end + hour + 12 * hour);
  });
});
