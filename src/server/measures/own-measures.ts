import type { Knex } from 'knex';
import type { OwnMeasures } from '../../contract/measures';
import { responseShape, type Response } from '../../core/practical';
import { filled } from '../../core/shape';
import { Problem } from '../problems/problem';

const key = 'measures';
/** Most measures of a school’s own. */
const most = 200;

const nameOf = (measure: Pick<Response, 'name'>) => measure.name.trim().toLowerCase();

/** Measures a school keeps beside those of the program, each name once. */
export class OwnMeasureShelf {
  readonly #knex: Knex;
  readonly #now: () => number;

  constructor(knex: Knex, now: () => number) {
    this.#knex = knex;
    this.#now = now;
  }

  all(): Promise<OwnMeasures> {
    return read(this.#knex);
  }

  /** Keeps a measure; one of the same name is replaced by it. */
  keep(measure: Response): Promise<OwnMeasures> {
    const named = { ...measure, name: measure.name.trim() };
    return this.#change((kept) => [...kept.filter((one) => nameOf(one) !== nameOf(measure)), named]);
  }

  /** Takes one away; where there is none, nothing changes. */
  remove(id: string): Promise<OwnMeasures> {
    return this.#change((kept) => kept.filter((one) => one.id !== id));
  }

  #change(change: (kept: OwnMeasures) => OwnMeasures): Promise<OwnMeasures> {
    return this.#knex.transaction(async (transaction) => {
      const next = change(await read(transaction));
      if (next.length > most)
        throw new Problem(
          409,
          'No room',
          `A school keeps at most ${most} measures of its own. Nothing was changed.`,
        );
      next.sort((a, b) => a.name.localeCompare(b.name));
      const row = { key, value: JSON.stringify(next), changed_at: this.#now() };
      await transaction('settings').insert(row).onConflict('key').merge();
      return next;
    });
  }
}

async function read(knex: Knex): Promise<OwnMeasures> {
  const row = await knex('settings').where({ key }).first<{ value: string } | undefined>();
  if (!row) return [];
  return (JSON.parse(row.value) as unknown[]).map((one) => filled(responseShape, one));
}
