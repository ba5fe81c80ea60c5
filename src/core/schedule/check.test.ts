import { describe, expect, it } from 'vitest';
import { breaches, type Oven, type Problem, type Task } from '.';

const oven: Oven = { name: 'oven', places: 2, risePerTick: 20, fallPerTick: 10, startC: 20 };
const task = (duration: number, patch: Partial<Task> = {}): Task => ({
  ...{ duration, uses: [], oven: null, earliest: 0, latest: Infinity, ...patch },
});
const bakes = (duration: number, celsius: number, patch: Partial<NonNullable<Task['oven']>> = {}): Task =>
  task(duration, {
    oven: { places: 1, profile: [{ from: 0, celsius }], shut: false, among: [], ...patch },
  });
const problem = (tasks: Task[], patch: Partial<Problem> = {}): Problem => ({
  ...{ tasks, arcs: [], resources: [], ovens: [oven], ...patch },
});
const kinds = (
  of: Problem,
  starts: number[],
  ovenOf: number[] = starts.map((_, i) => (of.tasks[i]!.oven ? 0 : -1)),
) => breaches(of, { starts, ovenOf }).map(({ kind }) => kind);

describe('what a schedule does not keep is found', () => {
  it('starts too soon, too late, between ticks', () => {
    const one = problem([task(3, { earliest: 2, latest: 5 })]);
    expect([1, 2, 5, 6, 2.5].map((start) => kinds(one, [start]).length)).toEqual([1, 0, 0, 1, 1]);
  });

  it('least and most lags', () => {
    const arcs = [
      { before: 0, after: 1, gap: 4 },
      { before: 1, after: 0, gap: -6 },
    ];
    const two = problem([task(3), task(3)], { arcs });
    expect([3, 4, 6, 7].map((start) => kinds(two, [0, start]))).toEqual([['arc'], [], [], ['arc']]);
  });

  it('more units taken than there are, to the tick', () => {
    const uses = (units: number) => ({ uses: [{ resource: 0, units }] });
    const two = problem([task(3, uses(2)), task(3, uses(1))], { resources: [{ name: 'hob', units: 2 }] });
    expect([1, 2, 3].map((start) => kinds(two, [0, start]))).toEqual([['resource'], ['resource'], []]);
  });

  it('an oven that is cold, full, of another temperature, opened, or not there', () => {
    // From 20 to 180 °C at 20 °C a tick: 8 ticks.
    expect([7, 8].map((start) => kinds(problem([bakes(5, 180)]), [start]))).toEqual([
      ['oven-temperature'],
      [],
    ]);
    const three = problem([bakes(5, 180), bakes(5, 180), bakes(5, 180)]);
    expect(kinds(three, [10, 10, 10])).toContain('oven-places');
    expect(kinds(three, [10, 10, 15])).toEqual([]);
    // Down from 200 to 180 °C at 10 °C a tick: 2 ticks; up again: 1.
    const hotter = problem([bakes(5, 200), bakes(5, 180)]);
    expect(kinds(hotter, [10, 12])).toContain('oven-temperature');
    expect([16, 17].map((start) => kinds(hotter, [10, start]).length)).toEqual([1, 0]);
    expect([20, 21].map((start) => kinds(hotter, [start, 15 - 3]).length > 0)).toEqual([false, false]);
    const shut = problem([bakes(6, 180, { shut: true }), bakes(3, 180)]);
    expect(kinds(shut, [10, 12])).toEqual(['oven-door']);
    expect(kinds(shut, [10, 10])).toEqual(['oven-door']);
    expect(kinds(shut, [10, 16])).toEqual([]);
    expect(kinds(shut, [10, 12], [0, 1])).toEqual(['oven-missing']);
    expect(kinds(problem([bakes(3, 180, { among: [1] })]), [10], [0])).toContain('oven-missing');
  });

  it('temperatures that change while things are in: together, or not at all', () => {
    const profile = [
      { from: 0, celsius: 220 },
      { from: 4, celsius: 180 },
    ];
    const two = problem([bakes(10, 0, { profile }), bakes(10, 0, { profile })]);
    expect(kinds(two, [10, 10])).toEqual([]);
    expect(kinds(two, [10, 12])).toContain('oven-temperature');
    // 180 to 220 °C is two ticks.
    expect([21, 22].map((start) => kinds(two, [10, start]).length)).toEqual([1, 0]);
  });
});
