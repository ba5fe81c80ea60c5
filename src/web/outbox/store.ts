import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { LoggedEntry } from '../../contract/entries';
import type { RunNow } from '../../contract/runs';
import type { Entry } from '../../core/run';

/** An entry written on this device. */
export interface WrittenEntry {
  id: string;
  runId: string;
  /** Which page of the run wrote it; entries of older versions of the program do not say. */
  door?: string;
  entry: Entry;
  /** Why the server would not have it; null where it did not refuse. */
  refused: string | null;
  /** The server has it. It stays here a while: a server put back to an older day asks for it again. */
  sent?: boolean;
}

/** A run as it was last seen here, and when by this device’s clock. */
export interface KeptRun {
  now: RunNow;
  seenAt: number;
}

interface OutboxSchema extends DBSchema {
  entries: { key: string; value: WrittenEntry; indexes: { 'by-run': string } };
  runs: { key: string; value: KeptRun };
  seen: { key: [string, number]; value: LoggedEntry };
}

/** Where a device keeps what it wrote and saw: IndexedDB in the browser, a map in tests. */
export interface OutboxStore {
  all(runId: string): Promise<WrittenEntry[]>;
  put(written: readonly WrittenEntry[]): Promise<void>;
  remove(ids: readonly string[]): Promise<void>;
  /** What a page had seen, so that it opens without the network. */
  seen(door: string): Promise<{ run: KeptRun | null; entries: LoggedEntry[] }>;
  keepRun(door: string, run: KeptRun): Promise<void>;
  keepSeen(door: string, entries: readonly LoggedEntry[]): Promise<void>;
  forgetSeen(door: string): Promise<void>;
}

let database: Promise<IDBPDatabase<OutboxSchema>> | null = null;

/** Opened once; asked for again where it could not be, or was closed under us. */
function opened(): Promise<IDBPDatabase<OutboxSchema>> {
  database ??= openDB<OutboxSchema>('tawny-outbox', 2, {
    upgrade(db, from) {
      if (from < 1) db.createObjectStore('entries', { keyPath: 'id' }).createIndex('by-run', 'runId');
      db.createObjectStore('runs');
      db.createObjectStore('seen');
    },
    // An older or newer page of the program holds it: it must not hold us up.
    blocking: (_current, _blocked, event) => {
      database = null;
      (event.target as IDBDatabase).close();
    },
    terminated: () => (database = null),
  }).catch((reason: unknown) => {
    database = null;
    throw reason;
  });
  return database;
}

const seenOf = (door: string) => IDBKeyRange.bound([door, 0], [door, Number.MAX_SAFE_INTEGER]);

/** The store in this browser. It survives reloads, closed tabs and a flat battery. */
export function indexedDbStore(): OutboxStore {
  return {
    async all(runId) {
      return (await opened()).getAllFromIndex('entries', 'by-run', runId);
    },
    async put(written) {
      const transaction = (await opened()).transaction('entries', 'readwrite', { durability: 'strict' });
      await Promise.all([...written.map((one) => transaction.store.put(one)), transaction.done]);
    },
    async remove(ids) {
      const transaction = (await opened()).transaction('entries', 'readwrite');
      await Promise.all([...ids.map((id) => transaction.store.delete(id)), transaction.done]);
    },
    async seen(door) {
      const db = await opened();
      const [run, entries] = await Promise.all([db.get('runs', door), db.getAll('seen', seenOf(door))]);
      return { run: run ?? null, entries };
    },
    async keepRun(door, run) {
      await (await opened()).put('runs', run, door);
    },
    async keepSeen(door, entries) {
      const transaction = (await opened()).transaction('seen', 'readwrite');
      await Promise.all([
        ...entries.map((one) => transaction.store.put(one, [door, one.seq])),
        transaction.done,
      ]);
    },
    async forgetSeen(door) {
      await (await opened()).delete('seen', seenOf(door));
    },
  };
}
