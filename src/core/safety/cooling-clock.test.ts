import { describe, expect, it } from 'vitest';
import { checkCooling, checkCore, hazardsIn } from '.';

const readings = (...points: [minute: number, celsius: number][]) =>
  points.map(([minute, celsius]) => ({ minute, celsius }));
/** One reading every `every` minutes along a straight line. */
const line = (from: [number, number], to: [number, number], every: number) => {
  const steps = Math.round((to[0] - from[0]) / every);
  return Array.from({ length: steps + 1 }, (_, i): [number, number] => [
    from[0] + i * every,
    from[1] + ((to[1] - from[1]) * i) / steps,
  ]);
};

// UK: from 63 to 8 °C in 90 min; FDA: 57 to 21 °C in 120 min, to 5 °C in 240 more (both as printed).
describe('the clock of a cooling', () => {
  it.each([
    // From 70 through 63 at minute 7: 8 °C at minute 97 is 90 min.
    ['falls through the start between two readings', [...line([0, 70], [62, 8], 2)], 55],
    ['begins on the start itself', [...line([0, 63], [55, 8], 5)], 55],
    ['stays on the start, then falls', [...line([0, 63], [20, 63], 5), ...line([25, 58], [75, 8], 5)], 55],
  ])('%s', (_, points, minutes) => {
    const { stages, verdict, passes } = checkCooling(readings(...points), 'uk-fsa');
    expect(stages[0]!.takenMinutes).toBeCloseTo(minutes, 6);
    expect([verdict, passes, stages[0]!.passes]).toEqual(['yes', true, true]);
  });

  it('starts at the first fall, wherever that stands among the readings', () => {
    // 80, 75, 70, 65, 60: through 63 at 4/5 of the fourth step, minute 17 of steps of 5; then 8 °C at minute 117.
    const late = readings([0, 80], [5, 75], [10, 70], [15, 65], [20, 60], ...line([30, 50], [117, 8], 14.5));
    const { stages, verdict, passes, soFarMinutes } = checkCooling(late, 'uk-fsa');
    expect(stages[0]!.takenMinutes).toBeCloseTo(100, 6);
    expect([verdict, passes, stages[0]!.passes]).toEqual(['no', false, false]);
    expect(soFarMinutes).toBeCloseTo(100, 6);
  });

  it('has not begun while it is above the start, and says so', () => {
    const hot = checkCooling(readings([0, 80], [10, 70], [20, 64]), 'uk-fsa');
    expect(hot).toMatchObject({
      verdict: 'cannot-tell',
      passes: false,
      missing: 'readings below 63 °C: it has not begun to count',
      // Counted from the first reading while nothing has fallen yet.
      soFarMinutes: 20,
    });
    expect(hot.stages[0]).toMatchObject({ passes: false, takenMinutes: null });
  });

  it('a no needs nothing more: what is missing is not asked for', () => {
    // Two and a half hours to 30 °C: the first stage is lost, the second was never seen.
    const lost = checkCooling(readings(...line([0, 60], [150, 30], 15)), 'fda');
    expect(lost.verdict).toBe('no');
    expect(lost.missing).toBeUndefined();
    expect(lost.stages.map((stage) => stage.verdict)).toEqual(['no', 'cannot-tell']);
    const open = checkCooling(readings(...line([0, 60], [60, 30], 15)), 'fda');
    expect(open.verdict).toBe('cannot-tell');
    expect(open.missing).toBe('readings down to 21 °C: it is not there yet');
    // The first stage in time, the second under way: not yet a yes.
    const half = checkCooling(readings(...line([0, 60], [75, 15], 15), [90, 13], [105, 11]), 'fda');
    expect(half).toMatchObject({
      verdict: 'cannot-tell',
      passes: false,
      missing: 'readings down to 5 °C: it is not there yet',
    });
    expect(half.stages.map((stage) => stage.verdict)).toEqual(['yes', 'cannot-tell']);
    const whole = checkCooling(
      readings(...line([0, 60], [75, 15], 15), ...line([90, 13], [150, 5], 15)),
      'fda',
    );
    expect(whole.verdict).toBe('yes');
    expect(whole.missing).toBeUndefined();
  });
});

