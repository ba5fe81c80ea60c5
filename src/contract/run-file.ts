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
import { newRoomShape } from './rooms';
import { allocationListShape, allocationOfVersionOne, clockShape, momentRange } from './runs';

export const runFileFormat = 'tawny-beaker-run';
export const runFileVersion = 2;

/** Letters of base64 that so many bytes make. */
const base64Of = (bytes: number) => 4 * Math.ceil(bytes / 3);

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

const fileFields = {
  format: oneOf([runFileFormat]),
  exportedAt: text(40),
  room: newRoomShape,
  class: classShape,
  entries: list(record('EntryInFile', { ...entryFields, arrivedAt: moment() }), 500_000),
  pictures: about(
    'the pictures its photos name, as base64',
    optional(
      list(record('PictureInFile', { hash: pictureHash(), data: text(base64Of(mostPictureBytes), 1) }), 2000),
    ),
  ),
};

/** One run as a file: everything needed to read it again elsewhere, without loss. */
export const runFileShape = record('RunFile', {
  ...fileFields,
  version: oneOf([runFileVersion]),
  practical: record('PracticalInFile', { ...practicalFields, plan: planShape }),
  run: record('RunInFile', { ...runFields, allocation: allocationListShape }),
});
export type RunFile = Of<typeof runFileShape>;

/** The first version: a plan of format 1, and stations with a level each. */
const versionOneShape = record('RunFile of version 1', {
  ...fileFields,
  version: oneOf([1]),
  practical: record('PracticalInFile of version 1', { ...practicalFields, plan: formatOneShape }),
  run: record('RunInFile of version 1', { ...runFields, allocation: list(allocationOfVersionOne, 40, 1) }),
});

/** Reads a run file of any version this program knows; older ones are brought up to date. */
export function readRunFile(document: unknown): Checked<RunFile> {
  const version = (document as { version?: unknown } | null)?.version;
  if (version === 1) {
    const checked = sound<Of<typeof versionOneShape>>(versionOneShape, document);
    return 'errors' in checked ? checked : { value: upgradeVersionOne(checked.value) };
  }
  if (typeof version === 'number' && Number.isInteger(version) && version > runFileVersion) {
    const allowed = `1 to ${runFileVersion}: this file was written by a newer version of the program; open it there`;
    return { errors: [{ pointer: '/version', field: 'version', value: version, allowed }] };
  }
  return sound<RunFile>(runFileShape, document);
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
