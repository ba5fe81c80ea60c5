import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { TestServer } from '../e2e/server';
import type { Entry } from '../src/core/run';
import { reading } from './school';

/** Puts readings of a second each at every station into a run that has begun, straight into the database; the program is down meanwhile. */
export async function fillRun(
  server: TestServer,
  run: string,
  stations: number,
  seconds: number,
): Promise<void> {
  await server.down();
  const database = new Database(join(server.data, 'tawny.sqlite'));
  const insert = database.prepare(
    `INSERT INTO log (id, run_id, station, kind, at, "offset", arrived_at, body, author)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, 'teacher:open')`,
  );
  const { started_at: start } = database.prepare('SELECT started_at FROM runs WHERE id = ?').get(run) as {
    started_at: number;
  };
  const begin = start - seconds * 1000;
  const put = ({ id, station, at, offset, body }: Entry) =>
    insert.run(id, run, station, body.kind, at, offset, at, JSON.stringify(body));
  database.transaction(() => {
    for (let second = 0; second < seconds; second += 1)
      for (let station = 1; station <= stations; station += 1) put(reading(station, begin + second * 1000));
    // It began when its first reading was taken.
    database.prepare('UPDATE runs SET started_at = ? WHERE id = ?').run(begin, run);
  })();
  database.close();
  await server.up();
}
