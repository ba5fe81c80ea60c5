import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BatchReceipt } from '../../contract/entries';
import type { Entry } from '../../core/run';
import { ProblemError, Unreachable } from '../api/request';
import { Outbox } from './outbox';
import type { OutboxStore, WaitingEntry } from './store';

const entry = (id: string): Entry => ({
  id,
  station: 1,
  at: 0,
  offset: 0,
  body: { kind: 'deviation', text: id },
});

function memoryStore(): OutboxStore & { kept: Map<string, WaitingEntry> } {
  const kept = new Map<string, WaitingEntry>();
  return {
    kept,
    all: (runId) => Promise.resolve([...kept.values()].filter((one) => one.runId === runId)),
    put: (waiting) => Promise.resolve(waiting.forEach((one) => kept.set(one.id, one))),
    remove: (ids) => Promise.resolve(ids.forEach((id) => kept.delete(id))),
  };
}

/** A server that may be away, may lose its answers, and refuses what is called bad. */
function fakeServer() {
  const server = {
    log: [] as string[],
    posts: 0,
    away: false,
    losesAnswers: 0,
    send(entries: readonly Entry[]): Promise<BatchReceipt> {
      server.posts += 1;
      if (server.away) return Promise.reject(new Unreachable());
      const bad = entries.findIndex((one) => one.id.startsWith('bad'));
      if (bad >= 0) {
        const errors = [{ pointer: `/entries/${bad}/at`, field: 'at', value: 1, allowed: 'today' }];
        return Promise.reject(new ProblemError({ type: '', title: '', status: 422, detail: '', errors }));
      }
      const ids = entries.map((one) => one.id);
      const already = ids.filter((id) => server.log.includes(id));
      const kept = ids.filter((id) => !already.includes(id));
      server.log.push(...kept);
      if (server.losesAnswers > 0) {
        server.losesAnswers -= 1;
        return Promise.reject(new Unreachable());
      }
      return Promise.resolve({ kept, already });
    },
  };
  return server;
}

describe('the outbox', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const settle = (ms = 60_000) => vi.advanceTimersByTimeAsync(ms);

  it('delivers each entry once, though answers are lost and the page is closed in between', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const first = new Outbox({ runId: 'r', store, send: (entries) => server.send(entries) });
    server.away = true;
    await first.add([entry('a'), entry('b')]);
    await settle();
    expect(first.state()).toMatchObject({ away: true, received: 0 });
    first.close();
    server.away = false;
    server.losesAnswers = 3;
    const second = new Outbox({ runId: 'r', store, send: (entries) => server.send(entries) });
    await second.open();
    await second.add([entry('c')]);
    await settle();
    expect(server.log).toEqual(['a', 'b', 'c']);
    expect(second.state()).toMatchObject({ waiting: [], away: false });
    expect(store.kept.size).toBe(0);
  });

  it('backs off while the server is away', async () => {
    const server = fakeServer();
    server.away = true;
    const outbox = new Outbox({ runId: 'r', store: memoryStore(), send: (entries) => server.send(entries) });
    await outbox.add([entry('a')]);
    await settle(60_000);
    // 0.5, 1, 2, 4, 8 and then every 15 s: eight or nine tries in a minute, not hundreds.
    expect(server.posts).toBeLessThan(12);
    server.away = false;
    outbox.nudge();
    await settle(100);
    expect(server.log).toEqual(['a']);
  });

  it('sets a refused entry aside with its reason and delivers the others', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const outbox = new Outbox({ runId: 'r', store, send: (entries) => server.send(entries) });
    await outbox.add([entry('a'), entry('bad'), entry('c')]);
    await settle();
    expect(server.log).toEqual(['a', 'c']);
    expect(outbox.state().refused).toMatchObject([{ entry: { id: 'bad' }, why: 'at is 1; allowed: today' }]);
    expect([...store.kept.keys()]).toEqual(['bad']);
    await outbox.discard('bad');
    expect(store.kept.size).toBe(0);
  });
});
