import { changeTicks, firstC, lastC, type Arc, type Oven, type Problem, type Schedule } from './problem';

/**
 * The last tick at which each task can start with the end where it is and everything shared handed on as it is: all of them
 * together still keep every condition. Start and last start the same: the task is on the way to the end.
 */
export function lastStarts(problem: Problem, schedule: Schedule): number[] {
  const { tasks } = problem;
  const { starts } = schedule;
  const end = tasks.reduce((last, { duration }, i) => Math.max(last, starts[i]! + duration), 0);
  const last = tasks.map(({ duration, latest }) => Math.min(end - duration, latest));
  const arcs = [...problem.arcs, ...handedOn(problem, schedule), ...inOvens(problem, schedule)];
  const order = [...arcs].sort((a, b) => starts[b.after]! - starts[a.after]!);
  // Ties go both ways: until nothing moves any more.
  for (let moved = true; moved;) {
    moved = false;
    for (const { before, after, gap } of order) {
      if (last[after]! - gap >= last[before]!) continue;
      last[before] = last[after]! - gap;
      moved = true;
    }
  }
  return last;
}

/** Each unit of what is shared goes from one task to the next that takes it up, the one that lay shortest first. */
function handedOn({ tasks, resources }: Problem, { starts }: Schedule): Arc[] {
  return resources.flatMap(({ units }, resource) => {
    const users = tasks
      .flatMap((task, i) => {
        const taken = task.uses.find((use) => use.resource === resource)?.units ?? 0;
        return taken > 0 && task.duration > 0 ? [{ i, taken, end: starts[i]! + task.duration }] : [];
      })
      .sort((a, b) => starts[a.i]! - starts[b.i]! || a.end - b.end);
    const lying: ({ i: number; end: number } | null)[] = Array.from({ length: units }, () => null);
    return users.flatMap(({ i, taken, end }): Arc[] => {
      const free = lying
        .map((from, unit) => ({ from, unit }))
        .filter(({ from }) => from === null || from.end <= starts[i]!)
        .sort((a, b) => (b.from?.end ?? -1) - (a.from?.end ?? -1))
        .slice(0, taken);
      for (const { unit } of free) lying[unit] = { i, end };
      return free.flatMap(({ from }) =>
        from === null ? [] : [{ before: from.i, after: i, gap: tasks[from.i]!.duration }],
      );
    });
  });
}

/** What was in an oven before is out before the next goes in; what may not be disturbed keeps to what is in with it. */
function inOvens({ tasks, ovens }: Problem, { starts, ovenOf }: Schedule): Arc[] {
  return ovens.flatMap((oven, o) => {
    const inside = tasks.map((_, i) => i).filter((i) => ovenOf[i] === o);
    return inside.flatMap((one) =>
      inside.flatMap((other): Arc[] => {
        if (one === other || starts[one]! > starts[other]!) return [];
        return arcsBetween(oven, tasks, starts, one, other);
      }),
    );
  });
}

function arcsBetween(
  oven: Oven,
  tasks: Problem['tasks'],
  starts: readonly number[],
  one: number,
  other: number,
): Arc[] {
  const [use, next] = [tasks[one]!.oven!, tasks[other]!.oven!];
  const { duration } = tasks[one]!;
  const apart = starts[other]! - starts[one]!;
  if (apart >= duration) {
    return [{ before: one, after: other, gap: duration + changeTicks(oven, lastC(use), firstC(next)) }];
  }
  if (!use.shut && !next.shut && use.profile.length === 1 && next.profile.length === 1) return [];
  return [
    { before: one, after: other, gap: apart },
    { before: other, after: one, gap: -apart },
  ];
}
