import { v7 as uuid } from 'uuid';
import type { BatchReceipt, LoggedEntry } from '../../contract/entries';
import type { Run, RunNow, StationRun } from '../../contract/runs';
import { Notebook, pictureOf, runTime, truthIn, type Entry, type QuickEntry } from '../../core/run';
import { logPages } from '../api/log-pages';
import { request, SignedOut, Unreachable } from '../api/request';
import { Outbox } from '../outbox/outbox';
import { indexedDbStore, type OutboxStore } from '../outbox/store';
import { Watched } from '../watched/watched';
import type { RunDoor } from '../api/doors';
import { ServerClock } from './server-clock';
import { SharedStream } from './shared-stream';

export interface LiveState {
  run: Run;
  /** Grows with every change of the notebook. */
  version: number;
  /** Whether the server’s stream is open. */
  connected: boolean;
  /** It is to be opened anew: it began while we watched, or the server has another database than before. */
  anew: boolean;
  /** The server lets this page in no longer: its pass was closed, its session is over. */
  shut: boolean;
}

/** Changes are told at most this often, ms: a run at ×60 brings hundreds of entries a second. */
const tellEveryMs = 250;

/**
 * A run as it goes on: its notebook fed by the server’s stream and by this page’s own entries, its clock, and
 * the outbox that carries those entries home.
 */
export class LiveRun extends Watched<LiveState> {
  readonly door: RunDoor;
  readonly notebook: Notebook;
  readonly outbox: Outbox;
  readonly #store: OutboxStore;
  readonly #clock: ServerClock;
  readonly #epoch: string;
  #stream: SharedStream | null = null;
  #lastSeq = 0;
  #pending: ReturnType<typeof setTimeout> | null = null;
  /** What came in and is not yet kept here. */
  #fresh: LoggedEntry[] = [];

  /** @param connected whether the server was reached just now; the stream says how it goes on */
  private constructor(
    door: RunDoor,
    { run, serverNow, epoch }: RunNow,
    store: OutboxStore,
    connected: boolean,
  ) {
    super({ run, version: 0, connected, anew: false, shut: false });
    this.door = door;
    this.#store = store;
    this.#clock = new ServerClock(serverNow);
    this.#epoch = epoch;
    this.notebook = new Notebook(run.startedAt ?? run.startsAt, run.stations, truthIn(run.place));
    this.outbox = new Outbox({
      ...{ runId: run.id, door: door.key, station: door.station, store },
      send: (entries) => this.#send(entries),
    });
  }

  /**
   * Fetches the run and its log so far, then listens. A station’s page that cannot reach the server opens with what it
   * saw last.
   */
  static async open(door: RunDoor, onRun: (run: Run) => void = () => undefined): Promise<LiveRun> {
    const store = indexedDbStore();
    const asked = await request<RunNow>(door.run).catch((reason: unknown) => {
      if (door.station === null || !(reason instanceof Unreachable)) throw reason;
      return LiveRun.#lastSeen(door, store, reason);
    });
    const seen = 'entries' in asked ? asked : null;
    const now = 'entries' in asked ? asked.now : asked;
    onRun(now.run);
    const live = new LiveRun(door, now, store, seen === null);
    await live.#begin(seen?.entries ?? null);
    return live;
  }

