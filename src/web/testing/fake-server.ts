import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup } from '@testing-library/react';
import { createElement, type ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, vi } from 'vitest';
import { logNext, logPage } from '../../contract/batch-size';
import type { LoggedEntry } from '../../contract/entries';
import type { Run } from '../../contract/runs';
import { batchFacts } from '../../core/batch';
import { examplePlan, type Place } from '../../core/practical';
import type { Entry, EntryBody } from '../../core/run';

export interface Call {
  method: string;
  path: string;
  body: unknown;
  keepalive: boolean;
}
/** What the server was asked, and what it says. */
export const served = {
  calls: [] as Call[],
  /** To a method and path; a function makes an answer of the call. */
  answers: {} as Record<string, unknown>,
  /** Status and kind of the next answers. */
  failing: null as { status: number; type: string } | 'away' | null,
};

/** A browser whose server is played by `served`, new for every test of a file. */
export function withFakeServer(): void {
  beforeEach(() => {
    served.calls = [];
    served.answers = {};
    served.failing = null;
    localStorage.clear();
    sessionStorage.clear();
    vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
      const body: unknown = typeof init.body === 'string' ? JSON.parse(init.body) : (init.body ?? undefined);
      const call = { method: init.method ?? 'GET', path, body, keepalive: init.keepalive === true };
      const { answers, failing } = served;
      served.calls.push(call);
      if (failing === 'away') return Promise.reject(new TypeError('no network'));
      const answer = answers[`${call.method} ${path.split('?')[0]}`];
      const value: unknown =
        typeof answer === 'function' ? (answer as (call: Call) => unknown)(call) : answer;
      const { status, type } = failing ?? {
        status: value === undefined ? 404 : 200,
        type: 'application/json',
      };
      return Promise.resolve(
        new Response(JSON.stringify(value ?? { detail: 'no', status }), {
          status,
          headers: { 'content-type': type, ...nextOf(value) },
        }),
      );
    });
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });
}

/** A full page of a log says where the next begins. */
const nextOf = (value: unknown) =>
  Array.isArray(value) && value.length === logPage
    ? { [logNext]: String((value.at(-1) as LoggedEntry).seq) }
    : undefined;

export const place: Place = {
  ...({ name: 'Kitchen', kind: 'food-room', altitudeM: 1200, measuredBoilingC: null } as const),
  ...{ stations: 8, balanceG: 0.1, equipment: [], tools: [] },
};
export const zero = Date.UTC(2026, 0, 12, 9, 0);
export const run: Run = {
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
export const entry = (station: number | null, second: number, body: EntryBody): Entry => ({
  ...{ id: `h${(serial += 1)}`, station, at: zero + 1000 * second, offset: 0, body },
});
export const reading = (celsius: number): EntryBody => ({
  ...({ kind: 'reading', celsius, probe: 1, unit: 'C', source: 'typed' } as const),
});

export function inApp(path = '/') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { children: ReactNode }) =>
    createElement(
      QueryClientProvider,
      { client },
      createElement(MemoryRouter, { initialEntries: [path] }, children),
    );
  return { client, wrapper };
}
