import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import type { Knex } from 'knex';
import type { LessonAsked, LessonLaid } from './lay-lesson';

/** So many are kept, the latest. */
const mostKept = 200;

/** Tells a built program from every other, by all of its files; what was not built is never the same twice. */
export function programIn(thread: URL | null): string {
  const hash = createHash('sha256');
  const folder = thread && new URL('.', thread);
  const files = folder ? readdirSync(folder).filter((name) => name.endsWith('.js')) : [];
  if (files.length === 0) return `${process.pid} ${Date.now()}`;
  for (const name of files.sort()) hash.update(name).update(readFileSync(new URL(name, folder!)));
  return hash.digest('base64url');
}

interface LaidRow {
  asked: string;
  laid: string;
  at: number;
}

/**
 * Lessons as they were laid out, kept over restarts. One is found by all that was asked and by the program that laid it
 * out, so nothing in here is ever out of date; what is lost is worked out again.
 */
export class LaidLessons {
  readonly #knex: Knex;
  readonly #program: string;
  readonly #now: () => number;

  /** @param program tells one version of what lays lessons out from every other */
  constructor(knex: Knex, program: string, now: () => number = Date.now) {
    this.#knex = knex;
    this.#program = program;
    this.#now = now;
  }

  async find(asked: LessonAsked): Promise<LessonLaid | null> {
    const row = await this.#knex<LaidRow>('laid_lessons')
      .where({ asked: this.#keyOf(asked) })
      .first();
    return row ? (JSON.parse(row.laid) as LessonLaid) : null;
  }

  /** Keeps one. A database that cannot be written to loses nothing by it. */
  async keep(asked: LessonAsked, laid: LessonLaid): Promise<void> {
    const row = { asked: this.#keyOf(asked), laid: JSON.stringify(laid), at: this.#now() };
    try {
      await this.#knex<LaidRow>('laid_lessons').insert(row).onConflict('asked').merge();
      const latest = this.#knex<LaidRow>('laid_lessons')
        .select('asked')
        .orderBy('at', 'desc')
        .limit(mostKept);
      await this.#knex<LaidRow>('laid_lessons').whereNotIn('asked', latest).delete();
    } catch {
      // It is known in memory for as long as the program runs.
    }
  }

  #keyOf(asked: LessonAsked): string {
    return createHash('sha256')
      .update(JSON.stringify([this.#program, asked]))
      .digest('base64url');
  }
}
