import { inert } from './csv/formula';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Practical, Revision, RevisionPage, StaleEdit } from '../contract/practicals';
import type { ProblemDocument } from '../contract/problem';
import type { Imported, RunFile } from '../contract/run-file';
import type { Run, RunNow } from '../contract/runs';
import { examplePlan } from '../core/practical';
import { runTime } from '../core/run';
import { backUp } from './db/backup';
import { NewerFile, openDatabase } from './db/open';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from './testing/running-app';

let server: RunningApp;
let run: string;

beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
});
afterAll(() => server.stop());

describe('bodies', () => {
  it('nested thousands deep are refused at every route, read or not, and never bring a 500', async () => {
    for (const path of [
      '/api/calculators/grubbs',
      '/api/calculators/timetable',
      '/api/practicals',
      '/api/ticks',
    ])
      for (const deep of [201, 5000, 100_000]) {
        const answer = await fetch(server.url + path, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: '['.repeat(deep) + ']'.repeat(deep),
        });
        const { title } = (await answer.json()) as ProblemDocument;
        expect([answer.status, title], `${path}, ${deep} deep`).toEqual([400, 'Nested too deep']);
      }
  });
});

describe('plans', () => {
  it('are kept as revisions, and a stale edit is refused with both versions', async () => {
    const edit = (basedOn: number, question: string) =>
      server.send('POST', '/api/practicals/honeycomb/revisions', {
        basedOn,
        plan: { ...examplePlan, question },
      });
    const first = (await edit(1, 'Does it snap?')).body as Revision;
    expect(first.number).toBe(2);
    const stale = await edit(1, 'Does it bend?');
    expect(stale.status).toBe(409);
    const both = stale.body as unknown as StaleEdit;
    expect([both.current.plan.question, both.yours.question]).toEqual(['Does it snap?', 'Does it bend?']);
    expect(((await edit(2, 'Does it snap?')).body as Revision).number).toBe(2);
    const { revisions } = (await server.get('/api/practicals/honeycomb/revisions')).body as RevisionPage;
    expect(revisions.map((revision) => revision.number)).toEqual([2, 1]);
    // The run stands on the revision it was made from, whatever the plan does since.
    expect(((await server.get(`/api/runs/${run}`)).body as RunNow).run.plan.question).toBe(
      examplePlan.question,
    );
  });

  it('are refused with the field named', async () => {
    const { status, body } = await server.send('POST', '/api/practicals', {
      id: 'x',
      plan: { ...examplePlan, title: '' },
    });
    expect(status).toBe(422);
    expect((body as ProblemDocument).errors).toMatchObject([
      { pointer: '/plan/title', field: 'title', value: '' },
    ]);
  });
});

describe('rooms', () => {
  it('refuse 90 km and a stale change', async () => {
    const rooms = (await server.get('/api/rooms')).body as [Record<string, unknown>];
    const { id, ...room } = rooms[0];
    const put = (change: object) => server.send('PUT', `/api/rooms/${String(id)}`, { ...room, ...change });
    expect(((await put({ altitudeM: 90_000 })).body as ProblemDocument).errors?.[0]?.field).toBe('altitudeM');
    expect((await put({ altitudeM: 1300 })).status).toBe(200);
    expect((await put({ altitudeM: 1400 })).status).toBe(409);
  });
});

describe('runs', () => {
  it('take a layout from a seed, and only simulate what can be simulated', async () => {
    const { run: kept } = (await server.get(`/api/runs/${run}`)).body as RunNow;
    expect(kept.allocation).toHaveLength(4);
    expect(new Set(kept.allocation.map((one) => one.treatmentId)).size).toBe(4);
    const dry = { ...examplePlan, formula: examplePlan.formula.filter((one) => one.id === 'soda') };
    const practical = (await server.send('POST', '/api/practicals', { id: 'dry', plan: dry }))
      .body as Practical;
    const { status, body } = await server.send('POST', '/api/runs', {
      id: 'dry-run',
      practicalId: practical.id,
      revision: 1,
      roomId: 'kitchen',
      classId: '9b',
      startsAt: Date.now(),
      stations: 4,
      probes: 'simulated',
    });
    expect(status).toBe(422);
    expect((body as ProblemDocument).errors?.[0]?.pointer).toBe('/probes');
    expect((await server.send('POST', `/api/runs/${run}/clock`, { speed: 60 })).status).toBe(422);
  });
});

