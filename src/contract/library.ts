import { about, flag, record, type Of } from '../core/shape';
import type { FoundPiece, LibraryFacts } from '../core/library';
import { classOf } from './class-of';

/** Puts a practical away, or brings it back; nothing of it is lost either way. */
const archiveShape = record('Archive', { archived: about('put away; false: brought back', flag()) });
export const Archive = classOf(archiveShape);
export type Archive = Of<typeof archiveShape>;

/** A practical as the library shows it. */
export interface LibraryEntry {
  id: string;
  title: string;
  question: string;
  revision: number;
  savedAt: number;
  archived: boolean;
  /** When its last run began, ms since 1970; null where it never ran. */
  lastRunAt: number | null;
  runs: number;
  facts: LibraryFacts;
  /** Where the words stand that were searched for; empty where nothing was searched. */
  found: FoundPiece[];
}

/** How many of what was found have it. */
export type Counted = readonly [name: string, count: number];

export interface Library {
  entries: LibraryEntry[];
  /** How many were found; `entries` holds the first of them. */
  total: number;
  tags: Counted[];
  phenomena: Counted[];
  equipment: Counted[];
}
