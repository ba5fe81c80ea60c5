/** How a p was come by. */
export type RankMethod = 'exact' | 'permutation' | 'chi-square' | 't';

/** Ways to deal n things into groups of these sizes. */
export function arrangementsOf(sizes: readonly number[]): number {
  let [ways, before] = [1, 0];
  for (const size of sizes) {
    for (let i = 1; i <= size; i += 1) ways = (ways * (before + i)) / i;
    before += size;
  }
  return Math.round(ways);
}

/** Visits the group sums of every way to deal values into groups of given sizes. */
function everyArrangement(
  values: readonly number[],
  sizes: readonly number[],
  visit: (sums: Float64Array) => void,
): void {
  const room = Int32Array.from(sizes);
  const sums = new Float64Array(sizes.length);
  const deal = (i: number) => {
    if (i === values.length) {
      visit(sums);
      return;
    }
    for (let g = 0; g < sizes.length; g += 1) {
      if (room[g] === 0) continue;
      room[g]! -= 1;
      sums[g]! += values[i]!;
      deal(i + 1);
      sums[g]! -= values[i]!;
      room[g]! += 1;
    }
  };
  deal(0);
}

/** Whole numbers below a limit, the same for a seed every time: mulberry32, fast and good enough to shuffle with. */
function dealer(seed: number): (below: number) => number {
  let state = seed >>> 0;
  return (below) => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return Math.floor((((t ^ (t >>> 14)) >>> 0) / 4294967296) * below);
  };
}

/** Visits the group sums of shuffled deals until told to stop; the same every time. */
function shuffledArrangements(
  values: readonly number[],
  sizes: readonly number[],
  draws: number,
  seed: number,
  visit: (sums: Float64Array) => boolean,
): void {
  const deal = dealer(seed);
  const deck = Float64Array.from(values);
  const sums = new Float64Array(sizes.length);
  for (let draw = 0; draw < draws; draw += 1) {
    for (let i = deck.length - 1; i > 0; i -= 1) {
      const j = deal(i + 1);
      const held = deck[i]!;
      deck[i] = deck[j]!;
      deck[j] = held;
    }
    let at = 0;
    for (let g = 0; g < sizes.length; g += 1) {
      let sum = 0;
      for (let i = 0; i < sizes[g]!; i += 1) sum += deck[at + i]!;
      sums[g] = sum;
      at += sizes[g]!;
    }
    if (visit(sums)) return;
  }
}

/** So many deals at least as far out as what was seen settle that nothing is told (Besag and Clifford 1991). */
const settled = 100;

export interface ShareOptions {
  /** Ways up to which all are tried. */
  mostExact?: number;
  draws?: number;
  seed?: number;
  /** What was seen, where it is not what the statistic says of it: single pairs beside the largest of them. */
  observed?: readonly number[];
}

/**
 * Shares of all ways to deal `values` into the groups in which each statistic is at least as large as seen: by
 * enumeration where there are few ways, else by seeded shuffles, the deal that was seen counted among them so that no
 * share is ever 0 (Phipson and Smyth 2010).
 */
export function sharesAtLeast(
  values: readonly number[],
  sizes: readonly number[],
  statistic: (sums: Float64Array) => readonly number[],
  { mostExact = 1e6, draws = 19_999, seed = 1, observed: given }: ShareOptions = {},
): { shares: number[]; method: 'exact' | 'permutation' } {
  const seen = new Float64Array(sizes.length);
  let at = 0;
  sizes.forEach((size, g) => {
    for (let i = 0; i < size; i += 1) seen[g]! += values[at + i]!;
    at += size;
  });
  const observed = given ?? [...statistic(seen)];
  const counts = observed.map(() => 0);
  let all = 0;
  const count = (sums: Float64Array) => {
    all += 1;
    statistic(sums).forEach((value, i) => {
      if (value >= observed[i]! - 1e-9 * (1 + Math.abs(observed[i]!))) counts[i]! += 1;
    });
  };
  if (arrangementsOf(sizes) <= mostExact) {
    everyArrangement(values, sizes, count);
    return { shares: counts.map((one) => one / all), method: 'exact' };
  }
  shuffledArrangements(values, sizes, draws, seed, (sums) => {
    count(sums);
    return counts[0]! >= settled;
  });
  return { shares: counts.map((one) => (one + 1) / (all + 1)), method: 'permutation' };
}
