// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { logPage } from '../../contract/batch-size';
import { type Entry } from '../../core/run';
import { Unreachable } from '../api/request';
import { boardDoor } from '../api/doors';
import { LiveRun } from './live-run';
import { useFreshLists } from './use-fresh-lists';
import { closeLeftRuns } from './open-runs';
import { useLiveRun, useLiveState, useTick } from './use-live-run';
import { served, zero, run, entry, reading, inApp, type Call, withFakeServer } from '../testing/fake-server';

withFakeServer();

const kept = vi.hoisted(() => new Map<string, object>());
vi.mock('../outbox/store', () => ({
  indexedDbStore: () => ({
    all: () => Promise.resolve([...kept.values()]),
    put: (entries: { id: string }[]) => Promise.resolve(entries.forEach((one) => kept.set(one.id, one))),
    remove: (ids: string[]) => Promise.resolve(ids.forEach((id) => kept.delete(id))),
    ...Object.fromEntries(
      ['keepRun', 'keepSeen', 'forgetSeen'].map((name) => [name, () => Promise.resolve()]),
    ),
  }),
}));

/** The browser’s stream of server-sent events, told by hand. */
class Stream extends EventTarget {
  static CLOSED = 2;
  static opened: Stream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Stream.opened.push(this);
  }
  say(type: string, data?: unknown) {
    this.dispatchEvent(
      data === undefined ? new Event(type) : new MessageEvent(type, { data: JSON.stringify(data) }),
    );
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
}

/** A tab waits a moment whether another one listens already. */
const opened = async (count = 1) => {
  await waitFor(() => expect(Stream.opened.length).toBeGreaterThanOrEqual(count));
  return Stream.opened[count - 1]!;
};

