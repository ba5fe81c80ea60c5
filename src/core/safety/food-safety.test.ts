import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  authorityCalled,
  checkCore,
  equivalentMinutes,
  foodKinds,
  printedHoldS,
  readFood,
  treatmentOf,
} from '.';
import { lineC, meetsLine } from './core-limits';

const held = (celsius: number, minutes: number) => [
  { minute: 0, celsius },
  { minute: minutes, celsius },
];

describe('lethality', () => {
  // UK Food Standards Agency: combinations held to be equivalent to 70 °C for 2 minutes.
  it.each([
    [60, 45],
    [65, 10],
    [70, 2],
    [75, 0.5],
    [80, 0.1],
  ])('%i °C for %f min is 2 min at 70 °C within 20 %% at z = 7.5 °C', (celsius, minutes) => {
    expect(Math.abs(equivalentMinutes(held(celsius, minutes), 70, 7.5) / 2 - 1)).toBeLessThan(0.2);
  });

  it('integrates a ramp exactly: from 60 to 70 °C in 10 min, z = 10, it is 0.9/ln 10 × 10 min', () => {
    const ramp = [0, 10].map((minute) => ({ minute, celsius: 60 + minute }));
    expect(equivalentMinutes(ramp, 70, 10)).toBeCloseTo((10 * 0.9) / Math.LN10, 9);
  });

  it('is the same however finely the same line is read, and grows with every degree', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 80, noNaN: true }),
        fc.double({ min: -10, max: 10, noNaN: true }),
        fc.integer({ min: 2, max: 30 }),
        (celsius, rise, parts) => {
          const line = (n: number, more = 0) =>
            Array.from({ length: n + 1 }, (_, i) => ({
              minute: (12 * i) / n,
              celsius: celsius + more + (rise * i) / n,
            }));
          const whole = equivalentMinutes(line(1), 70, 7.5);
          expect(equivalentMinutes(line(parts), 70, 7.5) / whole).toBeCloseTo(1, 8);
          expect(equivalentMinutes(line(1, 1), 70, 7.5)).toBeGreaterThan(whole);
        },
      ),
    );
  });
});

describe('a line of a table', () => {
  it('is met in the unit it is printed in; a value read in °F is not turned away by its rounding in °C', () => {
    const both = { celsius: 74, fahrenheit: 165, holdS: 0 };
    const f = (fahrenheit: number) => (fahrenheit - 32) / 1.8;
    expect([74, 74.3, f(165), f(165.2)].map((celsius) => meetsLine(both, celsius))).toEqual([
      true,
      true,
      true,
      true,
    ]);
    // 73.9 °C was read in °C; 73.89 °C is no tenth of either scale; 164.9 °F is short.
    expect([73.9, 73.89, f(164.9)].map((celsius) => meetsLine(both, celsius))).toEqual([false, false, false]);
    const american = { fahrenheit: 145, holdS: 0 };
    expect([f(145), 62.8, 62.77, f(144.9)].map((celsius) => meetsLine(american, celsius))).toEqual([
      true,
      true,
      false,
      false,
    ]);
    const british = { celsius: 70, holdS: 120 };
    expect([70, 69.99, f(157.9)].map((celsius) => meetsLine(british, celsius))).toEqual([true, false, false]);
    expect([lineC(both), lineC(american)]).toEqual([74, f(145)]);
  });

  it('is said with its hold: at once where none is asked for', () => {
    const required = (authority: 'usda' | 'fda' | 'uk-fsa', food: string) =>
      checkCore(authority, food, { celsius: 60, heldSeconds: 1 }).required;
    expect(required('usda', 'chicken')).toBe('165 °F (73.9 °C) for an instant');
    expect(required('fda', 'leftover soup')).toMatch(/for 15 s/);
    expect(required('uk-fsa', 'chicken')).toMatch(/^70 °C for 2 min/);
  });
});

