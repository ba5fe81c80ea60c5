/*
 * Days and clock times of the school, as its own clocks show them. Spans of time are counted in true minutes: a night in
 * which the clocks go back is an hour longer than it looks.
 */

export const minuteMs = 60_000;

/** The moment a clock of the school shows so many minutes after midnight, `days` after the day of `ms`. */
export function clockTime(ms: number, days: number, minute: number): number {
  const day = new Date(ms);
  return new Date(day.getFullYear(), day.getMonth(), day.getDate() + days, 0, minute).getTime();
}

/** Midnight at the beginning of a day, `days` after the day of `ms`. */
export const startOfDay = (ms: number, days: number): number => clockTime(ms, days, 0);

/** Minutes after midnight a clock of the school shows. */
export function minuteOfDay(ms: number): number {
  const at = new Date(ms);
  return at.getHours() * 60 + at.getMinutes() + at.getSeconds() / 60;
}

/** 1 Monday to 7 Sunday. */
export const weekday = (ms: number): number => ((new Date(ms).getDay() + 6) % 7) + 1;

/** 2026-11-29. */
export function calendarDay(ms: number): string {
  const day = new Date(ms);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}

/** “Sunday 29 Nov”. */
export const dayWords = (ms: number): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'short' })
    .format(ms)
    .replace(',', '');

/** “09:15” for so many minutes after midnight. */
export function minuteWords(minute: number): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;
}

/** “09:15”. */
export const clockWords = (ms: number): string => minuteWords(Math.floor(minuteOfDay(ms)));
