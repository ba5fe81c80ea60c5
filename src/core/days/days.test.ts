import { describe, expect, it } from 'vitest';
import { newPlan, newStep, type Plan, type Step } from '../practical';
import { accepts } from '../shape';
import {
  calendarDay,
  clashWords,
  clockWords,
  datedJobs,
  daysThatHold,
  dayWords,
  insteadWords,
  schoolWaysShape,
  usualWays,
  type SchoolWays,
} from '.';

const at = (day: string, clock: string) => new Date(`${day}T${clock}:00`).getTime();
const said = (ms: number) => `${dayWords(ms)} ${clockWords(ms)}`;
const planOf = (steps: Step[]): Plan => ({ ...newPlan('p', null), periodMinutes: 60, steps });
const job = (id: string, patch: Partial<Step>) => newStep({ id, text: `${id}.`, ...patch });
const times = (steps: Step[], startsAt: number, ways: SchoolWays = usualWays) =>
  datedJobs({ plan: planOf(steps), startsAt }, ways).jobs.map(
    (one) => `${one.stepId}: ${said(one.startsAt)} to ${said(one.endsAt)}`,
  );

/** A jelly that sets in two days, then is measured. */
const jelly = (most: number | null = null) => [
  job('Pour the jelly', { minutes: 10 }),
  job('Leave it to set', { when: 'after', hands: 'waiting', minutes: 2880 }),
  job('Measure the set', {
    ...{ when: 'after', day: 2, minutes: 15 },
    after: [{ stepId: 'Leave it to set', least: 0, most }],
  }),
];

describe('a jelly that sets in two days', () => {
  it('of a lesson on Friday is measured on Monday, not on Sunday, at the hour of the lesson', () => {
    const plan = planOf(jelly());
    const { jobs, clashes } = datedJobs({ plan, startsAt: at('2026-11-27', '10:05') }, usualWays);
    expect(clashes).toEqual([]);
    expect(jobs.map((one) => said(one.startsAt))).toEqual(['Friday 27 Nov 11:05', 'Monday 30 Nov 10:05']);
    expect(insteadWords(jobs[1]!, usualWays)).toBe('due on Sunday 29 Nov, when nobody is there');
  });

  it('of a lesson on Tuesday is measured on Thursday', () => {
    expect(times(jelly(), at('2026-11-24', '10:05'))[1]).toBe(
      // It has set at 11:05 only: an hour after the lesson began.
      'Measure the set: Thursday 26 Nov 11:05 to Thursday 26 Nov 11:20',
    );
  });

  it('that may stand for half a day and no longer cannot be of a Friday; Wednesday is the nearest day that holds', () => {
    const plan = planOf(jelly(720));
    const lesson = { plan, startsAt: at('2026-11-27', '10:05') };
    const { clashes } = datedJobs(lesson, usualWays);
    expect(clashes.map((clash) => clashWords(plan, clash))).toEqual([
      '“Measure the set.” must begin by Sunday 29 Nov 23:05 (so long may it wait after “Leave it to set.”), and can begin on Monday 30 Nov 08:00 at the soonest.',
    ]);
    expect(daysThatHold(lesson, usualWays).slice(0, 3).map(said)).toEqual([
      'Wednesday 25 Nov 10:05',
      'Monday 30 Nov 10:05',
      'Tuesday 24 Nov 10:05',
    ]);
  });

  it('is not measured on a day the school is closed, with its name', () => {
    const ways = { ...usualWays, closed: [{ from: '2026-11-26', to: '2026-11-27', words: 'half-term' }] };
    const { jobs } = datedJobs({ plan: planOf(jelly()), startsAt: at('2026-11-24', '10:05') }, ways);
    expect(said(jobs[1]!.startsAt)).toBe('Monday 30 Nov 10:05');
    expect(insteadWords(jobs[1]!, ways)).toBe('due on Thursday 26 Nov (half-term), when nobody is there');
  });
});

