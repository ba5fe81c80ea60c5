import type { Network } from './network';
import type { Problem } from './problem';

/** Last starts of a timetable whose end does not move, by the arcs and the resources: tasks by their ends, last first. */
export function pushedRight(problem: Problem, network: Network, starts: readonly number[]): number[] {
  const { tasks, arcs, resources } = problem;
  const end = tasks.reduce((last, { duration }, i) => Math.max(last, starts[i]! + duration), 0);
  const right = [...starts];
  const taken = resources.map(() => new Int16Array(end + 1));
  const order = tasks
    .map((_, i) => i)
    .sort(
      (a, b) =>
        starts[b]! + tasks[b]!.duration - (starts[a]! + tasks[a]!.duration) || starts[b]! - starts[a]!,
    );
  for (const task of order) {
    const { duration, uses } = tasks[task]!;
    let last = Math.min(end - duration, tasks[task]!.latest);
    for (const i of network.from[task]!) last = Math.min(last, right[arcs[i]!.after]! - arcs[i]!.gap);
    let start = Math.max(last, starts[task]!);
    const free = (from: number) =>
      uses.every(({ resource, units }) => {
        for (let at = from; at < from + duration; at += 1)
          if (taken[resource]![at]! + units > resources[resource]!.units) return false;
        return true;
      });
    while (start > starts[task]! && !free(start)) start -= 1;
    right[task] = start;
    for (const { resource, units } of uses)
      for (let at = start; at < start + duration; at += 1) taken[resource]![at]! += units;
  }
  return right;
}
