import { describe, expect, it } from 'vitest';
import { breaches, isImpossible, solve, type Problem } from '.';
import { ft06, ft10, taillard15, taillardJobShop } from './testing/standard-instances';

function endsOf(problem: Problem, most: number): number {
  const found = solve(problem, { most });
  if (isImpossible(found)) throw new Error(JSON.stringify(found));
  expect(breaches(problem, found.schedule)).toEqual([]);
  expect(found.bound.ticks).toBeLessThanOrEqual(found.ends);
  return found.ends;
}

describe('standard instances of scheduling', () => {
  it('six jobs on six machines of Fisher and Thompson: the optimum, and never less', () => {
    expect(endsOf(ft06.problem, 4000)).toBe(ft06.optimum);
  });

  it('ten jobs on ten machines: never less than the optimum, and not far from it (the bench says how far)', () => {
    const ends = endsOf(ft10.problem, 3000);
    expect(ends).toBeGreaterThanOrEqual(ft10.optimum);
    expect(ends).toBeLessThan(1.15 * ft10.optimum);
  });

  it('Taillard’s are made anew from their seeds as they are printed', () => {
    const [{ timeSeed, machineSeed, optimum }] = taillard15;
    const { durations, order, problem } = taillardJobShop(15, 15, timeSeed, machineSeed);
    // First rows of ta01 as they are reprinted (from memory).
    expect(durations[0]).toEqual([94, 66, 10, 53, 26, 15, 65, 82, 10, 27, 93, 92, 96, 70, 83]);
    expect(order[0]!.map((machine) => machine + 1)).toEqual([
      7, 13, 5, 8, 4, 3, 11, 12, 9, 15, 10, 14, 6, 1, 2,
    ]);
    const ends = endsOf(problem, 300);
    expect(ends).toBeGreaterThanOrEqual(optimum);
    expect(ends).toBeLessThan(1.2 * optimum);
  });
});
