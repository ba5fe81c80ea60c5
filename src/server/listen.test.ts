import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ProblemDocument } from '../contract/problem';
import { createApp } from './app';
import { databaseFile } from './db/files';
import { openDatabase } from './db/open';
import { serverFor } from './listen';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from './testing/running-app';
import { lanAddresses, settingsFrom } from './settings';
import type { AddressInfo } from 'node:net';

let server: RunningApp;
let run: string;
beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
});
afterAll(() => server.stop());

/** What comes back for bytes as they are. */
function raw(text: string): Promise<{ status: number; body: string }> {
  return new Promise((resolve) => {
    const { port } = new URL(server.url);
    const socket = connect(Number(port), '127.0.0.1', () => socket.write(text));
    let answer = '';
    socket.on('data', (chunk) => (answer += chunk.toString()));
    const done = () => {
      socket.destroy();
      resolve({ status: Number(answer.split(' ')[1]), body: answer.split('\r\n\r\n')[1] ?? '' });
    };
    socket.on('close', done);
    socket.on('error', done);
  });
}

describe('what Express never sees', () => {
  it('is refused with a problem: a strange Expect, a head too large, what is no HTTP', async () => {
    const host = `Host: ${new URL(server.url).host}\r\n`;
    for (const [request, status] of [
      [`GET /api/who HTTP/1.1\r\n${host}Expect: 200-ok\r\nConnection: close\r\n\r\n`, 417],
      [`GET /api/who HTTP/1.1\r\n${host}X: ${'x'.repeat(20_000)}\r\n\r\n`, 431],
      [`NONSENSE\r\n\r\n`, 400],
      [`GET /api/who HTTP/1.1\r\n${host}Content-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n`, 400],
    ] as const) {
      const answer = await raw(request);
      expect(
        [answer.status, (JSON.parse(answer.body) as ProblemDocument).status],
        request.slice(0, 40),
      ).toEqual([status, status]);
    }
  });

  it('HEAD on a stream is its head and no more; a packed body is not unpacked', async () => {
    const head = await fetch(`${server.url}/api/runs/${run}/live`, { method: 'HEAD' });
    expect([head.status, head.headers.get('content-type')]).toEqual([
      200,
      'text/event-stream; charset=utf-8',
    ]);
    await head.text();
    const packed = await server.send('POST', `/api/runs/${run}/log`, '{}', { 'content-encoding': 'gzip' });
    expect(packed).toMatchObject({ status: 415, body: { status: 415 } });
  });
});

describe('the pages', () => {
  it('come from a folder with a dot before it; a part of another version is a problem, not a page', async () => {
    const data = mkdtempSync(join(tmpdir(), 'tawny-'));
    const web = join(data, '.hidden', 'web');
    mkdirSync(join(web, 'assets'), { recursive: true });
    writeFileSync(join(web, 'index.html'), '<p>here</p>');
    writeFileSync(join(web, 'assets', 'a.js'), '1');
    const knex = await openDatabase(data);
    const app = createApp({
      ...{ knex, dataFolder: data, version: 'test', epoch: 'one', open: true, webFolder: web },
      probes: () => ({ advance: () => [], hear: () => undefined }),
      logger: { error: () => undefined },
    });
    const listening = serverFor(app.express).listen(0, '127.0.0.1');
    await new Promise((resolve) => listening.once('listening', resolve));
    const get = (path: string, method = 'GET') =>
      fetch(`http://127.0.0.1:${(listening.address() as AddressInfo).port}${path}`, { method });
    expect(await (await get('/runs/x/bench')).text()).toBe('<p>here</p>');
    expect((await get('/', 'HEAD')).status).toBe(200);
    expect(await (await get('/assets/a.js')).text()).toBe('1');
    const gone = await get('/assets/b-123.js');
    expect([gone.status, gone.headers.get('content-type')]).toEqual([
      404,
      'application/problem+json; charset=utf-8',
    ]);
    expect((await get('/', 'DELETE')).headers.get('content-type')).toContain('problem+json');
    app.close();
    listening.closeAllConnections();
    listening.close();
    await knex.destroy();
    rmSync(data, { recursive: true, force: true });
  });
});

describe('a database held by another program', () => {
  it('holds up nobody who reads; who writes waits, and is told after it is there', async () => {
    const other = new Database(databaseFile(server.data));
    other.exec('BEGIN IMMEDIATE');
    let answered = false;
    const entry = entryAt(Date.now(), 1, readingOf(50));
    const writing = server.send('POST', `/api/runs/${run}/log`, { entries: [entry] }).then((answer) => {
      answered = true;
      return answer;
    });
    const saving = server.send('POST', '/api/classes', { id: 'held', name: '9C', students: 3, unit: 'C' });
    for (let i = 0; i < 10; i += 1) expect((await server.get('/api/practicals')).status).toBe(200);
    await new Promise((resolve) => setTimeout(resolve, 300));
    // It is held still: who read was answered meanwhile.
    expect(answered).toBe(false);
    other.exec('ROLLBACK');
    other.close();
    expect([(await writing).status, (await saving).status]).toEqual([201, 201]);
    expect(await server.knex('log').where({ id: entry.id })).toHaveLength(1);
  });
});

describe('where it listens', () => {
  const of = (given: string[], env: Record<string, string> = {}) => settingsFrom(given, env);

  it('this machine alone unless asked; open only there; what cannot be is said in words', () => {
    expect(of([])).toMatchObject({ host: '127.0.0.1', port: 4173, open: false, demo: false });
    expect(of(['--demo'])).toMatchObject({ host: '127.0.0.1', open: true });
    expect(of(['--demo', '--lan'])).toMatchObject({ host: '0.0.0.0', open: false });
    expect(of(['--demo'], { TAWNY_HOST: '192.168.1.5' })).toMatchObject({ open: false });
    expect(() => of(['--open', '--lan'])).toThrow('in a network teachers sign in');
    expect(() => of(['--opne'])).toThrow('--opne is not known');
    expect(() => of([], { TAWNY_PORT: '70000' })).toThrow('TAWNY_PORT is “70000”');
    expect(() => of([], { TAWNY_CERT: 'x' })).toThrow('go together');
  });

  it('says where other machines reach it: nowhere where it listens to this one alone, by its names first', () => {
    expect(lanAddresses(of([]), 4173)).toEqual([]);
    const lan = lanAddresses(of(['--lan'], { TAWNY_NAMES: 'kitchen.school.lan' }), 80);
    expect(lan[0]).toBe('http://kitchen.school.lan:80');
    expect(
      lan.slice(1).every((one) => /^http:\/\/\d+\.\d+\.\d+\.\d+:80$/.test(one) && !one.includes('127.')),
    ).toBe(true);
    expect(lanAddresses(of([], { TAWNY_HOST: '192.168.1.5' }), 4173)).toEqual(['http://192.168.1.5:4173']);
  });
});
