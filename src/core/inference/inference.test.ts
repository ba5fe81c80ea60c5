import { describe, expect, it } from 'vitest';
import { gamesHowell, welchTest } from '../statistics';
import { divisionSeen, isScore, judgeLevels, judgeTrend, simulateFamilywise, spreadOfRounding } from '.';

const plantGrowth = [
  { name: 'ctrl', values: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14] },
  { name: 'trt1', values: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69] },
  { name: 'trt2', values: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26] },
];
const ask = { control: null, leastSd: 0, ordinal: false };

describe('levels without an order', () => {
  it('R, PlantGrowth: beside Tukey (0.391, 0.198, 0.012) and Games and Howell, each pair by its own spread', () => {
    const judged = judgeLevels({ ...ask, levels: plantGrowth })!;
    const byOwnSpread = gamesHowell(
      Object.fromEntries(plantGrowth.map(({ name, values }) => [name, values])),
    );
    expect(judged.pairs.map(({ name, against, told }) => [`${name}-${against}`, told])).toEqual([
      ['trt1-ctrl', false],
      ['trt2-ctrl', false],
      ['trt2-trt1', true],
    ]);
    // With ten plants each the two ways are all but the same.
    judged.pairs.forEach(({ p, difference }, i) => {
      expect(p / byOwnSpread[i]!.p).toBeGreaterThan(0.75);
      expect(p / byOwnSpread[i]!.p).toBeLessThan(1.3);
      expect(difference).toBeCloseTo(byOwnSpread[i]!.difference, 12);
    });
    expect(judged.globalP).toBe(judged.pairs[2]!.p);
  });

  it('against a control: no surer than one comparison alone, no less than Bonferroni’s two', () => {
    const judged = judgeLevels({ ...ask, levels: plantGrowth, control: 'ctrl' })!;
    judged.pairs.forEach(({ p, told }, i) => {
      const alone = welchTest(plantGrowth[0]!.values, plantGrowth[i + 1]!.values).p;
      expect(told).toBe(false);
      expect(p).toBeGreaterThan(alone);
      expect(p).toBeLessThan(2.2 * alone);
    });
  });

  it('no spread is no certainty: the rounding of the instrument makes the interval', () => {
    const levels = [
      { name: 'a', values: [12, 12] },
      { name: 'b', values: [13, 13] },
    ];
    const judged = judgeLevels({ ...ask, levels, leastSd: spreadOfRounding(1) })!;
    const [pair] = judged.pairs;
    expect(pair!.low!).toBeLessThan(0);
    expect(pair!.high! - pair!.low!).toBeGreaterThan(2);
    expect(pair!.told).toBe(false);
    // Far apart they are told apart all the same.
    const far = judgeLevels({
      ...ask,
      levels: [levels[0]!, { name: 'b', values: [19, 19] }],
      leastSd: spreadOfRounding(1),
    })!;
    expect(far.pairs[0]!.told).toBe(true);
  });

  it('scores by their ranks: exact for small classes, no interval; two against two can tell nothing', () => {
    const scores = (a: number[], b: number[]) =>
      judgeLevels({
        ...{ ...ask, leastSd: spreadOfRounding(1) },
        ordinal: true,
        levels: [
          { name: 'a', values: a },
          { name: 'b', values: b },
        ],
      })!;
    expect(scores([1, 1], [5, 5]).pairs[0]!.shuffledP).toBeCloseTo(2 / 6, 12);
    expect(scores([1, 1], [5, 5]).globalP).toBeGreaterThan(0.33);
    const four = scores([1, 2, 1, 2], [4, 5, 5, 4]);
    expect(four.globalP).toBeCloseTo(2 / 70, 12);
    expect(four.pairs[0]).toMatchObject({ told: true, low: null, high: null });
    // Shuffled, only the order counts: 100 in place of 5 changes nothing; told is what holds as numbers, too.
    const stretched = scores([1, 2, 1, 2], [4, 100, 100, 4]);
    expect(stretched.pairs[0]!.shuffledP).toBe(four.pairs[0]!.shuffledP);
    expect(stretched.told).toBe(false);
  });

  it('each pair by its own spread: two quiet levels are told apart beside a noisy one, which is told from neither', () => {
    const levels = [
      { name: 'a', values: [10, 10.2, 9.9, 10.1] },
      { name: 'b', values: [11, 11.1, 10.9, 11.2] },
      { name: 'noisy', values: [8, 14, 10, 12.5] },
    ];
    const judged = judgeLevels({ ...ask, levels })!;
    expect(judged.pairs.map(({ told }) => told)).toEqual([true, false, false]);
    // One spread for all of them would find nothing: √((0.05 + 0.05 + 21.2) / 9) = 1.54 against a difference of 1.
    expect(judged.sd).toBeCloseTo(1.54, 2);
    expect(judged.pairs[0]!.high! - judged.pairs[0]!.low!).toBeLessThan(1.2);
    expect(judged.pairs[1]!.high! - judged.pairs[1]!.low!).toBeGreaterThan(6);
  });

  it('a level of one station is held against no other; the others are', () => {
    const levels = [
      { name: 'a', values: [1, 1.1, 0.9] },
      { name: 'alone', values: [90] },
      { name: 'b', values: [5, 5.1, 4.9] },
    ];
    const [pair, ...rest] = judgeLevels({ ...ask, levels })!.pairs;
    expect([pair!.name, pair!.against, pair!.told, rest.length]).toEqual(['b', 'a', true, 0]);
  });

  it('one station a level tells nothing', () => {
    const levels = ['a', 'b', 'c'].map((name, i) => ({ name, values: [i] }));
    expect(judgeLevels({ ...ask, levels })).toBeNull();
  });
});

