import { EventEmitter } from 'node:events';
import type { Response } from 'express';
import { describe, expect, it, vi } from 'vitest';
import type { Run } from '../../contract/runs';
import { problemHandler } from '../problems/problem';
import { entryAt, readingOf } from '../testing/running-app';
import { Live } from './live';

const noon = Date.UTC(2026, 10, 25, 12);

describe('viewers of a run', () => {
  it('each hears its own run, those who left hear nothing, and a beat now and then tells who is there', () => {
    vi.useFakeTimers();
    try {
      const live = new Live(() => 7);
      const viewer = () => {
        const said: string[] = [];
        const one = Object.assign(new EventEmitter(), {
          write: (text: string) => said.push(text),
          end: () => said.push('end'),
        });
        return { one: one as never as Response, said, leave: () => one.emit('close') };
      };
      const [a, b, c] = [viewer(), viewer(), viewer()];
      live.watch('r', a.one, []);
      live.watch('r', b.one, []);
      live.watch('s', c.one, []);
      const entry = { ...entryAt(noon, 1, readingOf(5)), seq: 3, arrivedAt: 0 };
      live.entries('r', []);
      live.entries('nobody', [entry]);
      live.entries('r', [entry]);
      const event = `id: 3\nevent: entries\ndata: ${JSON.stringify([entry])}\n\n`;
      expect([a.said, b.said, c.said]).toEqual([
        ['retry: 1000\n\n', event],
        ['retry: 1000\n\n', event],
        ['retry: 1000\n\n'],
      ]);
      a.leave();
      live.run({ id: 'r' } as Run);
      expect(a.said).toHaveLength(2);
      expect(b.said.at(-1)).toBe('event: run\ndata: {"run":{"id":"r"},"serverNow":7}\n\n');
      vi.advanceTimersByTime(15_000);
      expect([b.said.at(-1), c.said.at(-1), a.said.length]).toEqual([': here\n\n', ': here\n\n', 2]);
      b.leave();
      live.watch('r', a.one, [entry]);
      expect(a.said.at(-1)).toBe(event);
      live.close();
      expect([a.said.at(-1), c.said.at(-1)]).toEqual(['end', 'end']);
      vi.advanceTimersByTime(60_000);
      expect(c.said.at(-1)).toBe('end');
    } finally {
      vi.useRealTimers();
    }
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
