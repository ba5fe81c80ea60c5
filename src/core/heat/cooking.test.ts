import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  conductionStep,
  cookEgg,
  donenessAt,
  eggBody,
  eggMinutes,
  forecastCooling,
  gasMarks,
  meatDoneness,
  ovenSetting,
  uniformBody,
  yolkDoneness,
} from '.';

describe('the closed form of the egg', () => {
  it('Williams’s example: 57 g from the refrigerator takes 4½ minutes to a yolk of 63 °C', () => {
    expect(eggMinutes(57, 4, 63, 100)).toBeCloseTo(4.5, 1);
    // By hand with his constants: 400.6 s × ln(0.76 × 96/37) = 271.9 s.
    expect(eggMinutes(57, 4, 63, 100)).toBeCloseTo(4.533, 2);
  });

  it('takes longer for larger, colder and harder eggs, and higher up', () => {
    const minutes = eggMinutes(60, 10, 65, 100);
    expect(eggMinutes(70, 10, 65, 100)).toBeGreaterThan(minutes);
    expect(eggMinutes(60, 5, 65, 100)).toBeGreaterThan(minutes);
    expect(eggMinutes(60, 10, 70, 100)).toBeGreaterThan(minutes);
    expect(eggMinutes(60, 10, 65, 96)).toBeGreaterThan(minutes);
    expect(() => eggMinutes(60, 10, 98, 96)).toThrow(/yolkC is 98; allowed: above .* below the water’s 96.0/);
  });

  it('runs ahead of the whole sphere by its missing second term: under 3 °C at 65 °C, under 1 °C at 80 °C', () => {
    // 0.76 = 2 sin(πx)/(πx) puts the edge of the yolk at x = 0.691 of the radius: a third of the volume is yolk.
    for (const massG of [50, 60, 75]) {
      for (const [yolkC, within] of [
        [65, 3],
        [80, 1],
      ] as const) {
        const seconds = eggMinutes(massG, 8, yolkC, 100) * 60;
        let state = uniformBody(8, 200);
        for (let i = 0; i < 400; i += 1) {
          state = conductionStep(state, eggBody(massG), 100, 1e6, seconds / 400, i < 4 ? 1 : 0.5);
        }
        expect(yolkC - state.shells[138]!).toBeGreaterThan(0);
        expect(yolkC - state.shells[138]!).toBeLessThan(within);
      }
    }
  });
});

describe('an egg in water', () => {
  const pan = { massG: 60, localBoilingC: 99.97 };
  const doneness = (method: Parameters<typeof cookEgg>[2], minutes: number, startC = 21) =>
    donenessAt(yolkDoneness, cookEgg(pan, startC, method, minutes).yolkPeakC).name;

  it('common practice, large egg from room temperature into boiling water: 5½ soft, 7 to 8 medium, 10 to 11 hard', () => {
    expect(doneness('boiling-start', 5.5)).toBe('soft');
    expect([7, 7.5, 8].map((minutes) => doneness('boiling-start', minutes))).toEqual([
      'medium',
      'medium',
      'medium',
    ]);
    expect([10, 11].map((minutes) => doneness('boiling-start', minutes))).toEqual(['hard', 'hard']);
  });

  it('common practice: covered off the heat for 10 to 12 minutes it is hard', () => {
    expect([10, 12].map((minutes) => doneness('boil-and-stand', minutes, 5))).toEqual(['hard', 'hard']);
  });

  it('goes on cooking in the quench, and takes longer where water boils lower', () => {
    const low = cookEgg(pan, 21, 'boiling-start', 8);
    const high = cookEgg({ ...pan, localBoilingC: 92 }, 21, 'boiling-start', 8);
    expect(low.yolkPeakC).toBeGreaterThan(low.yolkCentreC + 5);
    expect(high.yolkPeakC).toBeLessThan(low.yolkPeakC - 3);
  });

  it('scales of doneness name every temperature', () => {
    expect([20, 50, 63, 75].map((celsius) => donenessAt(meatDoneness, celsius).name)).toEqual([
      'raw',
      'rare',
      'medium',
      'well done',
    ]);
  });
});

describe('oven settings', () => {
  it('common practice: 180 °C is 160 °C fan and gas 4, gas 4 is 350 °F, 190 °C is gas 5', () => {
    expect(ovenSetting(180, 'C')).toMatchObject({ fanC: 160, gasMark: 4, conventionalF: 356 });
    expect(ovenSetting(4, 'gas')).toEqual({ conventionalC: 180, conventionalF: 350, fanC: 160, gasMark: 4 });
    expect(ovenSetting(190, 'C').gasMark).toBe(5);
    expect(ovenSetting(350, 'F').gasMark).toBe(4);
    expect(ovenSetting(160, 'fanC').gasMark).toBe(4);
    // Within 12 °C of a mark it is that mark; beyond, an oven has none.
    expect([98, 97.9, 252, 252.1].map((celsius) => ovenSetting(celsius, 'C').gasMark)).toEqual([
      0.25,
      null,
      9,
      null,
    ]);
    expect(() => ovenSetting(301, 'C')).toThrow(/value is 301; allowed: a number from 50 to 300 °C/);
    expect(() => ovenSetting(121, 'F')).toThrow(/from 122 to 572 °F/);
    expect(() => ovenSetting(281, 'fanC')).toThrow(/from 30 to 280 °C/);
    expect(() => ovenSetting(4.5, 'gas')).toThrow(/a gas mark: 0.25, 0.5, 1, 2/);
  });

  it('gas marks from 1 up are 250 + 25 × mark °F, and their °C are within 8 °C of that', () => {
    for (const { mark, fahrenheit, celsius } of gasMarks) {
      if (mark >= 1) expect(fahrenheit).toBe(250 + 25 * mark);
      expect(Math.abs(celsius - (fahrenheit - 32) / 1.8)).toBeLessThan(8);
    }
    expect(() => ovenSetting(11, 'gas')).toThrow(/value is 11; allowed: a gas mark/);
  });
});

