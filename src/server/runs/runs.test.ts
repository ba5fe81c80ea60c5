import { describe, expect, it } from 'vitest';
import type { RunTimetable } from '../../contract/days';
import type { Room } from '../../contract/rooms';
import type { Run } from '../../contract/runs';
import { examplePlan, placeOf } from '../../core/practical';
import { reviewPlan } from '../../core/review';
import { entryAt, readingOf, runningApp, startedRun } from '../testing/running-app';
import { levelsOf, withLevels } from '../../core/practical/testing/plans';

describe('the life of a run', () => {
  it('starts, finishes and is redrawn only when that makes sense; twice is harmless', async () => {
    const server = await runningApp();
    try {
      const id = await startedRun(server);
      const post = (what: string, body: object = {}) => server.send('POST', `/api/runs/${id}/${what}`, body);
      expect((await post('start')).body).toMatchObject({ run: { status: 'running' } });
      expect((await post('layout', { seed: 3 })).status).toBe(409);
      const finished = (await post('finish')).body as { run: { finishedAt: number } };
      expect((await post('finish')).body).toMatchObject({ run: { finishedAt: finished.run.finishedAt } });
      // What is measured when it is cold is still taken, for half a day.
      const late = entryAt(Date.now() + 3_600_000, 1, readingOf(20));
      expect((await server.send('POST', `/api/runs/${id}/log`, { entries: [late] })).status).toBe(201);

      const planned = {
        id: 'next',
        practicalId: 'honeycomb',
        revision: 1,
        roomId: 'kitchen',
        classId: '9b',
        startsAt: Date.now(),
        stations: 8,
        probes: 'none',
        seed: 1,
      };
      const first = (await server.send('POST', '/api/runs', planned)).body as { run: { allocation: object } };
      const again = (await server.send('POST', '/api/runs', { ...planned, seed: 2 })).body as {
        run: { allocation: object };
      };
      expect(again.run.allocation).toEqual(first.run.allocation);
      const redrawn = (await server.send('POST', '/api/runs/next/layout', { seed: 99 })).body as {
        run: { seed: number };
      };
      expect(redrawn.run.seed).toBe(99);
      expect((await server.send('POST', '/api/runs/next/finish', {})).status).toBe(409);
      expect((await server.send('POST', '/api/runs/next/log', { entries: [late] })).status).toBe(409);
      for (const [field, value] of [
        ['roomId', 'attic'],
        ['classId', '12Z'],
        ['revision', 7],
      ] as const) {
        const refused = await server.send('POST', '/api/runs', { ...planned, id: 'x', [field]: value });
        expect(refused.body).toMatchObject({ errors: [{ field, value }] });
      }
    } finally {
      await server.stop();
    }
  });

  it('follows room and plan until it begins', async () => {
    const server = await runningApp();
    try {
      await startedRun(server);
      const planned = {
        id: 'next',
        practicalId: 'honeycomb',
        revision: 1,
        roomId: 'kitchen',
        classId: '9b',
        startsAt: Date.now(),
        stations: 8,
        probes: 'simulated',
        seed: 1,
      };
      await server.send('POST', '/api/runs', planned);
      const [{ id: roomId, ...room }] = (await server.get('/api/rooms')).body as [{ id: string }];
      await server.send('PUT', `/api/rooms/${roomId}`, { ...room, measuredBoilingC: 95.7 });
      expect((await server.get('/api/runs/next')).body).toMatchObject({
        run: { place: { measuredBoilingC: 95.7 } },
      });

      const edit = (basedOn: number, plan: object) =>
        server.send('POST', '/api/practicals/honeycomb/revisions', {
          basedOn,
          plan: { ...examplePlan, ...plan },
        });
      const take = (id: string, revision: number) =>
        server.send('POST', `/api/runs/${id}/revision`, { revision });
      await edit(1, { factors: withLevels(examplePlan, levelsOf(examplePlan).slice(0, 2)).factors });
      const taken = (await take('next', 2)).body as {
        run: { revision: number; allocation: { treatmentId: string }[] };
      };
      expect(taken.run.revision).toBe(2);
      expect(new Set(taken.run.allocation.map((one) => one.treatmentId)).size).toBe(2);
      // The margin of the revision it takes, in the room as it is today; in its words, most urgent first.
      const { run } = (await server.get('/api/runs/next')).body as { run: Run };
      const all = (await server.get('/api/rooms')).body as Room[];
      const choices = all.map((one) => ({ id: one.id, place: placeOf(one) }));
      const { timetable } = (await server.get('/api/runs/next/timetable')).body as RunTimetable;
      const laid = { endsMin: timetable!.endsMin, impossible: '' };
      const said = reviewPlan({ plan: run.plan, place: run.place, rooms: choices, laid }).open;
      expect(said.length).toBeGreaterThan(1);
      expect((await server.get('/api/runs/next/remarks')).body).toEqual({
        open: said.map(({ id, rank, what }) => ({ id, rank, what })),
      });
      const { id: own, ...today } = all[0]!;
      await server.send('PUT', `/api/rooms/${own}`, { ...today, balanceG: 5 });
      expect(JSON.stringify((await server.get('/api/runs/next/remarks')).body)).toContain('on a 5 g balance');
      expect((await server.get('/api/runs/nobody/remarks')).status).toBe(404);
      await edit(2, { formula: [] });
      expect((await take('next', 3)).body).toMatchObject({ errors: [{ field: 'revision', value: 3 }] });
      await server.send('POST', '/api/runs/next/start', {});
      expect((await take('next', 1)).status).toBe(409);
    } finally {
      await server.stop();
    }
  });

  it('keeps the place as it was on the day: a room changed later changes nothing', async () => {
    const server = await runningApp();
    try {
      const id = await startedRun(server);
      const [room] = (await server.get('/api/rooms')).body as [Record<string, unknown>];
      const { id: roomId, ...rest } = room;
      await server.send('PUT', `/api/rooms/${String(roomId)}`, {
        ...rest,
        altitudeM: 0,
        measuredBoilingC: 99.5,
      });
      expect((await server.get(`/api/runs/${id}`)).body).toMatchObject({
        run: { place: { altitudeM: 1200, measuredBoilingC: null } },
      });
    } finally {
      await server.stop();
    }
  });
});
