import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../practical';
import { about, found, intervalIn, lines, scored } from './testing/measured-class';
import { withFactor } from '../practical/testing/plans';

describe('a trend, by hand', () => {
  // Slope 0.2 N a degree; eight residuals of 0.3: 0.72 on 6 degrees, with the balance's 0.1/√12: SD 0.3476; Σ(x − x̄)²
  // 250: SE 0.02198; if spreads were known to be alike, t of 6 at 95.5 %, 2.525 (stdlib): 15 × 2.525 × 0.02198 = 0.833.
  const levels = ['level-140', 'level-145', 'level-150', 'level-155'];
  const climb = (step: number) =>
    Object.fromEntries(levels.map((level, i) => [level, about(5 + step * i, 0.3)]));

  it.each([
    [1, 'Snap force rose with final temperature', 0.2, 3],
    [-1, 'Snap force fell with final temperature', -0.2, -3],
  ])('steps of %d N', (step, what, slope, change) => {
    const trend = found(climb(step))[0]!;
    expect(trend.what).toBe(what);
    expect(trend.why).toMatch(/^From 140 °C to 155 °C by 3\.00 N \(95 % interval \d\.\d+ to \d\.\d+\)\.$/);
    const { middle, half } = intervalIn(trend.why);
    expect(middle).toBeCloseTo(3, 2);
    expect(half).toBeGreaterThan(0.833);
    expect(half).toBeLessThan(1.5);
    expect(lines(trend).slice(0, 4)).toEqual([
      `slope of snap force on final temperature | ${slope} | N per °C`,
      'spread about the line, the instrument’s rounding in it | 0.3476 | N',
      `change along the range of final temperature | ${change} | N`,
      expect.stringMatching(/^interval = change ± t × SE, \d\.\d degrees of freedom \| [01]\.\d+ \| N$/),
    ]);
    // t = 9.1, with all spreads alike 0.01 % of classes; here at most a few in a thousand.
    const chance = trend.working.lines[4]!;
    expect([chance.text, chance.unit]).toEqual(['chance alone makes such a slope', '% of classes']);
    expect(chance.value).toBeGreaterThan(0.01);
    expect(chance.value).toBeLessThan(1);
    // Of all squares 10.72, 10 lie on the line.
    expect(lines(trend)[5]).toBe('r² | 0.9328 | ');
    expect(trend.working.sources).toHaveLength(1);
  });

  it('one that cannot be told gives both ends, and rests on the power as well', () => {
    const open = found({ 'level-140': about(2, 0.6), 'level-155': about(2.5, 0.6) })[0]!;
    // Residuals 0.6: SD √(1.44/2 + 0.00083) = 0.849, the difference’s SE as well; t of 2 at 95.5 %, 4.55, would give ±3.86.
    expect(open.what).toBe('No trend in snap force can be told');
    expect(open.why).toMatch(
      /^From 140 °C to 155 °C it changed by 0\.5 N, but anything from −\d\.\d to \d\.\d fits the data\. If/,
    );
    expect(intervalIn(open.why).half).toBeGreaterThan(3.86);
    expect(open.working.sources).toHaveLength(2);
  });

  it('no slope at all needs no number of stations', () => {
    expect(found({ 'level-140': about(2, 1), 'level-155': about(2, 1) })[0]!.why).toMatch(
      /fits the data\. If there is one, it is small beside the spread\.$/,
    );
  });

  it('where the stations there are would mostly have shown it, chance is named', () => {
    // Ten stations in the middle tell nothing of a slope, and one at each end not how it spreads; as many everywhere would.
    const middle = [2.0, 2.2, 2.4, 2.6, 2.8, 3, 2.1, 2.3, 2.5, 2.9];
    expect(
      found({ 'level-140': [1.5], 'level-145': middle, 'level-150': middle, 'level-155': [3.5] })[0]!.why,
    ).toMatch(/fits the data\. Chance was against it, or there is none\.$/);
  });

  it('a factor without a unit, and one in its own', () => {
    const doses = (unit: string): Plan =>
      withFactor(examplePlan, {
        name: 'soda',
        acts: { on: 'words', scale: 'number' },
        unit,
        levels: [0, 1].map((value) => ({ id: `d${value}`, value, words: '', control: false, open: false })),
      });
    const slope = (unit: string) =>
      lines(found({ d0: about(1, 0.1), d1: about(4, 0.1) }, doses(unit))[0]!)[0];
    expect([slope('g'), slope('')]).toEqual([
      'slope of snap force on soda | 3 | N per g',
      'slope of snap force on soda | 3 | N per unit',
    ]);
  });

  it('scores: medians and their order, no interval', () => {
    const score = found({ 'level-140': [1, 2, 2, 1], 'level-155': [4, 5, 4, 5] }, scored(examplePlan))[0]!;
    expect(score.what).toBe('Crunch rose with final temperature');
    // 2 of the 70 deals of four against four are as far apart: 2.9 %.
    expect(score.why).toBe(
      'Medians: 140 °C 1.5, 155 °C 4.5. Chance alone would lean the scores so far in 2.9 % of classes. Points of a score have no fixed width, so their order is judged and no interval given.',
    );
    expect(lines(score).slice(1)).toEqual(['median at 140 °C | 1.5 | ', 'median at 155 °C | 4.5 | ']);
    const fell = found({ 'level-140': [4, 5, 4, 5], 'level-155': [1, 2, 2, 1] }, scored(examplePlan))[0]!;
    expect(fell.what).toBe('Crunch fell with final temperature');
    const none = found({ 'level-140': [1, 2, 2, 3], 'level-155': [2, 3, 3, 2] }, scored(examplePlan))[0]!;
    expect(none.what).toBe('No trend in crunch can be told');
    // More than one deal in ten: no decimals.
    expect(none.why).toMatch(/so far in \d{2} % of classes/);
    const sure = found(
      { 'level-140': [1, 2, 1, 2, 1, 2, 1], 'level-155': [8, 9, 8, 9, 8, 9, 8] },
      scored(examplePlan),
    )[0]!;
    // 2 of the 3432 deals of seven against seven: 0.06 %.
    expect(sure.why).toContain('so far in fewer than 1 of 1000 classes');
  });

  it('the two top levels are named only while they cannot be told apart', () => {
    const three = (top: number) =>
      found({ 'level-140': about(1, 0.1), 'level-145': about(4, 0.1), 'level-150': about(top, 0.1) });
    const close = three(4.2).find((one) => one.id === 'neighbours:snap')!;
    expect(close.what).toBe('145 °C and 150 °C can’t be told apart by snap force');
    // Means 4 and 4.2, SD √(0.02 + 0.00083) = 0.1443; by Tukey, q of three at 95.5 % on 3, 6.1: half of it 0.63.
    expect(close.why).toMatch(
      /^They differ by 0\.20 N, interval −\d\.\d+ to \d\.\d+, all pairs of levels counted\.$/,
    );
    expect(intervalIn(close.why).middle).toBeCloseTo(0.2, 2);
    expect(intervalIn(close.why).half).toBeGreaterThan(0.63);
    expect(lines(close)).toEqual([
      'mean at 150 °C | 4.2 | N',
      'mean at 145 °C | 4 | N',
      'degrees of freedom | 3 | ',
    ]);
    expect(three(7).some((one) => one.id === 'neighbours:snap')).toBe(false);
    expect(three(1).some((one) => one.id === 'neighbours:snap')).toBe(false);
    const two = found({ 'level-140': about(1, 0.1), 'level-145': about(1.1, 0.1) });
    expect(two.some((one) => one.id === 'neighbours:snap')).toBe(false);
  });

  it('which way the worst level misses a line, and by how much', () => {
    const bend = (at145: number) =>
      found({
        'level-140': about(1, 0.02),
        'level-145': about(at145, 0.02),
        'level-150': about(3, 0.02),
        'level-155': about(4, 0.02),
      }).find((one) => one.id === 'curve:snap');
    expect(bend(2)).toBeUndefined();
    // Through 1, 0, 3, 4 the line is 2 + 0.24 (x − 147.5): 1.4 at 145, where the mean is 0.
    const below = bend(0)!;
    expect(below.why).toMatch(
      /^The stations at 145 °C lie 1\.40 N below it; a miss as far out comes by chance in .* of classes\. Read the levels, not the line\.$/,
    );
    // Each variance 0.0008, and the balance’s 0.00083. Of four levels the second pulls the line by 0.3: its miss has 0.7 of
    // half of that, √(0.35 × 0.001633). The others count 0.4, 0.2 and 0.1 in it: 0.7² / (0.7⁴ + 0.4⁴ + 0.2⁴ + 0.1⁴) × 1.25.
    expect(lines(below).slice(0, 3)).toEqual([
      'mean of the level − line | -1.4 | N',
      'spread within levels | 0.04041 | N',
      'standard error of that miss, 2.3 degrees of freedom | 0.02391 | N',
    ]);
    expect(bend(4)!.why).toContain('above it');
  });
});
