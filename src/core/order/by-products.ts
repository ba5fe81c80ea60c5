import { itemById } from '../ingredients';
import type { Source } from '../working';

export const byProductSource: Source = {
  kind: 'common-practice',
  text: 'A 60 g egg has about 17 g of yolk and 33 g of white',
};

/** Something that is bought whole and used in part. */
interface Whole {
  whole: string;
  /** Parts of one piece, g. */
  parts: Readonly<Record<string, number>>;
}

const wholes: readonly Whole[] = [{ whole: 'egg', parts: { 'egg-yolk': 17, 'egg-white': 33 } }];

/** What is left of what is bought whole, g. */
export interface ByProduct {
  key: string;
  name: string;
  grams: number;
}

/** How many whole pieces parts come out of, and what of them is left. */
export function wholesFor(
  parts: ReadonlyMap<string, number>,
): { whole: string; pieces: number; pieceG: number; of: string[]; left: ByProduct[] }[] {
  return wholes.flatMap(({ whole, parts: shares }) => {
    const of = Object.keys(shares).filter((part) => (parts.get(part) ?? 0) > 0);
    if (of.length === 0) return [];
    const pieces = Math.max(...of.map((part) => Math.ceil(parts.get(part)! / shares[part]! - 1e-9)));
    const left = Object.entries(shares).flatMap(([part, grams]): ByProduct[] => {
      const over = pieces * grams - (parts.get(part) ?? 0);
      return over > 1e-9 ? [{ key: part, name: itemById(part).name, grams: over }] : [];
    });
    return [{ whole, pieces, pieceG: itemById(whole).pieceG!, of, left }];
  });
}

/** Whether an ingredient is got out of something whole. */
export const isPartOfWhole = (key: string): boolean => wholes.some(({ parts }) => key in parts);
