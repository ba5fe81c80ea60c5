import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BatchReceipt } from '../../contract/entries';
import type { Entry } from '../../core/run';
import { board, entry, fakeServer, memoryStore } from './testing/world';
import { ProblemError, SignedOut, Unreachable } from '../api/request';
import { Outbox } from './outbox';
import type { WrittenEntry } from './store';

describe('the outbox', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const settle = (ms = 60_000) => vi.advanceTimersByTimeAsync(ms);

  it('sends what is written down while its run is opened anew: closed, it holds nothing back', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const outbox = new Outbox({ ...board, store, send: server.send });
    outbox.close();
    await outbox.add([entry('late')]);
    await settle(0);
    expect(server.log).toEqual(['late']);
    expect(store.unsent()).toEqual([]);
  });

  it('delivers each entry once, though answers are lost and the page is closed in between', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const first = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    server.away = true;
    await first.add([entry('a'), entry('b')]);
    await settle();
    expect(first.state()).toMatchObject({ away: true, received: 0 });
    first.close();
    server.away = false;
    server.losesAnswers = 3;
    const second = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    await second.open(null);
    await second.add([entry('c')]);
    await settle();
    expect(server.log).toEqual(['a', 'b', 'c']);
    expect(second.state()).toMatchObject({ waiting: [], away: false, received: 3 });
    expect(store.unsent()).toEqual([]);
  });

  it('backs off while the server is away', async () => {
    const server = fakeServer();
    server.away = true;
    const outbox = new Outbox({ ...board, store: memoryStore(), send: (entries) => server.send(entries) });
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
    const outbox = new Outbox({ ...board, store: memoryStore(), send: (entries) => server.send(entries) });
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
      ...board,
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
    const outbox = new Outbox({ ...board, store: memoryStore(), send });
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
    const outbox = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    await outbox.add([entry('new')]);
    expect(store.kept.get('new')).toEqual({
      id: 'new',
      runId: 'r',
      door: 'r',
      entry: entry('new'),
      refused: null,
    });
    expect((await outbox.open(null)).map((one) => one.id)).toEqual(['old']);
    expect(outbox.state().refused).toEqual([{ entry: entry('bad'), why: 'a day off' }]);
    await settle();
    expect(server.log).toEqual(['old', 'new']);
    expect(store.unsent()).toEqual(['bad', 'else']);
  });

  it('what may be otherwise later is waited out and said; a refusal that names no entry sets the batch aside', async () => {
    let status = 500;
    let posts = 0;
    const send = (): Promise<BatchReceipt> => {
      posts += 1;
      if (status === 401) return Promise.reject(new SignedOut('Not in'));
      return Promise.reject(new ProblemError({ type: '', title: '', status, detail: 'This says why' }));
    };
    const store = memoryStore();
    const outbox = new Outbox({ ...board, store, send });
    await outbox.add([entry('a'), entry('b')]);
    await settle(100);
    for (const [now, held] of [
      [500, 'This says why'],
      [503, 'This says why'],
      [401, 'Not in'],
      [404, 'This says why'],
      [409, 'This says why'],
      [429, 'This says why'],
    ] as const) {
      status = now;
      await settle(20_000);
      expect(outbox.state(), String(now)).toMatchObject({ away: false, held, refused: [] });
      expect(outbox.state().waiting, String(now)).toHaveLength(2);
    }
    status = 422;
    await settle();
    expect(outbox.state()).toMatchObject({ away: false, held: null, waiting: [] });
    expect(outbox.state().refused.map(({ entry: one, why }) => [one.id, why])).toEqual([
      ['a', 'This says why'],
      ['b', 'This says why'],
    ]);
    expect([...store.kept.values()].map((one) => one.refused)).toEqual(Array(2).fill('This says why'));
    const before = posts;
    await settle();
    expect(posts).toBe(before);
    await outbox.discard('a');
    expect(outbox.state().refused.map(({ entry: one }) => one.id)).toEqual(['b']);
  });

  it('a refused entry is sent once more when asked; a batch too large is halved until it passes', async () => {
    let takes = 0;
    const sizes: number[] = [];
    const send = (entries: readonly Entry[]): Promise<BatchReceipt> => {
      sizes.push(entries.length);
      const status = takes === 0 ? 422 : entries.length > 3 ? 413 : 200;
      if (status !== 200) {
        return Promise.reject(new ProblemError({ type: '', title: '', status, detail: 'no' }));
      }
      return Promise.resolve({ kept: entries.map(({ id }) => id), already: [], epoch: 'x' });
    };
    const store = memoryStore();
    const outbox = new Outbox({ ...board, store, send });
    await outbox.add([entry('a')]);
    await settle();
    expect(outbox.state().refused).toHaveLength(1);
    takes = 1;
    await outbox.again('a');
    await settle();
    expect(outbox.state()).toMatchObject({ refused: [], waiting: [], received: 1 });
    expect(store.kept.get('a')).toMatchObject({ refused: null, sent: true });
    await outbox.add(['b', 'c', 'd', 'e', 'f', 'g', 'h'].map(entry));
    await settle();
    expect(outbox.state()).toMatchObject({ waiting: [], received: 8 });
    expect(sizes).toEqual([1, 1, 7, 4, 2, 2, 2, 1]);
  });

  it('a device that can keep nothing still sends, and says so', async () => {
    const server = fakeServer();
    const refuses = () => Promise.reject(new DOMException('full', 'QuotaExceededError'));
    const store = { ...memoryStore(), all: refuses, put: refuses, remove: refuses };
    const outbox = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    expect(await outbox.open(null)).toEqual([]);
    expect(outbox.state().notKept).toBe(true);
    server.away = true;
    await outbox.add([entry('a'), entry('bad')]);
    await settle(100);
    expect(outbox.state()).toMatchObject({ away: true, notKept: true, received: 0 });
    server.away = false;
    await settle();
    expect(server.log).toEqual(['a']);
    expect(outbox.state()).toMatchObject({ waiting: [], received: 1, notKept: true });
    expect(outbox.state().refused).toHaveLength(1);
    await outbox.discard('bad');
    expect(outbox.state().refused).toEqual([]);
  });

  it('what the server had and has no longer is sent again; it is not said to be there meanwhile', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const first = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    await first.add(['a', 'b', 'c'].map(entry));
    await settle();
    expect([server.log, first.state().received]).toEqual([['a', 'b', 'c'], 3]);
    first.close();
    // Put back to a copy from before b and c.
    server.log = ['a'];
    const second = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    const left = await second.open(new Set(['a']));
    expect([left.map(({ id }) => id), second.state().received]).toEqual([['b', 'c'], 1]);
    await settle();
    expect([server.log, second.state().received]).toEqual([['a', 'b', 'c'], 3]);
    // A server that cannot be asked is believed.
    const third = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    expect(await third.open(null)).toEqual([]);
    expect(third.state().received).toBe(3);
  });

  it('sends what its own page wrote and nothing of another page; of older versions what is of its station', async () => {
    const store = memoryStore();
    const written = (id: string, station: number | null, door?: string): WrittenEntry => ({
      ...{ id, runId: 'r', entry: { ...entry(id), station }, refused: null },
      ...(door && { door }),
    });
    await store.put([
      written('mine', 3, 'r/3'),
      written('board', null, 'r'),
      written('old', 3),
      written('other', 2),
    ]);
    const page = (door: string, station: number | null) =>
      new Outbox({ runId: 'r', door, station, store, send: () => Promise.reject(new Unreachable()) })
        .open(new Set())
        .then((left) => left.map(({ id }) => id));
    expect(await page('r/3', 3)).toEqual(['mine', 'old']);
    expect(await page('r', null)).toEqual(['board', 'old', 'other']);
  });

  it('sets a refused entry aside with its reason and delivers the others', async () => {
    const server = fakeServer();
    const store = memoryStore();
    const outbox = new Outbox({ ...board, store, send: (entries) => server.send(entries) });
    await outbox.add([entry('a'), entry('bad'), entry('c')]);
    await settle();
    expect(server.log).toEqual(['a', 'c']);
    expect(outbox.state().refused).toMatchObject([{ entry: { id: 'bad' }, why: 'at is 1; allowed: today' }]);
    expect(store.unsent()).toEqual(['bad']);
    await outbox.discard('bad');
    expect(store.unsent()).toEqual([]);
  });
});
