import { addDays, isSameDay, startOfWeek } from 'date-fns';
import type { RunSummary } from '../../contract/practicals';

export interface Day {
  date: Date;
  today: boolean;
  runs: RunSummary[];
}

/** The school days of the week `weeks` from now; weekend days only where something is on, or it is one today. */
export function weekOf(now: Date, weeks: number, runs: readonly RunSummary[]): Day[] {
  const monday = startOfWeek(addDays(now, 7 * weeks), { weekStartsOn: 1 });
  return Array.from({ length: 7 }, (_, i) => {
    const date = addDays(monday, i);
    return { date, today: isSameDay(date, now), runs: runs.filter((run) => isSameDay(run.startsAt, date)) };
  }).filter((day, i) => i < 5 || day.today || day.runs.length > 0);
}

/** The lesson that matters now: the one going on, else the next to come. */
export function nextLesson(now: number, runs: readonly RunSummary[]): RunSummary | undefined {
  return (
    runs.find((run) => run.status === 'running') ??
    runs.find((run) => run.status === 'planned' && run.startsAt + run.periodMinutes * 60_000 > now)
  );
}
