import { earlyLook, stepMinutes, type Step } from '../practical';
import type { TimerBody } from './entry-kinds';
import type { Noted, Notebook, StationNotes } from './notebook';

/** A countdown: of a step with minutes, or set by hand. */
export interface Countdown {
  /** What a timer is for; null where the step itself is counted down. */
  label: string | null;
  elapsedS: number;
  lengthS: number;
  /** Seconds to the early look; negative when it is past; null for none. */
  lookInS: number | null;
  /** Seconds to the warning before the end; negative when it is past; null for none. */
  warnInS: number | null;
}

/** The timer set last, for the station or for all. */
export function lastTimer(notes: StationNotes, notebook: Notebook): Noted<TimerBody> | undefined {
  return [...notes.timers, ...notebook.everywhere.timers].sort((a, b) => a.at - b.at).at(-1);
}

/** A timer until five minutes after its end, else what the present step counts down. */
export function countdownOf(
  step: Step | null,
  since: number | null,
  timer: Noted<TimerBody> | undefined,
  nowMs: number,
): Countdown | null {
  if (timer && nowMs - timer.at < (timer.body.minutes + 5) * 60_000) {
    return countdown(timer.body.label, timer.at, timer.body.minutes, timer.body.lookAt, null, nowMs);
  }
  const minutes = step && stepMinutes(step);
  if (!step || since === null || !minutes) return null;
  return countdown(null, since, minutes.most, earlyLook(step), step.warnAt, nowMs);
}

function countdown(
  label: string | null,
  since: number,
  minutes: number,
  lookAt: number | null,
  warnAt: number | null,
  nowMs: number,
): Countdown {
  const elapsedS = Math.max(0, (nowMs - since) / 1000);
  return {
    label,
    elapsedS,
    lengthS: minutes * 60,
    lookInS: lookAt === null ? null : lookAt * 60 - elapsedS,
    warnInS: warnAt === null ? null : (minutes - warnAt) * 60 - elapsedS,
  };
}
