import { differenceCiede2000, lab65, parse } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  browningIndex,
  ciede2000,
  enzymicBrowning,
  enzymicRate,
  fitArrhenius,
  fitFirstOrder,
  fitZeroOrder,
  labOfHex,
  maillardRate,
  q10,
  type Lab,
} from '.';

/** Sharma, Wu and Dalal (2005), table 1: L a b, L a b, ΔE00. */
const published = `
50 2.6772 -79.7751 50 0 -82.7485 2.0425
50 3.1571 -77.2803 50 0 -82.7485 2.8615
50 2.8361 -74.0200 50 0 -82.7485 3.4412
50 -1.3802 -84.2814 50 0 -82.7485 1.0000
50 -1.1848 -84.8006 50 0 -82.7485 1.0000
50 -0.9009 -85.5211 50 0 -82.7485 1.0000
50 0 0 50 -1 2 2.3669
50 -1 2 50 0 0 2.3669
50 2.4900 -0.0010 50 -2.4900 0.0009 7.1792
50 2.4900 -0.0010 50 -2.4900 0.0010 7.1792
50 2.4900 -0.0010 50 -2.4900 0.0011 7.2195
50 2.4900 -0.0010 50 -2.4900 0.0012 7.2195
50 -0.0010 2.4900 50 0.0009 -2.4900 4.8045
50 -0.0010 2.4900 50 0.0010 -2.4900 4.8045
50 -0.0010 2.4900 50 0.0011 -2.4900 4.7461
50 2.5 0 50 0 -2.5 4.3065
50 2.5 0 73 25 -18 27.1492
50 2.5 0 61 -5 29 22.8977
50 2.5 0 56 -27 -3 31.9030
50 2.5 0 58 24 15 19.4535
50 2.5 0 50 3.1736 0.5854 1.0000
50 2.5 0 50 3.2972 0 1.0000
50 2.5 0 50 1.8634 0.5757 1.0000
50 2.5 0 50 3.2592 0.3350 1.0000
60.2574 -34.0099 36.2677 60.4626 -34.1751 39.4387 1.2644
63.0109 -31.0961 -5.8663 62.8187 -29.7946 -4.0864 1.2630
61.2901 3.7196 -5.3901 61.4292 2.2480 -4.9620 1.8731
35.0831 -44.1164 3.7933 35.0232 -40.0716 1.5901 1.8645
22.7233 20.0904 -46.6940 23.0331 14.9730 -42.5619 2.0373
36.4612 47.8580 18.3852 36.2715 50.5065 21.2231 1.4146
90.8027 -2.0831 1.4410 91.1528 -1.6435 0.0447 1.4441
90.9257 -0.5406 -0.9208 88.6381 -0.8985 -0.7239 1.5381
6.7747 -0.2908 -2.4247 5.8714 -0.0985 -2.2286 0.6377
2.0776 0.0795 -1.1350 0.9033 -0.0636 -0.5514 0.9082
`
  .trim()
  .split('\n')
  .map((line) => line.split(' ').map(Number));

const colour = fc.record({
  L: fc.double({ min: 0, max: 100, noNaN: true }),
  a: fc.double({ min: -100, max: 100, noNaN: true }),
  b: fc.double({ min: -100, max: 100, noNaN: true }),
});

describe('CIEDE2000', () => {
  it('meets all 34 published pairs to the four digits printed', () => {
    expect(published).toHaveLength(34);
    for (const [l1, a1, b1, l2, a2, b2, wanted] of published as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ][]) {
      expect(ciede2000({ L: l1, a: a1, b: b1 }, { L: l2, a: a2, b: b2 }).toFixed(4)).toBe(wanted.toFixed(4));
    }
  });

  it('agrees with culori, is symmetric, and 0 only for the same colour', () => {
    const theirs = differenceCiede2000();
    const lab = ({ L, a, b }: Lab) => ({ mode: 'lab65' as const, l: L, a, b });
    fc.assert(
      fc.property(colour, colour, (first, second) => {
        expect(ciede2000(first, second)).toBeCloseTo(theirs(lab(first), lab(second)), 8);
        expect(ciede2000(second, first)).toBeCloseTo(ciede2000(first, second), 6);
        expect(ciede2000(first, first)).toBe(0);
      }),
    );
  });
});

