// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { createElement, type ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Run } from '../contract/runs';
import { batchFacts, batchTables } from '../core/batch';
import { examplePlan, type Place } from '../core/practical';
import { benchSetting, Notebook, type Entry, type EntryBody } from '../core/run';
import * as queries from './api/queries';
import { useRoomChoices } from './api/room-choices';
import { ProblemError, request, sayError, Unreachable } from './api/request';
import { lineOf, useLevelTops } from './margin/use-level-tops';
import { PlanContext, usePlan } from './plan/edit-context';
import { withItem, without } from './plan/lists';
import { usePlanKeeper } from './plan/use-plan-keeper';
import { useResults } from './results/use-results';
import { runSubtitle } from './run/run-subtitle';
import { LiveRun } from './run/live-run';
import { useFreshLists } from './run/use-fresh-lists';
import { useLiveRun, useLiveState, useTick } from './run/use-live-run';
import { useQuickContext } from './run/use-quick-context';
import { nameOf, typeInto, useFieldCameFrom } from './shelf/came-from';
import { useShelfPlace } from './shelf/use-shelf-place';
import { inMedium } from '../core/practical/testing/plans';

const kept = vi.hoisted(() => new Map<string, object>());
vi.mock('./outbox/store', () => ({
  indexedDbStore: () => ({
    all: () => Promise.resolve([...kept.values()]),
    put: (entries: { id: string }[]) => Promise.resolve(entries.forEach((one) => kept.set(one.id, one))),
    remove: (ids: string[]) => Promise.resolve(ids.forEach((id) => kept.delete(id))),
  }),
}));

interface Call {
  method: string;
  path: string;
  body: unknown;
  keepalive: boolean;
}
let calls: Call[] = [];
/** What the server says to a method and path; a function makes an answer of the call. */
let answers: Record<string, unknown> = {};
/** Status and kind of the next answers. */
let failing: { status: number; type: string } | 'away' | null = null;

beforeEach(() => {
  calls = [];
  answers = {};
  failing = null;
  kept.clear();
  localStorage.clear();
  sessionStorage.clear();
  vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
    const body: unknown = typeof init.body === 'string' ? JSON.parse(init.body) : undefined;
    const call = { method: init.method ?? 'GET', path, body, keepalive: init.keepalive === true };
    calls.push(call);
    if (failing === 'away') return Promise.reject(new TypeError('no network'));
    const answer = answers[`${call.method} ${path.split('?')[0]}`];
    const value: unknown = typeof answer === 'function' ? (answer as (call: Call) => unknown)(call) : answer;
    const { status, type } = failing ?? { status: value === undefined ? 404 : 200, type: 'application/json' };
    return Promise.resolve(
      new Response(JSON.stringify(value ?? { detail: 'no', status }), {
        status,
        headers: { 'content-type': type },
      }),
    );
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const place: Place = {
  ...({ name: 'Kitchen', kind: 'food-room', altitudeM: 1200, measuredBoilingC: null } as const),
  ...{ stations: 8, balanceG: 0.1 },
};
const zero = Date.UTC(2026, 0, 12, 9, 0);
const run: Run = {
  ...{ id: 'r', practicalId: 'p', revision: 2, plan: examplePlan, roomId: 'k', place, classId: 'c' },
  batch: batchFacts(examplePlan),
  ...{ className: '9B', students: 20, unit: 'C', startsAt: zero, stations: [1, 2], seed: 1 },
  allocation: [
    { station: 1, treatmentId: 'level-150' },
    { station: 2, treatmentId: 'level-140' },
  ],
  ...{ probes: 'none', status: 'running', startedAt: zero, finishedAt: null },
  clock: { anchorRunMs: zero, anchorWallMs: zero, speed: 1 },
};
let serial = 0;
const entry = (station: number | null, second: number, body: EntryBody): Entry => ({
  ...{ id: `h${(serial += 1)}`, station, at: zero + 1000 * second, offset: 0, body },
});
const reading = (celsius: number): EntryBody => ({
  ...({ kind: 'reading', celsius, probe: 1, unit: 'C', source: 'typed' } as const),
});

function inApp(path = '/') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { children: ReactNode }) =>
    createElement(
      QueryClientProvider,
      { client },
      createElement(MemoryRouter, { initialEntries: [path] }, children),
    );
  return { client, wrapper };
}

