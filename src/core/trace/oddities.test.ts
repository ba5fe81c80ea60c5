import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { celsiusAt, ChangeWatch, findLevelShifts, findOutliers, overshoot, resampled, withoutWild } from '.';

function traceOf(length: number, celsius: (second: number) => number) {
  const seconds = Array.from({ length }, (_, i) => i);
  return { seconds, celsius: seconds.map(celsius) };
}

describe('resampling', () => {
  it('reads straight lines exactly, keeps the ends, and makes nothing up across a gap', () => {
    const trace = { seconds: [0, 7, 10, 400, 410], celsius: [20, 27, 30, 90, 100] };
    expect([celsiusAt(trace, 3.5), celsiusAt(trace, -9), celsiusAt(trace, 999)]).toEqual([23.5, 20, 100]);
    const { seconds, celsius } = resampled(trace, 5);
    expect(seconds).toEqual([0, 5, 10, 400, 405, 410]);
    expect(celsius).toEqual([20, 25, 30, 90, 95, 100]);
    expect(celsiusAt({ seconds: [], celsius: [] }, 1)).toBeNull();
  });
});

describe('overshoot', () => {
  it('is how far the pan went past, and for how long; one wild reading is none', () => {
    const trace = traceOf(100, (s) => (s < 60 ? 140 + s * 0.2 : 152 - (s - 60) * 0.5));
    expect(overshoot(trace, 150)).toMatchObject({
      byC: expect.closeTo(1.8, 0) as number,
      atS: expect.closeTo(60, -1) as number,
    });
    expect(overshoot(trace, 150)!.beyondS).toBeCloseTo(13, -1);
    expect(
      overshoot(
        traceOf(9, () => 150),
        150,
      ),
    ).toBeNull();
    expect(
      overshoot(
        traceOf(9, () => 150.5),
        150,
      ),
    ).toEqual({ byC: 0.5, atS: 0, beyondS: 8 });
    expect(
      overshoot({ ...trace, celsius: trace.celsius.map((c, i) => (i === 20 ? 190 : Math.min(c, 149))) }, 150),
    ).toBeNull();
  });
});

describe('a changed thermometer', () => {
  const random = seededRandom(12);

  it('is found where it was changed, by how much, on a climb and on a plateau', () => {
    for (const slope of [0, 0.08]) {
      const trace = traceOf(200, (s) => 98 + slope * s + (s >= 120 ? 2.4 : 0) + 0.12 * random.normal());
      const [shift, ...others] = findLevelShifts(trace);
      expect(others).toEqual([]);
      expect(Math.abs(shift!.index - 120)).toBeLessThanOrEqual(2);
      expect(shift!.byC).toBeCloseTo(2.4, 0);
    }
  });

  it('is not seen in a pan that comes to the boil', () => {
    const trace = traceOf(300, (s) => Math.min(98, 60 + 0.3 * s) + 0.12 * random.normal());
    expect(findLevelShifts(trace)).toEqual([]);
  });
});

describe('wild readings', () => {
  it('are marked by place, and a clean climb has none', () => {
    const random = seededRandom(4);
    const trace = traceOf(120, (s) => 60 + 0.25 * s + 0.1 * random.normal());
    expect(findOutliers(trace)).toEqual([]);
    const wild = trace.celsius.map((c, i) => (i === 33 ? c + 12 : i === 90 ? c - 30 : c));
    expect(findOutliers({ ...trace, celsius: wild })).toEqual([33, 90]);
    // Fewer than four neighbours tell nothing; from five readings on the middle one can stand out.
    expect(findOutliers(traceOf(4, (s) => (s === 1 ? 90 : 20)))).toEqual([]);
    expect(findOutliers(traceOf(5, (s) => (s === 2 ? 90 : 20)))).toEqual([2]);
    // A degree on readings that do not scatter is not yet wild.
    expect(findOutliers(traceOf(20, (s) => (s === 9 ? 21 : 20)))).toEqual([]);
    expect(findOutliers(traceOf(20, (s) => (s === 9 ? 21.01 : 20)))).toEqual([9]);
  });
});

describe('another thermometer', () => {
  // Readings each 2 s with 0.15 °C of noise, 2 °C more from one of them on: thirteen times their spread.
  it.each([0, 1, 2, 3, 4, 5, 6])(
    'is seen within half a minute whichever reading it begins with (%d)',
    (late) => {
      const random = seededRandom(12);
      const watch = new ChangeWatch(2, true);
      const from = 60 + late;
      for (let i = 0; i < from + 15; i += 1)
        watch.add(2 * i, 101 + 0.004 * i + (i >= from ? 2 : 0) + 0.15 * random.normal(), 0.15, Infinity);
      expect(watch.changed).toBe(true);
      expect(watch.start).toBe(from);
    },
  );
});

describe('readings that are no pan’s', () => {
  const water = (i: number) => 70 + 0.2 * i;
  it('are told from the others: out of the pan for half a minute, and a slip of the finger', () => {
    const seconds = Array.from({ length: 100 }, (_, i) => 2 * i);
    const celsius = seconds.map((_, i) => (i >= 40 && i < 55 ? 30 : i === 70 ? 540 : water(i)));
    const { kept, wild } = withoutWild({ seconds, celsius });
    expect(wild.seconds).toEqual([...seconds.slice(40, 55), 140]);
    expect(kept.celsius).toEqual(celsius.filter((_, i) => !(i >= 40 && i < 55) && i !== 70));
    // Nothing is left out of a pan that is left alone.
    expect(withoutWild({ seconds, celsius: seconds.map((_, i) => water(i)) }).wild.seconds).toEqual([]);
  });

  it('a pan that comes to the boil leaves its line by standing still, and nothing of it is left out', () => {
    const boils = (s: number) => Math.min(20 + 0.27 * s, 100.8 + 0.01 * (s - 300));
    for (const every of [2, 10, 30]) {
      const seconds = Array.from({ length: Math.floor(700 / every) }, (_, i) => every * i);
      expect(withoutWild({ seconds, celsius: seconds.map(boils) }).wild.seconds, `each ${every} s`).toEqual(
        [],
      );
    }
    // The same with a quarter of a minute missing on the way.
    const gap = Array.from({ length: 300 }, (_, i) => 2 * i).filter((s) => s < 282 || s > 306);
    expect(withoutWild({ seconds: gap, celsius: gap.map(boils) }).wild.seconds).toEqual([]);
  });
});
