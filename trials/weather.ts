import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import Database from 'better-sqlite3';
import { Wire } from '../e2e/wire';
import type { BatchReceipt } from '../src/contract/entries';
import type { Entry } from '../src/core/run';
import { Unreachable } from '../src/web/api/request';
import { Outbox } from '../src/web/outbox/outbox';
import { memoryStore } from '../src/web/outbox/testing/world';
import type { Toll } from './kills';
import { TestServer, Refused } from '../e2e/server';
import { reading, schoolWithRun } from './school';

/** What the database has of what was acknowledged. */
function tollOf(
  program: TestServer,
  what: string,
  acknowledged: ReadonlySet<string>,
  batches: readonly string[][] = [],
): Toll {
  const there = program.query<{ id: string; times: number }>(
    'SELECT id, count(*) AS times FROM log GROUP BY id',
  );
  const ids = new Set(there.map(({ id }) => id));
  return {
    ...{ what, kills: 0, acknowledged: acknowledged.size },
    lost: [...acknowledged].filter((id) => !ids.has(id)).length,
    doubled: there.filter(({ times }) => times > 1).length,
    halfDone: batches.filter((batch) => batch.some((id) => ids.has(id)) && !batch.every((id) => ids.has(id)))
      .length,
  };
}

/** A disk of eight megabytes fills up while entries come; then room is made. Null where this machine mounts none. */
export async function diskFull(): Promise<(Toll & { note: string }) | null> {
  const data = mkdtempSync(join(tmpdir(), 'tawny-full-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=8m', 'tmpfs', data], { stdio: 'ignore' });
  } catch {
    rmSync(data, { recursive: true, force: true });
    return null;
  }
  const filler = join(data, 'filler');
  writeFileSync(filler, Buffer.alloc(4_000_000));
  const program = await TestServer.unstarted(['--open'], data);
  try {
    await program.up();
    const run = await schoolWithRun(program);
    const acknowledged = new Set<string>();
    const batches: string[][] = [];
    const refused = new Map<number, number>();
    const write = async () => {
      const entries = Array.from({ length: 200 }, () => reading(1));
      batches.push(entries.map(({ id }) => id));
      try {
        const { kept } = await program.send<BatchReceipt>('POST', `/api/runs/${run}/log`, { entries });
        kept.forEach((id) => acknowledged.add(id));
        return true;
      } catch (error) {
        const status = error instanceof Refused ? error.status : 0;
        refused.set(status, (refused.get(status) ?? 0) + 1);
        return false;
      }
    };
    for (let i = 0; i < 200 && refused.size === 0; i += 1) await write();
    for (let i = 0; i < 5; i += 1) await write();
    const reads = await program.json<object>(`/api/runs/${run}`).then(() => 'reads go on', String);
    rmSync(filler);
    let after = false;
    for (let i = 0; i < 50 && !after; i += 1) after = await write();
    const statuses = [...refused].map(([status, times]) => `${times} × ${status}`).join(', ');
    const note = `refused ${statuses}; ${reads}; once there is room it ${after ? 'writes again' : 'DOES NOT WRITE'}`;
    return { ...tollOf(program, 'disk full', acknowledged, batches), note };
  } finally {
    await program.down('SIGKILL');
    execFileSync('umount', [data]);
    rmSync(data, { recursive: true, force: true });
  }
}

/** Another program holds the database for ten seconds: who reads is served meanwhile, who writes is acknowledged after. */
export async function lockedByAnother(): Promise<Toll & { note: string }> {
  const program = await TestServer.start();
  try {
    const run = await schoolWithRun(program);
    const acknowledged = new Set<string>();
    const other = new Database(join(program.data, 'tawny.sqlite'));
    other.exec('BEGIN IMMEDIATE');
    let held = true;
    const writers = [1, 2, 3].map(async (station) => {
      const started = performance.now();
      const { kept } = await program.send<BatchReceipt>('POST', `/api/runs/${run}/log`, {
        entries: [reading(station)],
      });
      kept.forEach((id) => acknowledged.add(id));
      return performance.now() - started;
    });
    let slowest = 0;
    const reads = (async () => {
      while (held) {
        const started = performance.now();
        await program.json(`/api/runs/${run}`);
        await program.json('/api/practicals');
        slowest = Math.max(slowest, performance.now() - started);
        await pause(50);
      }
    })();
    await pause(10_000);
    other.exec('ROLLBACK');
    other.close();
    held = false;
    const waited = await Promise.all(writers);
    await reads;
    const note = `two reads took ${Math.round(slowest)} ms at most; writes were acknowledged after ${(Math.max(...waited) / 1000).toFixed(1)} s`;
    return { ...tollOf(program, 'database held by another for 10 s', acknowledged), note };
  } finally {
    await program.remove();
  }
}

/** The network is gone for a while in which a tablet goes on writing, once a second; then it is back. */
export async function networkGone(seconds: number): Promise<Toll & { note: string }> {
  const program = await TestServer.unstarted(['--open']);
  const wire = await Wire.to(program.port);
  try {
    await program.up();
    const run = await schoolWithRun(program);
    const written = new Set<string>();
    const outbox = new Outbox({
      ...{ runId: run, door: run, station: null, store: memoryStore() },
      async send(entries: readonly Entry[]): Promise<BatchReceipt> {
        const answer = await fetch(`http://127.0.0.1:${wire.port}/api/runs/${run}/log`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ entries }),
        }).catch(() => {
          throw new Unreachable();
        });
        return (await answer.json()) as BatchReceipt;
      },
    });
    wire.cut();
    for (let second = 0; second < seconds; second += 1) {
      const entry = reading(1 + (second % 8));
      written.add(entry.id);
      await outbox.add([entry]);
      await pause(1000);
    }
    const waiting = outbox.state().waiting.length;
    wire.mend();
    const mended = performance.now();
    while (outbox.state().waiting.length > 0 && performance.now() - mended < 60_000) await pause(50);
    const note = `${waiting} waited; all were there ${((performance.now() - mended) / 1000).toFixed(1)} s after the network was back`;
    return { ...tollOf(program, `${Math.round(seconds / 60)} minutes without the network`, written), note };
  } finally {
    await wire.remove();
    await program.remove();
  }
}

/** Tablets whose clocks are an hour wrong, either way, and batches that arrive late, out of order and twice. */
export async function clocksAndOrder(): Promise<Toll & { note: string }> {
  const program = await TestServer.start();
  try {
    const run = await schoolWithRun(program);
    const hour = 3_600_000;
    const batches = Array.from({ length: 60 }, (_, i) =>
      Array.from({ length: 20 }, () =>
        reading(1 + (i % 8), Date.now() + (i % 3 === 0 ? hour : i % 3 === 1 ? -hour : 0)),
      ),
    );
    const deliveries = [...batches, ...batches].sort(() => Math.random() - 0.5);
    const acknowledged = new Set<string>();
    let already = 0;
    await Promise.all(
      [0, 1, 2, 3].map(async (lane) => {
        for (let i = lane; i < deliveries.length; i += 4) {
          const receipt = await program.send<BatchReceipt>('POST', `/api/runs/${run}/log`, {
            entries: deliveries[i],
          });
          [...receipt.kept, ...receipt.already].forEach((id) => acknowledged.add(id));
          already += receipt.already.length;
        }
      }),
    );
    const note = `${already} of ${deliveries.length * 20} were there already and said so`;
    const toll = tollOf(
      program,
      'clocks an hour wrong; reordered and doubled delivery',
      acknowledged,
      batches.map((batch) => batch.map(({ id }) => id)),
    );
    return { ...toll, note };
  } finally {
    await program.remove();
  }
}