describe('core temperatures', () => {
  const verdict = (...given: Parameters<typeof checkCore>) => checkCore(...given).verdict;

  it('US FDA Food Code 3-401.11: each printed line counts, and no second or tenth of a degree less', () => {
    const lines: [food: string, celsius: number, seconds: number][] = [
      ['beef steak', 63, 15],
      ['haddock', 63, 15],
      ['eggs', 63, 15],
      ['minced beef', 68, 17],
      ['minced beef', 63, 180],
      ['minced beef', 66, 60],
      ['minced beef', 70, 0],
      ['chicken', 74, 0],
      ['leftover fish', 74, 15],
    ];
    for (const [food, celsius, heldSeconds] of lines) {
      expect(verdict('fda', food, { celsius, heldSeconds }), `${food} ${celsius}`).toBe('yes');
      expect(verdict('fda', food, { celsius: celsius - 0.1, heldSeconds }), food).toBe('no');
      if (heldSeconds > 0)
        expect(verdict('fda', food, { celsius, heldSeconds: heldSeconds - 1 }), food).toBe('no');
    }
    expect(checkCore('fda', 'roast pork', { celsius: 63, heldSeconds: 15 })).toMatchObject({
      safe: true,
      required: '63 °C (145 °F) for 15 s',
    });
  });

  it('a limit printed in °F is met by that many °F, in either notation', () => {
    const at = (fahrenheit: number) => ({ celsius: ((fahrenheit - 32) * 5) / 9, heldSeconds: 0 });
    for (const authority of ['fda', 'usda'] as const) {
      expect(verdict(authority, 'turkey', at(165))).toBe('yes');
      expect(verdict(authority, 'turkey', at(164.9))).toBe('no');
    }
    expect(verdict('usda', 'hamburger', at(160))).toBe('yes');
    expect(verdict('usda', 'hamburger', at(159.9))).toBe('no');
    expect(verdict('usda', 'salmon', at(145))).toBe('yes');
    expect(verdict('fda', 'chicken', { celsius: 73.9, heldSeconds: 600 })).toBe('no');
  });

  it('UK equivalents as printed: 60 °C 45 min, 65 °C 10 min, 70 °C 2 min, 75 °C 30 s, 80 °C 6 s', () => {
    for (const [celsius, seconds] of [
      [60, 2700],
      [65, 600],
      [70, 120],
      [75, 30],
      [80, 6],
    ] as const) {
      expect(verdict('uk-fsa', 'chicken', { celsius, heldSeconds: seconds }), `${celsius}`).toBe('yes');
      expect(verdict('uk-fsa', 'chicken', { celsius, heldSeconds: seconds * 0.99 }), `${celsius}`).toBe('no');
    }
    // Nothing is counted below the table, nor faster than its last line.
    expect(verdict('uk-fsa', 'chicken', { celsius: 59.9, heldSeconds: 86_400 })).toBe('no');
    expect(verdict('uk-fsa', 'chicken', { celsius: 100, heldSeconds: 5 })).toBe('no');
    // Between the lines the log of the time runs straight: √(10 × 2) min half-way from 65 to 70 °C.
    expect(printedHoldS(67.5)).toBeCloseTo(60 * Math.sqrt(20), 9);
  });

  it('UK: readings add up, and a long warm evening below 60 °C adds nothing', () => {
    const warm = Array.from({ length: 289 }, (_, i) => ({ minute: i * 5, celsius: 55 + (i % 2) * 4.9 }));
    expect(verdict('uk-fsa', 'chicken', { readings: warm })).toBe('no');
    expect(verdict('uk-fsa', 'poultry', { readings: held(70, 2) })).toBe('yes');
    expect(verdict('uk-fsa', 'poultry', { readings: held(75, 0.5) })).toBe('yes');
    const halves = [
      { minute: 0, celsius: 65 },
      { minute: 5, celsius: 65 },
      { minute: 5.001, celsius: 70 },
      { minute: 6.001, celsius: 70 },
    ];
    expect(treatmentOf(halves, 10).least).toBeCloseTo(1, 3);
    expect(verdict('uk-fsa', 'poultry', { readings: halves })).toBe('yes');
    // The exact sum over a ramp lies between what readings at each minute show at the least and at the most.
    const ramp = Array.from({ length: 13 }, (_, minute) => ({ minute, celsius: 57 + 1.5 * minute }));
    let sum = 0;
    for (let i = 0; i < 12_000; i += 1) sum += 0.06 / printedHoldS(57 + 1.5 * (i + 0.5) * 0.001);
    const { least, most } = treatmentOf(ramp, 10);
    expect([least < sum, sum < most, most / least < 1.8]).toEqual([true, true, true]);
  });

  it('gaps, one reading, a hold nobody timed and a lone spike are can’t tell, never yes', () => {
    expect(checkCore('uk-fsa', 'chicken', { readings: held(72, 60) })).toMatchObject({
      verdict: 'cannot-tell',
      safe: false,
    });
    expect(verdict('fda', 'pork chop', { celsius: 66, heldSeconds: undefined })).toBe('cannot-tell');
    expect(verdict('fda', 'pork chop', { celsius: 62, heldSeconds: undefined })).toBe('no');
    expect(verdict('fda', 'pork chop', { readings: [{ minute: 4, celsius: 66 }] })).toBe('cannot-tell');
    expect(verdict('fda', 'chicken', { readings: [{ minute: 4, celsius: 76 }] })).toBe('yes');
    const spike = [55, 56, 78, 57, 58].map((celsius, minute) => ({ minute, celsius }));
    expect(verdict('fda', 'chicken', { readings: spike })).toBe('cannot-tell');
  });

  it('USDA: three minutes’ rest; a fall below starts the hold anew', () => {
    const dip = [64, 64, 60, 64, 64].map((celsius, i) => ({ minute: [0, 2, 2.5, 3, 5][i]!, celsius }));
    expect(verdict('usda', 'beef roast', { readings: dip })).toBe('no');
    expect(verdict('usda', 'beef roast', { readings: held(63, 3) })).toBe('yes');
  });

  it('Scotland: reheated food 82 °C; cooked food as in the rest of the UK', () => {
    expect(verdict('scotland', 'reheated curry', { celsius: 82, heldSeconds: 0 })).toBe('yes');
    expect(verdict('scotland', 'reheated curry', { celsius: 81.9, heldSeconds: 600 })).toBe('no');
    expect(verdict('scotland', 'chicken breast', { celsius: 70, heldSeconds: 120 })).toBe('yes');
  });
});

