import type { SchoolWays } from './school-ways';
import { calendarDay, clockTime, weekday } from './wall-clock';

/** How far ahead and back it is looked for an open day. */
const farthestDays = 120;

/** Why nobody can be there on a day: what it is called in the list of closed days; empty where no hours are given. */
export function closedBecause({ hours, closed }: SchoolWays, ms: number): string | null {
  const day = calendarDay(ms);
  const shut = closed.find(({ from, to }) => from <= day && day <= to);
  if (shut) return shut.words || 'closed';
  return hours.some((one) => one.day === weekday(ms)) ? null : '';
}

/** When somebody can be there on the day of `ms`, soonest first; hours that touch are one. */
function openOn(ways: SchoolWays, ms: number): { from: number; to: number }[] {
  if (closedBecause(ways, ms) !== null) return [];
  const spans = ways.hours
    .filter(({ day }) => day === weekday(ms))
    .sort((a, b) => a.fromMin - b.fromMin || a.toMin - b.toMin);
  const whole: { fromMin: number; toMin: number }[] = [];
  for (const { fromMin, toMin } of spans) {
    const last = whole[whole.length - 1];
    if (last && fromMin <= last.toMin) last.toMin = Math.max(last.toMin, toMin);
    else whole.push({ fromMin, toMin });
  }
  return whole.map(({ fromMin, toMin }) => ({
    from: clockTime(ms, 0, fromMin),
    to: clockTime(ms, 0, toMin),
  }));
}

/** Whether somebody can be there the whole time. */
export const isOpen = (ways: SchoolWays, start: number, length: number): boolean =>
  openOn(ways, start).some(({ from, to }) => from <= start && start + length <= to);

/** The first moment from `after` on at which somebody can be there for `length` ms; null: never. */
export function firstOpen(ways: SchoolWays, after: number, length: number): number | null {
  for (let days = 0; days <= farthestDays; days += 1) {
    for (const { from, to } of openOn(ways, clockTime(after, days, 720))) {
      const start = Math.max(from, after);
      if (start + length <= to) return start;
    }
  }
  return null;
}

/** The last moment at which somebody can begin what takes `length` ms and is over by `before`; null: never. */
export function lastOpen(ways: SchoolWays, before: number, length: number): number | null {
  for (let days = 0; days <= farthestDays; days += 1) {
    for (const { from, to } of openOn(ways, clockTime(before, -days, 720)).reverse()) {
      const start = Math.min(to, before) - length;
      if (start >= from) return start;
    }
  }
  return null;
}
