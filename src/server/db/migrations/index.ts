import type { Knex } from 'knex';
import * as firstLight from './001-first-light';
import * as secondShape from './002-second-shape';

export interface Migration {
  name: string;
  up: (knex: Knex) => Promise<void>;
}

/** Forward only, in order. A new one is a new line. */
export const migrations: readonly Migration[] = [
  { name: '001-first-light', up: firstLight.up },
  { name: '002-second-shape', up: secondShape.up },
];
