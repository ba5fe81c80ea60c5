import { setTimeout as pause } from 'node:timers/promises';
import { isDeepStrictEqual } from 'node:util';
import type { Knex } from 'knex';
import { v7 as uuid } from 'uuid';
import { newRoomShape } from '../../contract/rooms';
import type { EntryInFile, Imported, RunFile, RunHead } from '../../contract/run-file';
import type { Entry } from '../../core/run';
import { filled } from '../../core/shape';
import { insertClass, type Classes } from '../classes/classes';
import { patiently } from '../db/patience';
import type { Log } from '../log/log';
import type { Pictures } from '../pictures/pictures';
import { insertPractical, insertRevision, revisionOf, type RevisionRow } from '../practicals/revisions';
import { samePlan } from '../practicals/same-plan';
import { Problem } from '../problems/problem';
import { insertRoom, type Rooms } from '../rooms/rooms';
import { insertRun } from '../runs/run-row';
import type { Runs } from '../runs/runs';
import { takeBack } from './arriving';
import { checkRun, type SoundRun } from './check-run';
import type { Source } from './pieces';
import { written, type Layout, type Written } from './write-run';

/** A teacher who kept a change every minute of every lesson would need years for so many. */
const mostRevisions = 9999;

/** What a written run is called, and its bytes as they come. */
export interface WrittenRun {
  title: string;
  className: string;
  bytes: AsyncGenerator<Buffer>;
}

/** Writes a run out as a file and reads such a file in again, without loss, a bit at a time. */
export class RunFiles {
  readonly #knex: Knex;
  readonly #runs: Runs;
  readonly #rooms: Rooms;
  readonly #classes: Classes;
  readonly #log: Log;
  readonly #pictures: Pictures;

  constructor(
    knex: Knex,
    parts: { runs: Runs; rooms: Rooms; classes: Classes; log: Log; pictures: Pictures },
  ) {
    this.#knex = knex;
    this.#runs = parts.runs;
    this.#rooms = parts.rooms;
    this.#classes = parts.classes;
    this.#log = parts.log;
    this.#pictures = parts.pictures;
  }

