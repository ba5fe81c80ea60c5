import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A stream of random numbers that is the same each time for the same seed. */
export interface SeededRandom {
  /** Uniform, from 0 up to but not including 1. */
  uniform(): number;
  /** Normal with mean 0 and standard deviation 1. */
  normal(): number;
  /** A new array with the items in random order (Fisher–Yates). */
  shuffled<T>(items: readonly T[]): T[];
}

/** The generator’s first outputs hardly depend on the seed: that many are thrown away. */
const warmUp = 64;

/** Starts a stream from a whole-number seed (only its low 32 bits count). */
export function seededRandom(seed: number): SeededRandom {
  const generator = xoroshiro128plus(scrambled(seed));
  for (let i = 0; i < warmUp; i += 1) generator.next();
  const uniform = () => uniformFloat64(generator);
  return {
    uniform,
    normal() {
      // Box and Muller (1958); 1 − u keeps the logarithm finite.
      return Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
    },
    shuffled(items) {
      const order = [...items];
      for (let last = order.length - 1; last > 0; last -= 1) {
        const pick = Math.floor(uniform() * (last + 1));
        [order[last], order[pick]] = [order[pick]!, order[last]!];
      }
      return order;
    },
  };
}

/** Spreads neighbouring seeds over all 32 bits (the finaliser of MurmurHash3, public domain). */
function scrambled(seed: number): number {
  let bits = seed | 0;
  bits = Math.imul(bits ^ (bits >>> 16), 0x85ebca6b);
  bits = Math.imul(bits ^ (bits >>> 13), 0xc2b2ae35);
  return bits ^ (bits >>> 16);
}
