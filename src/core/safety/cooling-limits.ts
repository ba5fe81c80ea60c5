import { formatNumber } from '../format';
import { requireReadings, type TimedReading } from '../heat';
import { coolingStages, type CoolingStage } from './authorities';
import { crossing } from './core-temperature';
import type { Verdict } from './verdict';

export interface CheckedStage extends CoolingStage {
  /** Minutes it took; null when the end is not reached, or when the beginning was not seen. */
  takenMinutes: number | null;
  verdict: Verdict;
  passes: boolean;
  missing?: string;
}

export interface CoolingCheck {
  verdict: Verdict;
  /** True only with “yes”. */
  passes: boolean;
  stages: CheckedStage[];
  /** Minutes cooled so far from the first fall below the start. */
  soFarMinutes: number;
  missing?: string;
}

/** Readings of a cooling food may be this far apart: half the stage’s limit, at most an hour. */
export function longestCoolingGapMinutes({ limitMinutes }: CoolingStage): number {
  return Math.min(60, limitMinutes / 2);
}

/**
 * Checks readings of cooling food against an authority's stages. The clock starts when the food first falls below the
 * start, and no later reading above it sets it back. What began below the start has a past nobody saw; gaps longer than
 * allowed hide what happened in them: both can fail, neither can pass.
 */
export function checkCooling(
  readings: readonly TimedReading[],
  authority: keyof typeof coolingStages,
): CoolingCheck {
  requireReadings(readings);
  const stages = coolingStages[authority].map((stage) => checkStage(readings, stage));
  const start = firstFall(readings, stages[0]!.fromC) ?? readings[0]!.minute;
  const verdict = stages.some((stage) => stage.verdict === 'no')
    ? 'no'
    : stages.every((stage) => stage.verdict === 'yes')
      ? 'yes'
      : 'cannot-tell';
  const missing = stages.find((stage) => stage.verdict === 'cannot-tell')?.missing;
  return {
    verdict,
    passes: verdict === 'yes',
    stages,
    soFarMinutes: Math.max(0, readings.at(-1)!.minute - start),
    ...(verdict === 'cannot-tell' && missing && { missing }),
  };
}

function checkStage(readings: readonly TimedReading[], stage: CoolingStage): CheckedStage {
  const { fromC, toC, limitMinutes } = stage;
  const seen = readings[0]!.celsius >= fromC;
  const from = seen ? firstFall(readings, fromC) : readings[0]!.minute;
  const tell = (verdict: Verdict, takenMinutes: number | null, missing?: string): CheckedStage => ({
    ...stage,
    verdict,
    passes: verdict === 'yes',
    takenMinutes,
    ...(missing && { missing }),
  });
  if (from === null)
    return tell('cannot-tell', null, `readings below ${fromC} °C: it has not begun to count`);
  const to = fallForGood(readings, toC);
  const last = readings.at(-1)!;
  const allowed = limitMinutes * (1 + 1e-9);
  if (to === null) {
    if (last.minute - from > allowed) return tell('no', null);
    return tell('cannot-tell', null, `readings down to ${toC} °C: it is not there yet`);
  }
  // Where the beginning was not seen it took at least so long: enough for a no, never for a yes.
  const taken = to - Math.min(from, to);
  if (!seen) {
    if (taken > allowed) return tell('no', null);
    return tell('cannot-tell', null, `when it fell below ${fromC} °C: the readings begin colder`);
  }
  const gap = longestGap(readings, from, to);
  const most = longestCoolingGapMinutes(stage);
  if (gap !== null && gap.minutes > most + 1e-9) {
    // Even if it fell at the near ends of the gaps, did it take too long?
    const least = leastMinutes(readings, stage);
    if (least > allowed) return tell('no', taken);
    return tell(
      'cannot-tell',
      taken,
      `readings between minute ${formatNumber(gap.from, 0)} and ${formatNumber(gap.to, 0)}: no more than ${formatNumber(most, 0)} min may go by without one`,
    );
  }
  return tell(taken <= allowed ? 'yes' : 'no', taken);
}

/** When the food first fell below a temperature; null when it never was above and then below. */
function firstFall(readings: readonly TimedReading[], celsius: number): number | null {
  for (let i = 1; i < readings.length; i += 1) {
    if (readings[i - 1]!.celsius >= celsius && readings[i]!.celsius < celsius)
      return crossing(readings[i - 1]!, readings[i]!, celsius);
  }
  return null;
}

/** When the food last came to a temperature and stayed at or below it; null when it is above at the end. */
function fallForGood(readings: readonly TimedReading[], celsius: number): number | null {
  if (readings.at(-1)!.celsius > celsius) return null;
  for (let i = readings.length - 1; i > 0; i -= 1) {
    if (readings[i - 1]!.celsius > celsius) return crossing(readings[i - 1]!, readings[i]!, celsius);
  }
  return readings[0]!.minute;
}

/** The widest gap between readings that touches a span of time. */
function longestGap(readings: readonly TimedReading[], fromMinute: number, toMinute: number) {
  let widest: { from: number; to: number; minutes: number } | null = null;
  for (let i = 1; i < readings.length; i += 1) {
    const [from, to] = [readings[i - 1]!.minute, readings[i]!.minute];
    if (to <= fromMinute || from >= toMinute) continue;
    if (widest === null || to - from > widest.minutes) widest = { from, to, minutes: to - from };
  }
  return widest;
}

/** Least time the stage can have taken: from the first reading seen below its start to the last seen above its end. */
function leastMinutes(readings: readonly TimedReading[], { fromC, toC }: CoolingStage): number {
  const below = readings.find((one) => one.celsius < fromC);
  const above = readings.findLast((one) => one.celsius > toC);
  return below && above ? Math.max(0, above.minute - below.minute) : 0;
}