describe('a trend', () => {
  const points = (levels: Record<number, number[]>) =>
    Object.entries(levels).flatMap(([x, ys]) => ys.map((y) => ({ x: Number(x), y, level: x })));

  it('lack of fit, by hand: the middle level lies 2 above its line', () => {
    // Means 1, 4, 1 at 0, 1, 2 with repeats ±0.1: the line is flat at 2. Of each level 0.02 of squares on 1 degree, of all
    // 0.06 on 3: variance (0.02 + 1.5 × 0.06/3) / 2.5 = 0.02, of a mean 0.01. The miss is 2/3 of the middle less 1/3 of each end:
    // 0.01 × 6/9; by Satterthwaite, every level worth 1.25: (6/9)² / ((4/9)² + 2 (1/9)²) × 1.25 = 2.5.
    const judged = judgeTrend(points({ 0: [0.9, 1.1], 1: [3.9, 4.1], 2: [0.9, 1.1] }), 0, false)!;
    expect(judged.told).toBe(false);
    const { worst, told, sd } = judged.lackOfFit!;
    expect(told).toBe(true);
    expect(worst.level).toBe('1');
    expect([worst.off, worst.se ** 2, worst.df, sd ** 2].map((one) => one.toFixed(6))).toEqual([
      '2.000000',
      '0.006667',
      '2.500000',
      '0.020000',
    ]);
  });

  it('points of a level that lie apart along x: what the line does within a level is none of its spread', () => {
    // Exactly on y = 2x, pairs 0.2 apart: a spread of 0.28 within a level, and none about the line.
    const apart = [0, 0.2, 5, 5.2, 10, 10.2].map((x, i) => ({ x, y: 2 * x, level: `${i >> 1}` }));
    const judged = judgeTrend(apart, 0.01, false)!;
    expect(judged.change).toBeCloseTo(20.4, 9);
    expect(judged.high! - judged.low!).toBeLessThan(0.2);
    expect(judged.lackOfFit!.worst.se).toBeLessThan(0.02);
    expect(judged.lackOfFit!.told).toBe(false);
  });

  it('one far station does not decide a slope by itself', () => {
    const flat = [1, 1.3, 0.8, 1.1, 0.9, 1.2];
    const far = judgeTrend(points({ 0: flat, 1: flat, 9: [3] }), 0, false)!;
    // By one spread: slope 0.218 on 11 degrees of freedom, t = 9.
    expect(far.fit.slope / far.fit.slopeSe).toBeGreaterThan(8);
    expect(far.told).toBe(false);
  });

  it('equal readings on a line are no certainty either', () => {
    const judged = judgeTrend(points({ 0: [2, 2], 1: [2, 2], 2: [3, 3] }), spreadOfRounding(1), false)!;
    expect(judged.high! - judged.low!).toBeGreaterThan(0.8);
  });

  it('scores lean by their order', () => {
    const judged = judgeTrend(points({ 0: [1, 2, 1], 1: [2, 3, 3], 2: [4, 5, 5] }), 0, true)!;
    expect(judged).toMatchObject({ method: 'ranks', told: true, low: null });
    expect(judgeTrend(points({ 0: [1, 2], 1: [2, 1] }), 0, true)!.told).toBe(false);
  });
});

