import { stationsAsListed, type Place, type Plan } from '../practical';
import { Crew, isImpossible, solve, type Impossible, type SolveSettings, type Solved } from '../schedule';
import {
  ticksPerMinute,
  toMinutes,
  type Assumption,
  type LaneOf,
  type Lesson,
  type LessonProblem,
  type LessonTask,
  type SharedKind,
} from './lesson';
import { lessonProblem } from './lesson-problem';
import { inStationOrder } from './station-order';

/** Something done, at its minutes. Minutes count from the bell that begins the lesson. */
export interface Bar {
  id: string;
  kind: LessonTask['kind'];
  lane: LaneOf;
  stepId: string | null;
  words: string;
  hands: LessonTask['hands'];
  startMin: number;
  endMin: number;
  /** The oven it is in; null: none. */
  oven: number | null;
  /** Held where it is by hand. */
  held: boolean;
}

/** What is in an oven from when to when, at how many degrees. */
export interface OvenSpan {
  fromMin: number;
  toMin: number;
  celsius: number;
  places: number;
}

/** How many of something shared are in use from a minute on, until the next. */
export interface Load {
  kind: SharedKind;
  units: number;
  points: { fromMin: number; taken: number }[];
}

export interface LessonTimetable {
  bars: Bar[];
  ovens: { name: string; places: number; spans: OvenSpan[] }[];
  loads: Load[];
  /** When the last station has cleared up. */
  endsMin: number;
  /** The same where every range goes to its upper end. */
  slowEndsMin: number;
  /** No timetable ends sooner. */
  bound: { endsMin: number; by: Binding };
  assumptions: Assumption[];
}

/** What keeps a lesson from ending sooner. */
export type Binding =
  | { kind: 'steps' }
  | { kind: 'shared'; shared: SharedKind; units: number; minutes: number }
  | { kind: 'ovens'; ovens: number; places: number; minutes: number };

/** Hands at a station where no class says otherwise. */
const usualHands = 2;

/** The lesson of a plan as it will be laid out: every station with the treatment of its turn. */
export function lessonOf(plan: Plan, patch: Partial<Lesson> = {}): Lesson {
  return {
    plan,
    stations: stationsAsListed(plan),
    hands: usualHands,
    teachers: 1,
    opening: [],
    closing: [],
    pins: plan.pins,
    ...patch,
  };
}

/** A lesson with its timetable, or with what makes one impossible. */
export type Laid = { made: LessonProblem } & ({ solved: Solved } | { impossible: Impossible });

/** Makes a timetable of a lesson in a place. */
export function layOut(lesson: Lesson, place: Place | null, settings: SolveSettings = {}): Laid {
  const made = lessonProblem(lesson, place);
  const found = solve(made.problem, settings);
  if (isImpossible(found)) return { made, impossible: found };
  return { made, solved: { ...found, schedule: inStationOrder(made, found.schedule) } };
}

/** What a drawing of a timetable needs. */
export function timetableOfLesson(made: LessonProblem, solved: Solved): LessonTimetable {
  const { problem, tasks } = made;
  const { starts, ovenOf } = solved.schedule;
  const bars = tasks.map((task, i): Bar => {
    const { id, kind, lane, step, words, hands } = task;
    return {
      ...{ id, kind, lane, words, hands, stepId: step?.id ?? null },
      startMin: toMinutes(starts[i]!),
      endMin: toMinutes(starts[i]! + problem.tasks[i]!.duration),
      oven: ovenOf[i]! < 0 ? null : ovenOf[i]!,
      held: kind === 'step' && problem.tasks[i]!.latest !== Infinity,
    };
  });
  const slow = new Crew(problem, solved.schedule).run(
    tasks.map(({ minutes }) => minutes.most * ticksPerMinute),
  );
  return {
    bars,
    ovens: problem.ovens.map(({ name, places }, o) => ({ name, places, spans: spansOf(made, solved, o) })),
    loads: loadsOf(made, solved),
    endsMin: toMinutes(solved.ends),
    slowEndsMin: Math.max(toMinutes(solved.ends), toMinutes(slow.end)),
    bound: { endsMin: toMinutes(solved.bound.ticks), by: bindingOf(made, solved) },
    assumptions: made.assumptions,
  };
}

function bindingOf({ problem, shared }: LessonProblem, { bound: { by } }: Solved): Binding {
  const minutesOf = (taken: (task: (typeof problem.tasks)[number]) => number) =>
    toMinutes(problem.tasks.reduce((sum, task) => sum + taken(task) * task.duration, 0));
  switch (by.kind) {
    case 'path':
      return { kind: 'steps' };
    case 'resource': {
      const { units } = problem.resources[by.resource]!;
      const minutes = minutesOf(({ uses }) => uses.find((use) => use.resource === by.resource)?.units ?? 0);
      return { kind: 'shared', shared: shared[by.resource]!, units, minutes };
    }
    case 'ovens':
      return {
        kind: 'ovens',
        ovens: problem.ovens.length,
        places: problem.ovens.reduce((sum, { places }) => sum + places, 0),
        minutes: minutesOf(({ oven }) => oven?.places ?? 0),
      };
  }
}

function spansOf({ problem }: LessonProblem, { schedule }: Solved, o: number): OvenSpan[] {
  return problem.tasks
    .flatMap((task, i) => {
      if (!task.oven || schedule.ovenOf[i] !== o) return [];
      const { profile, places } = task.oven;
      return profile.map(({ from, celsius }, k) => ({
        fromMin: toMinutes(schedule.starts[i]! + from),
        toMin: toMinutes(schedule.starts[i]! + (profile[k + 1]?.from ?? task.duration)),
        celsius,
        places,
      }));
    })
    .sort((a, b) => a.fromMin - b.fromMin);
}

/** What is shared by stations, as it fills and empties; hands are seen in the bars. */
function loadsOf({ problem, shared }: LessonProblem, { schedule }: Solved): Load[] {
  return problem.resources.flatMap(({ units }, resource): Load[] => {
    const kind = shared[resource]!;
    if (kind === 'hands') return [];
    const changes = problem.tasks.flatMap((task, i) => {
      const use = task.uses.find((one) => one.resource === resource);
      if (!use || task.duration === 0) return [];
      const start = schedule.starts[i]!;
      return [
        { at: start, by: use.units },
        { at: start + task.duration, by: -use.units },
      ];
    });
    if (changes.length === 0) return [];
    const points: Load['points'] = [];
    let taken = 0;
    for (const at of [...new Set(changes.map((one) => one.at))].sort((a, b) => a - b)) {
      for (const change of changes) if (change.at === at) taken += change.by;
      points.push({ fromMin: toMinutes(at), taken });
    }
    return [{ kind, units, points }];
  });
}
