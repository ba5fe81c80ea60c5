import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../practical';
import type { EntryBody } from '.';
import { bench, done, level, reading, zero } from './testing/bench';
import { endAt, inMedium } from '../practical/testing/plans';
import { type Entries, call, lines } from './testing/calls';

describe('the note of a plateau', () => {
  it.each([
    [1, 'Station 1 has levelled off'],
    [2, 'Stations 1 and 2 have levelled off'],
    [5, 'Stations 1, 2, 3, 4 and 5 have levelled off'],
    [6, '6 stations have levelled off'],
  ])('of %d stations', (count, what) => {
    const entries = Array.from({ length: count }, (_, i) => level(i + 1, 97 + (i % 2))).flat();
    const note = call(entries, 199, 'plateau')!;
    expect(note.what).toBe(what);
    expect(note.stations).toHaveLength(count);
    expect(note.rank).toBe('note');
    expect(note.why).toMatch(/^Near 9[78] °C the heat goes into steam/);
    expect(lines(note)[0]).toBe('water boils here at | 96 | °C');
  });

  it('comes only within 2 °C below and 6 above the boil', () => {
    const note = (celsius: number) => call(level(1, celsius), 199, 'plateau')?.id;
    expect([93.9, 94.1, 101.9, 102.1].map(note)).toEqual([undefined, 'plateau', 'plateau', undefined]);
  });

  it('the most urgent call stands first', () => {
    const ranks = bench([...level(1, 97), ...level(2, 150), [2, 199, reading(154, 2)], ...level(3, 97)])
      .calls(199)
      .map((one) => one.rank);
    expect(ranks.length).toBeGreaterThan(2);
    const order = ['stop', 'check', 'note'];
    expect(ranks).toEqual([...ranks].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
    expect(new Set(ranks)).toEqual(new Set(order));
  });
});

describe('how a station stands', () => {
  it('what is written down to be done to a pan begins its forecast anew', () => {
    const base = inMedium(examplePlan, 'water');
    const plan: Plan = {
      ...base,
      factors: [],
      steps: base.steps.map((step) => (step.thermometerId ? { ...step, ...endAt(80) } : step)),
    };
    // 0.2 °C a second from 20 °C on, read each second.
    const warming = Array.from(
      { length: 120 },
      (_, i) => [1, i, reading(20 + 0.2 * i, 1)] as Entries[number],
    );
    const kinds = (...more: Entries) => bench([...warming, ...more], plan).state(1, 121).forecast?.kind;
    expect(kinds()).toBe('reaching');
    expect(kinds([1, 118, { kind: 'deviation', text: 'lid on' }])).toBe('not-yet');
    expect(kinds([1, 118, { kind: 'deviation', text: 'smells good' }])).toBe('reaching');
    expect(kinds([1, 60, { kind: 'deviation', text: 'lid on' }])).toBe('reaching');
  });

  it('not started, working, and the words of a syrup on its way', () => {
    expect(bench([]).state(1, 5)).toMatchObject({
      phase: 'not-started',
      words: 'no reading yet',
      reading: null,
      silentS: null,
      stepNumber: 1,
      lastEvent: null,
    });
    const words = (celsius: number) => bench(level(1, celsius, 0, 20)).state(1, 19).words;
    expect([39.9, 40, 93.9, 94].map(words)).toEqual([
      'dissolving',
      'warming up',
      'warming up',
      'water boiling off',
    ]);
    const state = bench(level(1, 60, 0, 20)).state(1, 25);
    expect(state.reading).toEqual({ celsius: 60, ageS: 7 });
    expect(state.silentS).toBe(7);
  });

  it('goes on with its steps, never back; what is no step of the lesson moves nothing', () => {
    const ids = examplePlan.steps.filter((step) => step.when === 'lesson').map((step) => step.id);
    const at = (...events: [second: number, stepId: string | null][]) => {
      const entries = events.map(([second, stepId]): Entries[number] => [
        1,
        second,
        { kind: 'event', text: 'x', stepId },
      ]);
      const { stepNumber, lastEvent } = bench(entries).state(1, 500);
      return [stepNumber, lastEvent === null ? null : (lastEvent.at - zero) / 1000];
    };
    expect(at([10, ids[0]!], [20, ids[1]!])).toEqual([3, 20]);
    // Logged late: the first step after the second.
    expect(at([10, ids[1]!], [20, ids[0]!])).toEqual([3, 10]);
    // Logged twice: it was over at the later.
    expect(at([10, ids[1]!], [20, ids[1]!])).toEqual([3, 20]);
    expect(at([10, ids[0]!], [20, null], [30, 'nobody’s'])).toEqual([2, 10]);
    expect(at([10, null])).toEqual([1, null]);
  });

  it('shows the thermometer of the step it is at, and after the last that of the last', () => {
    const boil = examplePlan.steps.findIndex((step) => step.id === 'boil');
    const plan: Plan = {
      ...examplePlan,
      thermometers: [
        ...examplePlan.thermometers,
        { id: 'core', in: 'core', smallestDivisionC: 0.1 },
        { id: 'oil', in: 'oil', smallestDivisionC: 1 },
      ],
      steps: examplePlan.steps.map((step, i) =>
        i === boil + 1 ? { ...step, ...endAt(74), thermometerId: 'core' } : step,
      ),
    };
    const seen = [...level(1, 120, 0, 20), [1, 20, reading(61, 2)], [1, 21, reading(180, 3)]] as Entries;
    const stepIds = plan.steps.map((step) => step.id);
    const after = (steps: number) => {
      const events = stepIds.slice(0, steps).map((id, i): Entries[number] => [1, 22 + i, done(id)]);
      const { reading: shown, watch } = bench([...seen, ...events], plan).state(1, 60);
      return [shown?.celsius, watch?.probe];
    };
    expect(after(0)).toEqual([120, 1]);
    expect(after(boil + 1)).toEqual([61, 2]);
    expect(after(stepIds.length)).toEqual([61, undefined]);
  });

  it('counts a step down from the one before it; without minutes, or past its timer, nothing', () => {
    const egg: EntryBody = { kind: 'timer', label: 'egg', minutes: 4, lookAt: 3 };
    const timed = bench([[1, 10, egg]]);
    expect(timed.state(1, 70).countdown).toMatchObject({ label: 'egg', elapsedS: 60, lookInS: 120 });
    // Five minutes after its end it is over.
    expect(timed.state(1, 10 + 540).countdown?.label).not.toBe('egg');
    const plain = { ...examplePlan, steps: examplePlan.steps.map((step) => ({ ...step, minutes: null })) };
    expect(bench([], plain).state(1, 70).countdown).toBeNull();
    const all = examplePlan.steps.map((step, i): Entries[number] => [1, 10 + i, done(step.id)]);
    expect(bench(all).state(1, 100).countdown).toBeNull();
    expect(bench([]).state(1, 70).countdown).toMatchObject({ elapsedS: 70 });
  });

  it('without a thermometer it starts with the first word', () => {
    const plan: Plan = inMedium(examplePlan, null);
    expect(bench([], plan).state(1, 20).phase).toBe('not-started');
    const saw: EntryBody = { kind: 'observation', text: 'clear', when: 'during', sense: null };
    expect(bench([[1, 10, saw]], plan).state(1, 20).phase).toBe('working');
  });

  it('where it will be in a minute, and whether a food is steady, warming or cooling', () => {
    const food: Plan = inMedium(examplePlan, 'food', 0.1);
    const going = (perS: number, readings = 40) =>
      bench(
        Array.from({ length: readings }, (_, i): Entries[number] => [1, 2 * i, reading(50 + 2 * perS * i)]),
        food,
      ).state(1, 2 * (readings - 1));
    expect(going(0.1).words).toBe('warming');
    // 50 + 7.8 now; 6 °C more in a minute.
    expect(going(0.1).inAMinuteC).toBeCloseTo(63.8, 6);
    expect(going(-0.1).words).toBe('cooling');
    // Four minutes make a food level; before that it is only steady.
    expect(going(0).words).toBe('steady');
    expect(going(0, 200).words).toBe('level near 50 °C');
  });
});
