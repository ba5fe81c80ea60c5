import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { BatchReceipt, LoggedEntry } from '../../contract/entries';
import type { ProblemDocument } from '../../contract/problem';
import type { RunNow } from '../../contract/runs';
import { firstTeacher, join, signIn, words, type Carried } from '../testing/people';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { matrixActors } from './matrix';
import type { Permission } from './actor';

let server: RunningApp;
let run: string;
let other: string;
let ended: string;
const carried = new Map<(typeof matrixActors)[number], Carried>();
const as = (who: (typeof matrixActors)[number]) => {
  const { cookie } = carried.get(who)!;
  return (cookie === undefined ? {} : { cookie }) as Carried;
};

/** A run of the school beside the first. */
async function anotherRun(id: string, admin: Carried): Promise<string> {
  const planned = { id, practicalId: 'honeycomb', revision: 1, roomId: 'kitchen', classId: '9b' };
  await server.send(
    'POST',
    '/api/runs',
    { ...planned, startsAt: Date.now(), stations: 4, probes: 'none' },
    admin,
  );
  await server.send('POST', `/api/runs/${id}/start`, {}, admin);
  return id;
}

let clock = 0;
beforeAll(async () => {
  server = await runningApp(() => Date.now() + clock, false);
  const admin = await firstTeacher(server);
  for (const name of ['T. Plain', 'T. Left', 'T. Out']) {
    const added = { id: name.slice(3), name, passphrase: words };
    expect((await server.send('POST', '/api/teachers', added, admin)).status).toBe(201);
  }
  run = await startedRun(server, 4, Date.now(), admin);
  other = await anotherRun('other', admin);
  ended = await anotherRun('ended', admin);
  carried.set('nobody', {});
  carried.set('own tablet', await join(server, admin, run, 1));
  carried.set('tablet of another station', await join(server, admin, run, 2));
  carried.set('tablet of another run', await join(server, admin, other, 1));
  const closed = await join(server, admin, run, 1);
  await server.send('POST', `/api/runs/${run}/passes/${closed.pass}/close`, {}, admin);
  carried.set('tablet that was closed', closed);
  carried.set('tablet after the end of its run', await join(server, admin, ended, 1));
  await server.send('POST', `/api/runs/${ended}/finish`, {}, admin);
  const out = await signIn(server, 'T. Out');
  await server.send('POST', '/api/sign-out', {}, out);
  carried.set('teacher who signed out', out);
  const left = await signIn(server, 't.  left');
  await server.send('POST', '/api/teachers/Left/close', {}, admin);
  carried.set('teacher who left', left);
  carried.set('teacher', await signIn(server, 'T. Plain'));
  carried.set('who administers', admin);
});
afterAll(() => server.stop());

interface Layer {
  route?: { path: string; methods: Record<string, boolean> };
  handle: { stack?: Layer[] };
}

/** What Express really serves, whoever put it up. */
function served(): string[] {
  const { stack } = (server.app.express as unknown as { router: { stack: Layer[] } }).router;
  return stack
    .flatMap((layer) => [layer, ...(layer.handle.stack ?? [])])
    .flatMap(({ route }) =>
      route ? Object.keys(route.methods).map((method) => `${method} ${route.path}`) : [],
    )
    .sort();
}

/** Who gets through at a permission: written down here once more, by hand. */
const through: Record<Permission, readonly (typeof matrixActors)[number][]> = {
  anyone: matrixActors,
  station: ['own tablet', 'teacher', 'who administers'],
  teacher: ['teacher', 'who administers'],
  admin: ['who administers'],
};