describe('requests', () => {
  it('go as JSON, POST where there is a body; answers, problems and silence are told apart', async () => {
    answers['POST /api/rooms'] = { id: 'k' };
    answers['GET /api/rooms'] = [];
    await expect(request('/api/rooms', { body: { id: 'k' }, keepalive: true })).resolves.toEqual({ id: 'k' });
    await expect(request('/api/rooms')).resolves.toEqual([]);
    expect(calls).toEqual([
      { method: 'POST', path: '/api/rooms', body: { id: 'k' }, keepalive: true },
      { method: 'GET', path: '/api/rooms', body: undefined, keepalive: false },
    ]);
    failing = { status: 422, type: 'application/problem+json; charset=utf-8' };
    answers['GET /api/rooms'] = {
      detail: 'Two things are wrong',
      errors: [
        { pointer: '/a', field: 'a', value: 1, allowed: 'two' },
        { pointer: '/b', field: 'b', value: null, allowed: 'three' },
      ],
    };
    const refused = await request('/api/rooms').catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(ProblemError);
    expect((refused as ProblemError).message).toBe('Two things are wrong');
    expect(sayError(refused)).toBe('a is 1; allowed: two. b is missing; allowed: three');
    failing = { status: 502, type: 'text/html' };
    await expect(request('/api/rooms')).rejects.toThrow(Unreachable);
    failing = 'away';
    await expect(request('/api/rooms')).rejects.toThrow('The server cannot be reached just now.');
    expect([sayError(new Error('x')), sayError('y')]).toEqual(['x', 'y']);
    expect(sayError(new ProblemError({ type: '', title: '', status: 409, detail: 'stale' }))).toBe('stale');
  });

  it('each list asks its own address; nothing is asked of what is not named or not wanted', async () => {
    const { wrapper } = inApp();
    const asked = async (use: () => { isFetched: boolean; isPending: boolean }, path: string | null) => {
      calls = [];
      if (path) answers[`GET ${path.split('?')[0]}`] = [];
      const { result, unmount } = renderHook(use, { wrapper });
      if (path) await waitFor(() => expect(result.current.isFetched).toBe(true));
      else expect(result.current.isPending).toBe(true);
      expect(calls.map((call) => call.path)).toEqual(path ? [path] : []);
      unmount();
    };
    await asked(() => queries.useSchool(), '/api/school');
    await asked(() => queries.useRooms(), '/api/rooms');
    await asked(() => queries.useClasses(), '/api/classes');
    await asked(() => queries.usePracticals(), '/api/practicals');
    await asked(() => queries.usePractical('p'), '/api/practicals/p');
    await asked(() => queries.usePractical(undefined), null);
    await asked(() => queries.useRevisions('p', true), '/api/practicals/p/revisions');
    await asked(() => queries.useRevisions('q', false), null);
    await asked(() => queries.useRuns(5, 9), '/api/runs?from=5&to=9');
    await asked(() => queries.useRunOnce('r'), '/api/runs/r');
    await asked(() => queries.useRunOnce(undefined), null);
    await asked(() => queries.useRunRemarks('r'), '/api/runs/r/remarks');
  });

  it('a change is sent, and the lists it touches are asked for again', async () => {
    const { client, wrapper } = inApp();
    const stale = vi.spyOn(client, 'invalidateQueries');
    const changes = [
      [() => queries.useAddPractical(), 'POST /api/practicals', {}, ['practicals']],
      [() => queries.useAddRoom(), 'POST /api/rooms', {}, ['rooms']],
      [() => queries.useChangeRoom(), 'PUT /api/rooms/k', { id: 'k', edit: { name: 'K' } }, ['rooms']],
      [() => queries.useAddClass(), 'POST /api/classes', {}, ['classes']],
      [() => queries.useAddRun(), 'POST /api/runs', {}, ['runs', 'practical']],
      [() => queries.useImport(), 'POST /api/imports', {}, ['runs', 'practicals', 'rooms', 'classes']],
    ] as const;
    for (const [use, what, input, touched] of changes) {
      calls = [];
      stale.mockClear();
      answers[what] = {};
      const { result } = renderHook(use as () => { mutateAsync(input: unknown): Promise<unknown> }, {
        wrapper,
      });
      await act(() => result.current.mutateAsync(input));
      expect(calls.map(({ method, path }) => `${method} ${path}`)).toEqual([what]);
      expect(calls[0]!.body).toEqual('edit' in input ? input.edit : input);
      expect(stale.mock.calls.map(([filter]) => filter?.queryKey?.[0])).toEqual(touched);
    }
  });

  it('a refusal is not tried again, a server that is away three times', () => {
    const retry = queries.queryClient.getDefaultOptions().queries!.retry as (n: number, e: Error) => boolean;
    expect(retry(0, new ProblemError({ type: '', title: '', status: 404, detail: '' }))).toBe(false);
    expect([0, 2, 3].map((count) => retry(count, new Unreachable()))).toEqual([true, true, false]);
  });
});

