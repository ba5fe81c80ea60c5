import { describe, expect, it } from 'vitest';
import { breaches, isImpossible, makespan, solve, type Arc, type Problem, type Task } from '.';
import { seededRandom, type SeededRandom } from '../random';

/** A few dishes for ovens by name or any, some served together: small enough to try everything. */
function dishes(random: SeededRandom): Problem {
  const upTo = (count: number) => Math.floor(random.uniform() * count);
  const ovens = Array.from({ length: 2 + upTo(2) }, (_, i) => ({
    ...{ name: `oven ${i}`, places: 1, risePerTick: 10, fallPerTick: 10, startC: null },
  }));
  const tasks = Array.from({ length: 3 + upTo(2) }, (): Task => {
    const among = random.uniform() < 0.5 ? [] : [upTo(ovens.length)];
    return {
      ...{ duration: 1 + upTo(3), uses: [], earliest: 0, latest: Infinity },
      oven: { places: 1, profile: [{ from: 0, celsius: 180 }], shut: false, among },
    };
  });
  const arcs: Arc[] = [];
  const pairs = 1 + upTo(2);
  for (let i = 0; i < pairs; i += 1) {
    const [a, b] = [upTo(tasks.length), upTo(tasks.length)];
    if (a === b) continue;
    // Out of the oven within a tick of one another.
    const ends = tasks[a]!.duration - tasks[b]!.duration;
    arcs.push({ before: a, after: b, gap: ends - 1 }, { before: b, after: a, gap: -ends - 1 });
  }
  return { tasks, arcs, resources: [], ovens };
}

/** The soonest end there is, by trying every start and every oven; null: none. */
function soonest(problem: Problem, horizon: number): number | null {
  const count = problem.tasks.length;
  const starts = new Array<number>(count).fill(0);
  const ovenOf = new Array<number>(count).fill(0);
  let best: number | null = null;
  const clashes = (i: number) => {
    const { duration } = problem.tasks[i]!;
    for (let j = 0; j < i; j += 1) {
      const other = problem.tasks[j]!.duration;
      if (ovenOf[i] === ovenOf[j] && starts[i]! < starts[j]! + other && starts[j]! < starts[i]! + duration)
        return true;
    }
    return problem.arcs.some(
      ({ before, after, gap }) => Math.max(before, after) === i && starts[after]! < starts[before]! + gap,
    );
  };
  const place = (i: number) => {
    if (i === count) {
      best = Math.min(best ?? Infinity, makespan(problem, { starts, ovenOf }));
      return;
    }
    const { oven, duration } = problem.tasks[i]!;
    for (let at = 0; at + duration <= Math.min(horizon, (best ?? Infinity) - 1); at += 1)
      for (let o = 0; o < problem.ovens.length; o += 1) {
        if (oven!.among.length > 0 && !oven!.among.includes(o)) continue;
        starts[i] = at;
        ovenOf[i] = o;
        if (!clashes(i)) place(i + 1);
      }
  };
  place(0);
  return best;
}

const reversed = ({ tasks, arcs, ...rest }: Problem): Problem => {
  const last = tasks.length - 1;
  return {
    ...rest,
    tasks: [...tasks].reverse(),
    arcs: arcs.map(({ before, after, gap }) => ({ before: last - before, after: last - after, gap })),
  };
};

describe('ovens by name, and any', () => {
  it('two dishes served together, one in any oven and one in A, go into both ovens, in either order', () => {
    const oven = (among: number[]) => ({
      places: 1,
      profile: [{ from: 0, celsius: 180 }],
      shut: false,
      among,
    });
    const task = (among: number[]): Task => ({
      ...{ duration: 20, uses: [], earliest: 0, latest: Infinity, oven: oven(among) },
    });
    const one = (name: string) => ({ name, places: 1, risePerTick: 10, fallPerTick: 10, startC: null });
    const problem: Problem = {
      ...{ resources: [], ovens: [one('A'), one('B')], tasks: [task([]), task([0])] },
      arcs: [
        { before: 0, after: 1, gap: 0 },
        { before: 1, after: 0, gap: 0 },
      ],
    };
    for (const of of [problem, reversed(problem)]) {
      const found = solve(of);
      if (isImpossible(found)) throw new Error(JSON.stringify(found));
      expect(found.ends).toBe(20);
    }
  });

  it('what everything tried shows to be possible is found, and ends as soon, in both orders of the dishes', () => {
    const random = seededRandom(29);
    let possible = 0;
    const wrong: string[] = [];
    for (let i = 0; i < 160; i += 1) {
      const problem = dishes(random);
      const best = soonest(problem, 12);
      for (const of of [problem, reversed(problem)]) {
        const found = solve(of, { most: 400 });
        if (best !== null) possible += 1;
        if (isImpossible(found)) {
          if (best !== null) wrong.push(`${i}: called impossible, ends at ${best}`);
          continue;
        }
        expect(breaches(of, found.schedule)).toEqual([]);
        if (best !== null && found.ends !== best) wrong.push(`${i}: ${found.ends} instead of ${best}`);
      }
    }
    expect(possible).toBeGreaterThan(200);
    expect(wrong).toEqual([]);
  });
});