describe('what is done on a later day', () => {
  it('is done at the hour of the lesson on the day that is said, or when that day is closed on the next', () => {
    const taste = [job('Taste it again', { when: 'after', day: 3, minutes: 10 })];
    expect(times(taste, at('2026-11-24', '10:05'))).toEqual([
      'Taste it again: Friday 27 Nov 10:05 to Friday 27 Nov 10:15',
    ]);
    expect(times(taste, at('2026-11-26', '10:05'))).toEqual([
      'Taste it again: Monday 30 Nov 10:05 to Monday 30 Nov 10:15',
    ]);
    // No day said: as soon as the lesson is over; no minutes said: none.
    const label = [job('Label', { when: 'after', minutes: null })];
    expect(times(label, at('2026-11-24', '10:05'))[0]).toBe(
      'Label: Tuesday 24 Nov 11:05 to Tuesday 24 Nov 11:05',
    );
  });

  it('is over when the school closes, to the minute, or done on the next day', () => {
    const after = (minutes: number) =>
      times([job('Weigh', { when: 'after', minutes })], at('2026-11-24', '15:10'));
    expect(after(20)).toEqual(['Weigh: Tuesday 24 Nov 16:10 to Tuesday 24 Nov 16:30']);
    expect(after(21)).toEqual(['Weigh: Wednesday 25 Nov 15:10 to Wednesday 25 Nov 15:31']);
  });

  it('does not wait for what is done later still', () => {
    const odd = [
      job('Weigh', { when: 'before', minutes: 10, after: [{ stepId: 'Mix', least: 0, most: 5 }] }),
      job('Mix', { minutes: 5 }),
    ];
    const { jobs, clashes } = datedJobs(
      { plan: planOf(odd), startsAt: at('2026-11-26', '10:05') },
      usualWays,
    );
    expect(clashes).toEqual([]);
    expect(said(jobs[0]!.startsAt)).toBe('Thursday 26 Nov 09:55');
  });

  it('names only other days that hold, on which the whole lesson is open, and cuts long sentences', () => {
    const hold = daysThatHold({ plan: planOf(jelly()), startsAt: at('2026-11-25', '10:05') }, usualWays);
    expect(hold.length).toBe(10);
    expect(hold.map((ms) => calendarDay(ms))).not.toContain('2026-11-25');
    // A lesson that would not be over when the school closes is on no day.
    expect(daysThatHold({ plan: planOf([]), startsAt: at('2026-11-25', '15:30') }, usualWays)).toHaveLength(
      10,
    );
    expect(daysThatHold({ plan: planOf([]), startsAt: at('2026-11-25', '15:45') }, usualWays)).toEqual([]);
    const text = 'Roast the bones until they are brown all over, then turn them.';
    const long = planOf([newStep({ id: 'r', text, when: 'before', minutes: 600 })]);
    const { clashes } = datedJobs({ plan: long, startsAt: at('2026-11-26', '09:15') }, usualWays);
    expect(clashWords(long, clashes[0]!)).toMatch(/^“Roast the bones until they are brown a…” takes 10 h/);
  });
});

describe('what waits after the lesson', () => {
  it('goes on from the step it follows, while the class still clears up', () => {
    const steps = [
      job('Pour', { minutes: 10 }),
      job('Set', {
        ...{ when: 'after', day: 1, hands: 'waiting', minutes: 1440 },
        after: [{ stepId: 'Pour', least: 0, most: 20 }],
      }),
      job('Turn out', {
        when: 'after',
        day: 1,
        minutes: 12,
        after: [{ stepId: 'Set', least: 0, most: 240 }],
      }),
    ];
    const startsAt = at('2026-11-24', '10:05');
    const lesson = { plan: planOf(steps), startsAt, spanOf: () => ({ startMin: 30, endMin: 40 }) };
    const { jobs, clashes } = datedJobs(lesson, usualWays);
    expect(clashes).toEqual([]);
    expect(jobs.map((one) => said(one.startsAt))).toEqual(['Tuesday 24 Nov 10:45', 'Wednesday 25 Nov 10:45']);
  });
});

