import { describe, expect, it } from 'vitest';
import { correctedC, findJumps, timeToTarget, twoPointCorrection } from '.';
import { extremesKept } from './downsample';
import { findPlateaus } from './plateau';
import { readingSpreadC } from './reading-spread';

/** A reading each second of a curve. */
const trace = (
  seconds: number,
  celsiusAt: (second: number) => number,
  seen: (second: number) => boolean = () => true,
) => {
  const at = Array.from({ length: seconds }, (_, i) => i).filter(seen);
  return { seconds: at, celsius: at.map(celsiusAt) };
};
/** Climbs by half a degree a second, stands for `level` seconds at 100 °C, climbs on. */
const stand = (level: number) =>
  trace(200 + level, (s) => (s < 100 ? 50 + s / 2 : s < 100 + level ? 100 : 100 + (s - 100 - level) / 2));

describe('plateaus', () => {
  it('a block is level when the half minutes to both sides of it are; fifty seconds of those make one', () => {
    // Blocks of ten seconds; of 110 s those from the fourth to the eighth have level half minutes: 40 s; of 120 s, 50 s.
    expect(findPlateaus(stand(90))).toEqual([]);
    expect(findPlateaus(stand(110))).toEqual([]);
    expect(findPlateaus(stand(120))).toHaveLength(1);
    expect(findPlateaus(stand(130))).toHaveLength(1);
    const [long] = findPlateaus(stand(300));
    expect(long!.levelC).toBe(100);
    expect(long!.toS - long!.fromS).toBeCloseTo(230, 6);
    expect(long!.fromS).toBeGreaterThan(120);
    expect(long!.toS).toBeLessThan(380);
  });

  it('two levels with a climb between them are two; a minute and more without readings parts one level', () => {
    const twice = trace(700, (s) => (s < 250 ? 100 : s < 350 ? 100 + (s - 250) / 5 : 120));
    expect(findPlateaus(twice).map((one) => one.levelC)).toEqual([100, 120]);
    const level = (from: number, to: number) =>
      findPlateaus(
        trace(
          500,
          () => 100,
          (s) => s < from || s >= to,
        ),
      ).length;
    expect([level(200, 200), level(200, 240), level(200, 300)]).toEqual([1, 1, 2]);
  });
});

describe('a jump', () => {
  const jumps = (byC: number, overS: number) =>
    findJumps({ seconds: [0, 10, 10 + overS], celsius: [20, 20, 20 + byC] }).length;
  it.each([
    // Ten degrees a second are a plunged probe; under fifteen degrees it is noise.
    [14.9, 1, 0],
    [15, 1, 1],
    [-15, 1, 1],
    [15, 1.5, 0],
    [15.1, 1.5, 1],
    [20, 2, 0],
    [20.1, 2, 1],
    [40, 5, 0],
    [16, 0.1, 1],
    [30, 0.1, 1],
  ])('of %d °C in %d s: %d', (byC, overS, wanted) => {
    expect(jumps(byC, overS)).toBe(wanted);
  });
});

describe('a target that is hours away', () => {
  it('is not approached: four hours are the longest that is said', () => {
    // A hundredth of a degree a second, 0.6 °C a minute: 100 °C are 10 000 s, 200 °C 20 000 s.
    const slow = trace(600, (s) => 20 + 0.01 * s);
    expect(timeToTarget(slow, 126, 599).kind).toBe('reaching');
    expect(timeToTarget(slow, 226, 599).kind).toBe('not-approaching');
  });
});

describe('what a picture keeps of a trace', () => {
  it('all of it while it has no more readings than it may keep, else the extremes', () => {
    const flat = (n: number) =>
      extremesKept(
        trace(n, () => 20),
        5,
      );
    expect(flat(12)).toEqual(Array.from({ length: 12 }, (_, i) => i));
    expect(flat(7)).toHaveLength(7);
    expect(flat(13).length).toBeLessThanOrEqual(12);
    expect(flat(13)).toEqual(expect.arrayContaining([0, 12]));
    const peak = extremesKept(
      trace(1000, (s) => (s === 333 ? 90 : s === 700 ? -5 : 20)),
      5,
    );
    expect(peak).toEqual(expect.arrayContaining([0, 333, 700, 999]));
    // A peak and a trough in each fifth of the time: all ten are kept, and nothing but the ends beside them.
    const waves = extremesKept(
      trace(1000, (s) => (s % 200 === 60 ? 30 : s % 200 === 140 ? 10 : 20)),
      5,
    );
    expect(waves).toEqual([0, 60, 140, 260, 340, 460, 540, 660, 740, 860, 940, 999]);
    // Buckets are stretches of time, not of readings: a fast beginning does not crowd out a slow end.
    const uneven = {
      seconds: [
        ...Array.from({ length: 500 }, (_, i) => i / 10),
        ...Array.from({ length: 20 }, (_, i) => 60 + 10 * i),
      ],
      celsius: [...Array.from({ length: 500 }, () => 20), ...Array.from({ length: 20 }, (_, i) => 20 + i)],
    };
    expect(extremesKept(uneven, 5).filter((index) => index >= 500).length).toBeGreaterThanOrEqual(8);
  });
});

describe('how far readings scatter', () => {
  it('needs six of them to be told; before that the rounding speaks', () => {
    // To a hundredth no usual division fits: what is left is the least that is believed.
    const zigzag = (n: number) => readingSpreadC(trace(n, (s) => 50.03 + (s % 2 ? 0.37 : -0.37)));
    expect(zigzag(5)).toBe(0.1);
    // Each second difference is 2 × 0.37, over √1.5: 0.604; × 1.4826 = 0.896.
    expect(zigzag(6)).toBeCloseTo(0.896, 3);
    expect(readingSpreadC(trace(3, (s) => 50 + s))).toBeCloseTo(1 / Math.sqrt(12), 9);
  });
});

describe('a thermometer checked in ice and boiling water', () => {
  it('is refused where no water boils, and corrected by a straight line', () => {
    expect(() => twoPointCorrection(0, 98, 0)).toThrow(/localBoilingC is 0; allowed: .*above 0/);
    expect(() => twoPointCorrection(0, 98, -5)).toThrow(/localBoilingC/);
    expect(correctedC(49, twoPointCorrection(0, 98, 100))).toBeCloseTo(50, 9);
  });
});
