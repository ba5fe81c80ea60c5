import type { Shape, Spec } from './shape';

/** A shape without what stands around it. */
export function innerOf(spec: Spec): Spec {
  return spec.kind === 'nullable' || spec.kind === 'refined' ? innerOf(spec.inner) : spec;
}

/** How long a text may be, for the field it is typed into. */
export function longest(shape: Shape<string> | Shape<string | null>): number {
  const inner = innerOf(shape);
  if (inner.kind !== 'text') throw new TypeError('not a text');
  return inner.most;
}

/** What a number may be, for the field it is typed into. */
export function range(shape: Shape<number> | Shape<number | null>): {
  low: number;
  high: number;
  whole: boolean;
} {
  const inner = innerOf(shape);
  if (inner.kind !== 'number') throw new TypeError('not a number');
  return { low: inner.low, high: inner.high, whole: inner.whole };
}

/** What each of a list is. */
export function itemOf(shape: Spec): Spec {
  const inner = innerOf(shape);
  if (inner.kind !== 'list') throw new TypeError('not a list');
  return inner.of;
}

/** How many more go into a list. */
export function roomIn(shape: Spec, items: readonly unknown[]): number {
  const inner = innerOf(shape);
  return inner.kind === 'list' ? Math.max(0, inner.most - items.length) : Infinity;
}

/** Whether nothing more goes into a list. */
export const isFull = (shape: Spec, items: readonly unknown[]): boolean => roomIn(shape, items) === 0;
