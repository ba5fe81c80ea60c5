export interface Ranking {
  /** Rank of each value, from 1; ties share the mean of their places. */
  ranks: number[];
  /** Σ (t³ − t) over the groups of ties. */
  ties: number;
}

/** Ranks values with mid-ranks for ties. */
export function rankOf(values: readonly number[]): Ranking {
  const order = values.map((_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const ranks = new Array<number>(values.length);
  let ties = 0;
  for (let from = 0; from < order.length;) {
    let to = from;
    while (to < order.length && values[order[to]!] === values[order[from]!]) to += 1;
    const count = to - from;
    for (let i = from; i < to; i += 1) ranks[order[i]!] = (from + 1 + to) / 2;
    ties += count ** 3 - count;
    from = to;
  }
  return { ranks, ties };
}
