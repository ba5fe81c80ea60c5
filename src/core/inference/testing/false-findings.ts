import { seededRandom, type SeededRandom } from '../../random';
import { judgeLevels, judgeTrend, judgeTwoFactors } from '..';

/** Classes whose levels all have one mean; spreads are standard deviations, level by level (row by row for two factors). */
export interface AlikeClasses {
  ask: 'pairs' | 'control' | 'trend' | 'two factors';
  /** Stations of each level. */
  sizes: readonly number[];
  spreads: readonly number[];
  /** Levels of the second factor, where two are crossed. */
  columns?: number;
  /** Division the values are read to; a whole score from 1 to 9 where `ordinal`. */
  division?: number;
  ordinal?: boolean;
}

/** Share of classes, %, in which anything at all is called different though nothing is. */
export function falseFindings(design: AlikeClasses, classes: number, seed: number): number {
  const random = seededRandom(seed);
  let found = 0;
  for (let one = 0; one < classes; one += 1) if (anythingTold(design, random)) found += 1;
  return (100 * found) / classes;
}

function anythingTold(design: AlikeClasses, random: SeededRandom): boolean {
  const { ask, sizes, spreads, columns = 0, division = 0, ordinal = false } = design;
  const middle = ordinal ? 5 : 10 * random.uniform();
  const read = (value: number) => {
    if (ordinal) return Math.max(1, Math.min(9, Math.round(value)));
    return division > 0 ? division * Math.round(value / division) : value;
  };
  const levels = sizes.map((size, i) => ({
    name: `level ${i}`,
    values: Array.from({ length: size }, () => read(middle + spreads[i]! * random.normal())),
  }));
  const leastSd = (ordinal ? 1 : division) / Math.sqrt(12);
  if (ask === 'trend') {
    const points = levels.flatMap(({ name, values }, x) => values.map((y) => ({ x, y, level: name })));
    const judged = judgeTrend(points, leastSd, ordinal);
    return judged !== null && (judged.told || (judged.lackOfFit?.told ?? false));
  }
  if (ask === 'two factors') {
    const values = levels.map((level) => level.values);
    const cells = Array.from({ length: sizes.length / columns }, (_, row) =>
      values.slice(row * columns, (row + 1) * columns),
    );
    const judged = judgeTwoFactors(cells, leastSd);
    if (!judged) return false;
    return judged.first.told || judged.second.told || (judged.interaction?.told ?? false);
  }
  const control = ask === 'control' ? 'level 0' : null;
  return judgeLevels({ levels, control, leastSd, ordinal })?.pairs.some(({ told }) => told) ?? false;
}
