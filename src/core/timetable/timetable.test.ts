import { describe, expect, it } from 'vitest';
import type { Place, Step } from '../practical';
import { newEquipment } from '../room';
import { breaches, isImpossible, solve } from '../schedule';
import { layOut, lessonProblem, toMinutes, type Lesson } from '.';
import { lesson, oven, planOf, room } from './testing/lessons';

/** Start and end of each task, minutes after the bell, by its id. */
function timed(of: Lesson, place: Place | null) {
  const made = lessonProblem(of, place);
  const found = solve(made.problem, { most: 400 });
  if (isImpossible(found)) throw new Error(JSON.stringify(found));
  expect(breaches(made.problem, found.schedule)).toEqual([]);
  const times = new Map(
    made.tasks.map(({ id }, i) => {
      const start = found.schedule.starts[i]!;
      return [id, { start: toMinutes(start), end: toMinutes(start + made.problem.tasks[i]!.duration), i }];
    }),
  );
  return { made, found, ends: toMinutes(found.ends), at: (id: string) => times.get(id)! };
}

describe('a lesson that shares a room', () => {
  it('two trays in one oven, 24 and 9 min, served together: the second goes in 15 min later', () => {
    const plan = planOf([
      { text: 'Bake the potatoes at 180 °C', minutes: 24, hands: 'waiting' },
      { text: 'Bake the fish at 180 °C', minutes: 9, hands: 'waiting', endsWith: 's0' },
    ]);
    const { at } = timed(lesson(plan, 1), room([oven('o', 2)]));
    expect(at('s1@1').start - at('s0@1').start).toBe(15);
    expect(at('s1@1').end).toBe(at('s0@1').end);
  });

  it('hot, then lower, with the door shut: twelve trays and three ovens go in by rounds, none of them opened', () => {
    const puffs: Partial<Step> = {
      ...{ text: 'Bake with the door shut', minutes: 30, hands: 'waiting', door: 'shut' },
      settings: [
        { what: 'oven', celsius: 230, words: '', from: 0 },
        { what: 'oven', celsius: 175, words: '', from: 15 },
      ],
    };
    const plan = planOf([{ text: 'Pipe', minutes: 5 }, puffs]);
    const bakedAt = (places: number) => {
      const { at, made, found } = timed(
        lesson(plan, 12),
        room([oven('a', places), oven('b', places), oven('c', places)]),
      );
      const rounds = new Map<number, Set<number>>();
      for (let s = 1; s <= 12; s += 1) {
        const { start, i } = at(`s1@${s}`);
        const starts = rounds.get(found.schedule.ovenOf[i]!) ?? new Set();
        rounds.set(found.schedule.ovenOf[i]!, starts.add(start));
      }
      return { rounds: [...rounds.values()].map((starts) => [...starts].sort((a, b) => a - b)), made };
    };
    // Four places: all twelve at once. Two: a second round after the first is out and the oven hot again.
    expect(bakedAt(4).rounds.map((starts) => starts.length)).toEqual([1, 1, 1]);
    const { rounds } = bakedAt(2);
    expect(rounds.map((starts) => starts.length)).toEqual([2, 2, 2]);
    for (const [first, second] of rounds) {
      // 175 to 230 °C at 160 °C in 12 min: a good 4 min.
      expect(second! - first!).toBeGreaterThanOrEqual(30 + (55 / 160) * 12);
      expect(second! - first!).toBeLessThan(36);
    }
  });

  it('an hour of proving is filled with another dish', () => {
    const plan = planOf([
      { text: 'Knead', minutes: 10 },
      { text: 'Leave to prove', minutes: 60, hands: 'waiting' },
      { text: 'Chop the soup vegetables', minutes: 15, after: [{ stepId: 's0', least: 0, most: null }] },
      { text: 'Simmer the soup', minutes: 30, hands: 'waiting' },
      { text: 'Shape the loaf', minutes: 5, after: [{ stepId: 's1', least: 0, most: null }] },
    ]);
    const { at, ends } = timed(lesson(plan, 2), null);
    expect(at('s3@1').end).toBeLessThanOrEqual(at('s1@1').end);
    expect(ends).toBe(75);
  });

  it('a sauce and a poached fruit are ready together at every station, though three hobs serve four', () => {
    const hob = (id: string) => newEquipment('hob', id, 1);
    const plan = planOf([
      { text: 'Peel the pears', minutes: 5 },
      { text: 'Poach the pears', minutes: 20, hands: 'waiting' },
      { text: 'Cook the sauce in a saucepan', minutes: 8, endsWith: 's1' },
      { text: 'Serve', minutes: 2 },
    ]);
    const { at } = timed(lesson(plan, 2), room([hob('a'), hob('b'), hob('c')]));
    for (const s of [1, 2]) {
      expect(at(`s2@${s}`).end).toBe(at(`s1@${s}`).end);
      expect(at(`s3@${s}`).start).toBeGreaterThanOrEqual(at(`s1@${s}`).end);
    }
  });

  it('pans of hot sugar come to their ends one after the other: there is one teacher', () => {
    const plan = planOf(
      [
        {
          ...{
            text: 'Boil to 150 °C',
            minutes: 12,
            hands: 'waiting',
            hazards: ['hot-sugar'],
            thermometerId: 't',
          },
          ends: [{ kind: 'temperature', celsius: 150, basis: 'as-read' }],
        },
      ],
      { thermometers: [{ id: 't', in: 'syrup', smallestDivisionC: 1 }] },
    );
    const { at } = timed(lesson(plan, 4), null);
    const ends = [1, 2, 3, 4].map((s) => at(`s0@${s}`).end).sort((a, b) => a - b);
    expect(ends).toEqual([12, 13, 14, 15]);
    const helped = timed(lesson(plan, 4, { teachers: 2 }), null);
    expect(helped.ends).toBe(13);
  });

  it('counts what the room has, and takes a station to have what the room says nothing of', () => {
    const plan = planOf([
      { text: 'Fry', minutes: 10, needs: [{ resource: 'hob', count: 1, celsius: null }] },
    ]);
    const two = room([newEquipment('hob', 'a', 1), newEquipment('hob', 'b', 2)]);
    expect(timed(lesson(plan, 6), two).ends).toBe(30);
    const { made, ends } = timed(lesson(plan, 6), room([newEquipment('sink', 'a', 1)]));
    expect(ends).toBe(10);
    expect(made.assumptions).toContainEqual({ kind: 'not-counted', resource: 'hob' });
  });

  it('one pair of hands does one thing at a time, two do two; what needs two people takes both; an adult takes none', () => {
    const both = (patch: Partial<Step> = {}) =>
      planOf([
        { text: 'Mix', minutes: 2 },
        { text: 'Peel', minutes: 6, after: [{ stepId: 's0', least: 0, most: null }], ...patch },
        { text: 'Chop', minutes: 6, after: [{ stepId: 's0', least: 0, most: null }] },
      ]);
    expect(timed(lesson(both(), 1, { hands: 1 }), null).ends).toBe(14);
    expect(timed(lesson(both(), 1, { hands: 2 }), null).ends).toBe(8);
    expect(timed(lesson(both({ people: 2 }), 1, { hands: 2 }), null).ends).toBe(14);
    expect(timed(lesson(both({ adult: true }), 1, { hands: 1 }), null).ends).toBe(8);
    // One teacher for two stations: one after the other.
    expect(timed(lesson(both({ adult: true }), 2, { hands: 1 }), null).ends).toBe(14);
    expect(timed(lesson(both({ adult: true }), 2, { hands: 1, teachers: 2 }), null).ends).toBe(8);
  });

  it('keeps the least minutes between two steps, and takes 180 °C where an oven has no temperature', () => {
    const plan = planOf([
      { text: 'Mix', minutes: 5 },
      {
        text: 'Bake until brown',
        minutes: 10,
        hands: 'waiting',
        after: [{ stepId: 's0', least: 7, most: null }],
      },
      {
        text: 'Bake the second',
        minutes: 10,
        hands: 'waiting',
        settings: [{ what: 'oven', celsius: 180, words: '', from: 0 }],
      },
    ]);
    plan.steps = plan.steps.slice(1);
    const { at, made } = timed(lesson(plan, 1), room([oven('o', 1)]));
    expect(at('s1@1').start).toBeGreaterThanOrEqual(at('s0@1').end + 7);
    expect(made.assumptions).toContainEqual({ kind: 'oven-temperature', stepId: 's1' });
    const baked = made.problem.tasks.flatMap(({ oven: use }) => (use ? [use.profile] : []));
    expect(baked).toEqual([[{ from: 0, celsius: 180 }], [{ from: 0, celsius: 180 }]]);
  });

  it('class, demonstration and everybody: once for all, beside the stations, all at a stop', () => {
    const plan = planOf([
      { text: 'Make the dye', minutes: 6, lane: 'class' },
      { text: 'Whisk the whites', minutes: 4 },
      { text: 'Show a finished one', minutes: 3, lane: 'demonstration' },
      { text: 'Everybody look', minutes: 2, lane: 'everybody' },
      { text: 'Fold', minutes: 5 },
    ]);
    const { at } = timed(lesson(plan, 3), null);
    expect(at('s0@all')).toMatchObject({ start: 0, end: 6 });
    const look = at('s3@all');
    for (const s of [1, 2, 3]) {
      // Whisking waits for the dye above it; nobody works while all look; folding comes after.
      expect(at(`s1@${s}`).start).toBeGreaterThanOrEqual(6);
      expect(look.start).toBeGreaterThanOrEqual(at(`s1@${s}`).end);
      expect(at(`s4@${s}`).start).toBeGreaterThanOrEqual(look.end);
    }
  });

  it('what is done once for all keeps its order, though nobody else waits for it', () => {
    const plan = planOf([
      { text: 'Make the dye', minutes: 6, lane: 'class' },
      { text: 'Strain the dye', minutes: 2, lane: 'class' },
      { text: 'Show how to whisk', minutes: 3, lane: 'demonstration' },
      { text: 'Show the peaks', minutes: 1, lane: 'demonstration' },
      { text: 'Whisk', minutes: 4 },
    ]);
    const { at, made } = timed(lesson(plan, 3, { teachers: 2 }), null);
    expect(at('s1@all').start).toBeGreaterThanOrEqual(at('s0@all').end);
    expect(at('s3@all').start).toBeGreaterThanOrEqual(at('s2@all').end);
    const names = made.problem.arcs.map(({ before, after, gap }) => `${before} ${after} ${gap}`);
    expect(new Set(names).size).toBe(names.length);
  });

  it('a step held by hand stays at its minute; what cannot be says which step', () => {
    const plan = planOf([
      { text: 'Mix', minutes: 5 },
      { text: 'Rest', minutes: 5, hands: 'waiting' },
    ]);
    const pins = [{ stepId: 's1', station: null, startMin: 20 }];
    expect(timed(lesson(plan, 2, { pins }), null).at('s1@2').start).toBe(20);
    const tooSoon = lessonProblem(
      lesson(plan, 1, { pins: [{ stepId: 's1', station: 1, startMin: 3 }] }),
      null,
    );
    const found = solve(tooSoon.problem);
    expect(found).toMatchObject({ kind: 'late' });
    const baking = planOf([{ text: 'Bake at 180 °C', minutes: 10, hands: 'waiting' }]);
    const none = lessonProblem(lesson(baking, 1), room([newEquipment('sink', 'a', 1)]));
    expect(solve(none.problem)).toMatchObject({ kind: 'no-oven' });
    const ring = planOf([
      { minutes: 5, after: [{ stepId: 's1', least: 0, most: null }] },
      { minutes: 5, after: [{ stepId: 's0', least: 0, most: null }] },
    ]);
    expect(solve(lessonProblem(lesson(ring, 1), null).problem)).toMatchObject({ kind: 'circle', excess: 20 });
  });
});

