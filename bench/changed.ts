import { foresee } from '../src/core/forecast';
import { changedScenarios, lastScenarios, measureChanged } from '../src/core/simulation';

/** Lessons of each scenario; TAWNY_BENCH_LESSONS for a quick look, TAWNY_BENCH_ONLY for some of them. */
const lessons = Number(process.env.TAWNY_BENCH_LESSONS ?? 200);
const only = process.env.TAWNY_BENCH_ONLY ?? '';

/** What the board says after something was done by hand: the very call it makes, of a trace that grows. */
export function changed() {
  return [...changedScenarios, ...lastScenarios]
    .filter(({ id }) => id.includes(only))
    .map((scenario) => {
      const measured = (written: boolean) =>
        measureChanged(
          scenario,
          ({ batch, localBoilingC, targetC, rising, core, surroundings, changedS }, trace, now) =>
            foresee(
              {
                ...{ batch, boilingC: localBoilingC, core, surroundings },
                steams: rising && batch === null && !core,
              },
              trace,
              targetC,
              now,
              written ? changedS : null,
            ).forecast,
          lessons,
        );
      const [figures, told] = [measured(false), measured(true)];
      const round = (value: number) => Number(value.toFixed(1));
      return {
        figure: `forecast-after-${scenario.id}`,
        value: round(figures.coverageAfter90Percent),
        unit: '% from 90 s after it on',
        expected: '90 to 99',
        allPercent: round(figures.coveragePercent),
        silentPercent: round(figures.silentPercent),
        silentAfter90Percent: round(figures.silentAfter90Percent),
        widthPercent: round(figures.widthPercent),
        forecasts: figures.forecasts,
        // Where it was written down when it was done: a step ticked, or what went differently.
        writtenPercent: round(told.coveragePercent),
        writtenSilentPercent: round(told.silentPercent),
        writtenWidthPercent: round(told.widthPercent),
      };
    });
}
