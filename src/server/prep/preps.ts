import type { Knex } from 'knex';
import type { PrepEdit, RunPrep } from '../../contract/prep';
import { prepWaysShape, usualPrepWays } from '../../core/order';
import { filled } from '../../core/shape';
import { Problem } from '../problems/problem';

interface PrepRow {
  run_id: string;
  version: number;
  ways: string;
}

const prepOf = (row: PrepRow | undefined): RunPrep =>
  row
    ? { ways: filled(prepWaysShape, JSON.parse(row.ways)), version: row.version }
    : { ways: usualPrepWays, version: 0 };

/** How runs are prepared: spares, a demonstration, what is lost, letters in place of levels. */
export class Preps {
  readonly #knex: Knex;
  /** As they were last read or changed. */
  readonly #known = new Map<string, RunPrep>();

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  async of(runId: string): Promise<RunPrep> {
    const prep = prepOf(await this.#knex('run_prep').where({ run_id: runId }).first<PrepRow | undefined>());
    this.#known.set(runId, prep);
    return prep;
  }

  /** The same for whoever cannot wait, of a run that was asked about before. */
  known(runId: string): RunPrep {
    return this.#known.get(runId) ?? prepOf(undefined);
  }

  /** Of several runs at once, by id. */
  async ofAll(runIds: readonly string[]): Promise<(runId: string) => RunPrep> {
    const rows = await this.#knex('run_prep').whereIn('run_id', runIds).select<PrepRow[]>();
    const known = new Map(rows.map((row) => [row.run_id, row]));
    return (runId) => prepOf(known.get(runId));
  }

  /** Changes how a run is prepared, where nobody has in the meantime. */
  async change(runId: string, { version, ways }: PrepEdit): Promise<RunPrep> {
    await this.#knex.transaction(async (knex) => {
      const now = prepOf(await knex('run_prep').where({ run_id: runId }).first<PrepRow | undefined>());
      if (now.version !== version) {
        throw new Problem(
          409,
          'Changed in the meantime',
          'How this run is prepared was changed somewhere else after you opened it.',
          { current: now },
        );
      }
      await knex('run_prep')
        .insert({ run_id: runId, version: version + 1, ways: JSON.stringify(ways) })
        .onConflict('run_id')
        .merge();
    });
    return this.of(runId);
  }
}
