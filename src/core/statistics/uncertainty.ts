import { requireWithin } from '../bounds';
import { studentT } from './distributions';

export interface UncertaintyParts {
  /** Smallest division of the instrument; the reading is somewhere within half of it. */
  division: number;
  /** Expanded uncertainty (k = 2) of its calibration, if a certificate gives one. */
  calibration?: number;
  /** Standard deviation of repeats and their number. */
  sd?: number;
  repeats?: number;
}

export interface Uncertainty {
  /** Combined standard uncertainty. */
  standard: number;
  /** Effective degrees of freedom by Welch and Satterthwaite; Infinity where no repeats count. */
  effectiveDf: number;
  /** Student's t for 95 % on those: 1.96 for many, 12.7 for one. */
  coverageFactor: number;
  /** Standard × coverage factor: 95 %. */
  expanded: number;
}

/** One part of an uncertainty and how well it is known. */
export interface UncertaintyPart {
  standard: number;
  /** Degrees of freedom; Infinity for what is not from repeats. */
  df: number;
}

/** Effective degrees of freedom of a sum of parts (Welch and Satterthwaite; JCGM 100:2008, G.4). */
export function effectiveDegrees(parts: readonly UncertaintyPart[]): number {
  const whole = parts.reduce((sum, { standard }) => sum + standard ** 2, 0);
  const shares = parts.reduce((sum, { standard, df }) => sum + standard ** 4 / df, 0);
  return shares === 0 ? Infinity : whole ** 2 / shares;
}

/**
 * Combines resolution, calibration and repeats in quadrature (JCGM 100:2008, GUM: 4.3.7 for a half-width of half a
 * division with equal chances, 5.1.2 for the sum, G.4 for the coverage factor from the effective degrees of freedom).
 */
export function combinedUncertainty({
  division,
  calibration = 0,
  sd = 0,
  repeats = 1,
}: UncertaintyParts): Uncertainty {
  requireWithin('division', division, 0, 1e6);
  requireWithin('calibration', calibration, 0, 1e6);
  requireWithin('sd', sd, 0, 1e6);
  requireWithin('repeats', repeats, 1, 1e6);
  const ofRepeats = sd / Math.sqrt(repeats);
  const parts: UncertaintyPart[] = [
    { standard: division / 2 / Math.sqrt(3), df: Infinity },
    { standard: calibration / 2, df: Infinity },
    // One reading with a spread known from elsewhere is taken as well known.
    { standard: ofRepeats, df: repeats > 1 ? repeats - 1 : Infinity },
  ];
  const standard = Math.hypot(...parts.map((part) => part.standard));
  const effectiveDf = effectiveDegrees(parts);
  const coverageFactor = effectiveDf > 1e6 ? 1.959964 : studentT(effectiveDf);
  return { standard, effectiveDf, coverageFactor, expanded: coverageFactor * standard };
}

/**
 * Decimals with which a value of this uncertainty is written: the uncertainty keeps one figure, two where the first
 * is a 1 or a 2 (common practice). Negative decimals round to tens and hundreds.
 */
export function decimalsFor(uncertainty: number): number {
  if (!(uncertainty > 0)) return 0;
  const magnitude = Math.floor(Math.log10(uncertainty));
  const first = uncertainty / 10 ** magnitude;
  return (first < 2.95 ? 1 : 0) - magnitude;
}
