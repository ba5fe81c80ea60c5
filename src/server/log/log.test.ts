import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { BatchReceipt, LoggedEntry } from '../../contract/entries';
import type { ProblemDocument } from '../../contract/problem';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from '../testing/running-app';

let server: RunningApp;
let run: string;
const logPath = () => `/api/runs/${run}/log`;

beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
});
afterAll(() => server.stop());

describe('the log', () => {
  it('refuses UPDATE and DELETE in the database itself', async () => {
    await server.send('POST', logPath(), { entries: [entryAt(Date.now(), 1, readingOf(99))] });
    const before = await server.knex('log').select<object[]>('*');
    await expect(server.knex('log').update({ station: 2 })).rejects.toThrow('log is append-only');
    await expect(server.knex('log').delete()).rejects.toThrow('log is append-only');
    await expect(server.knex.raw('UPDATE revisions SET plan = 1')).rejects.toThrow(
      'revisions is append-only',
    );
    expect(await server.knex('log').select<object[]>('*')).toEqual(before);
  });

  it('keeps one copy of a batch that is posted five times', async () => {
    const entries = [98.1, 98.4, 98.2].map((celsius, i) => entryAt(Date.now() + i, 2, readingOf(celsius)));
    const receipts: BatchReceipt[] = [];
    for (let i = 0; i < 5; i += 1) {
      const { status, body } = await server.send('POST', logPath(), { entries });
      expect(status).toBe(201);
      receipts.push(body);
    }
    expect(receipts[0]).toEqual({ kept: entries.map((entry) => entry.id), already: [], epoch: 'this one' });
    expect(receipts[4]).toMatchObject({ kept: [], already: entries.map((entry) => entry.id) });
    const stored = (await server.get(logPath())).body as LoggedEntry[];
    const ours = stored.filter((entry) => entry.station === 2);
    expect(ours.map(({ id, at, body }) => ({ id, at, body }))).toEqual(
      entries.map(({ id, at, body }) => ({ id, at, body })),
    );
  });

  it('refuses an id that is taken by something else, tells which, and keeps nothing of that batch', async () => {
    const first = entryAt(Date.now(), 3, readingOf(80));
    await server.send('POST', logPath(), { entries: [first] });
    const seen = entryAt(Date.now(), 3, { kind: 'deviation', text: 'dropped it' });
    const fresh = entryAt(Date.now(), 3, readingOf(81));
    for (const taken of [
      { ...first, body: readingOf(80.5) },
      { ...first, at: first.at + 1 },
      { ...first, station: 2 },
      { ...first, offset: first.offset + 60 },
      { ...seen, id: first.id },
    ]) {
      const answer = await server.send('POST', logPath(), { entries: [fresh, taken] });
      expect(answer).toMatchObject({
        status: 422,
        body: { errors: [{ pointer: '/entries/1/id', field: 'id', value: first.id }] },
      });
    }
    // Two of one id in a batch are judged alike.
    const twice = await server.send('POST', logPath(), { entries: [fresh, { ...fresh, station: 1 }] });
    expect(twice).toMatchObject({ status: 422, body: { errors: [{ pointer: '/entries/1/id' }] } });
    const stored = (await server.get(logPath())).body as LoggedEntry[];
    expect(stored.some(({ id }) => id === fresh.id)).toBe(false);
    expect(stored.find(({ id }) => id === first.id)).toMatchObject(first);
    // The same content in another order of its fields is the same.
    const { kind, ...rest } = first.body as { kind: string };
    const same = { ...first, body: { ...rest, kind } };
    expect(await server.send('POST', logPath(), { entries: [same] })).toMatchObject({
      status: 201,
      body: { kept: [], already: [first.id] },
    });
  });

  it.each<[string, () => object, string, RegExp]>([
    [
      'a station that is not in the run',
      () => entryAt(Date.now(), 14, readingOf(99)),
      '/entries/1/station',
      /a station from 1 to 4/,
    ],
    [
      'a clock that is a day off',
      () => entryAt(Date.now() - 86_400_000, 1, readingOf(99)),
      '/entries/1/at',
      /within 12 hours of this run.*a day off/,
    ],
    ['1500 °C', () => entryAt(Date.now(), 1, readingOf(1500)), '/entries/1/body/celsius', /-90 to 400 °C/],
    [
      'a correction of nothing',
      () => entryAt(Date.now(), 1, { kind: 'correction', corrects: 'nobody', to: null }),
      '/entries/1/body/corrects',
      /in this run/,
    ],
  ])('refuses a batch with %s, names the entry, and keeps none of it', async (_, wrong, pointer, allowed) => {
    const sound = entryAt(Date.now(), 1, readingOf(100));
    const { status, body } = await server.send('POST', logPath(), { entries: [sound, wrong()] });
    const problem = body as ProblemDocument;
    expect(status).toBe(422);
    expect(problem.errors?.[0]?.pointer).toBe(pointer);
    expect(problem.errors?.[0]?.allowed).toMatch(allowed);
    const stored = (await server.get(logPath())).body as LoggedEntry[];
    expect(stored.some((entry) => entry.id === sound.id)).toBe(false);
  });

  it('takes a correction only for the kind of entry it corrects, corrections included', async () => {
    const first = entryAt(Date.now(), 3, readingOf(118.5));
    const second = entryAt(Date.now(), 3, {
      kind: 'correction',
      corrects: first.id,
      to: readingOf(118) as never,
    });
    const wrongKind = entryAt(Date.now(), 3, {
      kind: 'correction',
      corrects: second.id,
      to: { kind: 'deviation', text: 'no' },
    });
    expect((await server.send('POST', logPath(), { entries: [first, second] })).status).toBe(201);
    const refused = await server.send('POST', logPath(), { entries: [wrongKind] });
    expect((refused.body as ProblemDocument).errors?.[0]).toMatchObject({
      field: 'kind',
      value: 'deviation',
    });
  });

  it('answers with problem documents for broken JSON, unknown runs and runs that have not begun', async () => {
    const broken = await fetch(server.url + logPath(), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{"entries": [',
    });
    expect(broken.headers.get('content-type')).toContain('application/problem+json');
    expect(broken.status).toBe(400);
    expect((await server.get('/api/runs/nobody/log')).status).toBe(404);
    expect((await server.get('/api/nothing')).status).toBe(404);
  });

  it('resumes a live stream where it broke off', async () => {
    const entries = [110, 111, 112].map((celsius, i) => entryAt(Date.now() + i, 4, readingOf(celsius)));
    await server.send('POST', logPath(), { entries });
    const stored = (await server.get(logPath())).body as LoggedEntry[];
    const middle = stored.find((entry) => entry.id === entries[1]!.id)!.seq;
    const abort = new AbortController();
    const response = await fetch(`${server.url}/api/runs/${run}/live`, {
      headers: { 'Last-Event-ID': String(middle) },
      signal: abort.signal,
    });
    const later = entryAt(Date.now(), 4, readingOf(113));
    await server.send('POST', logPath(), { entries: [later] });
    let text = '';
    for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += new TextDecoder().decode(chunk);
      if (text.includes(later.id)) break;
    }
    abort.abort();
    expect(text).toContain(entries[2]!.id);
    expect(text).not.toContain(entries[1]!.id);
    expect(text).toContain('event: run');
  });
});

