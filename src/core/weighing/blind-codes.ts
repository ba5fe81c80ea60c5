import { seededRandom } from '../random';

/** A run draws its letters from another part of its seed than its layout. */
const lettersSeed = 0x5eed;

/**
 * A letter for each treatment, drawn by lot: it says nothing of the level. The same for the same run.
 *
 * @param treatmentIds up to 144; after Z come AA, AB …
 */
export function blindCodes(treatmentIds: readonly string[], seed: number): Map<string, string> {
  const letters = treatmentIds.map((_, i) => letterOf(i));
  const drawn = seededRandom((seed ^ lettersSeed) >>> 0).shuffled(letters);
  return new Map(treatmentIds.map((id, i) => [id, drawn[i]!]));
}

function letterOf(i: number): string {
  const letter = String.fromCharCode(65 + (i % 26));
  return i < 26 ? letter : letterOf(Math.floor(i / 26) - 1) + letter;
}
