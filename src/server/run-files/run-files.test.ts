import { randomBytes } from 'node:crypto';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import sharp from 'sharp';
import { createHash } from 'node:crypto';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { fromBufferPromise } from 'yauzl';
import { ZipFile } from 'yazl';
import type { ProblemDocument } from '../../contract/problem';
import type { Imported, RunArchive, RunFile } from '../../contract/run-file';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from '../testing/running-app';

let server: RunningApp;
let elsewhere: RunningApp;
let run: string;
let picture: Buffer;
const sha = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');

beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
  picture = await sharp({ create: { width: 30, height: 20, channels: 3, background: '#a50' } })
    .jpeg()
    .toBuffer();
  await fetch(`${server.url}/api/pictures/${sha(picture)}`, {
    ...{ method: 'PUT', headers: { 'content-type': 'image/jpeg' } },
    body: new Uint8Array(picture),
  });
  const first = entryAt(Date.now(), 1, readingOf(118.5));
  const entries = [
    first,
    entryAt(Date.now() - 5000, 2, {
      kind: 'observation',
      text: 'läuft – 50 %, "zäh"',
      when: 'during',
      sense: null,
    }),
    entryAt(Date.now(), 1, { kind: 'correction', corrects: first.id, to: readingOf(118) as never }),
    entryAt(Date.now(), null, { kind: 'event', text: '=window', stepId: null }),
    entryAt(Date.now(), 3, { kind: 'photo', picture: sha(picture), responseId: null, name: 'crust' }),
  ];
  const answer = await server.send('POST', `/api/runs/${run}/log`, { entries });
  expect(answer.status).toBe(201);
});
beforeEach(async () => {
  await elsewhere?.stop();
  elsewhere = await runningApp();
});
afterAll(async () => {
  await server.stop();
  await elsewhere.stop();
});

const fetched = async (name: string) =>
  Buffer.from(await (await fetch(`${server.url}/api/runs/${run}/${name}`)).arrayBuffer());

async function bring(bytes: Buffer, type = 'application/zip', headers: Record<string, string> = {}) {
  const response = await fetch(`${elsewhere.url}/api/imports`, {
    ...{ method: 'POST', headers: { 'content-type': type, ...headers } },
    body: new Uint8Array(bytes),
  });
  return { status: response.status, body: (await response.json()) as Imported & ProblemDocument };
}

type Members = Map<string, Buffer>;

/** What another reader of ZIPs finds in one. */
async function unzipped(bytes: Buffer): Promise<Members> {
  const zip = await fromBufferPromise(bytes, { lazyEntries: true });
  const members: Members = new Map();
  for await (const member of zip.eachEntry())
    members.set(member.fileName, await buffer(await zip.openReadStreamPromise(member)));
  return members;
}

async function zipped(members: Iterable<[string, Buffer]>): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [name, bytes] of members) zip.addBuffer(bytes, name);
  zip.end();
  return buffer(zip.outputStream as Readable);
}

/** The run’s archive with something else in it. */
async function changed(change: (members: Members, head: RunArchive) => void): Promise<Buffer> {
  const members = await unzipped(await fetched('run.zip'));
  const head = JSON.parse(members.get('run.json')!.toString()) as RunArchive;
  members.delete('run.json');
  change(members, head);
  return zipped([['run.json', Buffer.from(JSON.stringify(head))], ...members]);
}

/** Nothing of a file that was refused is anywhere. */
async function expectNothing() {
  for (const table of ['runs', 'log', 'arriving', 'practicals', 'rooms'])
    expect(await elsewhere.knex(table).count({ n: '*' }), table).toEqual([{ n: 0 }]);
  const incoming = join(elsewhere.data, 'incoming');
  expect(existsSync(incoming) ? readdirSync(incoming) : []).toEqual([]);
}

