import { addDays, isSameDay, startOfWeek } from 'date-fns';
import type { RunJob } from '../../contract/days';
import type { RunSummary } from '../../contract/practicals';
import { clockTime, minuteMs, type Bell, type SchoolWays } from '../../core/days';

/** What is in a period of a day, or outside all of them. */
export interface Cell {
  lessons: RunSummary[];
  jobs: RunJob[];
}

export interface WeekRow {
  /** Null: outside every period. */
  bell: Bell | null;
  cells: Cell[];
}

export interface WeekGrid {
  days: Date[];
  rows: WeekRow[];
}

/**
 * A week by the bells of the school: each lesson in the period it begins in, each job in the one it begins in. What begins
 * outside every period stands in a row of its own, at its clock time. Days of the weekend only where something is on.
 */
export function weekGrid(
  at: Date,
  { bells }: Pick<SchoolWays, 'bells'>,
  lessons: readonly RunSummary[],
  jobs: readonly RunJob[],
): WeekGrid {
  const monday = startOfWeek(at, { weekStartsOn: 1 });
  const all = Array.from({ length: 7 }, (_, i) => addDays(monday, i));
  const on = (day: Date) => [...lessons, ...jobs].some(({ startsAt }) => isSameDay(startsAt, day));
  const days = all.filter((day, i) => i < 5 || on(day));
  const sorted = [...bells].sort((a, b) => a.fromMin - b.fromMin);
  const bellOf = (day: Date, startsAt: number) =>
    sorted.find(({ fromMin, toMin }) => {
      const ms = day.getTime();
      return startsAt >= clockTime(ms, 0, fromMin) - minuteMs / 2 && startsAt < clockTime(ms, 0, toMin);
    }) ?? null;
  const cell = (day: Date, bell: Bell | null): Cell => {
    const here = ({ startsAt }: { startsAt: number }) =>
      isSameDay(startsAt, day) && bellOf(day, startsAt) === bell;
    return { lessons: lessons.filter(here), jobs: jobs.filter(here) };
  };
  const rows = [...sorted, null].map((bell) => ({ bell, cells: days.map((day) => cell(day, bell)) }));
  return {
    days,
    rows: rows.filter(
      ({ bell, cells }) => bell !== null || cells.some((one) => one.lessons.length + one.jobs.length > 0),
    ),
  };
}
