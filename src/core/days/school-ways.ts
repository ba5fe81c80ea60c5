import { about, id, list, number, once, record, refined, text, whole, type Of } from '../shape';

const minuteOfDay = (what: string) => about(`${what}, minutes after midnight`, whole(0, 1440, 'min'));
const dayPattern = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;
/** A day of the calendar: 2026-11-29. */
const calendarDay = () =>
  refined(text(10, 10), (value: string) => {
    const [year, month, day] = value.split('-').map(Number);
    const real = dayPattern.test(value) && new Date(year!, month! - 1, day).getDate() === day;
    return real ? null : `a day as year-month-day, such as 2026-11-29; “${value}” is none`;
  });

const hoursShape = refined(
  record('OpenHours', {
    day: about('1 Monday to 7 Sunday', whole(1, 7)),
    fromMin: minuteOfDay('from when somebody can be there'),
    toMin: minuteOfDay('until when'),
  }),
  ({ fromMin, toMin }) => (fromMin < toMin ? null : 'an end after the beginning'),
);

const closedShape = refined(
  record('Closed', {
    from: about('the first day', calendarDay()),
    to: about('the last day', calendarDay()),
    words: about('why', text(60)),
  }),
  ({ from, to }) => (from <= to ? null : 'a last day that is not before the first'),
);

const bellShape = refined(
  record('Bell', {
    id: id(),
    name: about('what the period is called', text(30, 1)),
    fromMin: minuteOfDay('its first bell'),
    toMin: minuteOfDay('its last bell'),
  }),
  ({ fromMin, toMin }) => (fromMin < toMin ? null : 'a last bell after the first'),
);

const lineShape = record('ListLine', {
  id: id(),
  words: text(120, 1),
  minutes: about('what it takes a class', number(0, 30, 'min')),
});

/** How a school works: its hours and bells, and what every lesson of it begins and ends with. */
export const schoolWaysShape = record('SchoolWays', {
  hours: about('when somebody can work in the rooms', list(hoursShape, 28)),
  closed: about('days on which nobody can', list(closedShape, 60)),
  bells: about('its periods', once(list(bellShape, 20))),
  opening: about('what every lesson begins with', once(list(lineShape, 20))),
  closing: about('what every lesson ends with', once(list(lineShape, 20))),
});

export type SchoolWays = Of<typeof schoolWaysShape>;
export type ListLine = SchoolWays['opening'][number];
export type Bell = SchoolWays['bells'][number];

/** Minutes after midnight. */
const at = (hours: number, minutes = 0) => 60 * hours + minutes;

/** A school that has not said: Monday to Friday, 8:00 to 16:30, no lists. */
export const usualWays: SchoolWays = {
  hours: [1, 2, 3, 4, 5].map((day) => ({ day, fromMin: at(8), toMin: at(16, 30) })),
  closed: [],
  bells: [],
  opening: [],
  closing: [],
};

/** What lessons usually begin and end with (common practice). */
export const usualLists: Record<'opening' | 'closing', Omit<ListLine, 'id'>[]> = {
  opening: [
    { words: 'Hands washed for 20 s, nails too', minutes: 1 },
    { words: 'apron on, hair tied back, jewellery off', minutes: 0.5 },
    { words: 'bench wiped, tray ticked off by name', minutes: 0.5 },
    { words: 'oven really on, display at zero', minutes: 0.5 },
  ],
  closing: [
    { words: 'hobs off, the back ones too, ovens off', minutes: 0.5 },
    { words: 'bench sanitised', minutes: 1 },
    { words: 'tray complete and given back', minutes: 0.5 },
  ],
};
