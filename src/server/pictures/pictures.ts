import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { v7 as uuid } from 'uuid';
import { mostPictureBytes, pictureTypes, type PictureKept } from '../../contract/pictures';
import { notFound, Problem, refusedField } from '../problems/problem';

/** A picture may have so many points, a camera of 40 megapixels: what unpacks to more is not unpacked. */
const mostPixels = 40e6;
/** Longer side of the small picture for tables, px. */
const smallSide = 320;

/** The small one lies beside the whole. */
const smallOf = (name: string) => `${name}-small`;

/** Pictures on disk, named by what is in them; the database knows which are there. Nothing is ever written over. */
export class Pictures {
  readonly #knex: Knex;
  readonly #folder: string;
  readonly #now: () => number;

  constructor(knex: Knex, dataFolder: string, now: () => number) {
    this.#knex = knex;
    this.#folder = join(dataFolder, 'pictures');
    this.#now = now;
  }

  /**
   * Keeps a picture; one that is here already is left as it is, one whose file was lost is put back.
   *
   * @param hash what its sender says its SHA-256 is
   * @throws Problem 422 where the bytes are not that picture, no picture, too large, or say where it was taken
   */
  async keep(hash: string, bytes: Buffer, pointer = '/picture'): Promise<PictureKept> {
    const really = createHash('sha256').update(bytes).digest('hex');
    if (really !== hash) throw refusedField(pointer, hash, `the SHA-256 of the bytes that came: ${really}`);
    const file = this.#path(hash);
    if ((await this.#type(hash)) && existsSync(file)) return { picture: hash, already: true };
    const { type, small } = await readPicture(bytes, pointer);
    await mkdir(join(file, '..'), { recursive: true });
    await writeWhole(file, bytes);
    await writeWhole(smallOf(file), small);
    await this.#knex('attachments')
      .insert({
        hash,
        type,
        bytes: bytes.length,
        thumbnail: smallOf(hash),
        added_at: this.#now(),
      })
      .onConflict('hash')
      .ignore();
    return { picture: hash, already: false };
  }

  /** Keeps what came as the body of a request. */
  async keepBody(hash: string, body: unknown): Promise<PictureKept> {
    if (!Buffer.isBuffer(body)) {
      throw new Problem(415, 'Not a picture', `Send one of ${pictureTypes.join(', ')}. Nothing was kept.`);
    }
    return this.keep(hash, body);
  }

  /** @throws Problem 404 where it is not here, or its file was lost */
  async find(hash: string): Promise<void> {
    if (!(await this.#type(hash)) || !existsSync(this.#path(hash))) throw notFound('picture', hash);
  }

  /** @throws Problem 404 where it is not here, or its file was lost */
  async read(hash: string, size: 'whole' | 'small' = 'whole'): Promise<{ type: string; bytes: Buffer }> {
    const type = await this.#type(hash);
    const file = size === 'whole' ? this.#path(hash) : smallOf(this.#path(hash));
    if (!type || !existsSync(file)) throw notFound('picture', hash);
    return { type: size === 'whole' ? type : 'image/jpeg', bytes: await readFile(file) };
  }

  async #type(hash: string): Promise<string | undefined> {
    return (await this.#knex('attachments').where({ hash }).first<{ type: string } | undefined>('type'))
      ?.type;
  }

  #path(hash: string): string {
    return join(this.#folder, hash.slice(0, 2), hash);
  }
}

/** What it is, and small. */
async function readPicture(bytes: Buffer, pointer: string): Promise<{ type: string; small: Buffer }> {
  const kinds = 'a picture as JPEG, PNG or WebP';
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
  if (about.exif || about.xmp || about.iptc) {
    throw refusedField(
      pointer,
      'a picture that says where, when or with what it was taken',
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

/** All of a file or nothing: written aside, then put in its place. */
async function writeWhole(file: string, bytes: Buffer) {
  const aside = `${file}.${uuid()}.part`;
  await writeFile(aside, bytes, { flush: true });
  await rename(aside, file);
}
