import { addDays, startOfWeek } from 'date-fns';

const startOfDay = (at: number) => new Date(at).setHours(0, 0, 0, 0);

/** Monday to the next Monday, of this week or where it is nearly over of the next. */
export function presentWeek(): { from: number; to: number } {
  const now = new Date();
  const monday = startOfWeek(now, { weekStartsOn: 1 });
  const from = now.getDay() === 0 || now.getDay() >= 5 ? startOfDay(now.getTime()) : monday.getTime();
  return { from, to: addDays(monday, now.getDay() === 0 || now.getDay() >= 5 ? 14 : 7).getTime() };
}