describe('cooling', () => {
  it('finds the time constant of exact readings and the minute of the target', () => {
    const at = (minute: number) => ({ minute, celsius: 20 + 60 * Math.exp(-minute / 40) });
    const forecast = forecastCooling([0, 5, 12, 20].map(at), 20, 35);
    expect(forecast.timeConstantMinutes).toBeCloseTo(40, 6);
    // 60 e^(−t/40) = 15 at t = 40 ln 4.
    expect(forecast.atMinute).toBeCloseTo(40 * Math.log(4), 6);
    expect(forecast.minutes).toBeCloseTo(40 * Math.log(4) - 20, 6);
    // Exact readings are no certainty: 15 °C above a room known to 1 °C moves the moment by some 40/15 min a degree.
    expect(forecast.minutes - forecast.low).toBeGreaterThan(2);
    expect(forecast.high! - forecast.minutes).toBeGreaterThan(2);
  });

  it('warms as it cools, and refuses what cannot be', () => {
    const warming = forecastCooling(
      [0, 10, 20].map((minute) => ({ minute, celsius: 20 - 15 * Math.exp(-minute / 30) })),
      20,
      18,
    );
    expect(warming.atMinute).toBeCloseTo(30 * Math.log(7.5), 6);
    const readings = [
      { minute: 0, celsius: 80 },
      { minute: 5, celsius: 70 },
      { minute: 9, celsius: 64 },
    ];
    expect(() => forecastCooling(readings, 20, 15)).toThrow(/targetC is 15; allowed: above the surroundings/);
    expect(() => forecastCooling([readings[1]!, readings[0]!, readings[2]!], 20, 40)).toThrow(
      /readings\[1\]\.minute is 0/,
    );
    expect(() => forecastCooling(readings, 70, 72)).toThrow(/readings\[1\]\.celsius is 70/);
    fc.assert(
      fc.property(fc.double({ min: 21, max: 60, noNaN: true }), (targetC) => {
        const { minutes, low, high } = forecastCooling(readings, 20, targetC);
        expect(low <= minutes && (high === null || minutes <= high)).toBe(true);
      }),
    );
  });
});

describe('a forecast of cooling', () => {
  const readings = (...celsius: number[]) => celsius.map((one, i) => ({ minute: 10 * i, celsius: one }));

  it('allows for a room a degree warmer or colder, whichever moves the moment more', () => {
    // Excess 60, 30, 15, 7.5 °C halves each ten minutes; 3 °C are left at 10 log₂ 20 = 43.2 min.
    const { low, high, atMinute, minutes } = forecastCooling(readings(80, 50, 35, 27.5), 20, 23);
    expect(atMinute).toBeCloseTo(10 * Math.log2(20), 6);
    expect(minutes).toBeCloseTo(atMinute - 30, 9);
    // In a room of 21 °C the last reading is 6.5 away and the target 2: it takes about 47 min and more.
    const warmer = forecastCooling(readings(80, 50, 35, 27.5), 21, 23);
    expect(high!).toBeGreaterThan(warmer.minutes);
    expect(low).toBeLessThan(minutes - (warmer.minutes - minutes) * 0.9);
  });

  it('a food near its surroundings is known less well than one that is still hot', () => {
    const width = (targetC: number, ...celsius: number[]) => {
      const { low, high } = forecastCooling(readings(...celsius), 0, targetC);
      return high! - low;
    };
    // The same halving from 80 and from 40 °C to a tenth: a reading’s spread and a warmer room are twice as much there.
    expect(width(4, 40, 20, 10, 5) / width(8, 80, 40, 20, 10)).toBeGreaterThan(1.7);
    expect(forecastCooling(readings(80, 40, 20, 10), 0, 8).high).not.toBeNull();
    expect(forecastCooling(readings(80, 40, 20, 10), 0, 0.9).high).toBeNull();
  });

  it('refuses fewer than three readings and those that are not in order', () => {
    expect(() => forecastCooling(readings(80, 50), 20, 25)).toThrow(/readings .*at least 3 readings/);
    const back = [
      { minute: 0, celsius: 80 },
      { minute: 10, celsius: 50 },
      { minute: 10, celsius: 40 },
    ];
    expect(() => forecastCooling(back, 20, 25)).toThrow(
      /readings\[2\]\.minute is 10; allowed: after minute 10/,
    );
  });
});
