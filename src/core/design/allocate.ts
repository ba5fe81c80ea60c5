import { RefusedValue } from '../bounds';
import { seededRandom } from '../random';

export type LevelOrder = 'shuffled' | 'in-blocks' | 'as-listed';

export interface Allocation {
  station: number;
  treatmentId: string;
}

/**
 * Gives each station one treatment, replicates balanced: no treatment has more than one station more than another.
 * Shuffled by the seed, shuffled within blocks of neighbouring stations that each hold every treatment once (a randomised
 * complete block design), or in the order listed, treatment by treatment. Where the stations do not divide evenly, a
 * shuffled layout also draws by lot which treatments get one more.
 *
 * @param stations station numbers, each once
 * @param treatmentIds at least one
 * @param seed a whole number; the same seed gives the same layout
 */
export function allocateTreatments(
  stations: readonly number[],
  treatmentIds: readonly string[],
  order: LevelOrder,
  seed: number,
): Allocation[] {
  if (treatmentIds.length === 0) throw new RefusedValue('levels', [], 'at least one level');
  if (new Set(stations).size !== stations.length) {
    throw new RefusedValue('stations', [...stations], 'each station once');
  }
  const random = seededRandom(seed);
  if (order === 'in-blocks') {
    const blocks = Math.ceil(stations.length / treatmentIds.length);
    const dealt = Array.from({ length: blocks }, () => random.shuffled(treatmentIds)).flat();
    return stations.map((station, i) => ({ station, treatmentId: dealt[i]! }));
  }
  const turns = order === 'shuffled' ? random.shuffled(treatmentIds) : treatmentIds;
  const dealt = stations.map((_, i) => turns[i % turns.length]!);
  const inOrder =
    order === 'shuffled'
      ? random.shuffled(dealt)
      : dealt.sort((a, b) => treatmentIds.indexOf(a) - treatmentIds.indexOf(b));
  return stations.map((station, i) => ({ station, treatmentId: inOrder[i]! }));
}
