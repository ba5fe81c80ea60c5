import { stepMinutes, type Plan, type Step } from '../practical';
import { heatsOven } from '../timetable';
import { firstOpen, isOpen, lastOpen } from './open-hours';
import type { SchoolWays } from './school-ways';
import { clockTime, minuteMs, minuteOfDay } from './wall-clock';

/** Something of a practical that is done on another day than its lesson, or before its bell, with its clock times. */
export interface DatedJob {
  stepId: string;
  words: string;
  when: 'before' | 'after';
  hands: Step['hands'];
  who: 'technician' | 'teacher' | 'class';
  /** ms since 1970. */
  startsAt: number;
  endsAt: number;
  /** When it would have been done, had somebody been there then; null: it is. */
  instead: number | null;
}

/** What keeps the days from holding. */
export type DayClash =
  /** It may wait so long and no longer, and nobody is there until later. */
  | { kind: 'waits-too-long'; stepId: string; afterId: string; latest: number; earliest: number }
  /** No day is open for so long. */
  | { kind: 'never-open'; stepId: string; minutes: number }
  /** It must begin then, and nobody is there. */
  | { kind: 'nobody-there'; stepId: string; at: number }
  /** Steps outside the lesson wait for each other. */
  | { kind: 'circle'; stepIds: string[] };

/** When a lesson is, and the minutes at which its steps begin and end, where that is known. */
export interface DatedLesson {
  plan: Plan;
  startsAt: number;
  /** Minutes after the bell at which a step of the lesson begins first and ends last. */
  spanOf?: (stepId: string) => { startMin: number; endMin: number } | null;
}

export interface Dated {
  jobs: DatedJob[];
  clashes: DayClash[];
}

/** What comes before what outside the lesson: as it is said, else in the order of the list. */
interface Link {
  before: Step;
  least: number;
  most: number | null;
}

/**
 * Jobs before the bell as late as they can be done, jobs after the lesson as soon as they may be, hands only while
 * somebody is there. What takes long is given all its minutes, whatever the clocks do meanwhile.
 */
export function datedJobs(lesson: DatedLesson, ways: SchoolWays): Dated {
  const { plan } = lesson;
  const links = linksOf(plan.steps);
  const circle = circleIn(plan.steps, links);
  if (circle.length > 0) return { jobs: [], clashes: [{ kind: 'circle', stepIds: circle }] };
  const dating = new Dating(lesson, ways, links);
  dating.before();
  dating.after();
  return dating.done();
}

class Dating {
  readonly #jobs = new Map<string, DatedJob>();
  readonly #clashes: DayClash[] = [];
  readonly #ends: number;

  constructor(
    readonly lesson: DatedLesson,
    readonly ways: SchoolWays,
    readonly links: ReadonlyMap<string, Link[]>,
  ) {
    this.#ends = lesson.startsAt + lesson.plan.periodMinutes * minuteMs;
  }

