import { existsSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Room kept for the day the disk is full, bytes: a start needs a few pages beside the database before it can read it. */
const ballastBytes = 4_000_000;
/** It is laid down only where there is plenty, bytes. */
const plentyBytes = 100_000_000;

const ballastFile = (dataFolder: string) => join(dataFolder, 'ballast');

/** Lays room aside, where there is plenty; one that is there stays. */
export function keepBallast(dataFolder: string): void {
  const file = ballastFile(dataFolder);
  const { bavail, bsize } = statfsSync(dataFolder);
  if (existsSync(file) || bavail * bsize < plentyBytes) return;
  try {
    writeFileSync(file, Buffer.alloc(ballastBytes, 'ballast '), { flush: true });
  } catch {
    rmSync(file, { force: true });
  }
}

/** Whether something could not be begun for want of room; SQLite says so of its own files in many ways. */
const wantsRoom = (error: unknown) =>
  /^(SQLITE_(FULL|IOERR|CANTOPEN)|ENOSPC|EDQUOT)/.test((error as { code?: string } | null)?.code ?? '');

/** Begins something; where the disk has no room for it the ballast goes, and it is begun once more. */
export async function withBallast<T>(dataFolder: string, begin: () => Promise<T>): Promise<T> {
  try {
    return await begin();
  } catch (error) {
    if (!wantsRoom(error) || !existsSync(ballastFile(dataFolder))) throw error;
    rmSync(ballastFile(dataFolder));
    return begin();
  }
}
