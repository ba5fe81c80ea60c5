import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { scienceDocument } from './science';

describe('docs/science.md', () => {
  it('is what the registry, the tables and the simulations say today (npm run docs)', () => {
    expect(readFileSync('docs/science.md', 'utf8')).toBe(scienceDocument());
  });
});
