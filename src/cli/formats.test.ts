import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planShape } from '../core/practical';
import { formatsDocument } from './formats';

describe('the page of formats', () => {
  it('is the one in docs, and names every field of a plan', () => {
    const page = formatsDocument();
    expect(readFileSync('docs/formats.md', 'utf8').trim()).toBe(page.trim());
    for (const field of Object.keys(planShape.fields)) expect(page).toContain(`| \`${field}\``);
  });
});
