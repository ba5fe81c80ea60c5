import { scaleLinear, type ScaleLinear } from 'd3';
import type { Bar, LessonTimetable, Load, Odds, SharedKind } from '../../core/timetable';

/** Units of the drawing; it is scaled to the width of the sheet. */
export const width = 900;
export const left = 112;
const right = 14;
export const laneHeight = 15;
export const laneGap = 3;
export const bandHeight = 24;
/** An oven: its heat as a line, below it what it holds. */
export const ovenHeight = 40;
export const heatHeight = 16;

/** How a minute of the drawing is written: after the bell, or as the clock shows it. */
export type SayMinute = (minute: number) => string;

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

/** °C an oven’s line runs between, from its foot to its top. */
export const heatScale = (top: number): ScaleLinear<number, number> =>
  scaleLinear([20, 250], [top + heatHeight, top + 2]).clamp(true);

/** A lane of the drawing: its name and its bars. */
export interface Lane {
  name: string;
  bars: Bar[];
}

/** What is shared, a lane for each unit, with who has it when. */
export function sharedLanes(timetable: LessonTimetable, nameOf: (kind: SharedKind) => string): Lane[] {
  const ofOvens = timetable.ovens.flatMap((oven, o) =>
    unitsOf(
      oven.name,
      oven.places,
      timetable.bars.filter((bar) => bar.oven === o).map((bar) => ({ bar, units: 1 })),
    ),
  );
  const ofLoads = timetable.loads.flatMap(({ kind, units }) =>
    unitsOf(
      nameOf(kind),
      units,
      timetable.bars.flatMap((bar) => {
        const use = bar.uses.find((one) => one.kind === kind);
        return use ? [{ bar, units: use.units }] : [];
      }),
    ),
  );
  return [...ofOvens, ...ofLoads];
}

/** Each bar on the first units that are free. */
function unitsOf(name: string, count: number, uses: { bar: Bar; units: number }[]): Lane[] {
  const lanes = Array.from({ length: count }, (_, i): Lane & { freeMin: number } => ({
    ...{ name: count === 1 ? name : `${name}, ${i + 1}`, bars: [], freeMin: 0 },
  }));
  for (const { bar, units } of [...uses].sort((a, b) => a.bar.startMin - b.bar.startMin)) {
    const free = lanes.filter(({ freeMin }) => freeMin <= bar.startMin + 1e-9).slice(0, units);
    for (const lane of free) {
      lane.bars.push(bar);
      lane.freeMin = bar.endMin;
    }
  }
  return lanes.filter(({ bars }) => bars.length > 0).map((lane) => ({ name: lane.name, bars: lane.bars }));
}

/** Lanes of stations in order, with what is theirs; what all do stands in each. */
export function stationLanes(timetable: LessonTimetable): Lane[] {
  const numbers = new Set(
    timetable.bars.flatMap(({ lane }) => (lane.kind === 'station' ? [lane.number] : [])),
  );
  return [...numbers]
    .sort((a, b) => a - b)
    .map((number) => ({
      name: `station ${number}`,
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