describe('a run file', () => {
  it('comes back on an empty database as the same file, and a second time changes nothing', async () => {
    const first = entryAt(Date.now(), 1, readingOf(118.5));
    await server.send('POST', `/api/runs/${run}/log`, {
      entries: [
        first,
        entryAt(Date.now(), 1, { kind: 'correction', corrects: first.id, to: readingOf(118) as never }),
        entryAt(Date.now(), null, { kind: 'event', text: '=window, "opened"', stepId: null }),
      ],
    });
    const file = (await server.get(`/api/runs/${run}/run.json`)).body as RunFile;
    const elsewhere = await runningApp();
    try {
      const imported = await elsewhere.send('POST', '/api/imports', file);
      expect(imported.body).toMatchObject({
        runId: run,
        entries: 3,
        already: false,
      } satisfies Partial<Imported>);
      const again = (await elsewhere.get(`/api/runs/${run}/run.json`)).body as RunFile;
      expect({ ...again, exportedAt: '' }).toEqual({ ...file, exportedAt: '' });
      expect(imported.body).toMatchObject({ added: 3 });
      expect((await elsewhere.send('POST', '/api/imports', file)).body).toMatchObject({
        already: true,
        added: 0,
      });
      for (const change of [{ station: 2 }, { at: file.entries[0]!.at + 1 }, { offset: 5 }]) {
        const other = { ...file, entries: [{ ...file.entries[0]!, ...change }, ...file.entries.slice(1)] };
        expect((await elsewhere.send('POST', '/api/imports', other)).status, JSON.stringify(change)).toBe(
          409,
        );
      }
      const changed = structuredClone(file);
      (changed.entries[0]!.body as { celsius: number }).celsius = 1;
      expect((await elsewhere.send('POST', '/api/imports', changed)).status).toBe(409);
    } finally {
      await elsewhere.stop();
    }
  });

  it('never gives a practical that is here another plan, and takes no revision nobody can have counted to', async () => {
    const file = (await server.get(`/api/runs/${run}/run.json`)).body as RunFile;
    const before = (await server.get('/api/practicals/honeycomb')).body as Practical;
    const bring = async (id: string, revision: number, question?: string) => {
      const other = structuredClone(file);
      Object.assign(other.practical, {
        revision,
        ...(question && { plan: { ...file.practical.plan, question } }),
      });
      Object.assign(other, { run: { ...other.run, id }, entries: [] });
      const { practicalId } = (await server.send('POST', '/api/imports', other)).body as Imported;
      const { run: now } = (await server.get(`/api/runs/${id}`)).body as RunNow;
      return { practicalId, revision: now.revision, question: now.plan.question };
    };
    // A number that is not here, with a plan that is: the run belongs to the revision that reads the same.
    expect(await bring('known', 77)).toMatchObject({
      practicalId: 'honeycomb',
      revision: file.practical.revision,
    });
    const later = await bring('later', before.number + 5, 'Whose plan is this?');
    expect(later).toMatchObject({ question: 'Whose plan is this?', revision: 1 });
    expect(later.practicalId).not.toBe('honeycomb');
    const after = (await server.get('/api/practicals/honeycomb')).body as Practical;
    expect([after.number, after.plan]).toEqual([before.number, before.plan]);
    const elsewhere = await runningApp();
    try {
      const absurd = { ...file, practical: { ...file.practical, revision: 999_999_999 } };
      await elsewhere.send('POST', '/api/imports', absurd);
      const there = (await elsewhere.get('/api/practicals/honeycomb')).body as Practical;
      expect(there.number).toBe(1);
      const edit = { basedOn: 1, plan: { ...there.plan, question: 'Next?' } };
      expect((await elsewhere.send('POST', '/api/practicals/honeycomb/revisions', edit)).status).toBe(201);
    } finally {
      await elsewhere.stop();
    }
  });

  it('of a run that goes on without a clock is taken, and can be finished; one that ends before it begins is not', async () => {
    const file = (await server.get(`/api/runs/${run}/run.json`)).body as RunFile;
    const bring = (id: string, change: Partial<RunFile['run']>) =>
      server.send('POST', '/api/imports', { ...file, run: { ...file.run, id, ...change } });
    expect((await bring('clockless', { finishedAt: null, clock: null })).status).toBe(201);
    const finished = await server.send('POST', '/api/runs/clockless/finish', {});
    expect(finished).toMatchObject({ status: 200, body: { run: { status: 'finished' } } });
    expect((await bring('backwards', { finishedAt: file.run.startedAt! - 1 })).status).toBe(422);
    expect((await bring('unbegun', { startedAt: null, clock: null })).status).toBe(422);
    expect((await bring('ancient', { startedAt: 0 })).status).toBe(422);
  });

  it('is refused whole when it is malformed, the place named', async () => {
    const file = (await server.get(`/api/runs/${run}/run.json`)).body as RunFile;
    const refuse = async (change: (file: RunFile) => void) => {
      const wrong = structuredClone(file);
      wrong.run.id = 'another';
      change(wrong);
      const { status, body } = await server.send('POST', '/api/imports', wrong);
      return { status, pointer: (body as ProblemDocument).errors?.[0]?.pointer };
    };
    expect(await refuse((wrong) => (wrong.format = 'recipe' as never))).toEqual({
      status: 422,
      pointer: '/format',
    });
    expect(await refuse((wrong) => (wrong.entries[0]!.station = 9))).toEqual({
      status: 422,
      pointer: '/entries/0/station',
    });
    expect(await refuse((wrong) => (wrong.run.allocation[0]!.treatmentId = 'x'))).toEqual({
      status: 422,
      pointer: '/run/allocation/0/treatmentId',
    });
    expect((await server.get('/api/runs/another')).status).toBe(404);
  });

  it('has a CSV beside it that a spreadsheet reads as text and numbers', async () => {
    const response = await fetch(`${server.url}/api/runs/${run}/log.csv`);
    const lines = (await response.text()).split('\r\n');
    expect(response.headers.get('content-type')).toContain('text/csv');
    expect(lines[0]).toContain('entry,station,level,happened,arrived,kind');
    expect(lines.find((line) => line.includes(',reading,'))).toMatch(/,1,118\.5,245\.3,/);
    expect(lines.find((line) => line.includes(',event,'))).toContain(`"'=window, ""opened"""`);
    const trick = [';=1+1', '\u3000＝1+1', ' \t@sum', "'-2", '＋1', '|calc'];
    const notes = trick.map((text) => entryAt(Date.now(), 2, { kind: 'deviation', text }));
    await server.send('POST', `/api/runs/${run}/log`, { entries: notes });
    const csv = await (await fetch(`${server.url}/api/runs/${run}/log.csv`)).text();
    // One that begins a cell by another sign has an apostrophe there too.
    for (const text of trick) expect(csv, text).toContain(`'${inert(text)}`);
  });
});

