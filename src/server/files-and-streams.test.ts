import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { AddressInfo } from 'node:net';
import { describe, expect, it, vi } from 'vitest';
import type { Practical } from '../contract/practicals';
import type { Imported, RunFile } from '../contract/run-file';
import type { Run } from '../contract/runs';
import type { School } from '../contract/school';
import { usualWays } from '../core/days';
import { examplePlan } from '../core/practical';
import { createApp } from './app';
import { openDatabase } from './db/open';
import { setSchool } from './school/school';
import { entryAt, readingOf, runningApp, startedRun } from './testing/running-app';
import {
  noon,
  server,
  honeycombRun,
  planned,
  runNow,
  withTwoOfEverything,
} from './testing/two-of-everything';

withTwoOfEverything();

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
    const missed = (await watch({}, 'event: entries')).text;
    expect(missed).toMatch(/^retry: 1000\n\nevent: run\ndata: .*\n\nid: \d+\nevent: entries\ndata: \[/);
  });
});

describe('simulated probes', () => {
  it('are begun for simulated runs that run, once each, and taken up again after a stop', async () => {
    const begun: [string, number | null][] = [];
    const data = mkdtempSync(join(tmpdir(), 'tawny-begun-'));
    const knex = await openDatabase(data);
    const errors: object[] = [];
    const app = createApp({
      ...{ knex, dataFolder: data, version: 'test', epoch: 'this one', open: true, now: () => noon },
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
    // Its hours, bells and lists are looked at where they are set.
    const usual = { ways: usualWays, waysVersion: 0, calendarShared: false, budgets: [] };
    expect(await school()).toEqual({
      ...usual,
      name: 'My school',
      teacher: '',
      demo: false,
      version: 'test',
      riskScale: ['low', 'medium', 'high'],
    });
    await setSchool(server.knex, { name: 'Harbour School', teacher: 'A. Teacher' });
    await setSchool(server.knex, { name: 'Hill School', demo: 'yes' });
    expect(await school()).toEqual({
      ...usual,
      name: 'Hill School',
      teacher: 'A. Teacher',
      demo: true,
      version: 'test',
      riskScale: ['low', 'medium', 'high'],
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
      ...{ knex, dataFolder: data, version: 'test', epoch: 'this one', open: true, webFolder: web },
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
      const write = { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' };
      expect((await fetch(`${at}/runs/x/bench`, write)).status).toBe(404);
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
