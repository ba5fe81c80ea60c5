import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Practical, PracticalSummary, RevisionPage, RunSummary } from '../contract/practicals';
import type { Imported, RunFile } from '../contract/run-file';
import type { Run, RunNow } from '../contract/runs';
import type { School } from '../contract/school';
import { examplePlan } from '../core/practical';
import { createApp } from './app';
import { openDatabase } from './db/open';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from './testing/running-app';
import { inMedium, withLevels } from '../core/practical/testing/plans';

/*
 * Two practicals, rooms, classes and runs at once: what is done to one leaves the other alone, and each answer is
 * about the one that was asked for.
 */

const day = 86_400_000;
const noon = Date.UTC(2026, 10, 25, 12);

let server: RunningApp;
let honeycombRun: string;
const scones = { ...examplePlan, title: 'Airy scones', question: 'Does soda lift?', roomId: null };

beforeAll(async () => {
  server = await runningApp(() => noon);
  honeycombRun = await startedRun(server, 4, noon);
  await server.send('POST', '/api/rooms', {
    ...{ id: 'annexe', name: ' Annexe ', kind: 'laboratory', altitudeM: null, measuredBoilingC: 99.1 },
    ...{ stations: 6, balanceG: 1 },
  });
  await server.send('POST', '/api/classes', { id: '8a', name: ' 8A ', students: 25, unit: 'F' });
  await server.send('POST', '/api/practicals', { id: 'scones', plan: scones });
  await server.send('POST', '/api/practicals/scones/revisions', {
    basedOn: 1,
    plan: { ...scones, question: 'Does more soda lift more?' },
  });
});
afterAll(() => server.stop());

const planned = (id: string, more: object = {}) => ({
  ...{ id, practicalId: 'scones', revision: 2, roomId: 'annexe', classId: '8a' },
  ...{ startsAt: noon + day, stations: 6, probes: 'none', seed: 8 },
  ...more,
});
const runNow = async (id: string) => ((await server.get(`/api/runs/${id}`)).body as RunNow).run;

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
      { id: '8a', name: '8A', students: 25, unit: 'F' },
      { id: '9b', name: '9B', students: 20, unit: 'C' },
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

describe('files of runs', () => {
  it('come in beside what is here: own room and class stay, another plan of the same id gets a new one', async () => {
    const other = await runningApp(() => noon);
    try {
      const run = await startedRun(other);
      const first = entryAt(noon, 1, readingOf(99));
      await other.send('POST', `/api/runs/${run}/log`, {
        entries: [first, entryAt(noon, 2, { kind: 'correction', corrects: first.id, to: null })],
      });
      const file = (await other.get(`/api/runs/${run}/run.json`)).body as RunFile;
      file.practical.plan.question = 'Something else?';
      file.room.name = 'Elsewhere';
      file.class.name = 'Others';
      const refuse = async (change: (file: RunFile) => void) => {
        const wrong = structuredClone(file);
        change(wrong);
        const { status, body } = await server.send('POST', '/api/imports', wrong);
        expect(status).toBe(422);
        return (body as { errors: { pointer: string; allowed: string }[] }).errors[0]!;
      };
      expect(
        await refuse((wrong) => ((wrong.entries[1]!.body as { corrects: string }).corrects = 'nobody')),
      ).toMatchObject({ pointer: '/entries/1/body/corrects', allowed: 'the id of an entry in this file' });
      expect(await refuse((wrong) => wrong.entries.push(wrong.entries[0]!))).toMatchObject({
        pointer: '/entries',
        allowed: 'each id once',
      });
      const imported = (await server.send('POST', '/api/imports', file)).body as Imported;
      expect(imported).toMatchObject({ runId: run, entries: 2, already: false });
      expect(imported.practicalId).not.toBe('honeycomb');
      expect(await runNow(run)).toMatchObject({ practicalId: imported.practicalId, roomId: 'kitchen' });
      const here = (await server.get('/api/practicals/honeycomb')).body as Practical;
      expect(here.plan.question).toBe(examplePlan.question);
      expect((await server.get('/api/rooms')).body).not.toMatchObject([{}, { name: 'Elsewhere' }]);
      expect((await server.get('/api/classes')).body).not.toMatchObject([{}, { name: 'Others' }]);
      // A practical that is not here yet comes in under its own id, its stations in order however they were listed.
      const fresh = structuredClone(file);
      fresh.practical.id = 'elsewhere';
      fresh.run.id = 'fresh';
      fresh.run.allocation.reverse();
      fresh.entries = [];
      expect((await server.send('POST', '/api/imports', fresh)).body).toMatchObject({
        practicalId: 'elsewhere',
      });
      expect((await runNow('fresh')).stations).toEqual([1, 2, 3, 4]);
      // The same plan stays one practical.
      const twin = structuredClone(file);
      twin.practical.plan = { ...examplePlan, roomId: 'kitchen' };
      twin.run.id = 'twin';
      twin.entries = [];
      const second = (await server.send('POST', '/api/imports', twin)).body as Imported;
      expect(second.practicalId).toBe('honeycomb');
      await server.send('POST', `/api/runs/${run}/log`, {
        entries: [
          entryAt(noon, 2, { kind: 'observation', text: 'golden', when: 'during', sense: 'colour' }),
          entryAt(noon, 2, { kind: 'observation', text: 'odd', when: 'after', sense: null }),
          entryAt(noon, 3, { kind: 'timer', label: 'egg', minutes: 4, lookAt: null }),
        ],
      });
      const csv = await (await fetch(`${server.url}/api/runs/${run}/log.csv`)).text();
      expect(csv).toMatch(/correction,,,,,,,,struck out,/);
      expect(csv).toMatch(/2026-11-25T13:00:00\.000\+01:00/);
      expect(csv).toMatch(/,observation,,,,colour,,,,golden,/);
      expect(csv).toMatch(/,observation,,,,,,,,odd,/);
      expect(csv).toMatch(/,timer,,,,,,4,min,egg,/);
    } finally {
      await other.stop();
    }
  });
});