describe('what a food is taken for', () => {
  // The grouping of FDA Food Code 3-401.11(A) and 3-403.11; the words by common practice.
  it.each([
    ['chicken thigh', 'poultry'],
    ['Turkey koftas', 'poultry'],
    ['beefburger', 'minced'],
    ['hamburgers', 'minced'],
    ['meat loaf', 'minced'],
    ['tenderised steak', 'minced'],
    ['injected pork loin', 'minced'],
    ['rolled lamb shoulder', 'minced'],
    ['fish cakes', 'minced'],
    ['salmon', 'fish'],
    ['crab', 'fish'],
    ['mussels', 'fish'],
    ['smoked haddock', 'fish'],
    ['rump steak', 'whole-cut'],
    ['egg', 'eggs'],
    ['quiche', 'egg-dish'],
    ['leftover fish', 'leftovers'],
    ['reheated chicken pie', 'leftovers'],
    ['fish, reheated', 'leftovers'],
    ['cold cooked ham', 'leftovers'],
    ['slow-cooked beef', 'whole-cut'],
    ['stuffed trout', 'stuffed'],
    ['chicken pie', 'stuffed'],
    ['beef lasagne', 'stuffed'],
    ['LEFT-OVER  Rice!', 'leftovers'],
    ['venison', 'poultry'],
  ] as const)('“%s” counts as %s', (words, kind) => {
    expect(readFood(words)).toMatchObject({ kinds: expect.arrayContaining([kind]) as unknown, unread: [] });
    expect(readFood(words).kinds[0]).toBe(kind);
  });

  it('what is not known is can’t tell, with the strictest line shown; a low limit never rests on a guessed word', () => {
    expect(checkCore('fda', 'tofu', { celsius: 99, heldSeconds: 600 })).toMatchObject({
      verdict: 'cannot-tell',
      safe: false,
      food: null,
      required: expect.stringContaining('74 °C (165 °F) for 15 s: the strictest line') as unknown,
    });
    const surprise = checkCore('fda', 'fish surprise', { celsius: 65, heldSeconds: 60 });
    expect(surprise.verdict).toBe('cannot-tell');
    expect(surprise.missing).toContain('“surprise”');
    expect(checkCore('fda', 'fish surprise', { celsius: 75, heldSeconds: 15 }).verdict).toBe('yes');
    expect(checkCore('fda', 'fish surprise', { celsius: 60, heldSeconds: 15 }).verdict).toBe('no');
  });

  it('63 °C for 15 s is enough for whole cuts, fish and eggs at once, and for nothing that was worked, cured or kept', () => {
    // FDA Food Code 2022, 3-401.11(A)(1) against (A)(2), (A)(3) and 3-403.11.
    const verdict = (food: string) => checkCore('fda', food, { celsius: 63, heldSeconds: 15 }).verdict;
    const whole =
      'beef steak, pork chop, salmon fillet, roast lamb, cod loin, fresh egg, haddock fillet, leg of lamb, rack of lamb, tuna steak, crab, mussels, lobster tail, prawns, sirloin, ribeye, veal cutlet, pork tenderloin, sea bass, trout';
    expect(whole.split(', ').filter((food) => verdict(food) !== 'yes')).toEqual([]);
    const worked =
      'beef wellington, steak pie, pork dumplings, cheeseburger, corned beef hash, smoked sausage, mortadella, salt pork, bacon, pancetta, gammon, scotch egg, rolled pork belly, porchetta, stuffed pork loin, beef roulade, lamb shish of minced lamb, venison steak, pheasant breast, chicken liver, lamb kidneys, fish pie filling, salmon en croute, crab cake, fish balls, tuna burger, egg fried rice, scrambled egg for a buffet, omelette, quiche lorraine, reheated steak, leftover roast beef, beef stew, chilli, microwaved leftovers, meatballs, sausage casserole, faggots, kebab meat, ham hock terrine, formed ham, turkey ham, needle tenderised beef, blade tenderized steak, brined pork chop, cube steak, ground veal, lamb kofte, mystery meat, crocodile, stuffed mushrooms, strudel with meat, arancini, spring rolls';
    expect(worked.split(', ').filter((food) => verdict(food) === 'yes')).toEqual([]);
  });

  it('more words never make it milder', () => {
    const words = foodKinds.flatMap(({ names }) => names);
    fc.assert(
      fc.property(fc.constantFrom(...words), fc.constantFrom(...words), (one, other) => {
        const rank = (text: string) => foodKinds.findIndex(({ id }) => id === readFood(text).kinds[0]);
        expect(rank(`${one} ${other}`)).toBeLessThanOrEqual(Math.min(rank(one), rank(other)));
      }),
      { numRuns: 400 },
    );
  });

  it('authorities are known by the words people use', () => {
    expect([' fda ', 'UK-FSA', 'Usda'].map(authorityCalled)).toEqual(['fda', 'uk-fsa', 'usda']);
    expect(['FDA', 'UK', 'USDA', 'Scotland', 'nobody'].map(authorityCalled)).toEqual([
      'fda',
      'uk-fsa',
      'usda',
      'scotland',
      undefined,
    ]);
  });
});
