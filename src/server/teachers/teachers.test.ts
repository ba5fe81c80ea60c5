import Database from 'better-sqlite3';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { ProblemDocument } from '../../contract/problem';
import type { Teacher, Who } from '../../contract/who';
import { tokenHash } from '../actors/tokens';
import { databaseFile } from '../db/files';
import { cookieOf, signIn, words, type Carried } from '../testing/people';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { Attempts, wrongTries } from './attempts';
import { Sessions, sessionLasts } from './sessions';

let server: RunningApp;
let ahead = 0;
beforeAll(async () => {
  server = await runningApp(() => Date.now() + ahead, false);
});
afterAll(() => server.stop());
const who = async (carried: Carried = {}) => (await server.get('/api/who', carried)).body as Who;
const refused = (answer: { body: never }) => (answer.body as ProblemDocument).errors?.[0];

describe('the first start', () => {
  it('nobody gets in, and only who read the code at the console becomes the first teacher, once', async () => {
    expect(await who()).toEqual({ teacher: null, open: false, first: true });
    expect((await server.get('/api/practicals')).status).toBe(401);
    const first = (code: string, passphrase = words) =>
      server.send('POST', '/api/first', { code, name: ' R.  Head ', passphrase });
    expect(refused(await first('ABCDEFGH'))).toMatchObject({ field: 'code' });
    const code = server.app.teachers.firstCode;
    for (const weak of ['password1234', 'aaaaaaaaaaaaaaa', 'r. head r. head', 'qwertyuiop12', 'short']) {
      expect(refused(await first(code, weak)), weak).toMatchObject({ field: 'passphrase' });
    }
    // Hard to guess and still too short; what was typed is said again nowhere.
    const short = await first(code, 'k9#vT2qLx7Z');
    expect(refused(short)).toMatchObject({ field: 'passphrase', value: '…' });
    expect(JSON.stringify(short.body)).not.toContain('k9#vT2qLx7Z');
    // As it is read out: small letters, a hyphen, a blank.
    const typed = ` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)}`;
    const answer = await first(typed);
    expect(answer).toMatchObject({
      status: 201,
      body: { first: false, teacher: { name: 'R.  Head', admin: true } },
    });
    const cookie = answer.headers.getSetCookie()[0]!;
    expect(cookie).toMatch(
      /^tawny-teacher=[\w-]{43}; Max-Age=604800; Path=\/api; .*HttpOnly; SameSite=Strict$/,
    );
    expect((await first(code)).status).toBe(409);
    expect((await who(cookieOf(answer.headers))).teacher).toMatchObject({ admin: true });
  });

  it('an open program asks nobody, until there is a teacher', async () => {
    const open = await runningApp();
    try {
      expect((await open.get('/api/who')).body).toMatchObject({
        open: true,
        teacher: { id: 'open', admin: false },
      });
      await startedRun(open);
      expect((await open.send('POST', '/api/first', { code: '', name: 'X', passphrase: words })).status).toBe(
        409,
      );
      await open.app.teachers.add({ id: 't', name: 'T. One', passphrase: words, admin: true });
      expect((await open.get('/api/who')).body).toEqual({ open: false, teacher: null, first: false });
      expect((await open.get('/api/practicals')).status).toBe(401);
    } finally {
      await open.stop();
    }
  });
});

