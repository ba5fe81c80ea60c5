import { fUpper, meanOf, squaresAboutMean, squaresOfTwoFactors, studentTQuantile } from '../statistics';

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
 * Judges two factors crossed, at least one station in each treatment: what each does on its own beside the other (type II
 * where stations are missing), and whether the one changes what the other does.
 *
 * @param cells cells[first][second] holds the values of one treatment
 * @param leastSd least spread, from the instrument's division
 * @returns null where the numbers do not allow it: a treatment without a station, or none with two
 */
export function judgeTwoFactors(
  cells: readonly (readonly (readonly number[])[])[],
  leastSd: number,
): TwoFactorsJudged | null {
  const [a, b] = [cells.length, cells[0]?.length ?? 0];
  const whole = cells.every((row) => row.length === b && row.every((cell) => cell.length > 0));
  const dfWithin = cells.flat(2).length - a * b;
  if (a < 2 || b < 2 || !whole || dfWithin < 1) return null;
  const within = cells.flat().reduce((sum, cell) => sum + squaresAboutMean(cell), 0);
  const variance = within / dfWithin + leastSd ** 2;
  if (!(variance > 0)) return null;
  const {
    a: alone,
    b: other,
    interaction: crossed,
  } = squaresOfTwoFactors(
    cells.flatMap((row, i) =>
      row.flatMap((cell, j) => cell.map((value) => ({ a: `${i}`, b: `${j}`, value }))),
    ),
  );
  const question = ({ squares, df }: { squares: number; df: number }) => {
    const f = squares / df / variance;
    return { f, df: [df, dfWithin] as [number, number], p: fUpper(f, df, dfWithin) };
  };
  const [first, second, interaction] = holm([alone, other, crossed].map(question)) as [
    EffectJudged,
    EffectJudged,
    EffectJudged,
  ];
  // Bonferroni for the three questions and every pair of levels within one; the least certain pair counts for all.
  const half = (rows: readonly (readonly (readonly number[])[])[]) => {
    const pairs = (rows.length * (rows.length - 1)) / 2;
    const shares = rows.map((row) => row.reduce((sum, cell) => sum + 1 / cell.length, 0) / row.length ** 2);
    const [most, next] = [...shares].sort((one, other) => other - one) as [number, number];
    return studentTQuantile(1 - 0.025 / (3 * pairs), dfWithin) * Math.sqrt(variance * (most + next));
  };
  const turned = Array.from({ length: b }, (_, j) => cells.map((row) => row[j]!));
  // Each treatment counts once, however many stations did it.
  const meansOf = (rows: readonly (readonly (readonly number[])[])[]) =>
    rows.map((row) => meanOf(row.map(meanOf)));
  return {
    ...{ first, second, interaction },
    sd: Math.sqrt(variance),
    df: dfWithin,
    ...{ firstMeans: meansOf(cells), secondMeans: meansOf(turned) },
    ...{ halfFirst: half(cells), halfSecond: half(turned) },
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
