import { describe, expect, it } from 'vitest';
import { newStep, stationPlan, type Step } from '../practical';
import { isHot, ovenOf, saysFan } from './heat-of-step';
import { planOf } from './testing/plans';

type Typed = Pick<Step, 'text'> & Partial<Step>;

const oven = (celsius: number | null, words = '') => [{ what: 'oven' as const, celsius, words, from: 0 }];
const hob = [{ what: 'hob' as const, celsius: 200, words: '', from: 0 }];
const steps = (...typed: Typed[]) =>
  stationPlan(
    planOf(
      [],
      typed.map((one, i) => newStep({ id: `s${i}`, ...one })),
      { on: 'method' },
      [],
      {
        thermometers: [{ id: 't', in: 'food', smallestDivisionC: 1 }],
      },
    ),
    null,
    null,
  ).steps;
const to = (celsius: number): Partial<Step> => ({
  ends: [{ kind: 'temperature', celsius, basis: 'as-read' }],
  thermometerId: 't',
});

describe('whether a step is hot', () => {
  it.each<[boolean, Typed]>([
    [true, { text: 'Roast the nuts' }],
    [true, { text: 'Put them in.', settings: oven(100) }],
    [false, { text: 'Dry them.', settings: oven(99) }],
    [false, { text: 'Put them in.', settings: oven(null) }],
    [false, { text: 'Hold.', settings: hob }],
    [true, { text: 'Heat.', ...to(80) }],
    // What a thermometer ends is as hot as that, whatever the words.
    [false, { text: 'Boil, then cool.', ...to(79.9) }],
    [false, { text: 'Whisk.' }],
  ])('%s: %o', (hot, step) => {
    expect(isHot(steps(step)[0]!)).toBe(hot);
  });
});

describe('the oven of a step', () => {
  const last = (...typed: Typed[]) => {
    const all = steps(...typed);
    return ovenOf(all, all.at(-1)!);
  };

  it('is its own, by setting or sentence, before that of another', () => {
    expect(
      last({ text: 'Heat the oven.', settings: oven(150) }, { text: 'Bake.', settings: oven(180) }),
    ).toBe(180);
    expect(last({ text: 'Heat the oven.', settings: oven(150) }, { text: 'Bake at 190 °C.' })).toBe(190);
    expect(last({ text: 'Fry.', settings: [...hob, ...oven(170)] })).toBe(170);
    expect(last({ text: 'Bake.', settings: [...oven(null, 'gas 6'), ...oven(175)] })).toBe(175);
  });

  it('is the one it needs, else the last that was set before it, never a later one', () => {
    const needs = (celsius: number | null) => [{ resource: 'oven' as const, count: 1, celsius }];
    expect(last({ text: 'Heat it.', settings: oven(150) }, { text: 'In it goes.', needs: needs(210) })).toBe(
      210,
    );
    expect(last({ text: 'Heat it.', settings: oven(150) }, { text: 'In it goes.', needs: needs(null) })).toBe(
      150,
    );
    const hobFirst = [{ resource: 'hob' as const, count: 1, celsius: null }, ...needs(180)];
    expect(last({ text: 'In it goes.', needs: hobFirst })).toBe(180);
    expect(
      last(
        { text: 'Heat to', settings: oven(150) },
        { text: 'Turn up', settings: oven(220) },
        { text: 'Rest' },
        { text: 'Roast.' },
      ),
    ).toBe(220);
    const all = steps({ text: 'Bake.' }, { text: 'Bake.', settings: oven(220) });
    expect(ovenOf(all, all[0]!)).toBeNull();
    expect(last({ text: 'Heat it.', settings: oven(150) }, { text: 'Cool.' })).toBeNull();
    expect(last({ text: 'Fry.', settings: hob }, { text: 'Bake.' })).toBeNull();
  });

  it('has a fan where a setting or a sentence says so', () => {
    expect(saysFan(steps({ text: 'Bake.', settings: oven(200, 'fan') }, { text: 'Cool.' }))).toBe(true);
    expect(saysFan(steps({ text: 'Mix.' }, { text: 'Bake at 180 °C fan.' }))).toBe(true);
    expect(saysFan(steps({ text: 'Bake at 180 °C under the fantastic grill.' }))).toBe(false);
  });
});
