import { requireWithin, RefusedValue } from '../bounds';
import { seededRandom, type SeededRandom } from '../random';
import { judgeLevels } from './judge-levels';
import { judgeTrend } from './judge-trend';
import { spreadOfRounding } from './resolution';

export const familywiseKinds = ['continuous', 'rounded', 'score'] as const;
export type FamilywiseKind = (typeof familywiseKinds)[number];

export interface FamilywiseDesign {
  levels: number;
  replicates: number;
}

/** False “higher”, “lower”, “rose” or “fell” among classes in which nothing differs, % of classes. */
export interface Familywise {
  /** Levels in words, all pairs. */
  pairsPercent: number;
  /** Levels in words, against a control. */
  controlPercent: number;
  /** Ordered levels, a trend. */
  trendPercent: number;
  /** The largest of the three. */
  falsePercent: number;
}

/** Shares of the scores 1 to 5 that a panel gives (teaching values). */
const scoreShares = [0.1, 0.2, 0.4, 0.2, 0.1];

/** A value of a class in which no level matters: SD 1, read to one division of 1 where it is rounded. */
function drawValue(kind: FamilywiseKind, mean: number, random: SeededRandom): number {
  if (kind === 'continuous') return mean + random.normal();
  if (kind === 'rounded') return Math.round(mean + random.normal());
  let u = random.uniform();
  for (let i = 0; i < 5; i += 1) {
    u -= scoreShares[i]!;
    if (u < 0) return i + 1;
  }
  return 5;
}

/**
 * Counts false findings over simulated classes in which nothing differs, by the judgement the results page uses.
 *
 * @param classes 1 to 100 000
 */
export function simulateFamilywise(
  { levels, replicates }: FamilywiseDesign,
  kind: FamilywiseKind,
  classes: number,
  seed: number,
): Familywise {
  requireWithin('design.levels', levels, 2, 12);
  requireWithin('design.replicates', replicates, 2, 12);
  requireWithin('classes', classes, 1, 100_000);
  if (!familywiseKinds.includes(kind)) {
    throw new RefusedValue('kind', kind, `one of ${familywiseKinds.join(', ')}`);
  }
  const random = seededRandom(seed);
  const leastSd = kind === 'rounded' ? spreadOfRounding(1) : 0;
  const ordinal = kind === 'score';
  const names = Array.from({ length: levels }, (_, i) => `level ${i + 1}`);
  const found = { pairs: 0, control: 0, trend: 0 };
  for (let i = 0; i < classes; i += 1) {
    const mean = 10 * random.uniform();
    const drawn = names.map((name) => ({
      name,
      values: Array.from({ length: replicates }, () => drawValue(kind, mean, random)),
    }));
    const question = { levels: drawn, leastSd, ordinal };
    if (judgeLevels({ ...question, control: null })?.pairs.some((pair) => pair.told)) found.pairs += 1;
    if (judgeLevels({ ...question, control: names[0]! })?.pairs.some((pair) => pair.told)) found.control += 1;
    const points = drawn.flatMap(({ name, values }, x) => values.map((y) => ({ x, y, level: name })));
    if (judgeTrend(points, leastSd, ordinal)?.told) found.trend += 1;
  }
  const percent = (count: number) => (100 * count) / classes;
  return {
    pairsPercent: percent(found.pairs),
    controlPercent: percent(found.control),
    trendPercent: percent(found.trend),
    falsePercent: percent(Math.max(found.pairs, found.control, found.trend)),
  };
}