describe('the clock', () => {
  it('of a simulated run is set by the server and does not jump', async () => {
    let wall = Date.now();
    const timed = await runningApp(() => wall);
    try {
      const id = await startedRun(timed);
      await timed.knex('runs').where({ id }).update({ probes: 'simulated' });
      timed.app.runs.forget(id);
      wall += 10_000;
      const { run: fast } = (await timed.send('POST', `/api/runs/${id}/clock`, { speed: 60 })).body as RunNow;
      expect(runTime(fast.clock!, wall)).toBe(fast.startedAt! + 10_000);
      expect(runTime(fast.clock!, wall + 1000)).toBe(fast.startedAt! + 70_000);
      wall += 1000;
      const { run: done } = (await timed.send('POST', `/api/runs/${id}/finish`, {})).body as { run: Run };
      expect(done.finishedAt).toBe(fast.startedAt! + 70_000);
    } finally {
      await timed.stop();
    }
  });
});

describe('the file of the database', () => {
  it('is refused when a newer program has written it', async () => {
    const newer = await runningApp();
    await newer.knex('migrations').insert({ name: '999-from-tomorrow', at: 0 });
    await expect(openDatabase(newer.data)).rejects.toThrow(NewerFile);
    await newer.stop();
  });

  it('is copied by the backup with everything in it', async () => {
    const copy = await backUp(server.data, new Date());
    const { default: Database } = await import('better-sqlite3');
    const backup = new Database(copy, { readonly: true });
    const count = backup.prepare('SELECT count(*) AS n FROM log').get() as { n: number };
    backup.close();
    const [here] = await server.knex('log').count<{ n: number }[]>('* as n');
    expect(count.n).toBe(here!.n);
    expect(count.n).toBeGreaterThan(0);
  });
});

describe('the description of the API', () => {
  it('names every route that the server answers, with the schema of its body', async () => {
    const { body } = await server.get('/api/openapi.json');
    const { paths, components } = body as { paths: Record<string, object>; components: { schemas: object } };
    const served = (server.app.express as unknown as { router: { stack: Layer[] } }).router.stack
      .flatMap((layer) => [layer, ...(layer.handle.stack ?? [])])
      .flatMap((layer) => (layer.route ? [layer.route.path.replaceAll(/:(\w+)/g, '{$1}')] : []));
    expect(body).toMatchObject({ openapi: '3.1.0', info: { title: 'Tawny Beaker', version: 'test' } });
    expect(paths['/api/rooms/{id}']).toMatchObject({
      put: {
        parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
        requestBody: {
          content: { 'application/json': { schema: { $ref: '#/components/schemas/RoomEdit' } } },
        },
        responses: { 200: {}, default: { content: { 'application/problem+json': {} } } },
      },
    });
    expect(paths['/api/rooms']).toMatchObject({ get: { parameters: [] }, post: { responses: { 201: {} } } });
    expect(Object.keys(paths).sort()).toEqual([...new Set(served)].sort());
    expect(Object.keys(components.schemas)).toEqual(
      expect.arrayContaining(['EntryBatch', 'Plan', 'RunFile']),
    );
  });
});

interface Layer {
  route?: { path: string };
  handle: { stack?: Layer[] };
}
