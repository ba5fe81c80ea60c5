import { describe, expect, it } from 'vitest';
import { breaches, Crew, isImpossible, lastStarts, makespan, solve, type Problem } from '.';
import { seededRandom } from '../random';
import { randomProblem } from './testing/random-problem';
import { classProblem } from './testing/class-problem';

const sizes = [
  { stations: 2, steps: 4, shared: 1, ovens: 1, longest: 5, tight: true },
  { stations: 4, steps: 6, shared: 2, ovens: 2, longest: 8, tight: true },
  { stations: 3, steps: 8, shared: 3, ovens: 1, longest: 12, tight: false },
  { stations: 6, steps: 7, shared: 2, ovens: 3, longest: 6, tight: false },
];

/** The problem with one task or two held where they are, or a little later: as somebody drags them. */
function pinned(problem: Problem, starts: readonly number[], seed: number): Problem {
  const random = seededRandom(seed);
  const held = new Map<number, number>();
  for (let i = 0; i < 2; i += 1) {
    const task = Math.floor(random.uniform() * problem.tasks.length);
    held.set(task, starts[task]! + Math.floor(4 * random.uniform()));
  }
  return {
    ...problem,
    tasks: problem.tasks.map((task, i) => {
      const at = held.get(i);
      return at === undefined ? task : { ...task, earliest: at, latest: at };
    }),
  };
}

describe('a timetable of a lesson by lot', () => {
  it('keeps every condition, ends no sooner than the bound, and is the same again for the same seed', () => {
    let solved = 0;
    for (let seed = 1; seed <= 240; seed += 1) {
      const problem = randomProblem(seed, sizes[seed % sizes.length]!);
      const found = solve(problem, { most: 60, seed });
      if (isImpossible(found)) continue;
      solved += 1;
      expect(breaches(problem, found.schedule), `seed ${seed}`).toEqual([]);
      expect(found.ends).toBe(makespan(problem, found.schedule));
      expect(found.ends).toBeGreaterThanOrEqual(found.bound.ticks);
      if (seed % 20 === 0) expect(solve(problem, { most: 60, seed })).toEqual(found);
    }
    expect(solved).toBeGreaterThan(180);
  });

  it('keeps every condition with tasks held where they were dragged, or says that it cannot', () => {
    let held = 0;
    for (let seed = 1; seed <= 200; seed += 1) {
      const problem = randomProblem(seed, sizes[seed % sizes.length]!);
      const found = solve(problem, { most: 40, seed });
      if (isImpossible(found)) continue;
      const dragged = pinned(problem, found.schedule.starts, seed);
      const again = solve(dragged, { most: 40, seed });
      if (isImpossible(again)) continue;
      held += 1;
      expect(breaches(dragged, again.schedule), `seed ${seed}`).toEqual([]);
    }
    expect(held).toBeGreaterThan(100);
  });

  it('keeps every condition with all tasks at their last starts, ends when it did, and something has no slack', () => {
    let slack = 0;
    for (let seed = 1; seed <= 160; seed += 1) {
      const problem = randomProblem(seed, sizes[seed % sizes.length]!);
      const found = solve(problem, { most: 40, seed });
      if (isImpossible(found)) continue;
      const { schedule, ends } = found;
      const last = lastStarts(problem, schedule);
      expect(breaches(problem, { ...schedule, starts: last }), `seed ${seed}`).toEqual([]);
      expect(makespan(problem, { ...schedule, starts: last })).toBe(ends);
      const spare = last.map((at, i) => at - schedule.starts[i]!);
      expect(Math.min(...spare), `seed ${seed}`).toBe(0);
      slack += spare.filter((ticks) => ticks > 0).length;
    }
    expect(slack).toBeGreaterThan(500);
  });

  it('carried out with the minutes it was planned with goes as planned, or sooner; with longer ones, later', () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const problem = classProblem(seed, 6, 8, 2);
      const found = solve(problem, { most: 60, seed });
      if (isImpossible(found)) throw new Error(`seed ${seed}`);
      const crew = new Crew(problem, found.schedule);
      const planned = problem.tasks.map(({ duration }) => duration);
      const went = crew.run(planned);
      expect(went.end).toBeLessThanOrEqual(found.ends * 1.05);
      // Nothing shared is taken twice, nothing begins before what it follows has ended.
      const rounded = { starts: [...went.starts], ovenOf: found.schedule.ovenOf };
      const unlagged = { ...problem, arcs: problem.arcs.filter(({ gap }) => gap >= 0) };
      expect(breaches(unlagged, rounded), `seed ${seed}`).toEqual([]);
      const slow = crew.run(planned.map((ticks) => ticks * 1.5));
      expect(slow.end).toBeGreaterThan(went.end);
    }
  });
});
