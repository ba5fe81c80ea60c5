import { RefusedValue } from '../bounds';
import { seededRandom } from '../random';

export type LevelOrder = 'shuffled' | 'as-listed';

export interface Allocation {
  station: number;
  levelId: string;
}

/**
 * Gives each station one level, replicates balanced: no level has more than one station more than another.
 * Shuffled by the seed, or in the order listed, level by level. Where the stations do not divide evenly, a
 * shuffled layout also draws by lot which levels get one more.
 *
 * @param stations station numbers, each once
 * @param levelIds at least one
 * @param seed a whole number; the same seed gives the same layout
 */
export function allocateLevels(
  stations: readonly number[],
  levelIds: readonly string[],
  order: LevelOrder,
  seed: number,
): Allocation[] {
  if (levelIds.length === 0) throw new RefusedValue('levels', [], 'at least one level');
  if (new Set(stations).size !== stations.length) {
    throw new RefusedValue('stations', [...stations], 'each station once');
  }
  const random = seededRandom(seed);
  const turns = order === 'shuffled' ? random.shuffled(levelIds) : levelIds;
  const dealt = stations.map((_, i) => turns[i % turns.length]!);
  const inOrder =
    order === 'shuffled'
      ? random.shuffled(dealt)
      : dealt.sort((a, b) => levelIds.indexOf(a) - levelIds.indexOf(b));
  return stations.map((station, i) => ({ station, levelId: inOrder[i]! }));
}
