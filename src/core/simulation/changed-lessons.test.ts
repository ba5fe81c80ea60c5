import { describe, expect, it } from 'vitest';
import { foresee } from '../forecast';
import { changedScenarios, measureChanged } from '.';

describe('intervals after something was done by hand', () => {
  // A short look at what `npm run bench -- changed` measures over 200 lessons each; of so few, 80 % is what 90 % may show.
  const held = changedScenarios.filter(({ id }) =>
    [
      'turned-up',
      'turned-down',
      'water-turned-up',
      'thermometer-out',
      'lid-on',
      'cold-water-in',
      'room-warms',
    ].includes(id),
  );
  it.each(held.map((scenario) => [scenario.about, scenario] as const))('%s', (_, scenario) => {
    const { coverageAfter90Percent, silentAfter90Percent, forecasts } = measureChanged(
      scenario,
      ({ batch, localBoilingC, targetC, rising, core, surroundings }, trace, now) =>
        foresee(
          { ...{ batch, boilingC: localBoilingC, core, surroundings }, steams: rising && batch === null },
          trace,
          targetC,
          now,
        ).forecast,
      12,
    );
    expect(forecasts).toBeGreaterThan(40);
    expect(coverageAfter90Percent).toBeGreaterThanOrEqual(80);
    expect(silentAfter90Percent).toBeLessThan(45);
  });
});
