import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { v7 as uuid } from 'uuid';
import { examplePlan } from '../../core/practical';
import type { Entry, EntryBody } from '../../core/run';
import { createApp, type App } from '../app';
import { openDatabase } from '../db/open';
import { serverFor } from '../listen';

/** A server on a free port with a database of its own. */
export interface RunningApp {
  app: App;
  knex: Knex;
  data: string;
  url: string;
  get(path: string, headers?: Record<string, string>): Promise<Answer>;
  send(method: string, path: string, body: unknown, headers?: Record<string, string>): Promise<Answer>;
  stop(): Promise<void>;
}

export interface Answer {
  status: number;
  body: never;
  headers: Headers;
}

const silent = { entries: () => undefined, error: () => undefined };

export async function runningApp(now: () => number = Date.now, open = true): Promise<RunningApp> {
  const data = mkdtempSync(join(tmpdir(), 'tawny-'));
  const knex = await openDatabase(data);
  const probes = () => ({ advance: () => [], hear: () => undefined });
  const app = createApp({
    ...{ knex, dataFolder: data, version: 'test', epoch: 'this one', open, now, probes, logger: silent },
  });
  const server = serverFor(app.express).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const answer = async (response: Response) => ({
    status: response.status,
    body: (await response.json()) as never,
    headers: response.headers,
  });
  return {
    app,
    knex,
    data,
    url,
    get: async (path, headers = {}) => answer(await fetch(url + path, { headers })),
    send: async (method, path, body, headers = {}) =>
      answer(
        await fetch(url + path, {
          method,
          headers: { 'content-type': 'application/json', ...headers },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        }),
      ),
    async stop() {
      app.close();
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await knex.destroy();
      rmSync(data, { recursive: true, force: true });
    },
  };
}

/** Sets up a school with the example practical and a run that has begun; answers with the run’s id. */
export async function startedRun(
  { send: sendAs }: RunningApp,
  stations = 4,
  startsAt = Date.now(),
  headers: Record<string, string> = {},
): Promise<string> {
  const send = (method: string, path: string, body: unknown) => sendAs(method, path, body, headers);
  const id = uuid();
  const room = {
    id: 'kitchen',
    name: 'Kitchen',
    kind: 'food-room',
    altitudeM: 1200,
    measuredBoilingC: null,
    stations: 12,
    balanceG: 0.1,
  };
  await send('POST', '/api/rooms', room);
  await send('POST', '/api/classes', { id: '9b', name: '9B', students: 20, unit: 'C' });
  await send('POST', '/api/practicals', { id: 'honeycomb', plan: { ...examplePlan, roomId: 'kitchen' } });
  await send('POST', '/api/runs', {
    id,
    practicalId: 'honeycomb',
    revision: 1,
    roomId: 'kitchen',
    classId: '9b',
    startsAt,
    stations,
    probes: 'none',
    seed: 5,
  });
  await send('POST', `/api/runs/${id}/start`, {});
  return id;
}

export function entryAt(at: number, station: number | null, body: EntryBody): Entry {
  return { id: uuid(), station, at, offset: 60, body };
}

export const readingOf = (celsius: number): EntryBody => ({
  kind: 'reading',
  celsius,
  probe: 1,
  unit: 'C',
  source: 'typed',
});
