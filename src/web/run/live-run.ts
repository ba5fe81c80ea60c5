import { v7 as uuid } from 'uuid';
import type { BatchReceipt, LoggedEntry } from '../../contract/entries';
import { routes } from '../../contract/routes';
import type { Run, RunNow } from '../../contract/runs';
import { Notebook, pictureOf, runTime, type Entry, type QuickEntry } from '../../core/run';
import { request } from '../api/request';
import { Tries } from '../watched/tries';
import { Watched } from '../watched/watched';
import { Outbox } from '../outbox/outbox';
import { indexedDbStore } from '../outbox/store';

export interface LiveState {
  run: Run;
  /** Grows with every change of the notebook. */
  version: number;
  /** Whether the server’s stream is open. */
  connected: boolean;
  /** The run began while we watched: the notebook counts from the start, so it is to be opened anew. */
  began: boolean;
}

/** Changes are told at most this often, ms: a run at ×60 brings hundreds of entries a second. */
const tellEveryMs = 250;

/**
 * A run as it goes on: its notebook fed by the server’s stream and by this page’s own entries, its clock, and
 * the outbox that carries those entries home.
 */
export class LiveRun extends Watched<LiveState> {
  readonly notebook: Notebook;
  readonly outbox: Outbox;
  readonly #tries = new Tries(() => this.#listen(), { firstMs: 2000, longestMs: 15_000 });
  #stream: EventSource | null = null;
  #lastSeq = 0;
  /** Wall clock of the server less our own steady one, ms. */
  #wallOffset: number;
  #pending: ReturnType<typeof setTimeout> | null = null;

  private constructor({ run, serverNow }: RunNow) {
    super({ run, version: 0, connected: false, began: false });
    this.#wallOffset = serverNow - performance.now();
    this.notebook = new Notebook(run.startedAt ?? run.startsAt, run.stations);
    this.outbox = new Outbox({
      runId: run.id,
      store: indexedDbStore(),
      async send(entries) {
        if (entries.some(({ body }) => pictureOf(body) !== null)) {
          await (await import('../pictures/waiting-pictures')).sendPictures(entries);
        }
        return request<BatchReceipt>(routes.log(run.id), { body: { entries } });
      },
    });
  }

  /** Fetches the run and its log so far, then listens. */
  static async open(id: string): Promise<LiveRun> {
    const now = await request<RunNow>(routes.run(id));
    const live = new LiveRun(now);
    if (now.run.status !== 'planned') live.#take(await request<LoggedEntry[]>(routes.log(id)));
    live.notebook.add(await live.outbox.open());
    live.#listen();
    window.addEventListener('online', live.outbox.nudge);
    return live;
  }

  /** The moment on the run’s clock, ms; by our own steady clock, so that a wrong device clock does no harm. */
  now(): number {
    const wall = performance.now() + this.#wallOffset;
    const { clock } = this.state().run;
    return Math.round(clock ? runTime(clock, wall) : wall);
  }

  /** Writes entries down: in the notebook at once, on this device, then to the server. */
  async log(entries: readonly QuickEntry[]): Promise<Entry[]> {
    const at = this.now();
    const offset = -new Date().getTimezoneOffset();
    const written = entries.map(({ station, body }): Entry => ({ id: uuid(), station, at, offset, body }));
    this.notebook.add(written);
    this.#tell();
    await this.outbox.add(written);
    return written;
  }

  /** Takes over what the server answered about the run itself. */
  readonly setRun = ({ run, serverNow }: RunNow) => {
    const began = this.state().run.startedAt === null && run.startedAt !== null;
    this.#wallOffset = serverNow - performance.now();
    this.set({ run, began, version: this.state().version + 1 });
  };

  close(): void {
    this.#tries.end();
    this.#stream?.close();
    this.outbox.close();
    if (this.#pending) clearTimeout(this.#pending);
    window.removeEventListener('online', this.outbox.nudge);
  }

  #listen() {
    const stream = new EventSource(`${routes.live(this.state().run.id)}?after=${this.#lastSeq}`);
    this.#stream = stream;
    stream.addEventListener('open', () => {
      this.set({ connected: true });
      this.#tries.succeeded();
      this.outbox.nudge();
    });
    stream.addEventListener('entries', (event: MessageEvent<string>) => {
      this.#take(JSON.parse(event.data) as LoggedEntry[]);
    });
    stream.addEventListener('run', (event: MessageEvent<string>) =>
      this.setRun(JSON.parse(event.data) as RunNow),
    );
    stream.addEventListener('error', () => {
      this.set({ connected: false });
      // The browser reconnects by itself after a break, but gives up after an answer that is no stream.
      if (stream.readyState === EventSource.CLOSED && this.#stream === stream) this.#tries.later();
    });
  }

  #take(entries: readonly LoggedEntry[]) {
    this.#lastSeq = Math.max(this.#lastSeq, entries.at(-1)?.seq ?? 0);
    if (this.notebook.add(entries) > 0) this.#tell();
  }

  #tell() {
    this.#pending ??= setTimeout(() => {
      this.#pending = null;
      this.set({ version: this.state().version + 1 });
    }, tellEveryMs);
  }
}
