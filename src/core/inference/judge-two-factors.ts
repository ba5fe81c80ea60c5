import { squaresAboutMean } from '../statistics';
import { WeightedEquations } from '../numeric';
import { calledDifferent } from './called-different';
import { studentOf, type Contrast, type ContrastJudged } from './contrast';
import { familyOf, type ContrastFamily } from './contrast-family';
import { unlikeSpreads } from './unlike-spreads';

/** Two levels of a factor held against each other, over all levels of the other factor. */
export interface LevelPair {
  /** Places of the levels: the later one less the earlier one. */
  from: number;
  to: number;
  difference: number;
  low: number;
  high: number;
  /** How far out it is: the pairs of one factor beside each other. */
  z: number;
  told: boolean;
}

/** What one factor does on its own beside the other. */
export interface EffectJudged {
  /** Of its farthest pair of levels, all questions of both factors counted. */
  p: number;
  told: boolean;
  pairs: LevelPair[];
}

/** Whether a step of the first factor does at one level of the second what it does at another. */
export interface InteractionJudged {
  p: number;
  told: boolean;
  /** The step and the two levels of the second factor whose changes lie farthest apart for their spread. */
  farthest: { first: [number, number]; second: [number, number]; difference: number };
}

export interface TwoFactorsJudged {
  first: EffectJudged;
  second: EffectJudged;
  /** Null where no treatment has two stations: then nothing tells it from the spread. */
  interaction: InteractionJudged | null;
  /** Spread within treatments, the instrument’s rounding in it; about what both factors leave where none has two stations. */
  sd: number;
  df: number;
}

type Cells = readonly (readonly (readonly number[])[])[];

/**
 * Judges two factors crossed: what each does on its own beside the other, and whether the one changes what the other does.
 * Treatments may have unlike numbers of stations, or none; each counts once, however many stations did it, and has its own
 * spread, up to `mostUnlike` times that of another. The three questions are one family, stepped down: what is told is no
 * longer counted for what is left (J. P. Romano and M. Wolf, J. Am. Stat. Assoc. 100 (2005) 94).
 *
 * @param cells cells[first][second] holds the values of one treatment
 * @param leastSd least spread, from the instrument's division
 * @returns null where the numbers do not allow it: treatments that do not hang together, or no spread
 */
export function judgeTwoFactors(cells: Cells, leastSd: number): TwoFactorsJudged | null {
  const layout = layoutOf(cells);
  if (!layout) return null;
  const { a, b, filled, repeated, values } = layout;
  const mains = [pairsOf(a), pairsOf(b)] as const;
  const squares = repeated ? squaresOf(layout) : [];
  const sizes = cells.map((row) => row.map((cell) => cell.length).join()).join(';');
  const family = familyOf(`two factors ${sizes}`, () => ({
    sizes: filled.map(({ stations }) => stations),
    columns: repeated ? null : additiveColumns(layout),
    questions: [
      mainContrasts(layout, 0, mains[0]),
      mainContrasts(layout, 1, mains[1]),
      squares.map(({ corners }) => ({ at: corners, weights: [1, -1, -1, 1] })),
    ],
    spreads: unlikeSpreads(
      rolesOf(layout),
      filled.map(({ stations }) => stations),
    ),
  }));
  const answers = family.judge(
    filled.map(({ row, column }) => cells[row]![column]!),
    leastSd,
  );
  const steps = steppedDown(family, answers);
  const effect = (question: 0 | 1): EffectJudged => {
    const { p, critical } = steps[question]!;
    const pairs = mains[question].map(([from, to], i): LevelPair => {
      const { estimate, se, df, z } = answers[question]![i]!;
      const half = studentOf(critical, df) * se;
      return {
        ...{ from, to, difference: estimate, z, told: z > critical },
        ...{ low: estimate - half, high: estimate + half },
      };
    });
    return { p, told: pairs.some(({ told }) => told), pairs };
  };
  const df = values.length - (repeated ? filled.length : a + b - 1);
  const left = repeated
    ? filled.reduce((sum, { row, column }) => sum + squaresAboutMean(cells[row]![column]!), 0)
    : additiveSquares(layout);
  return {
    ...{ first: effect(0), second: effect(1) },
    interaction: squares.length > 0 ? interactionOf(squares, answers[2]!, steps[2]!) : null,
    ...{ sd: Math.hypot(leastSd, Math.sqrt(left / df)), df },
  };
}

interface Step {
  p: number;
  /** Deviate that a contrast of the question must pass. */
  critical: number;
}

/** The farthest question first; what is told leaves the others a smaller family. */
function steppedDown(family: ContrastFamily, questions: readonly (readonly ContrastJudged[])[]): Step[] {
  const farthest = questions.map((answers) => Math.max(0, ...answers.map(({ z }) => z)));
  const order = questions.map((_, i) => i).filter((i) => questions[i]!.length > 0);
  order.sort((i, j) => farthest[j]! - farthest[i]!);
  const steps: Step[] = questions.map(() => ({ p: 1, critical: Infinity }));
  let counted = order;
  let [least, critical] = [0, family.critical(calledDifferent, order)];
  order.forEach((question, i) => {
    least = Math.max(least, family.pOf(farthest[question]!, counted));
    steps[question] = { p: least, critical };
    if (farthest[question]! <= critical || counted[0] !== question || counted.length === 1) return;
    counted = order.slice(i + 1);
    critical = family.critical(calledDifferent, counted);
  });
  return steps;
}

