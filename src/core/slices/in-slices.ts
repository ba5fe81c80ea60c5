/** So long one slice lasts at most, with the part that ends it, ms: what is drawn or asked meanwhile hardly waits. */
const sliceMs = 30;

/**
 * Goes on with work that comes in parts until a slice of time is over.
 *
 * @returns what the work comes to; null where there is more of it to do
 */
export function slice<T extends object>(work: Generator<undefined, T, undefined>): T | null {
  const until = performance.now() + sliceMs;
  do {
    const { done, value } = work.next();
    if (done) return value;
  } while (performance.now() < until);
  return null;
}

/** Does work that comes in parts slice by slice, and lets others go first in between. */
export async function inSlices<T extends object>(
  work: Generator<undefined, T, undefined>,
  othersFirst: () => Promise<void>,
): Promise<T> {
  for (;;) {
    const done = slice(work);
    if (done) return done;
    await othersFirst();
  }
}
