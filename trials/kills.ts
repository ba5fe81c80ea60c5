import { spawn } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import { setTimeout as pause } from 'node:timers/promises';
import Database from 'better-sqlite3';
import { v7 as uuid } from 'uuid';
import type { BatchReceipt } from '../src/contract/entries';
import type { RunFile } from '../src/contract/run-file';
import { examplePlan } from '../src/core/practical';
import { TestServer } from '../e2e/server';
import { reading, schoolWithRun } from './school';

/** What a series of kills found. */
export interface Toll {
  what: string;
  kills: number;
  acknowledged: number;
  lost: number;
  doubled: number;
  halfDone: number;
}

const databaseOf = ({ data }: TestServer) => join(data, 'tawny.sqlite');

const random = (low: number, high: number) => low + Math.random() * (high - low);

/** Entries stream in from six writers while the program is killed again and again. */
export async function logging(kills: number): Promise<Toll> {
  const program = await TestServer.start();
  const run = await schoolWithRun(program);
  const acknowledged = new Set<string>();
  const batches: string[][] = [];
  for (let kill = 0; kill < kills; kill += 1) {
    let alive = true;
    const writer = async (station: number) => {
      while (alive) {
        const entries = Array.from({ length: 20 }, () => reading(station));
        batches.push(entries.map(({ id }) => id));
        try {
          const { kept } = await program.send<BatchReceipt>('POST', `/api/runs/${run}/log`, { entries });
          kept.forEach((id) => acknowledged.add(id));
        } catch {
          return;
        }
      }
    };
    const writers = [1, 2, 3, 4, 5, 6].map(writer);
    await pause(random(10, 250));
    await program.down('SIGKILL');
    alive = false;
    await Promise.all(writers);
    await program.up();
  }
  const there = program.query<{ id: string; times: number }>(
    'SELECT id, count(*) AS times FROM log GROUP BY id',
  );
  const ids = new Set(there.map(({ id }) => id));
  const toll = {
    ...{ what: 'logging', kills, acknowledged: acknowledged.size },
    lost: [...acknowledged].filter((id) => !ids.has(id)).length,
    doubled: there.filter(({ times }) => times > 1).length,
    halfDone:
      batches.filter((batch) => batch.some((id) => ids.has(id)) && !batch.every((id) => ids.has(id))).length +
      (isWhole(databaseOf(program)) ? 0 : 1),
  };
  await program.remove();
  return toll;
}

/** A plan is changed and changed while the program is killed. */
export async function planSaves(kills: number): Promise<Toll> {
  const program = await TestServer.start();
  await schoolWithRun(program);
  const acknowledged = new Map<number, string>();
  let doubled = 0;
  for (let kill = 0; kill < kills; kill += 1) {
    let alive = true;
    const save = async () => {
      while (alive) {
        const question = `Which? ${uuid()}`;
        try {
          const { number } = await program.json<{ number: number }>('/api/practicals/p');
          const kept = await program.send<{ number: number }>('POST', '/api/practicals/p/revisions', {
            ...{ basedOn: number, plan: { ...examplePlan, question } },
          });
          if (acknowledged.has(kept.number)) doubled += 1;
          acknowledged.set(kept.number, question);
        } catch {
          return;
        }
      }
    };
    const saving = save();
    await pause(random(10, 250));
    await program.down('SIGKILL');
    alive = false;
    await saving;
    await program.up();
  }
  const rows = program.query<{ number: number; question: string; plan: string }>(
    "SELECT number, question, plan FROM revisions WHERE practical_id = 'p' ORDER BY number",
  );
  const there = new Map(rows.map(({ number, question }) => [number, question]));
  const toll = {
    ...{ what: 'plan saves', kills, acknowledged: acknowledged.size, doubled },
    lost: [...acknowledged].filter(([number, question]) => there.get(number) !== question).length,
    // Numbers without a gap, each document whole.
    halfDone: rows.filter(
      ({ number, question, plan }, i) =>
        number !== i + 1 || (JSON.parse(plan) as { question: string }).question !== question,
    ).length,
  };
  await program.remove();
  return toll;
}

