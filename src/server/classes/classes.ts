import type { Knex } from 'knex';
import type { Class, NewClass } from '../../contract/classes';
import { notFound } from '../problems/problem';

/** Writes a class, in whatever transaction `knex` is; one of the same id stays as it is. */
export async function insertClass(knex: Knex, { id, name, students, unit }: NewClass): Promise<void> {
  await knex('classes').insert({ id, name: name.trim(), students, unit }).onConflict('id').ignore();
}

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
  async add(group: NewClass): Promise<Class> {
    await insertClass(this.#knex, group);
    return this.one(group.id);
  }
}
