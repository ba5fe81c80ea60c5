import type { Knex } from 'knex';
import type { Counted, FoundText, Library, LibraryEntry } from '../../contract/library';
import { searchQuery, type LibraryFacts } from '../../core/library';
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
/** Marks round what was found; no text has them. */
const [hitBegins, hitEnds] = ['\u0001', '\u0002'];

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
    const ranks = query === null ? null : await this.#ranks(query);
    const rows = await this.#knex('library as l')
      .join('practicals as p', 'p.id', 'l.practical_id')
      .select<Row[]>('l.*', 'p.archived_at');
    const fitting = rows
      .filter(
        ({ line, archived_at }) =>
          (archived_at !== null) === (wanted.archived ?? false) && (ranks?.has(line) ?? true),
      )
      .map((row) => ({ row, facts: factsOf(row.facts) }))
      .filter(({ facts }) => fits(facts, wanted))
      .sort(
        (a, b) =>
          (ranks?.get(a.row.line) ?? 0) - (ranks?.get(b.row.line) ?? 0) || byName(a.row.title, b.row.title),
      );
    const told = fitting.slice(0, mostTold);
    const [ran, found] = await Promise.all([
      this.#ran(told.map(({ row }) => row.practical_id)),
      query === null
        ? new Map<number, string>()
        : this.#snippets(
            query,
            told.map(({ row }) => row.line),
          ),
    ]);
    return {
      entries: told.map(({ row, facts }) => ({
        ...entryOf(row, facts),
        lastRunAt: ran.get(row.practical_id)?.last ?? null,
        runs: ran.get(row.practical_id)?.runs ?? 0,
        found: piecesOf(found.get(row.line) ?? ''),
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

  /** Lines whose words fit, with their rank, the best first. */
  async #ranks(query: string): Promise<Map<number, number>> {
    const rows = await this.#knex.raw<{ rowid: number; rank: number }[]>(
      `SELECT rowid, bm25(library_text, ${weights}) AS rank FROM library_text WHERE library_text MATCH ?`,
      [query],
    );
    return new Map(rows.map(({ rowid, rank }) => [rowid, rank]));
  }

  async #snippets(query: string, lines: readonly number[]): Promise<Map<number, string>> {
    if (lines.length === 0) return new Map();
    const rows = await this.#knex.raw<{ rowid: number; found: string }[]>(
      `SELECT rowid, snippet(library_text, -1, ?, ?, '…', 14) AS found FROM library_text
       WHERE library_text MATCH ? AND rowid IN (${lines.map(() => '?').join(', ')})`,
      [hitBegins, hitEnds, query, ...lines],
    );
    return new Map(rows.map(({ rowid, found }) => [rowid, found]));
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

/** Text with marks as pieces. */
function piecesOf(marked: string): FoundText[] {
  return marked
    .replaceAll('\n', ' · ')
    .split(new RegExp(`(${hitBegins}[^${hitEnds}]*${hitEnds})`))
    .filter(Boolean)
    .map((piece) =>
      piece.startsWith(hitBegins) ? { text: piece.slice(1, -1), hit: true } : { text: piece, hit: false },
    );
}
