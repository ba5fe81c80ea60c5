import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import {
  correctedC,
  extremesKept,
  findJumps,
  findPlateaus,
  presentPlateau,
  readingSpreadC,
  robustSlope,
  timeToTarget,
  twoPointCorrection,
} from '.';
import { divisionOfReadings } from './reading-spread';

function traceOf(length: number, celsiusAt: (second: number) => number) {
  const seconds = Array.from({ length }, (_, i) => i);
  return { seconds, celsius: seconds.map(celsiusAt) };
}

describe('robust slope', () => {
  it('is the slope of a straight line, and stays so when a quarter of the readings are wild', () => {
    const random = seededRandom(5);
    const trace = traceOf(40, (s) => (s % 4 === 3 ? 300 * random.uniform() : 80 + 0.1 * s));
    expect(robustSlope(trace)!.slope).toBeCloseTo(0.1, 1);
    expect(robustSlope(traceOf(40, (s) => 80 + 0.1 * s))!.slope).toBeCloseTo(0.1, 9);
  });

  it('covers the true slope in about 95 of 100 noisy windows', () => {
    const random = seededRandom(11);
    let held = 0;
    for (let trial = 0; trial < 400; trial += 1) {
      const { low, high } = robustSlope(traceOf(30, (s) => 100 + 0.05 * s + 0.2 * random.normal()))!;
      if (low <= 0.05 && high >= 0.05) held += 1;
    }
    expect(held / 400).toBeGreaterThan(0.92);
  });
});

describe('time to target', () => {
  it('finds 100 s for 10 °C at 0.1 °C a second, upwards and downwards', () => {
    expect(
      timeToTarget(
        traceOf(60, (s) => 80 + 0.1 * s),
        95.9,
        59,
      ),
    ).toMatchObject({ kind: 'reaching' });
    const up = timeToTarget(
      traceOf(60, (s) => 80 + 0.1 * s),
      95.9,
      59,
    );
    const down = timeToTarget(
      traceOf(60, (s) => 80 - 0.1 * s),
      64.1,
      59,
    );
    expect(up.kind === 'reaching' && up.seconds).toBeCloseTo(100, 6);
    expect(down.kind === 'reaching' && down.seconds).toBeCloseTo(100, 6);
  });

  it('says reached, not approaching and too few where that is so', () => {
    expect(
      timeToTarget(
        traceOf(60, (s) => 80 + 0.1 * s),
        84,
        59,
      ).kind,
    ).toBe('reached');
    expect(
      timeToTarget(
        traceOf(60, () => 80),
        84,
        59,
      ).kind,
    ).toBe('not-approaching');
    // A pan that cools has not reached what lies above it; one that came down to its target has.
    expect(
      timeToTarget(
        traceOf(60, (s) => 83 - 0.05 * s),
        84,
        59,
      ).kind,
    ).toBe('not-approaching');
    expect(
      timeToTarget(
        traceOf(60, (s) => 87 - 0.1 * s),
        84,
        59,
      ).kind,
    ).toBe('reached');
    expect(
      timeToTarget(
        traceOf(2, (s) => 80 + s),
        84,
        1,
      ).kind,
    ).toBe('too-few-readings');
  });
});

describe('robust slope', () => {
  it('needs three readings, at two moments at least; its level is where the line stands at the last', () => {
    expect(robustSlope({ seconds: [0, 1], celsius: [20, 21] })).toBeNull();
    expect(robustSlope({ seconds: [5, 5, 5], celsius: [20, 21, 22] })).toBeNull();
    expect(robustSlope({ seconds: [0, 10, 20], celsius: [20, 21, 22] })).toMatchObject({
      slope: 0.1,
      levelC: 22,
      spreadC: 0,
    });
    // Theil’s line through four, one of them wild: the slopes are 1, 1, 1, 16, 31, 46 / 3; their median is 8.17.
    const { slope } = robustSlope({ seconds: [0, 1, 2, 3], celsius: [0, 1, 2, 49] })!;
    expect(slope).toBeCloseTo((1 + 46.9 / 3) / 2, 0);
  });
});