describe('false findings', () => {
  it.each([
    ['continuous', 3, 3],
    ['rounded', 4, 2],
    ['score', 3, 3],
  ] as const)(
    '%s, %i levels, %i stations each: at most 5 % of classes in which nothing differs',
    (kind, levels, replicates) => {
      const { falsePercent } = simulateFamilywise({ levels, replicates }, kind, 1500, 3);
      // Three standard errors of 5 % in 1500 classes.
      expect(falsePercent).toBeLessThan(5 + 3 * Math.sqrt((5 * 95) / 1500));
    },
  );
});

describe('what kind of measure', () => {
  it('scores and divisions are seen', () => {
    expect(isScore({ name: 'colour', unit: 'points' })).toBe(true);
    expect(isScore({ name: 'liking', unit: '' })).toBe(true);
    expect(isScore({ name: 'crust', unit: '1–5' })).toBe(true);
    expect(isScore({ name: 'height', unit: 'mm' })).toBe(false);
    expect([divisionSeen([12, 14]), divisionSeen([1.25, 3]), divisionSeen([0.1, 0.3])]).toEqual([
      1, 0.01, 0.1,
    ]);
  });
});

describe('shuffled scores of uneven groups, against brute force', () => {
  // Ranks 1 to 7 dealt to 2, 3 and 2 stations: 210 ways. A pair’s p is the share of deals whose widest pair is as wide.
  const sizes = [2, 3, 2];
  const scale = (a: number, b: number) => Math.sqrt(1 / sizes[a]! + 1 / sizes[b]!);
  const pairs = [
    [1, 0],
    [2, 0],
    [2, 1],
  ] as const;
  const apart = (groups: number[][]) =>
    pairs.map(([b, a]) => {
      const mean = (list: number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
      return Math.abs(mean(groups[b]!) - mean(groups[a]!)) / scale(a, b);
    });
  const deals: number[][][] = [];
  const seven = [1, 2, 3, 4, 5, 6, 7];
  const pairsOf = (list: number[]) => list.flatMap((one, i) => list.slice(i + 1).map((two) => [one, two]));
  for (const first of pairsOf(seven)) {
    const left = seven.filter((one) => !first.includes(one));
    for (const last of pairsOf(left)) deals.push([first, left.filter((one) => !last.includes(one)), last]);
  }

  it.each([
    [
      [1, 2],
      [3, 5, 6],
      [9, 10],
    ],
    [
      [9, 4],
      [1, 2, 3],
      [6, 7],
    ],
    [
      [2, 8],
      [1, 9, 4],
      [5, 6],
    ],
  ])('%j, %j, %j', (...values) => {
    expect(deals).toHaveLength(210);
    const judged = judgeLevels({
      levels: values.map((list, i) => ({ name: 'abc'[i]!, values: list })),
      control: null,
      leastSd: 0,
      ordinal: true,
    })!;
    const sorted = values.flat().sort((a, b) => a - b);
    const seen = apart(values.map((list) => list.map((one) => sorted.indexOf(one) + 1)));
    const widest = deals.map((deal) => Math.max(...apart(deal)));
    judged.pairs.forEach((pair, i) => {
      const share = widest.filter((one) => one >= seen[i]! - 1e-9).length / 210;
      expect(pair.shuffledP, `${pair.name} against ${pair.against}`).toBeCloseTo(share, 12);
      expect(pair.p).toBeGreaterThanOrEqual(share - 1e-12);
    });
  });
});
