import { createHash } from 'node:crypto';
import { readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { crc32 } from 'node:zlib';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readRunFile } from '../../contract/run-file';
import type { EntryBody } from '../../core/run';
import { pictureBounds, Pictures } from './pictures';
import { entryAt, runningApp, startedRun, type RunningApp } from '../testing/running-app';

let server: RunningApp;
let runId: string;
beforeAll(async () => {
  server = await runningApp();
  runId = await startedRun(server);
});
afterAll(() => server.stop());

const sha = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');
const plain = (width: number, height: number, colour = '#b5651d') =>
  sharp({ create: { width, height, channels: 3, background: colour } });

async function put(bytes: Buffer, hash = sha(bytes), type = 'image/jpeg', at = server) {
  const answer = await fetch(`${at.url}/api/pictures/${hash}`, {
    method: 'PUT',
    headers: { 'content-type': type },
    body: new Uint8Array(bytes),
  });
  const body = (await answer.json()) as { detail?: string; already?: boolean };
  return { status: answer.status, body, detail: body.detail ?? '' };
}
const photo = (picture: string): EntryBody => ({ kind: 'photo', responseId: null, name: 'crumb', picture });
const log = (body: EntryBody, at = server) =>
  at.send('POST', `/api/runs/${runId}/log`, { entries: [entryAt(Date.now(), 1, body)] });

