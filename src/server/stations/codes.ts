import type { Knex } from 'knex';
import type { Run } from '../../contract/runs';
import { plainCode, randomCode } from '../teachers/teachers';

/**
 * Letters of a station’s code. Of 30 letters, six make 729 million codes; a school with 40 codes open that takes 100
 * wrong tries in a quarter of an hour (`wrongTries`) lets one guess right once in 45,000 lessons of an hour.
 */
const codeLength = 6;

interface CodeRow {
  code: string;
  run_id: string;
  station: number;
  made_at: number;
}

/**
 * The codes by which tablets come to their stations. They are taken away when the run ends, whatever the clocks say; a
 * teacher may open it to stations again.
 */
export class Codes {
  readonly #knex: Knex;
  readonly #now: () => number;

  constructor(knex: Knex, now: () => number) {
    this.#knex = knex;
    this.#now = now;
  }

  /** The codes of a run, made where there are none; none for a run that has ended and was not opened again. */
  async of(run: Run): Promise<{ station: number; code: string }[]> {
    const known = await this.#known(run);
    if (known.length > 0 || run.status === 'finished') return known;
    return this.renew(run);
  }

  /** Makes new codes; the old ones lead nowhere from here on. Tablets that are in stay in. */
  async renew(run: Run): Promise<{ station: number; code: string }[]> {
    await this.#knex.transaction(async (transaction) => {
      await transaction('station_codes').where({ run_id: run.id }).delete();
      for (const station of run.stations) {
        for (;;) {
          const row: CodeRow = {
            code: randomCode(codeLength),
            run_id: run.id,
            station,
            made_at: this.#now(),
          };
          const taken = await transaction('station_codes')
            .where({ code: row.code })
            .first<object | undefined>();
          if (taken) continue;
          await transaction('station_codes').insert(row);
          break;
        }
      }
    });
    return this.#known(run);
  }

  /** Where a code leads; null where nowhere: they are gone with the end of their run. */
  async find(typed: string): Promise<CodeRow | null> {
    const code = plainCode(typed);
    return (await this.#knex<CodeRow>('station_codes').where({ code }).first()) ?? null;
  }

  async #known(run: Run): Promise<{ station: number; code: string }[]> {
    const rows = await this.#knex<CodeRow>('station_codes').where({ run_id: run.id }).orderBy('station');
    return rows.map(({ station, code }) => ({ station, code }));
  }
}
