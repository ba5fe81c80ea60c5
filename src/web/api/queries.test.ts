// @vitest-environment jsdom
import { QueryObserver } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { queryClient } from './queries';
import { ProblemError, Unreachable } from './request';

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
  queryClient.clear();
  vi.useRealTimers();
});

/** Watches an answer that fails so often first; how often it was asked, and what is known in the end. */
async function watched(failures: number, error: Error, ms: number) {
  let asked = 0;
  const observer = new QueryObserver(queryClient, {
    queryKey: ['trial', failures, error.name],
    queryFn: () => {
      asked += 1;
      return asked > failures ? Promise.resolve('here') : Promise.reject(error);
    },
  });
  const stop = observer.subscribe(() => {});
  await vi.advanceTimersByTimeAsync(ms);
  const { data } = observer.getCurrentResult();
  stop();
  return { asked, data };
}

describe('what a page asks for', () => {
  it('comes by itself once a server that was away for long answers again', async () => {
    expect(await watched(6, new Unreachable(), 120_000)).toEqual({ asked: 7, data: 'here' });
  });

  it('is not asked for again where it was refused, nor once it is there', async () => {
    const refused = new ProblemError({ type: 'about:blank', title: 'No', status: 403, detail: 'No.' });
    expect(await watched(1, refused, 120_000)).toEqual({ asked: 1, data: undefined });
    expect(await watched(0, new Unreachable(), 120_000)).toEqual({ asked: 1, data: 'here' });
  });
});