describe('where the shelf answers for', () => {
  const at = async (path: string, wanted: string) => {
    answers['GET /api/rooms'] = [
      { id: 'first', name: 'First', version: 1 },
      { id: 'other', name: 'Other', version: 1 },
    ];
    answers['GET /api/runs/r'] = { run, serverNow: 0 };
    answers['GET /api/practicals/p'] = { plan: { ...examplePlan, roomId: 'other' }, runs: [] };
    const { result, unmount } = renderHook(() => useShelfPlace(), inApp(path));
    await waitFor(() => expect(result.current?.name).toBe(wanted));
    unmount();
  };

  it('the run’s place, else the practical’s room, else the first', async () => {
    await at('/runs/r/bench', 'Kitchen');
    await at('/practicals/p/plan', 'Other');
    await at('/', 'First');
    const { result } = renderHook(() => useRoomChoices(), inApp());
    await waitFor(() => expect(result.current).toHaveLength(2));
    expect(result.current[1]).toMatchObject({ id: 'other', place: { name: 'Other' } });
    expect(result.current[1]!.place).not.toHaveProperty('version');
  });
});

/** A plan as the program of the first format wrote it. */
const formatOneDraft = {
  ...{ title: 'Soda and height', question: '', prediction: '', reason: '' },
  factor: {
    name: 'soda',
    kind: 'number',
    unit: 'g',
    levels: [{ id: 'a', value: 2, words: '', control: true }],
  },
  ...{ responses: [], held: [], noted: [{ id: 'n', what: 'which oven' }] },
  formula: [{ id: 'f', name: 'Flour', amount: 200, unit: 'g', job: '' }],
  steps: [
    {
      ...{ id: 'b', text: 'Bake.', hands: 'waiting', when: 'lesson', minutes: 12, lookAt: null },
      ...{ endpoint: { kind: 'appearance', look: 'golden' }, hazards: [], event: '' },
    },
  ],
  thermometer: { in: 'none', smallestDivisionC: 1 },
  ...{
    roomId: null,
    stations: 8,
    order: 'shuffled',
    periodMinutes: 60,
    briefingMinutes: 5,
    clearUpMinutes: 8,
  },
  ...{ studentQuestions: [], dismissed: [] },
};

