import type { Schedule } from '../schedule';
import type { LessonProblem } from './lesson';

/**
 * The same timetable with the lower station first wherever stations do the very same: which of them goes first is nothing
 * the search cares about, but a wall page is read from the top.
 */
export function inStationOrder(made: LessonProblem, schedule: Schedule): Schedule {
  const { tasks } = made;
  const lanes = new Map<number, number[]>();
  tasks.forEach(({ lane }, i) => {
    if (lane.kind !== 'station') return;
    const own = lanes.get(lane.number);
    if (own) own.push(i);
    else lanes.set(lane.number, [i]);
  });
  const alike = new Map<string, number[][]>();
  for (const [number, own] of [...lanes].sort(([a], [b]) => a - b)) {
    const signature = own.map((i) => sameAs(made, tasks[i]!.id.replace(`@${number}`, ''), i)).join('\n');
    alike.set(signature, [...(alike.get(signature) ?? []), own]);
  }
  const starts = [...schedule.starts];
  const ovenOf = [...schedule.ovenOf];
  for (const group of alike.values()) {
    const sooner = [...group].sort((a, b) => {
      const first = (of: readonly number[]) => {
        const k = a.findIndex((task, i) => of[task] !== of[b[i]!]);
        return k < 0 ? 0 : of[a[k]!]! - of[b[k]!]!;
      };
      return first(schedule.starts) || first(schedule.ovenOf);
    });
    group.forEach((own, lane) =>
      own.forEach((task, i) => {
        const from = sooner[lane]![i]!;
        starts[task] = schedule.starts[from]!;
        ovenOf[task] = schedule.ovenOf[from]!;
      }),
    );
  }
  return { starts, ovenOf };
}

/** What a task is like but for the station it is of. */
function sameAs({ problem, shared: kinds }: LessonProblem, step: string, i: number): string {
  const { duration, uses, oven, earliest, latest } = problem.tasks[i]!;
  const shared = uses.map(({ resource, units }) => `${kinds[resource]}×${units}`);
  return JSON.stringify([step, duration, shared, oven, earliest, latest]);
}
