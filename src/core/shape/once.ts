import { refined, type Shape } from './shape';

/** The words of an id that stands twice in a list, or null. */
function twice(items: readonly { id: string }[]): string | null {
  const seen = new Set<string>();
  for (const { id: one } of items) {
    if (seen.has(one)) return `each id once; “${one}” is there twice`;
    seen.add(one);
  }
  return null;
}

/** A list in which each id stands once. */
export const once = <T extends { id: string }>(shape: Shape<T[]>) => refined(shape, twice);