describe('routes and actors', () => {
  it('every route that is served declares who may call it', () => {
    expect(served()).toEqual(server.app.gate.declared.map(({ method, path }) => `${method} ${path}`).sort());
    expect(served().length).toBeGreaterThan(45);
  });

  it('every route lets in whom it declares and nobody else; the page of the matrix says the same', async () => {
    const page = readFileSync('docs/security.md', 'utf8');
    const gateRefuses = /^(Sign in|Not in|Another station|For who administers)$/;
    const wrong: string[] = [];
    for (const { method, path, may, body } of server.app.gate.declared) {
      // Signing out would end the session the next route is asked with.
      if (path === '/api/sign-out') continue;
      // For a tablet after the end of its run, its own station is that run’s.
      const address = (who: string) =>
        path
          .replace(':id', who === 'tablet after the end of its run' ? ended : run)
          .replace(':station', '1')
          .replace(':hash', 'a'.repeat(64))
          .replace(':pass', 'nobody');
      for (const who of matrixActors) {
        const abort = new AbortController();
        const answer = await fetch(server.url + address(who), {
          method: method.toUpperCase(),
          signal: abort.signal,
          headers: {
            ...as(who),
            // Nothing in the body is sound: what gets through is refused for that, and changes nothing.
            ...(method !== 'get' && {
              'content-type': path.includes('picture') ? 'image/png' : 'application/json',
            }),
          },
          ...(method !== 'get' && { body: path.includes('picture') ? 'x' : '{"no":1}' }),
        });
        const said =
          answer.status === 401 || answer.status === 403 ? ((await answer.json()) as ProblemDocument) : null;
        abort.abort();
        const refused = said !== null && gateRefuses.test(said.title);
        if (refused === through[may].includes(who)) wrong.push(`${who}: ${method} ${path} ${answer.status}`);
        if (!refused && body && answer.status !== 422)
          wrong.push(`unchecked: ${method} ${path} ${answer.status}`);
        if (answer.status >= 500) wrong.push(`${answer.status}: ${method} ${path}`);
      }
      const row = page.split('\n').find((line) => line.startsWith(`| \`${method.toUpperCase()} ${path}\` |`));
      const marks = row
        ?.split('|')
        .slice(2, -1)
        .map((cell) => cell.trim());
      expect(marks, `${method} ${path} in docs/security.md: npm run docs`).toEqual(
        matrixActors.map((who) => (through[may].includes(who) ? 'yes' : '–')),
      );
    }
    expect(wrong).toEqual([]);
  });
});

