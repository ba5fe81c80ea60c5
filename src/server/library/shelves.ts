import type { Knex } from 'knex';
import type { Counted, Library, LibraryEntry } from '../../contract/library';
import {
  foundIn,
  searchQuery,
  type FoundPiece,
  type LibraryFacts,
  type LibraryText,
} from '../../core/library';
import { remembered } from '../../core/memory';
import { notFound } from '../problems/problem';

/** What is looked for; what is left out does not matter. */
export interface Wanted {
  search?: string;
  tag?: string;
  phenomenon?: string;
  equipment?: string;
  /** At most so many minutes from bell to bell. */
  minutes?: number;
  /** Those put away instead of the others. */
  archived?: boolean;
}

/** Most practicals told at once. */
const mostTold = 60;
/** How much a word counts by where it stands: title, question, formula, method, all else. */
const weights = '10, 5, 4, 1, 2';

const byName = new Intl.Collator('en').compare;

/** Facts as they are kept, each read once. */
const factsOf = remembered((text) => JSON.parse(text) as LibraryFacts, 5000);

interface Row {
  line: number;
  practical_id: string;
  revision: number;
  saved_at: number;
  title: string;
  question: string;
  facts: string;
  archived_at: number | null;
  /** How well its words fit, the best lowest; 0 where nothing was searched. */
  rank: number;
}

/** All practicals, found by their words and by what is known of them. */
export class Shelves {
  readonly #knex: Knex;
  readonly #now: () => number;

  constructor(knex: Knex, now: () => number) {
    this.#knex = knex;
    this.#now = now;
  }

  async find(wanted: Wanted): Promise<Library> {
    const query = searchQuery(wanted.search ?? '');
    const rows = query === null ? await this.#all() : await this.#matching(query);
    const fitting = rows
      .filter(({ archived_at }) => (archived_at !== null) === (wanted.archived ?? false))
      .map((row) => ({ row, facts: factsOf(row.facts) }))
      .filter(({ facts }) => fits(facts, wanted))
      .sort((a, b) => a.row.rank - b.row.rank || byName(a.row.title, b.row.title));
    const told = fitting.slice(0, mostTold);
    const [ran, found] = await Promise.all([
      this.#ran(told.map(({ row }) => row.practical_id)),
      query === null
        ? new Map<number, FoundPiece[]>()
        : this.#found(
            wanted.search ?? '',
            told.map(({ row }) => row.line),
          ),
    ]);
    return {
      entries: told.map(({ row, facts }) => ({
        ...entryOf(row, facts),
        lastRunAt: ran.get(row.practical_id)?.last ?? null,
        runs: ran.get(row.practical_id)?.runs ?? 0,
        found: found.get(row.line) ?? [],
      })),
      total: fitting.length,
      tags: counted(fitting.flatMap(({ facts }) => facts.tags)),
      phenomena: counted(fitting.flatMap(({ facts }) => facts.phenomena)),
      equipment: counted(fitting.flatMap(({ facts }) => facts.equipment)),
    };
  }

  /** Puts a practical away or brings it back; the same again changes nothing. */
  async archive(id: string, archived: boolean): Promise<{ id: string; archived: boolean }> {
    const known = await this.#knex('practicals')
      .where({ id })
      .first<{ archived_at: number | null } | undefined>();
    if (!known) throw notFound('practical', id);
    if ((known.archived_at !== null) !== archived)
      await this.#knex('practicals')
        .where({ id })
        .update({ archived_at: archived ? this.#now() : null });
    return { id, archived };
  }

  #all(): Promise<Row[]> {
    return this.#knex('library as l')
      .join('practicals as p', 'p.id', 'l.practical_id')
      .select<Row[]>('l.*', 'p.archived_at', this.#knex.raw('0 AS rank'));
  }

  /** Those whose words fit, with their rank, the best lowest. */
  async #matching(query: string): Promise<Row[]> {
    return this.#knex.raw<Row[]>(
      `SELECT l.*, p.archived_at, bm25(library_text, ${weights}) AS rank FROM library_text
       JOIN library AS l ON l.line = library_text.rowid JOIN practicals AS p ON p.id = l.practical_id
       WHERE library_text MATCH ?`,
      [query],
    );
  }

  /** Where the words stand in each, besides its title. */
  async #found(search: string, lines: readonly number[]): Promise<Map<number, FoundPiece[]>> {
    const rows = await this.#knex('library_text')
      .whereIn('rowid', lines)
      .select<({ rowid: number } & Omit<LibraryText, 'title'>)[]>(
        'rowid',
        'question',
        'formula',
        'method',
        'other',
      );
    return new Map(
      rows.map(({ rowid, question, formula, method, other }) => [
        rowid,
        foundIn([question, formula, method, other], search),
      ]),
    );
  }

  /** How often each ran, and when last. */
  async #ran(ids: readonly string[]): Promise<Map<string, { last: number; runs: number }>> {
    const rows: { practical_id: string; last: number; runs: number }[] = await this.#knex('runs')
      .whereIn('practical_id', ids)
      .whereNotNull('started_at')
      .groupBy('practical_id')
      .select('practical_id', this.#knex.raw('max(starts_at) AS last'), this.#knex.raw('count(*) AS runs'));
    return new Map(rows.map(({ practical_id, last, runs }) => [practical_id, { last, runs }]));
  }
}

const entryOf = (row: Row, facts: LibraryFacts): Omit<LibraryEntry, 'lastRunAt' | 'runs' | 'found'> => ({
  id: row.practical_id,
  title: row.title,
  question: row.question,
  revision: row.revision,
  savedAt: row.saved_at,
  archived: row.archived_at !== null,
  facts,
});

function fits(facts: LibraryFacts, { tag, phenomenon, equipment, minutes }: Wanted): boolean {
  return (
    (tag === undefined || facts.tags.includes(tag)) &&
    (phenomenon === undefined || facts.phenomena.includes(phenomenon)) &&
    (equipment === undefined || facts.equipment.includes(equipment)) &&
    (minutes === undefined || facts.minutes <= minutes)
  );
}

/** Names with how often they are there, the most frequent first. */
function counted(names: readonly string[]): Counted[] {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || byName(a[0], b[0]));
}
