/** A device whose clock ran on so much further than its steady one has slept, ms. */
const sleptMs = 2000;

/**
 * The server’s wall clock, read by this device’s steady one, so that a wrong device clock does no harm. The steady clock
 * may stand still while a tablet sleeps: what the device’s own clock went on meanwhile is added at once.
 */
export class ServerClock {
  /** Wall clock of the server less our own steady one, ms. */
  #offset: number;
  /** Clock of the device less the steady one, ms. */
  #drift: number;

  constructor(serverNow: number) {
    this.#offset = serverNow - performance.now();
    this.#drift = Date.now() - performance.now();
  }

  /** Sets it by an answer to a question just asked. */
  set(serverNow: number): void {
    this.#offset = serverNow - performance.now();
    this.#drift = Date.now() - performance.now();
  }

  /** Hears the server say what time it is. What was long on its way can only be too early. */
  hear(serverNow: number): void {
    this.#offset = Math.max(this.#offset, serverNow - performance.now());
  }

  now(): number {
    this.slept();
    return performance.now() + this.#offset;
  }

  /** Whether the device slept since it was last asked; the clock has been put right by then. */
  slept(): boolean {
    const drift = Date.now() - performance.now();
    const by = drift - this.#drift;
    if (Math.abs(by) < sleptMs) return false;
    this.#drift = drift;
    // Backwards goes only a clock that somebody set.
    if (by > 0) this.#offset += by;
    return by > 0;
  }
}
