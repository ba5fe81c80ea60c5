/**
 * The time of day without its steps back, ms: it follows `wall`, ahead too (a machine that slept), and where somebody sets
 * that back it goes on by `steady`, which only goes forward. What ends after so long ends neither later nor never.
 */
export function forwardClock(
  wall: () => number,
  steady: () => number = () => performance.now(),
): () => number {
  let last = wall();
  let seenAt = steady();
  return () => {
    const passed = steady() - seenAt;
    seenAt += passed;
    last = Math.max(wall(), last + passed);
    return last;
  };
}