describe('watching a run', () => {
  it('tells what was missed, what comes, and how the run stands; nothing where nothing was missed', async () => {
    const watch = async (headers: Record<string, string>, until: string) => {
      const abort = new AbortController();
      const response = await fetch(`${server.url}/api/runs/${honeycombRun}/live`, {
        headers,
        signal: abort.signal,
      });
      let text = '';
      for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += new TextDecoder().decode(chunk);
        if (text.includes(until)) break;
      }
      abort.abort();
      return { text, type: response.headers.get('content-type') };
    };
    const { text, type } = await watch({ 'Last-Event-ID': '999999' }, 'event: run');
    expect(type).toBe('text/event-stream');
    expect(text).toMatch(/^retry: 1000\n\nevent: run\n/);
    const told = JSON.parse(/data: (.*)\n/.exec(text)![1]!) as { run: Run; serverNow: number };
    expect([told.run.id, told.serverNow]).toEqual([honeycombRun, noon]);
    const entry = entryAt(noon, 1, readingOf(71));
    await server.send('POST', `/api/runs/${honeycombRun}/log`, { entries: [entry] });
    expect((await watch({}, 'event: run')).text).toMatch(/^retry: 1000\n\nid: \d+\nevent: entries\ndata: \[/);
  });
});

describe('simulated probes', () => {
  it('are begun for simulated runs that run, once each, and taken up again after a stop', async () => {
    const begun: [string, number | null][] = [];
    const data = mkdtempSync(join(tmpdir(), 'tawny-begun-'));
    const knex = await openDatabase(data);
    const errors: object[] = [];
    const app = createApp({
      ...{ knex, version: 'test', now: () => noon },
      logger: { error: (details) => void errors.push(details) },
      probes: (run, past, resumeMs) => {
        begun.push([`${run.id} ${past.length}`, resumeMs]);
        return { advance: () => [], hear: () => undefined };
      },
    });
    try {
      const { id, ...room } = ((await server.get('/api/rooms')).body as [{ id: string }])[0];
      await app.rooms.add({ ...room, id } as never);
      await app.classes.add({ id: '8a', name: '8A', students: 25, unit: 'F' });
      await app.practicals.add({ id: 'honeycomb', plan: examplePlan });
      const add = (runId: string, probes: string) =>
        app.runs.add(planned(runId, { practicalId: 'honeycomb', revision: 1, probes }) as never);
      await app.probes.begin(await add('waiting', 'simulated'));
      await add('real', 'none');
      await app.probes.begin(await app.runs.start('real'));
      await add('sim', 'simulated');
      const sim = await app.runs.start('sim');
      await app.probes.begin(sim);
      await app.probes.begin(sim);
      expect(begun).toEqual([['sim 0', null]]);
      app.probes.stop();
      await app.probes.resume();
      expect(begun.slice(1)).toEqual([['sim 0', null]]);
      expect(errors).toEqual([]);
    } finally {
      app.close();
      await knex.destroy();
      rmSync(data, { recursive: true, force: true });
    }
  });

  it('hear what is logged at the stations, by the door of the log', async () => {
    const heard = vi.spyOn(server.app.probes, 'hear');
    const entry = entryAt(noon, 1, readingOf(72));
    await server.send('POST', `/api/runs/${honeycombRun}/log`, { entries: [entry] });
    expect(heard).toHaveBeenCalledWith(honeycombRun, [expect.objectContaining({ id: entry.id })]);
  });
});