describe('a run as an archive', () => {
  it('holds its head, its log a line an entry, and its pictures; read in, it is the same run, entry for entry', async () => {
    const bytes = await fetched('run.zip');
    const members = await unzipped(bytes);
    expect([...members.keys()].sort()).toEqual(['log.jsonl', `pictures/${sha(picture)}`, 'run.json']);
    expect(members.get(`pictures/${sha(picture)}`)!.equals(picture)).toBe(true);
    const lines = members.get('log.jsonl')!.toString().trimEnd().split('\n');
    const document = JSON.parse((await fetched('run.json')).toString()) as RunFile;
    expect(lines.map((line) => JSON.parse(line) as unknown)).toEqual(document.entries);
    expect(JSON.parse(members.get('run.json')!.toString())).toMatchObject({ entries: 5, pictures: 1 });
    expect((await bring(bytes)).body).toMatchObject({ runId: run, entries: 5, added: 5, already: false });
    const rows = (from: RunningApp) =>
      from
        .knex('log')
        .select('id', 'run_id', 'station', 'kind', 'at', 'offset', 'arrived_at', 'body')
        .orderBy('seq');
    expect(await rows(elsewhere)).toEqual(await rows(server));
    const seen = Buffer.from(
      await (await fetch(`${elsewhere.url}/api/pictures/${sha(picture)}`)).arrayBuffer(),
    );
    expect(seen.equals(picture)).toBe(true);
    // Once more as the document, and once more as an archive that somebody packed anew, with something else beside.
    expect((await bring(await fetched('run.json'), 'application/json')).body).toMatchObject({
      added: 0,
      already: true,
    });
    members.set('notes.txt', Buffer.from('Mind the caramel.'));
    expect((await bring(await zipped([...members].reverse()))).body).toMatchObject({
      added: 0,
      already: true,
    });
    expect(await elsewhere.knex('arriving').select()).toEqual([]);
  });

  it.each<[string, (members: Members, head: RunArchive) => void, number, string]>([
    ['no log', (members) => members.delete('log.jsonl'), 400, 'log.jsonl is missing'],
    [
      'a line less',
      (members) => members.set('log.jsonl', cut(members.get('log.jsonl')!)),
      422,
      'entries is 5; allowed: 4',
    ],
    ['no picture', (members) => members.delete(`pictures/${sha(picture)}`), 422, 'pictures is 1; allowed: 0'],
    [
      'a picture less, and said so',
      (members, head) => (members.delete(`pictures/${sha(picture)}`), (head.pictures = 0)),
      422,
      'the hash of a picture in this file',
    ],
    [
      'another picture under its name',
      (members) => members.set(`pictures/${sha(picture)}`, Buffer.from('x')),
      422,
      'the SHA-256 of the bytes that came',
    ],
    [
      'a line that is no JSON',
      (members) => members.set('log.jsonl', Buffer.from('{"id":\n')),
      400,
      'line 1 of log.jsonl is not JSON',
    ],
    [
      'a line that is no entry',
      (members) => members.set('log.jsonl', Buffer.from('{"id":"a"}\n[]\n')),
      422,
      'station is missing',
    ],
    [
      'a line without an end',
      (members) => members.set('log.jsonl', Buffer.alloc(9_000_000, '[')),
      422,
      'a line that is longer',
    ],
    [
      'a head of gigabytes',
      (_, head) => (head.exportedAt = 'x'.repeat(5_000_000)),
      422,
      'a file that is longer',
    ],
    ['a newer version', (_, head) => Object.assign(head, { version: 2 }), 422, 'written by a newer version'],
    [
      'a station of nowhere',
      (_, head) => (head.run.allocation = head.run.allocation.slice(0, 2)),
      422,
      'a station of the run in this file',
    ],
    [
      'an entry twice',
      (members, head) => (members.set('log.jsonl', twice(members.get('log.jsonl')!)), (head.entries = 6)),
      422,
      'each id once',
    ],
  ])('with %s is refused, and nothing of it is kept', async (_, change, status, said) => {
    const { body, ...answer } = await bring(await changed(change));
    expect([answer.status, body.detail]).toEqual([status, expect.stringContaining(said)]);
    await expectNothing();
  });

  it('damaged, cut off, packed in another way or of too much is refused, and the next one is taken', async () => {
    const bytes = await fetched('run.zip');
    const flipped = Buffer.from(bytes);
    // In the picture, which is not pressed: what unpacks it sees nothing wrong.
    flipped[bytes.indexOf(picture) + 400]! ^= 1;
    expect((await bring(flipped)).status).toBe(400);
    for (let cutAt = 3; cutAt < bytes.length; cutAt += 397)
      expect((await bring(bytes.subarray(0, cutAt))).status).toBe(400);
    for (const junk of ['', 'PK', '{', '{"a":1', 'null', '[]', '7', '"x"', '{}']) {
      const { status, body } = await bring(Buffer.from(junk), 'application/json');
      expect([400, 422], junk).toContain(status);
      expect(body.detail, junk).toBeTruthy();
    }
    expect((await bring(Buffer.concat([Buffer.from('PK'), randomBytes(50_000)]))).status).toBe(400);
    expect((await bring(bytes, 'application/zip', { 'content-encoding': 'deflate' })).status).toBe(415);
    const many = Array.from({ length: 2200 }, (_, i): [string, Buffer] => [`x${i}`, Buffer.alloc(0)]);
    expect((await bring(await zipped(many))).body.detail).toContain('it holds 2200 files');
    await expectNothing();
    expect((await bring(bytes)).status).toBe(201);
  });

  it('that unpacks to a thousand times its size is not unpacked to the end', async () => {
    const bomb = await changed((members) => members.set('log.jsonl', Buffer.alloc(60_000_000, '\n')));
    expect((await bring(bomb)).body.detail).toContain('line 1 of log.jsonl is not JSON');
    const one = (await unzipped(await fetched('run.zip'))).get('log.jsonl')!.toString().split('\n')[0]!;
    const same = await changed((members) =>
      members.set('log.jsonl', Buffer.from(`${one}\n`.repeat(300_000))),
    );
    expect((await bring(same)).body.detail).toContain('each id once');
    await expectNothing();
  });
});

