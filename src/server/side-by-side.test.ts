import { describe, expect, it } from 'vitest';
import type { Practical, PracticalSummary, RevisionPage, RunSummary } from '../contract/practicals';
import type { RunNow } from '../contract/runs';
import { examplePlan } from '../core/practical';
import { entryAt, readingOf } from './testing/running-app';
import { inMedium, withLevels } from '../core/practical/testing/plans';
import {
  day,
  noon,
  server,
  honeycombRun,
  scones,
  planned,
  runNow,
  withTwoOfEverything,
} from './testing/two-of-everything';

withTwoOfEverything();

describe('two of everything', () => {
  it('practicals: by title, each with its own latest revision and its own runs', async () => {
    await server.send('POST', '/api/runs', planned('lesson'));
    const all = (await server.get('/api/practicals')).body as PracticalSummary[];
    expect(all.map(({ id, revision, savedAt }) => [id, revision, savedAt])).toEqual([
      ['scones', 2, noon],
      ['honeycomb', 1, noon],
    ]);
    const one = (await server.get('/api/practicals/honeycomb')).body as Practical;
    expect([one.plan.title, one.number, one.runs.map((run) => run.id)]).toEqual([
      examplePlan.title,
      1,
      [honeycombRun],
    ]);
    const { revisions } = (await server.get('/api/practicals/scones/revisions')).body as RevisionPage;
    expect(revisions.map(({ number, plan }) => [number, plan.question])).toEqual([
      [2, 'Does more soda lift more?'],
      [1, 'Does soda lift?'],
    ]);
    for (const path of ['', '/revisions']) {
      const missing = await server.get(`/api/practicals/nobody${path}`);
      expect(missing).toMatchObject({ status: 404, body: { detail: 'There is no practical nobody.' } });
    }
    // The same id again changes nothing.
    const again = await server.send('POST', '/api/practicals', { id: 'scones', plan: examplePlan });
    expect(again.status).toBe(201);
    expect(((await server.get('/api/practicals/scones')).body as Practical).number).toBe(2);
  });

  it('rooms and classes: by name, blanks at the ends gone; one is changed, the other not', async () => {
    expect((await server.get('/api/rooms')).body).toMatchObject([
      { id: 'annexe', name: 'Annexe', version: 1 },
      { id: 'kitchen', name: 'Kitchen', version: 1 },
    ]);
    expect((await server.get('/api/classes')).body).toEqual([
      { id: '8a', name: '8A', students: 25, unit: 'F', needs: [] },
      { id: '9b', name: '9B', students: 20, unit: 'C', needs: [] },
    ]);
    const edit = { name: 'Annexe', kind: 'laboratory', altitudeM: 5, measuredBoilingC: null };
    const put = await server.send('PUT', '/api/rooms/annexe', {
      ...edit,
      stations: 7,
      balanceG: 2,
      version: 1,
    });
    expect(put.body).toMatchObject({ id: 'annexe', altitudeM: 5, stations: 7, version: 2 });
    expect((await server.get('/api/rooms')).body).toMatchObject([
      { altitudeM: 5, balanceG: 2 },
      { id: 'kitchen', altitudeM: 1200, balanceG: 0.1, version: 1 },
    ]);
    const nobody = await server.send('PUT', '/api/rooms/attic', {
      ...edit,
      stations: 7,
      balanceG: 2,
      version: 1,
    });
    expect(nobody).toMatchObject({ status: 404, body: { detail: 'There is no room attic.' } });
  });

  it('runs: listed by their day, within the days asked for, from the first moment up to the last', async () => {
    await server.send('POST', '/api/runs', planned('lesson'));
    const listed = async (query: string) =>
      ((await server.get(`/api/runs${query}`)).body as RunSummary[]).map((run) => run.id);
    expect(await listed('')).toEqual([honeycombRun, 'lesson']);
    expect(await listed(`?from=${noon}&to=${noon + day}`)).toEqual([honeycombRun]);
    expect(await listed(`?from=${noon + 1}&to=${noon + day + 1}`)).toEqual(['lesson']);
    expect(await listed(`?to=${noon}`)).toEqual([]);
    expect(await listed(`?from=${noon + day + 1}`)).toEqual([]);
    const [summary] = ((await server.get('/api/runs')).body as RunSummary[]).filter(
      (run) => run.id === 'lesson',
    );
    expect(summary).toEqual({
      ...{ id: 'lesson', practicalId: 'scones', title: 'Airy scones', className: '8A', roomName: 'Annexe' },
      ...{ startsAt: noon + day, periodMinutes: examplePlan.periodMinutes, status: 'planned' },
    });
    const refused = await server.get('/api/runs?from=yesterday');
    expect(refused.body).toMatchObject({
      errors: [{ pointer: '/from', field: 'from', value: 'yesterday', allowed: 'a moment in ms since 1970' }],
    });
  });

  it('a run that starts and finishes leaves the other where it is', async () => {
    await server.send('POST', '/api/runs', planned('lesson'));
    const before = await runNow(honeycombRun);
    const started = (await server.send('POST', '/api/runs/lesson/start', {})).body as RunNow;
    expect(started.run).toMatchObject({ status: 'running', startedAt: noon, stations: [1, 2, 3, 4, 5, 6] });
    expect(started.serverNow).toBe(noon);
    await server.send('POST', '/api/runs/lesson/finish', {});
    expect(await runNow('lesson')).toMatchObject({ status: 'finished', finishedAt: noon });
    server.app.runs.forget(honeycombRun);
    expect(await runNow(honeycombRun)).toEqual(before);
    expect((await server.app.runs.running()).map((run) => run.id)).toEqual([honeycombRun]);
    const entry = entryAt(noon, 1, readingOf(60));
    await server.send('POST', '/api/runs/lesson/log', { entries: [entry] });
    expect((await server.get(`/api/runs/${honeycombRun}/log`)).body).toEqual([]);
    expect((await server.get('/api/runs/lesson/log')).body).toMatchObject([{ id: entry.id, seq: 1 }]);
    expect((await server.get('/api/runs/lesson/log?after=1')).body).toEqual([]);
    for (const place of ['-1', '1.5', 'x']) {
      expect((await server.get(`/api/runs/lesson/log?after=${place}`)).body).toMatchObject({
        errors: [{ field: 'after', value: place, allowed: 'a place in the log, 0 or more' }],
      });
    }
    const stray = entryAt(noon, 1, { kind: 'correction', corrects: entry.id, to: null });
    const other = await server.send('POST', `/api/runs/${honeycombRun}/log`, { entries: [stray] });
    expect(other.body).toMatchObject({ errors: [{ field: 'corrects', value: entry.id }] });
  });

  it('a plan without levels, and a practical that is not there, cannot be run', async () => {
    const none = withLevels(examplePlan, []);
    await server.send('POST', '/api/practicals', { id: 'bare', plan: none });
    const bare = await server.send('POST', '/api/runs', planned('x', { practicalId: 'bare', revision: 1 }));
    expect(bare.body).toMatchObject({
      errors: [
        { pointer: '/revision', value: 1, allowed: 'a plan with at least one level to give to the stations' },
      ],
    });
    const nobody = await server.send('POST', '/api/runs', planned('x', { practicalId: 'nobody' }));
    expect(nobody.body).toMatchObject({ errors: [{ allowed: 'a revision of practical nobody' }] });
    const dry = inMedium(examplePlan, 'food');
    await server.send('POST', '/api/practicals', { id: 'food', plan: dry });
    const probes = { practicalId: 'food', revision: 1, probes: 'simulated' };
    expect((await server.send('POST', '/api/runs', planned('x', probes))).status).toBe(422);
    expect((await server.get('/api/runs/x')).status).toBe(404);
    expect(
      (await server.send('POST', '/api/runs', planned('real', { ...probes, probes: 'none' }))).status,
    ).toBe(201);
  });

  it('a clock is changed while its run goes on, and only then', async () => {
    await server.send(
      'POST',
      '/api/runs',
      planned('sim', { practicalId: 'honeycomb', revision: 1, probes: 'simulated' }),
    );
    const speed = (id: string) => server.send('POST', `/api/runs/${id}/clock`, { speed: 10 });
    expect(await speed('sim')).toMatchObject({ status: 409, body: { title: 'Not running' } });
    await server.send('POST', '/api/runs/sim/start', {});
    expect(((await speed('sim')).body as RunNow).run.clock?.speed).toBe(10);
    await server.send('POST', '/api/runs/sim/finish', {});
    expect(await speed('sim')).toMatchObject({ status: 409 });
    expect(await speed(honeycombRun)).toMatchObject({
      status: 422,
      body: {
        errors: [{ field: 'speed', allowed: '1: a run with real thermometers goes by the wall clock' }],
      },
    });
  });
});

