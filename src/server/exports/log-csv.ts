import Papa from 'papaparse';
import type { LoggedEntry } from '../../contract/entries';
import type { Run } from '../../contract/runs';
import { treatmentOf } from '../../core/practical';
import { cellsOf } from '../../core/run';

const columns = [
  'entry',
  'station',
  'level',
  'happened',
  'arrived',
  'kind',
  'thermometer',
  'celsius',
  'fahrenheit',
  'quantity',
  'piece',
  'value',
  'unit',
  'text',
  'corrects',
] as const;

type Row = Partial<Record<(typeof columns)[number], string | number>>;

/**
 * What a spreadsheet may take for a formula: also behind blanks and what some take for the end of a cell, and with the
 * full-width signs that are read as their narrow ones.
 */
const formula = /^[\s;,'"]*[=+\-@|%＝＋－＠]/;

/** The log of a run as CSV: one line an entry, in the order they happened, nothing left out. */
export function logAsCsv(run: Run, entries: readonly LoggedEntry[]): string {
  const levels = new Map(
    run.allocation.map(({ station, treatmentId }) => [
      station,
      treatmentOf(run.plan, treatmentId)?.label ?? '',
    ]),
  );
  const rows = [...entries]
    .sort((a, b) => a.at - b.at || a.seq - b.seq)
    .map((entry): Row => {
      return {
        entry: entry.id,
        station: entry.station ?? 'all',
        level: entry.station === null ? '' : (levels.get(entry.station) ?? ''),
        happened: withOffset(entry.at, entry.offset),
        arrived: withOffset(entry.arrivedAt, entry.offset),
        kind: entry.body.kind,
        ...cellsOf(entry.body),
      };
    });
  // Free text that a spreadsheet would take for a formula is quoted as text.
  return (
    Papa.unparse({ fields: [...columns], data: rows }, { newline: '\r\n', escapeFormulae: formula }) + '\r\n'
  );
}

/** ISO 8601 with the offset of whoever wrote it. */
function withOffset(ms: number, offsetMinutes: number): string {
  const local = new Date(ms + offsetMinutes * 60_000).toISOString().slice(0, -1);
  const sign = offsetMinutes < 0 ? '-' : '+';
  const two = (value: number) => String(Math.floor(Math.abs(value))).padStart(2, '0');
  return `${local}${sign}${two(offsetMinutes / 60)}:${two(Math.abs(offsetMinutes) % 60)}`;
}
