import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible';
import { Problem } from '../problems/problem';

/** Wrong tries that are let through in a quarter of an hour: from one address, and from all of the network together. */
export const wrongTries = { anAddress: 10, inAll: 100, seconds: 900 };

const thisMachine = /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/;

/** An address as it is counted: of IPv6 its network, for one machine has as many addresses there as it likes. */
const countedAs = (address: string) =>
  address.includes(':') && !address.includes('.') ? address.split(':').slice(0, 4).join(':') : address;

/**
 * Counts wrong tries at passphrases and codes. The count of all together does not shut out who sits at the machine
 * itself: a class that hammers at the door cannot lock its teacher out.
 */
export class Attempts {
  readonly #address: RateLimiterMemory;
  readonly #all: RateLimiterMemory;

  constructor({ anAddress, inAll, seconds } = wrongTries) {
    this.#address = new RateLimiterMemory({ points: anAddress, duration: seconds });
    this.#all = new RateLimiterMemory({ points: inAll, duration: seconds });
  }

  /**
   * Makes a try. Only one that was wrong, null, is counted.
   *
   * @throws Problem 429 where there were too many wrong ones before; nothing is tried then
   */
  async make<T>(address: string, attempt: () => Promise<T | null>): Promise<T | null> {
    const own = countedAs(address);
    // Counted first and given back after: a hundred tries at once are a hundred.
    await this.#take(this.#address, own);
    if (!thisMachine.test(address)) await this.#take(this.#all, 'all');
    let wrong = false;
    try {
      const got = await attempt();
      wrong = got === null;
      return got;
    } finally {
      if (!wrong) {
        await this.#address.reward(own);
        if (!thisMachine.test(address)) await this.#all.reward('all');
      }
    }
  }

  async #take(limiter: RateLimiterMemory, key: string) {
    await limiter.consume(key).catch((reason: RateLimiterRes) => {
      const minutes = Math.max(1, Math.ceil(reason.msBeforeNext / 60_000));
      throw new Problem(
        429,
        'Too many tries',
        `That was wrong too often. Try again in ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`,
        { retryAfterSeconds: Math.ceil(reason.msBeforeNext / 1000) },
      );
    });
  }
}