describe('a tablet at a station', () => {
  const own = (what = '') => `/api/runs/${run}/stations/1${what}`;
  const post = (path: string, entries: object[], who: (typeof matrixActors)[number] = 'own tablet') =>
    server.send('POST', path, { entries }, as(who));

  it('reads its own treatment and entries and those for all, and not a row of anybody else’s', async () => {
    const teacher = as('teacher');
    const rows = [1, 2, 3, null].map((station) =>
      entryAt(Date.now(), station, readingOf(90 + (station ?? 0))),
    );
    await server.send('POST', `/api/runs/${run}/log`, { entries: rows }, teacher);
    const { run: seen } = (await server.get(own(), as('own tablet'))).body as RunNow;
    const { run: all } = (await server.get(`/api/runs/${run}`, teacher)).body as RunNow;
    const mine = all.allocation.find(({ station }) => station === 1)!;
    expect([seen.stations, seen.allocation]).toEqual([[1], [mine]]);
    expect(seen.plan.factors.flatMap(({ levels }) => levels.map(({ id }) => id))).toEqual([mine.treatmentId]);
    for (const one of all.allocation.filter(({ treatmentId }) => treatmentId !== mine.treatmentId)) {
      expect(JSON.stringify(seen)).not.toContain(one.treatmentId);
    }
    expect([seen.plan.reason, seen.plan.studentQuestions, seen.plan.nextTime, seen.students]).toEqual([
      '',
      [],
      '',
      0,
    ]);
    const log = (await server.get(own('/log'), as('own tablet'))).body as LoggedEntry[];
    expect(log.map(({ id }) => id)).toEqual([rows[0]!.id, rows[3]!.id]);
    expect(log[0]).toMatchObject({ by: 'T. Plain' });
  });

  it('writes at its own station alone, and is named as the author', async () => {
    const entry = entryAt(Date.now(), 1, readingOf(101));
    expect((await post(own('/log'), [entry])).status).toBe(201);
    const row = await server.knex('log').where({ id: entry.id }).first<object>();
    expect(row).toMatchObject({ author: `station:${carried.get('own tablet')!.pass}` });
    for (const station of [2, null, 99]) {
      const answer = await post(own('/log'), [
        entryAt(Date.now(), 1, readingOf(1)),
        entryAt(Date.now(), station, readingOf(1)),
      ]);
      expect(answer).toMatchObject({
        status: 422,
        body: { errors: [{ pointer: '/entries/1/station', value: station, allowed: '1, this station' }] },
      });
    }
    // By another way in it is no more: the whole run’s log, another station’s, another run’s.
    for (const path of [
      `/api/runs/${run}/log`,
      `/api/runs/${run}/stations/2/log`,
      `/api/runs/${other}/stations/1/log`,
    ]) {
      expect([401, 403], path).toContain((await post(path, [entryAt(Date.now(), 1, readingOf(1))])).status);
    }
    expect(await server.knex('log').where({ station: 2 }).whereNot('author', 'like', 'teacher:%')).toEqual(
      [],
    );
  });

  it('corrects what tablets of its station wrote, and strikes out nothing of anyone else', async () => {
    const strike = (corrects: string) => entryAt(Date.now(), 1, { kind: 'correction', corrects, to: null });
    const mine = entryAt(Date.now(), 1, readingOf(102));
    const teachers = entryAt(Date.now(), 1, readingOf(103));
    const forAll = entryAt(Date.now(), null, { kind: 'event', text: 'oven on', stepId: null });
    const theirs = entryAt(Date.now(), 2, readingOf(104));
    await post(own('/log'), [mine]);
    await server.send('POST', `/api/runs/${run}/log`, { entries: [teachers, forAll] }, as('teacher'));
    await post(`/api/runs/${run}/stations/2/log`, [theirs], 'tablet of another station');
    for (const one of [teachers, forAll, theirs]) {
      const answer = await post(own('/log'), [strike(one.id)]);
      expect(answer).toMatchObject({ status: 422, body: { errors: [{ field: 'corrects', value: one.id }] } });
    }
    // Another tablet of the same station goes on where the first left off.
    carried.set('own tablet', await join(server, as('who administers'), run, 1));
    const struck = (await post(own('/log'), [strike(mine.id)])).body as BatchReceipt;
    expect(struck.kept).toHaveLength(1);
    // Its own strike may be taken back, in the same batch too.
    const first = entryAt(Date.now(), 1, readingOf(5));
    expect((await post(own('/log'), [first, strike(first.id)])).status).toBe(201);
  });

  it('an entry of another run under the same id is another entry', async () => {
    const entry = entryAt(Date.now(), 1, readingOf(77));
    await post(own('/log'), [entry]);
    const there = await server.send(
      'POST',
      `/api/runs/${other}/log`,
      { entries: [{ ...entry, body: readingOf(78) }] },
      as('teacher'),
    );
    expect(there).toMatchObject({ status: 201, body: { kept: [entry.id] } });
  });

  it('a tablet that serves two stations has a pass for each, and neither is sent for the other', async () => {
    const teacher = as('teacher');
    const { codes } = (await server.get(`/api/runs/${run}/stations`, teacher)).body as {
      codes: { code: string }[];
    };
    const { headers } = await server.send('POST', '/api/join', { code: codes[2]!.code.toLowerCase() });
    const set = headers.getSetCookie()[0]!;
    expect(set).toContain(`Path=/api/runs/${run}/stations/3;`);
    expect(set).toMatch(/HttpOnly/);
    expect(set).toMatch(/SameSite=Strict/);
    expect(set).not.toMatch(/Domain/);
  });

  it('what came with the run ends with it; a teacher may let its stations in again', async () => {
    const teacher = as('teacher');
    const pass = await join(server, teacher, other, 2);
    const log = `/api/runs/${other}/stations/2/log`;
    const write = async (who: Carried) =>
      (
        await server.send(
          'POST',
          log,
          { entries: [entryAt(Date.now() + clock, 2, readingOf(20))] },
          { cookie: who.cookie! },
        )
      ).status;
    expect(await write(pass)).toBe(201);
    const before = (await server.get(`/api/runs/${other}/stations`, teacher)).body as {
      codes: { station: number; code: string }[];
    };
    await server.send('POST', `/api/runs/${other}/finish`, {}, teacher);
    expect(await write(pass)).toBe(401);
    const code = before.codes[1]!.code;
    expect((await server.send('POST', '/api/join', { code })).status).toBe(422);
    expect((await server.get(`/api/runs/${other}/stations`, teacher)).body).toMatchObject({
      codes: [],
      passes: [],
    });
    clock = 1000;
    await server.send('POST', `/api/runs/${other}/stations/codes`, {}, teacher);
    const again = await join(server, teacher, other, 2);
    expect(await write(again)).toBe(201);
    expect(await write(pass)).toBe(401);
  });
});

describe('who did it', () => {
  it('is written down of every write: in the log, in revisions, in the book of deeds, which nobody can change', async () => {
    const teacher = as('teacher');
    await server.send('POST', '/api/classes', { id: 'new', name: '7C', students: 3, unit: 'C' }, teacher);
    const deed = await server.knex('deeds').orderBy('seq', 'desc').first<object>();
    expect(deed).toMatchObject({
      author: 'teacher:Plain',
      deed: 'post /api/classes',
      subject: '/api/classes',
    });
    expect(await server.knex('revisions').whereNull('author')).toEqual([]);
    expect(await server.knex('log').whereNull('author')).toEqual([]);
    await expect(server.knex('deeds').delete()).rejects.toThrow('append-only');
    await expect(server.knex('deeds').update({ author: 'x' })).rejects.toThrow('append-only');
  });
});
