import { Tries } from '../watched/tries';
import { Watched } from '../watched/watched';
import { batchSize } from '../../contract/batch-size';
import type { BatchReceipt } from '../../contract/entries';
import { problemSentence } from '../../contract/problem';
import type { Entry } from '../../core/run';
import { ProblemError } from '../api/request';
import type { OutboxStore, WaitingEntry } from './store';

export interface OutboxState {
  /** Entries saved on this device and not yet received. */
  waiting: Entry[];
  /** Entries the server would not have, with its reason. */
  refused: { entry: Entry; why: string }[];
  /** Entries received since this page was opened. */
  received: number;
  /** The last try did not reach the server. */
  away: boolean;
}

export interface OutboxOptions {
  runId: string;
  store: OutboxStore;
  send(entries: readonly Entry[]): Promise<BatchReceipt>;
  /** First pause before another try, ms; it doubles up to a quarter of a minute. */
  firstPauseMs?: number;
}

const longestPauseMs = 15_000;

/**
 * Takes entries in, saves them on this device at once, and sends them in batches until the server has said for
 * each that it is there. The same entry sent twice is harmless; one the server refuses is set aside with the reason
 * and holds up none of the others.
 */
export class Outbox extends Watched<OutboxState> {
  readonly #options: OutboxOptions;
  readonly #tries: Tries;
  #sending = false;
  #closed = false;

  constructor(options: OutboxOptions) {
    super({ waiting: [], refused: [], received: 0, away: false });
    this.#options = options;
    const firstMs = options.firstPauseMs ?? 500;
    this.#tries = new Tries(() => void this.#flush(), { firstMs, longestMs: longestPauseMs });
  }

  /** Takes up what an earlier page left behind. */
  async open(): Promise<Entry[]> {
    const kept = await this.#options.store.all(this.#options.runId);
    const known = new Set(this.state().waiting.map((entry) => entry.id));
    const left = kept.filter((one) => one.refused === null && !known.has(one.id)).map((one) => one.entry);
    this.set({
      waiting: [...left, ...this.state().waiting],
      refused: kept
        .filter((one) => one.refused !== null)
        .map((one) => ({ entry: one.entry, why: one.refused! })),
    });
    this.#tries.soon(0);
    return left;
  }

  /** Saves entries here; resolves when they are safe on this device. */
  async add(entries: readonly Entry[]): Promise<void> {
    this.set({ waiting: [...this.state().waiting, ...entries] });
    await this.#options.store.put(entries.map((entry) => this.#waiting(entry, null)));
    this.#tries.soon(0);
  }

  /** Drops an entry the server refused. */
  async discard(id: string): Promise<void> {
    await this.#options.store.remove([id]);
    this.set({ refused: this.state().refused.filter(({ entry }) => entry.id !== id) });
  }

  /** Tries again now, for instance when the network has come back. */
  readonly nudge = () => {
    if (this.#closed) return;
    this.#tries.succeeded();
    this.#tries.soon(0);
  };

  /** The page goes on without it. What is still added goes out all the same: a run that begins is opened anew meanwhile. */
  close(): void {
    this.#closed = true;
    this.#tries.end();
  }

  async #flush() {
    if (this.#sending || this.state().waiting.length === 0) return;
    this.#sending = true;
    const batch = this.state().waiting.slice(0, batchSize);
    try {
      const { kept, already } = await this.#options.send(batch);
      await this.#received([...kept, ...already]);
      this.#tries.succeeded();
      this.#tries.soon(0);
    } catch (error) {
      if (error instanceof ProblemError && error.problem.status < 500) await this.#refusedBatch(batch, error);
      else {
        this.set({ away: true });
        this.#tries.later();
      }
    } finally {
      this.#sending = false;
    }
  }

  async #received(ids: readonly string[]) {
    const done = new Set(ids);
    this.set({
      waiting: this.state().waiting.filter((entry) => !done.has(entry.id)),
      received: this.state().received + ids.length,
      away: false,
    });
    await this.#options.store.remove(ids);
  }

  /** Sets aside the entries the server named, or all where it named none; the rest goes again. */
  async #refusedBatch(batch: readonly Entry[], error: ProblemError) {
    const reasons = new Map<string, string>();
    for (const field of error.fields) {
      const index = /^\/entries\/(\d+)/.exec(field.pointer)?.[1];
      const entry = index === undefined ? undefined : batch[Number(index)];
      if (entry) reasons.set(entry.id, problemSentence(field));
    }
    const refused = batch
      .filter((entry) => reasons.size === 0 || reasons.has(entry.id))
      .map((entry) => ({ entry, why: reasons.get(entry.id) ?? error.message }));
    await this.#options.store.put(refused.map(({ entry, why }) => this.#waiting(entry, why)));
    const ids = new Set(refused.map(({ entry }) => entry.id));
    this.set({
      waiting: this.state().waiting.filter((entry) => !ids.has(entry.id)),
      refused: [...this.state().refused, ...refused],
      away: false,
    });
    this.#tries.soon(0);
  }

  #waiting(entry: Entry, refused: string | null): WaitingEntry {
    return { id: entry.id, runId: this.#options.runId, entry, refused };
  }
}
