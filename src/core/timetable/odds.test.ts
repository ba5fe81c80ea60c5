import { describe, expect, it } from 'vitest';
import { newEquipment, type Equipment } from '../room';
import { isImpossible, solve } from '../schedule';
import { lessonOdds, lessonProblem } from '.';
import { lesson, oven, planOf, room } from './testing/lessons';

describe('how sure it is', () => {
  // Reference: triangular draws by rejection, with a generator of its own (mulberry32).
  let state = 12345;
  const uniform = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const triangular = (low: number, high: number) => {
    for (;;) {
      const x = low + (high - low) * uniform();
      if (uniform() <= 1 - Math.abs(x - (low + high) / 2) / ((high - low) / 2)) return x;
    }
  };

  it('agrees with ten thousand plain draws of a station that does its steps one after the other', () => {
    const plan = planOf([
      { text: 'Melt', minutes: 6, minutesTo: 12, hands: 'waiting' },
      { text: 'Set', minutes: 10, minutesTo: 20, hands: 'waiting' },
    ]);
    const made = lessonProblem(lesson(plan, 1), null);
    const found = solve(made.problem);
    if (isImpossible(found)) throw new Error();
    for (const bell of [21, 24, 27]) {
      let inTime = 0;
      for (let i = 0; i < 10_000; i += 1) inTime += triangular(6, 12) + triangular(10, 20) <= bell ? 1 : 0;
      const odds = lessonOdds(made, found.schedule, bell, { runs: 4000 });
      expect(odds.runs).toBe(4000);
      expect(Math.abs(odds.chance - inTime / 10_000)).toBeLessThan(4 * Math.hypot(odds.error, 0.005));
    }
  });

  /** When the last is out: each is ready at its moment, and goes in as soon as one of the places is free. */
  function lastOut(ready: readonly number[], places: number, stays: () => number): number {
    const free = new Array<number>(places).fill(0);
    for (const at of [...ready].sort((a, b) => a - b)) {
      free.sort((a, b) => a - b);
      free[0] = Math.max(free[0]!, at) + stays();
    }
    return Math.max(...free);
  }

  it.each<[string, number, Equipment[], number]>([
    ['two ovens with two places', 8, [oven('a', 2), oven('b', 2)], 4],
    ['one oven with three places', 7, [oven('a', 3)], 3],
    ['three ovens with one place', 10, [oven('a', 1), oven('b', 1), oven('c', 1)], 3],
    ['microwaves', 9, ['a', 'b', 'c', 'd'].map((id) => newEquipment('microwave', id, 1)), 4],
  ])('agrees with plain draws at a queue: %s', (what, stations, equipment, places) => {
    const hot =
      what === 'microwaves'
        ? { text: 'Warm it', needs: [{ resource: 'microwave' as const, count: 1, celsius: null }] }
        : { text: 'Bake at 180 °C', needs: [{ resource: 'oven' as const, count: 1, celsius: 180 }] };
    const plan = planOf([
      { text: 'Leave', minutes: 4, minutesTo: 20, hands: 'waiting' },
      { ...hot, minutes: 9, minutesTo: 15, hands: 'waiting' },
    ]);
    const made = lessonProblem(lesson(plan, stations), room(equipment));
    const found = solve(made.problem, { most: 200 });
    if (isImpossible(found)) throw new Error(JSON.stringify(found));
    const ends = Array.from({ length: 20_000 }, () =>
      lastOut(
        Array.from({ length: stations }, () => triangular(4, 20)),
        places,
        () => triangular(9, 15),
      ),
    ).sort((a, b) => a - b);
    for (const share of [0.2, 0.5, 0.8]) {
      const bell = ends[Math.round(share * ends.length)]!;
      const odds = lessonOdds(made, found.schedule, bell, { runs: 3000 });
      expect(Math.abs(odds.chance - share), `${what} at ${share}`).toBeLessThan(
        4 * Math.hypot(odds.error, 0.0035),
      );
    }
  });
});