describe('a run as a document', () => {
  it.each<[string, string]>([
    ['its lists first', '{"entries":ENTRIES,"pictures":PICTURES,REST}'],
    [
      'its lists last, with white space everywhere',
      '{REST , \n "pictures" : PICTURES ,\t"entries" : ENTRIES }',
    ],
  ])('is read with %s', async (_, layout) => {
    const { entries, pictures, ...rest } = JSON.parse((await fetched('run.json')).toString()) as RunFile;
    const text = layout
      .replace('ENTRIES', () => JSON.stringify(entries, null, 2))
      .replace('PICTURES', () => JSON.stringify(pictures))
      .replace('REST', () => JSON.stringify(rest).slice(1, -1));
    expect((await bring(Buffer.from(text), 'application/json')).body).toMatchObject({ added: 5 });
  });

  it.each<[string, (text: string) => string, string]>([
    ['entries twice', (text) => text.replace(/\}\s*$/, ',"entries":[]}'), 'each field once'],
    ['no entries', (text) => text.replace('"entries":', '"entrees":'), 'entries is missing'],
    ['entries that are no list', (text) => text.replace('"entries":', '"entries":{},"more":'), 'entries is '],
    ['a field nobody knows', (text) => text.replace('{', '{"__proto__":{"a":1},'), 'this field is not known'],
    ['rubbish after it', (text) => `${text}]`, 'could not be read as JSON'],
    ['a comma too many', (text) => text.replace('"entries":[', '"entries":[,'), 'could not be read as JSON'],
  ])('with %s is refused', async (_, change, said) => {
    const text = change((await fetched('run.json')).toString());
    const { status, body } = await bring(Buffer.from(text), 'application/json');
    expect([400, 422]).toContain(status);
    expect(body.detail).toContain(said);
    await expectNothing();
  });
});

describe('a run on its way in', () => {
  it('that was broken off by a kill is taken back at the next start; what is here cannot be deleted', async () => {
    await bring(await fetched('run.zip'));
    const before = await elsewhere.knex('log').count({ n: '*' });
    // What a killed program leaves: entries without their run, and a note that they were on their way.
    const knex = elsewhere.knex;
    const { seq, ...row } = (await knex('log').first()) as { seq: number; id: string };
    void seq;
    await knex('arriving').insert({ run_id: 'half', since: 1 });
    await knex.raw('PRAGMA foreign_keys = OFF');
    await knex('log').insert(Array.from({ length: 50 }, (_, i) => ({ ...row, id: `x${i}`, run_id: 'half' })));
    await knex.raw('PRAGMA foreign_keys = ON');
    await elsewhere.app.tidy();
    expect(await knex('log').count({ n: '*' })).toEqual(before);
    expect(await knex('arriving').select()).toEqual([]);
    await expect(knex('log').delete()).rejects.toThrow('append-only');
    await knex('arriving').insert({ run_id: run, since: 1 });
    await expect(knex('log').delete()).rejects.toThrow('append-only');
  });

  it('is not there before it is whole, whoever asks', async () => {
    const bytes = await fetched('run.zip');
    const seen: unknown[] = [];
    const asking = (async () => {
      for (let i = 0; i < 40; i += 1) seen.push((await elsewhere.get(`/api/runs/${run}`)).status);
    })();
    const two = await Promise.all([bring(bytes), bring(bytes), asking]);
    expect(
      two
        .slice(0, 2)
        .map((one) => (one as { body: Imported }).body.added)
        .sort(),
    ).toEqual([0, 5]);
    // First it is not there, then it is.
    expect(seen.map(Number).sort((a, b) => b - a)).toEqual(seen);
    expect(await elsewhere.knex('log').count({ n: '*' })).toEqual([{ n: 5 }]);
  });
});

const cut = (log: Buffer) => Buffer.from(log.toString().replace(/^.*\n/, ''));
const twice = (log: Buffer) => Buffer.from(log.toString() + log.toString().split('\n')[0] + '\n');
