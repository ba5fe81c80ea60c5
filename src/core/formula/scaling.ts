import { requireWithin } from '../bounds';

/** Mass for so many stations and spares, rounded up to what the balance can weigh. */
export function scaledMass(massG: number, stations: number, spares: number, balanceG: number): number {
  requireWithin('massG', massG, 0, 1e6, 'g');
  requireWithin('stations', stations, 0, 1000);
  requireWithin('spares', spares, 0, 1000);
  requireWithin('balanceG', balanceG, 0.001, 100, 'g');
  const whole = massG * (stations + spares);
  // A hair below a whole step is that step: 0.1 + 0.2 is no reason for one more.
  return Math.ceil(whole / balanceG - 1e-9) * balanceG;
}

export interface Pack {
  sizeG: number;
  price: number;
}

export interface Bought {
  packs: { sizeG: number; count: number }[];
  boughtG: number;
  leftG: number;
  cost: number;
}

/**
 * The cheapest way to buy at least so much in the packs a shop sells; among equals the one with the least left over.
 * Exact, by looking at each count of the largest packs in turn (two or three sizes, as shops have).
 *
 * @param packs one to six sizes
 */
export function cheapestPacks(neededG: number, packs: readonly Pack[]): Bought {
  requireWithin('neededG', neededG, 0, 1e6, 'g');
  requireWithin('packs', packs.length, 1, 6, 'sizes');
  packs.forEach(({ sizeG, price }, i) => {
    requireWithin(`packs[${i}].sizeG`, sizeG, Math.max(0.1, neededG / 500), 1e6, 'g');
    requireWithin(`packs[${i}].price`, price, 0, 1e6);
  });
  const sorted = [...packs].sort((a, b) => b.sizeG - a.sizeG);
  let best: Bought | null = null;
  const search = (index: number, counts: number[], gotG: number, cost: number) => {
    if (best && cost > best.cost) return;
    if (gotG >= neededG - 1e-9) {
      if (!best || cost < best.cost || gotG < best.boughtG) {
        const bought = sorted
          .map(({ sizeG }, i) => ({ sizeG, count: counts[i] ?? 0 }))
          .filter((one) => one.count > 0);
        best = { packs: bought, boughtG: gotG, leftG: gotG - neededG, cost };
      }
      return;
    }
    const pack = sorted[index];
    if (!pack) return;
    const most = Math.ceil((neededG - gotG) / pack.sizeG - 1e-9);
    const least = index === sorted.length - 1 ? most : 0;
    for (let count = most; count >= least; count -= 1) {
      search(index + 1, [...counts, count], gotG + count * pack.sizeG, cost + count * pack.price);
    }
  };
  search(0, [], 0, 0);
  return best ?? { packs: [], boughtG: 0, leftG: 0, cost: 0 };
}
