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
      return Promise.resolve({ kept, already, epoch: 'this one' });
    },
  };
  return server;
}

describe('the outbox', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const settle = (ms = 60_000) => vi.advanceTimersByTimeAsync(ms);

  it('sends what is written down while its run is opened anew: closed, it holds nothing back', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const outbox = new Outbox({ runId: 'r', store, send: server.send });
    outbox.close();
    await outbox.add([entry('late')]);
    await settle(0);
    expect(server.log).toEqual(['late']);
    expect(store.kept.size).toBe(0);
  });

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

  it('waits 0.5, 1, 2, 4, 8, then 15 s between tries, and begins anew once something got through', async () => {
    const server = fakeServer();
    server.away = true;
    const outbox = new Outbox({ runId: 'r', store: memoryStore(), send: (entries) => server.send(entries) });
    let heard = 0;
    const stop = outbox.subscribe(() => (heard += 1));
    await outbox.add([entry('a')]);
    expect(heard).toBe(1);
    const pauses = async (tenths: number) => {
      const at: number[] = [];
      for (let tenth = 1; tenth <= tenths; tenth += 1) {
        const before = server.posts;
        await vi.advanceTimersByTimeAsync(100);
        if (server.posts > before) at.push(tenth);
      }
      return at.map((tenth, i) => (i === 0 ? tenth : tenth - at[i - 1]!));
    };
    // In tenths, counted from the moment it was added.
    expect(await pauses(480)).toEqual([1, 4, 10, 20, 40, 80, 150, 150]);
    stop();
    heard = 0;
    server.away = false;
    outbox.nudge();
    await settle(50);
    expect([heard, outbox.state().received, outbox.state().away]).toEqual([0, 1, false]);
    server.away = true;
    await outbox.add([entry('b')]);
    expect(await pauses(30)).toEqual([1, 4, 10]);
    outbox.close();
    const posts = server.posts;
    outbox.nudge();
    await settle();
    expect(server.posts).toBe(posts);
    const quick = new Outbox({
      runId: 'r',
      store: memoryStore(),
      send: (entries) => server.send(entries),
      firstPauseMs: 200,
    });
    await quick.add([entry('c')]);
    expect(await pauses(8)).toEqual([1, 1, 4]);
  });

  it('sends a thousand at a time, in order', async () => {
    const sizes: number[] = [];
    const server = fakeServer();
    const send = (entries: readonly Entry[]) => {
      sizes.push(entries.length);
      return server.send(entries);
    };
    const outbox = new Outbox({ runId: 'r', store: memoryStore(), send });
    const many = Array.from({ length: 2300 }, (_, i) => entry(`e${i}`));
    await outbox.add(many);
    await settle();
    expect(sizes).toEqual([1000, 1000, 300]);
    expect(server.log).toEqual(many.map((one) => one.id));
    expect(outbox.state().received).toBe(2300);
  });

  it('takes up what an earlier page left: what waits is sent before what is new, what was refused is shown', async () => {
    const server = fakeServer();
    const store = memoryStore();
    await store.put([
      { id: 'old', runId: 'r', entry: entry('old'), refused: null },
      { id: 'bad', runId: 'r', entry: entry('bad'), refused: 'a day off' },
      { id: 'else', runId: 'another', entry: entry('else'), refused: null },
    ]);
    const outbox = new Outbox({ runId: 'r', store, send: (entries) => server.send(entries) });
    await outbox.add([entry('new')]);
    expect(store.kept.get('new')).toEqual({ id: 'new', runId: 'r', entry: entry('new'), refused: null });
    expect((await outbox.open()).map((one) => one.id)).toEqual(['old']);
    expect(outbox.state().refused).toEqual([{ entry: entry('bad'), why: 'a day off' }]);
    await settle();
    expect(server.log).toEqual(['old', 'new']);
    expect([...store.kept.keys()]).toEqual(['bad', 'else']);
  });

  it('a failure of the server is waited out; a refusal that names no entry sets the whole batch aside', async () => {
    let status = 500;
    let posts = 0;
    const send = (): Promise<BatchReceipt> => {
      posts += 1;
      return Promise.reject(
        new ProblemError({ type: '', title: '', status, detail: 'This run has not started' }),
      );
    };
    const store = memoryStore();
    const outbox = new Outbox({ runId: 'r', store, send });
    await outbox.add([entry('a'), entry('b')]);
    await settle(100);
    expect(outbox.state()).toMatchObject({ away: true, refused: [] });
    expect(outbox.state().waiting).toHaveLength(2);
    status = 409;
    await settle();
    expect(outbox.state()).toMatchObject({ away: false, waiting: [] });
    expect(outbox.state().refused.map(({ entry: one, why }) => [one.id, why])).toEqual([
      ['a', 'This run has not started'],
      ['b', 'This run has not started'],
    ]);
    expect([...store.kept.values()].map((one) => one.refused)).toEqual(
      Array(2).fill('This run has not started'),
    );
    const before = posts;
    await settle();
    expect(posts).toBe(before);
    await outbox.discard('a');
    expect(outbox.state().refused.map(({ entry: one }) => one.id)).toEqual(['b']);
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
