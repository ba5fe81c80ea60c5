import { requireWithin } from '../bounds';

/** A pack as a shop sells it. */
export interface Pack {
  sizeG: number;
  /** Null where nobody has said: then the least left over is looked for. */
  price: number | null;
}

export interface Bought<P extends Pack> {
  packs: { pack: P; count: number }[];
  boughtG: number;
  leftG: number;
  /** Null where prices are not known. */
  cost: number | null;
}

/** Sizes are counted in tenths of a gram; a finer one is taken as the smaller tenth, so that nothing runs short. */
const tenths = (grams: number) => Math.floor(grams * 10 + 1e-6);

/** Prices are counted in hundredths. */
const hundredths = (price: number) => Math.round(price * 100);

/**
 * The cheapest packs that hold at least so much; of equals those with the least left over, then the fewest. Without prices
 * those with the least left over. Exact: every total up to the largest pack above what is needed is worked out, each from
 * the smaller ones (a covering integer programme in one row).
 *
 * Only the last part is worked out so. With b the size of the pack that is cheapest by mass, of any b other packs some
 * together are a multiple of b (pigeon-hole), and as many b cost no more: so a best choice has fewer than b others, and
 * what lies beyond their total is in packs of b.
 *
 * @param neededG g
 * @param packs one to a hundred; of one size the cheaper counts; those without a price only where none has one
 * @throws RefusedValue for a pack of nothing, a price of nothing or less, no pack at all
 */
export function cheapestPacks<P extends Pack>(neededG: number, packs: readonly P[]): Bought<P> {
  requireWithin('neededG', neededG, 0, 1e9, 'g');
  requireWithin('packs', packs.length, 1, 100, 'sizes');
  packs.forEach(({ sizeG, price }, i) => {
    requireWithin(`packs[${i}].sizeG`, sizeG, 0.1, 1e6, 'g');
    if (price !== null) requireWithin(`packs[${i}].price`, price, 0.01, 1e6);
  });
  const priced = packs.filter(({ price }) => price !== null);
  const sizes = oneOfEachSize(priced.length > 0 ? priced : packs);
  const unit = sizes.map(({ size }) => size).reduce(commonDivisor);
  const needed = Math.ceil((neededG * 10) / unit - 1e-9);
  const scaled = sizes.map((one) => ({ ...one, size: one.size / unit }));
  const counts = bestCounts(needed, scaled);
  const chosen = scaled.flatMap(({ pack }, i) => (counts[i]! > 0 ? [{ pack, count: counts[i]! }] : []));
  const boughtG = chosen.reduce((sum, { pack, count }) => sum + pack.sizeG * count, 0);
  const cost = chosen.reduce((sum, { pack, count }) => sum + hundredths(pack.price ?? 0) * count, 0) / 100;
  return {
    packs: chosen.sort((a, b) => b.pack.sizeG - a.pack.sizeG),
    boughtG,
    leftG: Math.max(0, boughtG - neededG),
    cost: priced.length > 0 ? cost : null,
  };
}

interface Sized<P> {
  pack: P;
  /** In whole units. */
  size: number;
  /** Hundredths of money; nothing where no price is known, and so the least left over counts. */
  cost: number;
}

/** Of each size the cheapest, the one that is cheapest by mass first (of equals the larger). */
function oneOfEachSize<P extends Pack>(packs: readonly P[]): Sized<P>[] {
  const bySize = new Map<number, Sized<P>>();
  for (const pack of packs) {
    const size = tenths(pack.sizeG);
    const cost = hundredths(pack.price ?? 0);
    const known = bySize.get(size);
    if (!known || cost < known.cost) bySize.set(size, { pack, size, cost });
  }
  return [...bySize.values()].sort((a, b) => a.cost * b.size - b.cost * a.size || b.size - a.size);
}

const commonDivisor = (a: number, b: number): number => (b === 0 ? a : commonDivisor(b, a % b));

/** Totals that are worked out at most: beyond, sizes of odd tenths in tonnes, the last is exact and the rest in the best. */
const mostTotals = 4_000_000;

/** How many of each size, in the order they are given: the first is cheapest by mass. */
function bestCounts(needed: number, sizes: readonly { size: number; cost: number }[]): number[] {
  const best = sizes[0]!;
  const largest = Math.max(...sizes.map(({ size }) => size));
  const others = (best.size - 1) * largest;
  const surely = Math.max(0, Math.floor((needed - Math.min(others, mostTotals)) / best.size));
  const rest = needed - surely * best.size;
  const most = rest + largest;
  const costOf = new Float64Array(most + 1).fill(Infinity);
  const countOf = new Int32Array(most + 1);
  const lastOf = new Int8Array(most + 1).fill(-1);
  costOf[0] = 0;
  for (let total = 1; total <= most; total += 1) {
    for (let i = 0; i < sizes.length; i += 1) {
      const before = total - sizes[i]!.size;
      if (before < 0) continue;
      const cost = costOf[before]! + sizes[i]!.cost;
      const count = countOf[before]! + 1;
      if (cost < costOf[total]! || (cost === costOf[total]! && cost < Infinity && count < countOf[total]!)) {
        costOf[total] = cost;
        countOf[total] = count;
        lastOf[total] = i;
      }
    }
  }
  let at = -1;
  for (let total = rest; total <= most; total += 1) {
    if (costOf[total]! < (at < 0 ? Infinity : costOf[at]!)) at = total;
  }
  const counts = sizes.map((_, i) => (i === 0 ? surely : 0));
  for (; at > 0; at -= sizes[lastOf[at]!]!.size) counts[lastOf[at]!]! += 1;
  return counts;
}
