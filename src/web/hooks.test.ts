// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { ownAnswer, problemType } from '../contract/problem';
import { examplePlan } from '../core/practical';
import * as queries from './api/queries';
import { useRoomChoices } from './api/room-choices';
import { ProblemError, request, sayError, Unreachable } from './api/request';
import { useShelfPlace } from './shelf/use-shelf-place';
import { served, run, inApp, withFakeServer } from './testing/fake-server';

withFakeServer();

describe('requests', () => {
  it('go as JSON, POST where there is a body; answers, problems and silence are told apart', async () => {
    served.answers['POST /api/rooms'] = { id: 'k' };
    served.answers['GET /api/rooms'] = [];
    await expect(request('/api/rooms', { body: { id: 'k' }, keepalive: true })).resolves.toEqual({ id: 'k' });
    await expect(request('/api/rooms')).resolves.toEqual([]);
    expect(served.calls).toEqual([
      { method: 'POST', path: '/api/rooms', body: { id: 'k' }, keepalive: true },
      { method: 'GET', path: '/api/rooms', body: undefined, keepalive: false },
    ]);
    served.failing = { status: 422, type: 'application/problem+json; charset=utf-8' };
    served.answers['GET /api/rooms'] = {
      detail: 'Two things are wrong',
      errors: [
        { pointer: '/a', field: 'a', value: 1, allowed: 'two' },
        { pointer: '/b', field: 'b', value: null, allowed: 'three' },
      ],
    };
    const refused = await request('/api/rooms').catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(ProblemError);
    expect((refused as ProblemError).message).toBe('Two things are wrong');
    expect(sayError(refused)).toBe('a is 1; allowed: two. b is missing; allowed: three.');
    served.failing = { status: 502, type: 'text/html' };
    await expect(request('/api/rooms')).rejects.toThrow(Unreachable);
    served.failing = 'away';
    await expect(request('/api/rooms')).rejects.toThrow('The server cannot be reached just now.');
    expect([sayError(new Error('x')), sayError('y')]).toEqual(['x', 'y']);
    expect(sayError(new ProblemError({ type: '', title: '', status: 409, detail: 'stale' }))).toBe('stale');
  });

  it('an answer without the mark of the server is silence, whatever it says: the network’s own page to sign in', async () => {
    const answers: [number, string, unknown][] = [
      [200, 'application/json', { id: 'k' }],
      [200, 'text/html', '<form>'],
      [401, problemType, { status: 401, detail: 'Sign in to the network.' }],
      [422, problemType, { status: 422, detail: 'no', errors: [] }],
      [302, 'application/json', {}],
    ];
    for (const [status, type, body] of answers) {
      const answer = new Response(JSON.stringify(body), { status, headers: { 'content-type': type } });
      answer.headers.delete(ownAnswer);
      vi.stubGlobal('fetch', () => Promise.resolve(answer));
      await expect(request('/api/rooms'), `${status} ${type}`).rejects.toThrow(Unreachable);
    }
  });

  it('each list asks its own address; nothing is asked of what is not named or not wanted', async () => {
    const { wrapper } = inApp();
    const asked = async (use: () => { isFetched: boolean; isPending: boolean }, path: string | null) => {
      served.calls = [];
      if (path) served.answers[`GET ${path.split('?')[0]}`] = [];
      const { result, unmount } = renderHook(use, { wrapper });
      if (path) await waitFor(() => expect(result.current.isFetched).toBe(true));
      else expect(result.current.isPending).toBe(true);
      expect(served.calls.map((call) => call.path)).toEqual(path ? [path] : []);
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
      [
        () => queries.useImport(),
        'POST /api/imports',
        new Blob(['{}']),
        ['runs', 'practicals', 'rooms', 'classes'],
      ],
    ] as const;
    for (const [use, what, input, touched] of changes) {
      served.calls = [];
      stale.mockClear();
      served.answers[what] = {};
      const { result } = renderHook(use as () => { mutateAsync(input: unknown): Promise<unknown> }, {
        wrapper,
      });
      await act(() => result.current.mutateAsync(input));
      expect(served.calls.map(({ method, path }) => `${method} ${path}`)).toEqual([what]);
      expect(served.calls[0]!.body).toEqual('edit' in input ? input.edit : input);
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
    served.answers['GET /api/rooms'] = [
      { id: 'first', name: 'First', version: 1 },
      { id: 'other', name: 'Other', version: 1 },
    ];
    served.answers['GET /api/runs/r'] = { run, serverNow: 0 };
    served.answers['GET /api/practicals/p'] = { plan: { ...examplePlan, roomId: 'other' }, runs: [] };
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
