import { batchSize } from '../../contract/batch-size';
import type { BatchReceipt } from '../../contract/entries';
import { problemSentence, type FieldProblem } from '../../contract/problem';
import type { Entry } from '../../core/run';
import { ProblemError, SignedOut } from '../api/request';
import { Tries } from '../watched/tries';
import { Watched } from '../watched/watched';
import type { OutboxStore, WrittenEntry } from './store';

export interface OutboxState {
  /** Entries written here that the server has not received. */
  waiting: Entry[];
  /** Entries the server would not have, with its reason. */
  refused: { entry: Entry; why: string }[];
  /** Entries written here that the server has. */
  received: number;
  /** The last try did not reach the server. */
  away: boolean;
  /** Why the server takes nothing just now, where it says so. */
  held: string | null;
  /** What is written cannot be kept on this device: it is sent, but a reload before that would lose it. */
  notKept: boolean;
}

export interface OutboxOptions {
  runId: string;
  /** Which page of the run writes; see `RunDoor`. */
  door: string;
  /** The station it writes for; null: any. */
  station: number | null;
  store: OutboxStore;
  send(entries: readonly Entry[]): Promise<BatchReceipt>;
  /** First pause before another try, ms; it doubles up to a quarter of a minute. */
  firstPauseMs?: number;
}

/** Why an entry was refused, in words; an id says nothing to anybody. */
const wordsOf = (field: FieldProblem) =>
  field.field === 'corrects' ? `What can be corrected here is ${field.allowed}` : problemSentence(field);

const longestPauseMs = 15_000;
/** What the server has stays here so long, ms. */
const keptSentMs = 14 * 24 * 3_600_000;
/** Answers that may be another one later: not there yet, not started, too many at once, too slow. */
const passing = new Set([404, 408, 409, 421, 425, 429]);

/**
 * Takes entries in, keeps them on this device at once, and sends them in batches until the server has said for each that
 * it is there. The same entry sent twice is harmless; one the server refuses is set aside with the reason and holds up
 * none of the others. A device that can keep nothing still sends, and says so.
 */
export class Outbox extends Watched<OutboxState> {
  readonly #options: OutboxOptions;
  readonly #tries: Tries;
  /** What the server said it has. */
  readonly #sent = new Map<string, Entry>();
  #most = batchSize;
  #sending = false;
  #closed = false;

  constructor(options: OutboxOptions) {
    super({ waiting: [], refused: [], received: 0, away: false, held: null, notKept: false });
    this.#options = options;
    const firstMs = options.firstPauseMs ?? 500;
    this.#tries = new Tries(() => void this.#flush(), { firstMs, longestMs: longestPauseMs });
  }