describe('spread of readings', () => {
  it('is the scatter about a climb, however far apart the readings lie, and no less than their division', () => {
    const random = seededRandom(21);
    for (const sd of [0.3, 0.8]) {
      const spreads = Array.from({ length: 30 }, () => {
        const seconds: number[] = [];
        for (let at = 0; seconds.length < 60; at += 5 + 40 * random.uniform()) seconds.push(at);
        const celsius = seconds.map((at) => 20 + 0.2 * at + sd * random.normal());
        return readingSpreadC({ seconds, celsius });
      });
      const mean = spreads.reduce((sum, one) => sum + one, 0) / spreads.length;
      expect(mean / sd).toBeGreaterThan(0.88);
      expect(mean / sd).toBeLessThan(1.12);
    }
    expect(readingSpreadC(traceOf(40, (s) => 20 + s))).toBeCloseTo(1 / Math.sqrt(12), 9);
    // Read to the nearest 5 °F.
    const lines = traceOf(40, (s) => (Math.round((100 + s) / 5) * 5 - 32) / 1.8);
    expect(divisionOfReadings(lines.celsius)).toBeCloseTo(25 / 9, 9);
    expect(divisionOfReadings([20.13, 20.27])).toBe(0);
    expect(divisionOfReadings([20.5, 21])).toBe(0.5);
  });
});

describe('plateau', () => {
  const random = seededRandom(2);
  // Rises to 98 °C in 200 s, stays there for 300 s, climbs on: the shape of boiling syrup.
  const trace = traceOf(800, (s) => {
    const true_ = s < 200 ? 20 + 0.39 * s : s < 500 ? 98 : 98 + 0.1 * (s - 500);
    return true_ + 0.15 * random.normal();
  });

  it('is found once, in its place, through noise', () => {
    const plateaus = findPlateaus(trace);
    expect(plateaus).toHaveLength(1);
    expect(plateaus[0]!.levelC).toBeCloseTo(98, 0);
    expect(Math.abs(plateaus[0]!.fromS - 200)).toBeLessThan(40);
    expect(Math.abs(plateaus[0]!.toS - 500)).toBeLessThan(40);
  });

  it('is announced while it lasts and no longer', () => {
    const until = (end: number) => ({
      seconds: trace.seconds.slice(0, end),
      celsius: trace.celsius.slice(0, end),
    });
    expect(presentPlateau(until(150), 150)).toBeNull();
    expect(presentPlateau(until(400), 400)?.levelC).toBeCloseTo(98, 0);
    expect(presentPlateau(until(640), 640)).toBeNull();
  });
});

describe('downsampling', () => {
  it('keeps the ends and the extremes of any trace, in order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -20, max: 250, noNaN: true }), { minLength: 3, maxLength: 600 }),
        (celsius) => {
          const kept = extremesKept({ seconds: celsius.map((_, i) => i), celsius }, 40);
          const values = kept.map((i) => celsius[i]!);
          expect(kept.length).toBeLessThanOrEqual(82);
          expect(kept[0]).toBe(0);
          expect(kept.at(-1)).toBe(celsius.length - 1);
          expect(Math.max(...values)).toBe(Math.max(...celsius));
          expect(Math.min(...values)).toBe(Math.min(...celsius));
          expect([...kept].sort((a, b) => a - b)).toEqual(kept);
        },
      ),
    );
  });
});

describe('jumps', () => {
  it('marks 40 °C in a second and nothing in an ordinary climb', () => {
    const trace = traceOf(60, (s) => 90 + 0.2 * s + (s === 30 ? 40 : 0));
    expect(findJumps(trace).map((jump) => jump.atS)).toEqual([30, 31]);
    expect(findJumps(traceOf(60, (s) => 90 + 3 * s))).toEqual([]);
  });
});

describe('two-point correction', () => {
  it('makes ice read 0 and boiling water the local boiling point', () => {
    const correction = twoPointCorrection(0.8, 97.1, 96);
    expect(correctedC(0.8, correction)).toBeCloseTo(0, 12);
    expect(correctedC(97.1, correction)).toBeCloseTo(96, 12);
    // By hand: gain 96 / 96.3 = 0.996885; 118.4 reads (118.4 − 0.8) × 0.996885 = 117.2336.
    expect(correctedC(118.4, correction)).toBeCloseTo(117.2336, 4);
    expect(() => twoPointCorrection(40, 97, 96)).toThrow(/iceReadingC is 40/);
  });
});
