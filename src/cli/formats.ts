import { batchSize } from '../contract/batch-size';
import { classShape } from '../contract/classes';
import { planFileFormat, planFileShape, planFileVersion } from '../contract/plan-file';
import { newRoomShape } from '../contract/rooms';
import {
  archiveNames,
  runArchiveFormat,
  runArchiveShape,
  runArchiveVersion,
  runFileFormat,
  runFileShape,
  runFileVersion,
} from '../contract/run-file';
import { planShape } from '../core/practical';
import { entryKinds, entryShape } from '../core/run';
import { allowedIn, mayBeMissing, type RecordSpec, type Spec } from '../core/shape';

/** The page of formats, made from the shapes that check what comes in. */
export function formatsDocument(): string {
  const seen = new Set<string>();
  return `${[
    '# Files and API',
    'Made by `npm run docs` from the shapes that check what comes in; what stands here is what is checked.',
    '`/api/openapi.json` describes every route with schemas made from the same shapes. Problems come as `application/problem+json` (RFC 9457) with `errors: [{pointer, field, value, allowed}]`.',
    '## Entries',
    `\`POST /api/runs/{id}/log\` takes \`{"entries": [ … ]}\`, 1 to ${batchSize} of them, all kept or none.`,
    recordTable(entryShape),
    'The body is one of these kinds:',
    ...Object.values(entryKinds).flatMap(({ kind, about, fields }) => [
      `### ${kind}`,
      `${about.charAt(0).toUpperCase()}${about.slice(1)}.`,
      fieldTable(fields),
    ]),
    '### correction',
    '`corrects` (the id of an entry) and `to` (a body of the same kind, or null, which strikes it out). Both stay in the log.',
    'Live: `GET /api/runs/{id}/live` sends server-sent events `entries` (with the place in the log as id, so that a broken stream resumes) and `run`.',
    '## The plan',
    'A revision of a practical is one of these documents. `format` is its number: documents of format 1 (which had none) are read and brought up to date as they are opened, and stay in the database as they were written; a newer format is refused.',
    ...recordPages(planShape, seen),
    '## A plan as a file',
    `Saved and opened on the plan’s page and under “Paste a recipe”, for a colleague. \`format\` is \`${planFileFormat}\`, \`version\` ${planFileVersion}; its plan carries its own format and is brought up to date as it is opened. The room stays behind. A plan’s formula and method also go out and in as a schema.org Recipe (JSON-LD).`,
    ...recordPages(planFileShape, seen),
    '## Rooms and classes',
    ...recordPages(newRoomShape, seen),
    ...recordPages(classShape, seen),
    '## A run as a file',
    'Read in with `POST /api/imports` or on Today: as an archive (`application/zip`) or as one JSON document (`application/json`). A file holds the practical with the one revision that was run, room, class, the run with its layout, place and clock, and every entry with the time it arrived. Reading it twice changes nothing. A practical that reads otherwise on the other machine comes in under a new id; a different run under a known id is refused. Nothing of a file is there before all of it is.',
    '### The archive',
    `\`GET /api/runs/{id}/run.zip\`: a ZIP that any computer opens. In it are \`${archiveNames.head}\` (\`format\` is \`${runArchiveFormat}\`, \`version\` ${runArchiveVersion}), \`${archiveNames.log}\`, one entry a line as \`EntryInFile\` below, in the order they arrived, and each picture as \`${archiveNames.picture('{SHA-256}')}\`.`,
    ...recordPages(runArchiveShape, seen),
    '### The document',
    `\`GET /api/runs/{id}/run.json\`. \`format\` is \`${runFileFormat}\`, \`version\` is ${runFileVersion}; version 1 is read as well. It is written with one entry a line.`,
    ...recordPages(runFileShape, seen),
    '## The log as CSV',
    'One line an entry in order of time; UTF-8 with a mark, CRLF. Columns: `entry, station, level, happened, arrived, kind, thermometer, celsius, fahrenheit, quantity, piece, value, unit, text, corrects`. Free text that a spreadsheet would take for a formula is quoted as text.',
    '## Calculators',
    "`GET /api/calculators`, `POST /api/calculators/{id}`, and `npm run --silent calc -- <id> '<json>'`. Input that is missing, unknown, out of range or no number: status 422, or exit code 2 with the problem on standard error.",
  ].join('\n\n')}\n`;
}

/** A record with its table, and after it every record inside it that has not been shown yet. */
function recordPages(spec: RecordSpec, seen: Set<string>): string[] {
  if (seen.has(spec.name)) return [];
  seen.add(spec.name);
  const inner = Object.values(spec.fields).flatMap((field) => recordsIn(field));
  return [`### ${spec.name}`, fieldTable(spec.fields), ...inner.flatMap((one) => recordPages(one, seen))];
}

/** Records a field holds, directly or in a list; of a union each of its variants. */
function recordsIn(spec: Spec): RecordSpec[] {
  switch (spec.kind) {
    case 'nullable':
    case 'refined':
      return recordsIn(spec.inner);
    case 'list':
      return recordsIn(spec.of);
    case 'record':
      return [spec];
    case 'union':
      return spec.name === 'EntryBody' ? [] : Object.values(spec.variants);
    case 'text':
    case 'id':
    case 'number':
    case 'choice':
    case 'flag':
      return [];
  }
}

const recordTable = ({ fields }: RecordSpec) => fieldTable(fields);

function fieldTable(fields: Readonly<Record<string, Spec>>): string {
  const rows = Object.entries(fields).map(([name, spec]) => [
    `\`${name}\`${mayBeMissing(spec) ? ' (may be left out)' : ''}`,
    wordsOf(spec),
    spec.about ?? '',
  ]);
  if (rows.length === 0) return 'No more fields.';
  return [
    '| field | what it holds | meaning |',
    '| --- | --- | --- |',
    ...rows.map((row) => `| ${row.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`),
  ].join('\n');
}

/** What a field holds, with the name of a record where it is one. */
function wordsOf(spec: Spec): string {
  switch (spec.kind) {
    case 'nullable':
      return `${wordsOf(spec.inner)}, or null`;
    case 'refined':
      return wordsOf(spec.inner);
    case 'list':
      return `${spec.least} to ${spec.most} of: ${wordsOf(spec.of)}`;
    case 'record':
      return spec.name;
    case 'union':
      return `${spec.name}, by \`${spec.tag}\`: ${Object.keys(spec.variants).join(', ')}`;
    case 'text':
    case 'id':
    case 'number':
    case 'choice':
    case 'flag':
      return allowedIn(spec);
  }
}
