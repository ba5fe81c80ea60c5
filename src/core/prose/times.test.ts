import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { levelled } from './levelled';
import { timesIn } from './times';

describe('lengths of time, to the minute', () => {
  it.each<[string, (number | null)[][]]>([
    ['Simmer for 1 hour 20 minutes.', [[80, null]]],
    ['Simmer for 1 hour and 20 minutes.', [[80, null]]],
    ['Prove 1 h 20.', [[80, null]]],
    ['Prove 1 h at 20 °C.', [[60, null]]],
    ['Prove 1 h 20 °C.', [[60, null]]],
    ['Rest 2 days 3 hours.', [[3060, null]]],
    [
      'Rest 10 minutes 30 seconds.',
      [
        [10, null],
        [0.5, null],
      ],
    ],
    [
      'Rest an hour, then 2 hours.',
      [
        [60, null],
        [120, null],
      ],
    ],
    [
      'Bake an hour and a quarter, or 45 minutes to an hour.',
      [
        [75, null],
        [45, 60],
      ],
    ],
    [
      'Cook for 3 minutes (4 minutes at 650 W).',
      [
        [3, null],
        [4, null],
      ],
    ],
    ['Bake an hour and a half.', [[90, null]]],
    ['Bake for half an hour.', [[30, null]]],
    ['Bake a quarter of an hour.', [[15, null]]],
    ['Roast for 1 hour to 1 1/2 hours.', [[60, 90]]],
    [
      'Roast for 30 minutes to 5 hours.',
      [
        [30, null],
        [300, null],
      ],
    ],
    [
      'Roast for 60 minutes to 1 hour.',
      [
        [60, null],
        [60, null],
      ],
    ],
    ['Fry for 2-3 minutes.', [[2, 3]]],
    ['Fry for 3-2 minutes.', [[3, null]]],
    ['Boil for 90 seconds.', [[1.5, null]]],
    ['Boil 20 s.', [[0.3333, null]]],
    ['Boil a few minutes.', []],
    ['Boil a minute.', [[1, null]]],
    ['Whisk until the trail holds for 5 seconds.', []],
    ['Whisk until thick for 5 minutes.', [[5, null]]],
    ['Add the sugar, 10 seconds between spoonfuls, 4 minutes between layers.', [[4, null]]],
    ['Turn every 5 minutes.', []],
    ['Cover for the last 10 minutes.', []],
    ['Stir for less than 2 minutes.', []],
    ['Stir twice an hour.', []],
    ['Rinse a second time.', []],
    ['Leave for a night.', []],
    ['Chill 2 days. Keeps for 3 days.', [[2880, null]]],
    ['It keeps well for up to 3 hours.', []],
    ['Keep warm for 20 minutes.', [[20, null]]],
    ['Keep stirring for 20 minutes.', [[20, null]]],
    ['Store for 3 days.', []],
    ['Backen 40 Minuten.', [[40, null]]],
    ['Cuire 1 heure et demie.', [[90, null]]],
    ['Hornear 25 minutos.', [[25, null]]],
    ["Cuocere mezz'ora.", [[30, null]]],
    ['Panggang 2 jam.', [[120, null]]],
    ['Leave for three quarters of an hour.', [[45, null]]],
    ['Simmer an hour and ten minutes.', [[70, null]]],
    ['Simmer for forty five minutes.', [[45, null]]],
    ['Simmer twenty-one minutes.', [[21, null]]],
    ['Leave for two days.', [[2880, null]]],
    ['Leave for a day.', [[1440, null]]],
    ['Ferment for 2 weeks.', [[20_160, null]]],
    ['Leave 1:30 h.', [[90, null]]],
    ['Prove 1–2 h.', [[60, 120]]],
    ['Prove 1½ hours.', [[90, null]]],
    ['Prove 2 ¾ h.', [[165, null]]],
    ['Total:45 minutes.', [[45, null]]],
    ['Whisk the wet ones.', []],
    ['Stir until as thick as cream, as hot as it gets.', []],
    ['Stir in 2 minced onions.', []],
    ['Add 5 g.', []],
  ])('%s', (text, lengths) => {
    expect(timesIn(levelled(text)).map(({ low, high }) => [low, high])).toEqual(lengths);
  });

  it('is never read from articles, number words and plurals: a unit of time stands in every one of them', () => {
    const words = [
      ...'a an as the one ones two tens three ten twenty halves half quarter quarters dozen couple first'.split(
        ' ',
      ),
      ...'second third hot hotter seeds sides halved mashed steps spoonfuls hands moment while mint mince'.split(
        ' ',
      ),
      ...'secure minus hob hobs sauce days-old sheets of and to or until 2 12 1½ ½ 3–4 (5) and, s. m 3rd'.split(
        ' ',
      ),
      ...'minutes min hour h seconds day'.split(' '),
    ];
    const units = /(?<!\p{L})(?:minutes|min|hour|seconds?|days?)(?!\p{L})|[\d½].*(?<!\p{L})[hs](?!\p{L})/u;
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words), { minLength: 1, maxLength: 9 }), (some) => {
        const text = levelled(some.join(' '));
        for (const { from, to, low } of timesIn(text)) {
          const said = text.slice(from, to);
          expect(said).toMatch(units);
          expect(said).toMatch(/\d|½|\b(?:an?|one|two|three|ten|twenty|half|quarter|couple|dozen|third)\b/);
          expect(low).toBeGreaterThan(0);
        }
      }),
      { numRuns: 3000, seed: 26 },
    );
  });

  it('knows where they stand, for what they are, and what is said again', () => {
    const read = (text: string) =>
      timesIn(text).map(({ from, to, per, again }) => [text.slice(from, to), per, again]);
    expect(read('Fry 2-3 minutes a side, then 1 min per piece.')).toEqual([
      ['2-3 minutes a side', 'side', false],
      ['1 min per piece', 'piece', false],
    ]);
    expect(read('Bake 2 minutes on each side; 5 minutes per batch.')).toEqual([
      ['2 minutes on each side', 'side', false],
      ['5 minutes per batch', 'piece', false],
    ]);
    expect(read('Bake 2 hours (90 minutes).')).toEqual(
      [
        ['2 hours ', 'once', false],
        ['90 minutes', 'once', true],
      ].map(([words, ...rest]) => [(words as string).trim(), ...rest]),
    );
    expect(read('(90 minutes) in the oven.')).toEqual([['90 minutes', 'once', false]]);
    expect(read('Bake 1 hour 20 minutes or so.')).toEqual([['1 hour 20 minutes', 'once', false]]);
    expect(read('Bake 45 minutes to an hour in all.')).toEqual([['45 minutes to an hour', 'once', false]]);
    expect(read('Prove 1 h 20 in all.')).toEqual([['1 h 20', 'once', false]]);
  });
});
