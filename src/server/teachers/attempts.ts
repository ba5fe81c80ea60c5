import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible';
import { Problem } from '../problems/problem';

/**
 * Wrong tries that are let through in a quarter of an hour: at one name or code, from one address, and from all of the
 * network together.
 */
export const wrongTries = { atOne: 10, anAddress: 30, inAll: 100, seconds: 900 };

const thisMachine = /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/;

/** An address as it is counted: of IPv6 its network, for one machine has as many addresses there as it likes. */
const countedAs = (address: string) =>
  address.includes(':') && !address.includes('.') ? address.split(':').slice(0, 4).join(':') : address;

/**
 * Counts wrong tries at one kind of door: passphrases, or codes of stations. Each kind is counted by itself, and at each
 * name: a class behind the teacher’s own address that mistypes its codes locks nobody out of signing in. The count of all
 * together does not shut out who sits at the machine itself.
 */
export class Attempts {
  readonly #one: RateLimiterMemory;
  readonly #address: RateLimiterMemory;
  readonly #all: RateLimiterMemory;
  readonly #longestMs: number;

  constructor({ atOne, anAddress, inAll, seconds } = wrongTries) {
    this.#one = new RateLimiterMemory({ points: atOne, duration: seconds });
    this.#address = new RateLimiterMemory({ points: anAddress, duration: seconds });
    this.#all = new RateLimiterMemory({ points: inAll, duration: seconds });
    this.#longestMs = seconds * 1000;
  }

  /**
   * Makes a try. Only one that was wrong, null, is counted.
   *
   * @param at what is tried at: a name; empty where there is none
   * @throws Problem 429 where there were too many wrong ones before; nothing is tried then
   */
  async make<T>(address: string, at: string, attempt: () => Promise<T | null>): Promise<T | null> {
    const own = countedAs(address);
    const counted: [RateLimiterMemory, string][] = [
      ...(at === '' ? [] : [[this.#one, `${own} ${at}`] as [RateLimiterMemory, string]]),
      [this.#address, own],
      ...(thisMachine.test(address) ? [] : [[this.#all, 'all'] as [RateLimiterMemory, string]]),
    ];
    // Counted first and given back after: a hundred tries at once are a hundred.
    const taken: typeof counted = [];
    const giveBack = () => Promise.all(taken.map(([limiter, key]) => limiter.reward(key)));
    for (const [limiter, key] of counted) {
      try {
        await this.#take(limiter, key);
      } catch (error) {
        // Nothing was tried: it counts nowhere else.
        await giveBack();
        throw error;
      }
      taken.push([limiter, key]);
    }
    let wrong = false;
    try {
      const got = await attempt();
      wrong = got === null;
      return got;
    } finally {
      if (!wrong) await giveBack();
    }
  }

  async #take(limiter: RateLimiterMemory, key: string) {
    await limiter.consume(key).catch((reason: RateLimiterRes) => {
      // The count goes by a timer; what it says of itself, by a clock that may have been set back since.
      const waitMs = Math.min(reason.msBeforeNext, this.#longestMs);
      const minutes = Math.max(1, Math.ceil(waitMs / 60_000));
      throw new Problem(
        429,
        'Too many tries',
        `That was wrong too often. Try again in ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`,
        { retryAfterSeconds: Math.ceil(waitMs / 1000) },
      );
    });
  }
}
