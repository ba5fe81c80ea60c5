import rangeCdf from '@stdlib/stats-base-dists-studentized-range-cdf';
import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../practical';
import { about, found, intervalIn, lines, scored } from './testing/measured-class';
import { withFactor, wordLevels } from '../practical/testing/plans';

const words = (names: string[], control: number | null = null): Plan =>
  withFactor(examplePlan, {
    name: 'dip',
    acts: { on: 'words', scale: 'words' },
    levels: wordLevels(names, control),
  });
describe('levels in words, by hand', () => {
  /** The point below which the studentised range of `groups` lies in 95.5 % of classes, by stdlib. */
  const range = (groups: number, df: number) => {
    let [low, high] = [0, 100];
    for (let i = 0; i < 60; i += 1) {
      const middle = (low + high) / 2;
      if (rangeCdf(middle, groups, df) < 0.955) low = middle;
      else high = middle;
    }
    return low;
  };

  it('three without a control: each pair, an interval no narrower than Tukey’s, which takes spreads for alike', () => {
    const [first, second, third] = found(
      { water: [3.1, 3.2], citric: [3.2, 3.1], ascorbic: [7.3, 7.4] },
      words(['water', 'citric', 'ascorbic']),
    );
    // Variance 0.005 in each, and the balance's: SD 0.07638; Tukey: q/√2 × SE of a difference, SD × √(1/2 + 1/2).
    const half = (range(3, 3) / Math.SQRT2) * 0.076376;
    expect(first!.what).toBe('Ascorbic: snap force higher than water');
    expect(first!.why).toMatch(/^Difference 4\.20 N, 95 % interval .* to .*, all comparisons counted\.$/);
    expect(intervalIn(first!.why).middle).toBeCloseTo(4.2, 2);
    expect(intervalIn(first!.why).half).toBeGreaterThan(half);
    expect(intervalIn(first!.why).half).toBeLessThan(2 * half);
    expect(second!.what).toBe('Ascorbic: snap force higher than citric');
    expect(third).toMatchObject({
      what: 'One pair can’t be told apart by snap force',
      why: 'Citric and water. That is not to say they are alike.',
    });
    expect(lines(first!).slice(0, 5)).toEqual([
      'mean, water | 3.15 | N',
      'mean, citric | 3.15 | N',
      'mean, ascorbic | 7.35 | N',
      'spread within levels, pooled, the instrument’s rounding in it | 0.07638 | N',
      'degrees of freedom | 3 | ',
    ]);
    expect(first!.working.lines.slice(6).map((line) => line.text)).toEqual([
      'citric − water, all comparisons counted together: p',
      'ascorbic − water, all comparisons counted together: p',
      'ascorbic − citric, all comparisons counted together: p',
    ]);
    expect(first!.working.sources.map((one) => one.text).join()).toMatch(
      /Games and Howell.*drawn classes.*Power/,
    );
  });

  it('two with a control: one comparison, which is not “all”', () => {
    const [only, ...rest] = found({ water: about(8, 0.5), acid: about(2, 0.5) }, words(['water', 'acid'], 0));
    expect(only!.what).toBe('Acid: snap force lower than water');
    expect(only!.why).toMatch(/^Difference −6\.0 N, 95 % interval −\d+\.\d to −\d\.\d\.$/);
    expect(only!.working.sources.map((one) => one.text).join()).toMatch(/Games and Howell.*Power/);
    expect(rest.some((one) => one.id.startsWith('not-apart'))).toBe(false);
  });

  it('two that cannot be told apart are named; of three the widest is', () => {
    const two = found({ water: about(3, 0.5), acid: about(3.8, 0.5) }, words(['water', 'acid']))[0]!;
    expect(two.what).toBe('Acid and water can’t be told apart by snap force');
    expect(two.why).toMatch(
      /^Difference 0\.8 N, 95 % interval −\d\.\d to \d\.\d\. If it is real, about \d+ stations a level would show a difference of this size in 8 of 10 classes\.$/,
    );
    const three = found(
      { water: about(3, 0.5), acid: about(3.4, 0.5), salt: about(2.5, 0.5) },
      words(['water', 'acid', 'salt']),
    )[0]!;
    expect(three.what).toBe('No difference in snap force can be told');
    expect(three.why).toMatch(
      /^Levels as far apart as these come by chance in \d+ % of classes\. Widest: salt and acid\. Difference −0\.9 N/,
    );
    const same = found({ water: about(3, 0.5), acid: about(3, 0.5) }, words(['water', 'acid']))[0]!;
    expect(same.why).toMatch(/^Difference 0\.0 N, 95 % interval −\d\.\d to \d\.\d\.$/);
  });

  it('against a control, what needs more stations is counted for that comparison', () => {
    const needed = (control: number | null) =>
      Number(
        found(
          { water: about(3, 0.5), acid: about(4.1, 0.5), salt: about(3, 0.5), soda: about(3, 0.5) },
          words(['water', 'acid', 'salt', 'soda'], control),
        )[0]!.why.match(/about (\d+) stations/)?.[1],
      );
    // Six pairs ask for more than three comparisons with one control.
    expect(needed(0)).toBeLessThan(needed(null));
  });

  it('scores: medians; spreads that are not alike: each level by its own', () => {
    const plan = words(['raw', 'baked']);
    const score = found({ raw: [1, 2, 2, 1], baked: [4, 5, 4, 5] }, scored(plan))[0]!;
    expect(score.what).toBe('Baked: crunch higher than raw');
    expect(score.why).toBe('Median 4.5 against 1.5; chance alone parts scores so far in 2.9 % of classes.');
    expect(lines(score).slice(0, 3)).toEqual([
      'median, raw | 1.5 | points',
      'median, baked | 4.5 | points',
      'degrees of freedom | 6 | ',
    ]);
    expect(score.working.sources.map((one) => one.text).join()).toMatch(/^Permutation test/);
    const uneven = found({ raw: [1, 1.1, 1.2, 1.1], baked: [4, 9, 6, 12] }, plan)[0]!;
    expect(uneven.what).toBe('Baked: snap force higher than raw');
    // Welch’s t, 2.776 on 3 degrees of freedom: 6.65 ± 3.18 × 1.75.
    const own = intervalIn(uneven.why);
    expect(own.middle).toBeCloseTo(6.65, 1);
    expect(own.half).toBeGreaterThan(4.9);
    expect(own.half).toBeLessThan(6.2);
    expect(lines(uneven)[0]).toBe('mean, raw | 1.1 | N');
    const open = found({ raw: [2, 3, 2, 3], baked: [3, 2, 3, 4] }, scored(plan))[0]!;
    expect(open.what).toBe('Baked and raw can’t be told apart by crunch');
    expect(lines(open)[0]).toBe('median, raw | 2.5 | points');
    expect(open.why).toMatch(
      /^Median 3 against 2\.5; chance alone parts scores so far in \d+ % of classes\.$/,
    );
  });

  it('of many pairs six are named and the rest counted', () => {
    const names = ['a', 'b', 'c', 'd', 'e'];
    const values = Object.fromEntries(names.map((name, i) => [name, about(i === 4 ? 20 : 3, 0.2)]));
    const rest = found(values, words(names)).find((one) => one.id === 'not-apart:snap')!;
    expect(rest.what).toBe('6 pairs can’t be told apart by snap force');
    expect(rest.why).toBe(
      'B and a, c and a, c and b, d and a, d and b and d and c. That is not to say they are alike.',
    );
    const more = ['a', 'b', 'c', 'd', 'e', 'f'];
    const seventh = found(
      Object.fromEntries(more.map((name, i) => [name, about(i === 5 ? 20 : 3, 0.2)])),
      words(more),
    ).find((one) => one.id === 'not-apart:snap')!;
    expect(seventh.why).toMatch(/ and 4 more\. That is not to say/);
  });

  it('one station a level tells nothing', () => {
    expect(found({ a: [1], b: [9] }, words(['a', 'b'])).filter((one) => /apart/.test(one.id))).toEqual([]);
    expect(found({ a: [1, 2] }, words(['a', 'b'])).filter((one) => /apart/.test(one.id))).toEqual([]);
  });
});
