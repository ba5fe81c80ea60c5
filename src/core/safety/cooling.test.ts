import { describe, expect, it } from 'vitest';
import { checkCooling, minutesBetween, minutesUnseen, twoFourHourRule } from '.';

describe('the clock of cooling', () => {
  it('starts where the food falls below the line, between two readings, and not where it only stands on it', () => {
    const check = (readings: [number, number][]) =>
      checkCooling(
        readings.map(([minute, celsius]) => ({ minute, celsius })),
        'fda',
      ).stages[0]!;
    // 60 to 50 °C in 10 min: below 57 °C after 3 min; 21 °C at the 83rd: 80 min.
    expect(
      check([
        [0, 60],
        [10, 50],
        [50, 30],
        [83, 21],
      ]).takenMinutes,
    ).toBeCloseTo(80, 9);
    // On the line for half an hour, then below: counted from when it leaves it.
    expect(
      check([
        [0, 57],
        [30, 57],
        [60, 39],
        [90, 21],
      ]).takenMinutes,
    ).toBeCloseTo(60, 9);
    // To the limit is within it.
    const until = (minute: number) =>
      check([
        [0, 57],
        [40, 45],
        [80, 33],
        [minute, 21],
      ]).verdict;
    expect([until(120), until(121)]).toEqual(['yes', 'no']);
  });
});

describe('cooling', () => {
  const line = (...points: [number, number][]) => points.map(([minute, celsius]) => ({ minute, celsius }));
  /** A straight fall read every quarter of an hour. */
  const fall = (from: number, to: number, minutes: number) =>
    Array.from({ length: Math.ceil(minutes / 15) + 1 }, (_, i) => {
      const minute = Math.min(minutes, i * 15);
      return { minute, celsius: from + ((to - from) * minute) / minutes };
    });

  it('US FDA 3-501.14: 57 to 21 °C within 2 h and to 5 °C within 6 h in all', () => {
    // 80 °C at 0, falling 1 °C in 2 min: 57 °C at 46 min, 21 °C at 118 min, 5 °C at 150 min.
    const steady = checkCooling(fall(80, 3, 154), 'fda');
    expect(steady.verdict).toBe('yes');
    expect(steady.stages.map((stage) => stage.takenMinutes!)).toEqual([
      expect.closeTo(72, 6),
      expect.closeTo(104, 6),
    ]);
    const slow = checkCooling(
      line([0, 57], [50, 40], [110, 25], [130, 21], [180, 12], [230, 8], [280, 5]),
      'fda',
    );
    expect(slow.stages.map((stage) => stage.verdict)).toEqual(['no', 'yes']);
    expect(slow).toMatchObject({ verdict: 'no', passes: false });
  });

  it('UK: 63 to 8 °C, usually within 90 min; not there yet is can’t tell, and no once the time is over', () => {
    expect(checkCooling(line([0, 63], [45, 30], [89, 8]), 'uk-fsa').verdict).toBe('yes');
    expect(checkCooling(line([0, 63], [45, 30], [90.5, 8]), 'uk-fsa').verdict).not.toBe('yes');
    expect(checkCooling(line([0, 63], [40, 30], [80, 10], [91, 8]), 'uk-fsa').verdict).toBe('no');
    expect(checkCooling(line([0, 63], [30, 40], [60, 20]), 'uk-fsa')).toMatchObject({
      verdict: 'cannot-tell',
      passes: false,
      stages: [{ takenMinutes: null }],
      soFarMinutes: 60,
    });
    expect(checkCooling(line([0, 63], [30, 40], [60, 30], [95, 20]), 'uk-fsa').verdict).toBe('no');
  });

  it('the clock starts at the first fall and one reading above the start does not set it back', () => {
    const blip = line([0, 64], [10, 62], [40, 40], [60, 64], [80, 20], [100, 12], [120, 8]);
    const checked = checkCooling(blip, 'uk-fsa');
    expect(checked.verdict).toBe('no');
    expect(checked.stages[0]!.takenMinutes).toBeCloseTo(115, 6);
  });

  it('what began below the start has an unknown history; a long gap hides one', () => {
    expect(checkCooling(line([0, 50], [20, 20], [40, 5]), 'uk-fsa').verdict).toBe('cannot-tell');
    expect(checkCooling(line([0, 4], [60, 4]), 'uk-fsa').verdict).toBe('cannot-tell');
    expect(checkCooling(line([0, 50], [40, 30], [80, 20], [95, 12]), 'uk-fsa').verdict).toBe('no');
    const gap = checkCooling(line([0, 63], [60, 20], [85, 8]), 'uk-fsa');
    expect(gap).toMatchObject({ verdict: 'cannot-tell', passes: false });
    expect(gap.missing).toContain('between minute 0 and 60');
    // However it fell in between, it was above 21 °C for more than 2 h.
    expect(checkCooling(line([0, 58], [10, 56], [140, 22], [150, 20], [200, 4]), 'fda').verdict).toBe('no');
  });

  it('hours nobody saw are no “use or chill”: where they would change the answer, there is none', () => {
    const rule = (...points: [minute: number, celsius: number][]) => {
      const readings = line(...points);
      return twoFourHourRule(minutesBetween(readings, 5, 60), minutesUnseen(readings, 5, 60));
    };
    expect(rule([0, 4], [600, 4])).toBe('cannot-tell');
    expect(rule([0, 4], [60, 4], [120, 4])).toBe('use or chill');
    expect(rule([0, 4], [100, 4])).toBe('use or chill');
    expect(rule([0, 20], [300, 20])).toBe('throw away');
    expect(rule([0, 20], [250, 20], [600, 4])).toBe('throw away');
  });

  it('adds up every stay in the danger zone', () => {
    // In at 30 min (60 °C), out at 85 min (5 °C); in again for the ten minutes above 5 °C on the way to 10 and back.
    const readings = line([0, 90], [90, 0], [100, 10], [110, 0]);
    expect(minutesBetween(readings, 5, 60)).toBeCloseTo(55 + 10, 9);
    expect([119, 120, 240, 241].map((minutes) => twoFourHourRule(minutes))).toEqual([
      'use or chill',
      'use now',
      'use now',
      'throw away',
    ]);
  });
});
