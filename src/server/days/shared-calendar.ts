import type { Knex } from 'knex';
import type { CalendarAddress } from '../../contract/days';
import { routes } from '../../contract/routes';
import { newToken, tokenHash } from '../actors/tokens';
import { calendarKey, setSchool } from '../school/school';

/** The one address at which a calendar may read the lessons without signing in. What it is made of is kept nowhere. */
export class SharedCalendar {
  readonly #knex: Knex;

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  /** A new address; one made before opens nothing any more. */
  async open(): Promise<CalendarAddress> {
    const token = newToken();
    await setSchool(this.#knex, { [calendarKey]: tokenHash(token) });
    return { path: routes.calendarShared(token) };
  }

  async close(): Promise<void> {
    await setSchool(this.#knex, { [calendarKey]: '' });
  }

  async isOpenTo(token: string): Promise<boolean> {
    const kept = await this.#knex('school')
      .where({ key: calendarKey, value: tokenHash(token) })
      .first<object>();
    return kept !== undefined;
  }
}
