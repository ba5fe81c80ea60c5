import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { CalendarAddress, Jobs, RunTimetable } from '../../contract/days';
import type { ProblemDocument } from '../../contract/problem';
import type { School } from '../../contract/school';
import { usualWays } from '../../core/days';
import { newPlan, newStep } from '../../core/practical';
import { factor, wordLevels } from '../../core/practical/testing/plans';
import { calendarText } from './calendar';
import { firstTeacher, type Carried } from '../testing/people';
import { runningApp, type RunningApp } from '../testing/running-app';

/** Wednesday, two days before the lesson. */
const now = Date.parse('2026-11-25T12:00:00Z');
const lessonAt = Date.parse('2026-11-27T10:05:00Z');
const minute = 60_000;

let server: RunningApp;
let teacher: Carried;
const get = async (path: string) => (await server.get(path, teacher)).body;
const send = (method: string, path: string, body: unknown) => server.send(method, path, body, teacher);
const calendar = async (path: string, headers: Carried = teacher) => {
  const response = await fetch(server.url + path, { headers });
  return { status: response.status, type: response.headers.get('content-type'), text: await response.text() };
};
/** Events of a calendar file by their summary, as another library reads them. */
const eventsIn = (text: string) =>
  new Map(
    new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((one) => {
      const event = new ICAL.Event(one);
      const ms = (time: ICAL.Time) => time.toJSDate().getTime();
      const { summary, location, description, uid } = event;
      return [
        summary,
        { uid, location, description, start: ms(event.startDate), end: ms(event.endDate) },
      ] as const;
    }),
  );

beforeAll(async () => {
  server = await runningApp(() => now, false);
  teacher = await firstTeacher(server);
  const room = { id: 'kitchen', name: 'Kitchen', kind: 'food-room', altitudeM: 0, measuredBoilingC: null };
  await send('POST', '/api/rooms', { ...room, stations: 4, balanceG: 1, equipment: [] });
  await send('POST', '/api/classes', { id: '9b', name: '9B', students: 8, unit: 'C' });
  const plan = {
    ...newPlan('Grape jelly; set, or not?', 'kitchen'),
    ...{ periodMinutes: 60, briefingMinutes: 5, clearUpMinutes: 5, stations: 4 },
    factors: [factor({ on: 'words', scale: 'words' }, wordLevels(['white', 'red']), 'grape')],
    steps: [
      newStep({ id: 'weigh', text: 'Weigh out, by station', when: 'before', minutes: 25 }),
      newStep({ id: 'dissolve', text: 'Dissolve the gelatine', minutes: 12 }),
      newStep({ id: 'pour', text: 'Pour into moulds', minutes: 8 }),
      newStep({ id: 'set', text: 'Leave to set', when: 'after', hands: 'waiting', minutes: 2880 }),
      newStep({ id: 'measure', text: 'Measure the set', when: 'after', day: 2, minutes: 15 }),
    ],
  };
  expect((await send('POST', '/api/practicals', { id: 'jelly', plan })).status).toBe(201);
  const run = { id: 'friday', practicalId: 'jelly', revision: 1, roomId: 'kitchen', classId: '9b' };
  expect(
    (await send('POST', '/api/runs', { ...run, startsAt: lessonAt, stations: 4, probes: 'none' })).status,
  ).toBe(201);
});
afterAll(() => server.stop());

