import { describe, expect, it } from 'vitest';
import type { Row } from './layout';
import { isTitle, titleFrom, withoutAside } from './titles';

const row = (text: string) => ({ text }) as Row;
const title = (text: string, next: string | null = '200 g flour', step = false) =>
  isTitle(text, step, next === null ? null : row(next), 'en');

describe('the first line of a text', () => {
  it.each<[string, boolean]>([
    ['Plain buns', true],
    ['Three bean chilli', true],
    ['A tea for two', true],
    ['Rice pudding for 4', true],
    ['Chewy bars: 16 squares', true],
    ['Flat wraps (12 small)', true],
    ['Twelve words and more than that make a line far too long to be one', false],
    ['This was my first. Try it.', false],
    ['Everybody should really try this one tonight!', false],
    ['Try it!', true],
    ['200 g flour', false],
    ['2 eggs', false],
    ['Half an onion', false],
    ['An onion', false],
    ['2 tbsp oil', false],
  ])('%s', (text, wanted) => {
    expect(title(text)).toBe(wanted);
  });

  it('alone over a blank line it may have numbers, but for an amount of something', () => {
    const alone = (text: string) => title(text, '');
    for (const text of [
      '48-hour dough: 6 balls of 270 g',
      'Worksheet 3: egg custard',
      'Buns x 16',
      'Brown stock. Makes 2 l.',
    ])
      expect(alone(text), text).toBe(true);
    for (const text of ['Butter 250 g', '250 g butter', '250 g butter, 2 eggs', 'Half an onion'])
      expect(alone(text), text).toBe(false);
  });

  it('a step is none, unless a list stands under its few words', () => {
    expect(title('Bake the buns until they are brown and then let them cool', '', true)).toBe(false);
    expect(title('Roast roots', '', true)).toBe(true);
    expect(title('Roast roots', '200 g carrots', true)).toBe(true);
    expect(title('Roast roots', 'Then let them cool', true)).toBe(false);
    expect(title('Roast roots', null, true)).toBe(false);
    expect(title('roast roots', '', true)).toBe(false);
    expect(title('Roast roots, then rest', '', true)).toBe(false);
    expect(title('Roast these eight long words until they brown', '', true)).toBe(false);
  });

  it('loses its marks, its bracket of nothing and its shouting', () => {
    expect(
      [
        '## Plain buns ##',
        'PLAIN BUNS',
        'Plain buns -',
        'Buns ( )',
        'Buns (12)',
        'Buns)',
        'Brown stock. Makes 2 l.',
        'Buns. . 30 min.',
        'x'.repeat(200),
      ].map(titleFrom),
    ).toEqual([
      'Plain buns ##',
      'Plain buns',
      'Plain buns',
      'Buns',
      'Buns (12)',
      'Buns',
      'Brown stock',
      'Buns',
      'x'.repeat(120),
    ]);
    expect(withoutAside('Buns (makes 12)', 'makes 12')).toBe('Buns ');
    expect(withoutAside('Buns, makes 12 (good)', 'makes 12')).toBe('Buns,  (good)');
  });
});
