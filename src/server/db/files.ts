import { existsSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';

export const databaseFile = (dataFolder: string) => join(dataFolder, 'tawny.sqlite');

/** What is to take the place of the database; once it has this name the restore is decided. */
export const decidedFile = (dataFolder: string) => `${databaseFile(dataFolder)}.restoring`;

/**
 * Finishes a restore that was decided: what was there before is kept elsewhere by then. Done at every start, so that one
 * that was killed half-way is whole. The WAL goes first: played into another database it would destroy it.
 */
export function finishRestore(dataFolder: string): void {
  const decided = decidedFile(dataFolder);
  if (!existsSync(decided)) return;
  const file = databaseFile(dataFolder);
  for (const rest of ['-wal', '-shm']) rmSync(file + rest, { force: true });
  renameSync(decided, file);
}
