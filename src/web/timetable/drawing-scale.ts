import { scaleLinear, type ScaleLinear } from 'd3';
import type { Bar, LessonTimetable, Load, Odds } from '../../core/timetable';

/** Units of the drawing; it is scaled to the width of the sheet. */
export const width = 900;
export const left = 112;
const right = 14;
export const laneHeight = 15;
export const laneGap = 3;
export const bandHeight = 24;

export type Minutes = ScaleLinear<number, number>;

/** Minutes across, from the bell that begins to the last that is drawn. */
export const minutesScale = (lastMin: number): Minutes =>
  scaleLinear([0, Math.max(lastMin, 1)], [left, width - right]);

/** The last minute a drawing shows: the bell, the last end, the slow end, and where late lessons end. */
export const lastMinute = (
  { endsMin, slowEndsMin }: LessonTimetable,
  bellMin: number,
  odds: Odds | null,
): number => Math.max(endsMin, slowEndsMin, bellMin, odds?.ends.p95 ?? 0) * 1.01;

/** Lanes of stations in order, with what is theirs; what all do stands in each. */
export function stationLanes(timetable: LessonTimetable): { number: number; bars: Bar[] }[] {
  const numbers = new Set(
    timetable.bars.flatMap(({ lane }) => (lane.kind === 'station' ? [lane.number] : [])),
  );
  return [...numbers]
    .sort((a, b) => a - b)
    .map((number) => ({
      number,
      bars: timetable.bars.filter(({ lane }) => lane.kind === 'station' && lane.number === number),
    }));
}

/** What is shared and at some time all taken, the fullest first: the teacher, the thermometers. */
export const fullLoads = ({ loads }: LessonTimetable): Load[] =>
  loads.filter(({ kind, units, points }) => kind !== 'teacher' && points.some(({ taken }) => taken >= units));

/** Trays in an oven from a minute to the next change, with its temperature. */
export interface OvenLoad {
  fromMin: number;
  toMin: number;
  celsius: number;
  taken: number;
}

/** An oven as it fills and empties. */
export function ovenLoads({ spans }: LessonTimetable['ovens'][number]): OvenLoad[] {
  const moments = [...new Set(spans.flatMap(({ fromMin, toMin }) => [fromMin, toMin]))].sort((a, b) => a - b);
  return moments.slice(0, -1).flatMap((fromMin, i): OvenLoad[] => {
    const toMin = moments[i + 1]!;
    const inside = spans.filter((span) => span.fromMin <= fromMin && span.toMin > fromMin);
    const [first] = inside;
    if (!first) return [];
    return [
      { fromMin, toMin, celsius: first.celsius, taken: inside.reduce((sum, { places }) => sum + places, 0) },
    ];
  });
}