describe('signing in and out', () => {
  it('takes name and passphrase together, and says of neither which was wrong', async () => {
    const wrong = [
      await server.send('POST', '/api/sign-in', { name: 'R. Head', passphrase: 'not this one at all' }),
      await server.send('POST', '/api/sign-in', { name: 'Nobody', passphrase: words }),
      await server.send('POST', '/api/sign-in', { name: 'Nobody', passphrase: '' }),
    ];
    expect(new Set(wrong.map(({ body }) => JSON.stringify(body))).size).toBe(1);
    expect(wrong[0]!.status).toBe(403);
    const in1 = await signIn(server, 'r. HEAD');
    const in2 = await signIn(server, 'R. Head');
    await server.send('POST', '/api/sign-out', {}, in1);
    expect([(await who(in1)).teacher, (await who(in2)).teacher?.name]).toEqual([null, 'R.  Head']);
    const [row] = await server.knex('teachers').select<{ passphrase: string }[]>('passphrase');
    expect(row!.passphrase).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    // What stands in the database signs nobody in.
    const hashes = await server.knex('sessions').pluck<string[]>('token_hash');
    expect((await who({ cookie: `tawny-teacher=${hashes[0]}` })).teacher).toBeNull();
  });

  it('a session ends after a day’s rest, and after a week whatever was done', async () => {
    const carried = await signIn(server, 'R. Head');
    ahead = sessionLasts.idleMs - 60_000;
    expect((await who(carried)).teacher).not.toBeNull();
    ahead += sessionLasts.idleMs - 60_000;
    expect((await who(carried)).teacher).not.toBeNull();
    ahead += sessionLasts.idleMs + 60_000;
    expect((await who(carried)).teacher).toBeNull();
    const other = await signIn(server, 'R. Head');
    const end = ahead + sessionLasts.inAllMs;
    while (ahead < end - sessionLasts.idleMs) {
      ahead += sessionLasts.idleMs - 1000;
      expect((await who(other)).teacher).not.toBeNull();
    }
    ahead = end + 1000;
    expect((await who(other)).teacher).toBeNull();
  });

  it('a clock set back makes no session last longer, and one set ahead before a new start ends none', async () => {
    const { id } = await server.knex('teachers').first<{ id: string }>('id');
    const clock = { wall: Date.now() + ahead, steady: 5000 };
    const sessions = () =>
      new Sessions(
        server.knex,
        () => clock.wall,
        () => clock.steady,
      );
    const one = sessions();
    const token = await one.begin(id);
    clock.wall -= 2 * sessionLasts.inAllMs;
    clock.steady += sessionLasts.idleMs - 60_000;
    expect(await one.teacherOf(token)).not.toBeNull();
    clock.steady += sessionLasts.idleMs + 60_000;
    expect(await one.teacherOf(token)).toBeNull();
    // The clock was a day ahead when it began; the program starts anew with the right one.
    clock.wall += sessionLasts.inAllMs;
    const early = await sessions().begin(id);
    clock.wall -= 24 * 3_600_000;
    const anew = sessions();
    expect(await anew.teacherOf(early)).not.toBeNull();
    const began = () =>
      server
        .knex('sessions')
        .where({ token_hash: tokenHash(early) })
        .pluck<number[]>('created_at');
    await vi.waitFor(async () => expect(await began()).toEqual([clock.wall]));
    clock.wall += sessionLasts.idleMs + 60_000;
    expect(await anew.teacherOf(early)).toBeNull();
  });

  it('a passphrase is changed by who knows it; other sessions end, this one goes on', async () => {
    const [here, there] = [await signIn(server, 'R. Head'), await signIn(server, 'R. Head')];
    const change = (was: string, passphrase: string, carried: Carried) =>
      server.send('POST', '/api/passphrase', { was, passphrase }, carried);
    expect(refused(await change('something else here', 'brass scales in june', here))).toMatchObject({
      field: 'was',
    });
    expect((await change(words, 'brass scales in june', here)).status).toBe(200);
    expect([(await who(here)).teacher?.admin, (await who(there)).teacher]).toEqual([true, null]);
    await expect(signIn(server, 'R. Head')).rejects.toThrow('403');
    expect((await change('brass scales in june', words, here)).status).toBe(200);
  });
});

describe('several teachers', () => {
  it('who administers adds, helps out and closes; two cannot have one name, and someone always administers', async () => {
    const admin = await signIn(server, 'R. Head');
    const add = (id: string, name: string) =>
      server.send('POST', '/api/teachers', { id, name, passphrase: words }, admin);
    expect(((await add('a', 'A. New')).body as Teacher[]).map(({ name }) => name)).toEqual([
      'A. New',
      'R.  Head',
    ]);
    expect((await add('a', 'A. New')).status).toBe(201);
    expect(refused(await add('b', ' a.  NEW'))).toMatchObject({ field: 'name' });
    const [a1] = [await signIn(server, 'A. New')];
    await server.send('POST', '/api/teachers/a/passphrase', { passphrase: 'wooden spoon on friday' }, admin);
    expect((await who(a1)).teacher).toBeNull();
    const a2 = await signIn(server, 'A. New', 'wooden spoon on friday');
    await server.send('POST', '/api/teachers/a/close', {}, admin);
    expect((await who(a2)).teacher).toBeNull();
    await expect(signIn(server, 'A. New', 'wooden spoon on friday')).rejects.toThrow('403');
    expect((await add('c', 'A. New')).status).toBe(201);
    const [{ id }] = (await server.knex('teachers').where({ admin: 1 }).select('id')) as [{ id: string }];
    expect((await server.send('POST', `/api/teachers/${id}/close`, {}, admin)).status).toBe(409);
    await expect(server.app.teachers.close(id)).rejects.toThrow('Someone must administer');
    expect((await server.send('POST', '/api/teachers/nobody/close', {}, admin)).status).toBe(404);
  });
});

