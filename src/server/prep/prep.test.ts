import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Run, StationRun } from '../../contract/runs';
import { newEquipment } from '../../core/room';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';

const monday = Date.UTC(2027, 0, 11, 9, 0);

let server: RunningApp;
let run: string;
beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
});
afterAll(() => server.stop());

describe('how a run is prepared', () => {
  it('is changed from the version it was read at', async () => {
    const ways = { spares: 2, demonstration: false, lossPercent: 0, blind: true };
    const put = (version: number, change: object = {}) =>
      server.send('PUT', `/api/runs/${run}/prep`, { version, ways: { ...ways, ...change } });
    expect((await put(0)).body).toEqual({ ways, version: 1 });
    expect((await put(0, { spares: 3 })).body).toMatchObject({ status: 409, current: { ways, version: 1 } });
    expect((await put(1, { spares: 11 })).body).toMatchObject({ errors: [{ pointer: '/ways/spares' }] });
    expect((await server.get('/api/runs/nobody/prep')).status).toBe(404);
  });
});

describe('a run whose stations are not to know', () => {
  it('is told each station with a letter, the same for the same treatment, and nothing of the seed that drew it', async () => {
    const { allocation } = ((await server.get(`/api/runs/${run}`)).body as { run: Run }).run;
    const letters = new Map<string, Set<string>>();
    for (const { station, treatmentId } of allocation) {
      const { body } = await server.get(`/api/runs/${run}/stations/${station}`);
      const { blind, seed } = (body as { run: StationRun }).run;
      expect(seed).toBe(0);
      letters.set(treatmentId, (letters.get(treatmentId) ?? new Set()).add(blind!.letter));
    }
    const all = [...letters.values()].flatMap((each) => [...each]);
    expect(all).toHaveLength(letters.size);
    expect([...all].sort().join('')).toBe('ABCDEFGH'.slice(0, letters.size));
  });
});

describe('what is ticked off', () => {
  it('is the last word that arrives, whatever clock its device goes by', async () => {
    const tick = (what: string, done: boolean, at: number) => ({ what, done, at });
    const send = (...ticks: object[]) => server.send('POST', '/api/ticks', { ticks });
    const year = 365 * 86_400_000;
    // A year ahead, and one of 1970 that holds up no other: both are ticked, and can be unticked.
    await send(tick('job:r:a', false, monday), tick('job:r:b', true, monday + year));
    expect((await send(tick('job:r:c', true, 0), tick('job:r:a', true, monday))).status).toBe(200);
    await send(tick('job:r:c', false, monday));
    await send(tick('shop:x', true, monday));
    const ticks = (begins: string) =>
      server.get(`/api/ticks?begins=${begins}`).then(({ body }) => body as { what: string; done: boolean }[]);
    expect((await ticks('job:r')).map(({ what, done }) => [what, done])).toEqual([
      ['job:r:a', true],
      ['job:r:b', true],
      ['job:r:c', false],
    ]);
    expect(await ticks('shop:')).toHaveLength(1);
    expect(await ticks('%')).toEqual([]);
    expect((await send()).status).toBe(422);
  });

  it('keeps what a thermometer showed there with it', async () => {
    const what = 'prep:r:refrigerator';
    const send = (celsius: unknown) =>
      server.send('POST', '/api/ticks', { ticks: [{ what, done: false, at: monday + 40, celsius }] });
    expect((await send(6.4)).status).toBe(200);
    expect((await server.get(`/api/ticks?begins=${what}`)).body).toMatchObject([{ what, celsius: 6.4 }]);
    expect((await send(900)).body).toMatchObject({ errors: [{ field: 'celsius' }] });
  });
});

describe('a thermometer in ice and in boiling water', () => {
  it('is kept with what water boils at there, and only for a thermometer of the room', async () => {
    const thermometer = newEquipment('thermometer', 't1', 1);
    const [room] = (await server.get('/api/rooms')).body as [{ id: string }];
    const { id, ...rest } = room;
    await server.send('PUT', `/api/rooms/${id}`, { ...rest, equipment: [thermometer] });
    const check = { thermometerId: 't1', checkedAt: monday, inIceC: 0.4, inBoilingC: 96.5, station: 2 };
    const kept = (await server.send('POST', `/api/rooms/${id}/thermometer-check`, check)).body;
    // 1200 m: 96.0 °C by the formula of the core.
    expect(kept).toMatchObject({
      equipment: [{ inIceC: 0.4, inBoilingC: 96.5, boilingC: expect.closeTo(96, 0) as number }],
    });
    const none = await server.send('POST', `/api/rooms/${id}/thermometer-check`, {
      ...check,
      thermometerId: 'x',
    });
    expect(none.body).toMatchObject({ errors: [{ field: 'thermometerId' }] });
  });
});
