import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { tries } from '../random/testing/sampled';
import { studentTwoSided } from '../statistics';
import { changeSeen, differenceSeen, judgeLevels, judgeTrend, stationsForPair, stationsForTrend } from '.';
import { deviateOf, studentOf } from './contrast';
import { falseFindings, type AlikeClasses } from './testing/false-findings';

const ask = { control: null, leastSd: 0, ordinal: false };

describe('false findings where spreads are unlike', () => {
  const one = (count: number, at: number) => Array.from({ length: count }, (_, i) => (i === at ? 5 : 1));
  it.each<[string, AlikeClasses]>([
    ['6, 6 and 2 stations', { ask: 'pairs', sizes: [6, 6, 2], spreads: [1, 1, 5] }],
    ['two against two', { ask: 'pairs', sizes: [2, 2], spreads: [1, 5] }],
    ['a noisy control', { ask: 'control', sizes: [3, 3, 3, 3], spreads: [5, 1, 1, 1] }],
    ['scores', { ask: 'pairs', ordinal: true, sizes: [2, 6, 6], spreads: [3, 0.6, 0.6] }],
    ['a trend with a far noisy station', { ask: 'trend', sizes: [3, 3, 3, 1], spreads: [1, 1, 1, 5] }],
    ['a trend of single stations', { ask: 'trend', sizes: [1, 1, 1, 1, 1], spreads: one(5, 0) }],
    ['a trend of scores', { ask: 'trend', ordinal: true, sizes: [3, 3, 3], spreads: [0.6, 0.6, 3] }],
    [
      'two factors',
      { ask: 'two factors', columns: 3, sizes: new Array<number>(9).fill(2), spreads: one(9, 4) },
    ],
    [
      'two factors, stations missing',
      { ask: 'two factors', columns: 2, sizes: [3, 1, 0, 2, 3, 2], spreads: one(6, 1) },
    ],
    [
      'two factors, two lone stations noisy',
      { ask: 'two factors', columns: 3, sizes: [1, 1, 3, 3, 3, 3], spreads: [5, 5, 1, 1, 1, 1] },
    ],
    [
      'two factors, one station each',
      { ask: 'two factors', columns: 3, sizes: new Array<number>(9).fill(1), spreads: one(9, 4) },
    ],
  ])('%s: at most 5.5 %% of classes', (_, design) => {
    const times = tries(4000, 1000);
    expect(falseFindings(design, times, 3)).toBeLessThan(5.5 + 3 * Math.sqrt((5.5 * 94.5) / times));
  });
});

describe('how many stations', () => {
  it('Cohen 1988, table 2.4.1: 17 a group find one SD in 80 % of classes if both are known to be alike; a few more if not', () => {
    const needed = stationsForPair(1, 1, 2, false)!;
    expect(needed).toBeGreaterThanOrEqual(17);
    expect(needed).toBeLessThanOrEqual(20);
    expect(stationsForPair(1, 1, 4, false) ?? 99).toBeGreaterThan(stationsForPair(1, 1, 4, true)!);
    expect(stationsForPair(0.05, 1, 2, false)).toBeNull();
    expect(Math.abs(stationsForTrend(1, 1, [0, 1])! - needed)).toBeLessThanOrEqual(1);
  });

  it.each([1, 1.5])(
    'so many stations really find a difference of %d SD in about 80 % of classes',
    (effect) => {
      const n = stationsForPair(effect, 1, 3, false)!;
      const times = tries(3000, 1000);
      const random = seededRandom(80);
      let told = 0;
      for (let one = 0; one < times; one += 1) {
        const levels = ['a', 'b', 'c'].map((name, i) => ({
          name,
          values: Array.from({ length: n }, () => (i === 1 ? effect : 0) + random.normal()),
        }));
        if (judgeLevels({ ...ask, levels })!.pairs[0]!.told) told += 1;
      }
      // One station more is a step of some 3 % there; three standard errors of what is drawn.
      expect(told / times).toBeGreaterThan(0.79 - 3 * Math.sqrt(0.16 / times));
      expect(told / times).toBeLessThan(0.85 + 3 * Math.sqrt(0.16 / times));
    },
  );
});

describe('stations that would show it', () => {
  it('at most two dozen are named, nothing where there is no spread or no difference', () => {
    expect(stationsForPair(0, 1, 2, false)).toBeNull();
    expect(stationsForPair(1, 0, 2, false)).toBeNull();
    // Two means, t test, 80 %: n = 2 (1.96 + 0.84)² / d² and a little: d = 0.95 asks for about 18, 0.75 for 28.
    const needed = stationsForPair(0.95, 1, 2, false)!;
    expect(needed).toBeGreaterThan(17);
    expect(needed).toBeLessThanOrEqual(24);
    expect(stationsForPair(0.75, 1, 2, false)).toBeNull();
    expect(stationsForTrend(0.1, 0, [1, 2, 3])).toBeNull();
    expect(stationsForTrend(0.1, 1, [2, 2, 2])).toBeNull();
    expect(stationsForTrend(0, 1, [1, 2, 3])).toBeNull();
    // Three levels, slope of one SD a level: Sxx = 2 n; with all spreads known to be alike four or five.
    expect([5, 6, 7]).toContain(stationsForTrend(1, 1, [1, 2, 3]));
  });
});

describe('what a class of so many stations sees', () => {
  const [times, random] = [tries(3000, 1200), seededRandom(81)];
  const share = (told: () => boolean) => {
    let count = 0;
    for (let one = 0; one < times; one += 1) if (told()) count += 1;
    return count / times;
  };
  const stations = (mean: number, count: number) =>
    Array.from({ length: count }, () => mean + random.normal());

  it('a difference of two levels is told in four classes of five', () => {
    const effect = differenceSeen(3, 4, false);
    const told = share(() => {
      const levels = [effect, 0, 0].map((mean, i) => ({ name: 'abc'[i]!, values: stations(mean, 4) }));
      return judgeLevels({ ...ask, levels })!.pairs[0]!.told;
    });
    expect(Math.abs(told - 0.8)).toBeLessThan(0.015 + 3 * Math.sqrt(0.16 / times));
  });

  it('so is a change along all levels', () => {
    const change = changeSeen([0, 1, 2, 3], 3);
    const told = share(() => {
      const points = [0, 1, 2, 3].flatMap((x) =>
        stations((change * x) / 3, 3).map((y) => ({ x, y, level: `${x}` })),
      );
      return judgeTrend(points, 0, false)!.told;
    });
    expect(Math.abs(told - 0.8)).toBeLessThan(0.015 + 3 * Math.sqrt(0.16 / times));
  });
});

describe('Student’s t as a normal deviate', () => {
  it.each([1.25, 2, 3.7, 8, 30])('on %d degrees of freedom its tail is the tail of t', (df) => {
    for (const t of [0.5, 1, 2, 4, 8]) {
      const z = deviateOf(t * t, df);
      const [normal, student] = [studentTwoSided(z, 1e8) / 2, studentTwoSided(t, df) / 2];
      // So many degrees of freedom are a normal distribution; a fifth of a small tail is still the same answer.
      expect(Math.abs(normal - student), `t ${t}`).toBeLessThan(0.004 + 0.1 * student);
      expect(studentOf(z, df)).toBeCloseTo(t, 9);
    }
  });
});
