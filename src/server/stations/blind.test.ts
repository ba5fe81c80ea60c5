import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { LoggedEntry } from '../../contract/entries';
import type { Run, RunNow, StationRun } from '../../contract/runs';
import { batchFacts, batchTables } from '../../core/batch';
import { usualPrepWays } from '../../core/order';
import { placeOf, treatmentsOf, type Plan } from '../../core/practical';
import { benchSetting, blindedState, isHidden, Notebook, stationState } from '../../core/run';
import { demoSchool } from '../../demo';
import { entryAt, runningApp, type RunningApp } from '../testing/running-app';
import { stationRun } from './station-run';

const school = demoSchool(Date.UTC(2027, 0, 12, 9));
const plans = school.practicals.map(({ plan }) => plan);

function runOf(plan: Plan): Run {
  const treatments = treatmentsOf(plan);
  return {
    ...{ id: 'r', practicalId: 'p', revision: 1, plan, batch: batchFacts(plan), roomId: 'k', classId: 'c' },
    ...{ className: '9B', students: 20, unit: 'C', startsAt: 1e12, seed: 7, probes: 'none' },
    ...{ stations: treatments.map((_, i) => i + 1), place: placeOf(school.rooms[0]!) },
    allocation: treatments.map(({ id }, i) => ({ station: i + 1, treatmentId: id })),
    ...{ status: 'running', startedAt: 1e12, finishedAt: null, clock: null },
  };
}

/** A run as its page at a station has it. */
function seenAt(run: Run | StationRun, station: number) {
  const treatments = new Map(run.allocation.map((one) => [one.station, one.treatmentId]));
  const varied = 'varied' in run ? new Set(run.varied) : null;
  const setting = benchSetting(run.plan, run.place, treatments, batchTables, varied);
  return { setting, state: stationState(setting, new Notebook(1e12, run.stations), station, 1e12) };
}

describe('a station that carries a letter', () => {
  it('is sent no level, no amount and no name of what is hidden, and can do all the same, in every practical', () => {
    let hiding = 0;
    for (const plan of plans) {
      const run = runOf(plan);
      const { setting } = seenAt(run, 1);
      const hidden = plan.formula.filter(({ id, by }) => isHidden(by, setting.varied.has(id)));
      const levels = plan.factors.flatMap((factor) => factor.levels);
      for (const { station } of run.allocation) {
        const sent = stationRun(run, station, true);
        const text = JSON.stringify(sent);
        for (const level of levels) expect(text, `${plan.title} ${level.id}`).not.toContain(`"${level.id}"`);
        expect(levels.filter(({ control }) => control).length > 0 && text.includes('"control":true')).toBe(
          false,
        );
        if (hidden.length === 0) continue;
        hiding += 1;
        for (const { id } of hidden) {
          expect(sent.plan.formula.find((one) => one.id === id)).toMatchObject({ amount: null, ratio: null });
          const acting = sent.plan.factors.filter(
            ({ acts }) => 'ingredientId' in acts && acts.ingredientId === id,
          );
          expect(acting).toEqual([]);
        }
        // What it may see is what it saw of the whole plan with its eyes shut.
        const whole = blindedState(seenAt(run, station).state, run.plan, sent.blind!);
        const own = blindedState(seenAt(sent, station).state, sent.plan, sent.blind!);
        const shown = (state: typeof whole) => ({
          label: state.label,
          ingredients: state.own.ingredients.map(({ id, name, amount, grams, dropped }) => [
            ...[id, name, amount, grams, dropped],
          ]),
          steps: state.own.steps.map(({ id, minutes, target }) => [id, minutes, JSON.stringify(target)]),
        });
        expect(shown(own)).toEqual(shown(whole));
      }
    }
    expect(hiding).toBeGreaterThan(4);
  });

  it('two stations of one level and of another are sent the same batch but for their letter', () => {
    const scones = plans.find(({ title }) => title.startsWith('Soda'))!;
    const batch = (station: number) => JSON.stringify(stationRun(runOf(scones), station, true).plan);
    expect(new Set([1, 2, 3, 4].map(batch)).size).toBe(1);
  });
});

describe('a run made blind while tablets are open', () => {
  let server: RunningApp;
  beforeAll(async () => {
    server = await runningApp();
    const plan = plans.find(({ title }) => title.startsWith('Soda'))!;
    const room = { id: 'k', name: 'K', kind: 'food-room', altitudeM: 0, measuredBoilingC: null };
    await server.send('POST', '/api/rooms', { ...room, stations: 8, balanceG: 0.1 });
    await server.send('POST', '/api/classes', { id: 'c', name: '9B', students: 20, unit: 'C' });
    await server.send('POST', '/api/practicals', { id: 'p', plan: { ...plan, roomId: 'k' } });
    const run = { id: 'r', practicalId: 'p', revision: 1, roomId: 'k', classId: 'c', probes: 'none' };
    await server.send('POST', '/api/runs', { ...run, startsAt: Date.now(), stations: 8 });
    await server.send('POST', '/api/runs/r/start', {});
  });
  afterAll(() => server.stop());

  it('tells them so at once; what was weighed for them is in no log and no stream of theirs, but on the board', async () => {
    const soda = (grams: number) => ({
      ...{ kind: 'weighed', ingredientId: 'soda', name: 'Bicarbonate of soda', grams, wantedG: grams },
      by: 'staff',
    });
    const write = (body: object) =>
      server.send('POST', '/api/runs/r/log', { entries: [entryAt(Date.now(), 3, body as never)] });
    await write(soda(4.04));
    const abort = new AbortController();
    const stream = await fetch(`${server.url}/api/runs/r/stations/3/live`, { signal: abort.signal });
    let heard = '';
    void (async () => {
      for await (const bytes of stream.body!) heard += Buffer.from(bytes).toString();
    })().catch(() => undefined);
    await vi.waitFor(() => expect(heard).toContain('4.04'));
    const { version } = (await server.get('/api/runs/r/prep')).body as { version: number };
    const before = heard.length;
    const ways = { ...usualPrepWays, blind: true };
    expect((await server.send('PUT', '/api/runs/r/prep', { version, ways })).status).toBe(200);
    await vi.waitFor(() => expect(heard.slice(before)).toContain('"letter"'));
    await write(soda(4.06));
    const mine = {
      kind: 'weighed',
      ingredientId: 'flour',
      name: 'Flour',
      grams: 201,
      wantedG: 200,
      by: 'students',
    };
    await write(mine);
    await vi.waitFor(() => expect(heard).toContain('"grams":201'));
    expect(heard.slice(before)).not.toMatch(/4\.0[46]/);
    abort.abort();
    const log = (await server.get('/api/runs/r/stations/3/log')).body as LoggedEntry[];
    expect(log.map(({ body }) => body)).toMatchObject([mine]);
    const { run } = (await server.get('/api/runs/r/stations/3')).body as RunNow;
    expect((run as StationRun).blind?.letter).toMatch(/^[A-Z]+$/);
    const board = (await server.get('/api/runs/r/log')).body as LoggedEntry[];
    expect(board).toHaveLength(3);
  });
});
