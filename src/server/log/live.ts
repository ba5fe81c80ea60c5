import type { Response } from 'express';
import type { LoggedEntry } from '../../contract/entries';
import type { Run } from '../../contract/runs';

/** Those who watch a run over server-sent events. */
export class Live {
  readonly #viewers = new Map<string, Set<Response>>();
  readonly #now: () => number;
  readonly #beat: NodeJS.Timeout;

  constructor(now: () => number) {
    this.#now = now;
    // A comment now and then keeps proxies from closing the line, and tells us when a viewer has gone.
    this.#beat = setInterval(() => this.#everyone((viewer) => viewer.write(': here\n\n')), 15_000);
    this.#beat.unref();
  }

  /** Adds a viewer; it gets what it missed first, then everything new. */
  watch(runId: string, viewer: Response, missed: readonly LoggedEntry[]): void {
    const viewers = this.#viewers.get(runId) ?? new Set();
    this.#viewers.set(runId, viewers.add(viewer));
    viewer.on('close', () => {
      viewers.delete(viewer);
      if (viewers.size === 0) this.#viewers.delete(runId);
    });
    viewer.write('retry: 1000\n\n');
    if (missed.length > 0) viewer.write(entriesEvent(missed));
  }

  entries(runId: string, entries: readonly LoggedEntry[]): void {
    const viewers = this.#viewers.get(runId);
    if (!viewers || entries.length === 0) return;
    const event = entriesEvent(entries);
    for (const viewer of viewers) viewer.write(event);
  }

  run(run: Run): void {
    const event = `event: run\ndata: ${JSON.stringify({ run, serverNow: this.#now() })}\n\n`;
    for (const viewer of this.#viewers.get(run.id) ?? []) viewer.write(event);
  }

  close(): void {
    clearInterval(this.#beat);
    this.#everyone((viewer) => viewer.end());
  }

  #everyone(act: (viewer: Response) => void) {
    for (const viewers of this.#viewers.values()) for (const viewer of viewers) act(viewer);
  }
}

function entriesEvent(entries: readonly LoggedEntry[]): string {
  return `id: ${entries.at(-1)!.seq}\nevent: entries\ndata: ${JSON.stringify(entries)}\n\n`;
}