describe('jobs before the bell', () => {
  const dough = [
    job('Make the dough', { when: 'before', day: -1, minutes: 20 }),
    job('Leave it overnight', { when: 'before', day: -1, hands: 'waiting', minutes: 720 }),
    job('Shape it', { when: 'before', minutes: 15 }),
  ];

  it('are as late as they can be: a dough overnight is made the afternoon before and shaped before the bell', () => {
    expect(times(dough, at('2026-11-26', '09:15'))).toEqual([
      'Make the dough: Wednesday 25 Nov 16:10 to Wednesday 25 Nov 16:30',
      'Leave it overnight: Wednesday 25 Nov 16:30 to Thursday 26 Nov 04:30',
      'Shape it: Thursday 26 Nov 09:00 to Thursday 26 Nov 09:15',
    ]);
  });

  it('of a Monday fall on the Friday; what may not wait so long says so', () => {
    const monday = at('2026-11-30', '09:15');
    expect(times(dough, monday)[0]).toBe('Make the dough: Friday 27 Nov 16:10 to Friday 27 Nov 16:30');
    const short = [
      ...dough.slice(0, 2),
      { ...dough[2]!, after: [{ stepId: 'Leave it overnight', least: 0, most: 480 }] },
    ];
    const plan = planOf(short);
    const { clashes } = datedJobs({ plan, startsAt: monday }, usualWays);
    expect(clashWords(plan, clashes[0]!)).toMatch(
      /^“Shape it\.” must begin by Saturday 28 Nov 12:30 .* Monday 30 Nov 09:00 at the soonest\.$/,
    );
  });

  it('before the first bell are done the day before where nobody is there so early, one after the other', () => {
    const steps = [
      job('Weigh out', { when: 'before', minutes: 20, minutesTo: 30 }),
      job('Label', { when: 'before', minutes: 10 }),
      job('Heat the ovens', { when: 'before', hands: 'waiting', minutes: 20 }),
    ];
    expect(times(steps, at('2026-11-26', '08:20'))).toEqual([
      'Weigh out: Wednesday 25 Nov 16:00 to Wednesday 25 Nov 16:30',
      'Heat the ovens: Thursday 26 Nov 08:00 to Thursday 26 Nov 08:20',
      'Label: Thursday 26 Nov 08:10 to Thursday 26 Nov 08:20',
    ]);
  });

  it('that go on by themselves are begun while somebody is there', () => {
    const heat = [job('Heat the ovens', { when: 'before', hands: 'waiting', minutes: 30 })];
    // At 7:50 nobody is there to do it, and an oven heated the day before is cold.
    const plan = planOf(heat);
    const { clashes } = datedJobs({ plan, startsAt: at('2026-11-26', '08:20') }, usualWays);
    expect(clashes.map((clash) => clashWords(plan, clash))).toEqual([
      '“Heat the ovens.” must begin on Thursday 26 Nov 07:50, when nobody is there yet. Begin the lesson later, or open the school sooner.',
    ]);
    expect(times(heat, at('2026-11-26', '08:30'))[0]).toMatch(/^Heat the ovens: Thursday 26 Nov 08:00/);
  });

  it('take their true hours in the night the clocks go back, and in the one they go forward', () => {
    const all = { ...usualWays, hours: [6, 7].map((day) => ({ day, fromMin: 0, toMin: 1440 })) };
    const infuse = [job('Infuse', { when: 'before', hands: 'waiting', minutes: 720 })];
    expect(times(infuse, at('2026-10-25', '09:00'), all)).toEqual([
      'Infuse: Saturday 24 Oct 22:00 to Sunday 25 Oct 09:00',
    ]);
    expect(times(infuse, at('2026-03-29', '09:00'), all)).toEqual([
      'Infuse: Saturday 28 Mar 20:00 to Sunday 29 Mar 09:00',
    ]);
  });

  it('that no day is long enough for, and that wait for each other, are said', () => {
    const long = planOf([job('Roast the bones', { when: 'before', minutes: 600 })]);
    expect(
      datedJobs({ plan: long, startsAt: at('2026-11-26', '09:15') }, usualWays).clashes.map((clash) =>
        clashWords(long, clash),
      ),
    ).toEqual([
      '“Roast the bones.” takes 10 h by hand, and on no day somebody is there so long. Part it, or open the school longer.',
    ]);
    const round = planOf([
      job('A', { when: 'before', after: [{ stepId: 'B', least: 0, most: null }] }),
      job('B', { when: 'before', after: [{ stepId: 'A', least: 0, most: null }] }),
    ]);
    const { clashes } = datedJobs({ plan: round, startsAt: at('2026-11-26', '09:15') }, usualWays);
    expect(clashes.map((clash) => clashWords(round, clash))).toEqual([
      '“A.” and “B.” wait for each other. Take one “after” away.',
    ]);
  });

  it('hold a step of the lesson that may not wait: what is made before is fresh enough, or it is said', () => {
    const steps = (most: number) => [
      job('Whip the cream', { when: 'before', minutes: 5 }),
      job('Pipe it', { minutes: 10, after: [{ stepId: 'Whip the cream', least: 0, most }] }),
    ];
    const clashesAt = (most: number, startMin: number) =>
      datedJobs(
        {
          plan: planOf(steps(most)),
          startsAt: at('2026-11-26', '09:15'),
          spanOf: () => ({ startMin, endMin: startMin + 10 }),
        },
        usualWays,
      ).clashes;
    expect(clashesAt(30, 30)).toEqual([]);
    expect(clashesAt(30, 31)).toMatchObject([
      { kind: 'waits-too-long', latest: at('2026-11-26', '09:45'), earliest: at('2026-11-26', '09:46') },
    ]);
  });
});