  /** From the bell backwards: what comes last is done last. */
  before(): void {
    const steps = this.lesson.plan.steps.filter(({ when }) => when === 'before');
    for (const step of inOrder(steps, this.links).reverse()) this.#placeBefore(step);
    // What waits begins as soon as it can: it lies until the next takes it up.
    for (const step of inOrder(steps, this.links)) {
      const own = this.#jobs.get(step.id);
      if (!own || step.hands !== 'waiting' || heatsOven(step)) continue;
      const earliest = Math.max(-Infinity, ...this.#linksOf(step).map((link) => this.#endOf(link)));
      if (earliest > -Infinity && earliest < own.startsAt && this.#linksOf(step).length > 0) {
        const length = own.endsAt - own.startsAt;
        this.#jobs.set(step.id, { ...own, startsAt: earliest, endsAt: earliest + length });
      }
    }
  }

  #placeBefore(step: Step): void {
    const { startsAt, plan } = this.lesson;
    const length = lengthOf(step);
    const limits = plan.steps.flatMap((after) =>
      this.#linksOf(after)
        .filter(({ before }) => before.id === step.id)
        .map(({ least }) => this.#beginOf(after) - least * minuteMs),
    );
    const endOfDay = step.day < 0 ? clockTime(startsAt, step.day + 1, 0) : Infinity;
    // What waits begins on the day it is said for; what is done by hand is over on it.
    const dayEnds = step.hands === 'waiting' ? endOfDay + length : endOfDay;
    const before = Math.min(startsAt, dayEnds, ...limits);
    // What waits needs somebody to begin it, unless it goes on by itself from what was done before.
    const attended = step.hands === 'waiting' ? 0 : length;
    const byItself = attended === 0 && this.#linksOf(step).length > 0;
    const over = before - length + attended;
    // An oven heated the day before is cold.
    if (heatsOven(step) && !isOpen(this.ways, before - length, 0)) {
      this.#clashes.push({ kind: 'nobody-there', stepId: step.id, at: before - length });
      this.#place(step, before - length, { length, attended: null }, () => null);
      return;
    }
    this.#place(step, before - length, { length, attended: byItself ? null : attended }, () =>
      lastOpen(this.ways, over, attended),
    );
  }

  /** From the lesson onwards. */
  after(): void {
    const steps = this.lesson.plan.steps.filter(({ when }) => when === 'after');
    for (const step of inOrder(steps, this.links)) {
      const { startsAt } = this.lesson;
      const length = lengthOf(step);
      const own = this.#linksOf(step);
      // What waits begins at once, whatever day it is over on.
      const later = step.day > 0 && step.hands === 'hands-on';
      const day = later ? clockTime(startsAt, step.day, 0) : -Infinity;
      // What waits goes on from what it follows; hands are free when the lesson is over.
      const soonest = step.hands === 'waiting' && own.length > 0 ? -Infinity : this.#ends;
      const least = Math.max(soonest, day, ...own.map((link) => this.#endOf(link) + link.least * minuteMs));
      const latest = Math.min(
        Infinity,
        ...own.flatMap((link) => (link.most === null ? [] : [this.#endOf(link) + link.most * minuteMs])),
      );
      // A day is said and no hour: not at midnight, when nobody is there anyway.
      const wanted = least === day ? clockTime(least, 0, minuteOfDay(startsAt)) : least;
      const attended = step.hands === 'waiting' ? null : length;
      this.#place(step, wanted, { length, attended }, () => this.#soonest(least, latest, length));
    }
  }

  /** At the hour of the lesson where that day is open then, else as soon as somebody is there. */
  #soonest(least: number, latest: number, length: number): number | null {
    const first = firstOpen(this.ways, least, length);
    if (first === null) return null;
    const atLesson = clockTime(first, 0, minuteOfDay(this.lesson.startsAt));
    const good = atLesson >= least && atLesson <= latest && isOpen(this.ways, atLesson, length);
    return good ? atLesson : first;
  }

  /** Where it is wanted if it needs nobody or somebody is there then, else where `open` finds somebody. */
  #place(
    step: Step,
    wanted: number,
    { length, attended }: { length: number; attended: number | null },
    open: () => number | null,
  ): void {
    const there = attended === null || isOpen(this.ways, wanted, attended);
    const found = there ? wanted : open();
    if (found === null) {
      this.#clashes.push({ kind: 'never-open', stepId: step.id, minutes: length / minuteMs });
    }
    const at = found ?? wanted;
    const moved = found !== null && !there;
    this.#jobs.set(step.id, {
      ...{ stepId: step.id, words: step.text, hands: step.hands, when: step.when as DatedJob['when'] },
      who: step.adult ? 'teacher' : step.when === 'before' ? 'technician' : 'class',
      ...{ startsAt: at, endsAt: at + length, instead: moved ? wanted : null },
    });
  }

  done(): Dated {
    for (const step of this.lesson.plan.steps) {
      for (const link of this.#linksOf(step)) {
        if (link.most === null || (step.when === 'lesson' && link.before.when === 'lesson')) continue;
        const latest = this.#endOf(link) + link.most * minuteMs;
        const earliest = this.#beginOf(step);
        if (earliest > latest) {
          const afterId = link.before.id;
          this.#clashes.push({ kind: 'waits-too-long', stepId: step.id, afterId, latest, earliest });
        }
      }
    }
    const jobs = [...this.#jobs.values()].sort((a, b) => a.startsAt - b.startsAt || a.endsAt - b.endsAt);
    return { jobs, clashes: this.#clashes };
  }

  #linksOf({ id }: Step): readonly Link[] {
    return this.links.get(id) ?? [];
  }

  #endOf({ before }: Link): number {
    const { startsAt, spanOf } = this.lesson;
    const job = this.#jobs.get(before.id);
    if (job) return job.endsAt;
    const span = spanOf?.(before.id);
    return span ? startsAt + span.endMin * minuteMs : this.#ends;
  }

  #beginOf(step: Step): number {
    const { startsAt, spanOf } = this.lesson;
    const job = this.#jobs.get(step.id);
    if (job) return job.startsAt;
    const span = spanOf?.(step.id);
    return span ? startsAt + span.startMin * minuteMs : startsAt;
  }
}

