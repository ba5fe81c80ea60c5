import { EventEmitter } from 'node:events';
import { gzipSync } from 'node:zlib';
import type { Response } from 'express';
import { describe, expect, it, vi } from 'vitest';
import type { LoggedEntry } from '../../contract/entries';
import type { Run } from '../../contract/runs';
import type { Actor } from '../actors/actor';
import { problemHandler } from '../problems/problem';
import { entryAt, readingOf } from '../testing/running-app';
import { Live, mostStreams, type View } from './live';

const noon = Date.UTC(2026, 10, 25, 12);

const pupil = (station: number, pass = `p${station}`): Actor => ({
  kind: 'station',
  pass,
  runId: 'r',
  station,
});

/** A page at the other end of a stream; `full` while it takes nothing. */
function page() {
  const said: string[] = [];
  const one = Object.assign(new EventEmitter(), {
    ...{ writableLength: 0, writableNeedDrain: false },
    writeHead: () => undefined,
    write: (text: string) => said.push(text),
    end: () => said.push('end'),
  });
  return {
    ...{ said, one },
    response: one as never as Response,
    leave: () => one.emit('close'),
    full(is: boolean) {
      Object.assign(one, { writableLength: is ? 1e6 : 0, writableNeedDrain: is });
      if (!is) one.emit('drain');
    },
    entries: () =>
      said
        .filter((text) => text.includes('event: entries'))
        .flatMap((text) => JSON.parse(/data: (.*)/.exec(text)![1]!) as LoggedEntry[])
        .map(({ seq }) => seq),
  };
}

const run = (id: string) => ({ id, status: 'running' }) as Run;
const entry = (seq: number, station: number | null): LoggedEntry => ({
  ...{ ...entryAt(noon, station, readingOf(5)), seq, arrivedAt: 0 },
});

