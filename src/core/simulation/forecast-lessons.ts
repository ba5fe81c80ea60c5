import { seededRandom, type SeededRandom } from '../random';
import { surroundingsOf, type Whereabouts } from '../forecast';
import type { SyrupBatch } from '../sugar';
import type { Surroundings } from '../trace';

/** One simulated pan, core or tray as a class would read it. */
export interface ForecastLesson {
  /** What the program is told. */
  batch: SyrupBatch | null;
  targetC: number;
  /** What it is read in, as the plan says it. */
  pan: { steams: boolean; core: boolean; surroundings: Surroundings | null };
  seconds: number[];
  celsius: number[];
  /** When the thermometer really gets there, s. */
  reachedS: number;
  /** The truth behind it, for a comparison that knows the model. */
  truth: Truth;
}

/** What is not told, with how far each may lie off, and what the thermometer would show for other values of it. */
export interface Truth {
  values: readonly number[];
  /** Standard deviation of each over all lessons of the scenario. */
  spreads: readonly number[];
  /** The same over all lessons of its kind, whatever the scenario; null where its kind has one scenario only. */
  anySpreads: readonly number[] | null;
  /** Standard deviation of one reading: noise and rounding, °C. */
  readingC: number;
  rising: boolean;
  /** What is shown at seconds 1, 2, 3 …, one after the other. */
  play(values: readonly number[]): (second: number) => number;
}

export interface ForecastScenario {
  id: string;
  about: string;
  /** Syrups are held to a median error as well. */
  syrup: boolean;
  lesson(seed: number): ForecastLesson;
}

/** How a reading is taken: how often, how noisy, to what division, with what error of the thermometer. */
export interface Reading {
  everyS: number;
  noiseC: number;
  divisionC: number;
  offsetSdC: number;
  jitterS?: number;
}

/** Something that differs from lesson to lesson. */
export type Draw = { low: number; high: number } | { mean: number; sd: number };

export const between = (low: number, high: number): Draw => ({ low, high });
export const about = (mean: number, sd: number): Draw => ({ mean, sd });

export const drawOf = (random: SeededRandom, draw: Draw): number =>
  'sd' in draw ? draw.mean + draw.sd * random.normal() : draw.low + (draw.high - draw.low) * random.uniform();

const spreadOf = (draw: Draw) => ('sd' in draw ? draw.sd : (draw.high - draw.low) / Math.sqrt(12));

/** A lesson before it is played. */
export interface LessonPlan {
  batch: SyrupBatch | null;
  targetC: number;
  /** It is read in the core of a food, or in a pan of what is mostly water; else in a syrup or in the air. */
  in?: 'core' | 'water';
  how: Reading;
  rising: boolean;
  /** What its plan says of where it stands; none: nothing is asked for. */
  step?: Partial<Whereabouts>;
  mostS?: number;
  /** What is not told. */
  unknown: Record<string, Draw>;
  /** How it spreads over all lessons of the kind, the thermometer’s error (`offsetC`) included. */
  anyLesson?: Record<string, number>;
  /** What the food is at seconds 1, 2, 3 … for values of the unknown. */
  play(value: (name: string) => number): (second: number) => number;
}

/** Plays a lesson: draws what is not told, and reads the thermometer until it shows the target. */
export function lessonOf(seed: number, planOf: (random: SeededRandom) => LessonPlan): ForecastLesson {
  const random = seededRandom(seed);
  const plan = planOf(random);
  const { how, targetC, rising, mostS = 5 * 3600 } = plan;
  const names = Object.keys(plan.unknown);
  const draws = Object.values(plan.unknown);
  // The thermometer's own error is the last of what is not told.
  const values = [...draws.map((draw) => drawOf(random, draw)), how.offsetSdC * random.normal()];
  const play = (given: readonly number[]) => {
    const step = plan.play((name) => given[names.indexOf(name)]!);
    return (second: number) => step(second) + given.at(-1)!;
  };
  const shownAt = play(values);
  const seconds: number[] = [];
  const celsius: number[] = [];
  let next = 5;
  let reachedS = Infinity;
  for (let s = 1; s < mostS && reachedS === Infinity; s += 1) {
    const shown = shownAt(s);
    if (s >= next) {
      const noisy = shown + how.noiseC * random.normal();
      seconds.push(s);
      celsius.push(Math.round(noisy / how.divisionC) * how.divisionC);
      next = s + how.everyS + (how.jitterS ?? 0) * (2 * random.uniform() - 1);
    }
    if (rising ? shown >= targetC : shown <= targetC) reachedS = s;
  }
  return {
    batch: plan.batch,
    targetC,
    pan: {
      steams: plan.in === 'water',
      core: plan.in === 'core',
      surroundings: surroundingsOf({ needs: [], settings: [], ...plan.step }, rising, null),
    },
    seconds,
    celsius,
    reachedS,
    truth: {
      values,
      spreads: [...draws.map(spreadOf), how.offsetSdC],
      anySpreads: plan.anyLesson ? [...names, 'offsetC'].map((name) => plan.anyLesson![name]!) : null,
      readingC: Math.hypot(how.noiseC, how.divisionC / Math.sqrt(12)),
      rising,
      play,
    },
  };
}
