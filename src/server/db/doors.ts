import { createHash } from 'node:crypto';
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';

/** In place of the hash of a passphrase: nobody has it. */
export const nobodysPassphrase = '!';

interface TeacherDoor {
  id: string;
  passphrase: string;
  closed_at: number | null;
}

/** What is remembered of each teacher: which passphrase, not what it is, and whether they may come. */
type Doors = Record<string, { passphrase: string; closed: boolean }>;

const doorsFile = (dataFolder: string) => join(dataFolder, 'doors.json');

const markOf = (passphrase: string) => createHash('sha256').update(passphrase).digest('base64url');

function read(dataFolder: string): Doors {
  const file = doorsFile(dataFolder);
  if (!existsSync(file)) return {};
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Doors;
  } catch {
    return {};
  }
}

/**
 * Notes beside the database who may come in and by which passphrase: an old copy that is put back brings old doors with it.
 * A passphrase that nobody has leaves what was noted before.
 */
export function noteDoors(dataFolder: string, teachers: readonly TeacherDoor[]): void {
  const doors = read(dataFolder);
  for (const { id, passphrase, closed_at: closedAt } of teachers) {
    const before = doors[id]?.passphrase ?? '';
    doors[id] = {
      passphrase: passphrase === nobodysPassphrase ? before : markOf(passphrase),
      closed: closedAt !== null,
    };
  }
  const aside = `${doorsFile(dataFolder)}.part`;
  writeFileSync(aside, JSON.stringify(doors), { flush: true, mode: 0o600 });
  renameSync(aside, doorsFile(dataFolder));
}

const doorsIn = (knex: Knex) => knex('teachers').select<(TeacherDoor & { name: string })[]>();

/** Notes what stands in the database now. */
export async function noteDoorsOf(knex: Knex, dataFolder: string): Promise<void> {
  noteDoors(dataFolder, await doorsIn(knex));
}

/**
 * Shuts what a database that was put back would open again: sessions, tablets and codes end, teachers who were closed stay
 * closed, and a passphrase that was changed since is nobody’s.
 *
 * @returns the names of those who need a new passphrase from the console
 */
export async function shutDoors(knex: Knex, dataFolder: string, now: number): Promise<string[]> {
  const doors = read(dataFolder);
  return knex.transaction(async (transaction) => {
    await transaction('sessions').delete();
    await transaction('station_codes').delete();
    await transaction('passes').where({ closed_at: null }).update({ closed_at: now });
    const locked: string[] = [];
    for (const { id, name, passphrase, closed_at: closedAt } of await doorsIn(transaction)) {
      const noted = doors[id];
      if (!noted || closedAt !== null) continue;
      if (noted.closed) {
        await transaction('teachers')
          .where({ id })
          .update({ closed_at: now, name_key: `closed ${id}` });
      } else if (noted.passphrase !== markOf(passphrase)) {
        await transaction('teachers').where({ id }).update({ passphrase: nobodysPassphrase });
        locked.push(name);
      }
    }
    return locked;
  });
}
