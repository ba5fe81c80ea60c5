import type { Oven, Schedule } from '../schedule';
import { ticksPerMinute, toMinutes, type LessonProblem } from './lesson';

/** What is in an oven from when to when, at how many degrees. */
export interface OvenSpan {
  fromMin: number;
  toMin: number;
  celsius: number;
  places: number;
}

/** An oven in the course of a lesson. */
export interface OvenDrawn {
  name: string;
  places: number;
  spans: OvenSpan[];
  /** How hot it is, straight from point to point. */
  course: { min: number; celsius: number }[];
  /** When it is set, and when it is as hot as that. */
  set: { atMin: number; hotMin: number; celsius: number }[];
}

/** What the ovens of a lesson hold, and how hot they have to be when: set as late as does. */
export function ovensDrawn({ problem }: LessonProblem, schedule: Schedule): OvenDrawn[] {
  return problem.ovens.map((oven, o) => {
    const staged = stagesIn(problem, schedule, o);
    const spans = staged.map(({ fromMin, toMin, celsius, places }) => ({ fromMin, toMin, celsius, places }));
    return { name: oven.name, places: oven.places, spans, ...courseOf(oven, staged) };
  });
}

/** A span, and whether what is in it has been hotter or less hot before. */
interface Stage extends OvenSpan {
  later: boolean;
}

function stagesIn({ tasks }: LessonProblem['problem'], { starts, ovenOf }: Schedule, o: number): Stage[] {
  return tasks
    .flatMap((task, i) => {
      if (!task.oven || ovenOf[i] !== o) return [];
      const { profile, places } = task.oven;
      return profile.map(({ from, celsius }, k) => ({
        fromMin: toMinutes(starts[i]! + from),
        toMin: toMinutes(starts[i]! + (profile[k + 1]?.from ?? task.duration)),
        ...{ celsius, places, later: k > 0 },
      }));
    })
    .sort((a, b) => a.fromMin - b.fromMin);
}

function courseOf(oven: Oven, stages: readonly Stage[]): Pick<OvenDrawn, 'course' | 'set'> {
  const [first] = stages;
  if (!first) return { course: [], set: [] };
  let celsius = oven.startC ?? first.celsius;
  const course = [{ min: 0, celsius }];
  const set: OvenDrawn['set'] = oven.startC === null ? [{ atMin: 0, hotMin: 0, celsius }] : [];
  for (const stage of stages) {
    if (stage.celsius === celsius) continue;
    const minutes = minutesBetween(oven, celsius, stage.celsius);
    // In the middle of baking it is set then and gets there; else it is there when the first goes in.
    const from = stage.later ? stage.fromMin : Math.max(0, stage.fromMin - minutes);
    course.push({ min: from, celsius }, { min: from + minutes, celsius: stage.celsius });
    set.push({ atMin: from, hotMin: from + minutes, celsius: stage.celsius });
    ({ celsius } = stage);
  }
  const end = Math.max(course[course.length - 1]!.min, ...stages.map(({ toMin }) => toMin));
  return { course: [...course, { min: end, celsius }], set };
}

const minutesBetween = (oven: Oven, fromC: number, toC: number): number =>
  Math.abs(toC - fromC) / (toC > fromC ? oven.risePerTick : oven.fallPerTick) / ticksPerMinute;
