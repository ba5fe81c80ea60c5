import { requireWithin } from '../bounds';

/**
 * Strength of a gelatine gel against another, from concentration and Bloom: proportional to concentration² × Bloom
 * (teaching model; handbooks give exponents of 1.7 to 2.0).
 */
export function relativeGelStrength(
  percent: number,
  bloom: number,
  referencePercent = 1,
  referenceBloom = 200,
): number {
  requireWithin('percent', percent, 0.05, 20, '%');
  requireWithin('bloom', bloom, 50, 320, 'Bloom');
  return (percent / referencePercent) ** 2 * (bloom / referenceBloom);
}

/** Grams of another grade that set alike: mass × √(Bloom / Bloom). */
export function gelatineForBloom(massG: number, fromBloom: number, toBloom: number): number {
  requireWithin('massG', massG, 0, 10_000, 'g');
  requireWithin('fromBloom', fromBloom, 50, 320, 'Bloom');
  requireWithin('toBloom', toBloom, 50, 320, 'Bloom');
  return massG * Math.sqrt(fromBloom / toBloom);
}