describe('the keeper of a plan in the browser', () => {
  const practical = { id: 'p', number: 1, savedAt: 0, plan: examplePlan, runs: [] };
  const other = { ...examplePlan, title: 'Another' };
  const keptRevision = ({ body }: Call) => {
    const { basedOn, plan } = body as { basedOn: number; plan: object };
    return { number: basedOn + 1, savedAt: 5, plan };
  };

  it('of a page that goes away sends with keepalive, tells the lists, and keeps a draft of this window until it is there', async () => {
    answers['POST /api/practicals/p/revisions'] = keptRevision;
    const { client, wrapper } = inApp();
    client.setQueryData(['practical', 'p'], practical);
    const { result } = renderHook(() => usePlanKeeper(practical), { wrapper });
    expect(result.current).toMatchObject({ revision: 1, keeping: { kind: 'kept' } });
    act(() => result.current.keeper.edit('title', () => other));
    const drafts = () => Object.keys(localStorage).filter((key) => key.startsWith('tawny-plan-p-'));
    expect(drafts()).toHaveLength(1);
    expect(JSON.parse(localStorage.getItem(drafts()[0]!)!)).toMatchObject({
      basedOn: 1,
      plan: { title: 'Another' },
    });
    act(() => void window.dispatchEvent(new Event('pagehide')));
    await waitFor(() => expect(result.current.keeping.kind).toBe('kept'));
    expect(calls).toMatchObject([{ method: 'POST', keepalive: true, body: { basedOn: 1 } }]);
    expect(drafts()).toEqual([]);
    expect(client.getQueryData(['practical', 'p'])).toMatchObject({
      id: 'p',
      number: 2,
      plan: { title: 'Another' },
    });
  });

  it('takes up its own draft, or one an hour-old window left behind, but not that of a window in use', async () => {
    answers['POST /api/practicals/p/revisions'] = keptRevision;
    const put = (window: string, agoS: number, title: string) =>
      localStorage.setItem(
        `tawny-plan-p-${window}`,
        JSON.stringify({ basedOn: 1, plan: { ...examplePlan, title }, at: Date.now() - 1000 * agoS }),
      );
    const titled = () => {
      const { result, unmount } = renderHook(() => usePlanKeeper(practical), inApp());
      const { title } = result.current.plan;
      unmount();
      return title;
    };
    put('elsewhere', 10, 'in use');
    localStorage.setItem('tawny-plan-q-elsewhere', 'another practical’s');
    expect(titled()).toBe(examplePlan.title);
    put('gone', 3600, 'left behind');
    expect(titled()).toBe('left behind');
    expect(localStorage.getItem('tawny-plan-p-gone')).toBeNull();
    await waitFor(() => expect(calls.length).toBeGreaterThan(0));
    sessionStorage.setItem('tawny-window', 'mine');
    put('mine', 0, 'my own');
    expect(titled()).toBe('my own');
    expect(localStorage.getItem('tawny-plan-p-elsewhere')).not.toBeNull();
  });

  it('asks for keepalive only where the page goes away and a browser takes it: never over 64 KiB', async () => {
    answers['POST /api/practicals/p/revisions'] = keptRevision;
    const { result } = renderHook(() => usePlanKeeper(practical), inApp());
    const leave = async (plan: typeof other) => {
      act(() => result.current.keeper.edit('all', () => plan));
      act(() => void window.dispatchEvent(new Event('pagehide')));
      await waitFor(() => expect(result.current.keeping.kind).toBe('kept'));
      return calls.at(-1)!.keepalive;
    };
    expect(await leave({ ...other, title: 'Short' })).toBe(true);
    const long = examplePlan.steps.map((step, i) => ({ ...step, id: `s${i}`, text: 'é'.repeat(1200) }));
    const steps = Array.from({ length: 12 }, (_, j) =>
      long.map((step) => ({ ...step, id: `${j}-${step.id}` })),
    );
    expect(await leave({ ...other, steps: steps.flat() })).toBe(false);
    act(() => result.current.keeper.edit('title', (was) => ({ ...was, title: 'Stays open' })));
    await act(() => result.current.keeper.flush());
    expect(calls.at(-1)).toMatchObject({ keepalive: false, body: { plan: { title: 'Stays open' } } });
  });

  it('reads a draft of the first format from a browser that was closed for a year, and leaves one it cannot read', () => {
    answers['POST /api/practicals/p/revisions'] = keptRevision;
    const year = Date.now() - 365 * 86_400_000;
    const put = (name: string, plan: object, at = year) =>
      localStorage.setItem(`tawny-plan-p-${name}`, JSON.stringify({ basedOn: 1, plan, at }));
    const opened = () => {
      const { result, unmount } = renderHook(() => usePlanKeeper(practical), inApp());
      const { plan, trouble } = result.current;
      unmount();
      return { plan, trouble };
    };
    put('newer', { ...examplePlan, format: 3 });
    expect(opened()).toMatchObject({
      plan: { title: examplePlan.title },
      trouble: expect.stringContaining('its format is 3, this one reads up to 2') as string,
    });
    localStorage.setItem('tawny-plan-p-torn', '{"basedOn":1,"pl');
    expect(opened().trouble).toContain('It is damaged.');
    expect(Object.keys(localStorage).filter((key) => key.startsWith('tawny-plan-p-'))).toHaveLength(2);
    localStorage.removeItem('tawny-plan-p-torn');
    put('old', formatOneDraft);
    const { plan } = opened();
    expect(plan).toMatchObject({
      format: 2,
      title: 'Soda and height',
      factors: [{ name: 'soda', unit: 'g' }],
    });
    expect(plan.steps[0]).toMatchObject({
      text: 'Bake.',
      minutes: 12,
      ends: [{ kind: 'sign', words: 'golden' }],
    });
    // Taken up, it is this window’s; the one that cannot be read is still there.
    expect(localStorage.getItem('tawny-plan-p-old')).toBeNull();
    expect(localStorage.getItem('tawny-plan-p-newer')).not.toBeNull();
  });

  it('a plan’s sections need a plan around them; lists change one item or leave one out', () => {
    expect(() => renderHook(() => usePlan())).toThrow('usePlan outside of a plan');
    const editing = { plan: examplePlan, place, edit: () => undefined };
    const wrapper = ({ children }: { children: ReactNode }) =>
      createElement(PlanContext, { value: editing }, children);
    expect(renderHook(() => usePlan(), { wrapper }).result.current).toBe(editing);
    const list = [
      { id: 'a', n: 1 },
      { id: 'b', n: 2 },
    ];
    expect(withItem(list, 'b', { n: 3 })).toEqual([
      { id: 'a', n: 1 },
      { id: 'b', n: 3 },
    ]);
    expect(without(list, 'a')).toEqual([{ id: 'b', n: 2 }]);
  });
});

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

