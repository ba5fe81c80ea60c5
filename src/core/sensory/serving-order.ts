import { seededRandom } from '../random';
import { requireCount } from './discrimination';

/**
 * Serving orders in which every sample stands equally often in every place and follows every other equally often:
 * Williams's Latin squares (Williams, Aust. J. Sci. Res. A 2 (1949) 149). An even number of samples needs as many rows,
 * an odd one twice as many; assessors beyond that begin again. Rows are shuffled by the seed.
 *
 * @returns for each assessor the samples, 0 to `samples` − 1, in the order served
 */
export function servingOrders(samples: number, assessors: number, seed: number): number[][] {
  requireCount('samples', samples, 2, 12);
  requireCount('assessors', assessors, 1, 500);
  const first = Array.from({ length: samples }, (_, i) => (i % 2 === 0 ? i / 2 : samples - (i + 1) / 2));
  const square = Array.from({ length: samples }, (_, row) => first.map((sample) => (sample + row) % samples));
  const rows = samples % 2 === 0 ? square : [...square, ...square.map((row) => [...row].reverse())];
  const random = seededRandom(seed);
  const orders: number[][] = [];
  while (orders.length < assessors) orders.push(...random.shuffled(rows));
  return orders.slice(0, assessors);
}

/** Different three-digit codes, none of which invites a choice (no 100, 123, 777, 666, 999). @param count 1 to 300 */
export function threeDigitCodes(count: number, seed: number): string[] {
  requireCount('count', count, 1, 300);
  const random = seededRandom(seed);
  const codes = new Set<string>();
  while (codes.size < count) {
    const code = String(Math.floor(100 + 900 * random.uniform()));
    if (!inviting(code)) codes.add(code);
  }
  return [...codes];
}

const inviting = (code: string) =>
  /^(\d)\1\1$|00$/.test(code) || '0123456789'.includes(code) || '9876543210'.includes(code);
