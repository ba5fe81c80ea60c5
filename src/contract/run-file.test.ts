import { describe, expect, it } from 'vitest';
import { readRunFile } from './run-file';

describe('a run file', () => {
  it('of a newer version is sent back to the program that wrote it, and looked at no further', () => {
    expect(readRunFile({ version: 3, format: 'x' })).toEqual({
      errors: [
        {
          pointer: '/version',
          field: 'version',
          value: 3,
          allowed: '1 to 2: this file was written by a newer version of the program; open it there',
        },
      ],
    });
  });

  // What is no version at all is told as any other field is, with what else is wrong.
  it.each([2, 2.5, '3', null, undefined, Infinity, -1, 0])(
    'of version %j is read as of this one',
    (version) => {
      const read = readRunFile({ version, format: 'x' });
      const pointers = 'errors' in read ? read.errors.map(({ pointer }) => pointer) : [];
      expect(pointers).toContain('/format');
      expect(pointers.includes('/version')).toBe(version !== 2);
    },
  );

  it('that is nothing, or of version 1 and damaged, is refused by its places', () => {
    for (const nothing of [null, 7, 'x', [], undefined]) {
      expect(readRunFile(nothing)).toMatchObject({ errors: [{ pointer: '' }] });
    }
    const old = readRunFile({ version: 1, format: 'x' });
    expect('errors' in old && old.errors.map(({ pointer }) => pointer)).toEqual(
      expect.arrayContaining(['/format', '/practical', '/run', '/entries']),
    );
  });
});
