import { formatTemperature, listed } from '../format';
import { workingOf } from '../working';
import type { BenchSetting } from './bench-setting';
import type { Call } from './call';
import { truthIn } from './truth';

/** One note for all stations whose readings are put right by how their thermometer was checked. */
export function truthCall({ place, stations }: BenchSetting, unit: 'C' | 'F'): Call[] {
  const truth = truthIn(place);
  const shown = 100;
  const put = stations.filter((station) => truth(station, 1, shown) !== shown);
  if (put.length === 0) return [];
  const which = `${put.length === 1 ? 'Station' : 'Stations'} ${listed(put.map(String))}`;
  return [
    {
      id: 'truth',
      rank: 'note',
      stations: put,
      what: `${which}: readings are put right`,
      why: 'Their thermometer was checked in ice and in boiling water. What was typed stands in the log.',
      working: workingOf(
        put.map(
          (station) =>
            `station ${station}: ${formatTemperature(shown, unit)} typed counts as ${formatTemperature(truth(station, 1, shown), unit)}`,
        ),
      ),
    },
  ];
}
