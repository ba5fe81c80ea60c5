import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { PictureKept } from '../../contract/pictures';
import { pictureOf, type Entry } from '../../core/run';
import { ProblemError, request } from '../api/request';
import type { RunDoor } from '../api/doors';

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

/** Where the device keeps none: they wait in this page until they are sent. */
const inThisPage = new Map<string, Blob>();

/** Saves a picture here until it has been sent. */
export async function keepHere(hash: string, bytes: Blob): Promise<void> {
  try {
    await onDevice((database) => database.put('pictures', bytes, hash));
  } catch {
    inThisPage.set(hash, bytes);
  }
}

async function onDevice<T>(work: (database: IDBPDatabase<PictureSchema>) => Promise<T>): Promise<T> {
  const database = await waiting();
  try {
    return await work(database);
  } finally {
    database.close();
  }
}

const found = async (hash: string): Promise<Blob | undefined> =>
  inThisPage.get(hash) ??
  (await onDevice((database) => database.get('pictures', hash)).catch(() => undefined));

async function forget(hash: string): Promise<void> {
  inThisPage.delete(hash);
  await onDevice((database) => database.delete('pictures', hash)).catch(() => undefined);
}

/**
 * Sends the pictures these entries name as far as they are still only here; the server has a picture before an entry
 * names it.
 *
 * @throws ProblemError where the server will not have one, about the entries that name it
 */
export async function sendPictures(entries: readonly Entry[], door: Pick<RunDoor, 'picture'>): Promise<void> {
  for (const hash of new Set(entries.flatMap(({ body }) => pictureOf(body) ?? []))) {
    const bytes = await found(hash);
    if (!bytes) continue;
    try {
      await request<PictureKept>(door.picture(hash), { method: 'PUT', bytes });
    } catch (error) {
      throw error instanceof ProblemError ? ofEntries(error, hash, entries) : error;
    }
    await forget(hash);
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
export async function addressOf(hash: string, door: Pick<RunDoor, 'smallPicture'>): Promise<string> {
  const bytes = await found(hash);
  return bytes ? URL.createObjectURL(bytes) : door.smallPicture(hash);
}
