import type { Bar, LessonTimetable } from './timetable';

/** What the station that is done last does, from its first bar to its last: the way that decides when the lesson ends. */
export function stationWay({ bars }: Pick<LessonTimetable, 'bars'>): { station: number | null; bars: Bar[] } {
  let last: Bar | null = null;
  for (const bar of bars)
    if (bar.lane.kind === 'station' && (last === null || bar.endMin > last.endMin)) last = bar;
  const station = last?.lane.kind === 'station' ? last.lane.number : null;
  const own = bars.filter(
    ({ lane }) => lane.kind === 'class' || (lane.kind === 'station' && lane.number === station),
  );
  return { station, bars: own.sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin) };
}
