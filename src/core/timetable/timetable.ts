import {
  earlyLook,
  stationsAsListed,
  treatmentsOf,
  type Place,
  type Plan,
  type StationStep,
} from '../practical';
import {
  Crew,
  isImpossible,
  lastStarts,
  solve,
  type Impossible,
  type SolveSettings,
  type Solved,
} from '../schedule';
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
import { ovensDrawn, type OvenDrawn } from './ovens-drawn';
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
  /** A grown-up does it. */
  adult: boolean;
  /** So much later it can begin without the end moving; none: it is on the way to the end. */
  slackMin: number;
  /** When it could have begun, but for something shared that others have. */
  readyMin: number;
  /** What is shared that it takes, but for hands. */
  uses: { kind: SharedKind; units: number }[];
  /** When to look early; null: never. */
  lookMin: number | null;
  /** Between which minutes something is done. */
  windows: { words: string; fromMin: number | null; untilMin: number | null }[];
}

/** How many of something shared are in use from a minute on, until the next. */
export interface Load {
  kind: SharedKind;
  units: number;
  points: { fromMin: number; taken: number }[];
  /** Most that wait for one at once. */
  queue: number;
}

export interface LessonTimetable {
  bars: Bar[];
  ovens: OvenDrawn[];
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

/** Hands that can work at once at a station of a class: two pupils can do two things, a third looks on. */
export const handsOf = (students: number, stations: number): number =>
  students < 1.5 * stations ? 1 : usualHands;

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

/** So many timetables are tried for a lesson of so many tasks: always the same, so that it is the same timetable everywhere. */
export const searchOf = (tasks: number): number =>
  Math.min(mostTried, Math.max(leastTried, Math.round(triedTasks / tasks)));
const [leastTried, mostTried, triedTasks] = [60, 4000, 400_000];

/** Makes a timetable of a lesson in a place; the same one each time, as long as nothing ends the search early. */
export function layOut(lesson: Lesson, place: Place | null, settings: SolveSettings = {}): Laid {
  const made = lessonProblem(lesson, place);
  const found = solve(made.problem, { most: searchOf(made.tasks.length), ...settings });
  if (isImpossible(found)) return { made, impossible: found };
  return { made, solved: { ...found, schedule: inStationOrder(made, found.schedule) } };
}

/** Treatments that are looked at to say that a lesson is over for certain: any of them is enough. */
const mostTreatments = 12;

/**
 * Whether no timetable of a plan can end by the bell, in whatever room: by what is proved of it, not by what was found. Where
 * it is false nothing is said: a queue may still be too long.
 */
export function certainlyOver(plan: Plan): boolean {
  if (plan.steps.length === 0) return false;
  const treatments = treatmentsOf(plan).slice(0, mostTreatments);
  const stations =
    treatments.length === 0
      ? [{ number: 1, treatment: null }]
      : treatments.map((treatment, i) => ({ number: i + 1, treatment }));
  const laid = layOut(lessonOf(plan, { stations, pins: [] }), null, { most: 1 });
  return 'impossible' in laid || toMinutes(laid.solved.bound.ticks) > plan.periodMinutes;
}

/** What a drawing of a timetable needs. */
export function timetableOfLesson(made: LessonProblem, solved: Solved): LessonTimetable {
  const { problem, tasks } = made;
  const { starts, ovenOf } = solved.schedule;
  const last = lastStarts(problem, solved.schedule);
  const ready = readyTicks(made, starts);
  const bars = tasks.map((task, i): Bar => {
    const { id, kind, lane, step, words, hands } = task;
    const startMin = toMinutes(starts[i]!);
    return {
      ...{ id, kind, lane, words, hands, stepId: step?.id ?? null, startMin },
      endMin: toMinutes(starts[i]! + problem.tasks[i]!.duration),
      oven: ovenOf[i]! < 0 ? null : ovenOf[i]!,
      held: kind === 'step' && problem.tasks[i]!.latest !== Infinity,
      adult: step?.adult ?? false,
      slackMin: toMinutes(last[i]! - starts[i]!),
      readyMin: toMinutes(ready[i]!),
      uses: problem.tasks[i]!.uses.flatMap(({ resource, units }) =>
        made.shared[resource] === 'hands' ? [] : [{ kind: made.shared[resource]!, units }],
      ),
      ...looksOf(kind === 'step' ? step : null, startMin),
    };
  });
  const slow = new Crew(problem, solved.schedule).run(
    tasks.map(({ minutes }) => minutes.most * ticksPerMinute),
  );
  return {
    bars,
    ovens: ovensDrawn(made, solved.schedule),
    loads: loadsOf(made, solved, ready),
    endsMin: toMinutes(solved.ends),
    slowEndsMin: Math.max(toMinutes(solved.ends), toMinutes(slow.end)),
    bound: { endsMin: toMinutes(solved.bound.ticks), by: bindingOf(made, solved) },
    assumptions: made.assumptions,
  };
}

/** When each task could begin by what comes before it alone. What is held back by a most-lag or by hand waits for nobody. */
function readyTicks({ problem, tasks: known }: LessonProblem, starts: readonly number[]): number[] {
  const { tasks, arcs } = problem;
  const ready = tasks.map(({ earliest }) => earliest);
  // The teacher’s call is tied to its step and holds it back no further.
  const isCall = (task: number) => known[task]!.kind === 'call';
  const held = new Set(
    arcs.flatMap(({ before, after, gap }) =>
      gap < 0 && !isCall(before) && !isCall(after) ? [before, after] : [],
    ),
  );
  for (const { before, after, gap } of arcs)
    if (gap >= 0 && !isCall(before)) ready[after] = Math.max(ready[after]!, starts[before]! + gap);
  return ready.map((tick, i) => (held.has(i) || tasks[i]!.latest !== Infinity ? starts[i]! : tick));
}

/** When to look early and between which minutes, in minutes after the bell. */
function looksOf(step: StationStep | null, startMin: number): Pick<Bar, 'lookMin' | 'windows'> {
  if (!step) return { lookMin: null, windows: [] };
  const after = (minutes: number | null) => (minutes === null ? null : startMin + minutes);
  return {
    lookMin: after(earlyLook(step)),
    windows: step.windows.map(({ words, from, until }) => ({
      words,
      fromMin: after(from),
      untilMin: after(until),
    })),
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

/** What is shared by stations, as it fills and empties; hands are seen in the bars. */
function loadsOf({ problem, shared }: LessonProblem, { schedule }: Solved, ready: readonly number[]): Load[] {
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
    const waiting = problem.tasks.flatMap(({ uses }, i) =>
      uses.some((use) => use.resource === resource) && ready[i]! < schedule.starts[i]!
        ? [{ from: ready[i]!, to: schedule.starts[i]! }]
        : [],
    );
    const queue = waiting.map(
      ({ from }) => waiting.filter((one) => one.from <= from && from < one.to).length,
    );
    return [{ kind, units, points, queue: Math.max(0, ...queue) }];
  });
}
