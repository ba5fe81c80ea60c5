import { requireWithin } from '../bounds';

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
  /** Expanded, k = 2: about 95 %. */
  expanded: number;
}

/**
 * Combines resolution, calibration and repeats in quadrature (JCGM 100:2008, GUM: 4.3.7 for a half-width of half a
 * division with equal chances, 5.1.2 for the sum, 6.2.1 for k = 2).
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
  const parts = [division / 2 / Math.sqrt(3), calibration / 2, sd / Math.sqrt(repeats)];
  const standard = Math.hypot(...parts);
  return { standard, expanded: 2 * standard };
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
