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

/** What is ticked off: of the last word about each line the rest is forgotten, in whatever order they arrive. */
export class TickList {
  readonly #knex: Knex;
  readonly #authors: Authors;

  constructor(knex: Knex, authors: Authors) {
    this.#knex = knex;
    this.#authors = authors;
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

  /** Keeps ticks; one that is older than what is there changes nothing. */
  async keep(ticks: readonly Tick[], actor: TeacherActor): Promise<void> {
    const author = authorOf(actor);
    await this.#knex.transaction(async (knex) => {
      for (const { what, done, at, celsius = null } of ticks) {
        const there = await knex('ticks').where({ what }).first<TickRow | undefined>();
        if (there && there.at > at) continue;
        await knex('ticks').insert({ what, done, at, author, celsius }).onConflict('what').merge();
      }
    });
  }
}
