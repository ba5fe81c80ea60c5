import type { Run } from '../../contract/runs';
import { treatmentOf } from '../../core/practical';
import { cellsOf, type EntryBody } from '../../core/run';
import type { LogRow } from '../log/log';

export const csvColumns = [
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

type CsvRow = Partial<Record<(typeof csvColumns)[number], string | number>>;

/** Entries of a run as rows of its CSV: one line an entry, nothing left out. */
export function csvRows(run: Run, entries: readonly LogRow[]): CsvRow[] {
  const levels = new Map(
    run.allocation.map(({ station, treatmentId }) => [
      station,
      treatmentOf(run.plan, treatmentId)?.label ?? '',
    ]),
  );
  return entries.map((entry): CsvRow => {
    const body = JSON.parse(entry.body) as EntryBody;
    return {
      entry: entry.id,
      station: entry.station ?? 'all',
      level: entry.station === null ? '' : (levels.get(entry.station) ?? ''),
      happened: withOffset(entry.at, entry.offset),
      arrived: withOffset(entry.arrived_at, entry.offset),
      kind: body.kind,
      ...cellsOf(body),
    };
  });
}

/** ISO 8601 with the offset of whoever wrote it. */
function withOffset(ms: number, offsetMinutes: number): string {
  const local = new Date(ms + offsetMinutes * 60_000).toISOString().slice(0, -1);
  const sign = offsetMinutes < 0 ? '-' : '+';
  const two = (value: number) => String(Math.floor(Math.abs(value))).padStart(2, '0');
  return `${local}${sign}${two(offsetMinutes / 60)}:${two(Math.abs(offsetMinutes) % 60)}`;
}
