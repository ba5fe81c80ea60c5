/** Levels may scatter this many times as much as one another, and nothing is called different too often. */
const mostUnlike = 5;

/**
 * Patterns of spreads that levels may have: all alike, one noisy, one quiet, half of them noisy, more and more noisy, both
 * ends noisy, all levels of as many stations noisy, each level up to `mostUnlike` times as noisy as another. Levels of one role may change places, so patterns
 * that are the same but for that stand once.
 *
 * @param roles what tells a level from another: number of stations, place along a line, row and column …
 * @param sizes stations of each level: all levels of as many may be the noisy ones
 */
export function unlikeSpreads(roles: readonly string[], sizes: readonly number[]): number[][] {
  const count = roles.length;
  // By role, so that “half of them” and “more and more” go with the numbers of stations, both ways.
  const order = roles
    .map((_, i) => i)
    .sort((a, b) => roles[a]!.localeCompare(roles[b]!, 'en', { numeric: true }));
  const placed = (along: (rank: number) => number) => {
    const spreads = new Array<number>(count).fill(1);
    order.forEach((level, rank) => (spreads[level] = along(rank)));
    return spreads;
  };
  const both = (along: (rank: number) => number) => [
    placed(along),
    placed((rank) => along(count - 1 - rank)),
  ];
  const patterns = [placed(() => 1)];
  for (const most of [mostUnlike, Math.sqrt(mostUnlike)]) {
    patterns.push(
      ...both((rank) => (rank < count / 2 ? 1 : most)),
      ...both((rank) => most ** (count > 1 ? rank / (count - 1) : 0)),
      placed((rank) => (rank === 0 || rank === count - 1 ? most : 1)),
    );
  }
  for (let level = 0; level < count; level += 1) {
    const one = (at: number, others: number) => roles.map((_, i) => (i === level ? at : others));
    patterns.push(one(mostUnlike, 1), one(1, mostUnlike));
  }
  for (const size of new Set(sizes)) {
    const own = (at: number, others: number) => sizes.map((one) => (one === size ? at : others));
    patterns.push(own(mostUnlike, 1), own(1, mostUnlike));
  }
  const seen = new Set<string>();
  return patterns.filter((spreads) => {
    const key = spreads
      .map((spread, i) => `${roles[i]} ${spread.toFixed(4)}`)
      .sort()
      .join('|');
    return seen.has(key) ? false : seen.add(key);
  });
}