describe('what must not be half-done', () => {
  it('of eight who would be the first teacher at once, one is', async () => {
    const fresh = await runningApp(Date.now, false);
    try {
      const code = fresh.app.teachers.firstCode;
      const answers = await Promise.all(
        Array.from({ length: 8 }, (_, i) =>
          fresh.send('POST', '/api/first', { code, name: `Teacher ${i}`, passphrase: words }),
        ),
      );
      expect(answers.map(({ status }) => status).sort()).toEqual([201, ...Array<number>(7).fill(409)]);
      expect(await fresh.knex('teachers').pluck('admin')).toEqual([1]);
    } finally {
      await fresh.stop();
    }
  });

  it('a passphrase that was changed while another program wanted the database is changed, and said to be', async () => {
    const fresh = await runningApp(Date.now, false);
    const other = new Database(databaseFile(fresh.data), { timeout: 0 });
    try {
      const { firstCode: code } = fresh.app.teachers;
      await fresh.send('POST', '/api/first', { code, name: 'R. Head', passphrase: words });
      const [here, there] = [await signIn(fresh, 'R. Head'), await signIn(fresh, 'R. Head')];
      // As soon as the new one is written, somebody else holds the database for a while, if they can.
      fresh.knex.on('query-response', (_: unknown, { sql }: { sql: string }) => {
        if (!/^update `teachers`/.test(sql)) return;
        try {
          other.exec('BEGIN IMMEDIATE');
          setTimeout(() => other.exec('ROLLBACK'), 200);
        } catch {
          // It is held by us until all of it is written.
        }
      });
      const body = { was: words, passphrase: 'brass scales in june' };
      expect((await fresh.send('POST', '/api/passphrase', body, here)).status).toBe(200);
      const whoIs = async (carried: Carried) => ((await fresh.get('/api/who', carried)).body as Who).teacher;
      expect([(await whoIs(here))?.name, await whoIs(there)]).toEqual(['R. Head', null]);
      await signIn(fresh, 'R. Head', 'brass scales in june');
    } finally {
      other.close();
      await fresh.stop();
    }
  });
});

describe('wrong tries', () => {
  it('are limited by name, by address and in all; right ones are not counted, and who sits at the machine is not shut out', async () => {
    const attempts = new Attempts({ atOne: 3, anAddress: 5, inAll: 11, seconds: 60 });
    const wrong = (address: string, at = 'a') =>
      attempts.make(address, at, () => Promise.resolve(null)).then(() => 'tried', String);
    const right = (address: string, at = 'a') => attempts.make(address, at, () => Promise.resolve('in'));
    for (let i = 0; i < 20; i += 1) expect(await right('10.0.0.1')).toBe('in');
    const many = await Promise.all(Array.from({ length: 6 }, () => wrong('10.0.0.1')));
    expect(many.filter((one) => one === 'tried')).toHaveLength(3);
    expect(many.at(-1)).toContain('wrong too often. Try again in 1 minute');
    await expect(right('10.0.0.1')).rejects.toThrow('too often');
    // Another name at the same address has tries of its own, as many as the address has left.
    expect(await right('10.0.0.1', 'b')).toBe('in');
    await Promise.all([wrong('10.0.0.1', 'b'), wrong('10.0.0.1', 'b')]);
    await expect(right('10.0.0.1', 'c')).rejects.toThrow('too often');
    // One machine has a whole network of addresses in IPv6: they count as one.
    for (let i = 0; i < 5; i += 1) await wrong(`2001:db8:1:2:${i}::7`, `n${i}`);
    expect(await wrong('2001:db8:1:2:ffff::9', 'z')).toContain('too often');
    await wrong('10.0.0.2');
    expect(await wrong('10.0.0.3')).toContain('too often');
    expect(await right('127.0.0.1')).toBe('in');
  });

  it('end at the door: the eleventh is not even tried, with the right passphrase either', async () => {
    const name = { name: 'R. Head', passphrase: 'not this one at all' };
    const codes: number[] = [];
    for (let i = 0; i <= wrongTries.atOne; i += 1) {
      codes.push((await server.send('POST', '/api/sign-in', name)).status);
    }
    expect(codes.at(-1)).toBe(429);
    expect((await server.send('POST', '/api/sign-in', { ...name, passphrase: words })).status).toBe(429);
  });

  it('at codes of stations shut no teacher out of signing in from the same address', async () => {
    const fresh = await runningApp(Date.now, false);
    try {
      const { firstCode: code } = fresh.app.teachers;
      await fresh.send('POST', '/api/first', { code, name: 'R. Head', passphrase: words });
      const join = () => fresh.send('POST', '/api/join', { code: 'AAAAAA' });
      for (let i = 0; i < wrongTries.anAddress; i += 1) expect((await join()).status).toBe(422);
      expect((await join()).status).toBe(429);
      await signIn(fresh, 'R. Head');
    } finally {
      await fresh.stop();
    }
  });
});
