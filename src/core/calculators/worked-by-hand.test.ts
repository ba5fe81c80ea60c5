import { describe, expect, it } from 'vitest';
import { runCalculator } from '.';
import { linesOf, refusalOf, warningsOf } from './testing/answers';

describe('working, checked by hand', () => {
  it.each<[string, object, string[]]>([
    // 600 g of water at 2256.5 kJ/kg (steam tables, 100 °C) is 1354 kJ.
    [
      'reduction',
      { startG: 1000, solidsPercent: 10, finishG: 400 },
      [
        'solids stay: start × share | 100 g',
        'mass at the end | 400 g',
        'solids at the end = solids / mass | 25 %',
        'water boiled away | 600 g',
        'heat for it, at 100 °C | 1354 kJ',
      ],
    ],
    [
      'paired-preference',
      { preferA: 15, trials: 20 },
      ['who prefer A | 75 %', 'P(as uneven as 15 of 20, either way) | 0.04139'],
    ],
    // ISO 10399: a duo-trio is right by guessing one time in two; 15 or more of 20 in 2.07 % of panels.
    [
      'discrimination-test',
      { test: 'duo-trio', correct: 15, trials: 20 },
      ['right by guessing | 50 %', 'P(15 or more of 20 by guessing) | 0.02069'],
    ],
    [
      'tray-cooling',
      { depthMm: 40, startC: 70, targetC: 8, airC: 3, bothFaces: true },
      ['half thickness that counts | 20 mm'],
    ],
    [
      'tray-cooling',
      { depthMm: 40, startC: 70, targetC: 8, airC: 3 },
      ['half thickness that counts | 40 mm'],
    ],
    [
      'bake-time-scaling',
      { knownMinutes: 40, knownHalfThicknessMm: 20, newHalfThicknessMm: 30 },
      [
        'thickness, new over known | 1.5',
        'where the surface decides: time × ratio | 60 min',
        'where the inside decides: time × ratio² | 90 min',
        // 40 × 1.5^1.5 = 73.48.
        'between them: time × ratio^1.5 | 73.48 min',
      ],
    ],
    // 84.007 g of bicarbonate to 188.18 of cream of tartar: 45 to the hundred.
    ['neutralising-acid', { bicarbonateG: 9, kind: 'cream-of-tartar' }, ['acid = 100 × 9 / 45.0 | 20 g']],
    [
      'cooling-check',
      {
        authority: 'fda',
        readings: [
          { minute: 0, celsius: 70 },
          { minute: 30, celsius: 50 },
          { minute: 60, celsius: 40 },
        ],
      },
      ['57 to 21 °C: allowed | 120 min', 'readings may be apart by | 60 min'],
    ],
  ])('%s %j', (id, inputs, wanted) => {
    expect(linesOf(id, inputs)).toEqual(expect.arrayContaining(wanted));
  });

  it('a cooling that goes on says how long it has been, and what is missing', () => {
    const readings = [
      { minute: 0, celsius: 70 },
      { minute: 30, celsius: 50 },
      { minute: 60, celsius: 40 },
    ];
    const lines = linesOf('cooling-check', { authority: 'fda', readings });
    // From 70 to 50 °C in 30 min it falls below 57 °C at 19.5 min: 40.5 min ago.
    expect(lines.filter((line) => line.includes('so far'))[0]).toMatch(/; so far \| 40\.5 min$/);
    expect(lines.filter((line) => line.includes('undefined'))).toEqual([]);
  });

  it('a warning stands where its reason is, and not where it is not', () => {
    const far = (newHalfThicknessMm: number) =>
      warningsOf('bake-time-scaling', {
        knownMinutes: 40,
        knownHalfThicknessMm: 20,
        newHalfThicknessMm,
      }).includes('A long way from what is known.');
    expect([60, 60.1, 20, 6.7, 6.6].map(far)).toEqual([false, true, false, false, true]);
    const bottles = (kind: string) => warningsOf('neutralising-acid', { bicarbonateG: 5, kind }).length;
    expect(['lemon-juice', 'vinegar', 'buttermilk', 'citric', 'cream-of-tartar'].map(bottles)).toEqual([
      1, 1, 1, 0, 0,
    ]);
    const scorches = (finishG: number) =>
      warningsOf('reduction', { startG: 1000, solidsPercent: 40, finishG }).length;
    expect([499, 501].map(scorches)).toEqual([1, 0]);
  });

  it.each<[string, object, string]>([
    [
      'discrimination-test',
      { test: 'triangle', correct: 21, trials: 20 },
      'correct is 21; allowed: a whole number from 0 to 20',
    ],
    [
      'tray-cooling',
      { depthMm: 40, startC: 70, targetC: 3, airC: 3 },
      'targetC is 3; allowed: above the air’s 3 °C: it is never reached',
    ],
    [
      'tray-cooling',
      { depthMm: 40, startC: 70, targetC: 70, airC: 3 },
      'targetC is 70; allowed: below the 70 °C it starts with',
    ],
    [
      'reduction',
      { startG: 1000, solidsPercent: 10, finishG: 400, finishSolidsPercent: 25 },
      'finishSolidsPercent is 25; allowed: finishG or finishSolidsPercent, not both',
    ],
  ])('%s refuses %j', (id, inputs, sentence) => {
    expect(refusalOf(id, inputs) ?? '').toBe(sentence);
  });

  it('the most that is allowed is allowed', () => {
    expect(refusalOf('discrimination-test', { test: 'triangle', correct: 20, trials: 20 })).toBeNull();
    expect(refusalOf('tray-cooling', { depthMm: 40, startC: 70, targetC: 3.1, airC: 3 })).toBeNull();
  });
});