/** A log to read from, and a view of it. */
function shelf() {
  const log: LoggedEntry[] = [];
  const asked: number[] = [];
  const view = (actor: Actor, station: number | null = null): View => ({
    ...{ actor, station, show: (one) => one },
    after: (seq) => {
      asked.push(seq);
      const own = log.filter((one) => station === null || one.station === station || one.station === null);
      const next = own.filter((one) => one.seq > seq).slice(0, 2);
      const packed = gzipSync(JSON.stringify(next));
      return Promise.resolve({
        ...{ packed, entries: next.length },
        ...{ last: next.at(-1)?.seq ?? seq, full: next.length === 2 },
      });
    },
  });
  return { log, asked, view };
}
/** What was asked for has come: pages are unpacked by threads. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 30));
const ms: Actor = { kind: 'teacher', id: 't', name: 'T', admin: false, session: 's' };

describe('viewers of a run', () => {
  it('get what they missed page by page and in order, then what is new, a station only its own', async () => {
    const live = new Live('one', () => 7);
    const { log, view } = shelf();
    log.push(...[1, 2, 3, 4, 5].map((seq) => entry(seq, seq)));
    const [board, tablet] = [page(), page()];
    live.watch(board.response, view(ms), run('r'), 1);
    live.watch(tablet.response, view(pupil(4), 4), run('r'), 0);
    expect(board.said[0]).toBe(
      'retry: 1000\n\nevent: run\ndata: {"run":{"id":"r","status":"running"},"serverNow":7,"epoch":"one"}\n\n',
    );
    // Told while it still reads what it missed: it comes once, in its turn.
    log.push(entry(6, 4));
    live.entries('r', [entry(6, 4)]);
    await vi.waitFor(() =>
      expect([board.entries(), tablet.entries()]).toEqual([
        [2, 3, 4, 5, 6],
        [4, 6],
      ]),
    );
    await settled();
    live.entries('r', [entry(7, 1), entry(8, null)]);
    live.entries('elsewhere', [entry(9, 1)]);
    expect([board.entries(), tablet.entries()]).toEqual([
      [2, 3, 4, 5, 6, 7, 8],
      [4, 6, 8],
    ]);
    live.close();
    expect([board.said.at(-1), tablet.said.at(-1)]).toEqual(['end', 'end']);
  });

  it('one that takes nothing piles up nothing: what it has not taken is read from the log when it can', async () => {
    const live = new Live('one', () => 7);
    const { log, view, asked } = shelf();
    const slow = page();
    live.watch(slow.response, view(ms), run('r'), 0);
    await settled();
    slow.full(true);
    const before = slow.said.length;
    for (let seq = 1; seq <= 50; seq += 1) {
      log.push(entry(seq, 1));
      live.entries('r', [entry(seq, 1)]);
    }
    await settled();
    expect([slow.said.length, asked.length]).toEqual([before, 1]);
    slow.full(false);
    await vi.waitFor(() => expect(slow.entries()).toEqual(log.map(({ seq }) => seq)));
    live.close();
  });

  it('hear a beat, nothing after they left, and are closed when they are in no longer', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
    try {
      const live = new Live('one', () => 7);
      const { view } = shelf();
      const [a, b] = [page(), page()];
      live.watch(a.response, view(pupil(1), 1), run('r'), 0);
      live.watch(b.response, view(pupil(2), 2), run('r'), 0);
      await settled();
      vi.advanceTimersByTime(10_000);
      expect([a.said.at(-1), b.said.at(-1)]).toEqual(Array(2).fill('event: beat\ndata: 1\n\n'));
      expect([live.isHere('p1'), live.isHere('p9')]).toEqual([true, false]);
      live.end((actor) => actor.kind === 'station' && actor.pass === 'p1');
      expect(a.said.at(-1)).toBe('end');
      a.leave();
      b.leave();
      const heard = [a.said.length, b.said.length];
      live.entries('r', [entry(1, null)]);
      live.run(run('r'));
      vi.advanceTimersByTime(30_000);
      expect([a.said.length, b.said.length]).toEqual(heard);
      expect(live.isHere('p1')).toBe(false);
      live.close();
    } finally {
      vi.useRealTimers();
    }
  });

  it('no more than so many for one tablet, and none of another’s', () => {
    const live = new Live('one', () => 7);
    const { view } = shelf();
    for (let i = 0; i < mostStreams.tablet; i += 1) {
      live.watch(page().response, view(pupil(1), 1), run('r'), 0);
    }
    expect(() => live.watch(page().response, view(pupil(1), 1), run('r'), 0)).toThrow('More pages watch');
    expect(() => live.watch(page().response, view(pupil(2), 2), run('r'), 0)).not.toThrow();
    live.close();
  });

  it('one code let in 64 times takes no more than its station has, and a teacher always has room', () => {
    const live = new Live('one', () => 7);
    const { view } = shelf();
    const opens = (actor: Actor) => {
      try {
        live.watch(
          page().response,
          view(actor, actor.kind === 'station' ? actor.station : null),
          run('r'),
          0,
        );
        return 1;
      } catch {
        return 0;
      }
    };
    let atOne = 0;
    for (let i = 0; i < 64 * 8; i += 1) atOne += opens(pupil(1, `p${i >> 3}`));
    expect(atOne).toBe(mostStreams.station);
    let all = atOne;
    for (let i = 0; i < 4000; i += 1) all += opens(pupil(2 + (i % 39), `q${i}`));
    expect(all).toBe(mostStreams.stations);
    const teacher = (id: string): Actor => ({ kind: 'teacher', id, name: 'T', admin: false, session: id });
    for (const id of ['a', 'b', 'c']) expect(opens(teacher(id))).toBe(1);
    live.close();
  });

  it('an answer that is half sent is left to the server: no second one is begun', () => {
    const next = vi.fn();
    const error = new Error('broken off');
    const response = { headersSent: true, status: vi.fn() };
    problemHandler({ error: vi.fn() })(error, { path: '/' } as never, response as never, next);
    expect(next).toHaveBeenCalledWith(error);
    expect(response.status).not.toHaveBeenCalled();
  });
});
