import { openDB, type DBSchema } from 'idb';
import type { PictureKept } from '../../contract/pictures';
import { routes } from '../../contract/routes';
import { pictureOf, type Entry } from '../../core/run';
import { ProblemError, request } from '../api/request';

interface PictureSchema extends DBSchema {
  pictures: { key: string; value: Blob };
}

/** Pictures on this device that the server does not have yet, by their hash. */
const waiting = () =>
  openDB<PictureSchema>('tawny-pictures', 1, {
    upgrade(db) {
      db.createObjectStore('pictures');
    },
  });

/** Saves a picture here until it has been sent. */
export async function keepHere(hash: string, bytes: Blob): Promise<void> {
  const database = await waiting();
  await database.put('pictures', bytes, hash);
  database.close();
}

/**
 * Sends the pictures these entries name as far as they are still only here; the server has a picture before an entry
 * names it.
 *
 * @throws ProblemError where the server will not have one, about the entries that name it
 */
export async function sendPictures(entries: readonly Entry[]): Promise<void> {
  const database = await waiting();
  try {
    for (const hash of new Set(entries.flatMap(({ body }) => pictureOf(body) ?? []))) {
      const bytes = await database.get('pictures', hash);
      if (!bytes) continue;
      try {
        await request<PictureKept>(routes.picture(hash), { method: 'PUT', bytes });
      } catch (error) {
        throw error instanceof ProblemError ? ofEntries(error, hash, entries) : error;
      }
      await database.delete('pictures', hash);
    }
  } finally {
    database.close();
  }
}

/** The server’s word about a picture, as its word about the entries with it: the others go on. */
function ofEntries({ problem, fields }: ProblemError, hash: string, entries: readonly Entry[]) {
  const said = fields[0] ?? { field: 'picture', value: hash, allowed: problem.detail };
  const errors = entries.flatMap(({ body }, i) =>
    pictureOf(body) === hash ? [{ ...said, pointer: `/entries/${i}/body/picture` }] : [],
  );
  return new ProblemError({ ...problem, errors });
}

/** Where a picture can be seen: from here while it waits, else from the server. */
export async function addressOf(hash: string): Promise<string> {
  const database = await waiting();
  const bytes = await database.get('pictures', hash);
  database.close();
  return bytes ? URL.createObjectURL(bytes) : routes.smallPicture(hash);
}