/** Run files of two thousand entries are read in while the program is killed: each is there whole or not at all. */
export async function imports(kills: number): Promise<Toll> {
  const program = await TestServer.start();
  const run = await schoolWithRun(program);
  const file = await program.json<RunFile>(`/api/runs/${run}/run.json`);
  const size = 2000;
  const acknowledged = new Set<string>();
  for (let kill = 0; kill < kills; kill += 1) {
    const bring = async () => {
      for (;;) {
        const id = uuid();
        const entries = Array.from({ length: size }, () => ({ ...reading(1), arrivedAt: Date.now() }));
        try {
          await program.send('POST', '/api/imports', { ...file, run: { ...file.run, id }, entries });
          acknowledged.add(id);
        } catch {
          return;
        }
      }
    };
    const bringing = bring();
    await pause(random(20, 2500));
    await program.down('SIGKILL');
    await bringing;
    await program.up();
  }
  const rows = program.query<{ id: string; entries: number }>(
    'SELECT runs.id, count(log.seq) AS entries FROM runs LEFT JOIN log ON log.run_id = runs.id WHERE runs.id <> ? GROUP BY runs.id',
    run,
  );
  const whole = new Set(rows.filter(({ entries }) => entries === size).map(({ id }) => id));
  // Entries of runs that never came to be here were to be taken back at the start.
  const [{ left }] = program.query<{ left: number }>(
    'SELECT (SELECT count(*) FROM log WHERE run_id NOT IN (SELECT id FROM runs)) + (SELECT count(*) FROM arriving) AS left',
  ) as [{ left: number }];
  const toll = {
    ...{
      what: 'imports',
      kills,
      acknowledged: acknowledged.size,
      doubled: rows.filter(({ entries }) => entries > size).length,
    },
    lost: [...acknowledged].filter((id) => !whole.has(id)).length,
    halfDone: rows.filter(({ entries }) => entries < size).length + left,
  };
  await program.remove();
  return toll;
}

/** The very first start, which loads the invented school: killed, and started once more. */
export async function firstStarts(kills: number): Promise<Toll> {
  const toll: Toll = { what: 'first start', kills, acknowledged: 0, lost: 0, doubled: 0, halfDone: 0 };
  const counts = (program: TestServer) =>
    program.query<Record<string, number>>(
      `SELECT (SELECT count(*) FROM practicals) AS practicals, (SELECT count(*) FROM runs) AS runs,
              (SELECT count(*) FROM log WHERE run_id IN (SELECT id FROM runs WHERE finished_at IS NOT NULL)) AS entries,
              (SELECT count(*) FROM log WHERE run_id IN (SELECT id FROM runs WHERE finished_at IS NULL)) AS going,
              (SELECT count(*) FROM school WHERE key = 'name') AS name`,
    )[0]!;
  const unharmed = await TestServer.unstarted(['--demo']);
  await unharmed.up();
  const whole = counts(unharmed);
  await unharmed.remove();
  for (let kill = 0; kill < kills; kill += 1) {
    const program = await TestServer.unstarted(['--demo']);
    program.begin();
    await pause(random(100, 1800));
    await program.down('SIGKILL');
    await program.up();
    const here = counts(program);
    // The lesson that is going on goes on: its thermometers say more with every second that passes.
    if (Object.keys(whole).some((what) => what !== 'going' && here[what]! > whole[what]!)) toll.doubled += 1;
    if (Object.keys(whole).some((what) => here[what]! < whole[what]!)) toll.halfDone += 1;
    await program.remove();
  }
  return toll;
}

