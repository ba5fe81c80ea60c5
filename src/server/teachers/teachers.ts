import { randomInt, timingSafeEqual } from 'node:crypto';
import type { Knex } from 'knex';
import type { NewTeacher, Teacher } from '../../contract/who';
import { notFound, Problem, refusedField } from '../problems/problem';
import { tokenHash } from '../actors/tokens';
import { checkStrength, hashOf, isPassphrase } from './passphrase';
import { endSessionsOf } from './sessions';

interface TeacherRow {
  id: string;
  name: string;
  name_key: string;
  passphrase: string;
  admin: 0 | 1;
  created_at: number;
  closed_at: number | null;
}

/** Two names that are read alike are the same name. */
export const keyOf = (name: string) => name.normalize('NFKC').trim().replace(/\s+/g, ' ').toLowerCase();

/** Letters of codes: no two of them are easily taken for each other. */
const codeLetters = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';

export const randomCode = (letters: number): string =>
  Array.from({ length: letters }, () => codeLetters[randomInt(codeLetters.length)]).join('');

/** A code as it was meant, however it was typed. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '');

const alreadySetUp = () =>
  new Problem(
    409,
    'Already set up',
    'This school has a teacher already. Sign in, or ask whoever administers.',
  );

/** The teachers of the school: who they are and how they show it. */
export class Teachers {
  readonly #knex: Knex;
  readonly #now: () => number;
  readonly #changed: () => Promise<void>;
  /** Printed where the program was started; whoever reads it there may be the first teacher. */
  readonly firstCode = randomCode(8);
  #any = false;

  /** @param changed is told when somebody may come who could not before, or no longer */
  constructor(knex: Knex, now: () => number, changed: () => Promise<void>) {
    this.#knex = knex;
    this.#now = now;
    this.#changed = changed;
  }

  /** Whether there is a teacher at all; once there is, there always is. */
  async any(): Promise<boolean> {
    this.#any ||= (await this.#knex('teachers').first<{ id: string } | undefined>('id')) !== undefined;
    return this.#any;
  }

  async one(id: string): Promise<Pick<Teacher, 'id' | 'name' | 'admin'> | null> {
    const row = await this.#open().where({ id }).first();
    return row ? { id: row.id, name: row.name, admin: row.admin === 1 } : null;
  }

  /** Names by id, also of those who have left: what they wrote stays theirs. */
  async names(): Promise<Map<string, string>> {
    const rows = await this.#knex<TeacherRow>('teachers').select('id', 'name');
    return new Map(rows.map(({ id, name }) => [id, name]));
  }

  async all(): Promise<Teacher[]> {
    const rows = await this.#open().orderBy('name');
    const seen: { teacher_id: string; at: number }[] = await this.#knex('sessions')
      .select('teacher_id')
      .max('created_at as at')
      .groupBy('teacher_id');
    const last = new Map(seen.map((one) => [one.teacher_id, one.at]));
    return rows.map(({ id, name, admin }) => ({
      id,
      name,
      admin: admin === 1,
      lastSeen: last.get(id) ?? null,
    }));
  }

  /** @throws Problem 409 where there is one already; null where the code is wrong */
  async addFirst(id: string, code: string, name: string, passphrase: string): Promise<string | null> {
    if (await this.any()) {
      throw alreadySetUp();
    }
    const [given, right] = [plainCode(code), this.firstCode].map((one) => Buffer.from(tokenHash(one), 'hex'));
    if (!timingSafeEqual(given!, right!)) return null;
    const row = await this.#rowOf({ id, name, passphrase, admin: true });
    // Asked and written in one: of several at once, one is the first.
    const isFirst = await this.#knex.transaction(async (transaction) => {
      if (await transaction('teachers').first<object | undefined>('id')) return false;
      await transaction('teachers').insert(row);
      return true;
    });
    this.#any = true;
    if (!isFirst) throw alreadySetUp();
    await this.#changed();
    return id;
  }

  async #rowOf({ id, name, passphrase, admin }: NewTeacher): Promise<TeacherRow> {
    if (keyOf(name) === '') throw refusedField('/name', name, 'a name with letters in it');
    checkStrength(passphrase, name);
    return {
      id,
      name: name.trim(),
      name_key: keyOf(name),
      passphrase: await hashOf(passphrase),
      admin: admin ? 1 : 0,
      created_at: this.#now(),
      closed_at: null,
    };
  }

  /** Adds a teacher. The same id again is harmless. */
  async add(teacher: NewTeacher): Promise<void> {
    if (await this.one(teacher.id)) return;
    const row = await this.#rowOf(teacher);
    await this.#knex('teachers').insert(row).onConflict().ignore();
    if (!(await this.one(teacher.id))) {
      throw refusedField('/name', teacher.name, 'a name that no other teacher of this school has');
    }
    this.#any = true;
    await this.#changed();
  }

  /** Who has this name and passphrase; null where nobody has both. */
  async find(name: string, passphrase: string): Promise<string | null> {
    const row = await this.#open()
      .where({ name_key: keyOf(name) })
      .first();
    return (await isPassphrase(row?.passphrase ?? null, passphrase)) ? row!.id : null;
  }

  /**
   * Sets a passphrase and ends the teacher’s sessions, all or nothing.
   *
   * @param but the session that goes on
   */
  async setPassphrase(id: string, passphrase: string, but: string | null = null): Promise<void> {
    const teacher = await this.one(id);
    if (!teacher) throw notFound('teacher', id);
    checkStrength(passphrase, teacher.name);
    const hash = await hashOf(passphrase);
    await this.#knex.transaction(async (transaction) => {
      await transaction('teachers').where({ id }).update({ passphrase: hash });
      await endSessionsOf(transaction, id, but);
    });
    await this.#changed();
  }

  /** Lets a teacher in no longer and ends their sessions. What they wrote stays, with their name. */
  async close(id: string): Promise<void> {
    const teacher = await this.one(id);
    if (!teacher) throw notFound('teacher', id);
    await this.#knex.transaction(async (transaction) => {
      const admins = await transaction('teachers').where({ admin: 1, closed_at: null }).pluck<string[]>('id');
      if (admins.length === 1 && admins[0] === id) {
        throw new Problem(
          409,
          'The last who administers',
          'Someone must administer. Let another teacher do it first.',
        );
      }
      await transaction('teachers')
        .where({ id })
        // The name is free again for someone else.
        .update({ closed_at: this.#now(), name_key: `closed ${id}` });
      await endSessionsOf(transaction, id);
    });
    await this.#changed();
  }

  #open() {
    return this.#knex<TeacherRow>('teachers').whereNull('closed_at');
  }
}
