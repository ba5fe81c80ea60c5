import { formatOneShape, placeShape, planShape, upgradeFormatOne } from '../core/practical';
import { entryFields, pictureHash } from '../core/run';
import {
  about,
  accepts,
  id,
  list,
  oneOf,
  optional,
  orNull,
  record,
  refusalsOf,
  text,
  whole,
  type Of,
} from '../core/shape';
import type { Checked } from './check';
import { classShape } from './classes';
import { mostPictureBytes } from './pictures';
import type { FieldProblem } from './problem';
import { newRoomShape } from './rooms';
import { allocationListShape, allocationOfVersionOne, clockShape, momentRange } from './runs';

export const runFileFormat = 'tawny-beaker-run';
export const runFileVersion = 2;

/** The same as an archive: its head, its log a line an entry, and its pictures, each a file in a ZIP. */
export const runArchiveFormat = 'tawny-beaker-run-archive';
export const runArchiveVersion = 1;

/** What an archive is made of, by name. */
export const archiveNames = {
  head: 'run.json',
  log: 'log.jsonl',
  picture: (hash: string) => `pictures/${hash}`,
};

/** A run may have so many entries and pictures: thirty stations that read once a second all day have fewer. */
export const mostEntriesInFile = 2_000_000;
export const mostPicturesInFile = 2000;

/** Letters of base64 that so many bytes make. */
const base64Of = (bytes: number) => 4 * Math.ceil(bytes / 3);
/** … of the longest picture. */
export const base64Longest = base64Of(mostPictureBytes);

const moment = () => whole(...momentRange, 'ms since 1970');

const runFields = {
  id: id(),
  startsAt: moment(),
  seed: whole(0, 4_294_967_295),
  probes: oneOf(['none', 'simulated']),
  place: placeShape,
  startedAt: orNull(moment()),
  finishedAt: orNull(moment()),
  clock: orNull(clockShape),
};

const practicalFields = { id: id(), revision: whole(1, 1e9), savedAt: moment() };

/** An entry as files have it: with the time it arrived. */
export const entryInFileShape = record('EntryInFile', { ...entryFields, arrivedAt: moment() });
export type EntryInFile = Of<typeof entryInFileShape>;

export const pictureInFileShape = record('PictureInFile', {
  hash: pictureHash(),
  data: text(base64Longest, 1),
});
export type PictureInFile = Of<typeof pictureInFileShape>;

const headFields = { exportedAt: text(40), room: newRoomShape, class: classShape };

/** Pictures that photos name and whose files were lost where the run was. */
const missingPictures = about(
  'pictures that photos name and that were lost before this was written',
  optional(list(pictureHash(), mostPicturesInFile)),
);

const fileFields = {
  format: oneOf([runFileFormat]),
  ...headFields,
  entries: list(entryInFileShape, mostEntriesInFile),
  pictures: about(
    'the pictures its photos name, as base64',
    optional(list(pictureInFileShape, mostPicturesInFile)),
  ),
  missing: missingPictures,
};

const practicalShape = record('PracticalInFile', { ...practicalFields, plan: planShape });
const runShape = record('RunInFile', { ...runFields, allocation: allocationListShape });

/** One run as a file: everything needed to read it again elsewhere, without loss. */
export const runFileShape = record('RunFile', {
  ...fileFields,
  version: oneOf([runFileVersion]),
  practical: practicalShape,
  run: runShape,
});
export type RunFile = Of<typeof runFileShape>;

/** What ran, without its entries: all of a file but what may be long. */
export type RunHead = Pick<RunFile, 'exportedAt' | 'practical' | 'room' | 'class' | 'run' | 'missing'>;

/** `run.json` of an archive. */
export const runArchiveShape = record('RunArchive', {
  format: oneOf([runArchiveFormat]),
  version: oneOf([runArchiveVersion]),
  ...headFields,
  practical: practicalShape,
  run: runShape,
  entries: about('lines of log.jsonl', whole(0, mostEntriesInFile)),
  pictures: about('files under pictures/, each named by its SHA-256', whole(0, mostPicturesInFile)),
  missing: missingPictures,
});
export type RunArchive = Of<typeof runArchiveShape>;

/** The first version: a plan of format 1, and stations with a level each. */
const versionOneShape = record('RunFile of version 1', {
  ...fileFields,
  version: oneOf([1]),
  practical: record('PracticalInFile of version 1', { ...practicalFields, plan: formatOneShape }),
  run: record('RunInFile of version 1', { ...runFields, allocation: list(allocationOfVersionOne, 40, 1) }),
});

/** Reads the head of an archive. */
export function readRunArchive(head: unknown): Checked<RunArchive> {
  return tooNew(head, runArchiveVersion) ?? sound<RunArchive>(runArchiveShape, head);
}

/** Reads a run file of any version this program knows; older ones are brought up to date. */
export function readRunFile(document: unknown): Checked<RunFile> {
  const version = versionOf(document);
  if (version === 1) {
    const checked = sound<Of<typeof versionOneShape>>(versionOneShape, document);
    return 'errors' in checked ? checked : { value: upgradeVersionOne(checked.value) };
  }
  return tooNew(document, runFileVersion) ?? sound<RunFile>(runFileShape, document);
}

const versionOf = (document: unknown) => (document as { version?: unknown } | null)?.version;

function tooNew(document: unknown, known: number): { errors: FieldProblem[] } | null {
  const version = versionOf(document);
  if (typeof version !== 'number' || !Number.isInteger(version) || version <= known) return null;
  const allowed = `1${known > 1 ? ` to ${known}` : ''}: this file was written by a newer version of the program; open it there`;
  return { errors: [{ pointer: '/version', field: 'version', value: version, allowed }] };
}

function sound<T>(shape: Parameters<typeof accepts>[0], document: unknown): Checked<T> {
  if (accepts(shape, document)) return { value: document as T };
  return { errors: refusalsOf(shape, document) };
}

function upgradeVersionOne(old: Of<typeof versionOneShape>): RunFile {
  return {
    ...old,
    version: runFileVersion,
    practical: { ...old.practical, plan: upgradeFormatOne(old.practical.plan) },
    run: {
      ...old.run,
      allocation: old.run.allocation.map(({ station, levelId }) => ({ station, treatmentId: levelId })),
    },
  };
}

/** What an import answers with. */
export interface Imported {
  runId: string;
  practicalId: string;
  /** Entries of the run that are here now. */
  entries: number;
  /** Of them, those that came with this file. */
  added: number;
  /** The run was here already, the same in every entry. */
  already: boolean;
}
