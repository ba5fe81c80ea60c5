import { describe, expect, it } from 'vitest';
import { Problem } from '../problems/problem';
import { Lengths } from './lengths';

/** What is said of a document that goes by in pieces; null where nothing is. */
function said(document: string, pieces = 1 << 16): string | null {
  const lengths = new Lengths();
  const bytes = Buffer.from(document);
  try {
    for (let from = 0; from < bytes.length; from += pieces)
      lengths.watch(bytes.subarray(from, from + pieces));
    return null;
  } catch (error) {
    if (error instanceof Problem) return error.message;
    throw error;
  }
}

const long = (bytes: number) => 'x'.repeat(bytes);
const entry = '{"id":"a","note":"] } , \\" \\\\","list":[1,{"b":2}]}';
const picture = (bytes: number) => `{"hash":"${long(64)}","data":"${long(bytes)}"}`;

describe('a document that goes by', () => {
  it.each<[string, string]>([
    [
      'a run of many entries',
      `{"format":"x","entries":[${Array(40_000).fill(entry).join(',\n')}],"end":{"a":[]}}`,
    ],
    [
      'pictures as long as they may be',
      `{"pictures":[${picture(10_600_000)}, ${picture(10_600_000)}],"entries":[]}`,
    ],
    ['a head of three megabytes', `{"plan":{"entries":["${long(3e6)}"]},"entries":[${entry}]}`],
    ['what is no JSON', '}}]]""'],
    ['nothing', ''],
  ])('of %s is let by, in whatever pieces', (_, document) => {
    expect(said(document)).toBeNull();
    expect(said(document.slice(0, 20_000), 1)).toBeNull();
  });

  it.each<[string, string, string]>([
    ['a text of hundreds of megabytes', `{"note":"${long(2e8)}"}`, 'up to 4000000 bytes'],
    [
      'many fields that are long together',
      `{${Array(9)
        .fill(`"n":"${long(5e5)}"`)
        .join(',')}}`,
      'up to 4000000 bytes',
    ],
    ['no object at all', `"${long(5e6)}"`, 'up to 4000000 bytes'],
    ['an entry of megabytes', `{"entries":[${entry},{"id":"${long(70_000)}"}]}`, 'up to 65536 bytes each'],
    [
      'an entry with much in it',
      `{"entries":[{"list":[${Array(40_000).fill('1').join(',')}]}]}`,
      'up to 65536 bytes each',
    ],
    ['a picture without an end', `{"pictures":[${picture(11_000_000)}]}`, 'bytes each'],
    [
      'entries that are a large object',
      `{"entries":{${Array(1e6).fill('"a":1').join(',')}}}`,
      'up to 4000000 bytes',
    ],
    ['a name that only ends like one', `{"note\\"entries":["${long(5e6)}"]}`, 'up to 4000000 bytes'],
    [
      'a list of another name',
      `{"entrees":[${Array(1e6).fill('"a"').join(',')},"a"]}`,
      'up to 4000000 bytes',
    ],
    ['lists in each other', `{"note":${'['.repeat(101)}`, 'nested up to 100 deep'],
  ])('with %s is stopped', (_, document, words) => {
    expect(said(document)).toContain(words);
  });
});
