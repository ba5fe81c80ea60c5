import { isDeepStrictEqual } from 'node:util';
import { v7 as uuid } from 'uuid';
import type { Knex } from 'knex';
import { runFileFormat, runFileVersion, type Imported, type RunFile } from '../../contract/run-file';
import type { Run } from '../../contract/runs';
import { allTreatments } from '../../core/practical';
import { pictureOf, type Entry } from '../../core/run';
import { insertClass, type Classes } from '../classes/classes';
import type { Log } from '../log/log';
import type { Pictures } from '../pictures/pictures';
import { insertPractical, insertRevision, revisionOf, type RevisionRow } from '../practicals/revisions';
import { samePlan } from '../practicals/same-plan';
import { Problem, refusedFields } from '../problems/problem';
import { insertRoom, type Rooms } from '../rooms/rooms';
import { insertRun } from '../runs/run-row';
import type { Runs } from '../runs/runs';

/** A teacher who kept a change every minute of every lesson would need years for so many. */
const mostRevisions = 9999;

/** Writes a run out as a file and reads such a file in again, without loss. */
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

  async write(id: string, now: Date): Promise<RunFile> {
    const run = await this.#runs.one(id);
    const { version, ...room } = await this.#rooms.one(run.roomId);
    void version;
    const savedAt = await this.#savedAt(run);
    const entries = await this.#log.whole(id);
    return {
      format: runFileFormat,
      version: runFileVersion,
      exportedAt: now.toISOString(),
      practical: { id: run.practicalId, revision: run.revision, savedAt, plan: run.plan },
      room,
      class: await this.#classes.one(run.classId),
      run: {
        id: run.id,
        startsAt: run.startsAt,
        seed: run.seed,
        probes: run.probes,
        allocation: run.allocation,
        place: run.place,
        startedAt: run.startedAt,
        finishedAt: run.finishedAt,
        clock: run.clock,
      },
      entries: entries.map(({ id: entryId, station, at, offset, arrivedAt, body }) => ({
        id: entryId,
        station,
        at,
        offset,
        arrivedAt,
        body,
      })),
      ...(await this.#picturesIn(entries)),
    };
  }

  async #picturesIn(entries: readonly Entry[]): Promise<Pick<RunFile, 'pictures'>> {
    const pictures: NonNullable<RunFile['pictures']> = [];
    for (const hash of picturesOf(entries)) {
      const { bytes } = await this.#pictures.read(hash);
      pictures.push({ hash, data: bytes.toString('base64') });
    }
    return pictures.length > 0 ? { pictures } : {};
  }

  /**
   * Reads a file in. Room and class of the same id stay as they are here; a practical whose revision reads
   * otherwise here comes in under a new id. The same run a second time is harmless; a different one under the
   * same id is refused.
   */
  async read(file: RunFile, author = 'import'): Promise<Imported> {
    this.#checkWhole(file);
    const known = await this.#knex('runs').where({ id: file.run.id }).first<object | undefined>();
    if (known) return this.#compare(file);
    for (const [i, { hash, data }] of (file.pictures ?? []).entries()) {
      await this.#pictures.keep(hash, Buffer.from(data, 'base64'), `/pictures/${i}/data`);
    }
    const practicalId = await this.#knex.transaction((transaction) => this.add(transaction, file, author));
    const { length } = file.entries;
    return { runId: file.run.id, practicalId, entries: length, added: length, already: false };
  }

  /** Writes what a file holds, in the transaction `knex` is; returns the practical it belongs to. */
  async add(knex: Knex, file: RunFile, author: string): Promise<string> {
    await insertRoom(knex, file.room);
    await insertClass(knex, file.class);
    const { practicalId, revision } = await this.#practicalFor(knex, file, author);
    const [roomId, classId] = [file.room.id, file.class.id];
    await insertRun(knex, { ...file.run, practicalId, revision, roomId, classId });
    await this.#log.restore(knex, file.run.id, author, file.entries);
    return practicalId;
  }

  /**
   * The revision a run of a file belongs to: one that is here and reads the same, or a practical of its own. What is here
   * never gets another plan from a file.
   */
  async #practicalFor(
    knex: Knex,
    { practical: { id, revision, savedAt, plan } }: RunFile,
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
  async #compare(file: RunFile): Promise<Imported> {
    const run = await this.#runs.one(file.run.id);
    const entries = await this.#log.whole(run.id);
    const here = new Map(entries.map((entry) => [entry.id, entry]));
    const strange = file.entries.find((entry) => !sameEntry(here.get(entry.id), entry));
    if (strange) {
      throw new Problem(
        409,
        'Another run of the same id',
        `This run is here already, but entry ${strange.id} is not in it, or reads otherwise. Nothing was changed.`,
      );
    }
    const { id: runId, practicalId } = run;
    return { runId, practicalId, entries: entries.length, added: 0, already: true };
  }

  /** What the shape alone does not tell: stations, levels and corrections that point at nothing. */
  #checkWhole(file: RunFile): void {
    const stations = new Set(file.run.allocation.map((one) => one.station));
    const treatments = new Set(allTreatments(file.practical.plan).map((treatment) => treatment.id));
    const ids = new Set(file.entries.map((entry) => entry.id));
    const pictures = new Set(file.pictures?.map((one) => one.hash));
    const wrong = (pointer: string, value: unknown, allowed: string) =>
      refusedFields([{ pointer, field: pointer.split('/').at(-1)!, value, allowed }]);
    const { startedAt, finishedAt, clock } = file.run;
    if (finishedAt !== null && (startedAt === null || finishedAt < startedAt)) {
      throw wrong('/run/finishedAt', finishedAt, 'a moment after its start, or null');
    }
    if (startedAt === null && (clock !== null || file.entries.length > 0)) {
      throw wrong('/run/startedAt', startedAt, 'when it began: it has a clock or entries');
    }
    file.run.allocation.forEach(({ treatmentId }, i) => {
      if (!treatments.has(treatmentId))
        throw wrong(`/run/allocation/${i}/treatmentId`, treatmentId, 'a treatment of the plan in this file');
    });
    file.entries.forEach(({ station, body }, i) => {
      if (station !== null && !stations.has(station)) {
        throw wrong(`/entries/${i}/station`, station, 'a station of the run in this file, or null');
      }
      const picture = pictureOf(body);
      if (picture !== null && !pictures.has(picture)) {
        throw wrong(`/entries/${i}/body/picture`, picture, 'the hash of a picture in this file');
      }
      if (body.kind === 'correction' && !ids.has(body.corrects)) {
        throw wrong(`/entries/${i}/body/corrects`, body.corrects, 'the id of an entry in this file');
      }
    });
    if (ids.size !== file.entries.length)
      throw wrong('/entries', `${file.entries.length} entries`, 'each id once');
  }

  async #savedAt(run: Run): Promise<number> {
    const row = await this.#knex('revisions')
      .where({ practical_id: run.practicalId, number: run.revision })
      .first<{ saved_at: number }>('saved_at');
    return row.saved_at;
  }
}

const picturesOf = (entries: readonly Entry[]) =>
  new Set(entries.flatMap(({ body }) => pictureOf(body) ?? []));

const sameEntry = (here: Entry | undefined, { station, at, offset, body }: Entry) =>
  here !== undefined &&
  here.station === station &&
  here.at === at &&
  here.offset === offset &&
  isDeepStrictEqual(here.body, JSON.parse(JSON.stringify(body)));