describe('a run followed live', () => {
  beforeEach(() => {
    kept.clear();
    Stream.opened = [];
    vi.stubGlobal('EventSource', Stream);
    served.answers['GET /api/runs/r'] = { run, serverNow: zero + 60_000, epoch: 'one' };
    served.answers['GET /api/runs/r/log'] = [{ ...entry(1, 5, reading(90)), seq: 7, arrivedAt: 0 }];
    served.answers['POST /api/runs/r/log'] = ({ body }: Call) => ({
      kept: (body as { entries: Entry[] }).entries.map((one) => one.id),
      already: [],
      epoch: 'one',
    });
  });

  it('begins with the log, listens from there, and goes by the server’s clock', async () => {
    const live = await LiveRun.open(boardDoor('r'));
    const stream = await opened();
    expect(stream.url).toBe('/api/runs/r/live?after=7');
    expect(live.notebook.lastReading(1, 1)?.celsius).toBe(90);
    expect(Math.abs(live.now() - (zero + 60_000))).toBeLessThan(2000);
    expect(live.state()).toMatchObject({ connected: true, anew: false, shut: false });
    stream.say('open');
    expect(live.state().connected).toBe(true);
    let told = 0;
    const stop = live.subscribe(() => (told += 1));
    const before = live.state().version;
    for (let i = 0; i < 50; i += 1)
      stream.say('entries', [{ ...entry(1, 10 + i, reading(91 + i / 100)), seq: 8 + i, arrivedAt: 0 }]);
    await waitFor(() => expect(live.state().version).toBe(before + 1));
    // Fifty events, told once.
    expect(told).toBe(1);
    stop();
    stream.say('error');
    expect(live.state().connected).toBe(false);
    stream.say('run', {
      run: { ...run, clock: { ...run.clock!, speed: 60 } },
      serverNow: zero + 120_000,
      epoch: 'one',
    });
    expect(live.state().run.clock!.speed).toBe(60);
    expect(told).toBe(1);
    live.close();
    expect(stream.readyState).toBe(2);
  });

  it('listens anew, from the last place, where the server gave up the stream', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const live = await LiveRun.open(boardDoor('r'));
    const stream = await opened();
    stream.say('entries', [{ ...entry(2, 11, reading(40)), seq: 31, arrivedAt: 0 }]);
    stream.say('error');
    await vi.advanceTimersByTimeAsync(2500);
    expect(Stream.opened).toHaveLength(1);
    stream.readyState = 2;
    stream.say('error');
    await vi.advanceTimersByTimeAsync(2500);
    expect(Stream.opened.map((one) => one.url)).toEqual([
      '/api/runs/r/live?after=7',
      '/api/runs/r/live?after=31',
    ]);
    live.close();
  });

  it('writes down here at once, keeps it on this device, and takes up what an earlier page left', async () => {
    const left = entry(2, 3, reading(55));
    kept.set(left.id, { id: left.id, runId: 'r', entry: left, refused: null });
    const live = await LiveRun.open(boardDoor('r'));
    expect(live.notebook.lastReading(2, 1)?.celsius).toBe(55);
    const [written] = await live.log([{ station: 1, body: reading(99) }]);
    expect(live.notebook.lastReading(1, 1)?.celsius).toBe(99);
    expect(written).toMatchObject({ station: 1, offset: -new Date().getTimezoneOffset() });
    expect(Math.abs(written!.at - (zero + 60_000))).toBeLessThan(2000);
    await waitFor(() => expect(live.outbox.state().waiting).toEqual([]));
    const sent = served.calls
      .filter((call) => call.method === 'POST')
      .flatMap((call) => (call.body as { entries: Entry[] }).entries);
    expect(sent.map((one) => one.id).sort()).toEqual([left.id, written!.id].sort());
    live.close();
  });

  it('is opened anew when it begins, and closed when nobody looks', async () => {
    served.answers['GET /api/runs/r'] = {
      run: { ...run, status: 'planned', startedAt: null, clock: null },
      serverNow: zero,
      epoch: 'one',
    };
    const { client, wrapper } = inApp();
    const { result, unmount } = renderHook(() => useLiveRun(boardDoor('r')), { wrapper });
    await waitFor(() => expect(result.current.live).not.toBeNull());
    const first = result.current.live!;
    // The log of a run that has not begun is not asked for.
    expect(served.calls.map((call) => call.path)).toEqual(['/api/runs/r', '/api/runs/r/log?after=0']);
    await opened();
    const stale = vi.spyOn(client, 'invalidateQueries');
    const { result: state } = renderHook(
      () => {
        const open = useLiveState(first);
        useFreshLists(open.state.run);
        return open;
      },
      { wrapper },
    );
    expect(state.current.state.run.status).toBe('planned');
    expect(stale.mock.calls.map(([filter]) => filter?.queryKey)).toEqual([['practical', 'p'], ['runs']]);
    served.answers['GET /api/runs/r'] = { run, serverNow: zero, epoch: 'one' };
    act(() => Stream.opened[0]!.say('run', { run, serverNow: zero, epoch: 'one' }));
    await waitFor(() => expect(result.current.live).not.toBe(first));
    expect(Stream.opened[0]!.readyState).toBe(2);
    expect(result.current.live!.state().run.status).toBe('running');
    await opened(2);
    // From one page of a run to another it stays open; it is closed when nobody comes back.
    const second = result.current.live;
    unmount();
    const again = renderHook(() => useLiveRun(boardDoor('r')), { wrapper });
    await waitFor(() => expect(again.result.current.live).toBe(second));
    expect(Stream.opened.at(-1)!.readyState).toBe(1);
    again.unmount();
    closeLeftRuns();
    await waitFor(() => expect(Stream.opened.at(-1)!.readyState).toBe(2));
    served.failing = 'away';
    const failed = renderHook(() => useLiveRun(boardDoor('x')), { wrapper });
    await waitFor(() => expect(failed.result.current.error).toBeInstanceOf(Unreachable));
  });

  it('a database that is another is opened anew: what is not there is not shown, what was written here goes again', async () => {
    const { wrapper } = inApp();
    const { result, unmount } = renderHook(() => useLiveRun(boardDoor('r')), { wrapper });
    await waitFor(() => expect(result.current.live).not.toBeNull());
    const first = result.current.live!;
    const [written] = await first.log([{ station: 1, body: reading(99) }]);
    await waitFor(() => expect(first.outbox.state()).toMatchObject({ waiting: [], received: 1 }));
    // Put back to a copy in which there is nothing.
    served.answers['GET /api/runs/r'] = { run, serverNow: zero + 60_000, epoch: 'two' };
    served.answers['GET /api/runs/r/log'] = [];
    served.answers['POST /api/runs/r/log'] = { kept: [], already: [], epoch: 'two' };
    const stream = await opened();
    act(() => stream.say('run', { run, serverNow: zero + 60_000, epoch: 'two' }));
    await waitFor(() => expect(result.current.live).not.toBe(first));
    const second = result.current.live!;
    expect(second.notebook.lastReading(2, 1)).toBeNull();
    expect(second.outbox.state()).toMatchObject({ received: 0, waiting: [{ id: written!.id }] });
    expect(second.notebook.lastReading(1, 1)?.celsius).toBe(99);
    unmount();
    closeLeftRuns();
  });

  it('all of a long log is fetched, a page at a time', async () => {
    const page = (from: number, count: number) =>
      Array.from({ length: count }, (_, i) => ({ ...entry(1, i, reading(20)), seq: from + i, arrivedAt: 0 }));
    served.answers['GET /api/runs/r/log'] = ({ path }: Call) =>
      path.endsWith('after=0')
        ? page(1, logPage)
        : path.endsWith(`after=${logPage}`)
          ? page(logPage + 1, 3)
          : [];
    const live = await LiveRun.open(boardDoor('r'));
    expect((await opened()).url).toBe(`/api/runs/r/live?after=${logPage + 3}`);
    expect(served.calls.filter(({ path }) => path.includes('/log?')).map(({ path }) => path)).toEqual([
      '/api/runs/r/log?after=0',
      `/api/runs/r/log?after=${logPage}`,
    ]);
    live.close();
  });

  it('ticks as often as it is asked to', () => {
    vi.useFakeTimers();
    const { result } = renderHook(() => useTick(1000));
    act(() => void vi.advanceTimersByTime(3500));
    expect(result.current).toBe(3);
  });
});
