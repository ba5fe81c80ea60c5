import { createHash } from 'node:crypto';
import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readRunFile } from '../../contract/run-file';
import type { EntryBody } from '../../core/run';
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
});
