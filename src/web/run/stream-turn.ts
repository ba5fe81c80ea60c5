type Said = { kind: 'holds'; id: number; asks: boolean } | { kind: 'free'; id: number };

/** Browsers open six connections to a server in all; so many of them may be streams, the others are for what is asked and sent. */
export const mostStreams = 3;
/** A tab that says nothing for so long holds none any more, ms. */
const silentMs = 15_000;
const sayEveryMs = 5000;

/**
 * Which streams of a browser may be open, whatever they tell of: eight stations in eight tabs would take every connection
 * there is. Who began first goes first; the others are told when there is room.
 */
export class StreamTurn {
  readonly #id = Date.now() + Math.random();
  readonly #channel: BroadcastChannel | null;
  readonly #others = new Map<number, number>();
  readonly #lost: () => void;
  readonly #room: () => void;
  #holds = false;
  readonly #timer: ReturnType<typeof setInterval>;

  /**
   * @param lost others were here before: the stream is to be closed
   * @param room one of the others is gone
   */
  constructor(lost: () => void, room: () => void) {
    this.#lost = lost;
    this.#room = room;
    this.#channel = 'BroadcastChannel' in window ? new BroadcastChannel('tawny streams') : null;
    this.#channel?.addEventListener('message', ({ data }: MessageEvent<Said>) => this.#hear(data));
    this.#timer = setInterval(() => this.#holds && this.#tell(false), sayEveryMs);
  }

  /** Takes a turn; it may be lost a moment later, when others say that they hold theirs. */
  hold(): boolean {
    if (!this.#isFirst()) return false;
    this.#holds = true;
    this.#tell(true);
    return true;
  }

  free(): void {
    if (!this.#holds) return;
    this.#holds = false;
    this.#channel?.postMessage({ kind: 'free', id: this.#id } satisfies Said);
  }

  close(): void {
    this.free();
    clearInterval(this.#timer);
    this.#channel?.close();
  }

  #tell(asks: boolean) {
    this.#channel?.postMessage({ kind: 'holds', id: this.#id, asks } satisfies Said);
  }

  #hear(said: Said) {
    if (said.kind === 'free') {
      this.#others.delete(said.id);
      if (!this.#holds) this.#room();
      return;
    }
    this.#others.set(said.id, performance.now());
    if (said.asks && this.#holds) this.#tell(false);
    if (!this.#holds || this.#isFirst()) return;
    this.free();
    this.#lost();
  }

  #isFirst(): boolean {
    const now = performance.now();
    for (const [id, at] of this.#others) if (now - at > silentMs) this.#others.delete(id);
    return [...this.#others.keys()].filter((id) => id < this.#id).length < mostStreams;
  }
}
