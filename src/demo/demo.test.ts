import { batchFacts } from '../core/batch';
import { describe, expect, it } from 'vitest';
import { check } from '../contract/check';
import { NewPractical } from '../contract/practicals';
import { readRunFile, type RunFile } from '../contract/run-file';
import type { Run } from '../contract/runs';
import { boilingIn, placeOf } from '../core/practical';
import { reviewPlan } from '../core/review';
import type { Entry } from '../core/run';
import { demoSchool, SimulatedClass } from '.';

const now = Date.UTC(2026, 10, 24, 10, 7);
const demo = demoSchool(now);
const [finished, running] = demo.runs as [RunFile, RunFile];

/** The run of a file as the server would have it. */
function runOf(file: RunFile): Run {
  const { run, practical } = file;
  return {
    ...run,
    practicalId: practical.id,
    revision: practical.revision,
    plan: practical.plan,
    batch: batchFacts(practical.plan),
    roomId: file.room.id,
    classId: file.class.id,
    className: file.class.name,
    students: file.class.students,
    unit: file.class.unit,
    stations: run.allocation.map((one) => one.station),
    status: 'running',
  };
}

const bare = (entries: readonly Entry[]) => entries.map(({ station, at, body }) => ({ station, at, body }));

describe('the invented school', () => {
  it('is sound by the contract, in every practical and run', () => {
    for (const practical of demo.practicals) {
      expect(check(NewPractical, JSON.parse(JSON.stringify(practical)))).toHaveProperty('value');
    }
    for (const file of demo.runs)
      expect(readRunFile(JSON.parse(JSON.stringify(file)))).toHaveProperty('value');
  });

  it('lies high enough for boiling points to differ visibly, and has nothing that stops a lesson', () => {
    const rooms = demo.rooms.map((room) => ({ id: room.id, place: placeOf(room) }));
    expect(boilingIn(rooms[0]!.place).boilingC).toBeLessThan(96.5);
    for (const { plan } of demo.practicals) {
      const place = rooms.find((room) => room.id === plan.roomId)!.place;
      expect(reviewPlan({ plan, place, rooms }).open.filter((remark) => remark.rank === 'stop')).toEqual([]);
    }
  });

  it('has a lesson going on that is neither over nor just begun, on a weekend as on a weekday', () => {
    for (const day of [0, 1, 2, 3, 4, 5, 6]) {
      const { runs } = demoSchool(now + day * 86_400_000);
      const { startsAt, startedAt } = runs[1]!.run;
      expect(startsAt).toBeLessThanOrEqual(startedAt!);
      expect(now + day * 86_400_000 - startedAt!).toBeLessThan(20 * 60_000);
      expect(runs[0]!.run.finishedAt).toBeLessThan(now + day * 86_400_000);
    }
  });

  it('has a finished run with every response at every station, a correction and a deviation', () => {
    const kinds = finished.entries.map((entry) => entry.body.kind);
    expect(kinds.filter((kind) => kind === 'measurement')).toHaveLength(36);
    expect(kinds).toContain('correction');
    expect(kinds).toContain('deviation');
  });
});

describe('the simulated class', () => {
  const startedAt = running.run.startedAt!;

  it('lives the same lesson again for the same seed, however it is cut up', () => {
    const whole = new SimulatedClass(runOf(running), [], null).advance(startedAt + 30 * 60_000);
    const pieces = new SimulatedClass(runOf(running), [], null);
    const cut = Array.from({ length: 180 }, (_, i) => pieces.advance(startedAt + (i + 1) * 10_000)).flat();
    const key = (entry: ReturnType<typeof bare>[number]) =>
      `${entry.at} ${entry.station} ${JSON.stringify(entry.body)}`;
    expect(bare(cut).map(key).sort()).toEqual(bare(whole).map(key).sort());
  });

  it('goes on after a restart where the log ends: nothing twice, nothing left out', () => {
    const stop = startedAt + 12 * 60_000;
    const end = startedAt + 30 * 60_000;
    const whole = new SimulatedClass(runOf(running), [], null).advance(end);
    const first = new SimulatedClass(runOf(running), [], null);
    const before = first.advance(stop);
    const after = new SimulatedClass(runOf(running), before, before.at(-1)!.at).advance(end);
    expect(after.every((entry) => entry.at > before.at(-1)!.at)).toBe(true);
    expect(before.length + after.length).toBe(whole.length);
  });

  it('takes its pans off near the target, and at once when someone says so', () => {
    const whole = new SimulatedClass(runOf(running), [], null).advance(startedAt + 50 * 60_000);
    const off = whole.filter((entry) => entry.body.kind === 'event' && entry.body.text === 'off the heat');
    expect(off).toHaveLength(12);
    const early = new SimulatedClass(runOf(running), [], null);
    early.advance(startedAt + 11 * 60_000);
    early.hear([
      {
        id: 'x',
        station: 4,
        at: startedAt + 11 * 60_000,
        offset: 0,
        body: { kind: 'event', text: 'off the heat', stepId: 'boil' },
      },
    ]);
    const later = early.advance(startedAt + 13 * 60_000);
    expect(later.some((entry) => entry.station === 4 && entry.body.kind === 'reading')).toBe(false);
    expect(later.some((entry) => entry.station === 5 && entry.body.kind === 'reading')).toBe(true);
  });
});
