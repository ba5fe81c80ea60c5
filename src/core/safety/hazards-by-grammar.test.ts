import { describe, expect, it } from 'vitest';
import { hazardIds, hazardsIn } from '.';
import { dangerLines, harmlessLines, oneByOne } from './testing/hazard-lines';
import { dangers, harmlessSentences } from './testing/hazard-sentences';

describe('dangers put together by a grammar', () => {
  it('none is missed, of any kind there is', () => {
    // A thermometer of glass is asked for by its name alone.
    expect(hazardIds.filter((id) => !(id in dangers))).toEqual(['glass-thermometer']);
    const tried = Object.entries(dangers).flatMap(([id, all]) => all.map((text) => ({ id, text })));
    expect(tried.length).toBeGreaterThan(1000);
    expect(tried.filter(({ id, text }) => !hazardsIn(text).some((one) => one === id))).toEqual([]);
  });

  it('none is missed in sentences as they come', () => {
    const tried = Object.entries(dangerLines).flatMap(([id, lines]) =>
      oneByOne(lines).map((text) => ({ id, text })),
    );
    expect(tried.length).toBeGreaterThan(150);
    expect(tried.filter(({ id, text }) => !hazardsIn(text).some((one) => one === id))).toEqual([]);
  });

  it('at most 3 in 100 harmless sentences are called one', () => {
    const harmless = [...harmlessSentences, ...oneByOne(harmlessLines)];
    expect(harmless.length).toBeGreaterThan(550);
    const alarms = harmless.filter((text) => hazardsIn(text).length > 0);
    expect(
      alarms.length / harmless.length,
      alarms.map((one) => `${one} ${hazardsIn(one).join()}`).join(' | '),
    ).toBeLessThanOrEqual(0.03);
  });
});
