import type { Knex } from 'knex';
import { Classes } from '../classes/classes';
import { Log } from '../log/log';
import { Pictures } from '../pictures/pictures';
import { PantryShelf } from '../pantry/pantry';
import { Rooms } from '../rooms/rooms';
import { Runs } from '../runs/runs';
import { Authors } from '../teachers/authors';
import { Teachers } from '../teachers/teachers';
import { RunFiles } from './run-files';

/** Files of runs on a database of which nothing else of the program is needed. */
export function runFilesOn(knex: Knex, dataFolder: string): RunFiles {
  const now = Date.now;
  const rooms = new Rooms(knex);
  const classes = new Classes(knex);
  return new RunFiles(knex, {
    ...{ rooms, classes, runs: new Runs(knex, rooms, classes, new PantryShelf(knex, now), now) },
    log: new Log(knex, new Authors(new Teachers(knex, now, () => Promise.resolve())), '', now),
    pictures: new Pictures(knex, dataFolder, now),
  });
}
