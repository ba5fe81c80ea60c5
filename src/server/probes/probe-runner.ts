import type { LoggedEntry } from '../../contract/entries';
import type { Run } from '../../contract/runs';
import { runTime, type Entry } from '../../core/run';
import type { Live } from '../log/live';
import type { Log } from '../log/log';
import { keepAndTell } from '../log/routes';
import type { Runs } from '../runs/runs';

/** Makes the readings of one simulated run. */
export interface ProbeFeed {
  /** Everything that has happened since the last call, up to `toMs` on the run's clock. */
  advance(toMs: number): Entry[];
  /** Someone logged something: hands at the station may answer to it. */
  hear(entries: readonly Entry[]): void;
}

/** Makes feeds for runs. `resumeMs` is the last moment already in the log, for a run that goes on. */
export type ProbeSource = (run: Run, past: readonly Entry[], resumeMs: number | null) => ProbeFeed;

const tickMs = 500;
/** Longer than a simulated lesson ever is, ms: to live through years of one would keep the program from starting. */
const longestMs = 24 * 3_600_000;

/** Feeds simulated runs: twice a second, what their probes read goes into the log by the same door as all else. */
export class ProbeRunner {
  readonly #runs: Runs;
  readonly #log: Log;
  readonly #live: Live;
  readonly #source: ProbeSource;
  readonly #now: () => number;
  readonly #logger: { error(details: object, text: string): void };
  readonly #feeds = new Map<string, ProbeFeed>();
  #timer: NodeJS.Timeout | null = null;
  #busy = false;

  constructor(parts: {
    runs: Runs;
    log: Log;
    live: Live;
    source: ProbeSource;
    now: () => number;
    logger: { error(details: object, text: string): void };
  }) {
    this.#runs = parts.runs;
    this.#log = parts.log;
    this.#live = parts.live;
    this.#source = parts.source;
    this.#now = parts.now;
    this.#logger = parts.logger;
  }

  /** Takes up the simulated runs that were going when the server stopped; their clocks stood still meanwhile. */
  async resume(): Promise<void> {
    for (const run of await this.#runs.running()) {
      if (run.probes !== 'simulated') continue;
      const last = await this.#log.lastMoment(run.id);
      if ((last ?? run.startedAt!) - run.startedAt! > longestMs) {
        this.#logger.error({ run: run.id }, 'a simulated run of more than a day is not gone on with');
        continue;
      }
      const resumed = await this.#runs.resumeClock(run.id, last ?? run.startedAt!);
      this.#feeds.set(run.id, this.#source(resumed, await this.#log.whole(run.id), last));
    }
    this.#wake();
  }

  begin(run: Run): Promise<void> {
    if (run.probes === 'simulated' && run.status === 'running' && !this.#feeds.has(run.id)) {
      this.#feeds.set(run.id, this.#source(run, [], null));
      this.#wake();
    }
    return Promise.resolve();
  }

  end(runId: string): void {
    this.#feeds.delete(runId);
  }

  hear(runId: string, entries: readonly LoggedEntry[]): void {
    this.#feeds.get(runId)?.hear(entries);
  }

  stop(): void {
    if (this.#timer) clearInterval(this.#timer);
    this.#timer = null;
  }

  #wake() {
    if (this.#timer || this.#feeds.size === 0) return;
    this.#timer = setInterval(() => void this.#tick(), tickMs);
  }

  async #tick() {
    if (this.#busy) return;
    this.#busy = true;
    try {
      for (const [id, feed] of this.#feeds) {
        const run = await this.#runs.one(id);
        if (run.status !== 'running' || !run.clock) continue;
        const entries = feed.advance(runTime(run.clock, this.#now()));
        if (entries.length > 0) await keepAndTell(this.#log, this.#live, run, entries, 'probe');
      }
    } catch (error) {
      this.#logger.error({ err: error }, 'simulated probes failed');
    } finally {
      this.#busy = false;
    }
  }
}
