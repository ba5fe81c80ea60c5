import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newPlan } from '../../core/practical';
import { place } from '../../core/run/testing/entries';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { LaidLessons, programIn } from './laid-lessons';
import type { LessonAsked } from './lay-lesson';
import { Timetables } from './timetables';

const now = Date.parse('2026-11-25T12:00:00Z');
const day = 86_400_000;
const told = (impossible: string) => ({ timetable: null, impossible });
const asked = (hands: number): LessonAsked => ({
  ...{ plan: newPlan('x', null), place, stations: [], hands, opening: [], closing: [] },
});

let server: RunningApp;
beforeAll(async () => {
  server = await runningApp(() => now);
  await startedRun(server, 4, now);
  for (const [id, startsAt, stations] of [
    ['soon', now + 2 * day, 4],
    ['later', now + 13 * day, 6],
    ['far', now + 15 * day, 8],
    ['gone', now - day, 10],
  ] as const) {
    const run = { id, practicalId: 'honeycomb', revision: 1, roomId: 'kitchen', classId: '9b', startsAt };
    expect(
      (await server.send('POST', '/api/runs', { ...run, stations, probes: 'none', seed: 5 })).status,
    ).toBe(201);
  }
});
afterAll(() => server.stop());
const rows = () => server.knex('laid_lessons').select<{ asked: string; at: number }[]>('asked', 'at');

describe('lessons that were laid out', () => {
  it('are laid out ahead for the fortnight, and taken from where they are kept after a restart', async () => {
    const started = () =>
      new Timetables(
        server.app.runs,
        server.app.school,
        new LaidLessons(server.knex, 'one', () => now),
        null,
      );
    await started().ahead(now);
    // Soon and later: what is over, has begun or is far away is laid out when somebody asks.
    expect(await rows()).toHaveLength(2);
    const first = await started().of('soon');
    expect(first.timetable!.bars.length).toBeGreaterThan(4);
    await server.knex('laid_lessons').update({ laid: JSON.stringify(told('as it was kept')) });
    expect((await started().of('soon')).impossible).toBe('as it was kept');
    // A run that has changed is another lesson.
    await server.send('POST', '/api/runs/soon/layout', { seed: 77 });
    expect((await started().of('soon')).impossible).toBeNull();
  });

  it('are another program’s business where another program laid them out, or anything else was asked', async () => {
    const kept = new LaidLessons(server.knex, 'one', () => now);
    await kept.keep(asked(2), told('two'));
    await kept.keep(asked(2), told('two, said again'));
    expect(await kept.find(asked(2))).toEqual(told('two, said again'));
    expect(await kept.find(asked(3))).toBeNull();
    expect(await new LaidLessons(server.knex, 'two').find(asked(2))).toBeNull();
  });

  it('are the latest two hundred', async () => {
    let at = now;
    const kept = new LaidLessons(server.knex, 'many', () => (at += 1000));
    for (let hands = 1; hands <= 203; hands += 1) await kept.keep(asked(hands), told(String(hands)));
    expect(await rows()).toHaveLength(200);
    expect([await kept.find(asked(3)), await kept.find(asked(4))]).toEqual([null, told('4')]);
  });

  it('are not lost to whoever asks where they cannot be kept', async () => {
    await server.knex.schema.renameTable('laid_lessons', 'elsewhere');
    const kept = new LaidLessons(server.knex, 'one');
    await expect(kept.keep(asked(9), told('nine'))).resolves.toBeUndefined();
    await server.knex.schema.renameTable('elsewhere', 'laid_lessons');
  });
});

describe('a program', () => {
  it('is known by all of its files: a change in any of them is another; what was not built is never the same', () => {
    const folder = mkdtempSync(join(tmpdir(), 'program-'));
    const thread = pathToFileURL(join(folder, 'thread.js'));
    writeFileSync(join(folder, 'thread.js'), 'a');
    writeFileSync(join(folder, 'part.js'), 'b');
    const first = programIn(thread);
    expect(programIn(thread)).toBe(first);
    writeFileSync(join(folder, 'part.js'), 'c');
    expect(programIn(thread)).not.toBe(first);
    rmSync(join(folder, 'thread.js'));
    rmSync(join(folder, 'part.js'));
    expect(programIn(thread)).toContain(String(process.pid));
    rmSync(folder, { recursive: true });
  });
});
