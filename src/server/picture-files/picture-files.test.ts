import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { writeWhole } from './picture-files';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'tawny-whole-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('a file that is written whole', () => {
  it('is there with all of it, over what was there before', async () => {
    const file = join(folder, 'a');
    await writeWhole(file, Buffer.from('first'));
    await writeWhole(file, Buffer.from('second'));
    expect(readFileSync(file, 'utf8')).toBe('second');
    expect(readdirSync(folder)).toEqual(['a']);
  });

  it('leaves no half of itself where it cannot be put in its place', async () => {
    // A folder that holds something gives way to no file.
    mkdirSync(join(folder, 'a', 'b'), { recursive: true });
    await expect(writeWhole(join(folder, 'a'), Buffer.from('x'))).rejects.toThrow();
    expect(readdirSync(folder)).toEqual(['a']);
  });
});
