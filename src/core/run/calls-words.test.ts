import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../practical';
import type { EntryBody } from '.';
import { bench, done, level, reading } from './testing/bench';
import { endAt, inMedium, withFactor } from '../practical/testing/plans';
import { type Entries, call, lines } from './testing/calls';

/** The example with a factor that ends no step. */
const fixed = withFactor(examplePlan, { acts: { on: 'words', scale: 'number' } });

/** Water boils at 96 °C in the kitchen of these tests, at sea level at 99.974: a target of 150 °C is 146.026 °C here. */
const targetHere = 146.026;

/** A pan that was warm and then shows one temperature, the last reading at second 118. */
const pan = (celsius: number): Entries => [
  ...level(1, 100, 0, 60),
  ...level(1, celsius, 60, 120).map(([station, second, body]): Entries[number] => [station, second, body]),
];

describe('the call of a target', () => {
  it.each([
    [targetHere + 1.2, 'C', 'Station 1: 1.2 °C past target'],
    // 1.2 × 9/5 = 2.16.
    [targetHere + 1.2, 'F', 'Station 1: 2.2 °F past target'],
    [targetHere + 0.9, 'C', 'Station 1: at target now'],
    [targetHere, 'C', 'Station 1: at target now'],
  ] as const)('at %d °C, read in °%s: “%s”', (celsius, unit, what) => {
    const target = call(pan(celsius), 119, 'target:1', unit)!;
    expect(target).toMatchObject({ rank: 'stop', stations: [1], what });
    expect(target.why).toBe('Off the heat now. Then: tip in all the soda and stir for 5 s.');
    expect(target.action).toEqual({ label: 'log “off the heat”', line: '1 off the heat' });
    expect(lines(target)).toEqual([
      `now | ${Number(celsius.toPrecision(4))} | °C`,
      'target here | 146 | °C',
      'target at sea level | 150 | °C',
    ]);
  });

  it('short of it nothing is called past or at, and a step that is done calls no more', () => {
    expect(call(pan(targetHere - 2), 119, 'target:1')?.what ?? '').not.toMatch(/past|at target/);
    expect(call([...pan(150), [1, 119, done('boil')]], 121, 'target:1')).toBeUndefined();
  });

  it('a minute ahead it says when, in how many seconds at least and at most, and what comes then', () => {
    // 0.5 °C a second on food: a straight line, 20 s from 36 to 46 °C.
    const food: Plan = {
      ...inMedium(fixed, 'food', 0.1),
      steps: [{ ...examplePlan.steps[1]!, ...endAt(46) }, examplePlan.steps[2]!],
    };
    const climb: Entries = Array.from({ length: 31 }, (_, i) => [1, 2 * i, reading(6 + i)]);
    const soon = call(climb, 60, 'target:1', 'C', food)!;
    expect(soon).toMatchObject({ rank: 'check', what: 'Station 1: ready in 20 s' });
    expect(soon.why).toBe('Target 46.0 °C here. Then: tip in all the soda and stir for 5 s.');
    expect(lines(soon)[2]).toMatch(/^forecast: an approach to an asymptote.* \| 20 \| s$/);
    expect(lines(soon)[3]).toMatch(/^95 % interval: 1\d s to 2\d s/);
    expect(call(climb, 60, 'target:1', 'F', food)!.why).toMatch(/^Target 114\.8 °F here\./);
    const last: Plan = { ...food, steps: food.steps.slice(0, 1) };
    expect(call(climb, 60, 'target:1', 'C', last)!.why).toBe('Target 46.0 °C here. Be there.');
    // 70 s away it is not soon.
    const slow: Entries = Array.from({ length: 31 }, (_, i) => [1, 2 * i, reading(20 + 0.28 * i)]);
    expect(call(slow, 60, 'target:1', 'C', food)).toBeUndefined();
  });
});

describe('a thermometer that came late', () => {
  it('a syrup past its target from its first reading on is past it, not on its way down', () => {
    expect(call(level(1, 150, 0, 20), 19, 'target:1')?.what).toBe('Station 1: 4.0 °C past target');
  });

  it('a soup above its target is on its way down, and past it when below', () => {
    const soup: Plan = {
      ...inMedium(fixed, 'food'),
      steps: [{ ...examplePlan.steps[1]!, ...endAt(21) }],
    };
    const from60 = (celsius: number): Entries => [
      [1, 0, reading(60)],
      [1, 600, reading(celsius)],
    ];
    const what = (celsius: number) => call(from60(celsius), 601, 'target:1', 'C', soup)?.what;
    expect([30, 21, 19.9].map(what)).toEqual([
      undefined,
      'Station 1: at target now',
      'Station 1: 1.1 °C past target',
    ]);
    // Oil left to cool from 200 to 120 °C is no syrup: it comes from above.
    const oil: Plan = {
      ...soup,
      steps: [{ ...soup.steps[0]!, ...endAt(120) }],
    };
    expect(
      call(
        [
          [1, 0, reading(200)],
          [1, 600, reading(150)],
        ],
        601,
        'target:1',
        'C',
        oil,
      ),
    ).toBeUndefined();
    // A probe that touched the hot tin first: the food is heated all the same.
    const wild: Entries = [85, 6, 7].map((celsius, i) => [1, 10 * i, reading(celsius)]);
    expect(call([...wild, [1, 600, reading(21.5)]], 601, 'target:1', 'C', soup)?.what).toBe(
      'Station 1: at target now',
    );
    // Fudge is beaten at 45 °C: a syrup’s target below the boil is reached by cooling.
    const fudge: Plan = {
      ...fixed,
      steps: [{ ...examplePlan.steps[1]!, ...endAt(45) }],
    };
    expect(
      call(
        [
          [1, 0, reading(110)],
          [1, 600, reading(80)],
        ],
        601,
        'target:1',
        'C',
        fudge,
      ),
    ).toBeUndefined();
  });
});

