import { describe, expect, it } from 'vitest';
import { calculators, runCalculator } from '.';

describe('more of one thing', () => {
  /** What more of an input does to a result, the rest as in the example. */
  const trends: [id: string, input: string, key: string, direction: 1 | -1, from: number, to: number][] = [
    ['air-pressure', 'altitudeM', 'pressureKPa', -1, -500, 11_000],
    ['water-boiling-point', 'altitudeM', 'boilingC', -1, -500, 11_000],
    ['latent-heat', 'temperatureC', 'kJPerKg', -1, 0, 370],
    ['evaporation-time', 'waterG', 'minutes', 1, 0, 10_000],
    ['evaporation-time', 'powerW', 'minutes', -1, 10, 5000],
    ['syrup-boiling-point', 'sucrosePercent', 'boilingC', 1, 0, 99.5],
    ['syrup-concentration', 'boilingC', 'sucrosePercent', 1, 100, 166],
    ['water-activity', 'waterG', 'waterActivity', 1, 5, 5000],
    ['stage-target', 'seaLevelC', 'localC', 1, 0, 300],
    ['thermometer-correction', 'readingC', 'trueC', 1, -50, 300],
    ['oven-setting', 'value', 'conventionalF', 1, 50, 300],
    ['kitchen-measure', 'amount', 'amount', 1, 0, 1000],
    ['carbon-dioxide', 'bicarbonateG', 'volumeL', 1, 0, 20],
    ['neutralising-acid', 'bicarbonateG', 'acidG', 1, 0, 100],
    ['egg-time', 'massG', 'minutes', 1, 20, 200],
    ['egg-time', 'yolkC', 'minutes', 1, 45, 94],
    ['egg-doneness', 'minutes', 'yolkPeakC', 1, 0.5, 30],
    ['centre-temperature', 'minutes', 'centreC', 1, 0, 500],
    ['centre-temperature', 'halfThicknessMm', 'centreC', -1, 2, 100],
    ['bake-time-scaling', 'newHalfThicknessMm', 'minutes', 1, 2, 100],
    ['cooling-forecast', 'targetC', 'minutes', -1, 21, 54],
    ['starch-gelatinisation', 'temperatureC', 'fraction', 1, 20, 120],
    ['starch-gelatinisation', 'sugarPercent', 'fraction', -1, 0, 65],
    ['overrun', 'massAfterG', 'overrunPercent', -1, 10, 100],
    ['q10', 'rate2', 'q10', 1, 0.1, 100],
    ['triangle-test', 'correct', 'p', -1, 0, 18],
  ];

  it.each(trends)('%s: more %s moves %s by %i', (id, input, key, direction, from, to) => {
    const { example, inputs } = calculators.find((one) => one.id === id)!;
    const spec = inputs[input] as { whole?: boolean };
    let before: number | null = null;
    for (let i = 0; i <= 40; i += 1) {
      const value = from + ((to - from) * i) / 40;
      const given = { ...example, [input]: spec.whole ? Math.round(value) : value };
      const here = runCalculator(id, given).result[key] as number;
      if (before !== null) expect((here - before) * direction).toBeGreaterThanOrEqual(-1e-9);
      before = here;
    }
  });
});
