import { examplePlan, type Place, type Plan } from '../../practical';
import { benchSetting, classTable, findingsFor, Notebook, responseSeries, type EntryBody } from '..';
import { entry, place, zero } from './entries';

const atSea: Place = { ...place, altitudeM: 0 };

/** A class with one value of the first response for each station, level by level. */
export function measuredClass(values: Record<string, number[]>, plan: Plan = examplePlan) {
  const response = plan.responses[0]!;
  const levels = new Map<number, string>();
  const entries: { station: number; body: EntryBody }[] = [];
  for (const [levelId, list] of Object.entries(values)) {
    for (const value of list) {
      const station = levels.size + 1;
      levels.set(station, levelId);
      entries.push({
        station,
        body: {
          kind: 'measurement',
          responseId: response.id,
          name: response.name,
          value,
          unit: response.unit,
        },
      });
    }
  }
  const notebook = new Notebook(zero, [...levels.keys()]);
  const note = (station: number, body: EntryBody, second = 10) =>
    notebook.add([entry(station, second, body)]);
  entries.forEach(({ station, body }) => note(station, body));
  return {
    note,
    rows: () => classTable(benchSetting(plan, atSea, levels), notebook),
    series: (plotAt: 'planned' | 'reached' = 'planned') =>
      responseSeries(plan, classTable(benchSetting(plan, atSea, levels), notebook), 0, plotAt),
    findings() {
      const rows = this.rows();
      return findingsFor(plan, rows, [responseSeries(plan, rows, 0, 'planned')]);
    },
  };
}

/** The same plan with one response that is scored. */
export const scored = (plan: Plan): Plan => ({
  ...plan,
  responses: [{ ...plan.responses[0]!, name: 'crunch', unit: 'points', kind: 'score', smallestDivision: 1 }],
});
/** What the margin says of a class. */
export const found = (values: Record<string, number[]>, plan?: Plan) =>
  measuredClass(values, plan).findings();
/** Working as “text | value | unit”, to four digits. */
export const lines = ({
  working,
}: {
  working: { lines: { text: string; value?: number; unit?: string }[] };
}) =>
  working.lines.map(({ text, value, unit }) =>
    [text, value === undefined ? '' : Number(value.toPrecision(4)), unit ?? ''].join(' | '),
  );
/** Two stations that lie so far to either side. */
export const about = (mean: number, by: number) => [mean - by, mean + by];
/** The interval a sentence names. */
export function intervalIn(why: string): { middle: number; half: number } {
  const ends = /interval (−?[\d.]+) to (−?[\d.]+)|anything from (−?[\d.]+) to (−?[\d.]+)/.exec(why)!;
  const [low, high] = ends
    .slice(1)
    .filter((end) => end !== undefined)
    .map((end) => Number(end.replace('−', '-').replace(/\.$/, ''))) as [number, number];
  return { middle: (low + high) / 2, half: (high - low) / 2 };
}