describe('what a calculator is told is what it reckons with', () => {
  it('a cup and a spoon of another size', () => {
    const amount = (inputs: object) =>
      runCalculator('kitchen-measure', { to: 'ml', ...inputs }).result.amount;
    expect(amount({ amount: 2, from: 'cup', cupMl: 250 })).toBe(500);
    expect(amount({ amount: 3, from: 'tbsp', tablespoonMl: 20 })).toBe(60);
  });

  it('the mass of a piece stands only where there are pieces', () => {
    // UK and EU: a medium egg weighs 53 to 63 g in its shell, about 50 g without it.
    const egg = runCalculator('ingredient', { name: 'egg' }).result.pieceG as number;
    expect(egg).toBeGreaterThan(45);
    expect(egg).toBeLessThan(65);
    expect(runCalculator('ingredient', { name: 'water' }).result).not.toHaveProperty('pieceG');
  });

  it('a preference: its share and Wilson’s interval, by his formula', () => {
    const { result } = runCalculator('paired-preference', { preferA: 15, trials: 20 });
    expect(
      [result.sharePercent, result.lowPercent, result.highPercent].map((one) =>
        Number((one as number).toFixed(2)),
      ),
    ).toEqual([75, 53.13, 88.81]);
  });

  it('a limit cites the authority that was asked', () => {
    const cited = (authority: string) =>
      runCalculator('core-temperature-check', { food: 'chicken', celsius: 80, heldSeconds: 60, authority })
        .sources[0]!.text;
    expect(cited('uk-fsa')).toMatch(/Food Standards Agency/);
    expect(cited('usda')).toMatch(/USDA/);
    expect(cited('scotland')).toMatch(/Scotland/);
  });

  it('an acid that follows from moles cites them, one from handbooks does not', () => {
    const sources = (kind: string) =>
      runCalculator('neutralising-acid', { bicarbonateG: 5, kind }).sources.length;
    // Cream of tartar’s 45 is the handbooks’ (and the moles’); citric and lactic acid are reckoned.
    expect([sources('cream-of-tartar'), sources('citric'), sources('buttermilk')]).toEqual([1, 2, 2]);
  });

  it('a list may be as long as the longest, a row as short as the shortest', () => {
    const rows = (n: number) => ({ ranks: Array.from({ length: n }, () => [1, 2]) });
    expect(refusalOf('friedman', rows(2))).toBeNull();
    expect(refusalOf('friedman', rows(1))).toMatch(/at least 2 rows/);
    expect(refusalOf('friedman', rows(100_001))).toMatch(/at least 2 rows/);
    expect(refusalOf('friedman', { ranks: [[1], [2]] })).toMatch(/ranks\[0\]/);
  });
});
