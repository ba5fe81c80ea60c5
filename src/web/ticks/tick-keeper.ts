import type { Tick, TickNow } from '../../contract/prep';
import { routes } from '../../contract/routes';
import { request, Unreachable } from '../api/request';
import { Tries } from '../watched/tries';
import { Watched } from '../watched/watched';

interface TicksState {
  /** Lines that are done. */
  done: ReadonlySet<string>;
  /** What thermometers showed, °C, by line. */
  readings: ReadonlyMap<string, number>;
  /** Ticks made here that the server does not have yet. */
  waiting: number;
  /** The last try did not reach it. */
  away: boolean;
  /** Why the server would not have them. */
  refused: string | null;
}

/** Where ticks stand on this device while the server is away. */
interface Shelf {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
}

const waitingKey = 'tawny-ticks-waiting';
const knownKey = (begins: string) => `tawny-ticks ${begins}`;

/**
 * Ticks of some lists: on this device at once, on the server as soon as it can be reached, and the last word about a line
 * counts wherever it was said. What is kept here survives a reload and a server that is stopped.
 */
export class TickKeeper extends Watched<TicksState> {
  readonly #begins: string;
  readonly #shelf: Shelf;
  readonly #tries: Tries;
  #known = new Map<string, Tick>();
  /** Made on this page and not sent: a device may keep nothing. */
  readonly #own = new Map<string, Tick>();
  #sending = false;

  /** @param begins with what its lines begin */
  constructor(begins: string, shelf: Shelf = localStorage) {
    super({ done: new Set(), readings: new Map(), waiting: 0, away: false, refused: null });
    this.#begins = begins;
    this.#shelf = shelf;
    this.#tries = new Tries(() => void this.#flush(), { firstMs: 1000, longestMs: 10_000 });
    for (const tick of this.#read(knownKey(begins))) this.#known.set(tick.what, tick);
    for (const tick of this.#waiting()) this.#take(tick);
    this.#tell();
  }

  /** Asks the server how the lists stand, and sends what is left. */
  readonly refresh = async (): Promise<void> => {
    this.#tries.soon(0);
    try {
      const ticks = await request<TickNow[]>(`${routes.ticks}?begins=${encodeURIComponent(this.#begins)}`);
      // What waits here is said later: it stands until it is sent.
      const waiting = new Set(this.#waiting().map(({ what }) => what));
      for (const { what, done, at, celsius } of ticks)
        if (!waiting.has(what)) this.#take({ what, done, at, ...(celsius !== undefined && { celsius }) });
      this.#write(knownKey(this.#begins), [...this.#known.values()]);
      this.set({ away: false });
      this.#tell();
    } catch (error) {
      if (error instanceof Unreachable) this.set({ away: true });
    }
  };

  /** @param celsius what a thermometer shows there; what was read before stays with its line */
  mark(what: string, done: boolean, celsius = this.#known.get(what)?.celsius): void {
    const tick = { what, done, at: Date.now(), ...(celsius !== undefined && { celsius }) };
    this.#take(tick);
    this.#own.set(what, tick);
    this.#write(waitingKey, [...this.#waiting().filter((one) => one.what !== what), tick]);
    this.#write(knownKey(this.#begins), [...this.#known.values()]);
    this.#tell();
    this.#tries.soon(0);
  }

  close(): void {
    this.#tries.end();
  }

  #take(tick: Tick) {
    if (tick.what.startsWith(this.#begins)) this.#known.set(tick.what, tick);
  }

  /** What is kept on the device by any page of it, and what this one made: of each line the last word. */
  #waiting(): Tick[] {
    const all = new Map<string, Tick>();
    for (const tick of [...this.#read(waitingKey), ...this.#own.values()]) all.set(tick.what, tick);
    return [...all.values()];
  }

  async #flush() {
    const batch = this.#waiting().slice(0, 200);
    if (this.#sending || batch.length === 0) return;
    this.#sending = true;
    try {
      await request<{ kept: number }>(routes.ticks, { body: { ticks: batch } });
      const sent = new Map(batch.map((tick) => [tick.what, tick.at]));
      const left = this.#waiting().filter(({ what, at }) => sent.get(what) !== at);
      for (const [what, { at }] of this.#own) if (sent.get(what) === at) this.#own.delete(what);
      this.#write(waitingKey, left);
      this.set({ away: false, refused: null });
      this.#tries.succeeded();
      this.#tries.soon(0);
    } catch (error) {
      if (error instanceof Unreachable) this.set({ away: true });
      else this.set({ refused: error instanceof Error ? error.message : 'The server would not have it.' });
      this.#tries.later();
    } finally {
      this.#sending = false;
      this.#tell();
    }
  }

  #tell() {
    const done = [...this.#known.values()].filter((tick) => tick.done).map(({ what }) => what);
    const readings = [...this.#known.values()].flatMap(({ what, celsius }) =>
      celsius === undefined ? [] : [[what, celsius] as const],
    );
    this.set({ done: new Set(done), readings: new Map(readings), waiting: this.#waiting().length });
  }

  #read(key: string): Tick[] {
    try {
      const kept: unknown = JSON.parse(this.#shelf.getItem(key) ?? '[]');
      return Array.isArray(kept) ? (kept as Tick[]) : [];
    } catch {
      return [];
    }
  }

  #write(key: string, ticks: readonly Tick[]) {
    try {
      this.#shelf.setItem(key, JSON.stringify(ticks));
    } catch {
      // A device that keeps nothing: it is sent all the same.
    }
  }
}
