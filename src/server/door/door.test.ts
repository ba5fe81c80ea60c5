import { request } from 'node:http';
import { networkInterfaces } from 'node:os';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownNames } from './door';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';

let server: RunningApp;
let runId: string;
beforeAll(async () => {
  server = await runningApp();
  runId = await startedRun(server);
});
afterAll(() => server.stop());

interface Answer {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  body: { detail?: string };
}

/** A request with headers of one’s own, which fetch does not let through. */
function ask(method: string, path: string, headers: Record<string, string>, body = ''): Promise<Answer> {
  const { hostname, port } = new URL(server.url);
  return new Promise((resolve, reject) => {
    const sent = request({ hostname, port, method, path, headers }, (response) => {
      let text = '';
      response.setEncoding('utf8').on('data', (part: string) => (text += part));
      response.on('end', () => {
        const json = /json/.test(response.headers['content-type'] ?? '');
        const read = json ? (JSON.parse(text) as Answer['body']) : {};
        resolve({ status: response.statusCode!, headers: response.headers, body: read });
      });
    });
    sent.on('error', reject);
    sent.end(body);
  });
}
const own = () => ({ host: new URL(server.url).host });
const json = { 'content-type': 'application/json' };
const finish = () => `/api/runs/${runId}/finish`;
const status = async () => (await server.app.runs.one(runId)).status;

describe('the door', () => {
  it.each([
    'evil.example',
    'evil.example:4173',
    '127.0.0.1.evil.example',
    '10.1.2.3',
    'localhost.',
    '[::2]:1',
  ])('answers only to its own names: a page that was led here as “%s” gets nothing', async (host) => {
    for (const path of ['/api/runs', '/healthz', '/']) {
      const answer = await ask('GET', path, { host });
      expect([path, answer.status]).toEqual([path, 421]);
    }
  });

  it.each(['127.0.0.1', 'localhost', 'LOCALHOST', '[::1]'])(
    '“%s” is its own name, with any port',
    async (name) => {
      expect((await ask('GET', '/healthz', { host: `${name}:4173` })).status).toBe(200);
      expect((await ask('GET', '/healthz', { host: name })).status).toBe(200);
    },
  );

  it.each<[string, Record<string, string>]>([
    ['a form of another page', { origin: 'http://evil.example', 'content-type': 'text/plain' }],
    ['a form that hides where it is', { origin: 'null', ...json }],
    ['a page of another origin', { origin: 'http://evil.example', ...json }],
    ['another program on this machine', { origin: 'http://127.0.0.1:1', ...json }],
    ['another program, as its browser says', { 'sec-fetch-site': 'same-site', ...json }],
    ['a page elsewhere, as its browser says', { 'sec-fetch-site': 'cross-site', ...json }],
  ])('%s writes nothing', async (_, headers) => {
    const answer = await ask('POST', finish(), { ...own(), ...headers }, '{}');
    expect(answer.status).toBe(403);
    expect(answer.body.detail).toContain('Nothing was changed');
    expect(await status()).toBe('running');
  });

  it.each([
    'text/plain',
    'application/x-www-form-urlencoded',
    'multipart/form-data; boundary=x',
    'application/jsonp',
    '',
  ])('a write as “%s” is no JSON and is refused before it is read', async (type) => {
    const headers = type === '' ? own() : { ...own(), 'content-type': type };
    const answer = await ask('POST', finish(), headers, '{}');
    expect(answer.status).toBe(415);
    expect(await status()).toBe('running');
  });

  it('whatever the letters of the address, and whatever is in the way of its type', async () => {
    const plain = { ...own(), 'content-type': 'text/plain' };
    for (const path of [
      finish().toUpperCase(),
      `/${finish()}`,
      `${finish()}/`,
      `${finish()}?x=/api/pictures/`,
    ]) {
      expect([path, (await ask('POST', path, plain, '{}')).status]).toEqual([path, 415]);
    }
    expect(
      (await ask('PUT', '/api/pictures/../runs', { ...own(), 'content-type': 'image/png' }, 'x')).status,
    ).not.toBe(201);
    expect((await ask('DELETE', finish(), plain)).status).toBe(415);
    expect(await status()).toBe('running');
  });

  it('where it listens to the network it answers to its addresses there, and to names it was given', () => {
    const here = Object.values(networkInterfaces()).flatMap(
      (all) => all?.map(({ address }) => address) ?? [],
    );
    expect(here.length).toBeGreaterThan(0);
    const everywhere = ownNames('0.0.0.0', [' Kitchen.School.lan ', '']);
    for (const name of [...here, 'kitchen.school.lan', 'localhost']) expect(everywhere.has(name)).toBe(true);
    expect(everywhere.has('')).toBe(false);
    expect([...ownNames('127.0.0.1')].sort()).toEqual(['127.0.0.1', '::1', 'localhost']);
    expect(ownNames('192.168.7.7').has('192.168.7.7')).toBe(true);
  });

  it('is in nobody’s frame', async () => {
    const { headers } = await ask('GET', '/healthz', own());
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['x-frame-options']).toBe('DENY');
  });

  it('its own page writes, and so does a program that is no browser', async () => {
    const log = `/api/runs/${runId}/log`;
    const empty = '{"entries":[]}';
    const { host } = own();
    const page = { host, origin: `http://${host}`, 'sec-fetch-site': 'same-origin', ...json };
    const answers = [
      await ask('POST', log, page, empty),
      await ask('POST', log, { host, 'content-type': 'application/json; charset=utf-8' }, empty),
    ];
    // An empty batch is refused for what it is, not at the door.
    for (const { status: code } of answers) expect([201, 422]).toContain(code);
    expect((await ask('POST', finish(), page, '{}')).status).toBe(200);
  });
});
