import { fUpper, meanOf, studentTQuantile, twoWayAnova } from '../statistics';

/** One of the three questions two factors ask: the first, the second, and whether one changes the other. */
export interface EffectJudged {
  f: number;
  df: [number, number];
  /** Adjusted for the three questions together (Holm). */
  p: number;
  told: boolean;
}

export interface TwoFactorsJudged {
  first: EffectJudged;
  second: EffectJudged;
  interaction: EffectJudged;
  /** Spread within treatments, the instrument’s rounding in it. */
  sd: number;
  df: number;
  /** Mean of each level, over all levels of the other factor. */
  firstMeans: number[];
  secondMeans: number[];
  /** Half of the interval of a difference of two such means, for all three questions together at 95 %. */
  halfFirst: number;
  halfSecond: number;
}

/**
 * Judges two factors crossed, the same number of stations in each treatment: what each does on its own, and whether the
 * one changes what the other does.
 *
 * @param cells cells[first][second] holds the values of one treatment
 * @param leastSd least spread, from the instrument's division
 * @returns null where the numbers do not allow it: a treatment with fewer than two stations, or with more than another
 */
export function judgeTwoFactors(
  cells: readonly (readonly (readonly number[])[])[],
  leastSd: number,
): TwoFactorsJudged | null {
  const [a, b, r] = [cells.length, cells[0]?.length ?? 0, cells[0]?.[0]?.length ?? 0];
  const balanced = cells.every((row) => row.length === b && row.every((cell) => cell.length === r));
  if (a < 2 || b < 2 || r < 2 || !balanced) return null;
  const dfWithin = a * b * (r - 1);
  const flat = cells.flat(1).every((cell) => cell.every((value) => value === cell[0]));
  const anova = flat ? null : twoWayAnova(cells);
  const variance = (anova ? anova.squaresWithin / dfWithin : 0) + leastSd ** 2;
  if (!(variance > 0)) return null;
  const grand = meanOf(cells.flat(2));
  const firstMeans = cells.map((row) => meanOf(row.flat()));
  const secondMeans = Array.from({ length: b }, (_, j) => meanOf(cells.flatMap((row) => row[j]!)));
  const about = (means: readonly number[], weight: number) =>
    means.reduce((sum, mean) => sum + weight * (mean - grand) ** 2, 0);
  const crossed = cells.reduce(
    (sum, row, i) =>
      sum +
      row.reduce(
        (inner, cell, j) => inner + r * (meanOf(cell) - firstMeans[i]! - secondMeans[j]! + grand) ** 2,
        0,
      ),
    0,
  );
  const question = (squares: number, df: number) => {
    const f = squares / df / variance;
    return { f, df: [df, dfWithin] as [number, number], p: fUpper(f, df, dfWithin) };
  };
  const questions = [
    question(about(firstMeans, b * r), a - 1),
    question(about(secondMeans, a * r), b - 1),
    question(crossed, (a - 1) * (b - 1)),
  ];
  const [first, second, interaction] = holm(questions) as [EffectJudged, EffectJudged, EffectJudged];
  // Bonferroni for the three questions and every pair of levels within one.
  const half = (levels: number, each: number) => {
    const pairs = (levels * (levels - 1)) / 2;
    return studentTQuantile(1 - 0.025 / (3 * pairs), dfWithin) * Math.sqrt((2 * variance) / each);
  };
  return {
    first,
    second,
    interaction,
    sd: Math.sqrt(variance),
    df: dfWithin,
    firstMeans,
    secondMeans,
    halfFirst: half(a, b * r),
    halfSecond: half(b, a * r),
  };
}

/** Holm’s step-down: the smallest p counts for all, the next for all but one, and so on. */
function holm<Q extends { p: number }>(questions: readonly Q[]): (Q & { told: boolean })[] {
  const order = questions.map((_, i) => i).sort((i, j) => questions[i]!.p - questions[j]!.p);
  const adjusted: number[] = [];
  let most = 0;
  order.forEach((index, rank) => {
    most = Math.max(most, Math.min(1, questions[index]!.p * (questions.length - rank)));
    adjusted[index] = most;
  });
  return questions.map((question, i) => ({ ...question, p: adjusted[i]!, told: adjusted[i]! < 0.05 }));
}
