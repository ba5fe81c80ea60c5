import ical, { ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import type { RunJob, RunTimetable } from '../../contract/days';
import type { RunSummary } from '../../contract/practicals';
import type { Run } from '../../contract/runs';
import { clockWords, minuteMs } from '../../core/days';
import { orderWords, runningOrder } from '../../core/timetable';

/** A lesson for a calendar; its running order where it is near. */
export interface LessonEntry {
  run: RunSummary;
  of: Pick<Run, 'plan' | 'place' | 'unit'> | null;
  laid: RunTimetable | null;
}

/**
 * Lessons and jobs as an iCalendar file (RFC 5545), its times in UTC. A lesson that is near says what happens when, to the
 * minute its wall page has.
 *
 * @param origin where the program is reached, so that a lesson can be opened from the calendar
 */
export function calendarText(
  schoolName: string,
  lessons: readonly LessonEntry[],
  jobs: readonly RunJob[],
  now: number,
  origin: string,
): string {
  const calendar = ical({
    // The library writes this one as it is: nothing in it may end the line or stand for something.
    name: `Practicals · ${schoolName.replace(/[\p{Cc},;\\]+/gu, ' ')}`,
    prodId: { company: 'Tawny Beaker', product: 'Practicals', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    // How often whoever subscribes may ask again, s.
    ttl: 60 * 60,
  });
  const stamp = new Date(now);
  for (const { run, of, laid } of lessons) {
    calendar.createEvent({
      id: `lesson-${run.id}@tawny-beaker`,
      ...{ stamp, start: new Date(run.startsAt) },
      end: new Date(run.startsAt + run.periodMinutes * minuteMs),
      summary: `${run.className} · ${run.title}`,
      location: run.roomName,
      description: of && laid ? lessonWords(run, of, laid) : null,
      url: `${origin}/runs/${run.id}/timetable`,
    });
  }
  for (const job of jobs) {
    calendar.createEvent({
      id: `job-${job.runId}-${job.stepId}@tawny-beaker`,
      ...{
        stamp,
        start: new Date(job.startsAt),
        end: new Date(Math.max(job.endsAt, job.startsAt + minuteMs)),
      },
      summary: `${job.words} (${job.className})`,
      location: job.roomName,
      description: [
        `${job.who}, ${job.when} ${job.className} · ${job.title}, ${clockWords(job.lessonAt)}`,
        ...(job.moved ? [job.moved] : []),
      ].join('\n'),
      // What stands by itself leaves nobody busy.
      transparency:
        job.hands === 'waiting' ? ICalEventTransparency.TRANSPARENT : ICalEventTransparency.OPAQUE,
    });
  }
  return calendar.toString();
}

/** The running order of a timetable, which is of one plan, written once: a subscribed calendar asks again every hour. */
const written = new WeakMap<object, { startsAt: number; words: string }>();

function lessonWords(
  { startsAt }: RunSummary,
  { plan, place, unit }: NonNullable<LessonEntry['of']>,
  { timetable, impossible }: RunTimetable,
): string {
  if (!timetable) return `No timetable can hold: ${impossible}`;
  const known = written.get(timetable);
  if (known?.startsAt === startsAt) return known.words;
  const clock = (minute: number) => clockWords(startsAt + minute * minuteMs);
  const words = runningOrder(plan, place, unit, timetable)
    .map((line) => `${clock(line.atMin)} ${orderWords(line, clock)}`)
    .join('\n');
  written.set(timetable, { startsAt, words });
  return words;
}
