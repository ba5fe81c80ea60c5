import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Problem } from '../problems/problem';
import { patiently } from './patience';

const held = () => Object.assign(new Error('database is locked'), { code: 'SQLITE_BUSY' });
const status = (error: unknown) => (error as Problem).document.status;

describe('what another program holds up', () => {
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'performance'] });
  });
  afterEach(() => vi.useRealTimers());

  it('is tried again until it goes, and done once', async () => {
    let tries = 0;
    const work = vi.fn(() => {
      tries += 1;
      if (tries < 4) throw held();
      return 'written';
    });
    const done = patiently(work);
    await vi.advanceTimersByTimeAsync(1000);
    expect([await done, work.mock.calls.length]).toEqual(['written', 4]);
  });

  it('is given up after twenty seconds, and said to be busy', async () => {
    const work = vi.fn(() => Promise.reject(held()));
    const done = patiently(work).catch(status);
    await vi.advanceTimersByTimeAsync(19_000);
    const before = work.mock.calls.length;
    await vi.advanceTimersByTimeAsync(5_000);
    expect(await done).toBe(503);
    expect(before).toBeGreaterThan(100);
  });

  it('anything else is thrown at once, and a full disk is said so', async () => {
    const broken = vi.fn(() => Promise.reject(new Error('no such table')));
    await expect(patiently(broken)).rejects.toThrow('no such table');
    expect(broken).toHaveBeenCalledTimes(1);
    const full = vi.fn(() => Promise.reject(Object.assign(new Error('full'), { code: 'SQLITE_FULL' })));
    expect(await patiently(full).catch(status)).toBe(507);
    expect(full).toHaveBeenCalledTimes(1);
  });
});