  static async #lastSeen(door: RunDoor, store: OutboxStore, reason: unknown) {
    const { run, entries } = await store.seen(door.key).catch(() => ({ run: null, entries: [] }));
    if (!run) throw reason;
    const { now, seenAt } = run;
    return { now: { ...now, serverNow: now.serverNow + Math.max(0, Date.now() - seenAt) }, entries };
  }

  /** The moment on the run’s clock, ms; by our own steady clock, so that a wrong device clock does no harm. */
  now(): number {
    const wall = this.#clock.now();
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
  readonly setRun = (now: RunNow) => {
    this.#clock.set(now.serverNow);
    this.#hearRun(now);
  };

  /** Asks the server again: someone signed in, a tablet was let in again, the network is back, it woke up. */
  readonly refresh = () => {
    this.outbox.nudge();
    this.#stream?.again();
    this.#ask();
  };

  /** Whether the server lets this page in, and how the run stands. */
  readonly #ask = () => {
    request<RunNow>(this.door.run).then(
      (now) => {
        const wasShut = this.state().shut;
        if (wasShut) this.set({ shut: false });
        this.setRun(now);
        if (wasShut) this.#stream?.again();
      },
      (reason: unknown) => {
        if (reason instanceof SignedOut) this.set({ shut: true });
      },
    );
  };

  close(): void {
    this.#stream?.close();
    this.outbox.close();
    if (this.#pending) clearTimeout(this.#pending);
    this.#keepFresh();
    window.removeEventListener('online', this.refresh);
    document.removeEventListener('visibilitychange', this.#woke);
  }

  async #begin(seen: LoggedEntry[] | null) {
    const ids = new Set<string>();
    if (seen) this.#take(seen, true);
    else {
      if (this.door.station !== null) await this.#forgetSeen();
      await this.#fetchLog((entry) => ids.add(entry.id));
    }
    this.notebook.add(await this.outbox.open(seen ? null : ids));
    this.#stream = new SharedStream(this.door.live, () => `${this.door.live}?after=${this.#lastSeq}`, {
      event: (name, data) => this.#hear(name, data),
      open: (connected) => {
        this.set({ connected });
        if (connected) this.outbox.nudge();
      },
      refused: this.#ask,
      follows: this.#catchUp,
      fetch: () => this.#fetchNews(),
    });
    window.addEventListener('online', this.refresh);
    document.addEventListener('visibilitychange', this.#woke);
  }

  /** Everything after the last place, a page at a time until there is no more. */
  async #fetchLog(each: (entry: LoggedEntry) => void = () => undefined) {
    for await (const page of logPages(this.door.log, this.#lastSeq)) {
      page.forEach(each);
      this.#take(page);
    }
  }

  /** What is new, and how the run stands, where no stream tells. */
  #fetchNews(): Promise<boolean> {
    this.#ask();
    return this.#fetchLog().then(
      () => true,
      (reason: unknown) => !(reason instanceof Unreachable),
    );
  }

  async #send(entries: readonly Entry[]): Promise<BatchReceipt> {
    if (entries.some(({ body }) => pictureOf(body) !== null)) {
      await (await import('../pictures/waiting-pictures')).sendPictures(entries, this.door);
    }
    const receipt = await request<BatchReceipt>(this.door.log, { body: { entries } });
    if (receipt.epoch !== this.#epoch) this.set({ anew: true });
    return receipt;
  }

  #hear(name: string, data: string) {
    const said: unknown = JSON.parse(data);
    if (name === 'beat') this.#clock.hear(said as number);
    else if (name === 'run') {
      this.#clock.hear((said as RunNow).serverNow);
      this.#hearRun(said as RunNow);
    } else this.#take(said as LoggedEntry[]);
  }

  #hearRun({ run, epoch }: RunNow) {
    const began = this.state().run.startedAt === null && run.startedAt !== null;
    // Blind from now on: what was sent before tells too much.
    const blinded = isBlind(run) && !isBlind(this.state().run);
    // Another database: what is on this page is not what is there.
    this.set({ run, anew: began || blinded || epoch !== this.#epoch, version: this.state().version + 1 });
    if (this.door.station !== null) void this.#keepAsSeen();
  }

  /** The device slept, or the page was away: its clock and its line may be old. */
  readonly #woke = () => {
    if (document.visibilityState !== 'visible') return;
    if (this.#clock.slept()) this.refresh();
    else this.#catchUp();
  };

  /** What was told while this tab could not hear. */
  readonly #catchUp = () => {
    void this.#fetchLog().catch(() => undefined);
  };

  #take(entries: readonly LoggedEntry[], kept = false) {
    this.#lastSeq = Math.max(this.#lastSeq, entries.at(-1)?.seq ?? 0);
    if (this.door.station !== null && !kept) this.#fresh.push(...entries);
    if (this.notebook.add(entries) > 0) this.#tell();
  }

  #tell() {
    this.#pending ??= setTimeout(() => {
      this.#pending = null;
      this.#keepFresh();
      this.set({ version: this.state().version + 1 });
    }, tellEveryMs);
  }

  /** What a station saw is kept on its device: without the network its page opens with it. */
  #keepFresh() {
    const fresh = this.#fresh;
    this.#fresh = [];
    if (fresh.length > 0) void this.#store.keepSeen(this.door.key, fresh).catch(() => undefined);
  }

  /** What was seen of another database is not to be seen again. */
  async #forgetSeen() {
    await this.#store.forgetSeen(this.door.key).catch(() => undefined);
    await this.#keepAsSeen();
  }

  async #keepAsSeen() {
    const now: RunNow = { run: this.state().run, serverNow: this.#clock.now(), epoch: this.#epoch };
    await this.#store.keepRun(this.door.key, { now, seenAt: Date.now() }).catch(() => undefined);
  }
}

/** Whether a station carries a letter in place of its level. */
const isBlind = (run: Run | StationRun) => 'blind' in run && run.blind !== null;
