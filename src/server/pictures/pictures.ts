import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readFile, statfs } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { mostPictureBytes, pictureTypes, type PictureKept } from '../../contract/pictures';
import { pictureOf, type EntryBody } from '../../core/run';
import { notFound, Problem, refusedField } from '../problems/problem';
import { notesIn } from './notes-in';
import {
  pictureFile,
  picturesFolder,
  smallOf,
  removeHalves,
  sweepPictures,
  writeWhole,
} from '../picture-files/picture-files';

/** A picture may have so many points, a camera of 40 megapixels: what unpacks to more is not unpacked. */
const mostPixels = 40e6;
/** Longer side of the small picture for tables, px. */
const smallSide = 320;

/**
 * What one tablet, and one run, may put onto the disk, bytes: a class takes a few hundred pictures of a megabyte. So much
 * stays free for what is written down, whatever is photographed.
 */
export const pictureBounds = { aTablet: 300e6, aRun: 3e9, keptFree: 300e6 };
/** Below this a teacher is told that room is getting short, bytes. */
const lowRoom = 1e9;
/** A picture that no entry names after so long goes, ms. */
const unnamedMs = 24 * 3_600_000;

/** Where a picture comes from. */
export interface PictureFrom {
  runId: string;
  author: string;
}

/** Pictures on disk, named by what is in them; the database knows which are there. Nothing is ever written over. */
export class Pictures {
  readonly #knex: Knex;
  readonly #folder: string;
  readonly #now: () => number;
  readonly #freeBytes: () => Promise<number>;

  /** @param freeBytes how much room the disk has; asked of the disk where it is left out */
  constructor(knex: Knex, dataFolder: string, now: () => number, freeBytes?: () => Promise<number>) {
    this.#knex = knex;
    this.#folder = picturesFolder(dataFolder);
    this.#now = now;
    this.#freeBytes = freeBytes ?? (() => freeIn(dataFolder));
  }

  /** How much room there is for pictures and all else, and whether that is little. */
  async room(): Promise<{ freeBytes: number; low: boolean }> {
    const freeBytes = await this.#freeBytes();
    return { freeBytes, low: freeBytes < lowRoom };
  }

