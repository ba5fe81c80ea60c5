import { copyFile, mkdir, readdir, rename, rm, stat, writeFile } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { v7 as uuid } from 'uuid';

/** Where the pictures of a data folder lie. */
export const picturesFolder = (dataFolder: string) => join(dataFolder, 'pictures');

/** The small one lies beside the whole. */
export const smallOf = (name: string) => `${name}-small`;

export const pictureFile = (folder: string, hash: string) => join(folder, hash.slice(0, 2), hash);

/** All of a file or nothing: written aside, then put in its place; what was written of one that failed is taken away. */
export async function writeWhole(file: string, bytes: Buffer): Promise<void> {
  const aside = `${file}.${uuid()}.part`;
  try {
    await writeFile(aside, bytes, { flush: true });
    await rename(aside, file);
  } catch (error) {
    await rm(aside, { force: true });
    throw error;
  }
}

/** Copies pictures, whole and small, that are not there yet: each once, for what is kept under a hash never changes. */
export async function copyPictures(from: string, to: string, hashes: Iterable<string>): Promise<void> {
  for (const hash of hashes) {
    for (const name of [hash, smallOf(hash)]) {
      const [source, target] = [join(from, hash.slice(0, 2), name), join(to, hash.slice(0, 2), name)];
      if (existsSync(target) || !existsSync(source)) continue;
      await mkdir(dirname(target), { recursive: true });
      const aside = `${target}.${uuid()}.part`;
      try {
        await copyFile(source, aside);
        await rename(aside, target);
      } catch (error) {
        await rm(aside, { force: true });
        throw error;
      }
    }
  }
}

/**
 * Takes away what lies in a folder of pictures and is none that is wanted: pictures nobody knows, and halves of files.
 *
 * @param olderThan nothing younger is touched, ms since 1970: it may just be coming in
 */
export async function sweepPictures(
  folder: string,
  wanted: ReadonlySet<string>,
  olderThan: number,
): Promise<void> {
  if (!existsSync(folder)) return;
  for (const part of await readdir(folder)) {
    for (const name of await readdir(join(folder, part)).catch(() => [])) {
      if (wanted.has(name.replace(/-small$/, ''))) continue;
      const file = join(folder, part, name);
      const about = await stat(file).catch(() => null);
      if (about && about.mtimeMs < olderThan) await rm(file, { force: true });
    }
  }
}

/** Takes away the halves of files that a program which was killed has left; only before anything comes in. */
export async function removeHalves(folder: string): Promise<void> {
  if (!existsSync(folder)) return;
  for (const part of await readdir(folder)) {
    for (const name of await readdir(join(folder, part)).catch(() => []))
      if (name.endsWith('.part')) await rm(join(folder, part, name), { force: true });
  }
}
