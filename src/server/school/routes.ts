import type { Knex } from 'knex';
import { routes } from '../../contract/routes';
import { RiskScale, SchoolWaysEdit, type BackupState } from '../../contract/school';
import type { Gate } from '../actors/gate';
import type { Pictures } from '../pictures/pictures';
import type { SchoolSettings } from './school';

export interface SchoolParts {
  knex: Knex;
  school: SchoolSettings;
  pictures: Pictures;
  /** How the copies of the database go; null where none are made. */
  backups(): BackupState | null;
  lookAhead(): void;
}

/** The school itself, and how the program is doing. */
export function schoolRoutes(gate: Gate, { knex, school, pictures, backups, lookAhead }: SchoolParts): void {
  gate.route(
    {
      method: 'get',
      path: routes.school,
      may: 'teacher',
      says: 'Name of the school and version of the program',
    },
    () => school.get(),
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.riskScale, may: 'teacher', body: RiskScale },
      says: 'Sets the school’s words for the risk that remains',
    },
    ({ body }) => school.setRiskScale(body.words),
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.schoolWays, may: 'teacher', body: SchoolWaysEdit },
      says: 'Sets the school’s hours, bells and lists from the version they were read at',
    },
    async ({ body }) => {
      const told = await school.setWays(body);
      lookAhead();
      return told;
    },
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.backups, may: 'teacher' },
      says: 'How the copies of the database go, and how much room the disk has',
    },
    async () => ({
      ...(backups() ?? { lastAt: null, failed: null }),
      ...(await pictures.room()),
    }),
  );
  gate.route(
    { method: 'get', path: '/healthz', may: 'anyone', says: 'Whether the server and its database answer' },
    async () => {
      await knex.raw('SELECT 1');
      return { ok: true };
    },
  );
}