describe('CIELAB of a screen colour', () => {
  it('agrees with culori within the rounding of the standard’s matrix, and has white and black exactly', () => {
    for (const hex of ['#a9551f', '#1c6a73', '#f4e6bf', '#5a2810', '#00ff00', '#808080']) {
      const { l, a, b } = lab65(parse(hex)!);
      const ours = labOfHex(hex);
      expect(Math.abs(ours.L - l)).toBeLessThan(0.02);
      expect(Math.abs(ours.a - (a ?? 0))).toBeLessThan(0.03);
      expect(Math.abs(ours.b - (b ?? 0))).toBeLessThan(0.03);
    }
    const [white, black] = ['#fff', '#000'].map(labOfHex);
    expect([white!.L, white!.a, white!.b].map((x) => x.toFixed(9).replace('-0.0', '0.0'))).toEqual([
      '100.000000000',
      '0.000000000',
      '0.000000000',
    ]);
    expect(black!.L).toBeCloseTo(0, 12);
    expect(() => labOfHex('brown')).toThrow(/hex is "brown"; allowed: a colour such as #a9551f/);
  });
});

describe('browning index', () => {
  it('is near 0 for white, by hand 64.3 at L 60, a 10, b 25, and grows as bread browns', () => {
    expect(Math.abs(browningIndex({ L: 100, a: 0, b: 0 }))).toBeLessThan(0.1);
    // x = (10 + 105)/(338.7 + 10 − 75.3) = 0.420629; (0.420629 − 0.31)/0.172 × 100 = 64.32.
    expect(browningIndex({ L: 60, a: 10, b: 25 })).toBeCloseTo(64.32, 1);
    const crust = ['#f4e6bf', '#ebcb7e', '#dda045', '#bf6f2c', '#96481a'].map((hex) =>
      browningIndex(labOfHex(hex)),
    );
    expect(crust).toEqual([...crust].sort((a, b) => a - b));
    expect(() => browningIndex({ L: 5, a: 0, b: 60 })).toThrow(/b is 60/);
  });
});

describe('rates below freezing', () => {
  it('are rates as well: eight times as fast over thirty degrees is a Q₁₀ of 2', () => {
    expect(q10(1, -40, 8, -10)).toBeCloseTo(2, 12);
    expect(() => q10(1, -41, 8, -10)).toThrow(/temperature1C/);
    expect(() => q10(1, 0, 8, -41)).toThrow(/temperature2C/);
    const points = [-40, -30, -20].map((temperatureC) => ({
      temperatureC,
      rate: 1e10 * Math.exp(-60_000 / (8.31446261815324 * (temperatureC + 273.15))),
    }));
    expect(fitArrhenius(points).kJPerMol).toBeCloseTo(60, 6);
  });
});

describe('rates', () => {
  it('Q₁₀: twice as fast at 10 °C more is 2, whatever the distance', () => {
    expect(q10(1, 100, 4, 120)).toBeCloseTo(2, 12);
    expect(() => q10(1, 100, 4, 100)).toThrow(/temperature2C is 100/);
  });

  it('finds the activation energy that made the rates, 120 kJ/mol', () => {
    const points = [100, 115, 130, 150].map((temperatureC) => ({
      temperatureC,
      rate: 1e13 * Math.exp(-120_000 / (8.31446261815324 * (temperatureC + 273.15))),
    }));
    const { kJPerMol, r2, rateAt } = fitArrhenius(points);
    expect(kJPerMol).toBeCloseTo(120, 8);
    expect(r2).toBeCloseTo(1, 12);
    expect(rateAt(115) / points[1]!.rate).toBeCloseTo(1, 9);
  });

  it('fits zero and first order to what they made', () => {
    const minutes = [0, 5, 10, 20, 40];
    expect(
      fitZeroOrder(
        minutes,
        minutes.map((t) => 80 - 0.4 * t),
      ).k,
    ).toBeCloseTo(-0.4, 12);
    expect(
      fitFirstOrder(
        minutes,
        minutes.map((t) => 30 + 50 * Math.exp(-0.06 * t)),
        30,
      ).k,
    ).toBeCloseTo(0.06, 12);
    expect(() => fitFirstOrder(minutes, [80, 70, 29, 40, 35], 30)).toThrow(/y\[2\] is 29/);
  });
});

describe('dark colours', () => {
  it('the straight foot of sRGB below 0.04045: #0a0a0a has L* 2.74, by hand 903.3 × (10 / 255 / 12.92)', () => {
    const { L } = labOfHex('#0a0a0a');
    expect(L).toBeCloseTo((903.2963 * (10 / 255)) / 12.92, 3);
    // The first above the foot: ((11 / 255 + 0.055) / 1.055)^2.4 = 0.003347, L* 3.02.
    expect(labOfHex('#0b0b0b').L).toBeCloseTo(903.2963 * ((11 / 255 + 0.055) / 1.055) ** 2.4, 3);
  });
});

describe('browning models', () => {
  const plain = { pH: 6, temperatureC: 21, ascorbicPercent: 0, saltPercent: 0 };

  it('Maillard: faster hot and alkaline, best half dry, hardly at all in boiling water (common practice)', () => {
    const rate = (temperatureC: number, pH = 6, waterActivity = 0.7) =>
      maillardRate({ temperatureC, pH, waterActivity });
    expect(rate(120)).toBeCloseTo(1, 9);
    // Q₁₀ of 2 to 4 is reported; 120 kJ/mol gives 2.5 near 120 °C.
    expect(rate(130) / rate(120)).toBeGreaterThan(2);
    expect(rate(130) / rate(120)).toBeLessThan(3);
    expect(rate(150, 8)).toBeGreaterThan(4 * rate(150, 6));
    expect(rate(99, 6, 0.99)).toBeLessThan(0.1);
  });

  it('enzymic: a plain pear is well browned in 40 min; acid, ascorbic acid, salt, cold and blanching each help', () => {
    expect(enzymicBrowning(plain, 40)).toBeGreaterThan(0.6);
    expect(enzymicBrowning({ ...plain, pH: 3 }, 40)).toBeLessThan(0.1);
    expect(enzymicBrowning({ ...plain, ascorbicPercent: 1 }, 40)).toBe(0);
    expect(enzymicBrowning({ ...plain, saltPercent: 2 }, 40)).toBeLessThan(0.5);
    expect(enzymicRate({ ...plain, temperatureC: 4 })).toBeLessThan(enzymicRate(plain) / 2);
    expect(enzymicRate({ ...plain, temperatureC: 90 })).toBeLessThan(enzymicRate(plain) / 100);
    // Salt hinders by a factor e for every 1.5 % (teaching value).
    expect(enzymicRate(plain) / enzymicRate({ ...plain, saltPercent: 1.5 })).toBeCloseTo(Math.E, 9);
    expect(enzymicRate(plain) / enzymicRate({ ...plain, saltPercent: 4.5 })).toBeCloseTo(Math.E ** 3, 9);
  });
});
