import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  authorityCalled,
  checkCooling,
  checkCore,
  equivalentMinutes,
  foodKindCalled,
  minutesBetween,
  twoFourHourRule,
} from '.';

const held = (celsius: number, minutes: number) => [
  { minute: 0, celsius },
  { minute: minutes, celsius },
];

describe('lethality', () => {
  // UK Food Standards Agency: combinations held to be equivalent to 70 °C for 2 minutes.
  it.each([
    [60, 45],
    [65, 10],
    [70, 2],
    [75, 0.5],
    [80, 0.1],
  ])('%i °C for %f min is 2 min at 70 °C within 20 %% at z = 7.5 °C', (celsius, minutes) => {
    expect(Math.abs(equivalentMinutes(held(celsius, minutes), 70, 7.5) / 2 - 1)).toBeLessThan(0.2);
  });

  it('integrates a ramp exactly: from 60 to 70 °C in 10 min, z = 10, it is 0.9/ln 10 × 10 min', () => {
    const ramp = [0, 10].map((minute) => ({ minute, celsius: 60 + minute }));
    expect(equivalentMinutes(ramp, 70, 10)).toBeCloseTo((10 * 0.9) / Math.LN10, 9);
  });

  it('is the same however finely the same line is read, and grows with every degree', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 80, noNaN: true }),
        fc.double({ min: -10, max: 10, noNaN: true }),
        fc.integer({ min: 2, max: 30 }),
        (celsius, rise, parts) => {
          const line = (n: number, more = 0) =>
            Array.from({ length: n + 1 }, (_, i) => ({
              minute: (12 * i) / n,
              celsius: celsius + more + (rise * i) / n,
            }));
          const whole = equivalentMinutes(line(1), 70, 7.5);
          expect(equivalentMinutes(line(parts), 70, 7.5) / whole).toBeCloseTo(1, 8);
          expect(equivalentMinutes(line(1, 1), 70, 7.5)).toBeGreaterThan(whole);
        },
      ),
    );
  });
});

describe('core temperatures', () => {
  it('US FDA Food Code 3-401.11: poultry 74 °C at once, minced 68 °C for 17 s, whole cuts 63 °C for 15 s', () => {
    expect(checkCore('fda', 'poultry', { celsius: 74, heldSeconds: 0 }).safe).toBe(true);
    expect(checkCore('fda', 'poultry', { celsius: 73.9, heldSeconds: 600 }).safe).toBe(false);
    expect(checkCore('fda', 'minced', { celsius: 68, heldSeconds: 16 }).safe).toBe(false);
    expect(checkCore('fda', 'minced', { celsius: 68, heldSeconds: 17 }).safe).toBe(true);
    expect(checkCore('fda', 'whole-cut', { celsius: 63, heldSeconds: 15 })).toMatchObject({
      safe: true,
      required: '63 °C for 15 s',
    });
  });

  it('UK: 70 °C for 2 min or as much; 75 °C for 30 s counts, 68 °C for 2 min does not', () => {
    expect(checkCore('uk-fsa', 'poultry', { readings: held(70, 2) }).safe).toBe(true);
    expect(checkCore('uk-fsa', 'poultry', { readings: held(75, 0.5) }).safe).toBe(true);
    expect(checkCore('uk-fsa', 'minced', { celsius: 68, heldSeconds: 120 }).safe).toBe(false);
  });

  it('USDA: 63 °C and three minutes’ rest; a fall below starts the hold anew', () => {
    const dip = [
      { minute: 0, celsius: 64 },
      { minute: 2, celsius: 64 },
      { minute: 2.5, celsius: 60 },
      { minute: 3, celsius: 64 },
      { minute: 5, celsius: 64 },
    ];
    expect(checkCore('usda', 'whole-cut', { readings: dip }).safe).toBe(false);
    expect(checkCore('usda', 'whole-cut', { readings: held(63, 3) }).safe).toBe(true);
  });

  it('know foods and authorities by the words people use', () => {
    expect(
      ['chicken thigh', 'Turkey koftas', 'beefburger', 'salmon', 'rump steak', 'tofu'].map(foodKindCalled),
    ).toEqual(['poultry', 'poultry', 'minced', 'fish', 'whole-cut', undefined]);
    expect(['FDA', 'UK', 'USDA', 'nobody'].map(authorityCalled)).toEqual([
      'fda',
      'uk-fsa',
      'usda',
      undefined,
    ]);
  });
});

describe('cooling', () => {
  const line = (...points: [number, number][]) => points.map(([minute, celsius]) => ({ minute, celsius }));

  it('US FDA 3-501.14: 57 to 21 °C within 2 h and to 5 °C within 6 h in all', () => {
    // 80 °C at 0, falling 1 °C in 2 min: 57 °C at 46 min, 21 °C at 118 min, 5 °C at 150 min.
    const steady = checkCooling(line([0, 80], [154, 3]), 'fda');
    expect(steady.passes).toBe(true);
    expect(steady.stages.map((stage) => stage.takenMinutes!)).toEqual([
      expect.closeTo(72, 6),
      expect.closeTo(104, 6),
    ]);
    const slow = checkCooling(line([0, 57], [130, 21], [300, 5]), 'fda');
    expect(slow.stages.map((stage) => stage.passes)).toEqual([false, true]);
    expect(slow.passes).toBe(false);
  });

  it('UK: 63 to 8 °C, usually within 90 min; not there yet is not a pass', () => {
    expect(checkCooling(line([0, 63], [89, 8]), 'uk-fsa').passes).toBe(true);
    expect(checkCooling(line([0, 63], [91, 8]), 'uk-fsa').passes).toBe(false);
    expect(checkCooling(line([0, 63], [60, 20]), 'uk-fsa')).toMatchObject({
      passes: false,
      stages: [{ takenMinutes: null }],
      soFarMinutes: 60,
    });
  });

  it('adds up every stay in the danger zone', () => {
    // In at 30 min (60 °C), out at 85 min (5 °C); in again for the ten minutes above 5 °C on the way to 10 and back.
    const readings = line([0, 90], [90, 0], [100, 10], [110, 0]);
    expect(minutesBetween(readings, 5, 60)).toBeCloseTo(55 + 10, 9);
    expect([119, 120, 240, 241].map(twoFourHourRule)).toEqual([
      'use or chill',
      'use now',
      'use now',
      'throw away',
    ]);
  });
});
