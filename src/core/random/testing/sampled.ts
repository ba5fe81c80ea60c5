import { seededRandom } from '..';

/** `npm run test:all` looks at everything; `npm test` at samples of what takes long, the same each time. */
export const wholeSuite = process.env.TAWNY_TESTS === 'all';

/** So many of many cases, in their order: the same each time for the same seed; all of them for the whole suite. */
export function sampled<T>(cases: readonly T[], count: number, seed = 1): T[] {
  if (wholeSuite || count >= cases.length) return [...cases];
  const order = seededRandom(seed).shuffled(cases.map((_, i) => i));
  return order
    .slice(0, count)
    .sort((a, b) => a - b)
    .map((i) => cases[i]!);
}

/** How often to try by lot: fewer times for a sample. */
export const tries = (whole: number, some: number): number => (wholeSuite ? whole : some);