/** A database of an older version is brought up to date: killed on the way, and started once more. */
export async function migrations(kills: number): Promise<Toll> {
  const old = brotliDecompressSync(readFileSync('src/server/testing/format-1/tawny.sqlite.br'));
  const toll: Toll = { what: 'migration', kills, acknowledged: 0, lost: 0, doubled: 0, halfDone: 0 };
  for (let kill = 0; kill < kills; kill += 1) {
    const data = mkdtempSync(join(tmpdir(), 'tawny-fault-'));
    writeFileSync(join(data, 'tawny.sqlite'), old);
    const program = await TestServer.unstarted(['--open'], data);
    const before = program.query<{ n: number }>('SELECT count(*) AS n FROM log')[0]!.n;
    program.begin();
    await pause(random(150, 600));
    await program.down('SIGKILL');
    await program.up();
    const after = program.query<{ n: number }>('SELECT count(*) AS n FROM log')[0]!.n;
    toll.acknowledged += before;
    toll.lost += Math.max(0, before - after);
    toll.doubled += Math.max(0, after - before);
    if (!isWhole(databaseOf(program)) || program.query('SELECT name FROM migrations').length < 3)
      toll.halfDone += 1;
    await program.remove();
  }
  return toll;
}

/** Backups are made while the program is killed; then one is put back while that is killed too. */
export async function backupsAndRestores(kills: number): Promise<Toll> {
  const program = await TestServer.start();
  const first = await schoolWithRun(program);
  await program.send('POST', `/api/runs/${first}/log`, {
    entries: Array.from({ length: 500 }, () => reading(1)),
  });
  const toll: Toll = { what: 'backup and restore', kills, acknowledged: 0, lost: 0, doubled: 0, halfDone: 0 };
  const folder = join(program.data, 'backups');
  const count = () => program.query<{ n: number }>('SELECT count(*) AS n FROM log')[0]!.n;
  for (let kill = 0; kill < kills / 2; kill += 1) {
    const id = uuid();
    const run = { id, practicalId: 'p', revision: 1, roomId: 'k', classId: 'c', stations: 8, probes: 'none' };
    await program.send('POST', '/api/runs', { ...run, startsAt: Date.now() });
    await program.send('POST', `/api/runs/${id}/start`, {});
    const entries = Array.from({ length: 50 }, () => reading(1));
    await program.send('POST', `/api/runs/${id}/log`, { entries });
    toll.acknowledged += entries.length;
    const finishing = program.send('POST', `/api/runs/${id}/finish`, {}).catch(() => undefined);
    await pause(random(0, 120));
    await program.down('SIGKILL');
    await finishing;
    const here = count();
    const files = existsSync(folder)
      ? readdirSync(folder).filter((name) => name.startsWith('tawny-') && name.endsWith('.sqlite'))
      : [];
    for (const name of files.slice(-2)) if (!isWhole(join(folder, name))) toll.halfDone += 1;
    const given = files.at(-1);
    if (given) {
      const restoring = spawn(
        process.execPath,
        ['--import', 'tsx', 'src/server/restore.ts', join(folder, given)],
        {
          env: { ...process.env, TAWNY_DATA: program.data },
          stdio: 'ignore',
        },
      );
      const ended = new Promise((resolve) => restoring.once('exit', resolve));
      await pause(random(300, 1400));
      restoring.kill('SIGKILL');
      await ended;
      await program.up();
      await program.down();
      // Either what was there, or the copy, whole; and what was there is never gone: it is here or was put aside.
      const now = count();
      const aside = join(program.data, 'before-restore');
      const kept = existsSync(aside) ? readdirSync(aside).filter((name) => !name.startsWith('.')) : [];
      if (!isWhole(databaseOf(program))) toll.halfDone += 1;
      const elsewhere = kept.some((name) => rowsIn(join(aside, name, 'tawny.sqlite')) >= here);
      if (now < here && !elsewhere) toll.lost += here - now;
      rmSync(aside, { recursive: true, force: true });
      mkdirSync(aside);
    }
    await program.up();
  }
  await program.remove();
  return toll;
}

function isWhole(file: string): boolean {
  const database = new Database(file, { readonly: true });
  try {
    return database.pragma('integrity_check', { simple: true }) === 'ok';
  } finally {
    database.close();
  }
}

function rowsIn(file: string): number {
  const database = new Database(file);
  try {
    return database.prepare('SELECT count(*) FROM log').pluck().get() as number;
  } finally {
    database.close();
  }
}