describe('pictures', () => {
  it('are kept once under what is in them, whole and small', async () => {
    const bytes = await plain(1200, 900).jpeg().toBuffer();
    expect(await put(bytes)).toMatchObject({ status: 201, body: { picture: sha(bytes), already: false } });
    expect((await put(bytes)).body.already).toBe(true);
    const whole = await fetch(`${server.url}/api/pictures/${sha(bytes)}`);
    expect(whole.headers.get('content-type')).toBe('image/jpeg');
    expect(whole.headers.get('x-content-type-options')).toBe('nosniff');
    expect(Buffer.from(await whole.arrayBuffer()).equals(bytes)).toBe(true);
    const small = await fetch(`${server.url}/api/pictures/${sha(bytes)}/small`);
    const about = await sharp(Buffer.from(await small.arrayBuffer())).metadata();
    expect([about.format, about.width, about.height]).toEqual(['jpeg', 320, 240]);
    expect((await server.get(`/api/pictures/${'0'.repeat(64)}`)).status).toBe(404);
    // What is seen through is white on the page, so it is white when small.
    const clear = await sharp({ create: { width: 8, height: 8, channels: 4, background: '#00000000' } })
      .png()
      .toBuffer();
    await put(clear, sha(clear), 'image/png');
    const white = await fetch(`${server.url}/api/pictures/${sha(clear)}/small`);
    const { data } = await sharp(Buffer.from(await white.arrayBuffer()))
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(Math.min(...data)).toBeGreaterThan(250);
  });

  it('two at the same moment do each other no harm, and nothing is left lying', async () => {
    const bytes = await plain(40, 30, '#123456').png().toBuffer();
    const answers = await Promise.all(Array.from({ length: 6 }, () => put(bytes, sha(bytes), 'image/png')));
    expect(answers.map(({ status }) => status)).toEqual(Array(6).fill(201));
    const files = readdirSync(join(server.data, 'pictures', sha(bytes).slice(0, 2)));
    expect(files.filter((name) => name.startsWith(sha(bytes))).sort()).toEqual([
      sha(bytes),
      `${sha(bytes)}-small`,
    ]);
  });

  it('whose file was lost are said to be gone, and are put back when they are sent again', async () => {
    const bytes = await plain(31, 22, '#ff00ff').jpeg().toBuffer();
    const hash = sha(bytes);
    await put(bytes);
    rmSync(join(server.data, 'pictures', hash.slice(0, 2)), { recursive: true });
    for (const path of [hash, `${hash}/small`]) {
      expect((await server.get(`/api/pictures/${path}`)).status).toBe(404);
    }
    expect((await put(bytes)).body.already).toBe(false);
    expect((await fetch(`${server.url}/api/pictures/${hash}/small`)).status).toBe(200);
  });

  it('that are none, or another, or say where they were taken, are refused with the reason', async () => {
    const good = await plain(20, 20).jpeg().toBuffer();
    expect(await put(good, 'f'.repeat(64))).toMatchObject({
      status: 422,
      detail: expect.stringContaining(sha(good)) as string,
    });
    expect((await put(good, 'NOT-A-HASH')).detail).toContain('64 hexadecimal digits');
    expect((await put(good, `..%2f..%2f${'a'.repeat(58)}`)).status).toBe(422);
    expect(await put(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))).toMatchObject({
      status: 422,
    });
    expect((await put(Buffer.from('<script>alert(1)</script>'))).detail).toContain('JPEG, PNG or WebP');
    expect((await put(await plain(20, 20).gif().toBuffer())).detail).toContain('JPEG, PNG or WebP');
    const large = await plain(1500, 1500).jpeg().toBuffer();
    expect((await put(large.subarray(0, large.length / 2))).detail).toContain('a damaged picture');
    expect((await put(good, sha(good), 'text/plain')).status).toBe(415);
    const placed = await plain(20, 20)
      .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
      .jpeg()
      .toBuffer();
    expect((await put(placed)).detail).toContain('says where, when or with what it was taken');
    expect(await server.knex('attachments').where('hash', sha(placed)).first()).toBeUndefined();
    expect((await put(Buffer.alloc(8_000_001))).status).toBe(413);
    // 100 million points in a few kilobytes.
    const bomb = await plain(10_000, 10_000, '#000').png({ compressionLevel: 9 }).toBuffer();
    expect((await put(bomb, sha(bomb), 'image/png')).detail).toContain('million points');
  });

  it('that carry a note of any kind are refused, and one that is nothing; plain ones of every kind are kept', async () => {
    const [jpeg, png, webp] = await Promise.all([
      plain(24, 18).jpeg().toBuffer(),
      plain(24, 18).png().toBuffer(),
      plain(24, 18).webp().toBuffer(),
    ]);
    const place = Buffer.from('51.5 N 0.1 W');
    const segment = (marker: number, data: Buffer) =>
      Buffer.concat([Buffer.from([0xff, marker, 0, data.length + 2]), data]);
    const chunk = (name: string, data: Buffer) => {
      const length = Buffer.alloc(4);
      length.writeUInt32BE(data.length);
      const body = Buffer.concat([Buffer.from(name), data]);
      const sum = Buffer.alloc(4);
      sum.writeUInt32BE(crc32(body));
      return Buffer.concat([length, body, sum]);
    };
    const into = (bytes: Buffer, at: number, part: Buffer) =>
      Buffer.concat([bytes.subarray(0, at), part, bytes.subarray(at)]);
    const end = png.length - 12;
    const riff = Buffer.concat([webp, Buffer.from('XMP '), Buffer.from([12, 0, 0, 0]), place]);
    riff.writeUInt32LE(riff.length - 8, 4);
    const noted: [string, Buffer, string][] = [
      ['a JPEG comment', into(jpeg, 2, segment(0xfe, place)), 'image/jpeg'],
      ['a JPEG note of an application', into(jpeg, 2, segment(0xe5, place)), 'image/jpeg'],
      ['a JPEG “profile”', into(jpeg, 2, segment(0xe2, place)), 'image/jpeg'],
      ['a JPEG with something behind it', Buffer.concat([jpeg, place]), 'image/jpeg'],
      ...['tEXt', 'zTXt', 'iTXt', 'tIME', 'prIv'].map((name): [string, Buffer, string] => [
        `a PNG ${name}`,
        into(png, end, chunk(name, Buffer.concat([Buffer.from('Comment\0'), place]))),
        'image/png',
      ]),
      ['a PNG with something behind it', Buffer.concat([png, place]), 'image/png'],
      ['a WebP with XMP', riff, 'image/webp'],
      ['a WebP with something behind it', Buffer.concat([webp, place]), 'image/webp'],
    ];
    for (const [name, bytes, type] of noted) {
      const answer = await put(bytes, sha(bytes), type);
      expect([answer.status, answer.detail], name).toEqual([
        422,
        expect.stringContaining('says where, when or with what it was taken') as string,
      ]);
      expect(await server.knex('attachments').where('hash', sha(bytes)).first(), name).toBeUndefined();
    }
    const none = Buffer.alloc(0);
    for (const type of ['image/jpeg', 'image/png', 'image/webp'])
      expect((await put(none, sha(none), type)).status, type).toBe(422);
    const progressive = await plain(64, 48).jpeg({ progressive: true }).toBuffer();
    const profiled = await plain(24, 18).withIccProfile('p3').jpeg().toBuffer();
    const palette = await plain(24, 18).png({ palette: true }).toBuffer();
    for (const [bytes, type] of [
      [jpeg, 'image/jpeg'],
      [progressive, 'image/jpeg'],
      [profiled, 'image/jpeg'],
      [png, 'image/png'],
      [palette, 'image/png'],
      [webp, 'image/webp'],
    ] as const)
      expect((await put(bytes, sha(bytes), type)).status).toBe(201);
  });

  it('come before the entry that names them', async () => {
    const bytes = await plain(30, 20, '#00ff00').webp().toBuffer();
    const refused = await log(photo(sha(bytes)));
    expect(refused).toMatchObject({
      status: 422,
      body: { errors: [{ pointer: '/entries/0/body/picture' }] },
    });
    await put(bytes, sha(bytes), 'image/webp');
    expect((await log(photo(sha(bytes)))).status).toBe(201);
    expect((await log(photo('not a hash'))).status).toBe(422);
  });

  it('go with the run as a file, and come in with it', async () => {
    const bytes = await plain(30, 21, '#0000ff').jpeg().toBuffer();
    await put(bytes);
    await log(photo(sha(bytes)));
    const file = (await server.get(`/api/runs/${runId}/run.json`)).body as {
      pictures: { hash: string; data: string }[];
    };
    const other = await runningApp();
    try {
      const read = readRunFile(file);
      if ('errors' in read) throw new Error(JSON.stringify(read.errors));
      expect(
        (await other.send('POST', '/api/imports', { ...file, pictures: file.pictures.slice(1) })).status,
      ).toBe(422);
      const wrong = file.pictures.map((one) => ({ ...one, data: Buffer.from('no').toString('base64') }));
      const refused = await other.send('POST', '/api/imports', { ...file, pictures: wrong });
      expect(refused).toMatchObject({ status: 422, body: { errors: [{ pointer: '/pictures/0/data' }] } });
      expect(await other.knex('runs').first()).toBeUndefined();
      expect((await other.send('POST', '/api/imports', file)).status).toBe(201);
      const here = await fetch(`${other.url}/api/pictures/${sha(bytes)}`);
      expect(Buffer.from(await here.arrayBuffer()).equals(bytes)).toBe(true);
      expect((await other.get(`/api/runs/${runId}/run.json`)).body).toMatchObject({
        pictures: file.pictures,
      });
    } finally {
      await other.stop();
    }
  });

  it('that nobody names go after a day, with halves of files; named ones stay', async () => {
    const [named, forgotten, fresh] = await Promise.all(
      ['#111111', '#222222', '#333333'].map((colour) => plain(33, 33, colour).png().toBuffer()),
    );
    for (const bytes of [named!, forgotten!]) await put(bytes, sha(bytes), 'image/png');
    await log(photo(sha(named!)));
    const pictures = join(server.data, 'pictures');
    const half = join(pictures, sha(forgotten!).slice(0, 2), 'x.part');
    writeFileSync(half, 'half of a picture');
    const yesterday = Date.now() - 25 * 3_600_000;
    await server.knex('attachments').update({ added_at: yesterday });
    for (const file of readdirSync(pictures, { recursive: true, encoding: 'utf8' }))
      utimesSync(join(pictures, file), yesterday / 1000, yesterday / 1000);
    await put(fresh!, sha(fresh!), 'image/png');
    // One of a moment ago, left by a program that was killed: at a start nobody can be writing it any more.
    writeFileSync(half.replace('x.part', 'y.part'), 'half of another');
    await server.app.tidy();
    const there = async (bytes: Buffer) =>
      (await fetch(`${server.url}/api/pictures/${sha(bytes)}`)).status === 200;
    expect([await there(named!), await there(forgotten!), await there(fresh!)]).toEqual([true, false, true]);
    const files = readdirSync(pictures, { recursive: true, encoding: 'utf8' });
    expect(files.filter((file) => file.includes(sha(forgotten!)) || file.includes('.part'))).toEqual([]);
  });

  it('that were lost keep no run from being written: they are named, and it comes in without them', async () => {
    const own = await runningApp();
    const other = await runningApp();
    try {
      const run = await startedRun(own);
      const [kept, lost] = await Promise.all(
        ['#445566', '#665544'].map((colour) => plain(21, 21, colour).jpeg().toBuffer()),
      );
      for (const bytes of [kept!, lost!]) {
        await put(bytes, sha(bytes), 'image/jpeg', own);
        const entries = [entryAt(Date.now(), 1, photo(sha(bytes)))];
        expect((await own.send('POST', `/api/runs/${run}/log`, { entries })).status).toBe(201);
      }
      rmSync(join(own.data, 'pictures', sha(lost!).slice(0, 2), sha(lost!)));
      const file = (await own.get(`/api/runs/${run}/run.json`)).body as {
        missing: string[];
        pictures: { hash: string }[];
      };
      expect([file.missing, file.pictures.map(({ hash }) => hash)]).toEqual([[sha(lost!)], [sha(kept!)]]);
      expect((await other.send('POST', '/api/imports', file)).status).toBe(201);
      expect((await other.send('POST', '/api/imports', { ...file, missing: [] })).status).toBe(422);
    } finally {
      await own.stop();
      await other.stop();
    }
  });

  it('leave room: for each tablet and run a share, and some of the disk for all that is written down', async () => {
    let free = 1e12;
    const pictures = new Pictures(server.knex, server.data, Date.now, () => Promise.resolve(free));
    const sized = async (colour: string, author = 'station:a', run = 'full') => {
      const bytes = await plain(20, 20, colour).png().toBuffer();
      return pictures.keep(sha(bytes), bytes, '/picture', { runId: run, author });
    };
    await sized('#000001');
    const row = { type: 'image/png', thumbnail: 'x', added_at: Date.now(), run_id: 'full' };
    await server.knex('attachments').insert({
      ...{ ...row, hash: 'a', bytes: pictureBounds.aTablet - 10, author: 'station:a' },
    });
    await expect(sized('#000002')).rejects.toThrow('This tablet has sent');
    await sized('#000002', 'station:b');
    await server.knex('attachments').insert({
      ...{ ...row, hash: 'b', bytes: pictureBounds.aRun - pictureBounds.aTablet, author: 'station:c' },
    });
    await expect(sized('#000003', 'station:d')).rejects.toThrow('This run has as many');
    await sized('#000003', 'station:d', 'another');
    free = pictureBounds.keptFree - 1;
    await expect(sized('#000004', 'station:e', 'third')).rejects.toThrow('nearly full');
    expect(await pictures.room()).toEqual({ freeBytes: free, low: true });
    await server.knex('attachments').whereIn('hash', ['a', 'b']).delete();
  });
});
