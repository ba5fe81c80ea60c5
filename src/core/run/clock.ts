/**
 * The clock of a run. At ×1 it is the wall clock; a simulated run may go faster, and stands still while the
 * server is down.
 */
export interface RunClock {
  /** A moment on the run's clock (ms since 1970) … */
  anchorRunMs: number;
  /** … and the wall-clock moment it belongs to. */
  anchorWallMs: number;
  speed: number;
}

/** What the run's clock shows at a wall-clock moment, ms. */
export function runTime(clock: RunClock, wallMs: number): number {
  return clock.anchorRunMs + (wallMs - clock.anchorWallMs) * clock.speed;
}

/** The same clock from `wallMs` on at another speed: what it shows does not jump. */
export function withSpeed(clock: RunClock, speed: number, wallMs: number): RunClock {
  return { anchorRunMs: runTime(clock, wallMs), anchorWallMs: wallMs, speed };
}
