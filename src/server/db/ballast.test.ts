import { existsSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { keepBallast, withBallast } from './ballast';

let data: string;
beforeEach(() => {
  data = mkdtempSync(join(tmpdir(), 'tawny-ballast-'));
});
afterEach(() => rmSync(data, { recursive: true, force: true }));
const file = () => join(data, 'ballast');
const refusal = (code: string) => Object.assign(new Error(code), { code });

describe('room laid aside for a full disk', () => {
  it('goes when a start finds no room, once; what fails for another reason fails, and keeps it', async () => {
    keepBallast(data);
    expect(statSync(file()).blocks * 512).toBeGreaterThanOrEqual(4_000_000);
    await expect(withBallast(data, () => Promise.reject(refusal('SQLITE_CORRUPT')))).rejects.toThrow(
      'CORRUPT',
    );
    expect(existsSync(file())).toBe(true);
    let begun = 0;
    const begin = () => {
      begun += 1;
      return existsSync(file()) ? Promise.reject(refusal('SQLITE_IOERR_SHMSIZE')) : Promise.resolve('open');
    };
    expect([await withBallast(data, begin), begun, existsSync(file())]).toEqual(['open', 2, false]);
    await expect(withBallast(data, () => Promise.reject(refusal('SQLITE_FULL')))).rejects.toThrow('FULL');
  });
});
