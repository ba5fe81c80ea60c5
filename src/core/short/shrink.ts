import { RefusedValue } from '../bounds';

/** A line of a batch, and what of it is there. */
export interface HaveLine {
  name: string;
  wantedG: number;
  haveG: number;
}

/**
 * The largest batch that all ratios allow: the factor of what is scarcest, never above 1.
 *
 * @throws RefusedValue where no line wants anything
 */
export function shrinkToScarcest(lines: readonly HaveLine[]): { factor: number; scarcest: string | null } {
  const wanted = lines.filter(({ wantedG }) => wantedG > 0);
  if (wanted.length === 0)
    throw new RefusedValue('lines', lines.length, 'at least one line that wants more than 0 g');
  let [factor, scarcest]: [number, string | null] = [1, null];
  for (const { name, wantedG, haveG } of wanted) {
    if (haveG / wantedG < factor) [factor, scarcest] = [haveG / wantedG, name];
  }
  return { factor, scarcest };
}
