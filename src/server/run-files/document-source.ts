import { createReadStream } from 'node:fs';
import { JSONParser } from '@streamparser/json';
import { mostPicturesInFile, pictureInFileShape, type PictureInFile } from '../../contract/run-file';
import { refusalsOf } from '../../core/shape';
import { Problem, refusedField, refusedFields } from '../problems/problem';
import { Lengths } from './lengths';
import { bundle, type Piece, type Source } from './pieces';

const noJson = (why: string) =>
  new Problem(400, 'Not a run file', `This could not be read as JSON: ${why}. Nothing was changed.`);

/** Fields that hold what may be long; all others are the head. */
const long = new Set(['entries', 'pictures']);

/** A run as one JSON document, of any version: read as it comes, so that one entry at a time is in memory. */
export const documentSource = (file: string): Source =>
  async function* () {
    const head: Record<string, unknown> = {};
    let entries: unknown[] = [];
    let ready: Piece[] = [];
    let pictures = 0;
    let whole: { value: unknown } | null = null;
    // Each value of the document itself, and each of a list it holds.
    const parser = new JSONParser({ paths: ['$.*', '$.entries.*', '$.pictures.*', '$'], keepStack: false });
    parser.onValue = ({ value, key, parent, stack }) => {
      if (stack.length === 0) whole = { value };
      else if (stack.length === 1) {
        const name = String(key);
        if (Object.hasOwn(head, name)) throw refusedField(`/${name}`, name, 'each field once');
        Object.defineProperty(head, name, {
          ...{ enumerable: true, writable: true, configurable: true },
          value: long.has(name) && Array.isArray(value) ? [] : value,
        });
      } else if (Array.isArray(parent)) {
        const list = String(stack[1]!.key);
        if (list === 'entries') entries.push(value);
        else ready.push(pictureOf(value, pictures++));
        // What was taken is let go.
        (parent as unknown[])[Number(key)] = undefined;
      }
    };
    parser.onError = (error) => {
      throw error instanceof Problem ? error : noJson(error.message);
    };
    const lengths = new Lengths();
    for await (const chunk of createReadStream(file)) {
      lengths.watch(chunk as Buffer);
      parser.write(chunk as Buffer);
      yield* ready;
      ready = [];
      for (; entries.length >= bundle; entries = entries.slice(bundle))
        yield { is: 'entries', entries: entries.slice(0, bundle) };
    }
    if (!parser.isEnded) throw noJson('it ends before it is complete');
    if (entries.length > 0) yield { is: 'entries', entries };
    const { value } = whole as unknown as { value: unknown };
    const isDocument = typeof value === 'object' && value !== null && !Array.isArray(value);
    yield { is: 'head', layout: 'document', head: isDocument ? head : value };
  };

function pictureOf(value: unknown, i: number): Piece {
  if (i >= mostPicturesInFile)
    throw refusedField('/pictures', `${i + 1} or more`, `up to ${mostPicturesInFile}`);
  const wrong = refusalsOf(pictureInFileShape, value, `/pictures/${i}`, String(i));
  if (wrong.length > 0) throw refusedFields(wrong);
  const { hash, data } = value as PictureInFile;
  return { is: 'picture', hash, bytes: Buffer.from(data, 'base64'), pointer: `/pictures/${i}/data` };
}
