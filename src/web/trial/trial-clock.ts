import { onDevice } from '../kept/kept';

/** What is measured of a trial so far: when a step began, and what it took. */
export interface TrialNow {
  /** Step under way, and since when, ms since 1970. */
  running: { stepId: string; since: number } | null;
  took: Record<string, number>;
  note: string;
}

const nothing: TrialNow = { running: null, took: {}, note: '' };
const keyOf = (practicalId: string) => `tawny-trial-${practicalId}`;

/** A trial waits in this browser until it is put into the plan: a tablet put down or loaded again loses nothing. */
export function readTrial(practicalId: string): TrialNow {
  try {
    const kept = JSON.parse(onDevice.get(keyOf(practicalId)) ?? 'null') as TrialNow | null;
    return kept && typeof kept.took === 'object' ? { ...nothing, ...kept } : nothing;
  } catch {
    return nothing;
  }
}

export function keepTrial(practicalId: string, trial: TrialNow | null): void {
  if (trial === null) onDevice.remove(keyOf(practicalId));
  else onDevice.set(keyOf(practicalId), JSON.stringify(trial));
}

/** Begins a step; one that was running ends with it. */
export function begin(trial: TrialNow, stepId: string, now: number): TrialNow {
  return { ...end(trial, now), running: { stepId, since: now } };
}

/** Ends the step that runs; begun twice, its times add up. */
export function end(trial: TrialNow, now: number): TrialNow {
  if (!trial.running) return trial;
  const { stepId, since } = trial.running;
  const minutes = Math.max(0, (now - since) / 60_000) + (trial.took[stepId] ?? 0);
  return { ...trial, running: null, took: { ...trial.took, [stepId]: Number(minutes.toFixed(2)) } };
}