/** Longest it may take: it is to be ready. */
const lengthOf = (step: Step): number => (stepMinutes(step)?.most ?? 0) * minuteMs;

/** Links of every step to what comes before it, where one of the two is outside the lesson. */
function linksOf(steps: readonly Step[]): Map<string, Link[]> {
  const links = new Map<string, Link[]>();
  const byId = new Map(steps.map((step) => [step.id, step]));
  const above = new Map<Step['when'], Step>();
  for (const step of steps) {
    const said = step.after.flatMap(({ stepId, least, most }): Link[] => {
      const before = byId.get(stepId);
      return before && before !== step && isSooner(before, step) ? [{ before, least, most }] : [];
    });
    const last = above.get(step.when);
    // Heating an oven goes on beside everything else.
    const beside = heatsOven(step);
    const chained = step.when !== 'lesson' && said.length === 0 && !beside && last;
    links.set(step.id, chained ? [{ before: last, least: 0, most: null }] : said);
    if (!beside) above.set(step.when, step);
  }
  return links;
}

const order: readonly Step['when'][] = ['before', 'lesson', 'after'];
/** What is said to come after something that is done later is for the margin to say. */
const isSooner = (before: Step, after: Step) => order.indexOf(before.when) <= order.indexOf(after.when);

/** Steps in an order in which each comes after what it waits for. */
function inOrder(steps: readonly Step[], links: ReadonlyMap<string, readonly Link[]>): Step[] {
  const done = new Set<Step>();
  const visit = (step: Step) => {
    if (done.has(step)) return;
    done.add(step);
    for (const { before } of links.get(step.id) ?? []) if (steps.includes(before)) visit(before);
    ordered.push(step);
  };
  const ordered: Step[] = [];
  steps.forEach(visit);
  return ordered;
}

/** Ids of steps outside the lesson that wait for each other; none: no circle. */
function circleIn(steps: readonly Step[], links: ReadonlyMap<string, readonly Link[]>): string[] {
  const state = new Map<string, 'open' | 'done'>();
  const way: string[] = [];
  const visit = (step: Step): string[] => {
    if (state.get(step.id) === 'done') return [];
    if (state.get(step.id) === 'open') return way.slice(way.indexOf(step.id));
    state.set(step.id, 'open');
    way.push(step.id);
    for (const { before } of links.get(step.id) ?? []) {
      if (before.when !== step.when) continue;
      const circle = visit(before);
      if (circle.length > 0) return circle;
    }
    way.pop();
    state.set(step.id, 'done');
    return [];
  };
  for (const step of steps) {
    if (step.when === 'lesson') continue;
    const circle = visit(step);
    if (circle.length > 0) return circle;
  }
  return [];
}