describe('the log against its run', () => {
  it('takes entries up to twelve hours from the run, to the millisecond, and none before it has begun', async () => {
    const { startedAt } = await runNow(honeycombRun);
    const half = 12 * 3_600_000;
    const post = async (at: number) =>
      (
        await server.send('POST', `/api/runs/${honeycombRun}/log`, {
          entries: [entryAt(at, 2, readingOf(50))],
        })
      ).status;
    expect(await post(startedAt! - half)).toBe(201);
    expect(await post(startedAt! - half - 1)).toBe(422);
    expect(await post(noon + half)).toBe(201);
    expect(await post(noon + half + 1)).toBe(422);
    await server.send('POST', '/api/runs', planned('tomorrow'));
    const early = await server.send('POST', '/api/runs/tomorrow/log', {
      entries: [entryAt(noon, 1, readingOf(5))],
    });
    expect(early).toMatchObject({ status: 409, body: { title: 'Not started' } });
  });

  it('what was struck out may come back as something else; what stands only as what it is', async () => {
    const first = entryAt(noon, 3, readingOf(61));
    const struck = entryAt(noon, 3, { kind: 'correction', corrects: first.id, to: null });
    const back = entryAt(noon, 3, {
      kind: 'correction',
      corrects: struck.id,
      to: { kind: 'deviation', text: 'slipped' },
    });
    const post = (entries: object[]) => server.send('POST', `/api/runs/${honeycombRun}/log`, { entries });
    expect((await post([first, struck, back])).status).toBe(201);
    const wrong = entryAt(noon, 3, { kind: 'correction', corrects: back.id, to: readingOf(60) as never });
    expect(await post([wrong])).toMatchObject({
      status: 422,
      body: {
        errors: [
          { field: 'kind', value: 'reading', allowed: 'deviation: a correction is of the kind it corrects' },
        ],
      },
    });
    const right = entryAt(noon, 3, { kind: 'correction', corrects: first.id, to: readingOf(60) as never });
    expect((await post([right])).status).toBe(201);
  });

  it('a run without a seed draws one from the clock; a second start changes nothing', async () => {
    const { seed } = (
      (await server.send('POST', '/api/runs', planned('unseeded', { seed: undefined }))).body as RunNow
    ).run;
    expect(seed).toBe(noon % 2 ** 32);
    const start = async () =>
      ((await server.send('POST', '/api/runs/unseeded/start', {})).body as RunNow).run;
    const first = await start();
    await server.send('PUT', '/api/rooms/annexe', {
      ...{
        name: 'Annexe',
        kind: 'laboratory',
        altitudeM: 900,
        measuredBoilingC: null,
        stations: 7,
        balanceG: 2,
      },
      version: 2,
    });
    expect(await start()).toEqual(first);
    // A run with hands for probes follows any plan.
    await server.send('POST', '/api/runs', planned('hands'));
    const bare = { ...scones, formula: [], question: 'Without anything?' };
    await server.send('POST', '/api/practicals/scones/revisions', { basedOn: 2, plan: bare });
    expect((await server.send('POST', '/api/runs/hands/revision', { revision: 3 })).status).toBe(200);
  });
});

describe('what is written once', () => {
  it('cannot be changed, in either of its two tables', async () => {
    const rows = await server.knex('revisions').count<{ n: number }[]>('* as n');
    expect(rows[0]!.n).toBeGreaterThan(0);
    for (const table of ['log', 'revisions']) {
      const before = await server.knex(table).select<object[]>('*');
      await expect(server.knex(table).delete()).rejects.toThrow(`${table} is append-only`);
      await expect(server.knex.raw(`UPDATE ${table} SET rowid = rowid`)).rejects.toThrow(
        `${table} is append-only`,
      );
      expect(await server.knex(table).select<object[]>('*')).toEqual(before);
    }
  });
});
