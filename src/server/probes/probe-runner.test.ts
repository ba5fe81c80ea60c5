import { describe, expect, it, vi } from 'vitest';
import { examplePlan } from '../../core/practical';
import type { Run } from '../../contract/runs';
import type { Entry } from '../../core/run';
import { createApp } from '../app';
import { openDatabase } from '../db/open';
import { entryAt, readingOf } from '../testing/running-app';
import { ProbeRunner } from './probe-runner';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const noon = Date.UTC(2026, 10, 25, 12);

describe('simulated probes', () => {
  it('a feed that fails is said so, and asked again; one that is slow is not asked twice at once', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
    const failures: { details: object; text: string }[] = [];
    let [asked, atOnce, most] = [0, 0, 0];
    let release: (() => void) | null = null;
    const running = {
      id: 'x',
      probes: 'simulated',
      status: 'running',
      startedAt: noon,
      clock: { anchorRunMs: noon, anchorWallMs: noon, speed: 1 },
    } as Run;
    const runner = new ProbeRunner({
      runs: {
        one: async () => {
          atOnce += 1;
          most = Math.max(most, atOnce);
          await new Promise<void>((resolve) => (release = resolve));
          atOnce -= 1;
          return running;
        },
        running: () => Promise.resolve([running, { ...running, id: 'real', probes: 'none' }]),
        resumeClock: (id: string, at: number) => Promise.resolve({ ...running, id, startedAt: at }),
      } as never,
      log: { lastMoment: () => Promise.resolve(null), whole: () => Promise.resolve([]) } as never,
      live: {} as never,
      now: () => noon,
      source: (resumed, past, resumeMs) => {
        expect([resumed.id, resumed.startedAt, past.length, resumeMs]).toEqual(['x', noon, 0, null]);
        return {
          advance: () => {
            asked += 1;
            throw new Error('no pan');
          },
          hear: () => undefined,
        };
      },
      logger: { error: (details, text) => void failures.push({ details, text }) },
    });
    try {
      await runner.resume();
      for (let tick = 0; tick < 3; tick += 1) await vi.advanceTimersByTimeAsync(500);
      expect([most, asked]).toEqual([1, 0]);
      release!();
      await vi.waitFor(() => expect(failures).toHaveLength(1));
      expect(failures[0]).toMatchObject({ text: 'simulated probes failed' });
      expect((failures[0]!.details as { err: Error }).err.message).toBe('no pan');
      await vi.advanceTimersByTimeAsync(500);
      release!();
      await vi.waitFor(() => expect(asked).toBe(2));
      runner.stop();
      await vi.advanceTimersByTimeAsync(2000);
      expect(atOnce).toBe(0);
    } finally {
      runner.stop();
      vi.useRealTimers();
    }
  });

  it('write through the log’s own door, hear what is logged, and stop with the run', async () => {
    const data = mkdtempSync(join(tmpdir(), 'tawny-probe-'));
    const knex = await openDatabase(data);
    const heard: Entry[] = [];
    const asked: number[] = [];
    const errors: unknown[] = [];
    const app = createApp({
      knex,
      dataFolder: data,
      version: 'test',
      epoch: 'this one',
      open: true,
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
        equipment: [],
        tools: [],
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
      await vi.waitFor(async () => expect(await count()).toBeGreaterThan(2));
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
