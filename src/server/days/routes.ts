import type { Response } from 'express';
import { routes } from '../../contract/routes';
import { Nothing } from '../../contract/who';
import { minuteMs } from '../../core/days';
import type { Gate } from '../actors/gate';
import { momentIn } from '../problems/moment';
import { notFound } from '../problems/problem';
import type { Runs } from '../runs/runs';
import type { SchoolSettings } from '../school/school';
import { calendarText, type LessonEntry } from './calendar';
import type { SharedCalendar } from './shared-calendar';
import type { Timetables } from './timetables';

export interface DaysParts {
  runs: Runs;
  school: SchoolSettings;
  timetables: Timetables;
  sharedCalendar: SharedCalendar;
  now(): number;
}

const dayMs = 24 * 60 * minuteMs;
/** What a calendar is given: lessons and jobs so far back and ahead, the running order of those that are near, ms. */
const [backMs, aheadMs, nearMs] = [30 * dayMs, 180 * dayMs, 14 * dayMs];
/** Jobs are asked for by the span, at most ms. */
const longestSpanMs = 70 * dayMs;

export function daysRoutes(gate: Gate, parts: DaysParts): void {
  const { timetables, sharedCalendar, now } = parts;
  gate.route(
    {
      ...{ method: 'get', path: routes.runTimetable(':id'), may: 'teacher' },
      says: 'The timetable of a run, minute by minute, with the jobs around it',
    },
    ({ request }) => timetables.of(request.params.id as string),
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.jobs, may: 'teacher' },
      says: 'Jobs before and after lessons that begin from `from` up to `to` (ms since 1970; without them this week and the next)',
    },
    ({ request }) => {
      const from = momentIn(request.query.from, 'from') ?? now() - 7 * dayMs;
      const to = momentIn(request.query.to, 'to') ?? from + 21 * dayMs;
      return timetables.jobs(from, Math.min(to, from + longestSpanMs));
    },
  );
  const send = async (response: Response, origin: string) => {
    response
      .type('text/calendar')
      .setHeader('Content-Disposition', 'attachment; filename="lessons.ics"')
      .setHeader('Cache-Control', 'private, no-cache')
      .send(await calendarOf(parts, origin));
  };
  gate.route(
    {
      ...{ method: 'get', path: routes.calendarFile, may: 'teacher', type: 'text/calendar' },
      says: 'Lessons and jobs as an iCalendar file',
    },
    ({ request, response }) => send(response, originOf(request)),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.calendarAddress, may: 'teacher', body: Nothing },
      says: 'Makes an address a calendar can subscribe to; one made before opens nothing any more',
    },
    () => sharedCalendar.open(),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.calendarClose, may: 'teacher', body: Nothing },
      says: 'Closes the address a calendar subscribes to',
    },
    async () => {
      await sharedCalendar.close();
      return {};
    },
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.calendarShared(':token'), may: 'anyone', type: 'text/calendar' },
      says: 'The same, for whoever has its address',
    },
    async ({ request, response }) => {
      if (!(await sharedCalendar.isOpenTo(request.params.token as string)))
        throw notFound('calendar', 'of this address');
      await send(response, originOf(request));
    },
  );
}

const originOf = (request: { protocol: string; get(name: string): string | undefined }) =>
  `${request.protocol}://${request.get('host') ?? 'localhost'}`;

async function calendarOf({ runs, school, timetables, now }: DaysParts, origin: string): Promise<string> {
  const at = now();
  const [from, to] = [at - backMs, at + aheadMs];
  const lessons: LessonEntry[] = [];
  for (const run of await runs.summaries({ from, to })) {
    const near = run.status !== 'finished' && Math.abs(run.startsAt - at) < nearMs;
    lessons.push({
      run,
      of: near ? await runs.one(run.id) : null,
      laid: near ? await timetables.of(run.id) : null,
    });
  }
  const { jobs } = await timetables.jobs(from, to);
  return calendarText((await school.get()).name, lessons, jobs, at, origin);
}
