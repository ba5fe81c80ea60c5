import { celsiusAt, changeTicks, firstC, lastC, type Problem, type Schedule } from './problem';

/** A condition a schedule does not keep. */
export type Breach =
  | { kind: 'window'; task: number }
  | { kind: 'arc'; arc: number }
  | { kind: 'resource'; resource: number; tick: number }
  | { kind: 'oven-places' | 'oven-temperature' | 'oven-door'; oven: number; tasks: readonly number[] }
  | { kind: 'oven-missing'; task: number };

/**
 * Every condition a schedule does not keep, found by looking at it tick by tick and pair by pair and by nothing the
 * scheduler uses.
 */
export function breaches(problem: Problem, schedule: Schedule): Breach[] {
  return [
    ...windowBreaches(problem, schedule),
    ...arcBreaches(problem, schedule),
    ...resourceBreaches(problem, schedule),
    ...ovenBreaches(problem, schedule),
  ];
}

function windowBreaches({ tasks }: Problem, { starts }: Schedule): Breach[] {
  return tasks.flatMap((task, i): Breach[] => {
    const start = starts[i]!;
    const within = Number.isInteger(start) && start >= task.earliest && start <= task.latest;
    return within ? [] : [{ kind: 'window', task: i }];
  });
}

function arcBreaches({ arcs }: Problem, { starts }: Schedule): Breach[] {
  return arcs.flatMap(({ before, after, gap }, i): Breach[] =>
    starts[after]! >= starts[before]! + gap ? [] : [{ kind: 'arc', arc: i }],
  );
}

function resourceBreaches({ tasks, resources }: Problem, { starts }: Schedule): Breach[] {
  return resources.flatMap(({ units }, resource): Breach[] => {
    const users = tasks.flatMap((task, i) => {
      const taken = task.uses
        .filter((use) => use.resource === resource)
        .reduce((sum, use) => sum + use.units, 0);
      return taken > 0 ? [{ from: starts[i]!, to: starts[i]! + task.duration, taken }] : [];
    });
    const tick = users
      .map(({ from }) => from)
      .find(
        (at) =>
          users.filter(({ from, to }) => from <= at && at < to).reduce((sum, { taken }) => sum + taken, 0) >
          units,
      );
    return tick === undefined ? [] : [{ kind: 'resource', resource, tick }];
  });
}

function ovenBreaches({ tasks, ovens }: Problem, { starts, ovenOf }: Schedule): Breach[] {
  const found: Breach[] = tasks.flatMap((task, i): Breach[] => {
    const oven = ovenOf[i]!;
    const allowed = task.oven
      ? ovens[oven] !== undefined && (task.oven.among.length === 0 || task.oven.among.includes(oven))
      : oven === -1;
    return allowed ? [] : [{ kind: 'oven-missing', task: i }];
  });
  ovens.forEach((oven, o) => {
    const inside = tasks.flatMap((task, i) =>
      task.oven && ovenOf[i] === o
        ? [{ i, use: task.oven, from: starts[i]!, to: starts[i]! + task.duration }]
        : [],
    );
    for (const one of inside) {
      if (oven.startC !== null && one.from < changeTicks(oven, oven.startC, firstC(one.use))) {
        found.push({ kind: 'oven-temperature', oven: o, tasks: [one.i] });
      }
      const together = inside.filter(({ from, to }) => from <= one.from && one.from < to);
      if (together.reduce((sum, { use }) => sum + use.places, 0) > oven.places) {
        found.push({ kind: 'oven-places', oven: o, tasks: together.map(({ i }) => i) });
      }
      for (const other of inside) {
        if (other.i === one.i) continue;
        const pair = [one.i, other.i];
        if (one.use.shut && [other.from, other.to].some((moment) => moment > one.from && moment < one.to)) {
          found.push({ kind: 'oven-door', oven: o, tasks: pair });
        }
        if (other.from >= one.to) {
          if (other.from - one.to < changeTicks(oven, lastC(one.use), firstC(other.use)))
            found.push({ kind: 'oven-temperature', oven: o, tasks: pair });
        } else if (one.from <= other.from) {
          for (let tick = other.from; tick < Math.min(one.to, other.to); tick += 1) {
            if (celsiusAt(one.use, tick - one.from) === celsiusAt(other.use, tick - other.from)) continue;
            found.push({ kind: 'oven-temperature', oven: o, tasks: pair });
            break;
          }
        }
      }
    }
  });
  return found;
}
