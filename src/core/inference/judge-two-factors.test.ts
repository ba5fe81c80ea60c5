import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { tries } from '../random/testing/sampled';
import { judgeTwoFactors } from './judge-two-factors';

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
  it('R, aov(len ~ supp * factor(dose)): F 15.572, 92.000 and 4.107; residual mean square 13.19; p by Holm', () => {
    const judged = judgeTwoFactors(teeth, 0)!;
    const { first, second, interaction } = judged;
    expect([first.f, second.f, interaction.f].map((f) => f.toFixed(3))).toEqual([
      '15.572',
      '92.000',
      '4.107',
    ]);
    expect([first.df, second.df, interaction.df]).toEqual([
      [1, 54],
      [2, 54],
      [2, 54],
    ]);
    expect(judged.sd ** 2).toBeCloseTo(13.19, 2);
    // R’s p.adjust(method = "holm"): 0.000231 counts twice, the largest once.
    expect(first.p).toBeCloseTo(2 * 0.0002312, 6);
    expect(interaction.p).toBeCloseTo(0.02186, 5);
    expect([first.told, second.told, interaction.told]).toEqual([true, true, true]);
    // Means from R’s model.tables: OJ 20.663, VC 16.963; doses 10.605, 19.735, 26.100.
    expect(judged.firstMeans.map((mean) => mean.toFixed(3))).toEqual(['20.663', '16.963']);
    expect(judged.secondMeans.map((mean) => mean.toFixed(3))).toEqual(['10.605', '19.735', '26.100']);
  });

  it('intervals count all three questions: t at 0.025/3 for two levels, 0.025/9 for three', () => {
    // qt(1 − 0.025/3, 54) = 2.471 and qt(1 − 0.025/9, 54) = 2.886 (t tables interpolated between 50 and 60).
    const judged = judgeTwoFactors(teeth, 0)!;
    expect(judged.halfFirst / (judged.sd * Math.sqrt(2 / 30))).toBeCloseTo(2.471, 2);
    expect(judged.halfSecond / (judged.sd * Math.sqrt(2 / 20))).toBeCloseTo(2.886, 2);
  });

  it('by hand: cells 1, 3 | 5, 7 | 2, 4 | 6, 8: second factor 64 of squares / 2 within', () => {
    // Means 2, 6 | 3, 7; within 2 each (8 on 4 df → 2); first: 8·0.25 = 2; second: 8·4 = 32; together 0.
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
    expect([judged.first.f, judged.second.f, judged.interaction.f]).toEqual([1, 16, 0]);
    expect([judged.df, judged.sd]).toEqual([4, Math.SQRT2]);
    // The instrument’s spread of 1 is added to the variance: 3 in place of 2.
    expect(judgeTwoFactors(cells, 1)!.second.f).toBeCloseTo(32 / 3, 12);
    // p(F ≥ 16; 1, 4) = 0.0161 counts three times: 0.048 is told, and is not with the rounding in it.
    expect(judged.second.p).toBeCloseTo(3 * 0.01613, 4);
    expect([judged.second.told, judgeTwoFactors(cells, 1)!.second.told]).toEqual([true, false]);
  });

  it('measured alike in every station: the rounding alone is the spread; without it nothing can be said', () => {
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
    expect(judgeTwoFactors(flat, 0)).toBeNull();
    const judged = judgeTwoFactors(flat, 0.1)!;
    expect(judged.sd).toBeCloseTo(0.1, 12);
    expect([judged.first.told, judged.second.told]).toEqual([false, true]);
  });

  it('stations missing: hardly less is told, and no more is told that is not there', () => {
    const random = seededRandom(24);
    const times = tries(4000, 800);
    const classes = (effect: number, missing: number) => {
      let told = 0;
      for (let one = 0; one < times; one += 1) {
        const cells = [0, 1, 2].map((i) =>
          [0, 1, 2].map((j) =>
            Array.from({ length: i * 3 + j < missing ? 1 : 2 }, () => effect * i + random.normal()),
          ),
        );
        const judged = judgeTwoFactors(cells, 0)!;
        if (judged.first.told || (effect === 0 && (judged.second.told || judged.interaction.told))) told += 1;
      }
      return told / times;
    };
    for (const missing of [0, 1, 4])
      expect(classes(0, missing), `${missing} missing`).toBeLessThan(
        0.05 + 3 * Math.sqrt((0.05 * 0.95) / times),
      );
    const whole = classes(1, 0);
    expect(classes(1, 1) / whole).toBeGreaterThan(0.75);
  });

  it('is silent where no treatment has two stations, or one has none', () => {
    const pair = [1, 2];
    expect(
      judgeTwoFactors(
        [
          [[1], [2]],
          [[3], [4]],
        ],
        0,
      ),
    ).toBeNull();
    expect(
      judgeTwoFactors(
        [
          [pair, pair],
          [pair, []],
        ],
        0,
      ),
    ).toBeNull();
    expect(judgeTwoFactors([[pair, pair], [pair]], 0)).toBeNull();
    expect(judgeTwoFactors([[pair, pair]], 0)).toBeNull();
    expect(judgeTwoFactors([[pair], [pair]], 0)).toBeNull();
    expect(judgeTwoFactors([], 0)).toBeNull();
  });
});
