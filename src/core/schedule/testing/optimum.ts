import loadHighs from 'highs';
import { breaches } from '../check';
import type { Problem } from '../problem';

/**
 * The least end of a small problem by a mixed-integer program over start ticks (HiGHS), or null where there is none that ends
 * by `horizon`. Two tasks that may not stand so in one oven are told by the plain checker, pair by pair.
 */
export async function optimumOf(
  problem: Problem,
  horizon: number,
  seconds = 60,
): Promise<{ ends: number | null; proved: boolean }> {
  const highs = await loadHighs();
  const solution = highs.solve(programOf(problem, horizon), { time_limit: seconds, mip_rel_gap: 0 });
  if (solution.Status === 'Infeasible') return { ends: null, proved: true };
  return { ends: Math.round(solution.ObjectiveValue), proved: solution.Status === 'Optimal' };
}

type Variable = { task: number; oven: number; start: number; name: string };

function programOf(problem: Problem, horizon: number): string {
  const variables = problem.tasks.flatMap((_, task) => variablesOf(problem, task, horizon));
  const of = problem.tasks.map((_, task) => variables.filter((one) => one.task === task));
  const rows = [
    ...of.map((own) => `${sum(own)} = 1`),
    ...problem.tasks.map(
      ({ duration }, task) =>
        `ends ${of[task]!.map(({ start, name }) => `- ${start + duration} ${name}`).join(' ')} >= 0`,
    ),
    ...arcRows(problem, of, horizon),
    ...resourceRows(problem, of, horizon),
    ...ovenRows(problem, of, horizon),
  ];
  const named = rows.map((row, i) => ` r${i}: ${row}`).join('\n');
  return `Minimize\n obj: ends\nSubject To\n${named}\nBounds\n 0 <= ends <= ${horizon}\nBinary\n ${variables.map(({ name }) => name).join('\n ')}\nEnd\n`;
}

const sum = (variables: readonly Variable[]) => variables.map(({ name }) => name).join(' + ');

function variablesOf({ tasks, ovens }: Problem, task: number, horizon: number): Variable[] {
  const { oven, duration, earliest, latest } = tasks[task]!;
  const places = oven
    ? ovens.map((_, o) => o).filter((o) => oven.among.length === 0 || oven.among.includes(o))
    : [-1];
  const last = Math.min(latest, horizon - duration);
  return places.flatMap((o) =>
    Array.from({ length: Math.max(0, last - earliest + 1) }, (_, i) => ({
      task,
      oven: o,
      start: earliest + i,
      name: `x_${task}_${o < 0 ? 'n' : o}_${earliest + i}`,
    })),
  );
}

function arcRows({ arcs }: Problem, of: readonly Variable[][], horizon: number): string[] {
  return arcs.flatMap(({ before, after, gap }) =>
    Array.from({ length: horizon }, (_, tick) => {
      const late = of[before]!.filter(({ start }) => start >= tick);
      const soon = of[after]!.filter(({ start }) => start < tick + gap);
      return late.length > 0 && soon.length > 0 ? [`${sum(late)} + ${sum(soon)} <= 1`] : [];
    }).flat(),
  );
}

function resourceRows({ tasks, resources }: Problem, of: readonly Variable[][], horizon: number): string[] {
  return resources.flatMap(({ units }, resource) =>
    Array.from({ length: horizon }, (_, tick) => {
      const terms = tasks.flatMap((task, i) => {
        const taken = task.uses.reduce((all, use) => all + (use.resource === resource ? use.units : 0), 0);
        if (taken === 0) return [];
        return of[i]!.filter(({ start }) => start <= tick && tick < start + task.duration).map(
          ({ name }) => `${taken} ${name}`,
        );
      });
      return terms.length > 1 ? [`${terms.join(' + ')} <= ${units}`] : [];
    }).flat(),
  );
}

function ovenRows(problem: Problem, of: readonly Variable[][], horizon: number): string[] {
  const { tasks, ovens } = problem;
  return ovens.flatMap((oven, o) => {
    const own = tasks.flatMap((task, i) =>
      task.oven ? [{ task, i, vars: of[i]!.filter((v) => v.oven === o) }] : [],
    );
    const places = Array.from({ length: horizon }, (_, tick) => {
      const terms = own.flatMap(({ task, vars }) =>
        vars
          .filter(({ start }) => start <= tick && tick < start + task.duration)
          .map(({ name }) => `${task.oven!.places} ${name}`),
      );
      return terms.length > 0 ? [`${terms.join(' + ')} <= ${oven.places}`] : [];
    }).flat();
    const alone = own.flatMap(({ task, vars }) =>
      vars
        .filter(({ start }) =>
          breaches(only(problem, o, [task]), { starts: [start], ovenOf: [0] }).some(({ kind }) =>
            kind.startsWith('oven'),
          ),
        )
        .map(({ name }) => `${name} = 0`),
    );
    const pairs = own.flatMap((one, k) =>
      own.slice(k + 1).flatMap((other) => {
        // What two in one oven are to each other depends on how far apart they start alone.
        const apart = new Map<number, boolean>();
        const clash = (ticks: number) => {
          const known = apart.get(ticks);
          if (known !== undefined) return known;
          const starts = ticks < 0 ? [-ticks, 0] : [0, ticks];
          const two = only({ ...problem, ovens: [{ ...oven, startC: null }] }, 0, [one.task, other.task]);
          const found = breaches(two, { starts, ovenOf: [0, 0] }).some(({ kind }) => kind.startsWith('oven'));
          apart.set(ticks, found);
          return found;
        };
        return one.vars.flatMap((first) => {
          const clashing = other.vars.filter(({ start }) => clash(start - first.start));
          return clashing.length > 0 ? [`${first.name} + ${sum(clashing)} <= 1`] : [];
        });
      }),
    );
    return [...places, ...alone, ...pairs];
  });
}

/** A problem of these tasks and one oven alone. */
function only(problem: Problem, oven: number, tasks: Problem['tasks']): Problem {
  return {
    tasks: tasks.map((task) => ({
      ...task,
      uses: [],
      earliest: 0,
      latest: Infinity,
      oven: { ...task.oven!, among: [] },
    })),
    arcs: [],
    resources: [],
    ovens: [problem.ovens[oven]!],
  };
}