describe('a cooling with a gap', () => {
  const verdict = (...points: [number, number][]) =>
    checkCooling(readings(...points), 'fda').stages[0]!.verdict;
  it.each<[string, [number, number][], string]>([
    // Last seen above 21 °C at minute 10, where it had fallen below 57 already: it may have been cold at once.
    [
      'may have been fast in it',
      [
        [0, 60],
        [10, 50],
        [200, 20],
      ],
      'cannot-tell',
    ],
    // Seen at 30 °C at minute 150, below 57 at minute 10: 140 min at the least.
    [
      'was slow before it ended',
      [
        [0, 60],
        [10, 50],
        [150, 30],
        [210, 20],
      ],
      'no',
    ],
    // At 21 °C it is there: since when is not known.
    [
      'may have been there long before it was seen',
      [
        [0, 60],
        [10, 50],
        [140, 21],
        [150, 20],
      ],
      'cannot-tell',
    ],
  ])('%s', (_, points, wanted) => {
    expect(verdict(...points)).toBe(wanted);
  });
});

describe('a hold of a core', () => {
  // FDA: minced 68 °C for 17 s.
  const minced = (...points: [second: number, celsius: number][]) =>
    checkCore('fda', 'minced beef', {
      readings: points.map(([second, celsius]) => ({ minute: second / 60, celsius })),
    }).verdict;

  it('the longest one counts, not the last', () => {
    const first: [number, number][] = [
      [0, 60],
      [10, 68],
      [20, 68],
      [30, 68],
    ];
    expect(minced(...first, [40, 60], [50, 68], [55, 68], [60, 60])).toBe('yes');
    // Ten seconds were seen, up to thirty are possible; with a reading every three seconds at most 15 are.
    expect(minced([0, 60], [10, 68], [20, 68], [30, 60], [40, 68], [50, 68], [55, 60])).toBe('cannot-tell');
    expect(minced([0, 67], [3, 68], [6, 68], [9, 68], [12, 68], [15, 67])).toBe('no');
  });

  it('a lone reading, the first and the last included, is no hold', () => {
    const at = (food: string, authority: 'fda' | 'uk-fsa', ...points: [minute: number, celsius: number][]) =>
      checkCore(authority, food, { readings: points.map(([minute, celsius]) => ({ minute, celsius })) });
    for (const check of [
      at('chicken', 'uk-fsa', [0, 0], [5, 100], [10, 10]),
      at('chicken', 'uk-fsa', [0, 20], [4, 75], [8, 21]),
      at('chicken', 'fda', [0, 20], [4, 75], [8, 21]),
      at('pork chop', 'fda', [0, 20], [9, 65]),
      at('pork chop', 'fda', [0, 65], [9, 20]),
      at('cod', 'fda', [0, 66], [5, 10], [9, 66]),
      at('beef mince', 'uk-fsa', [0, 90], [9, 59], [18, 90]),
    ])
      expect(check).toMatchObject({ verdict: 'cannot-tell', safe: false });
    expect(at('chicken', 'uk-fsa', [0, 0], [5, 100], [10, 10]).achieved).toContain('0 % of the treatment');
    // Twelve minutes between two readings: nobody saw the middle.
    expect(at('pork chop', 'fda', [0, 65], [12, 65]).verdict).toBe('cannot-tell');
    expect(at('pork chop', 'fda', [0, 58], [5, 64], [6, 65]).verdict).toBe('yes');
    expect(at('chicken', 'fda', [0, 60], [3, 68], [6, 75]).verdict).toBe('yes');
  });
});

describe('a temperature without its time', () => {
  it.each([
    // FDA, minced: 63 °C needs three minutes; it is hot enough for one of the lines, so the time is asked for.
    ['fda', 'minced beef', 63, 'cannot-tell'],
    ['fda', 'minced beef', 68, 'cannot-tell'],
    ['fda', 'minced beef', 70, 'yes'],
    ['fda', 'minced beef', 62.9, 'no'],
    ['uk-fsa', 'chicken', 60, 'cannot-tell'],
    ['uk-fsa', 'chicken', 59.9, 'no'],
  ] as const)('%s, %s at %d °C: %s', (authority, food, celsius, verdict) => {
    const check = checkCore(authority, food, { celsius, heldSeconds: undefined });
    expect(check.verdict).toBe(verdict);
    expect(check.missing).toBe(verdict === 'cannot-tell' ? 'how long it was held' : undefined);
  });
});

describe('“it” in a step', () => {
  it('means what the sentence before was about; a sentence without it stands alone', () => {
    expect(hazardsIn('Put the sugar in the pan. Boil it.')).toContain('hot-sugar');
    expect(hazardsIn('Boil the milk. Weigh the sugar.')).not.toContain('hot-sugar');
    expect(hazardsIn('Measure the vinegar. Heat the water.')).not.toContain('hot-acid');
    expect(hazardsIn('Measure the vinegar. Heat it.')).toContain('hot-acid');
  });
});
