import type { Trace } from './trace';

/** What the food is in, as far as it is known, °C, with its standard deviation. */
export interface Surroundings {
  celsius: number;
  sdC: number;
}

/** Bends that are tried: the rate of approach times the length of the window; below 0 it speeds up. */
const bends = [-1.2, -0.8, -0.5, -0.25, -0.1, 0, 0.1, 0.25, 0.5, 0.8, 1.2, 1.8, 2.6, 3.6, 5];
/** What was told of the surroundings is wrong in this share of lessons: a window, a refrigerator, a tray moved. */
const elsewhere = 0.2;
/** An older reading counts for less: e-fold in this share of the stretch that was seen. */
const fading = 0.35;

/** A bend that was tried, with its level and slope now and how likely the readings make it. */
export interface Approach {
  bend: number;
  level: number;
  slope: number;
  varLevel: number;
  varSlope: number;
  covariance: number;
  weight: number;
}

/** Every bend with the level and slope that fit the readings best, and how likely these make it; the latest count most. */
export function approachesOf(
  { seconds, celsius }: Trace,
  nowS: number,
  noiseC: number,
  surroundings: Surroundings | undefined,
): Approach[] {
  const n = seconds.length;
  const span = Math.max(1, nowS - seconds[0]!);
  const fits = bends.map((c) => {
    const k = c / span;
    let [s11, s12, s22, y1, y2] = [0, 0, 0, 0, 0];
    for (let i = 0; i < n; i += 1) {
      const t = seconds[i]! - nowS;
      const x = k === 0 ? t : (1 - Math.exp(-k * t)) / k;
      const y = celsius[i]!;
      const w = Math.exp(t / (fading * span));
      s11 += w;
      s12 += w * x;
      s22 += w * x * x;
      y1 += w * y;
      y2 += w * x * y;
    }
    const det = s11 * s22 - s12 * s12;
    if (!(det > 1e-9)) return null;
    const level = (s22 * y1 - s12 * y2) / det;
    const slope = (s11 * y2 - s12 * y1) / det;
    let rss = 0;
    for (let i = 0; i < n; i += 1) {
      const t = seconds[i]! - nowS;
      const x = k === 0 ? t : (1 - Math.exp(-k * t)) / k;
      rss += Math.exp(t / (fading * span)) * (celsius[i]! - level - slope * x) ** 2;
    }
    return { c, k, level, slope, det, s11, s12, s22, rss };
  });
  const sound = fits.filter((one) => one !== null);
  if (sound.length === 0) return [];
  const leastRss = Math.min(...sound.map((one) => one.rss));
  // What the best bend leaves is noise, and no less than the readings' own.
  const variance = Math.max(noiseC ** 2, leastRss / Math.max(1, n - 3));
  return sound.map((one) => {
    const asymptote = one.k > 0 ? one.level + one.slope / one.k : null;
    // Where the surroundings are known, food ends there, unless it stands elsewhere by now.
    const prior =
      surroundings === undefined
        ? 1
        : asymptote === null
          ? 1e-6
          : Math.exp(
              -0.5 *
                ((asymptote - surroundings.celsius) /
                  (surroundings.sdC + 0.15 * Math.abs(one.level - surroundings.celsius))) **
                  2,
            );
    return {
      bend: one.k,
      level: one.level,
      slope: one.slope,
      varLevel: (variance * one.s22) / one.det,
      varSlope: (variance * one.s11) / one.det,
      covariance: (-variance * one.s12) / one.det,
      weight:
        ((elsewhere + (1 - elsewhere) * prior) * Math.exp(-0.5 * ((one.rss - leastRss) / variance))) /
        Math.sqrt(one.det),
    };
  });
}
