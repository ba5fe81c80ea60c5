import type { Knex } from 'knex';
import type { Class, NewClass } from '../../contract/classes';
import { notFound } from '../problems/problem';

/** Teaching groups: a name, a number of seats and the unit they read. */
export class Classes {
  readonly #knex: Knex;

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  all(): Promise<Class[]> {
    return this.#knex<Class>('classes').orderBy('name');
  }

  async one(id: string): Promise<Class> {
    const found = await this.#knex<Class>('classes').where({ id }).first();
    if (!found) throw notFound('class', id);
    return found;
  }

  /** Adds a class; the same id again is harmless. */
  async add({ id, name, students, unit }: NewClass): Promise<Class> {
    await this.#knex('classes').insert({ id, name: name.trim(), students, unit }).onConflict('id').ignore();
    return this.one(id);
  }
}
