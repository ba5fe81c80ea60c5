import type { Knex } from 'knex';
import * as firstLight from './001-first-light';
import * as secondShape from './002-second-shape';
import * as who from './003-who';
import * as arriving from './004-arriving';
import * as library from './005-library';
import * as room from './006-room';
import * as prep from './007-prep';
import * as tickReadings from './008-tick-readings';
import * as laidLessons from './009-laid-lessons';
import * as behindTheDoor from './010-behind-the-door';

export interface Migration {
  name: string;
  up: (knex: Knex) => Promise<void>;
}

/** Forward only, in order. A new one is a new line. */
export const migrations: readonly Migration[] = [
  { name: '001-first-light', up: firstLight.up },
  { name: '002-second-shape', up: secondShape.up },
  { name: '003-who', up: who.up },
  { name: '004-arriving', up: arriving.up },
  { name: '005-library', up: library.up },
  { name: '006-room', up: room.up },
  { name: '007-prep', up: prep.up },
  { name: '008-tick-readings', up: tickReadings.up },
  { name: '009-laid-lessons', up: laidLessons.up },
  { name: '010-behind-the-door', up: behindTheDoor.up },
];
