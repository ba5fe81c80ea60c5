import { Readable } from 'node:stream';
import Papa from 'papaparse';
import { ZipFile } from 'yazl';
import {
  archiveNames,
  runArchiveFormat,
  runArchiveVersion,
  runFileFormat,
  runFileVersion,
  type RunArchive,
  type RunFile,
  type RunHead,
} from '../../contract/run-file';
import type { Run } from '../../contract/runs';
import type { Log, LogRow } from '../log/log';
import type { Pictures } from '../pictures/pictures';
import { formula, inert } from '../csv/formula';
import { csvColumns, csvRows } from './log-csv';

/** What a run is written from: up to a place in its log, so that what comes meanwhile is not half in it. */
export interface Written {
  head: RunHead;
  run: Run;
  entries: number;
  until: number;
  pictures: readonly string[];
}

interface From {
  log: Log;
  pictures: Pictures;
}

/** How a run is written. */
export type Layout = 'archive' | 'document' | 'csv';

/** Text and bytes, a piece at a time; nothing of any length is held. */
export function written(layout: Layout, from: From, what: Written): AsyncGenerator<Buffer> {
  switch (layout) {
    case 'archive':
      return archive(from, what);
    case 'document':
      return inBlocks(document(from, what));
    case 'csv':
      return inBlocks(csv(from, what));
  }
}

/** An entry as files have it, on a line of its own; its body as it is stored. */
const lineOf = ({ id, station, at, offset, arrived_at, body }: LogRow) =>
  `{"id":${JSON.stringify(id)},"station":${station},"at":${at},"offset":${offset},"arrivedAt":${arrived_at},"body":${body}}`;

async function* archive({ log, pictures }: From, what: Written): AsyncGenerator<Buffer> {
  const { head, run, entries, until } = what;
  const zip = new ZipFile();
  const mtime = new Date(head.exportedAt);
  const failed = new AbortController();
  zip.on('error', (error: Error) => failed.abort(error));
  const about = {
    ...{ format: runArchiveFormat, version: runArchiveVersion, ...head },
    ...{ entries, pictures: what.pictures.length },
  } satisfies RunArchive;
  zip.addBuffer(Buffer.from(`${JSON.stringify(about, null, 1)}\n`), archiveNames.head, { mtime });
  for (const hash of what.pictures) {
    // A picture is pressed already.
    zip.addReadStreamLazy(archiveNames.picture(hash), { mtime, compress: false }, (give) => {
      pictures.read(hash).then(
        ({ bytes }) => give(null, Readable.from([bytes])),
        (error: unknown) => give(error, Readable.from([])),
      );
    });
  }
  zip.addReadStreamLazy(archiveNames.log, { mtime, compressionLevel: 6 }, (give) => {
    give(null, Readable.from(inBlocks(lines(log, run.id, until)), { objectMode: false }));
  });
  zip.end();
  const out = zip.outputStream as Readable;
  failed.signal.addEventListener('abort', () => out.destroy(failed.signal.reason as Error));
  for await (const chunk of out) yield chunk as Buffer;
}

async function* lines(log: Log, runId: string, until: number): AsyncGenerator<string> {
  for await (const rows of log.rows(runId, until)) yield `${rows.map(lineOf).join('\n')}\n`;
}

async function* document({ log, pictures }: From, what: Written): AsyncGenerator<string> {
  const { exportedAt, practical, room, class: group, run, missing } = what.head;
  const head = {
    ...{ format: runFileFormat, version: runFileVersion, exportedAt, practical, room, class: group, run },
    ...(missing && { missing }),
  } satisfies Omit<RunFile, 'entries' | 'pictures'>;
  yield `${JSON.stringify(head).slice(0, -1)},\n"entries":[\n`;
  let between = '';
  for await (const rows of log.rows(what.run.id, what.until)) {
    yield between + rows.map(lineOf).join(',\n');
    between = ',\n';
  }
  yield '\n]';
  for (const [i, hash] of what.pictures.entries()) {
    const { bytes } = await pictures.read(hash);
    const data = bytes.toString('base64');
    yield `${i === 0 ? ',\n"pictures":[\n' : ',\n'}${JSON.stringify({ hash, data })}`;
  }
  yield what.pictures.length > 0 ? '\n]}\n' : '}\n';
}

async function* csv({ log }: From, { run, until }: Written): AsyncGenerator<string> {
  const newline = '\r\n';
  // The mark at the start lets spreadsheets see that it is UTF-8.
  yield `\uFEFF${csvColumns.join(',')}${newline}`;
  for await (const rows of log.rowsByTime(run.id, until)) {
    const data = csvRows(run, rows).map((row) =>
      Object.fromEntries(Object.entries(row).map(([column, cell]) => [column, inert(cell)])),
    );
    // Free text that a spreadsheet would take for a formula is quoted as text.
    const options = { newline, escapeFormulae: formula, header: false };
    yield Papa.unparse({ fields: [...csvColumns], data }, options) + newline;
  }
}

const block = 65_536;

/** Text as bytes, in pieces neither tiny nor huge. */
async function* inBlocks(texts: AsyncGenerator<string>): AsyncGenerator<Buffer> {
  let waiting: string[] = [];
  let size = 0;
  for await (const text of texts) {
    waiting.push(text);
    size += text.length;
    if (size < block) continue;
    yield Buffer.from(waiting.join(''));
    waiting = [];
    size = 0;
  }
  if (size > 0) yield Buffer.from(waiting.join(''));
}