describe('a run followed live', () => {
  beforeEach(() => {
    Stream.opened = [];
    vi.stubGlobal('EventSource', Stream);
    answers['GET /api/runs/r'] = { run, serverNow: zero + 60_000 };
    answers['GET /api/runs/r/log'] = [{ ...entry(1, 5, reading(90)), seq: 7, arrivedAt: 0 }];
    answers['POST /api/runs/r/log'] = ({ body }: Call) => ({
      kept: (body as { entries: Entry[] }).entries.map((one) => one.id),
      already: [],
    });
  });

  it('begins with the log, listens from there, and goes by the server’s clock', async () => {
    const live = await LiveRun.open('r');
    const [stream] = Stream.opened;
    expect(stream!.url).toBe('/api/runs/r/live?after=7');
    expect(live.notebook.lastReading(1, 1)?.celsius).toBe(90);
    expect(Math.abs(live.now() - (zero + 60_000))).toBeLessThan(2000);
    expect(live.state()).toMatchObject({ connected: false, began: false });
    stream!.say('open');
    expect(live.state().connected).toBe(true);
    let told = 0;
    const stop = live.subscribe(() => (told += 1));
    const before = live.state().version;
    for (let i = 0; i < 50; i += 1)
      stream!.say('entries', [{ ...entry(1, 10 + i, reading(91 + i / 100)), seq: 8 + i, arrivedAt: 0 }]);
    await waitFor(() => expect(live.state().version).toBe(before + 1));
    // Fifty events, told once.
    expect(told).toBe(1);
    stop();
    stream!.say('error');
    expect(live.state().connected).toBe(false);
    stream!.say('run', { run: { ...run, clock: { ...run.clock!, speed: 60 } }, serverNow: zero + 120_000 });
    expect(live.state().run.clock!.speed).toBe(60);
    expect(told).toBe(1);
    live.close();
    expect(stream!.readyState).toBe(2);
  });

  it('listens anew, from the last place, where the server gave up the stream', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const live = await LiveRun.open('r');
    const [stream] = Stream.opened;
    stream!.say('entries', [{ ...entry(2, 11, reading(40)), seq: 31, arrivedAt: 0 }]);
    stream!.say('error');
    await vi.advanceTimersByTimeAsync(2500);
    expect(Stream.opened).toHaveLength(1);
    stream!.readyState = 2;
    stream!.say('error');
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
    const live = await LiveRun.open('r');
    expect(live.notebook.lastReading(2, 1)?.celsius).toBe(55);
    const [written] = await live.log([{ station: 1, body: reading(99) }]);
    expect(live.notebook.lastReading(1, 1)?.celsius).toBe(99);
    expect(written).toMatchObject({ station: 1, offset: -new Date().getTimezoneOffset() });
    expect(Math.abs(written!.at - (zero + 60_000))).toBeLessThan(2000);
    await waitFor(() => expect(live.outbox.state().waiting).toEqual([]));
    const sent = calls
      .filter((call) => call.method === 'POST')
      .flatMap((call) => (call.body as { entries: Entry[] }).entries);
    expect(sent.map((one) => one.id).sort()).toEqual([left.id, written!.id].sort());
    live.close();
  });

  it('is opened anew when it begins, and closed when nobody looks', async () => {
    answers['GET /api/runs/r'] = {
      run: { ...run, status: 'planned', startedAt: null, clock: null },
      serverNow: zero,
    };
    const { client, wrapper } = inApp();
    const { result, unmount } = renderHook(() => useLiveRun('r'), { wrapper });
    await waitFor(() => expect(result.current.live).not.toBeNull());
    const first = result.current.live!;
    // The log of a run that has not begun is not asked for.
    expect(calls.map((call) => call.path)).toEqual(['/api/runs/r']);
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
    answers['GET /api/runs/r'] = { run, serverNow: zero };
    act(() => Stream.opened[0]!.say('run', { run, serverNow: zero }));
    await waitFor(() => expect(result.current.live).not.toBe(first));
    expect(Stream.opened[0]!.readyState).toBe(2);
    expect(result.current.live!.state().run.status).toBe('running');
    unmount();
    expect(Stream.opened.at(-1)!.readyState).toBe(2);
    failing = 'away';
    const failed = renderHook(() => useLiveRun('x'), { wrapper });
    await waitFor(() => expect(failed.result.current.error).toBeInstanceOf(Unreachable));
  });

  it('ticks as often as it is asked to', () => {
    vi.useFakeTimers();
    const { result } = renderHook(() => useTick(1000));
    act(() => void vi.advanceTimersByTime(3500));
    expect(result.current).toBe(3);
  });
});

