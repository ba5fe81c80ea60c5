import type { BatchReceipt } from '../../../contract/entries';
import type { Entry } from '../../../core/run';
import { ProblemError, Unreachable } from '../../api/request';
import type { OutboxStore, WrittenEntry } from '../store';

export const board = { runId: 'r', door: 'r', station: null };
export const entry = (id: string): Entry => ({
  id,
  station: 1,
  at: Date.UTC(2100, 0, 1),
  offset: 0,
  body: { kind: 'deviation', text: id },
});

export function memoryStore(): OutboxStore & { kept: Map<string, WrittenEntry>; unsent(): string[] } {
  const kept = new Map<string, WrittenEntry>();
  return {
    kept,
    unsent: () => [...kept.values()].filter((one) => !one.sent).map(({ id }) => id),
    all: (runId) => Promise.resolve([...kept.values()].filter((one) => one.runId === runId)),
    put: (waiting) => Promise.resolve(waiting.forEach((one) => kept.set(one.id, one))),
    remove: (ids) => Promise.resolve(ids.forEach((id) => kept.delete(id))),
    seen: () => Promise.resolve({ run: null, entries: [] }),
    keepRun: () => Promise.resolve(),
    keepSeen: () => Promise.resolve(),
    forgetSeen: () => Promise.resolve(),
  };
}

/** A server that may be away, may lose its answers, and refuses what is called bad. */
export function fakeServer() {
  const server = {
    log: [] as string[],
    posts: 0,
    away: false,
    losesAnswers: 0,
    send(entries: readonly Entry[]): Promise<BatchReceipt> {
      server.posts += 1;
      if (server.away) return Promise.reject(new Unreachable());
      const bad = entries.findIndex((one) => one.id.startsWith('bad'));
      if (bad >= 0) {
        const errors = [{ pointer: `/entries/${bad}/at`, field: 'at', value: 1, allowed: 'today' }];
        return Promise.reject(new ProblemError({ type: '', title: '', status: 422, detail: '', errors }));
      }
      const ids = entries.map((one) => one.id);
      const already = ids.filter((id) => server.log.includes(id));
      const kept = ids.filter((id) => !already.includes(id));
      server.log.push(...kept);
      if (server.losesAnswers > 0) {
        server.losesAnswers -= 1;
        return Promise.reject(new Unreachable());
      }
      return Promise.resolve({ kept, already, epoch: 'this one' });
    },
  };
  return server;
}
