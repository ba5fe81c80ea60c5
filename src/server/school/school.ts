import type { Knex } from 'knex';
import { usualWays, type SchoolWays } from '../../core/days';
import { usualRiskScale } from '../../core/practical';
import type { Budget, BudgetWanted, School, SchoolWaysEdit } from '../../contract/school';
import { Problem } from '../problems/problem';

const scaleKey = 'risk-scale';
const waysKey = 'ways';
const budgetsKey = 'budgets';
export const calendarKey = 'calendar';
const scaleIn = (kept: string | undefined) =>
  kept === undefined ? [...usualRiskScale] : (JSON.parse(kept) as string[]);

const waysIn = (kept: string | undefined): { ways: SchoolWays; waysVersion: number } =>
  kept === undefined
    ? { ways: usualWays, waysVersion: 0 }
    : (JSON.parse(kept) as { ways: SchoolWays; waysVersion: number });

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
      ...waysIn(values.get(waysKey)),
      calendarShared: (values.get(calendarKey) ?? '') !== '',
      budgets: budgetsIn(values.get(budgetsKey)),
    };
  }

  /** Changes how the school works, where nobody has in the meantime. */
  async setWays({ version, ways }: SchoolWaysEdit): Promise<School> {
    await this.#knex.transaction(async (knex) => {
      const row = await knex('school').where({ key: waysKey }).first<{ value: string } | undefined>('value');
      const now = waysIn(row?.value);
      if (now.waysVersion !== version) {
        throw new Problem(
          409,
          'Changed in the meantime',
          'How the school works was changed somewhere else after you opened it.',
          { current: now },
        );
      }
      await setSchool(knex, { [waysKey]: JSON.stringify({ ways, waysVersion: version + 1 }) });
    });
    return this.get();
  }

  /** Sets what a class may cost in a term, in place of what was set for any day of it. */
  async setBudget({ amount, ...term }: BudgetWanted): Promise<School> {
    await this.#knex.transaction(async (knex) => {
      const row = await knex('school')
        .where({ key: budgetsKey })
        .first<{ value: string } | undefined>('value');
      const others = budgetsIn(row?.value).filter(
        ({ className, from, to }) => className !== term.className || to <= term.from || term.to <= from,
      );
      const now = amount === null ? others : [...others, { ...term, amount }];
      await setSchool(knex, { [budgetsKey]: JSON.stringify(now) });
    });
    return this.get();
  }

  /** Sets the words for the risk that remains, for every plan that has none of its own. */
  async setRiskScale(words: readonly string[]): Promise<School> {
    await setSchool(this.#knex, { [scaleKey]: JSON.stringify(words) });
    return this.get();
  }
}

const budgetsIn = (value = '[]') => JSON.parse(value) as Budget[];

/** Sets what is known of the school, in the transaction `knex` is. */
export async function setSchool(knex: Knex, values: Record<string, string>): Promise<void> {
  for (const [key, value] of Object.entries(values)) {
    await knex('school').insert({ key, value }).onConflict('key').merge();
  }
}
