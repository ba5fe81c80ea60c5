import type { Knex } from 'knex';
import type { Tick, TickNow } from '../../contract/prep';
import { authorOf, type TeacherActor } from '../actors/actor';
import type { Authors } from '../teachers/authors';

interface TickRow {
  what: string;
  done: number;
  at: number;
  author: string;
  celsius: number | null;
}

/** What is ticked off: the last word about each line as they arrive here. What clock a device goes by is of no account. */
export class TickList {
  readonly #knex: Knex;
  readonly #authors: Authors;
  readonly #now: () => number;

  constructor(knex: Knex, authors: Authors, now: () => number) {
    this.#knex = knex;
    this.#authors = authors;
    this.#now = now;
  }

  /** Ticks whose line begins with some letters. */
  async all(begins: string): Promise<TickNow[]> {
    const rows = await this.#knex('ticks')
      .whereRaw('substr(what, 1, ?) = ?', [begins.length, begins])
      .orderBy('what')
      .select<TickRow[]>();
    const nameOf = await this.#authors.namer();
    return rows.map(({ what, done, at, author, celsius }) => ({
      ...{ what, done: done === 1, at, ...(celsius !== null && { celsius }) },
      by: nameOf(author) ?? '',
    }));
  }

  /** Keeps ticks, each in place of what was said of its line before, with the time of this server. */
  async keep(ticks: readonly Tick[], actor: TeacherActor): Promise<void> {
    const author = authorOf(actor);
    await this.#knex.transaction(async (knex) => {
      const at = this.#now();
      for (const { what, done, celsius = null } of ticks) {
        await knex('ticks').insert({ what, done, at, author, celsius }).onConflict('what').merge();
      }
    });
  }
}
