import { seededRandom, type SeededRandom } from '../random';
import { Crew, type Schedule } from '../schedule';
import { ticksPerMinute, toMinutes, type LessonProblem, type LessonTask, type SharedKind } from './lesson';

/** How much longer or shorter than planned hands take where no range is given (common practice, from memory). */
const handsSpread = { least: 0.8, likely: 1, most: 1.3 } as const;
/** How much quicker or slower than another a station is all lesson long (common practice, from memory). */
const stationSpread = { least: 0.9, likely: 1, most: 1.15 } as const;

export interface Odds {
  runs: number;
  /** Share of the lessons in which all have cleared up by the bell. */
  chance: number;
  /** Its standard error, from the number of runs. */
  error: number;
  /** Minutes after the bell that begins the lesson at which 5, 50 and 95 of a hundred lessons end. */
  ends: { p5: number; p50: number; p95: number };
  /** Mean minutes a station waits for something shared, longest first. */
  queues: { kind: SharedKind; minutes: number }[];
  /** Steps on the way to the last end: in what share of lessons, and minutes of it in the mean; most first. */
  holds: { stepId: string; share: number; minutes: number }[];
}

/** Durations of one lesson by lot, in ticks: one of the thousand. */
function drawnDurations(tasks: readonly LessonTask[], random: SeededRandom): Float64Array {
  const speed = new Map<number, number>();
  const ofStation = (station: number) => {
    const known = speed.get(station);
    if (known !== undefined) return known;
    const drawn = triangular(stationSpread, random);
    speed.set(station, drawn);
    return drawn;
  };
  return Float64Array.from(tasks, (task) => drawnMinutes(task, ofStation, random) * ticksPerMinute);
}

function drawnMinutes(
  { kind, hands, minutes, lane }: LessonTask,
  ofStation: (station: number) => number,
  random: SeededRandom,
): number {
  if (kind === 'call') return minutes.likely;
  const ranged = minutes.most > minutes.least;
  const own =
    ranged || hands === 'waiting'
      ? triangular(minutes, random)
      : minutes.likely * triangular(handsSpread, random);
  return hands === 'hands-on' && lane.kind === 'station' ? own * ofStation(lane.number) : own;
}

/** Triangular from least to most with its peak at the likely value, by inversion. */
function triangular(
  { least, likely, most }: { least: number; likely: number; most: number },
  random: SeededRandom,
): number {
  const drawn = random.uniform();
  if (most <= least) return likely;
  const peak = (likely - least) / (most - least);
  return drawn < peak
    ? least + Math.sqrt(drawn * (most - least) * (likely - least))
    : most - Math.sqrt((1 - drawn) * (most - least) * (most - likely));
}

/**
 * The lesson carried out again and again, its minutes drawn from their ranges, stations quicker and slower.
 *
 * @param bellMin minutes from bell to bell
 * @param enough asked now and then; true ends it early with what there is
 */
export function lessonOdds(
  { problem, tasks, shared }: LessonProblem,
  schedule: Schedule,
  bellMin: number,
  {
    runs = 1000,
    seed = 1,
    enough = () => false,
  }: { runs?: number; seed?: number; enough?: () => boolean } = {},
): Odds {
  const crew = new Crew(problem, schedule);
  const random = seededRandom(seed);
  const ends: number[] = [];
  const queued = new Map<SharedKind, number>();
  const held = new Map<string, { lessons: number; ticks: number }>();
  const stations = new Set(tasks.flatMap(({ lane }) => (lane.kind === 'station' ? [lane.number] : []))).size;
  for (let run = 0; run < runs; run += 1) {
    if (run > 0 && run % 50 === 0 && enough()) break;
    const durations = drawnDurations(tasks, random);
    const went = crew.run(durations);
    ends.push(toMinutes(went.end));
    went.waited.forEach((ticks, task) => {
      const lacking = went.wanting[task]!;
      if (ticks <= 0 || lacking < 0) return;
      const kind = shared[lacking] ?? 'oven';
      if (kind !== 'hands') queued.set(kind, (queued.get(kind) ?? 0) + toMinutes(ticks));
    });
    const onTheWay = new Map<string, number>();
    let at = went.ends.indexOf(went.end);
    for (let hops = 0; at >= 0 && hops < tasks.length; hops += 1) {
      const { step, kind } = tasks[at]!;
      if (step && kind === 'step') onTheWay.set(step.id, (onTheWay.get(step.id) ?? 0) + durations[at]!);
      at = went.upon[at]!;
    }
    onTheWay.forEach((ticks, id) => {
      const sum = held.get(id) ?? { lessons: 0, ticks: 0 };
      held.set(id, { lessons: sum.lessons + 1, ticks: sum.ticks + ticks });
    });
  }
  const count = ends.length;
  const chance = ends.filter((end) => end <= bellMin + 1e-9).length / count;
  const sorted = [...ends].sort((a, b) => a - b);
  const quantile = (share: number) => sorted[Math.min(count - 1, Math.floor(share * count))]!;
  return {
    runs: count,
    chance,
    error: Math.sqrt(Math.max(chance * (1 - chance), 0.25 / count) / count),
    ends: { p5: quantile(0.05), p50: quantile(0.5), p95: quantile(0.95) },
    queues: [...queued]
      .map(([kind, minutes]) => ({ kind, minutes: minutes / count / Math.max(stations, 1) }))
      .sort((a, b) => b.minutes - a.minutes),
    holds: [...held]
      .map(([stepId, { lessons, ticks }]) => ({
        stepId,
        share: lessons / count,
        minutes: toMinutes(ticks) / count,
      }))
      .sort((a, b) => b.minutes - a.minutes),
  };
}