const settingOf = ({ plan, place: where, allocation }: typeof run) =>
  benchSetting(plan, where, new Map(allocation.map((one) => [one.station, one.treatmentId])), batchTables);

describe('what a page reads from the notebook', () => {
  const notebook = new Notebook(zero, [1, 2]);
  const stepId = examplePlan.steps[0]!.id;
  notebook.add([
    ...Array.from({ length: 700 }, (_, i) => entry(1, i, reading(20 + i / 5))),
    entry(1, 500, { kind: 'event', text: 'off', stepId: 'boil' }),
    entry(2, 5, reading(30)),
    entry(null, 3, { kind: 'event', text: 'weighed', stepId }),
    entry(1, 600, { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 4.2, unit: 'N' }),
    entry(1, 601, { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 4.4, unit: 'N' }),
  ]);

  it('results: a trace that ends where the step did, thinned but with its ends; bands where they lie here', () => {
    const { result } = renderHook(() => useResults(run, settingOf(run), notebook, 1, 'planned'));
    const { rows, traces, bands, boilingC, series, colourOf } = result.current;
    // Levels in order, whatever the stations are called.
    expect(rows.map((row) => row.station)).toEqual([2, 1]);
    expect(traces).toHaveLength(1);
    const [trace] = traces;
    expect(trace).toMatchObject({ station: 1, label: '150', end: { seconds: 500, celsius: 120 } });
    expect(trace!.seconds.length).toBeLessThanOrEqual(602);
    expect([trace!.seconds[0], trace!.seconds.at(-1)]).toEqual([0, 699]);
    expect(trace!.colour).toBe(colourOf('level-150'));
    expect(colourOf('level-140')).not.toBe(colourOf('level-150'));
    expect(series.map((one) => one.response.id)).toEqual(['snap']);
    expect(boilingC).toBeCloseTo(96, 0);
    const softBall = bands.find((band) => band.name === 'soft ball')!;
    expect(softBall.lowC).toBeCloseTo(112 - (100 - boilingC!), 0);
    const food = {
      ...run,
      plan: inMedium(examplePlan, 'food'),
    };
    const plain = renderHook(() => useResults(food, settingOf(food), notebook, 1, 'planned')).result.current;
    expect([plain.bands, plain.boilingC]).toEqual([[], null]);
  });

  it('the quick line: the step a station is at, its last words, and the last of a measurement', () => {
    const { result } = renderHook(() => useQuickContext(settingOf(run), notebook, 'C'));
    const context = result.current;
    expect(context.currentStep(2)?.id).toBe(examplePlan.steps[1]!.id);
    expect(context.currentStep(1)?.id).toBe(examplePlan.steps[2]!.id);
    expect(context.lastReading(2, 1)?.celsius).toBe(30);
    expect(context.lastMeasurement(1, 'snap force')).toMatchObject({ value: 4.4, unit: 'N' });
    expect(context.lastMeasurement(2, 'snap force')).toBeNull();
    expect(context.lastWritten(1)).not.toBeNull();
  });

  it('the line under a run’s title, with the boiling point where syrup is boiled', () => {
    expect(runSubtitle(run)).toMatch(
      /^9B · Kitchen · \w{3} 1[123] Jan \d\d:\d\d · water boils at 96\.\d °C$/,
    );
    expect(runSubtitle({ ...run, unit: 'F' })).toMatch(/water boils at 204\.\d °F$/);
    const dry = {
      ...run,
      plan: inMedium(examplePlan, null),
    };
    expect(runSubtitle(dry)).toMatch(/^9B · Kitchen · \w{3} 1[123] Jan \d\d:\d\d$/);
  });
});

