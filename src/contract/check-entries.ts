import { readingRangeC } from '../core/trace';
import { check, type Checked } from './check';
import { batchSize, EntryBatch } from './entries';

/*
 * A run of probes sends thousands of entries a second, and walking decorators costs more than writing them to
 * disk. So a batch is first held against plain predicates; only where one fails do the decorators of EntryBatch
 * say what is wrong. A test holds the two against each other.
 */

type Predicate = (value: unknown) => boolean;

const within =
  (low: number, high: number): Predicate =>
  (value) =>
    typeof value === 'number' && value >= low && value <= high;
const whole =
  (low: number, high: number): Predicate =>
  (value) =>
    Number.isInteger(value) && (value as number) >= low && (value as number) <= high;
const text =
  (most: number, least = 0): Predicate =>
  (value) =>
    typeof value === 'string' && value.length <= most && (least === 0 || /\S/.test(value));
const oneOf =
  (...options: unknown[]): Predicate =>
  (value) =>
    options.includes(value);
const orNull =
  (predicate: Predicate): Predicate =>
  (value) =>
    value === null || predicate(value);
const idPattern = /^[\w.-]{1,80}$/;
const id: Predicate = (value) => typeof value === 'string' && idPattern.test(value);

type Shape = Record<string, Predicate>;

const recordedShapes: Record<string, Shape> = {
  reading: {
    celsius: within(readingRangeC.low, readingRangeC.high),
    probe: whole(1, 9),
    unit: oneOf('C', 'F'),
    source: oneOf('typed', 'probe'),
  },
  observation: {
    text: text(500, 1),
    when: oneOf('before', 'during', 'after'),
    sense: oneOf('appearance', 'colour', 'texture', 'smell', 'sound', null),
  },
  event: { text: text(200, 1), stepId: orNull(id) },
  measurement: { responseId: orNull(id), name: text(80, 1), value: within(-1e9, 1e9), unit: text(20) },
  deviation: { text: text(500, 1) },
  timer: { label: text(600), minutes: within(0.01, 600), lookAt: orNull(within(0.01, 600)) },
};

const bodyShapes: Record<string, Shape> = {
  ...recordedShapes,
  correction: { corrects: id, to: orNull((value) => hasShapeOfItsKind(value, recordedShapes)) },
};

const entryShape: Shape = {
  id,
  station: orNull(whole(1, 99)),
  at: whole(946_684_800_000, 4_102_444_800_000),
  offset: whole(-900, 900),
  body: (value) => hasShapeOfItsKind(value, bodyShapes),
};

function hasShape(value: unknown, shape: Shape, besides: string | null): boolean {
  if (typeof value !== 'object' || value === null) return false;
  const given = value as Record<string, unknown>;
  let known = 0;
  for (const key in shape) {
    if (!shape[key]!(given[key])) return false;
    known += 1;
  }
  return Object.keys(given).length === known + (besides === null ? 0 : 1);
}

function hasShapeOfItsKind(value: unknown, shapes: Record<string, Shape>): boolean {
  const kind = (value as { kind?: unknown } | null)?.kind;
  if (typeof kind !== 'string' || !Object.hasOwn(shapes, kind)) return false;
  return hasShape(value, shapes[kind]!, 'kind');
}

/** Whether a value is an entry of the contract, said quickly and without reasons. */
export function isSoundEntry(value: unknown): boolean {
  return hasShape(value, entryShape, null);
}

/** Checks a batch of entries as `check(EntryBatch, plain)` does, but fast where all is well. */
export function checkEntries(plain: unknown): Checked<EntryBatch> {
  const entries = (plain as { entries?: unknown } | null)?.entries;
  const sound =
    Array.isArray(entries) &&
    entries.length > 0 &&
    entries.length <= batchSize &&
    Object.keys(plain as object).length === 1 &&
    entries.every(isSoundEntry);
  return sound ? { value: plain as EntryBatch } : check(EntryBatch, plain);
}
