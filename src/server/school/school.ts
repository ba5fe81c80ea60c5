import type { Knex } from 'knex';
import { usualRiskScale } from '../../core/practical';
import type { School } from '../../contract/school';

const scaleKey = 'risk-scale';
const scaleIn = (kept: string | undefined) =>
  kept === undefined ? [...usualRiskScale] : (JSON.parse(kept) as string[]);

/** Name of the school and its teacher; what the demo sets, or what is there before anyone has said. */
export class SchoolSettings {
  readonly #knex: Knex;
  readonly #version: string;

  constructor(knex: Knex, version: string) {
    this.#knex = knex;
    this.#version = version;
  }

  async get(): Promise<School> {
    const rows = await this.#knex('school').select<{ key: string; value: string }[]>('key', 'value');
    const values = new Map(rows.map((row) => [row.key, row.value]));
    return {
      name: values.get('name') ?? 'My school',
      teacher: values.get('teacher') ?? '',
      demo: values.get('demo') === 'yes',
      version: this.#version,
      riskScale: scaleIn(values.get(scaleKey)),
    };
  }

  /** Sets the words for the risk that remains, for every plan that has none of its own. */
  async setRiskScale(words: readonly string[]): Promise<School> {
    await setSchool(this.#knex, { [scaleKey]: JSON.stringify(words) });
    return this.get();
  }
}

/** Sets what is known of the school, in the transaction `knex` is. */
export async function setSchool(knex: Knex, values: Record<string, string>): Promise<void> {
  for (const [key, value] of Object.entries(values)) {
    await knex('school').insert({ key, value }).onConflict('key').merge();
  }
}
