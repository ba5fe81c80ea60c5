import type { Knex } from 'knex';
import { authorOf, type Actor } from './actor';

/** The book of who did what; entries of the log and revisions name their author themselves. */
export class Deeds {
  readonly #knex: Knex;
  readonly #now: () => number;

  constructor(knex: Knex, now: () => number) {
    this.#knex = knex;
    this.#now = now;
  }

  readonly write = async (actor: Actor, deed: string, subject: string): Promise<void> => {
    await this.#knex('deeds').insert({ at: this.#now(), author: authorOf(actor), deed, subject });
  };
}