describe('the call of a timer', () => {
  const cooling: Entries = [
    [1, 0, done('weigh')],
    [1, 10, done('boil')],
    [1, 20, done('soda-in')],
  ];

  it.each([
    // 15 min with a look at 12, from second 20: at its second, 2 min long; then the end, for ten minutes.
    [12 * 60 - 1, undefined],
    [12 * 60, 'Station 1: look now'],
    [14 * 60, 'Station 1: look now'],
    [14 * 60 + 1, undefined],
    [15 * 60, 'Station 1: time is up'],
    [25 * 60, 'Station 1: time is up'],
    [25 * 60 + 1, undefined],
  ])('%d s after it began: %s', (second, what) => {
    const calls = bench(cooling).calls(20 + second);
    expect(calls.find(({ id }) => id === 'look:1' || id === 'timer:1')?.what).toBe(what);
  });

  it('says what is over and what is left', () => {
    expect(call(cooling, 20 + 13 * 60, 'look:1')!.why).toMatch(
      /^Pour the foaming syrup .*: the early look, 2 min before the end\.$/,
    );
    const up = call(cooling, 20 + 15 * 60 + 30, 'timer:1')!;
    expect(up.why).toMatch(/: 15 min are over\.$/);
    expect(lines(up)).toEqual(['since it began | 15.5 | min', 'planned | 15 | min']);
    expect(up.rank).toBe('check');
  });

  it('set by hand it counts for five minutes after its end, then the step’s own again', () => {
    const timer: EntryBody = { kind: 'timer', label: 'proof', minutes: 2, lookAt: null };
    const label = (second: number) => bench([...cooling, [1, 30, timer]]).state(1, second).countdown?.label;
    expect([label(31), label(30 + 7 * 60 - 1), label(30 + 7 * 60)]).toEqual(['proof', 'proof', null]);
    const none = bench([...cooling, [1, 30, timer]]).state(1, 31).countdown!;
    expect(none).toEqual({ label: 'proof', elapsedS: 1, lengthS: 120, lookInS: null, warnInS: null });
    // The later one counts, whoever it is for.
    const both: Entries = [
      [null, 40, { ...timer, label: 'all' }],
      [1, 30, timer],
    ];
    expect(bench(both).state(1, 50).countdown?.label).toBe('all');
  });
});

describe('the calls of thermometers', () => {
  const two = (second: number, celsius: number): Entries => [
    ...level(1, 100, 0, 120),
    [1, second, reading(celsius, 2)],
  ];

  it.each([
    [101.5, undefined],
    [101.6, '100.0 °C and 101.6 °C. Same depth, bulb off the bottom? Check both in boiling water.'],
    [98.4, '100.0 °C and 98.4 °C. Same depth, bulb off the bottom? Check both in boiling water.'],
  ])('a second one that shows %d', (celsius, why) => {
    const differ = call(two(100, celsius), 119, 'disagree:1');
    expect(differ?.why).toBe(why);
    if (differ) expect(lines(differ)).toEqual(['difference | 1.6 | °C', 'a word from | 1.5 | °C']);
  });

  it('is forgotten after two minutes', () => {
    const state = (second: number) => bench(two(100, 103)).state(1, second).second;
    expect([state(220)?.celsius, state(221)]).toEqual([103, null]);
  });

  it('a jump is told with both ends, a dry pan with its formula', () => {
    const jump = call([...level(1, 100, 0, 60), [1, 61, reading(140)]], 62, 'jump:1')!;
    expect(jump.what).toBe('Station 1: jumped 40 °C in 3 s');
    expect(lines(jump)).toEqual(['from | 100 | °C', 'to | 140 | °C']);
    const dry = (celsius: number, plan?: Plan) =>
      call([...level(1, 180, 0, 40), [1, 41, reading(celsius)]], 42, 'dry:1', 'C', plan);
    expect(dry(185)).toBeUndefined();
    expect(dry(185.1)).toMatchObject({
      rank: 'stop',
      what: 'Station 1: 185.1 °C with water in the formula',
    });
    expect(lines(dry(185.1))).toEqual([
      // 80 ml of water, and golden syrup’s own: 17 % of 40 g (food tables: 16 to 20).
      expect.stringMatching(/^water in the formula \| 8[67]\.?\d* \| g$/),
      'reading | 185.1 | °C',
    ]);
    const food: Plan = inMedium(examplePlan, 'food');
    expect(dry(190, food)).toBeUndefined();
  });

  it.each([
    [179, undefined, undefined],
    [180, 'Station 1: nothing for 3 min', 'It was at 100.0 °C, '],
  ])('silent for %d s', (silent, what, why) => {
    const quiet = call(level(1, 100, 0, 62), 60 + silent, 'silent:1');
    expect(quiet?.what).toBe(what);
    if (why) {
      expect(quiet!.why).toContain(why);
      expect(lines(quiet)).toEqual(['since the last entry | 180 | s', 'a word from | 180 | s']);
    }
  });

  it('one that never read, and one that never wrote', () => {
    const saw: EntryBody = { kind: 'observation', text: 'bubbles', when: 'during', sense: null };
    expect(call([[1, 10, saw]], 300, 'silent:1')!.why).toBe('No reading yet.');
    expect(call([], 300, 'silent:1')).toBeUndefined();
  });
});
