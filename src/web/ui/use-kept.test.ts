// @vitest-environment jsdom
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ProblemError, Unreachable } from '../api/request';
import { useKept } from './use-kept';

interface Doc {
  words: string;
}

/** A server with one document, which refuses what was made from an older version. */
class Desk {
  value: Doc = { words: 'first' };
  version = 1;
  away = false;
  sent: string[] = [];
  left: boolean[] = [];
  async send(value: Doc, version: number, leaving = false): Promise<number> {
    this.left.push(leaving);
    await Promise.resolve();
    if (this.away) throw new Unreachable();
    if (version !== this.version) {
      throw new ProblemError({
        ...{ type: 'about:blank', title: 'Changed', status: 409, detail: 'changed' },
        current: { value: this.value, version: this.version },
      });
    }
    this.value = value;
    this.sent.push(value.words);
    this.version += 1;
    return this.version;
  }
}

let desk: Desk;
beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  desk = new Desk();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const open = () =>
  renderHook(() =>
    useKept<Doc>({
      ...{ value: desk.value, version: desk.version, send: (...sent) => desk.send(...sent) },
      current: ({ problem }) => problem.current as { value: Doc; version: number },
      wrong: ({ words }) => (words === '' ? 'words: allowed is one or more.' : null),
    }),
  );
const say = (words: string) => () => ({ words });
const settled = () => act(() => vi.advanceTimersByTimeAsync(500));

describe('a document that is kept while it is edited', () => {
  it('is sent once it has stood still, with the version the server knows', async () => {
    const { result } = open();
    act(() => result.current.change(say('s')));
    act(() => result.current.change(say('se')));
    expect(result.current.state).toBe('keeping');
    await settled();
    expect(desk.sent).toEqual(['se']);
    act(() => result.current.change(say('second')));
    await settled();
    expect(desk.sent).toEqual(['se', 'second']);
    expect(result.current.state).toBe('kept');
  });

  it('is sent at once by a page that is going away', async () => {
    const { result } = open();
    act(() => result.current.change(say('going')));
    act(() => void window.dispatchEvent(new Event('pagehide')));
    await waitFor(() => expect(desk.sent).toEqual(['going']));
    expect(desk.left).toEqual([true]);
  });

  it('is sent when the page is left before it stood still', async () => {
    const { result, unmount } = open();
    act(() => result.current.change(say('hasty')));
    unmount();
    await waitFor(() => expect(desk.sent).toEqual(['hasty']));
  });

  it('stays here while the server is away or it cannot be so, says why, and goes when it can', async () => {
    const { result } = open();
    desk.away = true;
    act(() => result.current.change(say('later')));
    await settled();
    expect(result.current).toMatchObject({ state: 'not kept', value: { words: 'later' }, stale: false });
    expect(result.current.why).toContain('cannot be reached');
    desk.away = false;
    act(() => result.current.again());
    await settled();
    expect(desk.sent).toEqual(['later']);
    act(() => result.current.change(say('')));
    await settled();
    expect(result.current).toMatchObject({ state: 'not kept', why: 'words: allowed is one or more.' });
    expect(desk.sent).toEqual(['later']);
  });

  it('says that somebody was sooner, and lets either stand', async () => {
    const { result } = open();
    await desk.send({ words: 'theirs' }, 1);
    act(() => result.current.change(say('mine')));
    await settled();
    expect(result.current).toMatchObject({ stale: true, value: { words: 'mine' } });
    expect(desk.value.words).toBe('theirs');
    act(() => result.current.keepMine());
    await settled();
    expect(desk.value.words).toBe('mine');
    expect(result.current).toMatchObject({ stale: false, state: 'kept' });
    await desk.send({ words: 'theirs again' }, desk.version);
    act(() => result.current.change(say('mine again')));
    await settled();
    act(() => result.current.takeTheirs());
    expect(result.current).toMatchObject({ stale: false, state: 'kept', value: { words: 'theirs again' } });
    act(() => result.current.change(say('after')));
    await settled();
    expect(desk.value.words).toBe('after');
  });

  it('takes the last change back with Ctrl Z', async () => {
    const { result } = open();
    act(() => result.current.change(say('one')));
    await act(() => vi.advanceTimersByTimeAsync(1500));
    act(() => result.current.change(say('two')));
    await settled();
    act(() => {
      document.dispatchEvent(
        new KeyboardEvent('keydown', { key: 'z', code: 'KeyZ', ctrlKey: true, bubbles: true }),
      );
    });
    await settled();
    expect(result.current.value.words).toBe('one');
    expect(desk.sent).toEqual(['one', 'two', 'one']);
  });
});
