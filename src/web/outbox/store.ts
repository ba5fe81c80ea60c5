import { openDB, type DBSchema } from 'idb';
import type { Entry } from '../../core/run';

/** An entry that waits on this device for the server. */
export interface WaitingEntry {
  id: string;
  runId: string;
  entry: Entry;
  /** Why the server would not have it; null while it is still to be sent. */
  refused: string | null;
}

interface OutboxSchema extends DBSchema {
  entries: { key: string; value: WaitingEntry; indexes: { 'by-run': string } };
}

/** Where waiting entries are kept: IndexedDB in the browser, a map in tests. */
export interface OutboxStore {
  all(runId: string): Promise<WaitingEntry[]>;
  put(waiting: readonly WaitingEntry[]): Promise<void>;
  remove(ids: readonly string[]): Promise<void>;
}

/** The store in this browser. It survives reloads, closed tabs and a flat battery. */
export function indexedDbStore(): OutboxStore {
  const database = openDB<OutboxSchema>('tawny-outbox', 1, {
    upgrade(db) {
      db.createObjectStore('entries', { keyPath: 'id' }).createIndex('by-run', 'runId');
    },
  });
  return {
    async all(runId) {
      return (await database).getAllFromIndex('entries', 'by-run', runId);
    },
    async put(waiting) {
      const transaction = (await database).transaction('entries', 'readwrite', { durability: 'strict' });
      await Promise.all([...waiting.map((one) => transaction.store.put(one)), transaction.done]);
    },
    async remove(ids) {
      const transaction = (await database).transaction('entries', 'readwrite');
      await Promise.all([...ids.map((id) => transaction.store.delete(id)), transaction.done]);
    },
  };
}
