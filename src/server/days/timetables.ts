import { availableParallelism } from 'node:os';
import { LRUCache } from 'lru-cache';
import pLimit from 'p-limit';
import type { Jobs, RunJob, RunTimetable } from '../../contract/days';
import type { Run } from '../../contract/runs';
import {
  clashWords,
  datedJobs,
  daysThatHold,
  insteadWords,
  minuteMs,
  type Dated,
  type DatedLesson,
  type SchoolWays,
} from '../../core/days';
import { handsOf } from '../../core/timetable';
import type { Runs } from '../runs/runs';
import type { SchoolSettings } from '../school/school';
import { KeptThread } from '../threads/in-thread';
import type { LaidLessons } from './laid-lessons';
import { layLesson, type LessonAsked, type LessonLaid } from './lay-lesson';

/** Jobs lie at most so far from their lesson, ms: steps say up to fourteen days, closed days come on top. */
const farthestMs = 40 * 24 * 60 * minuteMs;
/** Timetables kept, one for each run and each way it was. */
const mostKept = 200;
const mostDated = 2000;
/** Lessons laid out at the same moment, where there is a second core for it. */
const mostAtOnce = Math.min(2, availableParallelism());
/** Lessons are laid out before anyone asks where they begin so soon, and so many of them at most. */
const aheadMs = 14 * 24 * 60 * minuteMs;
const mostAhead = 60;

type Outline = Awaited<ReturnType<Runs['outlines']>>[number];

/** Timetables of runs and the jobs around them, each worked out once for as long as nothing about it changes. */
export class Timetables {
  readonly #runs: Runs;
  readonly #school: SchoolSettings;
  readonly #kept: LaidLessons;
  readonly #program: URL | null;
  readonly #laid = new LRUCache<string, Promise<LessonLaid>>({ max: mostKept });
  readonly #dated = new LRUCache<string, ReturnType<typeof dated>>({ max: mostDated });
  readonly #line = pLimit(mostAtOnce);
  /** Threads that lay nothing out just now. */
  readonly #idle: KeptThread[] = [];
  #ahead: Promise<void> | null = null;
  #aheadFrom: number | null = null;

  /** @param program what a thread runs; without it lessons are laid out where they are asked for */
  constructor(runs: Runs, school: SchoolSettings, kept: LaidLessons, program: URL | null) {
    this.#runs = runs;
    this.#school = school;
    this.#kept = kept;
    this.#program = program;
  }

