import { createHash } from 'node:crypto';
import {
  entryInFileShape,
  mostEntriesInFile,
  readRunArchive,
  readRunFile,
  type EntryInFile,
  type RunArchive,
  type RunHead,
} from '../../contract/run-file';
import { allTreatments } from '../../core/practical';
import { pictureOf } from '../../core/run';
import { accepts, refusalsOf, type Refusal } from '../../core/shape';
import { type Problem, refusedField, refusedFields } from '../problems/problem';
import type { Piece, Source } from './pieces';

/** What was found of a file whose every entry is sound. */
export interface SoundRun {
  head: RunHead;
  entries: number;
}

/** Most things wrong that are told. */
const mostTold = 50;

/**
 * Reads a file through, keeping nothing of it, and checks it whole: its head, the shape of each entry, and what no shape
 * tells: stations, treatments, corrections and pictures that point at nothing.
 *
 * @throws Problem 400 where it cannot be read, 422 where something in it is not allowed
 */
export async function checkRun(source: Source): Promise<SoundRun> {
  const entries = new EntriesSeen();
  const pictures = new Set<string>();
  let head: (Piece & { is: 'head' }) | null = null;
  for await (const piece of source()) {
    if (piece.is === 'head') head = piece;
    else if (piece.is === 'entries') entries.see(piece.entries);
    else pictures.add(soundPicture(piece));
  }
  const checked = soundHead(head!);
  if (entries.wrong.length > 0) throw refusedFields(entries.wrong);
  checkCounts(head!, checked, entries.count, pictures.size);
  checkTimes(checked, entries.count);
  checkTreatments(checked);
  // What was lost where the run was is not asked for here.
  entries.checkWhole(checked, new Set([...pictures, ...(checked.missing ?? [])]));
  return { head: checked, entries: entries.count };
}

function soundPicture({ hash, bytes, pointer }: Piece & { is: 'picture' }): string {
  const really = createHash('sha256').update(bytes).digest('hex');
  if (really !== hash) throw refusedField(pointer, hash, `the SHA-256 of the bytes that came: ${really}`);
  return hash;
}

function soundHead({ layout, head }: Piece & { is: 'head' }): RunHead {
  const checked = layout === 'archive' ? readRunArchive(head) : readRunFile(head);
  if ('errors' in checked) throw refusedFields(checked.errors);
  return checked.value;
}

/** An archive says how much is in it: one that was cut off is not taken for a shorter run. */
function checkCounts({ layout }: Piece & { is: 'head' }, head: RunHead, entries: number, pictures: number) {
  if (layout !== 'archive') return;
  const said = head as RunArchive;
  if (said.entries !== entries)
    throw refusedField('/entries', said.entries, `${entries}: so many lines are in its log`);
  if (said.pictures !== pictures)
    throw refusedField('/pictures', said.pictures, `${pictures}: so many are in it`);
}

function checkTimes({ run: { startedAt, finishedAt, clock } }: RunHead, entries: number) {
  if (finishedAt !== null && (startedAt === null || finishedAt < startedAt))
    throw refusedField('/run/finishedAt', finishedAt, 'a moment after its start, or null');
  if (startedAt === null && (clock !== null || entries > 0))
    throw refusedField('/run/startedAt', startedAt, 'when it began: it has a clock or entries');
}

function checkTreatments({ run, practical }: RunHead) {
  const treatments = new Set(allTreatments(practical.plan).map((treatment) => treatment.id));
  run.allocation.forEach(({ treatmentId }, i) => {
    if (!treatments.has(treatmentId))
      throw refusedField(
        `/run/allocation/${i}/treatmentId`,
        treatmentId,
        'a treatment of the plan in this file',
      );
  });
}

/** What is remembered of entries that have gone by. */
class EntriesSeen {
  count = 0;
  wrong: Refusal[] = [];
  readonly #ids = new Set<string>();
  /** Where each was first seen. */
  readonly #stations = new Map<number, number>();
  readonly #pictures = new Map<string, number>();
  readonly #corrects: { i: number; id: string }[] = [];

  see(entries: readonly unknown[]) {
    if (this.count + entries.length > mostEntriesInFile)
      throw refusedField('/entries', `more than ${mostEntriesInFile}`, `up to ${mostEntriesInFile}`);
    for (const entry of entries) {
      if (accepts(entryInFileShape, entry)) this.#note(entry as EntryInFile);
      else
        this.wrong.push(...refusalsOf(entryInFileShape, entry, `/entries/${this.count}`, String(this.count)));
      this.count += 1;
    }
    if (this.wrong.length >= mostTold) throw refusedFields(this.wrong.slice(0, mostTold));
  }

  #note({ id, station, body }: EntryInFile) {
    const i = this.count;
    if (this.#ids.has(id)) throw refusedField('/entries', id, 'each id once');
    this.#ids.add(id);
    if (station !== null && !this.#stations.has(station)) this.#stations.set(station, i);
    const picture = pictureOf(body);
    if (picture !== null && !this.#pictures.has(picture)) this.#pictures.set(picture, i);
    if (body.kind === 'correction') this.#corrects.push({ i, id: body.corrects });
  }

  checkWhole({ run }: RunHead, pictures: ReadonlySet<string>) {
    const stations = new Set(run.allocation.map((one) => one.station));
    const wrong = (i: number, field: string, value: unknown, allowed: string): Problem =>
      refusedField(`/entries/${i}/${field}`, value, allowed);
    for (const [station, i] of this.#stations)
      if (!stations.has(station))
        throw wrong(i, 'station', station, 'a station of the run in this file, or null');
    for (const [picture, i] of this.#pictures)
      if (!pictures.has(picture))
        throw wrong(i, 'body/picture', picture, 'the hash of a picture in this file');
    for (const { i, id } of this.#corrects)
      if (!this.#ids.has(id)) throw wrong(i, 'body/corrects', id, 'the id of an entry in this file');
  }
}