describe('the school, the pages and failures', () => {
  it('the school has a name before anyone has said, and keeps what is set', async () => {
    const school = async () => (await server.get('/api/school')).body as School;
    expect(await school()).toEqual({ name: 'My school', teacher: '', demo: false, version: 'test' });
    await server.app.school.set({ name: 'Harbour School', teacher: 'A. Teacher' });
    await server.app.school.set({ name: 'Hill School', demo: 'yes' });
    expect(await school()).toEqual({
      name: 'Hill School',
      teacher: 'A. Teacher',
      demo: true,
      version: 'test',
    });
    expect((await server.get('/healthz')).body).toEqual({ ok: true });
  });

  it('every page is the one page; the API’s unknown paths and other methods are not', async () => {
    const data = mkdtempSync(join(tmpdir(), 'tawny-web-'));
    const web = join(data, 'web');
    mkdirSync(join(web, 'assets'), { recursive: true });
    writeFileSync(join(web, 'index.html'), '<p>Tawny Beaker</p>');
    writeFileSync(join(web, 'assets', 'a.js'), '0');
    const knex = await openDatabase(data);
    const failures: { text: string; details: object }[] = [];
    const app = createApp({
      ...{ knex, version: 'test', webFolder: web },
      probes: () => ({ advance: () => [], hear: () => undefined }),
      logger: { error: (details, text) => void failures.push({ details, text }) },
    });
    const listening = app.express.listen(0, '127.0.0.1');
    await new Promise((resolve) => listening.once('listening', resolve));
    const at = `http://127.0.0.1:${(listening.address() as AddressInfo).port}`;
    try {
      for (const path of ['/', '/runs/x/bench', '/apiary']) {
        const page = await fetch(at + path);
        expect([page.status, await page.text()]).toEqual([200, '<p>Tawny Beaker</p>']);
        expect(page.headers.get('cache-control')).toBe('no-cache');
        expect(page.headers.get('content-security-policy')).toContain("script-src 'self'");
      }
      expect((await fetch(`${at}/assets/a.js`)).headers.get('cache-control')).toContain('immutable');
      const missing = await fetch(`${at}/api/nothing?x=1`);
      expect(missing.status).toBe(404);
      expect(await missing.json()).toMatchObject({ detail: 'There is nothing at GET /api/nothing.' });
      expect((await fetch(`${at}/runs/x/bench`, { method: 'POST' })).status).toBe(404);
      expect(failures).toEqual([]);
      await knex.destroy();
      const broken = await fetch(`${at}/api/rooms`);
      expect(broken.status).toBe(500);
      expect(await broken.json()).toMatchObject({ title: 'Something went wrong here', status: 500 });
      expect(failures).toMatchObject([{ text: 'request failed', details: { path: '/api/rooms' } }]);
      expect((failures[0]!.details as { err: Error }).err).toBeInstanceOf(Error);
    } finally {
      app.close();
      listening.closeAllConnections();
      await new Promise((resolve) => listening.close(resolve));
      rmSync(data, { recursive: true, force: true });
    }
  });

  it('a body that is too large, or no JSON, is said so', async () => {
    const large = await server.send('POST', '/api/rooms', JSON.stringify({ name: 'x'.repeat(2_200_000) }));
    expect(large).toMatchObject({ status: 413, body: { title: 'Too large' } });
    expect(await server.send('POST', '/api/rooms', '{')).toMatchObject({
      status: 400,
      body: { title: 'Not JSON' },
    });
    expect(await server.send('POST', '/api/rooms', '7')).toMatchObject({
      status: 422,
      body: { detail: 'body is 7; allowed: a JSON object' },
    });
  });
});
