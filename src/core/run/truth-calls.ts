import { capitalised, formatTemperature, stationsWords } from '../format';
import { workingOf } from '../working';
import type { BenchSetting } from './bench-setting';
import type { Call } from './call';
import { thermometersAt, truthIn } from './truth';

/** One note for all stations whose readings are put right by how their thermometer was checked. */
export function truthCall({ place, stations }: BenchSetting, unit: 'C' | 'F'): Call[] {
  const truth = truthIn(place);
  const shown = 100;
  const all = thermometersAt(place);
  const put = stations.flatMap((station) =>
    (all.get(station) ?? []).flatMap((_, i) => {
      const counts = truth(station, i + 1, shown);
      return counts === shown ? [] : [{ station, probe: i + 1, counts }];
    }),
  );
  if (put.length === 0) return [];
  const where = [...new Set(put.map(({ station }) => station))];
  return [
    {
      id: 'truth',
      rank: 'note',
      stations: where,
      what: `${capitalised(stationsWords(where))}: readings are put right`,
      why: 'Their thermometer was checked in ice and in boiling water. What was typed stands in the log.',
      working: workingOf(
        put.map(
          ({ station, probe, counts }) =>
            `station ${station}${probe > 1 ? `, thermometer ${probe}` : ''}: ${formatTemperature(shown, unit)} typed counts as ${formatTemperature(counts, unit)}`,
        ),
      ),
    },
  ];
}
