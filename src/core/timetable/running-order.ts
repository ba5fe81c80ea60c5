import { capitalised, formatNumber, rangesOf } from '../format';
import { classSteps, type Place, type Plan } from '../practical';
import { turnsOf } from './step-times';
import type { Bar, LessonTimetable } from './timetable';

/** Who sees to a line of the running order. */
export type OrderFor = 'teacher' | 'helper' | 'stations';

/** What happens at a minute of a lesson, in words. */
export interface OrderLine {
  atMin: number;
  for: OrderFor;
  words: string;
  /** When it is over, or an oven hot. */
  until: { min: number; says: 'to' | 'hot at' } | null;
}

/** A line in words; how a minute is said is for whoever asks. */
export const orderWords = ({ words, until }: OrderLine, say: (minute: number) => string): string =>
  until ? `${words} (${until.says} ${say(until.min)})` : words;

const places: Record<OrderFor, number> = { teacher: 0, helper: 1, stations: 2 };

/** The lesson minute by minute: what the teacher does, what a helper sees to, which stations begin what. */
export function runningOrder(
  plan: Plan,
  place: Place | null,
  unit: 'C' | 'F',
  timetable: LessonTimetable,
): OrderLine[] {
  const said = new Map(
    classSteps(plan, place, unit, saidApart).map(({ id, sentence, until, marks }) => [
      id,
      [sentence, until && `Until ${until}.`, ...marks.map((mark) => `${capitalised(mark)}.`)]
        .filter(Boolean)
        .join(' '),
    ]),
  );
  const number = (bar: Bar) => plan.steps.findIndex(({ id }) => id === bar.stepId) + 1;
  const groups = grouped(timetable.bars, (bar) => `${bar.kind} ${bar.stepId ?? bar.words}`);
  return [
    ...groups.flatMap((bars) => ofBars(bars, number(bars[0]!), said)),
    ...groups.flatMap((bars) => looks(bars, number(bars[0]!))),
    ...ofOvens(timetable),
    { atMin: plan.periodMinutes, for: 'teacher' as const, words: 'Bell', until: null },
  ].sort((a, b) => a.atMin - b.atMin || places[a.for] - places[b.for]);
}

/** What has a line of its own, or a column. */
const saidApart = ['when', 'minutes', 'lookAt', 'windows', 'lane'] as const;

const at = (stations: string) =>
  stations === ''
    ? ''
    : `${stations.includes(',') || stations.includes('–') ? 'Stations' : 'Station'} ${stations}: `;

/** What was said before is only called to mind. */
function shortened(words: string): string {
  const [first] = words.split(/[.;]/);
  return first!.length <= 44 ? first! : `${first!.slice(0, 42).replace(/\s\S*$/, '')} …`;
}

/** What is done, by all who begin it together. */
function ofBars(bars: readonly Bar[], number: number, sentences: ReadonlyMap<string, string>): OrderLine[] {
  const [{ kind, stepId, words, oven, lane, adult }] = bars as [Bar];
  return turnsOf([...bars]).map(({ stations, startMin, endMin }, turn): OrderLine => {
    const whole = (stepId !== null && sentences.get(stepId)) || words;
    const said = turn === 0 ? whole : shortened(words);
    const line = (who: OrderFor, text: string, over = true): OrderLine => ({
      ...{ atMin: startMin, for: who, words: text },
      until: over ? { min: endMin, says: 'to' } : null,
    });
    switch (kind) {
      case 'briefing':
      case 'opening':
        return line('teacher', words);
      case 'call':
        return line('teacher', `${at(stations)}stand by, step ${number} comes to its end`, false);
      case 'wash':
        return line('stations', `${at(stations)}wash hands`, false);
      case 'clearing':
        return line('helper', at(stations) + said.charAt(0).toLowerCase() + said.slice(1));
      case 'step': {
        const text = `${at(stations)}${number}. ${said}`;
        if (adult || lane.kind !== 'station') return line('teacher', text);
        return line(oven === null ? 'stations' : 'helper', text);
      }
    }
  });
}

/** When to look early, and between which minutes something is done. */
function looks(bars: readonly Bar[], number: number): OrderLine[] {
  const lines = (of: Bar[], minute: (bar: Bar) => number, words: string): OrderLine[] =>
    grouped(of, (bar) => String(minute(bar))).map((same) => {
      const stations = rangesOf(same.flatMap(({ lane }) => (lane.kind === 'station' ? [lane.number] : [])));
      return { atMin: minute(same[0]!), for: 'helper', words: at(stations) + words, until: null };
    });
  const early = bars.filter(({ lookMin }) => lookMin !== null);
  const named = new Set(bars.flatMap(({ windows }) => windows.map(({ words }) => words)));
  const windows = [...named].flatMap((words) => {
    const of = (bar: Bar) => bar.windows.find((one) => one.words === words);
    const opening = bars.filter((bar) => (of(bar)?.fromMin ?? null) !== null);
    const closing = bars.filter((bar) => (of(bar)?.untilMin ?? null) !== null);
    return [
      ...lines(opening, (bar) => of(bar)!.fromMin!, `step ${number}: ${words}, from now`),
      ...lines(closing, (bar) => of(bar)!.untilMin!, `step ${number}: ${words}, no later than now`),
    ];
  });
  return [...lines(early, ({ lookMin }) => lookMin!, `look early at step ${number}`), ...windows];
}

/** When each oven is set to what. */
function ofOvens({ ovens }: LessonTimetable): OrderLine[] {
  return ovens.flatMap(({ name, set }) =>
    set.map(({ atMin, hotMin, celsius }): OrderLine => ({
      ...{ atMin: Math.floor(atMin), for: 'helper' },
      words: `${name} to ${formatNumber(celsius)} °C${hotMin > atMin ? '' : ' before the bell'}`,
      until: hotMin > atMin ? { min: Math.ceil(hotMin), says: 'hot at' } : null,
    })),
  );
}

function grouped(bars: readonly Bar[], key: (bar: Bar) => string): Bar[][] {
  const groups = new Map<string, Bar[]>();
  for (const bar of bars) groups.set(key(bar), [...(groups.get(key(bar)) ?? []), bar]);
  return [...groups.values()];
}
