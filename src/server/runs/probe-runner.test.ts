import { describe, expect, it, vi } from 'vitest';
import { examplePlan } from '../../core/practical';
import type { Entry } from '../../core/run';
import { createApp } from '../app';
import { openDatabase } from '../db/open';
import { entryAt, readingOf } from '../testing/running-app';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

describe('simulated probes', () => {
  it('write through the log’s own door, hear what is logged, and stop with the run', async () => {
    const data = mkdtempSync(join(tmpdir(), 'tawny-probe-'));
    const knex = await openDatabase(data);
    const heard: Entry[] = [];
    const asked: number[] = [];
    const errors: unknown[] = [];
    const app = createApp({
      knex,
      version: 'test',
      logger: { error: (details) => errors.push(details) },
      probes: (run) => ({
        advance(toMs) {
          asked.push(toMs);
          return [entryAt(run.startedAt! + asked.length, 1, readingOf(90 + asked.length))];
        },
        hear: (entries) => void heard.push(...entries),
      }),
    });
    try {
      await app.rooms.add({
        id: 'k',
        name: 'K',
        kind: 'food-room',
        altitudeM: 0,
        measuredBoilingC: null,
        stations: 8,
        balanceG: 1,
      });
      await app.classes.add({ id: 'c', name: '9B', students: 20, unit: 'C' });
      await app.practicals.add({ id: 'p', plan: examplePlan });
      const planned = await app.runs.add({
        id: 'r',
        practicalId: 'p',
        revision: 1,
        roomId: 'k',
        classId: 'c',
        startsAt: Date.now(),
        stations: 4,
        probes: 'simulated',
      });
      const run = await app.runs.start(planned.id);
      await app.probes.begin(run);
      const count = async () => Number((await knex('log').count<{ n: number }[]>('* as n'))[0]!.n);
      await vi.waitFor(async () => expect(await count()).toBeGreaterThan(2), 5000);
      app.probes.hear('r', [{ ...entryAt(Date.now(), 1, readingOf(1)), seq: 1, arrivedAt: 0 }]);
      expect(heard).toHaveLength(1);
      expect([...asked].sort((a, b) => a - b)).toEqual(asked);
      await app.runs.finish('r');
      app.probes.end('r');
      const after = await count();
      await new Promise((resolve) => setTimeout(resolve, 1200));
      expect(await count()).toBe(after);
      expect(errors).toEqual([]);
    } finally {
      app.close();
      await knex.destroy();
      rmSync(data, { recursive: true, force: true });
    }
  });
});