describe('a run that is being prepared', () => {
  it('takes weights and what ran short from its teacher, days before; nothing else, and nothing from probes', async () => {
    const server = await runningApp();
    try {
      await startedRun(server);
      const startsAt = Date.now() + 2 * 86_400_000;
      await server.send('POST', '/api/runs', {
        ...{ id: 'next', practicalId: 'honeycomb', revision: 1, roomId: 'kitchen', classId: '9b' },
        ...{ startsAt, stations: 8, probes: 'none', seed: 1 },
      });
      const weighed = {
        kind: 'weighed',
        ...{ ingredientId: 'sugar', name: 'sugar', grams: 101, wantedG: 100 },
        by: 'staff',
      } as const;
      const send = (entries: object[]) => server.send('POST', '/api/runs/next/log', { entries });
      const first = entryAt(Date.now(), 2, weighed);
      expect((await send([first])).status).toBe(201);
      expect(
        (await send([entryAt(Date.now(), null, { kind: 'deviation', text: 'short of sugar' })])).status,
      ).toBe(201);
      const put = { kind: 'correction', corrects: first.id, to: { ...weighed, grams: 100 } } as const;
      expect((await send([entryAt(Date.now(), 2, put)])).status).toBe(201);
      expect((await send([first, entryAt(Date.now(), 2, readingOf(20))])).status).toBe(409);
      expect((await send([entryAt(Date.now(), 9, weighed)])).body).toMatchObject({
        errors: [{ field: 'station' }],
      });
      const long = entryAt(startsAt - 31 * 86_400_000, 2, weighed);
      expect((await send([long])).body).toMatchObject({ errors: [{ field: 'at' }] });
      // It is there when the run begins, and arrives late as well.
      await server.send('POST', '/api/runs/next/start', {});
      expect((await send([entryAt(startsAt - 20 * 86_400_000, 3, weighed)])).status).toBe(201);
      const kept = (await server.get('/api/runs/next/log')).body as LoggedEntry[];
      expect(kept.map(({ body }) => body.kind)).toEqual([
        ...['weighed', 'deviation', 'correction', 'weighed'],
      ]);
    } finally {
      await server.stop();
    }
  });
});
