import { excerpt, formatDuration } from '../format';
import type { Plan } from '../practical';
import { datedJobs, type DatedJob, type DatedLesson, type DayClash } from './dated-jobs';
import { closedBecause, isOpen } from './open-hours';
import type { SchoolWays } from './school-ways';
import { clockTime, clockWords, dayWords, minuteMs, minuteOfDay } from './wall-clock';

const moment = (ms: number) => `${dayWords(ms)} ${clockWords(ms)}`;

const stepWords = ({ steps }: Plan, id: string) => `“${excerpt(steps.find((step) => step.id === id)!.text)}”`;

/** What keeps the days from holding, and what would have to give. */
export function clashWords(plan: Plan, clash: DayClash): string {
  switch (clash.kind) {
    case 'waits-too-long':
      return `${stepWords(plan, clash.stepId)} must begin by ${moment(clash.latest)} (so long may it wait after ${stepWords(plan, clash.afterId)}), and can begin on ${moment(clash.earliest)} at the soonest.`;
    case 'never-open':
      return `${stepWords(plan, clash.stepId)} takes ${formatDuration(clash.minutes * 60)} by hand, and on no day somebody is there so long. Part it, or open the school longer.`;
    case 'nobody-there':
      return `${stepWords(plan, clash.stepId)} must begin on ${moment(clash.at)}, when nobody is there yet. Begin the lesson later, or open the school sooner.`;
    case 'circle':
      return `${clash.stepIds.map((id) => stepWords(plan, id)).join(' and ')} wait for each other. Take one “after” away.`;
  }
}

/** Why a job is done at another time than it would have been; null: it is not. */
export function insteadWords({ instead, when }: DatedJob, ways: SchoolWays): string | null {
  if (instead === null) return null;
  const because = closedBecause(ways, instead);
  const day = dayWords(instead);
  if (because === null)
    return `${when === 'after' ? 'due' : 'else'} ${moment(instead)}, when nobody is there`;
  return `${when === 'after' ? 'due' : 'else'} on ${day}${because ? ` (${because})` : ''}, when nobody is there`;
}

/**
 * Days near a lesson on which it would be open for it and all its jobs would hold, the nearest first.
 *
 * @param around how many days back and ahead it is looked
 */
export function daysThatHold(lesson: DatedLesson, ways: SchoolWays, around = 7): number[] {
  const { startsAt, plan } = lesson;
  const shifts = Array.from({ length: 2 * around + 1 }, (_, i) => i - around)
    .filter((shift) => shift !== 0)
    .sort((a, b) => Math.abs(a) - Math.abs(b) || b - a);
  return shifts
    .map((shift) => clockTime(startsAt, shift, minuteOfDay(startsAt)))
    .filter((at) => isOpen(ways, at, plan.periodMinutes * minuteMs))
    .filter((at) => datedJobs({ ...lesson, startsAt: at }, ways).clashes.length === 0);
}
