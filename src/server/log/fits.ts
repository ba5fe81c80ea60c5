import type { Knex } from 'knex';
import type { FieldProblem } from '../../contract/problem';
import type { Run } from '../../contract/runs';
import { pictureOf, stationRange, type Entry, type EntryBody } from '../../core/run';
import { authorOf, type Actor } from '../actors/actor';
import { Problem } from '../problems/problem';
import { isPreparing, logOpen, prepOpen } from './log-open';

/** Who writes, or what: probes write through the same door. */
export type Writer = Actor | 'probe';

export const signatureOf = (writer: Writer): string => (writer === 'probe' ? 'probe' : authorOf(writer));

/**
 * What is wrong with entries beyond their own shape: the run, its stations, its clock, what they correct, and what their
 * writer may write.
 *
 * @throws Problem 409 where the log of the run is not open
 */
export async function misfits(
  knex: Knex,
  run: Run,
  entries: readonly Entry[],
  writer: Writer,
  now: number,
): Promise<FieldProblem[]> {
  const open = logOpen(run, now);
  if (!open && !(isTeacher(writer) && entries.every(isOfPrep))) {
    throw new Problem(
      409,
      'Not started',
      'This run has not started: its log is not open yet. Nothing was kept.',
    );
  }
  const errors: FieldProblem[] = [];
  const stations = new Set(run.stations);
  const own = writer !== 'probe' && writer.kind === 'station' ? writer.station : null;
  const preparing = prepOpen(run, now);
  entries.forEach((entry, i) => {
    const { station } = entry;
    const { earliest, latest, words } = open && !(isTeacher(writer) && isWeight(entry)) ? open : preparing;
    if (own !== null ? station !== own : station !== null && !stations.has(station)) {
      errors.push({
        pointer: `/entries/${i}/station`,
        field: 'station',
        value: station,
        allowed: own !== null ? `${own}, this station` : `${stationRange(run.stations)}, or null for all`,
      });
    }
    if (entry.at < earliest || entry.at > latest) {
      errors.push({
        pointer: `/entries/${i}/at`,
        field: 'at',
        value: new Date(entry.at).toISOString(),
        allowed: `${words} (${new Date(earliest).toISOString()} to ${new Date(latest).toISOString()}): is the clock of this device a day off?`,
      });
    }
  });
  errors.push(...(await wrongCorrections(knex, run.id, entries, writer)));
  errors.push(...(await unknownPictures(knex, entries)));
  return errors;
}

const isTeacher = (writer: Writer) => writer !== 'probe' && writer.kind === 'teacher';

/** Weights and what runs short are written down before the bell; they are put right there as well. */
const isOfPrep = ({ body }: Entry) =>
  body.kind === 'correction' ? body.to === null || isPreparing(body.to.kind) : isPreparing(body.kind);

/** A weight may arrive when the run has long begun: the technician’s tablet was away. */
const isWeight = ({ body }: Entry) => (body.kind === 'correction' ? body.to?.kind : body.kind) === 'weighed';

/** A photo without its picture is a promise nobody keeps: the picture comes first. */
async function unknownPictures(knex: Knex, entries: readonly Entry[]): Promise<FieldProblem[]> {
  const named = entries.flatMap((entry, i) => {
    const picture = pictureOf(entry.body);
    const at = entry.body.kind === 'correction' ? 'body/to' : 'body';
    return picture === null ? [] : [{ picture, pointer: `/entries/${i}/${at}/picture` }];
  });
  if (named.length === 0) return [];
  const rows = await knex('attachments')
    .whereIn('hash', [...new Set(named.map((one) => one.picture))])
    .select<{ hash: string }[]>('hash');
  const here = new Set(rows.map((row) => row.hash));
  return named
    .filter((one) => !here.has(one.picture))
    .map(({ picture, pointer }) => ({
      pointer,
      field: 'picture',
      value: picture,
      allowed: 'a picture that was sent before the entry that names it',
    }));
}

/** What stands under an id that is to be corrected. */
interface Corrected {
  kind: string;
  station: number | null;
  author: string | null;
}

async function wrongCorrections(
  knex: Knex,
  runId: string,
  entries: readonly Entry[],
  writer: Writer,
): Promise<FieldProblem[]> {
  const pointed = entries.flatMap((entry) => (entry.body.kind === 'correction' ? [entry.body.corrects] : []));
  if (pointed.length === 0) return [];
  const signature = signatureOf(writer);
  const there = await standing(knex, runId, pointed);
  const errors: FieldProblem[] = [];
  for (const [i, entry] of entries.entries()) {
    if (entry.body.kind === 'correction') {
      const { corrects, to } = entry.body;
      const was = there.get(corrects);
      const wrong = (field: string, value: unknown, allowed: string) =>
        errors.push({
          pointer: `/entries/${i}/body/${field}`,
          field: field.split('/').at(-1)!,
          value,
          allowed,
        });
      if (was === undefined) wrong('corrects', corrects, 'the id of an entry that is in this run');
      else if (!(await isOwn(knex, writer, was))) {
        wrong('corrects', corrects, 'an entry written at this station: your teacher corrects the others');
      } else if (to && was.kind !== 'nothing' && to.kind !== was.kind) {
        wrong('to/kind', to.kind, `${was.kind}: a correction is of the kind it corrects`);
      }
    }
    there.set(entry.id, { kind: shownKind(entry.body), station: entry.station, author: signature });
  }
  return errors;
}

/** A teacher may correct anything; a tablet what was written by tablets of its station. */
async function isOwn(knex: Knex, writer: Writer, was: Corrected): Promise<boolean> {
  if (writer === 'probe' || writer.kind !== 'station') return true;
  if (was.station !== writer.station || was.author === null) return false;
  if (was.author === authorOf(writer)) return true;
  const [kind, pass] = was.author.split(':', 2);
  if (kind !== 'station') return false;
  const row = await knex('passes')
    .where({ id: pass })
    .first<{ run_id: string; station: number } | undefined>();
  return row?.run_id === writer.runId && row.station === writer.station;
}

async function standing(knex: Knex, runId: string, ids: readonly string[]): Promise<Map<string, Corrected>> {
  const there = new Map<string, Corrected>();
  for (let from = 0; from < ids.length; from += 500) {
    const rows = await knex('log')
      .where('run_id', runId)
      .whereIn('id', ids.slice(from, from + 500))
      .select<(Omit<Corrected, 'kind'> & { id: string; body: string })[]>('id', 'station', 'author', 'body');
    for (const { id, station, author, body } of rows) {
      there.set(id, { kind: shownKind(JSON.parse(body) as EntryBody), station, author });
    }
  }
  return there;
}

/** The kind an entry reads as: a correction as what it put in place. */
function shownKind(body: EntryBody): string {
  return body.kind === 'correction' ? (body.to?.kind ?? 'nothing') : body.kind;
}
