import { orthonormalBasis, withoutBasis } from '../numeric';

/** A weighted sum that is 0 where nothing differs: places, and what each counts. */
export interface Contrast {
  at: readonly number[];
  weights: readonly number[];
}

/** What the values say to one contrast. */
export interface ContrastJudged {
  estimate: number;
  /** Standard error, every level by its own spread. */
  se: number;
  /** Degrees of freedom of that error (Satterthwaite); a fraction. */
  df: number;
  /** How far out it is, as a normal deviate: comparable between contrasts of unlike degrees of freedom. */
  z: number;
}

/** A contrast, and each level’s part in the variance of what it comes to. */
export interface Asked {
  at: Int32Array;
  weights: Float64Array;
  levels: Int32Array;
  parts: Float64Array;
}

/** A level’s variance takes in the common one as if it were this many degrees of freedom of its own. */
const borrowed = 1.5;
/** A level whose variance is more than this many times that of the others counts no more than so many in the common one. */
const loud = 14;
/** What the common variance adds to the worth of a level when its degrees of freedom are counted. */
const borrowedWorth = 0.25;

/**
 * Each level’s variance, drawn a little towards the common one: a mean of them all in which a noisy level counts for little.
 *
 * @param squares each level’s squares about what is fitted
 * @param own their degrees of freedom
 * @param into where the variances are put
 */
export function variancesOf(squares: Float64Array, own: Float64Array, into: Float64Array): Float64Array {
  let [all, df] = [0, 0];
  for (let g = 0; g < squares.length; g += 1) {
    all += squares[g]!;
    df += own[g]!;
  }
  let [kept, keptDf] = [0, 0];
  for (let g = 0; g < squares.length; g += 1) {
    const others = (all - squares[g]!) / (df - own[g]!);
    const most = loud * others * own[g]!;
    const weight = df > own[g]! && squares[g]! > most ? most / squares[g]! : 1;
    kept += weight * squares[g]!;
    keptDf += weight * own[g]!;
  }
  const common = (borrowed * kept) / keptDf;
  for (let g = 0; g < squares.length; g += 1) into[g] = (squares[g]! + common) / (own[g]! + borrowed);
  return into;
}

/** Variance of a contrast and its degrees of freedom. */
export function errorOf(
  { levels, parts }: Asked,
  variances: Float64Array,
  own: Float64Array,
): { variance: number; df: number } {
  let [variance, below] = [0, 0];
  for (let i = 0; i < levels.length; i += 1) {
    const part = parts[i]! * variances[levels[i]!]!;
    variance += part;
    below += (part * part) / (own[levels[i]!]! + borrowedWorth);
  }
  return { variance, df: below > 0 ? (variance * variance) / below : 1 };
}

/** What a contrast comes to. */
export function sumOf({ at, weights }: Asked, sums: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < at.length; i += 1) sum += weights[i]! * sums[at[i]!]!;
  return sum;
}

/** @param partOf the part in the variance of the contrast that each of its places has, and the level it belongs to */
export function asking(
  { at, weights }: Contrast,
  partOf: (place: number, weight: number) => readonly [level: number, part: number],
): Asked {
  const parts = new Map<number, number>();
  at.forEach((place, i) => {
    const [level, part] = partOf(place, weights[i]!);
    parts.set(level, (parts.get(level) ?? 0) + part);
  });
  return {
    ...{ at: Int32Array.from(at), weights: Float64Array.from(weights) },
    ...{ levels: Int32Array.from(parts.keys()), parts: Float64Array.from(parts.values()) },
  };
}

/** Student’s t, squared, as a normal deviate; never above t (D. L. Wallace, Ann. Math. Stat. 30 (1959) 1121). */
export function deviateOf(t2: number, df: number): number {
  return ((8 * df + 1) / (8 * df + 3)) * Math.sqrt(df * Math.log1p(t2 / df));
}

/** Student’s t of a normal deviate: half of an interval in standard errors. */
export function studentOf(z: number, df: number): number {
  return Math.sqrt(df * Math.expm1(((z * (8 * df + 3)) / (8 * df + 1)) ** 2 / df));
}

/** Answers of one class from what its contrasts sum up and from its levels’ squares; `leastSd` is what rounding alone makes. */
export function answersOf(
  asked: readonly Asked[],
  { sums, squares, own }: { sums: ArrayLike<number>; squares: Float64Array; own: Float64Array },
  leastSd: number,
): ContrastJudged[] {
  const variances = variancesOf(squares, own, new Float64Array(own.length)).map((one) => one + leastSd ** 2);
  return asked.map((contrast) => {
    const estimate = sumOf(contrast, sums);
    const { variance, df } = errorOf(contrast, variances, own);
    const z = variance > 0 ? deviateOf(estimate ** 2 / variance, df) : 0;
    return { estimate, se: Math.sqrt(variance), df, z };
  });
}

/**
 * Contrasts of single values about what columns fit, for values of one level that lie apart along a factor.
 *
 * @param levels level of each value, counted from 0
 */
export function judgeValues(
  values: readonly number[],
  design: {
    levels: readonly number[];
    columns: readonly (readonly number[])[];
    contrasts: readonly Contrast[];
  },
  leastSd: number,
): ContrastJudged[] {
  const { levels } = design;
  const basis = orthonormalBasis(design.columns);
  const count = Math.max(...levels) + 1;
  const [own, squares] = [new Float64Array(count), new Float64Array(count)];
  withoutBasis(basis, values).forEach((left, i) => {
    squares[levels[i]!]! += left * left;
    own[levels[i]!]! += 1 - basis.reduce((sum, column) => sum + column[i]! ** 2, 0);
  });
  const asked = design.contrasts.map((one) => asking(one, (place, weight) => [levels[place]!, weight ** 2]));
  return answersOf(asked, { sums: values, squares, own }, leastSd);
}
