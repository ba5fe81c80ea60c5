import { mkdtempSync, rmSync } from 'node:fs';
import { request, Agent } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 as uuid } from 'uuid';
import { databaseFile } from '../src/server/db/files';
import { readingOf, runningApp, startedRun } from '../src/server/testing/running-app';
import type { Entry } from '../src/core/run';

const batches = 60;
const batchSize = 500;

function makeBatches(): Entry[][] {
  const at = Date.now();
  return Array.from({ length: batches }, (_, b) =>
    Array.from({ length: batchSize }, (_, i) => ({
      id: uuid(),
      station: 1 + (i % 4),
      at: at + b * 100 + i,
      offset: 60,
      body: readingOf(80 + (i % 40)),
    })),
  );
}

/**
 * Entries a second through the whole door (HTTP, JSON, checks, SQLite, receipt) against a plain prepared insert
 * into the same table, triggers and indexes included, in one transaction. Both write to disk with synchronous = FULL.
 */
export async function ingestion() {
  const server = await runningApp();
  const run = await startedRun(server);
  const agent = new Agent({ keepAlive: true, maxSockets: 4 });
  const post = (entries: Entry[]) =>
    new Promise<void>((resolve, reject) => {
      const body = JSON.stringify({ entries });
      const sent = request(
        `${server.url}/api/runs/${run}/log`,
        {
          method: 'POST',
          agent,
          headers: { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) },
        },
        (response) => {
          response.resume();
          response.on('end', () =>
            response.statusCode === 201 ? resolve() : reject(new Error(`status ${response.statusCode}`)),
          );
        },
      );
      sent.on('error', reject);
      sent.end(body);
    });

  for (const batch of makeBatches().slice(0, 10)) await post(batch);
  const overHttp = makeBatches();
  const httpStart = performance.now();
  await Promise.all(
    [0, 1, 2, 3].map(async (lane) => {
      for (let i = lane; i < overHttp.length; i += 4) await post(overHttp[i]!);
    }),
  );
  const httpMs = performance.now() - httpStart;
  const [{ n: count }] = (await server.knex('log').count<{ n: number }[]>('* as n')) as [{ n: number }];
  agent.destroy();

  const folder = mkdtempSync(join(tmpdir(), 'tawny-bench-'));
  await server.knex.raw(`VACUUM INTO '${join(folder, 'tawny.sqlite')}'`);
  await server.stop();
  const plain = new Database(databaseFile(folder));
  plain.pragma('journal_mode = WAL');
  plain.pragma('synchronous = FULL');
  const insert = plain.prepare(
    'INSERT INTO log (id, run_id, station, kind, at, "offset", arrived_at, body) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
  );
  const rows = makeBatches().flat();
  const plainStart = performance.now();
  plain.transaction(() => {
    for (const { id, station, at, offset, body } of rows) {
      insert.run(id, run, station, body.kind, at, offset, at, JSON.stringify(body));
    }
  })();
  const plainMs = performance.now() - plainStart;
  plain.close();
  rmSync(folder, { recursive: true });

  const total = batches * batchSize;
  return [
    {
      figure: 'log-ingestion-http',
      value: Math.round((total / httpMs) * 1000),
      unit: 'entries/s',
      kept: count,
    },
    { figure: 'plain-prepared-insert', value: Math.round((total / plainMs) * 1000), unit: 'entries/s' },
    {
      figure: 'log-ingestion-ratio',
      value: Number((plainMs / httpMs).toFixed(3)),
      unit: '',
      expected: 'at least 0.3',
    },
  ];
}