  /**
   * Takes up what an earlier page left behind.
   *
   * @param there what the server has of this run; null where it could not be asked
   * @returns what was written here, as far as the server does not have it
   */
  async open(there: ReadonlySet<string> | null): Promise<Entry[]> {
    const kept = await this.#options.store.all(this.#options.runId).catch(() => {
      this.set({ notKept: true });
      return [];
    });
    const own = kept.filter((one) => this.#isOwn(one));
    this.#forgetOld(own);
    const { waiting } = this.state();
    const known = new Set(waiting.map((entry) => entry.id));
    const left: Entry[] = [];
    for (const { entry, refused, sent = false } of own) {
      if (refused !== null || known.has(entry.id)) continue;
      // What it had and has no longer is sent again: its database was put back to an older day.
      if (there ? there.has(entry.id) : sent) this.#sent.set(entry.id, entry);
      else left.push(entry);
    }
    this.set({
      waiting: [...left, ...waiting],
      received: this.#sent.size,
      refused: own
        .filter((one) => one.refused !== null)
        .map((one) => ({ entry: one.entry, why: one.refused! })),
    });
    this.#tries.soon(0);
    return left;
  }

  /** Takes entries in; resolves when they are safe on this device, or it is clear that they are not. */
  async add(entries: readonly Entry[]): Promise<void> {
    this.set({ waiting: [...this.state().waiting, ...entries] });
    this.#tries.soon(0);
    await this.#keep(entries.map((entry) => this.#written(entry)));
  }

  /** Drops an entry the server refused. */
  async discard(id: string): Promise<void> {
    this.set({ refused: this.state().refused.filter(({ entry }) => entry.id !== id) });
    await this.#options.store.remove([id]).catch(() => undefined);
  }

  /** Sends an entry the server refused once more. */
  async again(id: string): Promise<void> {
    const found = this.state().refused.find(({ entry }) => entry.id === id);
    if (!found) return;
    this.set({ refused: this.state().refused.filter((one) => one !== found) });
    await this.add([found.entry]);
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
    const batch = this.state().waiting.slice(0, this.#most);
    try {
      const { kept, already } = await this.#options.send(batch);
      await this.#received(batch, new Set([...kept, ...already]));
      this.#tries.succeeded();
      this.#tries.soon(0);
    } catch (error) {
      await this.#failed(batch, error);
    } finally {
      this.#sending = false;
    }
  }

  async #received(batch: readonly Entry[], ids: ReadonlySet<string>) {
    const done = batch.filter(({ id }) => ids.has(id));
    for (const entry of done) this.#sent.set(entry.id, entry);
    this.set({
      waiting: this.state().waiting.filter((entry) => !ids.has(entry.id)),
      received: this.#sent.size,
      away: false,
      held: null,
    });
    await this.#keep(done.map((entry) => ({ ...this.#written(entry), sent: true })));
  }

  async #failed(batch: readonly Entry[], error: unknown) {
    const status = error instanceof ProblemError ? error.problem.status : null;
    if (status === 413 && batch.length > 1) {
      this.#most = Math.ceil(batch.length / 2);
      this.#tries.soon(0);
      return;
    }
    if (status !== null && status < 500 && !passing.has(status)) {
      await this.#refusedBatch(batch, error as ProblemError);
      return;
    }
    const held = error instanceof SignedOut || status !== null ? (error as Error).message : null;
    this.set({ away: held === null, held });
    this.#tries.later();
  }

  /** Sets aside the entries the server named, or all where it named none; the rest goes again. */
  async #refusedBatch(batch: readonly Entry[], error: ProblemError) {
    const reasons = new Map<string, string>();
    for (const field of error.fields) {
      const index = /^\/entries\/(\d+)/.exec(field.pointer)?.[1];
      const entry = index === undefined ? undefined : batch[Number(index)];
      if (entry) reasons.set(entry.id, wordsOf(field));
    }
    const refused = batch
      .filter((entry) => reasons.size === 0 || reasons.has(entry.id))
      .map((entry) => ({ entry, why: reasons.get(entry.id) ?? error.message }));
    const ids = new Set(refused.map(({ entry }) => entry.id));
    this.set({
      waiting: this.state().waiting.filter((entry) => !ids.has(entry.id)),
      refused: [...this.state().refused, ...refused],
      ...{ away: false, held: null },
    });
    await this.#keep(refused.map(({ entry, why }) => ({ ...this.#written(entry), refused: why })));
    this.#tries.soon(0);
  }

  async #keep(written: readonly WrittenEntry[]) {
    try {
      await this.#options.store.put(written);
      if (this.state().notKept) this.set({ notKept: false });
    } catch {
      this.set({ notKept: true });
    }
  }

  /** What another page of the same run wrote is that page’s to send. */
  #isOwn({ door, entry }: WrittenEntry): boolean {
    const { door: here, station } = this.#options;
    if (door !== undefined) return door === here;
    return station === null || entry.station === station;
  }

  #forgetOld(written: readonly WrittenEntry[]) {
    const before = Date.now() - keptSentMs;
    const old = written.filter(({ sent = false, entry }) => sent && entry.at < before);
    if (old.length > 0) void this.#options.store.remove(old.map(({ id }) => id)).catch(() => undefined);
  }

  #written(entry: Entry): WrittenEntry {
    const { runId, door } = this.#options;
    return { id: entry.id, runId, door, entry, refused: null };
  }
}
