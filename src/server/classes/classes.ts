import type { Knex } from 'knex';
import type { Class, ClassNeeds, NewClass } from '../../contract/classes';
import { notFound } from '../problems/problem';

/** Writes a class, in whatever transaction `knex` is; one of the same id stays as it is. */
export async function insertClass(knex: Knex, { id, name, students, unit }: NewClass): Promise<void> {
  await knex('classes').insert({ id, name: name.trim(), students, unit }).onConflict('id').ignore();
}

type ClassRow = NewClass & { needs: string };
const classOfRow = ({ needs, ...row }: ClassRow): Class => ({
  ...row,
  needs: JSON.parse(needs) as ClassNeeds['needs'],
});

/** Teaching groups: a name, a number of seats and the unit they read. */
export class Classes {
  readonly #knex: Knex;

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  async all(): Promise<Class[]> {
    return (await this.#knex<ClassRow>('classes').orderBy('name')).map(classOfRow);
  }

  async one(id: string): Promise<Class> {
    const found = await this.#knex<ClassRow>('classes').where({ id }).first();
    if (!found) throw notFound('class', id);
    return classOfRow(found);
  }

  /** A class as it may leave the program: without what it declared. */
  async forFile(id: string): Promise<NewClass> {
    const { name, students, unit } = await this.one(id);
    return { id, name, students, unit };
  }

  /** Sets what some of a class must not have. */
  async setNeeds(id: string, { needs }: ClassNeeds): Promise<Class> {
    await this.#knex('classes')
      .where({ id })
      .update({ needs: JSON.stringify(needs) });
    return this.one(id);
  }

  /** Adds a class; the same id again is harmless. */
  async add(group: NewClass): Promise<Class> {
    await insertClass(this.#knex, group);
    return this.one(group.id);
  }
}
