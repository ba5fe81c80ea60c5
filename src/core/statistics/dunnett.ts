import { RefusedValue } from '../bounds';
import { logGamma } from '../numeric';
import { requireSample } from './describe';
import { meanOf } from './mean';
import { squaresAboutMean } from './groups';
import { normalBelow, normalDensity } from './normal';
import type { Groups } from './groups';

export interface DunnettPair {
  name: string;
  /** Mean of the group less mean of the control. */
  difference: number;
  /** 95 % interval that holds for all comparisons together. */
  low: number;
  high: number;
  p: number;
}

const nodes = 48;
const zReach = 8;

/** Points and weights of the composite Gauss rule of three points over a stretch. */
function gauss(from: number, to: number, pieces: number): [at: number, weight: number][] {
  const out: [number, number][] = [];
  const half = (to - from) / pieces / 2;
  const root = Math.sqrt(0.6);
  for (let i = 0; i < pieces; i += 1) {
    const middle = from + (2 * i + 1) * half;
    out.push(
      [middle - half * root, (half * 5) / 9],
      [middle, (half * 8) / 9],
      [middle + half * root, (half * 5) / 9],
    );
  }
  return out;
}

/** Φ on a grid, for the many looks the double integral takes; straight between points 1/512 apart. */
const gridStep = 1 / 512;
let grid: Float64Array | null = null;
function below(z: number): number {
  if (z <= -zReach) return 0;
  if (z >= zReach) return 1;
  grid ??= Float64Array.from({ length: 2 * zReach * 512 + 2 }, (_, i) => normalBelow(-zReach + i * gridStep));
  const at = (z + zReach) / gridStep;
  const i = Math.floor(at);
  return grid[i]! + (at - i) * (grid[i + 1]! - grid[i]!);
}

/**
 * Probability that the largest of several |t| against one control exceeds c (Dunnett, J. Am. Stat. Assoc. 50 (1955)
 * 1096 and Biometrics 20 (1964) 482): the correlation of two comparisons is λᵢλⱼ, so given the control's deviation they
 * are independent; integrated over that and over the pooled spread.
 *
 * @param lambdas √(nᵢ / (n₀ + nᵢ)) of each group
 */
export function dunnettUpper(c: number, lambdas: readonly number[], df: number): number {
  if (c <= 0) return 1;
  const overZ = gauss(-zReach, zReach, nodes / 2).map(([z, w]): [number, number] => [
    z,
    w * normalDensity(z),
  ]);
  const insideAt = (scaled: number) => {
    let sum = 0;
    for (const [z, w] of overZ) {
      let product = w;
      for (const lambda of lambdas) {
        const rest = Math.sqrt(1 - lambda * lambda);
        product *= below((lambda * z + scaled) / rest) - below((lambda * z - scaled) / rest);
      }
      sum += product;
    }
    return sum;
  };
  // s² df is a chi-square: the density of s = s_pooled / σ.
  const logFront = Math.log(2) + (df / 2) * Math.log(df / 2) - logGamma(df / 2);
  const spread = 1 / Math.sqrt(2 * df);
  const [low, high] = [Math.max(1e-6, 1 - 8 * spread), 1 + 8 * spread];
  let inside = 0;
  for (const [s, w] of gauss(low, high, nodes / 2)) {
    inside += w * Math.exp(logFront + (df - 1) * Math.log(s) - (df * s * s) / 2) * insideAt(c * s);
  }
  return Math.min(1, Math.max(0, 1 - inside));
}

/** The |t| that 5 % exceed. */
export function dunnettCritical(lambdas: readonly number[], df: number, level = 0.95): number {
  let [low, high] = [0, 2];
  while (dunnettUpper(high, lambdas, df) > 1 - level) high *= 2;
  while (high - low > 1e-6) {
    const middle = (low + high) / 2;
    if (dunnettUpper(middle, lambdas, df) > 1 - level) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Dunnett's test, two-sided: every group against one control, with one error rate for all of them.
 *
 * @param leastSd spread added in quadrature: what the instrument's resolution leaves open
 * @throws RefusedValue naming `control` or the group; also where nothing varies and no resolution is given
 */
export function dunnettTest(control: readonly number[], groups: Groups, leastSd = 0): DunnettPair[] {
  requireSample('control', control, 1);
  const names = Object.keys(groups);
  if (names.length === 0) throw new RefusedValue('groups', groups, 'at least one group');
  for (const name of names) requireSample(`groups.${name}`, groups[name]!, 1);
  const all = [control, ...names.map((name) => groups[name]!)];
  const df = all.reduce((count, values) => count + values.length - 1, 0);
  if (df < 1) throw new RefusedValue('groups', groups, 'at least one repeat, in the control or in a group');
  const squares = all.reduce((sum, values) => sum + squaresAboutMean(values), 0);
  const sd = Math.hypot(leastSd, Math.sqrt(squares / df));
  if (sd === 0) throw new RefusedValue('groups', groups, 'values that are not all equal within their groups');
  const n0 = control.length;
  const lambdas = names.map((name) => Math.sqrt(groups[name]!.length / (n0 + groups[name]!.length)));
  const critical = dunnettCritical(lambdas, df);
  const base = meanOf(control);
  return names.map((name) => {
    const values = groups[name]!;
    const difference = meanOf(values) - base;
    const se = sd * Math.sqrt(1 / values.length + 1 / n0);
    return {
      name,
      difference,
      low: difference - critical * se,
      high: difference + critical * se,
      p: dunnettUpper(Math.abs(difference) / se, lambdas, df),
    };
  });
}
