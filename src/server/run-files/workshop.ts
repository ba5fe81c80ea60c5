import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import pLimit from 'p-limit';
import { v7 as uuid } from 'uuid';
import type { Imported } from '../../contract/run-file';
import { Problem } from '../problems/problem';
import { inThread } from '../threads/in-thread';
import { doJob, type Job, type Outcome } from './job';
import type { RunFiles } from './run-files';

/** A file that comes in may be so large, bytes. */
const longestFile = 1_000_000_000;
/** What is shorter is read where it is: it takes less time than a thread does to begin. */
const shortFile = 200_000;
/** So many wait for their turn; then it is said that they must come again. */
const mostWaiting = 12;
/**
 * Does what takes long with files of runs, in threads of their own: others are served meanwhile. One is read at a time,
 * four are written.
 */
export class Workshop {
  readonly #files: RunFiles;
  readonly #dataFolder: string;
  readonly #program: URL | null;
  readonly #reading = pLimit(1);
  readonly #writing = pLimit(4);

  /** @param program what a thread runs; without it all is done where it is asked for */
  constructor(files: RunFiles, dataFolder: string, program: URL | null) {
    this.#files = files;
    this.#dataFolder = dataFolder;
    this.#program = program;
  }

  /**
   * Takes a file in as it comes, onto the disk first.
   *
   * @throws Problem 413 where it is too long, 503 where too many wait, or what is wrong with it
   */
  async read(incoming: Readable, author: string): Promise<Imported> {
    const folder = join(this.#dataFolder, 'incoming');
    await mkdir(folder, { recursive: true });
    const file = join(folder, uuid());
    try {
      const size = await keep(incoming, file);
      return await this.#inTurn(this.#reading, async () => {
        const job: Job = { is: 'read', file, author };
        for await (const outcome of this.#do(job, size > shortFile)) {
          if (outcome.is === 'read') return outcome.imported;
        }
        throw new Error('a file was read and nothing was said of it');
      });
    } finally {
      await rm(file, { force: true });
    }
  }

  /** Writes a run, calling `named` once what it is called is known, then `send` with its bytes as they come. */
  async write(
    job: Job & { is: 'write' },
    named: (name: { title: string; className: string }) => void,
    send: (bytes: AsyncGenerator<Uint8Array>) => Promise<void>,
  ): Promise<void> {
    await this.#inTurn(this.#writing, async () => {
      const outcomes = this.#do(job, true);
      const first = await outcomes.next();
      if (first.done || first.value.is !== 'named') throw new Error('a run was written without a name');
      named(first.value);
      await send(bytesIn(outcomes));
    });
  }

  /** What a killed program left of files that came in. */
  async tidy(): Promise<void> {
    await rm(join(this.#dataFolder, 'incoming'), { recursive: true, force: true });
  }

  async #inTurn<T>(line: ReturnType<typeof pLimit>, work: () => Promise<T>): Promise<T> {
    if (line.pendingCount >= mostWaiting) {
      throw new Problem(
        503,
        'Busy',
        'Many files are being read or written just now. Nothing was changed; try again in a minute.',
      );
    }
    return line(work);
  }

  #do(job: Job, long: boolean): AsyncGenerator<Outcome> {
    if (!long || !this.#program) return doJob(this.#files, job);
    return inThread(this.#program, { dataFolder: this.#dataFolder, job });
  }
}

async function* bytesIn(outcomes: AsyncGenerator<Outcome>): AsyncGenerator<Uint8Array> {
  for await (const outcome of outcomes) if (outcome.is === 'bytes') yield outcome.bytes;
}

/** Keeps what comes on the disk; returns how long it is. */
async function keep(incoming: Readable, file: string): Promise<number> {
  let size = 0;
  const measured = async function* (chunks: AsyncIterable<Buffer>) {
    for await (const chunk of chunks) {
      size += chunk.length;
      if (size > longestFile) {
        throw new Problem(
          413,
          'Too large',
          `A file of a run may be ${longestFile / 1e6} MB. Nothing was changed.`,
        );
      }
      yield chunk;
    }
  };
  await pipeline(incoming, measured, createWriteStream(file));
  return size;
}