describe('stations that do the very same', () => {
  it('go in the order of their numbers, and every condition still holds', () => {
    const hobs = [newEquipment('hob', 'a', 1), newEquipment('hob', 'b', 2)];
    const plan = planOf([
      { text: 'Mix', minutes: 4 },
      { text: 'Fry in a frying pan', minutes: 7, after: [{ stepId: 's0', least: 0, most: 3 }] },
      { text: 'Bake at 180 °C', minutes: 10, hands: 'waiting' },
    ]);
    const laid = layOut(lesson(plan, 7), room([...hobs, oven('o', 3)]), { most: 300 });
    if ('impossible' in laid) throw new Error('impossible');
    const { made, solved } = laid;
    expect(breaches(made.problem, solved.schedule)).toEqual([]);
    const first = made.tasks.flatMap(({ id }, i) =>
      id.startsWith('s0@') ? [solved.schedule.starts[i]!] : [],
    );
    expect(first).toEqual([...first].sort((a, b) => a - b));
    expect(new Set(first).size).toBeGreaterThan(2);

    // Where all begin together, the lower stations are in the first oven.
    const baking = planOf([{ text: 'Bake at 180 °C', minutes: 10, hands: 'waiting' }]);
    const baked = layOut(lesson(baking, 4), room([oven('p', 2), oven('q', 2)]), { most: 300 });
    if ('impossible' in baked) throw new Error('impossible');
    const ovens = baked.made.tasks.flatMap(({ id }, i) =>
      id.startsWith('s0@') ? [baked.solved.schedule.ovenOf[i]!] : [],
    );
    expect(ovens).toEqual([0, 0, 1, 1]);
  });
});