describe('a run on its days', () => {
  it('has a timetable, and jobs that keep to the hours of the school', async () => {
    const { timetable, jobs, clashes } = (await get('/api/runs/friday/timetable')) as RunTimetable;
    const pour = timetable!.bars.filter(({ stepId }) => stepId === 'pour');
    expect(pour.map(({ startMin }) => startMin)).toEqual([17, 17, 17, 17]);
    expect(timetable!.endsMin).toBe(30);
    expect(clashes).toEqual([]);
    expect(jobs.map(({ stepId, startsAt, who }) => [stepId, new Date(startsAt).toISOString(), who])).toEqual([
      ['weigh', '2026-11-27T09:40:00.000Z', 'technician'],
      ['set', '2026-11-27T11:05:00.000Z', 'class'],
      ['measure', '2026-11-30T10:05:00.000Z', 'class'],
    ]);
    expect(jobs[2]!.moved).toBe('due on Sunday 29 Nov, when nobody is there');
  });

  it('gives the jobs of a span of days, and says what is wrong with one', async () => {
    const monday = Date.parse('2026-11-30T00:00:00Z');
    const { jobs } = (await get(`/api/jobs?from=${monday}&to=${monday + 86_400_000}`)) as Jobs;
    expect(jobs.map(({ stepId, className, roomName }) => [stepId, className, roomName])).toEqual([
      ['measure', '9B', 'Kitchen'],
    ]);
    const refused = await server.get('/api/jobs?from=monday', teacher);
    expect(refused.status).toBe(422);
    expect((refused.body as ProblemDocument).errors![0]).toMatchObject({ value: 'monday' });
  });

  it('stands in a calendar file that another library reads, with the same minutes', async () => {
    const { status, type, text } = await calendar('/api/calendar.ics');
    expect([status, type]).toEqual([200, 'text/calendar; charset=utf-8']);
    const events = eventsIn(text);
    expect([...events.keys()]).toEqual([
      '9B · Grape jelly; set, or not?',
      'Weigh out, by station (9B)',
      'Leave to set (9B)',
      'Measure the set (9B)',
    ]);
    const lesson = events.get('9B · Grape jelly; set, or not?')!;
    expect(lesson).toMatchObject({ start: lessonAt, end: lessonAt + 60 * minute, location: 'Kitchen' });
    expect(lesson.description.split('\n')).toEqual([
      '10:05 Briefing (to 10:10)',
      '10:10 Stations 1–4: 2. Dissolve the gelatine (to 10:22)',
      '10:22 Stations 1–4: 3. Pour into moulds (to 10:30)',
      '10:30 Stations 1–4: clear up (to 10:35)',
      '11:05 Bell',
    ]);
    expect(events.get('Measure the set (9B)')).toMatchObject({
      start: Date.parse('2026-11-30T10:05:00Z'),
      end: Date.parse('2026-11-30T10:20:00Z'),
      description: expect.stringContaining('due on Sunday 29 Nov') as string,
    });
    // The same event again keeps its id, so that a calendar changes it and makes no second one.
    expect([...eventsIn((await calendar('/api/calendar.ics')).text).values()].map(({ uid }) => uid)).toEqual(
      [...events.values()].map(({ uid }) => uid),
    );
  });

  it('is laid out anew when the school’s lists change, and only then', async () => {
    const ways = {
      ...usualWays,
      opening: [{ id: 'hands', words: 'Hands washed', minutes: 2 }],
      closed: [{ from: '2026-11-30', to: '2026-11-30', words: 'staff day' }],
    };
    const changed = await send('PUT', '/api/school/ways', { version: 0, ways });
    expect(changed.status).toBe(200);
    expect((changed.body as School).waysVersion).toBe(1);
    const { timetable, jobs } = (await get('/api/runs/friday/timetable')) as RunTimetable;
    expect(timetable!.endsMin).toBe(32);
    expect(new Date(jobs[2]!.startsAt).toISOString()).toBe('2026-12-01T10:05:00.000Z');
    // Somebody else read it before: nothing of theirs is written over, nothing of ours either.
    const stale = await send('PUT', '/api/school/ways', { version: 0, ways: usualWays });
    expect(stale.status).toBe(409);
    expect((stale.body as { current: School }).current.ways.opening).toHaveLength(1);
    const wrong = await send('PUT', '/api/school/ways', {
      version: 1,
      ways: { ...ways, hours: [{ day: 1, fromMin: 900, toMin: 480 }] },
    });
    expect(wrong.status).toBe(422);
    expect((wrong.body as ProblemDocument).errors![0]!.allowed).toBe('an end after the beginning');
    expect(((await get('/api/school')) as School).ways).toEqual(ways);
  });
});

describe('a calendar file', () => {
  it('is one whatever the school, the room and the practical are called', () => {
    const evil = 'x\r\nEND:VCALENDAR\r\nBEGIN:VEVENT;a,b\\c';
    const run = {
      ...{ id: 'r', practicalId: 'p', title: evil, className: evil, roomName: evil },
      ...{ startsAt: lessonAt, periodMinutes: 60, status: 'planned' as const },
    };
    const text = calendarText(evil, [{ run, of: null, laid: null }], [], now, 'http://127.0.0.1');
    const events = eventsIn(text);
    const said = evil.replaceAll('\r\n', '\n');
    expect([...events.keys()]).toEqual([`${said} · ${said}`]);
    expect([...events.values()][0]).toMatchObject({ location: said, start: lessonAt });
    expect(text.match(/^BEGIN:VEVENT/gm)).toHaveLength(1);
  });
});

describe('the address a calendar subscribes to', () => {
  it('opens the lessons to whoever has it and to nobody else, until another is made or it is closed', async () => {
    const nobody = {};
    expect((await calendar('/api/calendar.ics', nobody)).status).toBe(401);
    expect((await calendar('/api/calendar/guess/lessons.ics', nobody)).status).toBe(404);
    expect((await calendar('/api/calendar//lessons.ics', nobody)).status).toBe(404);
    expect((await server.send('POST', '/api/calendar/address', {})).status).toBe(401);
    const made = async () => ((await send('POST', '/api/calendar/address', {})).body as CalendarAddress).path;
    const first = await made();
    const shared = await calendar(first, nobody);
    expect(shared.status).toBe(200);
    expect(eventsIn(shared.text).size).toBe(4);
    expect(((await get('/api/school')) as School).calendarShared).toBe(true);
    // What it is made of stands nowhere in the database.
    const [, token] = /calendar\/([^/]+)\//.exec(first)!;
    const kept = await server.knex('school').select<{ value: string }[]>('value');
    expect(kept.some(({ value }) => value.includes(token!))).toBe(false);
    const second = await made();
    expect((await calendar(first, nobody)).status).toBe(404);
    expect((await calendar(second, nobody)).status).toBe(200);
    await send('POST', '/api/calendar/close', {});
    expect((await calendar(second, nobody)).status).toBe(404);
    expect(((await get('/api/school')) as School).calendarShared).toBe(false);
  });
});
