/** One thing that is tried again and again: soon, then after pauses that double, one try waiting at a time. */
export class Tries {
  readonly #attempt: () => void;
  readonly #firstMs: number;
  readonly #longestMs: number;
  #pauseMs: number;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #over = false;

  constructor(attempt: () => void, pauses: { firstMs: number; longestMs: number }) {
    this.#attempt = attempt;
    this.#firstMs = this.#pauseMs = pauses.firstMs;
    this.#longestMs = pauses.longestMs;
  }

  /** Tries after a moment, in place of a try that waits. */
  soon(afterMs: number): void {
    this.cancel();
    this.#timer = setTimeout(this.#attempt, afterMs);
  }

  /** Tries after the next pause, which is twice the last. */
  later(): void {
    if (this.#over) return;
    this.soon(this.#pauseMs);
    this.#pauseMs = Math.min(this.#longestMs, this.#pauseMs * 2);
  }

  /** It went well: the next failure waits the first pause again. */
  succeeded(): void {
    this.#pauseMs = this.#firstMs;
  }

  cancel(): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
  }

  /** No more tries by itself; what is asked for is still tried, once. */
  end(): void {
    this.#over = true;
    this.cancel();
  }
}
