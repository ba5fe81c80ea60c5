import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Knex } from 'knex';
import type { CalendarAddress } from '../../contract/days';
import { routes } from '../../contract/routes';
import { calendarKey, setSchool } from '../school/school';

const digestOf = (token: string) => createHash('sha256').update(token).digest();

/** The one address at which a calendar may read the lessons without signing in. What it is made of is kept nowhere. */
export class SharedCalendar {
  readonly #knex: Knex;

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  /** A new address; one made before opens nothing any more. */
  async open(): Promise<CalendarAddress> {
    const token = randomBytes(24).toString('base64url');
    await setSchool(this.#knex, { [calendarKey]: digestOf(token).toString('hex') });
    return { path: routes.calendarShared(token) };
  }

  async close(): Promise<void> {
    await setSchool(this.#knex, { [calendarKey]: '' });
  }

  async isOpenTo(token: string): Promise<boolean> {
    const row = await this.#knex('school')
      .where({ key: calendarKey })
      .first<{ value: string } | undefined>('value');
    if (!row?.value) return false;
    return timingSafeEqual(digestOf(token), Buffer.from(row.value, 'hex'));
  }
}
