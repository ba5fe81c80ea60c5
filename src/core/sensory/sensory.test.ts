import binomialCdf from '@stdlib/stats-base-dists-binomial-cdf';
import { describe, expect, it } from 'vitest';
import { discrimination, jarPenalty, pairedPreference, servingOrders, threeDigitCodes } from '.';

describe('discrimination tests', () => {
  // ISO 4120, table A.1, α = 0.05: fewest correct answers of a triangle test.
  it.each([
    [6, 5],
    [12, 8],
    [18, 10],
    [24, 13],
    [30, 15],
    [36, 18],
  ])('triangle, %i assessors: %i', (trials, wanted) => {
    expect(discrimination('triangle', 0, trials).minimumCorrect).toBe(wanted);
  });

  it('agree with stdlib’s binomial at every count', () => {
    for (const trials of [5, 17, 60, 240]) {
      for (let correct = 1; correct <= trials; correct += 7) {
        expect(discrimination('triangle', correct, trials).p).toBeCloseTo(
          1 - binomialCdf(correct - 1, trials, 1 / 3),
          10,
        );
      }
    }
  });

  it('paired preference is two-sided: 15 of 20 is p = 0.0414 (sign test tables)', () => {
    expect(pairedPreference(15, 20)).toBeCloseTo(0.0414, 4);
    expect(pairedPreference(5, 20)).toBeCloseTo(0.0414, 4);
    expect(pairedPreference(10, 20)).toBe(1);
    expect(() => pairedPreference(21, 20)).toThrow(/preferA is 21; allowed: a whole number from 0 to 20/);
    expect(discrimination('duo-trio', 0, 4).minimumCorrect).toBeNull();
  });
});

describe('serving', () => {
  it('balances places and neighbours, for even and odd numbers of samples', () => {
    for (const samples of [3, 4, 5, 6]) {
      const rows = samples % 2 === 0 ? samples : 2 * samples;
      const orders = servingOrders(samples, rows, 7);
      const places = new Map<string, number>();
      const pairs = new Map<string, number>();
      for (const order of orders) {
        expect([...order].sort()).toEqual(Array.from({ length: samples }, (_, i) => i));
        order.forEach((sample, i) => {
          places.set(`${sample}@${i}`, (places.get(`${sample}@${i}`) ?? 0) + 1);
          if (i > 0)
            pairs.set(`${order[i - 1]}>${sample}`, (pairs.get(`${order[i - 1]}>${sample}`) ?? 0) + 1);
        });
      }
      expect(new Set(places.values())).toEqual(new Set([rows / samples]));
      expect(pairs.size).toBe(samples * (samples - 1));
      expect(new Set(pairs.values()).size).toBe(1);
    }
  });

  it('gives different three-digit codes, the same for a seed', () => {
    const codes = threeDigitCodes(200, 5);
    expect(new Set(codes).size).toBe(200);
    expect(threeDigitCodes(200, 5)).toEqual(codes);
    expect(threeDigitCodes(200, 6)).not.toEqual(codes);
  });

  it('every code but hundreds, triples and runs comes up in time: 900 − 9 − 9 − 7 − 8 = 867', () => {
    const seen = new Set(Array.from({ length: 60 }, (_, seed) => threeDigitCodes(300, seed)).flat());
    expect(seen.size).toBe(867);
    for (const inviting of ['100', '900', '111', '999', '123', '789', '210', '987']) {
      expect(seen).not.toContain(inviting);
    }
    for (const plain of ['101', '112', '124', '890', '990', '809']) expect(seen).toContain(plain);
  });

  it('begins again where there are more assessors than rows, and refuses what is no panel', () => {
    expect(servingOrders(4, 10, 1)).toHaveLength(10);
    expect(() => servingOrders(1, 10, 1)).toThrow(/samples is 1; allowed: a whole number from 2 to 12/);
    expect(() => servingOrders(4, 0, 1)).toThrow(/assessors is 0/);
    expect(() => threeDigitCodes(301, 1)).toThrow(/count is 301; allowed: a whole number from 1 to 300/);
  });
});

describe('just about right', () => {
  it('by hand: liking 8 where right, 5 for the half who found it too sweet: the drop is 3, the penalty 1.5', () => {
    const { right, tooMuch, tooLittle } = jarPenalty([
      { jar: 3, liking: 8 },
      { jar: 3, liking: 8 },
      { jar: 4, liking: 5 },
      { jar: 5, liking: 5 },
    ]);
    expect(right).toBe(0.5);
    expect(tooMuch).toEqual({ share: 0.5, meanDrop: 3, penalty: 1.5 });
    expect(tooLittle).toEqual({ share: 0, meanDrop: null, penalty: null });
  });
});
