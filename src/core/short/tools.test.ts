import { describe, expect, it } from 'vitest';
import { inOtherTin, shrinkToScarcest, toolSwapsFor } from '.';

describe('what is scarcest', () => {
  it('shrinks the batch to it, never grows it', () => {
    const lines = (have: number[]) => have.map((haveG, i) => ({ name: 'abc'[i]!, wantedG: 100, haveG }));
    expect(shrinkToScarcest(lines([90, 84, 100]))).toEqual({ factor: 0.84, scarcest: 'b' });
    expect(shrinkToScarcest(lines([200, 100]))).toEqual({ factor: 1, scarcest: null });
    expect(shrinkToScarcest([{ name: 'x', wantedG: 5, haveG: 0 }]).factor).toBe(0);
    expect(() => shrinkToScarcest([{ name: 'x', wantedG: 0, haveG: 0 }])).toThrow('lines');
  });
});

describe('tools', () => {
  it('a tin of another size: depth by the floor, time between depth and its square', () => {
    // 20 cm for 23 cm round: 415 for 314 cm²; common practice: a third deeper.
    const { depthTimes, minutesTimes } = inOtherTin((Math.PI * 23 ** 2) / 4, (Math.PI * 20 ** 2) / 4);
    expect(depthTimes).toBeCloseTo(1.3225, 9);
    expect([minutesTimes.low, minutesTimes.high]).toEqual([depthTimes, depthTimes ** 2]);
    expect(inOtherTin(100, 200).minutesTimes).toEqual({ low: 0.25, high: 0.5 });
  });

  it('what does instead, with what it changes; nothing for what nobody knows', () => {
    expect(toolSwapsFor('cutter, 5 cm')).toHaveLength(2);
    expect(toolSwapsFor('thermometer 2')[1]!.changes).toContain('nothing replaces the probe');
    expect(toolSwapsFor('moon rake')).toEqual([]);
  });
});
