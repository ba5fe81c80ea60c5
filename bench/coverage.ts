import { forecastScenarios, measureForecasts, programForecast } from '../src/core/simulation';

/** Lessons of each scenario; TAWNY_BENCH_LESSONS for a quick look. */
const lessons = Number(process.env.TAWNY_BENCH_LESSONS ?? 400);

/**
 * How often the 95 % intervals hold, how wide they are, and how far off the forecast is two minutes ahead; beside it
 * what one could say who knows the lesson's true model and only not its numbers.
 */
export function coverage() {
  return forecastScenarios.map((scenario) => {
    const figures = measureForecasts(scenario, programForecast, lessons, true);
    return {
      figure: `forecast-coverage-${scenario.id}`,
      value: Number(figures.coveragePercent.toFixed(1)),
      unit: '%',
      expected: '90 to 99',
      forecasts: figures.forecasts,
      silentPercent: Number(figures.silentPercent.toFixed(1)),
      widthPercent: Number(figures.widthPercent.toFixed(0)),
      errorAtTwoMinutesS:
        figures.errorAtTwoMinutesS === null ? null : Number(figures.errorAtTwoMinutesS.toFixed(1)),
      ...against('oracle', figures.widthPercent, figures.oracle),
      ...against('anyLesson', figures.widthPercent, figures.anyLesson),
      ...(scenario.syrup && { expectedError: 'under 15 s' }),
    };
  });
}

/** The width beside that of one who knows more. */
function against(
  who: string,
  widthPercent: number,
  best: { widthPercent: number; errorAtTwoMinutesS: number } | null,
) {
  return best
    ? {
        [`${who}WidthPercent`]: Number(best.widthPercent.toFixed(1)),
        [`${who}WidthRatio`]: Number((widthPercent / best.widthPercent).toFixed(1)),
        [`${who}ErrorAtTwoMinutesS`]: Number(best.errorAtTwoMinutesS.toFixed(1)),
      }
    : {};
}
