import { workingOf } from '../working';
import { asMadeAt, madeOtherwise } from './as-made';
import type { BenchSetting } from './bench-setting';
import type { Call } from './call';
import type { Notebook } from './notebook';

/** Batches that were weighed so that it matters: while it can still be put right, or is at least known. */
export function weighedCalls(setting: BenchSetting, notebook: Notebook): Call[] {
  return setting.stations.flatMap((station): Call[] => {
    if (notebook.station(station).weighed.length === 0) return [];
    const made = asMadeAt(setting, notebook, station);
    return madeOtherwise(made)
      .filter(({ verdict }) => verdict.rank === 'check')
      .map(({ words, verdict }) => ({
        id: `weighed:${station}:${words}`,
        rank: 'check',
        stations: [station],
        what: `Station ${station}: ${words}`,
        why: `${verdict.words}.`,
        working: workingOf(
          made.lines.flatMap(({ name, grams }) =>
            grams === null ? [] : [{ text: name, value: grams, unit: 'g' }],
          ),
        ),
      }));
  });
}
