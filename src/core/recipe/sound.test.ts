import { describe, expect, it } from 'vitest';
import { readRecipe } from './read-recipe';
import { fixturesIn } from './testing/fixtures';
import { forgotten, tooMuch } from './testing/planted';

/** Recipes by the usual ways of cooks and teachers (common practice); what contradicts itself in them stands beside them. */
const sound = fixturesIn('./sound.txt');

describe('recipes in which nothing contradicts itself', () => {
  it('are not said to: at most one in eighty says something false', () => {
    const wrong = sound.flatMap(({ name, text, contradictions }) => {
      const falseOnes = readRecipe(text).contradictions.filter(
        (one) =>
          !contradictions.some(
            ({ kind, word }) => one.kind === kind && one.text.toLowerCase().includes(word),
          ),
      );
      return falseOnes.length === 0 ? [] : [`${name}: ${falseOnes.map((one) => one.text).join(' ')}`];
    });
    expect(sound.length).toBeGreaterThanOrEqual(200);
    expect(wrong.length, wrong.join('\n')).toBeLessThanOrEqual(sound.length / 80);
  });

  it('and yet a line too much and a line too few are seen, where the method names things', () => {
    const shares = [tooMuch(sound), forgotten(sound)].map(({ seen, planted }) => seen / planted);
    // Measured: 78 and 59 %; a method that takes “everything”, or notes in place of sentences, tells nobody.
    expect(shares[0]).toBeGreaterThan(0.77);
    expect(shares[1]).toBeGreaterThan(0.57);
  });
});
