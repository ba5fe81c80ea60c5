import { medianOf } from '../numeric';
import type { Forecast, Trace } from '../trace';
import type { ChangedLesson, ChangedScenario } from './changed-lessons';

/** Asked again and again of one trace that grows, as a board is. */
type Ask = (lesson: ChangedLesson, trace: Trace, nowS: number) => Forecast;

export interface ChangedFigures {
  id: string;
  forecasts: number;
  /** Share of intervals given after the change that held, %, and of those from 90 s after it on. */
  coveragePercent: number;
  coverageAfter90Percent: number;
  /** Share of moments after it at which nothing was said, %, and of those from 90 s after it on. */
  silentPercent: number;
  silentAfter90Percent: number;
  /** Median width against the time really left, %. */
  widthPercent: number;
}

/** Moments of a lesson that are looked at after its change, as shares of what is left then. */
const moments = [0.02, 0.06, 0.12, 0.2, 0.3, 0.42, 0.56, 0.7, 0.85];

/** Measures what is said after the change of each lesson, at moments spread over what is left of it. */
export function measureChanged(scenario: ChangedScenario, ask: Ask, lessons: number): ChangedFigures {
  const all = { asked: 0, given: 0, held: 0 };
  const late = { asked: 0, given: 0, held: 0 };
  const widths: number[] = [];
  for (let seed = 1; seed <= lessons; seed += 1) {
    const lesson = scenario.lesson(seed);
    if (!Number.isFinite(lesson.reachedS)) continue;
    const trace = { seconds: [] as number[], celsius: [] as number[] };
    for (const share of moments) {
      const now = lesson.changedS + share * (lesson.reachedS - lesson.changedS);
      for (let i = trace.seconds.length; i < lesson.seconds.length && lesson.seconds[i]! <= now; i += 1) {
        trace.seconds.push(lesson.seconds[i]!);
        trace.celsius.push(lesson.celsius[i]!);
      }
      const said = ask(lesson, trace, now);
      const real = lesson.reachedS - now;
      const tallies = now - lesson.changedS >= 90 ? [all, late] : [all];
      for (const tally of tallies) {
        tally.asked += 1;
        if (said.kind !== 'reaching') continue;
        tally.given += 1;
        if (real >= said.low && (said.high === null || real <= said.high)) tally.held += 1;
      }
      if (said.kind === 'reaching') widths.push(((said.high ?? 4 * 3600) - said.low) / real);
    }
  }
  const percent = (part: number, of: number) => (100 * part) / Math.max(1, of);
  return {
    id: scenario.id,
    forecasts: all.given,
    coveragePercent: percent(all.held, all.given),
    coverageAfter90Percent: percent(late.held, late.given),
    silentPercent: percent(all.asked - all.given, all.asked),
    silentAfter90Percent: percent(late.asked - late.given, late.asked),
    widthPercent: widths.length === 0 ? 0 : 100 * medianOf(widths),
  };
}