  /**
   * A run with the pictures that are here; those whose files were lost are named as missing, and keep nothing else back.
   *
   * @throws Problem 404 where there is no such run
   */
  async write(id: string, layout: Layout, now: Date): Promise<WrittenRun> {
    const what = await this.#whatOf(id, layout, now);
    const bytes = written(layout, { log: this.#log, pictures: this.#pictures }, what);
    return { title: what.run.plan.title, className: what.run.className, bytes };
  }

  async #whatOf(id: string, layout: Layout, now: Date): Promise<Written> {
    const run = await this.#runs.one(id);
    const { version, ...room } = await this.#rooms.one(run.roomId);
    void version;
    const { number, savedAt } = await this.#revisionOf(run.practicalId, run.revision);
    const { startsAt, seed, probes, allocation, place, startedAt, finishedAt, clock } = run;
    const extent = await this.#log.extent(id);
    const pictures = layout === 'csv' ? [] : await this.#log.picturesIn(id, extent.until);
    const missing: string[] = [];
    for (const hash of pictures) if (!(await this.#pictures.has(hash))) missing.push(hash);
    return {
      run,
      ...extent,
      pictures: pictures.filter((hash) => !missing.includes(hash)),
      head: {
        ...(missing.length > 0 && { missing }),
        exportedAt: now.toISOString(),
        practical: { id: run.practicalId, revision: number, savedAt, plan: run.plan },
        room,
        class: await this.#classes.forFile(run.classId),
        run: { id, startsAt, seed, probes, allocation, place, startedAt, finishedAt, clock },
      },
    };
  }

  async #revisionOf(practicalId: string, number: number): Promise<{ number: number; savedAt: number }> {
    const row = await this.#knex('revisions')
      .where({ practical_id: practicalId, number })
      .first<{ saved_at: number }>('saved_at');
    return { number, savedAt: row.saved_at };
  }

  /**
   * Reads a file in: checked whole first, then written bit by bit with room between for others; it is there from the
   * moment its run is. Room and class of the same id stay as they are here; a practical whose revision reads otherwise
   * here comes in under a new id. The same run a second time is harmless; a different one under the same id is refused.
   * One at a time: what another one left half-way is taken back.
   *
   * @throws Problem 400, 409 or 422; nothing was changed then
   */
  async read(source: Source, author = 'import'): Promise<Imported> {
    const sound = await checkRun(source);
    const { id } = sound.head.run;
    const known = await this.#knex('runs').where({ id }).first<object | undefined>();
    if (known) return this.#compare(source, id);
    await takeBack(this.#knex);
    await patiently(
      async () => void (await this.#knex('arriving').insert({ run_id: id, since: Date.now() })),
    );
    try {
      return await this.#bringIn(source, sound, author);
    } catch (error) {
      // Where not even that goes, the next one does it, or the next start.
      await takeBack(this.#knex).catch(() => undefined);
      throw error;
    }
  }

  async #bringIn(source: Source, { head, entries }: SoundRun, author: string): Promise<Imported> {
    const runId = head.run.id;
    for await (const piece of source()) {
      if (piece.is === 'picture')
        await patiently(() => this.#pictures.keep(piece.hash, piece.bytes, piece.pointer));
      if (piece.is !== 'entries') continue;
      const began = performance.now();
      await this.#log.writeAhead(runId, author, piece.entries as EntryInFile[]);
      // As long as it wrote, others may.
      if (piece.entries.length > 1) await pause(performance.now() - began);
    }
    const practicalId = await patiently(() =>
      this.#knex.transaction(async (transaction) => {
        const practical = await this.#addHead(transaction, head, author);
        await transaction('arriving').where({ run_id: runId }).delete();
        return practical;
      }),
    );
    return { runId, practicalId, entries, added: entries, already: false };
  }

  /** Writes what a file holds, all at once, in the transaction `knex` is; returns the practical it belongs to. */
  async add(knex: Knex, file: RunFile, author: string): Promise<string> {
    const practicalId = await this.#addHead(knex, file, author);
    await this.#log.restore(knex, file.run.id, author, file.entries);
    return practicalId;
  }

  async #addHead(knex: Knex, head: RunHead, author: string): Promise<string> {
    await insertRoom(knex, filled(newRoomShape, head.room));
    await insertClass(knex, head.class);
    const { practicalId, revision } = await this.#practicalFor(knex, head, author);
    const [roomId, classId] = [head.room.id, head.class.id];
    await insertRun(knex, { ...head.run, practicalId, revision, roomId, classId });
    return practicalId;
  }

  /**
   * The revision a run of a file belongs to: one that is here and reads the same, or a practical of its own. What is here
   * never gets another plan from a file.
   */
  async #practicalFor(
    knex: Knex,
    { practical: { id, revision, savedAt, plan } }: RunHead,
    author: string,
  ): Promise<{ practicalId: string; revision: number }> {
    const here = await knex<RevisionRow>('revisions').where({ practical_id: id }).orderBy('number', 'desc');
    const same = here.find((row) => samePlan(revisionOf(row).plan, plan));
    if (same) return { practicalId: id, revision: same.number };
    const practicalId = here.length > 0 ? uuid() : id;
    await insertPractical(knex, practicalId, savedAt);
    // As it was counted where it came from, unless nobody can have counted so far.
    const number = here.length === 0 && revision <= mostRevisions ? revision : 1;
    await insertRevision(knex, { practicalId, number, savedAt, plan, author });
    return { practicalId, revision: number };
  }

  /** A run that is here already: fine when it is the same in every entry. */
  async #compare(source: Source, runId: string): Promise<Imported> {
    const { practicalId } = await this.#runs.one(runId);
    for await (const piece of source()) {
      if (piece.is !== 'entries') continue;
      const entries = piece.entries as EntryInFile[];
      const here = await this.#log.standing(
        runId,
        entries.map(({ id }) => id),
      );
      const strange = entries.find((entry) => !sameEntry(here.get(entry.id), entry));
      if (!strange) continue;
      throw new Problem(
        409,
        'Another run of the same id',
        `This run is here already, but entry ${strange.id} is not in it, or reads otherwise. Nothing was changed.`,
      );
    }
    const { entries } = await this.#log.extent(runId);
    return { runId, practicalId, entries, added: 0, already: true };
  }
}

const sameEntry = (here: Entry | undefined, { station, at, offset, body }: Entry) =>
  here !== undefined &&
  here.station === station &&
  here.at === at &&
  here.offset === offset &&
  isDeepStrictEqual(here.body, JSON.parse(JSON.stringify(body)));
