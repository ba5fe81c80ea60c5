import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Tick } from '../../contract/prep';
import { TickKeeper } from './tick-keeper';

/** A device that keeps what it is given. */
function device() {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
}

let there: Map<string, Tick>;
let away: boolean;
beforeEach(() => {
  vi.useFakeTimers();
  there = new Map();
  away = false;
  vi.stubGlobal('fetch', (path: string, init?: { body?: string }) => {
    if (away) return Promise.reject(new TypeError('away'));
    if (init?.body === undefined) {
      const begins = decodeURIComponent(path.split('begins=')[1] ?? '');
      return Promise.resolve(
        Response.json([...there.values()].filter(({ what }) => what.startsWith(begins))),
      );
    }
    const { ticks } = JSON.parse(init.body) as { ticks: Tick[] };
    for (const tick of ticks) there.set(tick.what, tick);
    return Promise.resolve(Response.json({ kept: ticks.length }));
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});
const settle = (ms = 30) => vi.advanceTimersByTimeAsync(ms);

describe('ticks on a device', () => {
  it('stand at once, and on the server soon', async () => {
    const keeper = new TickKeeper('prep:', device());
    keeper.mark('prep:r:trays', true);
    expect([...keeper.state().done]).toEqual(['prep:r:trays']);
    expect(keeper.state().waiting).toBe(1);
    await settle();
    expect(keeper.state().waiting).toBe(0);
    expect(there.get('prep:r:trays')).toMatchObject({ done: true });
  });

  it('wait on the device while the server is away, outlive the page, and the last word goes out', async () => {
    away = true;
    const shelf = device();
    const first = new TickKeeper('prep:', shelf);
    first.mark('prep:r:trays', true);
    await settle(5);
    first.mark('prep:r:trays', false);
    first.mark('prep:r:order', true);
    await settle();
    expect(first.state()).toMatchObject({ waiting: 2, away: true });
    first.close();
    const second = new TickKeeper('prep:', shelf);
    expect([...second.state().done]).toEqual(['prep:r:order']);
    away = false;
    await Promise.all([second.refresh(), settle()]);
    expect(second.state()).toMatchObject({ waiting: 0, away: false });
    expect([...there.values()].map(({ what, done }) => [what, done])).toEqual([
      ['prep:r:trays', false],
      ['prep:r:order', true],
    ]);
  });

  it('take over what the server has, whatever clocks say, but for what still waits to be sent', async () => {
    const keeper = new TickKeeper('shop:', device());
    // This device is a year ahead: what is said elsewhere afterwards counts all the same.
    vi.setSystemTime(Date.now() + 365 * 86_400_000);
    keeper.mark('shop:a', true);
    await settle();
    there.set('shop:a', { what: 'shop:a', done: false, at: 5000 });
    await Promise.all([keeper.refresh(), settle()]);
    expect(keeper.state().done.has('shop:a')).toBe(false);
    away = true;
    keeper.mark('shop:a', true);
    await settle();
    // Its clock is put right, a year back, before it can be sent.
    vi.setSystemTime(Date.now() - 365 * 86_400_000);
    keeper.mark('shop:a', false);
    keeper.mark('shop:a', true);
    away = false;
    await Promise.all([keeper.refresh(), settle(12_000)]);
    expect([keeper.state().done.has('shop:a'), there.get('shop:a')!.done]).toEqual([true, true]);
  });

  it('are not lost to a device that holds rubbish or keeps nothing', async () => {
    const shelf = device();
    shelf.kept.set('tawny-ticks-waiting', '{not json');
    const keeper = new TickKeeper('prep:', {
      getItem: shelf.getItem,
      setItem: () => {
        throw new Error('full');
      },
    });
    keeper.mark('prep:r:x', true);
    await settle();
    expect(there.get('prep:r:x')).toMatchObject({ done: true });
  });
});
