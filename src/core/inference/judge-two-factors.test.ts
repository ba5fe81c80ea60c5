import { describe, expect, it } from 'vitest';
import { judgeTwoFactors, type LevelPair } from './judge-two-factors';

/** R’s ToothGrowth (C. I. Bliss, 1952): two supplements by three doses, ten animals each. */
const teeth = [
  [
    [15.2, 21.5, 17.6, 9.7, 14.5, 10, 8.2, 9.4, 16.5, 9.7],
    [19.7, 23.3, 23.6, 26.4, 20, 25.2, 25.8, 21.2, 14.5, 27.3],
    [25.5, 26.4, 22.4, 24.5, 24.8, 30.9, 26.4, 27.3, 29.4, 23],
  ],
  [
    [4.2, 11.5, 7.3, 5.8, 6.4, 10, 11.2, 11.2, 5.2, 7],
    [16.5, 16.5, 15.2, 17.3, 22.5, 17.3, 13.6, 14.5, 18.8, 15.5],
    [23.6, 18.5, 33.9, 25.5, 26.4, 32.5, 26.7, 21.5, 23.3, 29.5],
  ],
];

describe('two factors crossed', () => {
  it('R’s ToothGrowth, TukeyHSD(aov(len ~ supp * factor(dose))): differences; all three questions told, as by F', () => {
    const judged = judgeTwoFactors(teeth, 0)!;
    const { first, second, interaction } = judged;
    const differences = (pairs: readonly LevelPair[]) =>
      pairs.map(({ from, to, difference }) => `${to}-${from} ${difference.toFixed(3)}`);
    expect(differences(first.pairs)).toEqual(['1-0 -3.700']);
    expect(differences(second.pairs)).toEqual(['1-0 9.130', '2-0 15.495', '2-1 6.365']);
    // Residual mean square 13.19 on 54; by F 15.572, 92.000 and 4.107 all three are told, p 0.0002, 4e-18 and 0.022.
    expect(judged.sd ** 2).toBeCloseTo(13.19, 2);
    expect(judged.df).toBe(54);
    expect([first.told, second.told, interaction!.told]).toEqual([true, true, true]);
    expect(interaction!.p).toBeGreaterThan(0.005);
    expect(interaction!.p).toBeLessThan(0.045);
    // OJ 22.70 and 26.06, VC 16.77 and 26.14 at the two higher doses: 9.37 less 3.36.
    expect(interaction!.farthest).toMatchObject({ first: [0, 1], second: [1, 2] });
    expect(interaction!.farthest.difference).toBeCloseTo(6.01, 2);
  });

  it('by hand: cells 1, 3 | 5, 7 | 2, 4 | 6, 8: differences 1 and 4 with one standard error, nothing between them', () => {
    const cells = [
      [
        [1, 3],
        [5, 7],
      ],
      [
        [2, 4],
        [6, 8],
      ],
    ];
    const judged = judgeTwoFactors(cells, 0)!;
    const [first, second] = [judged.first.pairs[0]!, judged.second.pairs[0]!];
    const differences = [first.difference, second.difference, judged.interaction!.farthest.difference];
    expect(differences.map((one) => one.toFixed(9))).toEqual(['1.000000000', '4.000000000', '0.000000000']);
    expect([judged.df, judged.sd]).toEqual([4, Math.SQRT2]);
    // Every cell’s variance is 2, of a difference of two rows 4 × 2/2 × 1/4 = 1; Satterthwaite 4 × 1.25 = 5 degrees of
    // freedom. t = 4 on 5: by Wallace z = 41/43 × √(5 ln(1 + 16/5)) = 2.554; with a spread of 1 from the instrument t is
    // 4 / √1.5 and z = 41/43 × √(5 ln(1 + 16/7.5)) = 2.279.
    expect(second.z).toBeCloseTo(2.554, 3);
    expect(judgeTwoFactors(cells, 1)!.second.pairs[0]!.z).toBeCloseTo(2.279, 3);
    expect(first.high - first.difference).toBeGreaterThan(2.57);
    expect(judged.first.told).toBe(false);
  });

  it('measured alike in every station: the rounding alone is the spread; without it nothing is told', () => {
    const flat = [
      [
        [1, 1],
        [2, 2],
      ],
      [
        [1, 1],
        [2, 2],
      ],
    ];
    expect(judgeTwoFactors(flat, 0)!.second.told).toBe(false);
    const judged = judgeTwoFactors(flat, 0.1)!;
    expect(judged.sd).toBeCloseTo(0.1, 12);
    expect([judged.first.told, judged.second.told]).toEqual([false, true]);
  });

  it('a station missing: the answer stands, and a treatment of one station counts for little', () => {
    const row = (mean: number) => [0, 1, 2].map(() => [mean - 0.1, mean + 0.1]);
    const cells = [row(5), row(7), row(9)];
    const whole = judgeTwoFactors(cells, 0)!.first.pairs[0]!;
    expect([whole.difference, whole.told]).toEqual([expect.closeTo(2, 12), true]);
    // One station of 8 in a treatment of 5: weight 0.25 beside 1.25 of each other one.
    const gap = [[[8], ...row(5).slice(1)], row(7), row(9)];
    const judged = judgeTwoFactors(gap, 0)!;
    expect(judged.first.told).toBe(true);
    expect(judged.first.pairs[0]!.difference).toBeGreaterThan(1.6);
    const empty = judgeTwoFactors([[[], ...row(5).slice(1)], row(7), row(9)], 0)!;
    // None of it: the rows are held against each other over the two columns they share.
    expect(empty.first.pairs[0]!.difference).toBeCloseTo(2, 12);
    expect([empty.first.told, empty.df]).toEqual([true, 8]);
  });

  it('a hump: the ends, which are alike, are not told apart; the middle is', () => {
    const row = (mean: number) => [mean, mean + 0.1].map((one) => [one - 0.1, one, one + 0.1]);
    const { pairs } = judgeTwoFactors([row(5), row(9), row(5)], 0)!.first;
    expect(pairs.map(({ from, to, told }) => [from, to, told])).toEqual([
      [0, 1, true],
      [0, 2, false],
      [1, 2, true],
    ]);
  });

  it('one station each: what each factor does is told beside what both leave, and nothing of the one changing the other', () => {
    const cells = [0, 10, 20].map((row) =>
      [0, 1, 2, 3].map((column) => [row + column + 0.2 * ((row + column) % 3)]),
    );
    const judged = judgeTwoFactors(cells, 0.1)!;
    expect(judged.interaction).toBeNull();
    expect([judged.first.told, judged.df]).toEqual([true, 6]);
  });

  it('is silent where treatments do not hang together, or there is no spread to see', () => {
    const pair = [1, 2];
    expect(
      judgeTwoFactors(
        [
          [[1], [2]],
          [[3], []],
        ],
        0,
      ),
    ).toBeNull();
    expect(
      judgeTwoFactors(
        [
          [pair, []],
          [[], pair],
        ],
        0,
      ),
    ).toBeNull();
    expect(judgeTwoFactors([[pair, pair]], 0)).toBeNull();
    expect(judgeTwoFactors([[pair], [pair]], 0)).toBeNull();
    expect(judgeTwoFactors([], 0)).toBeNull();
  });
});