  /** The timetable of a run with the jobs around it. */
  async of(id: string): Promise<RunTimetable> {
    const [run, { ways }] = await Promise.all([this.#runs.one(id), this.#school.get()]);
    const laid = await this.#layOut(run, ways);
    const { jobs, clashes } = dated(run, ways, laid);
    return { ...laid, jobs, clashes };
  }

  /** Jobs of all runs that begin from `from` up to `to`. */
  async jobs(from: number, to: number): Promise<Jobs> {
    const { ways, waysVersion } = await this.#school.get();
    const near = await this.#runs.outlines({ from: from - farthestMs, to: to + farthestMs });
    const found: Jobs = { jobs: [], clashes: [] };
    for (const run of near) {
      const { id } = run;
      const { jobs, clashes } = await this.#datedOf(run, ways, waysVersion);
      const wanted = jobs.filter(
        ({ startsAt, when }) =>
          startsAt >= from && startsAt < to && (when === 'after' || run.status === 'planned'),
      );
      found.jobs.push(...wanted);
      if (run.status === 'planned' && wanted.length > 0)
        found.clashes.push(...clashes.map((clash) => ({ runId: id, ...clash })));
    }
    found.jobs.sort((a, b) => a.startsAt - b.startsAt || a.lessonAt - b.lessonAt);
    return found;
  }

  /** Jobs of a run as they were worked out before, as long as nothing they hang on has changed. */
  async #datedOf(
    { id, revision, startsAt, status, roomName }: Outline,
    ways: SchoolWays,
    waysVersion: number,
  ): Promise<ReturnType<typeof dated>> {
    const key = JSON.stringify([id, revision, startsAt, status, roomName, waysVersion]);
    const known = this.#dated.get(key);
    if (known) return known;
    const run = await this.#runs.one(id);
    // Where they hang on the minutes of the lesson the room does too: that is known by its timetable.
    if (minutesMatter(run)) return dated(run, ways, await this.#layOut(run, ways));
    const worked = dated(run, ways, null);
    this.#dated.set(key, worked);
    return worked;
  }

  #layOut(run: Run, ways: SchoolWays): Promise<LessonLaid> {
    const asked: LessonAsked = {
      ...{ plan: run.plan, place: run.place, opening: ways.opening, closing: ways.closing },
      stations: run.stations.map((number) => ({
        number,
        treatmentId: run.allocation.find(({ station }) => station === number)?.treatmentId ?? null,
      })),
      hands: handsOf(run.students, run.stations.length),
    };
    const key = JSON.stringify([run.id, run.revision, asked]);
    const known = this.#laid.get(key);
    if (known) return known;
    const laid = this.#layAnew(asked);
    this.#laid.set(key, laid);
    // What went wrong once may go right the next time.
    laid.catch(() => this.#laid.delete(key));
    return laid;
  }

  /** As it was laid out before the program was last started, or else laid out now and kept. */
  async #layAnew(asked: LessonAsked): Promise<LessonLaid> {
    const kept = await this.#kept.find(asked);
    if (kept) return kept;
    const laid = await this.#line(() => this.#layBeside(asked));
    await this.#kept.keep(asked, laid);
    return laid;
  }

  async #layBeside(asked: LessonAsked): Promise<LessonLaid> {
    if (!this.#program) return layLesson(asked);
    const thread = this.#idle.pop() ?? new KeptThread(this.#program);
    try {
      return await thread.answer<LessonLaid>({ lesson: asked });
    } finally {
      this.#idle.push(thread);
    }
  }

  /** Lays out the lessons of the days to come one after another, so that whoever prints a week of them need not wait. */
  ahead(now: number): Promise<void> {
    this.#aheadFrom = now;
    this.#ahead ??= this.#layAhead().finally(() => (this.#ahead = null));
    return this.#ahead;
  }

  async #layAhead(): Promise<void> {
    while (this.#aheadFrom !== null) {
      const from = this.#aheadFrom;
      this.#aheadFrom = null;
      const near = await this.#runs.outlines({ from, to: from + aheadMs });
      const planned = near.filter(({ status }) => status === 'planned').slice(0, mostAhead);
      // One that cannot be laid out is said where somebody asks for it.
      for (const { id } of planned) await this.of(id).catch(() => undefined);
    }
  }
}

/** Whether what is done on other days hangs on the minutes of the lesson. */
const minutesMatter = ({ plan }: Run): boolean =>
  plan.steps.some((step) =>
    step.after.some(({ stepId }) => {
      const before = plan.steps.find(({ id }) => id === stepId);
      return before !== undefined && before.when !== step.when;
    }),
  );

/** The jobs of a run with what is told of it. */
function dated(run: Run, ways: SchoolWays, laid: LessonLaid | null) {
  const lesson: DatedLesson = { plan: run.plan, startsAt: run.startsAt };
  const bars = laid?.timetable?.bars;
  if (bars) {
    lesson.spanOf = (stepId) => {
      const own = bars.filter((bar) => bar.stepId === stepId && bar.kind === 'step');
      if (own.length === 0) return null;
      return {
        startMin: Math.min(...own.map(({ startMin }) => startMin)),
        endMin: Math.max(...own.map(({ endMin }) => endMin)),
      };
    };
  }
  const { jobs, clashes }: Dated = datedJobs(lesson, ways);
  const better = clashes.length > 0 ? daysThatHold(lesson, ways).slice(0, 3) : [];
  return {
    jobs: jobs.map((job): RunJob => ({
      ...job,
      ...{ runId: run.id, practicalId: run.practicalId, title: run.plan.title },
      ...{ className: run.className, roomName: run.place.name, lessonAt: run.startsAt },
      ...{ status: run.status, moved: insteadWords(job, ways) },
    })),
    clashes: clashes.map((clash) => ({ words: clashWords(run.plan, clash), daysThatHold: better })),
  };
}