interface Layout {
  a: number;
  b: number;
  /** Treatments that have stations. */
  filled: { row: number; column: number; stations: number }[];
  /** Whether any has two. */
  repeated: boolean;
  values: number[];
}

function layoutOf(cells: Cells): Layout | null {
  const [a, b] = [cells.length, cells[0]?.length ?? 0];
  const values: number[] = [];
  const filled: Layout['filled'] = [];
  cells.forEach((row, i) =>
    row.forEach((cell, j) => {
      if (cell.length === 0) return;
      filled.push({ row: i, column: j, stations: cell.length });
      values.push(...cell);
    }),
  );
  const repeated = values.length > filled.length;
  if (a < 2 || b < 2 || (!repeated && values.length <= a + b - 1)) return null;
  const layout = { a, b, filled, repeated, values };
  return effectWeights(layout) ? layout : null;
}

/** One column for the mean, one for each level but the first of both factors, over the filled treatments. */
function additiveColumns({ a, b, filled }: Pick<Layout, 'a' | 'b' | 'filled'>): number[][] {
  const levels = (count: number, of: (cell: Layout['filled'][number]) => number) =>
    Array.from({ length: count - 1 }, (_, i) => filled.map((cell) => Number(of(cell) === i + 1)));
  return [filled.map(() => 1), ...levels(a, ({ row }) => row), ...levels(b, ({ column }) => column)];
}

/** Weights of the filled treatments in each coefficient of both factors side by side; null where they do not hang together. */
function effectWeights(layout: Pick<Layout, 'a' | 'b' | 'filled'>): number[][] | null {
  const columns = additiveColumns(layout);
  const equations = new WeightedEquations(columns.length);
  const rows = layout.filled.map((_, cell) => columns.map((column) => column[cell]!));
  const counts = layout.filled.map(({ stations }) => stations - 0.75);
  rows.forEach((row, cell) => equations.add(row, 0, counts[cell]!));
  const solved = equations.solve();
  if (!solved) return null;
  return solved.covariance.map((line) =>
    rows.map((row, cell) => counts[cell]! * row.reduce((sum, value, i) => sum + value * line[i]!, 0)),
  );
}

function mainContrasts(layout: Layout, factor: 0 | 1, pairs: readonly [number, number][]): Contrast[] {
  const weights = effectWeights(layout)!;
  const level = (i: number) =>
    i === 0 ? layout.filled.map(() => 0) : weights[(factor === 0 ? 0 : layout.a - 1) + i]!;
  return pairs.map(([from, to]) => byTreatments(layout, (cell) => level(to)[cell]! - level(from)[cell]!));
}

/** A sum of treatments; where none has two stations each is its one value. */
function byTreatments({ filled }: Layout, weightOf: (cell: number) => number): Contrast {
  const counting = filled.map((_, cell) => cell).filter((cell) => Math.abs(weightOf(cell)) > 1e-12);
  return { at: counting, weights: counting.map(weightOf) };
}

/** A step of the first factor at one level of the second and at another, all four treatments measured. */
interface Square {
  first: [number, number];
  second: [number, number];
  /** Places of the treatments: later-later, earlier-later, later-earlier, earlier-earlier. */
  corners: [number, number, number, number];
}

function squaresOf({ a, b, filled }: Layout): Square[] {
  const cellAt = (row: number, column: number) =>
    filled.findIndex((one) => one.row === row && one.column === column);
  return pairsOf(a).flatMap((first) =>
    pairsOf(b).flatMap((second): Square[] => {
      const corners: Square['corners'] = [
        cellAt(first[1], second[1]),
        cellAt(first[0], second[1]),
        cellAt(first[1], second[0]),
        cellAt(first[0], second[0]),
      ];
      return corners.includes(-1) ? [] : [{ first, second, corners }];
    }),
  );
}

function interactionOf(
  squares: readonly Square[],
  changes: readonly ContrastJudged[],
  { p, critical }: Step,
): InteractionJudged {
  const at = changes.reduce((far, { z }, i) => (z > changes[far]!.z ? i : far), 0);
  const { estimate, z } = changes[at]!;
  const { first, second } = squares[at]!;
  return { p, told: z > critical, farthest: { first, second, difference: estimate } };
}

function additiveSquares(layout: Layout): number {
  const weights = effectWeights(layout)!;
  const columns = additiveColumns(layout);
  const coefficients = weights.map((one) => one.reduce((sum, w, i) => sum + w * layout.values[i]!, 0));
  return layout.values.reduce((sum, value, i) => {
    const fitted = columns.reduce((total, column, j) => total + coefficients[j]! * column[i]!, 0);
    return sum + (value - fitted) ** 2;
  }, 0);
}

/** Treatments of as many stations, in rows and columns that look alike, may change places. */
function rolesOf({ filled }: Layout): string[] {
  const along = (of: 'row' | 'column', at: number) =>
    filled
      .filter((cell) => cell[of] === at)
      .map(({ stations }) => stations)
      .sort((one, other) => one - other)
      .join();
  return filled.map(
    ({ row, column, stations }) => `${stations} (${along('row', row)}) (${along('column', column)})`,
  );
}

function pairsOf(count: number): [number, number][] {
  return Array.from({ length: count }, (_, to) => to).flatMap((to) =>
    Array.from({ length: to }, (_, from): [number, number] => [from, to]),
  );
}
