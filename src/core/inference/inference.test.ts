import { describe, expect, it } from 'vitest';
import {
  divisionSeen,
  isScore,
  judgeLevels,
  judgeTrend,
  simulateFamilywise,
  spreadOfRounding,
  stationsForPair,
  stationsForTrend,
} from '.';

const plantGrowth = [
  { name: 'ctrl', values: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14] },
  { name: 'trt1', values: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69] },
  { name: 'trt2', values: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26] },
];
const ask = { control: null, leastSd: 0, ordinal: false };

describe('levels without an order', () => {
  it('R, PlantGrowth: F’s p 0.01591; Tukey p 0.391, 0.198, 0.012: only the two treatments are told apart', () => {
    const judged = judgeLevels({ ...ask, levels: plantGrowth })!;
    expect(judged.globalP.toFixed(5)).toBe('0.01591');
    const pairs = judged.pairs.map(({ name, against, p, told }) => [
      `${name}-${against}`,
      p.toFixed(3),
      told,
    ]);
    expect(pairs).toEqual([
      ['trt1-ctrl', '0.391', false],
      ['trt2-ctrl', '0.198', false],
      ['trt2-trt1', '0.012', true],
    ]);
  });

  it('against a control by Dunnett: R, multcomp on PlantGrowth: p 0.323 and 0.153', () => {
    const judged = judgeLevels({ ...ask, levels: plantGrowth, control: 'ctrl' })!;
    expect(judged.pairs.map(({ name, p, told }) => [name, p.toFixed(2), told])).toEqual([
      ['trt1', '0.32', false],
      ['trt2', '0.15', false],
    ]);
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
        ...ask,
        ordinal: true,
        levels: [
          { name: 'a', values: a },
          { name: 'b', values: b },
        ],
      })!;
    expect(scores([1, 1], [5, 5]).globalP).toBeCloseTo(2 / 6, 12);
    const four = scores([1, 2, 1, 2], [4, 5, 5, 4]);
    expect(four.globalP).toBeCloseTo(2 / 70, 12);
    expect(four.pairs[0]).toMatchObject({ told: true, low: null, high: null });
    // Only the order counts: 100 in place of 5 changes nothing.
    expect(scores([1, 2, 1, 2], [4, 100, 100, 4]).globalP).toBe(four.globalP);
  });

  it('spreads that are not alike are shuffled', () => {
    const judged = judgeLevels({
      ...ask,
      levels: [
        { name: 'a', values: [1, 1.01, 0.99, 1] },
        { name: 'b', values: [2, 6, -1, 5] },
      ],
    })!;
    expect(judged.method).toBe('permutation');
  });

  it('one station a level tells nothing', () => {
    const levels = ['a', 'b', 'c'].map((name, i) => ({ name, values: [i] }));
    expect(judgeLevels({ ...ask, levels })).toBeNull();
  });
});

describe('a trend', () => {
  const points = (levels: Record<number, number[]>) =>
    Object.entries(levels).flatMap(([x, ys]) => ys.map((y) => ({ x: Number(x), y, level: x })));

  it('lack of fit: Draper and Smith’s way, by hand', () => {
    // Means 1, 4, 1 at 0, 1, 2 with repeats ±0.1: the line is flat at 2, the misses 6·2² … SS lack 12, pure 0.06.
    const judged = judgeTrend(points({ 0: [0.9, 1.1], 1: [3.9, 4.1], 2: [0.9, 1.1] }), 0, false)!;
    expect(judged.told).toBe(false);
    expect(judged.lackOfFit!.f).toBeCloseTo(12 / 1 / (0.06 / 3), 6);
    expect(judged.lackOfFit!.df).toEqual([1, 3]);
    expect(judged.lackOfFit!.worst).toMatchObject({ level: '1', off: expect.closeTo(2, 9) as number });
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

describe('how many stations', () => {
  it('Cohen 1988, table 2.4.1: 17 a group find one SD in 80 % of classes; more levels need more', () => {
    // At 4.5 % instead of 5 it is 17 or 18.
    expect([17, 18]).toContain(stationsForPair(1, 1, 2, false));
    expect(stationsForPair(1, 1, 4, false)!).toBeGreaterThan(stationsForPair(1, 1, 4, true)!);
    expect(stationsForPair(0.05, 1, 2, false)).toBeNull();
    expect(stationsForTrend(1, 1, [0, 1])).toBe(stationsForPair(1, 1, 2, false));
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
  // Ranks 1 to 6 dealt to 2, 3 and 1 stations: 60 ways. A pair’s p is the share of deals whose widest pair is as wide.
  const sizes = [2, 3, 1];
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
  for (let i = 1; i <= 6; i += 1) {
    for (let j = i + 1; j <= 6; j += 1) {
      for (let k = 1; k <= 6; k += 1) {
        if (k === i || k === j) continue;
        deals.push([[i, j], [1, 2, 3, 4, 5, 6].filter((one) => ![i, j, k].includes(one)), [k]]);
      }
    }
  }

  it.each([
    [[1, 2], [3, 5, 6], [9]],
    [[9, 4], [1, 2, 3], [6]],
    [[2, 8], [1, 9, 4], [5]],
  ])('%j, %j, %j', (...values) => {
    expect(deals).toHaveLength(60);
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
      const share = widest.filter((one) => one >= seen[i]! - 1e-9).length / 60;
      expect(pair.p, `${pair.name} against ${pair.against}`).toBeCloseTo(share, 12);
    });
  });
});

describe('stations that would show it', () => {
  it('at most sixty are named, nothing where there is no spread or no difference', () => {
    expect(stationsForPair(0, 1, 2, false)).toBeNull();
    expect(stationsForPair(1, 0, 2, false)).toBeNull();
    // Two means, t test, 80 %: n = 2 (1.96 + 0.84)² / d² and a little: d = 0.53 asks for about 57, 0.4 for 99.
    const needed = stationsForPair(0.53, 1, 2, false)!;
    expect(needed).toBeGreaterThan(53);
    expect(needed).toBeLessThanOrEqual(60);
    expect(stationsForPair(0.4, 1, 2, false)).toBeNull();
    expect(stationsForTrend(0.1, 0, [1, 2, 3])).toBeNull();
    expect(stationsForTrend(0.1, 1, [2, 2, 2])).toBeNull();
    expect(stationsForTrend(0, 1, [1, 2, 3])).toBeNull();
    // Three levels, slope of one SD a level: Sxx = 2 n; 80 % at n where √(2 n) beats t + 0.84, four or five.
    expect([4, 5, 6]).toContain(stationsForTrend(1, 1, [1, 2, 3]));
  });
});
