import { describe, expect, it } from 'vitest';
import { readProducts } from './pantry/product-csv';
import { patternsIn, worseThanLinear, type Pattern } from './testing/patterns';

describe('patterns', () => {
  it('of core, server and contract, every one of them, take time in proportion to what they are given', () => {
    const patterns = patternsIn('src/core', 'src/server', 'src/contract');
    expect(patterns.length).toBeGreaterThan(900);
    expect(patterns.map(worseThanLinear).filter(Boolean)).toEqual([]);
  });

  it('that do not are found', () => {
    const bad = (source: string): Pattern => ({ where: 'here', source, flags: 'i' });
    for (const source of ['^(.*?)\\s*(kg|g)?$', '\\s+$', '[.\\s]+$'])
      expect(worseThanLinear(bad(source)), source).not.toBeNull();
    for (const source of ['^\\d+$', '[^\\w]', '(?:kg|g)$', 'abc'])
      expect(worseThanLinear(bad(source))).toBeNull();
  });

  it('one cell of a file of packs with 200,000 blanks is refused, and holds nobody up', () => {
    for (const cell of [`1${' '.repeat(200_000)}x`, ' '.repeat(200_000), `${'1'.repeat(200_000)} kgs`]) {
      const read = readProducts(`ingredient,pack_g\nflour,"${cell}"`);
      expect('errors' in read && read.errors[0]!.field).toBe('line 2, pack_g');
    }
  });
});
