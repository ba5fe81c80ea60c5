import { batchTables } from '../../batch';
import { examplePlan, type Place, type Plan } from '../../practical';
import { benchSetting, callsFor, Notebook, stationState, type EntryBody } from '..';
import { entry, place as placeOfEntries, reading, zero } from './entries';

export { reading, zero } from './entries';

/** Water boils at 96 °C here. */
export const place: Place = { ...placeOfEntries, altitudeM: null, measuredBoilingC: 96 };
export const levels = new Map([1, 2, 3, 4, 5, 6, 7].map((station) => [station, 'level-150']));

/** A bench on which things were logged, each at a station and a second; answers with the calls at a moment. */
export function bench(
  entries: [station: number | null, second: number, body: EntryBody][],
  plan: Plan = examplePlan,
) {
  const setting = benchSetting(plan, place, levels, batchTables);
  const notebook = new Notebook(zero, [...levels.keys()]);
  notebook.add(entries.map(([station, second, body]) => entry(station, second, body)));
  const at = (second: number) =>
    [...levels.keys()].map((station) => stationState(setting, notebook, station, zero + second * 1000));
  return {
    state: (station: number, second: number) => at(second)[station - 1]!,
    calls: (second: number, unit: 'C' | 'F' = 'C') => callsFor(setting, at(second), unit),
  };
}

export const done = (stepId: string): EntryBody => ({ kind: 'event', text: stepId, stepId });
/** A thermometer that shows the same every two seconds. */
export const level = (station: number, celsius: number, from = 0, to = 200) =>
  Array.from({ length: (to - from) / 2 }, (_, i): [number, number, EntryBody] => [
    station,
    from + 2 * i,
    reading(celsius),
  ]);
