import type { Response } from 'express';
import type { LoggedEntry } from '../../contract/entries';
import type { Run, RunNow } from '../../contract/runs';
import { authorOf, type Actor } from '../actors/actor';
import { Problem } from '../problems/problem';
import { textOf, type LogPage } from './log-pages';

/**
 * Streams that may be open: of one tablet (it has one for all its tabs), of one station, of all stations together, of one
 * teacher, who has many boards, and of everybody. What is between all stations and everybody is the teachers’ own.
 */
export const mostStreams = { tablet: 8, station: 24, stations: 350, teacher: 60, inAll: 500 };

/** A viewer is behind when so much of what was told has not been taken, bytes; the rest is read from the log later. */
const mostUnsent = 256_000;

/** What a viewer sees of a run. */
export interface View {
  actor: Actor;
  /** Only what is of this station or of all; null: everything. */
  station: number | null;
  /** Whether an entry is not for this viewer, whatever station it is of. */
  hides?(entry: LoggedEntry): boolean;
  /** The run as this viewer has it. */
  show(run: Run): Run;
  /** Entries after a place in the log, a page of them. */
  after(seq: number): Promise<LogPage>;
}

/** Those who watch a run over server-sent events. */
export class Live {
  readonly #viewers = new Map<string, Set<Viewer>>();
  readonly #now: () => number;
  readonly #epoch: string;
  readonly #beat: NodeJS.Timeout;

  constructor(epoch: string, now: () => number) {
    this.#epoch = epoch;
    this.#now = now;
    // Tells a page that the line is open, and us when a viewer has gone: what a proxy or a dead network hides.
    this.#beat = setInterval(() => this.#each((viewer) => viewer.beat()), 10_000);
    this.#beat.unref();
  }

  /**
   * Adds a viewer; it gets what it missed first, page by page as it takes it, then everything new.
   *
   * @throws Problem 429 where this actor has too many open, before anything was answered
   */
  watch(response: Response, view: View, run: Run, since: number): void {
    this.#admit(view.actor);
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    const viewers = this.#viewers.get(run.id) ?? new Set();
    const viewer = new Viewer(response, view, since);
    this.#viewers.set(run.id, viewers.add(viewer));
    response.on('close', () => {
      viewers.delete(viewer);
      if (viewers.size === 0 && this.#viewers.get(run.id) === viewers) this.#viewers.delete(run.id);
    });
    viewer.send(`retry: 1000\n\n${this.#runEvent(view, run)}`);
    viewer.catchUp();
  }

  entries(runId: string, entries: readonly LoggedEntry[]): void {
    if (entries.length === 0) return;
    // The same words for all who see all of it.
    const whole = eventOf(entries);
    for (const viewer of this.#viewers.get(runId) ?? []) viewer.tell(entries, whole);
  }

  run(run: Run): void {
    for (const viewer of this.#viewers.get(run.id) ?? []) viewer.send(this.#runEvent(viewer.view, run));
  }

  /** Closes what those have open who are in no longer. */
  end(isGone: (actor: Actor) => boolean): void {
    this.#each((viewer) => {
      if (isGone(viewer.view.actor)) viewer.end();
    });
  }

  /** Whether a tablet watches just now. */
  isHere(pass: string): boolean {
    let here = false;
    this.#each(({ view: { actor } }) => {
      here ||= actor.kind === 'station' && actor.pass === pass;
    });
    return here;
  }

  close(): void {
    clearInterval(this.#beat);
    this.#each((viewer) => viewer.end());
  }

  #runEvent(view: View, run: Run): string {
    const now: RunNow = { run: view.show(run), serverNow: this.#now(), epoch: this.#epoch };
    return `event: run\ndata: ${JSON.stringify(now)}\n\n`;
  }

  #admit(actor: Actor) {
    const open: Actor[] = [];
    this.#each(({ view }) => open.push(view.actor));
    const count = (isOne: (other: Actor) => boolean) => open.filter(isOne).length;
    const author = authorOf(actor);
    const own = count((other) => authorOf(other) === author);
    const bounds: [now: number, most: number][] =
      actor.kind === 'station'
        ? [
            [own, mostStreams.tablet],
            [count((other) => isSameStation(other, actor)), mostStreams.station],
            [count(({ kind }) => kind === 'station'), mostStreams.stations],
          ]
        : [
            [own, mostStreams.teacher],
            [open.length, mostStreams.inAll],
          ];
    const reached = bounds.find(([now, most]) => now >= most);
    if (!reached) return;
    throw new Problem(
      429,
      'Too many open',
      `More pages watch runs than this program keeps up with (${reached[1]}). Close some.`,
    );
  }

  #each(act: (viewer: Viewer) => void) {
    for (const viewers of this.#viewers.values()) for (const viewer of [...viewers]) act(viewer);
  }
}

/** Whether two tablets stand at one station: a station is no larger for the number of its tablets. */
const isSameStation = (one: Actor, other: Actor) =>
  one.kind === 'station' &&
  other.kind === 'station' &&
  one.runId === other.runId &&
  one.station === other.station;

/** One who watches. What it has not taken yet is not piled up in memory but read from the log when it can take more. */
class Viewer {
  readonly view: View;
  readonly #response: Response;
  #seq: number;
  #catchingUp = false;
  #again = false;
  #ended = false;

  constructor(response: Response, view: View, since: number) {
    this.#response = response;
    this.view = view;
    this.#seq = since;
    response.on('close', () => {
      this.#ended = true;
    });
  }

  send(event: string): void {
    if (!this.#ended) this.#response.write(event);
  }

  beat(): void {
    this.send('event: beat\ndata: 1\n\n');
  }

  end(): void {
    this.#ended = true;
    this.#response.end();
  }

  /** Tells what is new, if it has all before. */
  tell(entries: readonly LoggedEntry[], whole: string): void {
    if (this.#catchingUp || this.#response.writableLength > mostUnsent) {
      this.catchUp();
      return;
    }
    const { station, hides } = this.view;
    const isNew = ({ seq }: LoggedEntry) => seq > this.#seq;
    const isOwn = (one: LoggedEntry) => station === null || one.station === station || one.station === null;
    const own = entries.filter((one) => isNew(one) && isOwn(one) && !hides?.(one));
    this.#seq = Math.max(this.#seq, entries.at(-1)!.seq);
    if (own.length > 0) this.send(own.length === entries.length ? whole : eventOf(own));
  }

  catchUp(): void {
    this.#again = true;
    if (this.#catchingUp) return;
    this.#catchingUp = true;
    // A log that cannot be read now is read when the page asks again.
    void this.#read().catch(() => this.end());
  }

  async #read() {
    while (this.#again && !this.#ended) {
      this.#again = false;
      for (;;) {
        await this.#drained();
        if (this.#ended) return;
        const page = await this.view.after(this.#seq);
        if (page.entries === 0) break;
        const text = await textOf(page);
        this.#seq = page.last;
        this.send(entriesEvent(page.last, text));
      }
    }
    this.#catchingUp = false;
  }

  /** Until it has taken what it was sent. */
  #drained(): Promise<void> {
    if (!this.#response.writableNeedDrain || this.#ended) return Promise.resolve();
    return new Promise((resolve) => {
      const go = () => {
        this.#response.off('drain', go).off('close', go);
        resolve();
      };
      this.#response.on('drain', go).on('close', go);
    });
  }
}

const eventOf = (entries: readonly LoggedEntry[]) =>
  entriesEvent(entries.at(-1)!.seq, JSON.stringify(entries));

const entriesEvent = (last: number, text: string) => `id: ${last}\nevent: entries\ndata: ${text}\n\n`;
