import { RefusedValue } from '../bounds';
import { seededRandom } from '../random';

/** One factor with its levels. */
export interface DesignFactor {
  name: string;
  levels: readonly string[];
}

/** One treatment: a level of each factor, in the order of the factors. */
export type Combination = readonly string[];

/** Every combination of levels. @throws RefusedValue for more than 256 treatments, or a factor with under two levels */
export function fullFactorial(factors: readonly DesignFactor[]): Combination[] {
  if (factors.length === 0) throw new RefusedValue('factors', factors, 'at least one factor');
  factors.forEach(({ name, levels }, i) => {
    if (levels.length < 2)
      throw new RefusedValue(`factors[${i}].levels`, levels, `at least two levels of ${name}`);
    if (new Set(levels).size < levels.length)
      throw new RefusedValue(`factors[${i}].levels`, levels, 'each level once');
  });
  const count = factors.reduce((product, factor) => product * factor.levels.length, 1);
  if (count > 256) throw new RefusedValue('factors', count, 'at most 256 treatments');
  return factors.reduce<Combination[]>(
    (rows, factor) => rows.flatMap((row) => factor.levels.map((level) => [...row, level])),
    [[]],
  );
}

/**
 * Half of a two-level factorial: the last factor is the product of all others (signs multiply), so that main effects
 * stay apart from each other. What it mixes up is what confounding finds.
 *
 * @param factors at least three, two levels each
 */
export function halfFraction(factors: readonly DesignFactor[]): Combination[] {
  if (factors.length < 3) throw new RefusedValue('factors', factors, 'at least three factors');
  factors.forEach(({ name, levels }, i) => {
    if (levels.length !== 2) throw new RefusedValue(`factors[${i}].levels`, levels, `two levels of ${name}`);
  });
  const sign = (level: string, i: number) => (level === factors[i]!.levels[0] ? -1 : 1);
  return fullFactorial(factors).filter(
    (row) => row.reduce((product, level, i) => product * sign(level, i), 1) === 1,
  );
}

/** Where a treatment stands: its run in a block. */
export interface Placed {
  block: string;
  treatment: Combination;
}

/**
 * Puts every treatment once into every block (ovens, hobs, days), each block in an order of its own: differences between
 * blocks then do not touch the comparison of treatments.
 */
export function inBlocks(
  treatments: readonly Combination[],
  blocks: readonly string[],
  seed: number,
): Placed[] {
  if (blocks.length === 0) throw new RefusedValue('blocks', blocks, 'at least one block');
  const random = seededRandom(seed);
  return blocks.flatMap((block) => random.shuffled(treatments).map((treatment) => ({ block, treatment })));
}
