import type { Run } from '../../contract/runs';
import { runTime, type EntryKind } from '../../core/run';

const hourMs = 3_600_000;
/** Clocks may differ by this much from the run’s own before an entry is refused: a device a day off is not let in. */
const slackMs = 12 * hourMs;
const dayMs = 24 * hourMs;

/** How long after the lesson a plan’s last step can be: days it names, and all that takes time or is waited for, ms. */
function lastStepMs({ steps }: Run['plan']): number {
  const days = Math.max(0, ...steps.map((step) => step.day));
  const minutes = steps.reduce((sum, { minutes: least, minutesTo, after }) => {
    const lag = Math.max(0, ...after.map((one) => one.most ?? one.least));
    return sum + (minutesTo ?? least ?? 0) + lag;
  }, 0);
  return days * dayMs + minutes * 60_000;
}

/** What is written down while a run is prepared, days before its bell. */
const preparing: ReadonlySet<EntryKind> = new Set(['weighed', 'deviation']);
/** How long before its bell a run may be prepared. */
const prepMs = 30 * dayMs;

export const isPreparing = (kind: EntryKind): boolean => preparing.has(kind);

/** Moments at which what is prepared for a run may have been written down. */
export function prepOpen(run: Run, now: number): { earliest: number; latest: number; words: string } {
  return {
    earliest: run.startsAt - prepMs,
    latest: Math.max(now, logOpen(run, now)?.latest ?? now) + slackMs,
    words: 'in the thirty days before this run, or while it goes on',
  };
}

/** Moments on a run’s clock that its log takes; null while it has not started. */
export function logOpen(run: Run, now: number): { earliest: number; latest: number; words: string } | null {
  if (run.status === 'planned' || run.startedAt === null) return null;
  const present = run.clock ? runTime(run.clock, now) : now;
  const earliest = run.startedAt - slackMs;
  if (run.finishedAt === null) {
    return { earliest, latest: present + slackMs, words: 'within 12 hours of this run' };
  }
  // What is measured when it is cold, set or risen belongs to the run; tomorrow’s is not measured yet.
  return {
    earliest,
    latest: Math.min(run.finishedAt + lastStepMs(run.plan), present) + slackMs,
    words: 'within 12 hours of this run and of the last step of its plan',
  };
}