describe('how a school works', () => {
  it('takes real days and hours that end after they begin', () => {
    const ways = (patch: Partial<SchoolWays>) => accepts(schoolWaysShape, { ...usualWays, ...patch });
    expect(ways({})).toBe(true);
    expect(ways({ closed: [{ from: '2026-02-28', to: '2026-03-01', words: '' }] })).toBe(true);
    expect(ways({ closed: [{ from: '2026-02-29', to: '2026-03-01', words: '' }] })).toBe(false);
    expect(ways({ closed: [{ from: '2026-03-02', to: '2026-03-01', words: '' }] })).toBe(false);
    expect(ways({ hours: [{ day: 1, fromMin: 600, toMin: 600 }] })).toBe(false);
    expect(ways({ bells: [{ id: 'a', name: '1', fromMin: 600, toMin: 600 }] })).toBe(false);
    expect(ways({ bells: [{ id: 'a', name: '1', fromMin: 600, toMin: 670 }] })).toBe(true);
    expect(ways({ hours: [{ day: 0, fromMin: 1, toMin: 600 }] })).toBe(false);
  });

  it('joins hours that touch, and keeps a gap at noon', () => {
    const hours = [
      { day: 4, fromMin: 780, toMin: 960 },
      { day: 4, fromMin: 480, toMin: 600 },
      { day: 4, fromMin: 600, toMin: 720 },
    ];
    const steps = [
      job('Shop', { when: 'before', minutes: 240 }),
      job('Wipe', { when: 'before', minutes: 60, day: 0 }),
    ];
    // Of two spans of a day the later is taken, though at the hour before the bell itself nobody is there.
    const setOut = [job('Set out', { when: 'before', minutes: 60 })];
    expect(times(setOut, at('2026-11-26', '16:30'), { ...usualWays, hours })).toEqual([
      'Set out: Thursday 26 Nov 15:00 to Thursday 26 Nov 16:00',
    ]);
    expect(times(steps, at('2026-11-26', '13:30'), { ...usualWays, hours })).toEqual([
      'Shop: Thursday 19 Nov 08:00 to Thursday 19 Nov 12:00',
      'Wipe: Thursday 26 Nov 11:00 to Thursday 26 Nov 12:00',
    ]);
  });
});
