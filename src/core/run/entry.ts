import { about, id, orNull, record, union, whole, type Of, type Spec } from '../shape';
import { entryKinds, type LogCells } from './entry-kinds';

type Kinds = typeof entryKinds;
type FieldsOfKinds = { [K in keyof Kinds]: Kinds[K]['fields'] };

const fields = Object.fromEntries(
  Object.values(entryKinds).map((kind) => [kind.kind, kind.fields]),
) as unknown as FieldsOfKinds;

/** What was first written, of any kind. */
const recordedShape = union('Recorded', 'kind', fields);

export type RecordedBody = Of<typeof recordedShape>;

/** Points at an earlier entry and says what should have stood there; null strikes it out. Both stay readable. */
const correctionFields = { corrects: id(), to: orNull(recordedShape) };

const bodyShape = union('EntryBody', 'kind', { ...fields, correction: correctionFields });

export type EntryBody = Of<typeof bodyShape>;
export type CorrectionBody = Extract<EntryBody, { kind: 'correction' }>;
export type EntryKind = EntryBody['kind'];

export const entryFields = {
  id: about('UUIDv7 made by whoever wrote it', id()),
  station: about('null: everywhere', orNull(whole(1, 99))),
  at: about(
    'when it happened, on the run’s clock',
    whole(946_684_800_000, 4_102_444_800_000, 'ms since 1970'),
  ),
  offset: about('minutes the writer’s clock is ahead of UTC', whole(-900, 900, 'min')),
  body: bodyShape,
};

/** One entry of a run’s notebook. */
export const entryShape = record('Entry', entryFields);
export type Entry = Of<typeof entryShape>;

/** The picture an entry names, by its hash; null for none. */
export function pictureOf(body: EntryBody): string | null {
  const recorded = body.kind === 'correction' ? body.to : body;
  return recorded?.kind === 'photo' ? recorded.picture : null;
}

interface AnyKind {
  fields: Readonly<Record<string, Spec>>;
  words(body: RecordedBody): string;
  cells(body: RecordedBody): LogCells;
}
const kindOf = (body: RecordedBody) => entryKinds[body.kind] as unknown as AnyKind;

/** A recorded body in words, for the quick line, the log and the report alike. */
export const recordedInWords = (body: RecordedBody): string => kindOf(body).words(body);

/** What a body puts into the columns of a table of the log. */
export function cellsOf(body: EntryBody): LogCells & { corrects?: string } {
  if (body.kind !== 'correction') return kindOf(body).cells(body);
  return { corrects: body.corrects, ...(body.to ? kindOf(body.to).cells(body.to) : { text: 'struck out' }) };
}