  /**
   * Keeps a picture; one that is here already is left as it is, one whose file was lost is put back.
   *
   * @param hash what its sender says its SHA-256 is
   * @param from the run and tablet it comes from: each has its share of the disk
   * @throws Problem 422 where the bytes are not that picture, no picture, too large, or say where it was taken; 507 where
   *   there is no room for it
   */
  async keep(
    hash: string,
    bytes: Buffer,
    pointer = '/picture',
    from: PictureFrom | null = null,
  ): Promise<PictureKept> {
    const really = createHash('sha256').update(bytes).digest('hex');
    if (really !== hash) throw refusedField(pointer, hash, `the SHA-256 of the bytes that came: ${really}`);
    const file = this.#path(hash);
    if ((await this.#type(hash)) && existsSync(file)) {
      // It is wanted once more: its day begins again.
      await this.#knex('attachments').where({ hash }).update({ added_at: this.#now() });
      return { picture: hash, already: true };
    }
    const { type, small } = await readPicture(bytes, pointer);
    await this.#checkRoom(bytes.length, from);
    await mkdir(join(file, '..'), { recursive: true });
    await Promise.all([writeWhole(file, bytes), writeWhole(smallOf(file), small)]);
    await this.#knex('attachments')
      .insert({
        hash,
        type,
        bytes: bytes.length,
        thumbnail: smallOf(hash),
        added_at: this.#now(),
        run_id: from?.runId ?? null,
        author: from?.author ?? null,
      })
      .onConflict('hash')
      .ignore();
    return { picture: hash, already: false };
  }

  /** Keeps what came as the body of a request. */
  async keepBody(hash: string, body: unknown, from: PictureFrom | null = null): Promise<PictureKept> {
    if (!Buffer.isBuffer(body)) {
      throw new Problem(415, 'Not a picture', `Send one of ${pictureTypes.join(', ')}. Nothing was kept.`);
    }
    return this.keep(hash, body, '/picture', from);
  }

  /** Whether it is here, with its file. */
  async has(hash: string): Promise<boolean> {
    return (await this.#type(hash)) !== undefined && existsSync(this.#path(hash));
  }

  /** @throws Problem 404 where it is not here, or its file was lost */
  async read(hash: string, size: 'whole' | 'small' = 'whole'): Promise<{ type: string; bytes: Buffer }> {
    const type = await this.#type(hash);
    const file = size === 'whole' ? this.#path(hash) : smallOf(this.#path(hash));
    if (!type || !existsSync(file)) throw notFound('picture', hash);
    return { type: size === 'whole' ? type : 'image/jpeg', bytes: await readFile(file) };
  }

  /** What a program that was killed has left half-written goes; only before pictures come in. */
  async removeHalves(): Promise<void> {
    await removeHalves(this.#folder);
  }

  /** Takes away what no entry names after a day, and what was left half-written. */
  async sweep(): Promise<void> {
    const before = this.#now() - unnamedMs;
    const kept = await this.#knex.transaction(async (transaction) => {
      const bodies = await transaction('log')
        .whereIn('kind', ['photo', 'correction'])
        .andWhere('body', 'like', '%"picture"%')
        .pluck<string[]>('body');
      const named = new Set(bodies.flatMap((body) => pictureOf(JSON.parse(body) as EntryBody) ?? []));
      const old = await transaction('attachments').where('added_at', '<', before).pluck<string[]>('hash');
      const gone = old.filter((hash) => !named.has(hash));
      for (let i = 0; i < gone.length; i += 500)
        await transaction('attachments')
          .whereIn('hash', gone.slice(i, i + 500))
          .delete();
      return transaction('attachments').pluck<string[]>('hash');
    });
    await sweepPictures(this.#folder, new Set(kept), Math.min(before, Date.now() - unnamedMs));
  }

  /** @throws Problem 507 where the disk, the run or the tablet has no room for so many bytes more */
  async #checkRoom(bytes: number, from: PictureFrom | null): Promise<void> {
    const full = (detail: string) => new Problem(507, 'No room for pictures', `${detail} Nothing was kept.`);
    if ((await this.#freeBytes()) - bytes < pictureBounds.keptFree) {
      throw full(
        'The disk of the server is nearly full: pictures are not taken any more, everything else is.',
      );
    }
    if (!from) return;
    const of = async (where: object) => {
      const [row] = await this.#knex('attachments')
        .where(where)
        .sum<{ bytes: number | null }[]>('bytes as bytes');
      return (row?.bytes ?? 0) + bytes;
    };
    if ((await of({ author: from.author, run_id: from.runId })) > pictureBounds.aTablet)
      throw full('This tablet has sent as many pictures as one may in a run. Ask your teacher.');
    if ((await of({ run_id: from.runId })) > pictureBounds.aRun)
      throw full('This run has as many pictures as one may have. Ask your teacher.');
  }

  async #type(hash: string): Promise<string | undefined> {
    return (await this.#knex('attachments').where({ hash }).first<{ type: string } | undefined>('type'))
      ?.type;
  }

  #path(hash: string): string {
    return pictureFile(this.#folder, hash);
  }
}

/** How much a folder’s disk can still take, bytes. */
async function freeIn(folder: string): Promise<number> {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
}

/** What it is, and small. */
async function readPicture(bytes: Buffer, pointer: string): Promise<{ type: string; small: Buffer }> {
  const kinds = 'a picture as JPEG, PNG or WebP';
  if (bytes.length === 0) throw refusedField(pointer, 'nothing', kinds);
  if (bytes.length > mostPictureBytes)
    throw refusedField(pointer, `${bytes.length} bytes`, `up to ${mostPictureBytes} bytes`);
  // Loaded when the first picture comes: most lessons have none.
  const { default: sharp } = await import('sharp');
  // Its head alone is read here, whatever it unpacks to.
  const about = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null);
  const type = pictureTypes.find((one) => one === `image/${about?.format}`);
  if (!about || !type) throw refusedField(pointer, about?.format ?? 'something else', kinds);
  if (about.width * about.height > mostPixels)
    throw refusedField(
      pointer,
      `${about.width} × ${about.height}`,
      `up to ${mostPixels / 1e6} million points`,
    );
  const note = about.exif || about.xmp || about.iptc ? 'a note of the camera' : notesIn(bytes, type);
  if (note !== null) {
    throw refusedField(
      pointer,
      `a picture with ${note}, which says where, when or with what it was taken`,
      `${kinds} without such notes (the station page leaves them out)`,
    );
  }
  const small = await sharp(bytes, { limitInputPixels: mostPixels, failOn: 'error' })
    .timeout({ seconds: 20 })
    .resize(smallSide, smallSide, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality: 78 })
    .toBuffer()
    .catch(() => {
      throw refusedField(pointer, 'a damaged picture', kinds);
    });
  return { type, small };
}