describe('remarks level with their lines', () => {
  it('in the order of the lines, pushed down where they would overlap', () => {
    vi.stubGlobal('CSS', { escape: (text: string) => text });
    vi.stubGlobal(
      'ResizeObserver',
      class {
        observe() {}
        disconnect() {}
      },
    );
    const sheet = document.createElement('div');
    const at = (element: HTMLElement, top: number) => {
      element.getBoundingClientRect = () => ({ top }) as DOMRect;
      return element;
    };
    at(sheet, 100);
    for (const [anchor, top] of [
      ['a', 300],
      ['b', 150],
      ['c', 160],
    ] as const) {
      const line = at(document.createElement('p'), top);
      line.dataset.anchor = anchor;
      sheet.append(line);
    }
    const items = [
      { id: 'first', beside: ['nowhere', 'a'] },
      { id: 'second', beside: ['b'] },
      { id: 'third', beside: ['c'] },
      { id: 'lost', beside: [] },
    ];
    const { result, rerender } = renderHook(({ list }) => useLevelTops(list, { current: sheet }), {
      initialProps: { list: items },
    });
    const card = (height: number) =>
      Object.defineProperty(document.createElement('div'), 'offsetHeight', { value: height });
    for (const { id } of items) result.current.register(id, card(40));
    act(() => rerender({ list: [...items] }));
    // Tops: the lost one 0; b at 150 − 100 − 6 = 44, pushed to 0 + 40 + 10 = 50; c after it at 100; a at 194.
    expect([...result.current.tops]).toEqual([
      ['lost', 0],
      ['second', 50],
      ['third', 100],
      ['first', 194],
    ]);
    expect(result.current.height).toBe(244);
    result.current.register('lost', null);
    act(() => rerender({ list: [...items] }));
    expect(result.current.tops.get('second')).toBe(44);
    expect(lineOf(sheet, ['nowhere'])).toBeNull();
    expect(lineOf(null, ['a'])).toBeNull();
  });
});

describe('the field a value goes back to', () => {
  it('is the last that was typed in, outside the shelf, and still there', () => {
    document.body.innerHTML = `
      <label>Mass <input id="mass"></label><input id="tick" type="checkbox">
      <textarea id="text" aria-label="Method"></textarea>
      <div data-shelf><input id="shelf"></div><input id="fixed" readonly>`;
    const field = (id: string) => document.getElementById(id) as HTMLInputElement;
    const { result } = renderHook(() => useFieldCameFrom());
    expect(result.current()).toBeNull();
    const focus = (id: string) => field(id).dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
    focus('mass');
    focus('tick');
    focus('shelf');
    expect(result.current()).toBe(field('mass'));
    expect(nameOf(field('mass')).trim()).toBe('Mass');
    focus('text');
    expect(nameOf(result.current()!)).toBe('Method');
    expect(nameOf(field('shelf'))).toBe('the field');
    let heard = '';
    field('text').addEventListener('input', () => (heard = field('text').value));
    typeInto(field('text'), '12 g');
    typeInto(field('mass'), '7');
    expect([heard, field('mass').value]).toEqual(['12 g', '7']);
    expect(document.activeElement).toBe(field('mass'));
    focus('fixed');
    expect(result.current()).toBeNull();
    focus('mass');
    field('mass').remove();
    expect(result.current()).toBeNull();
  });
});
