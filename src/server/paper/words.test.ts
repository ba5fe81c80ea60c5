import { describe, expect, it } from 'vitest';
import { has, widthOf } from './fonts';
import { fitted, words } from './words';

describe('words of a page', () => {
  const parts = (text: string) =>
    (words(text).text as unknown as { text: string; font: string }[]).map((part) => [part.font, part.text]);

  it('stand in the first font but for letters it lacks; a blank goes with what is before it', () => {
    expect([has('Text', 'a'), has('Text', ' '), has('Text', 'ب'), has('Wide', 'ب')]).toEqual([
      true,
      true,
      false,
      true,
    ]);
    expect(parts('Salt 5 g')).toEqual([['Text', 'Salt 5 g']]);
    expect(parts('a ب b')).toEqual([
      ['Text', 'a '],
      ['Wide', 'ب '],
      ['Text', 'b'],
    ]);
  });

  it('keep their look, and without letters are an empty text', () => {
    expect(words('Salt', { size: 8, bold: true, color: '#111' })).toEqual({
      text: [{ text: 'Salt', font: 'Text', fontSize: 8, bold: true, color: '#111' }],
      ...{ fontSize: 8, bold: true, color: '#111' },
    });
    expect(words('\u200b\u0007')).toEqual({ text: '' });
  });

  it('are made smaller to fit a line, then cut', () => {
    const width = widthOf('Caster sugar', 10, true);
    expect(width).toBeGreaterThan(widthOf('Caster sugar', 10, false));
    const fit = (room: number) => fitted('Caster  sugar\u200b', room, { size: 10, least: 8, bold: true });
    expect(fit(width)).toEqual({ text: 'Caster sugar', size: 10 });
    expect(fit(0.9 * width).text).toBe('Caster sugar');
    expect(fit(0.9 * width).size).toBeCloseTo(9, 9);
    expect(fit(0.8 * width).size).toBeCloseTo(8, 9);
    const short = fit(0.5 * width);
    expect(short.size).toBe(8);
    expect(short.text).toMatch(/^Caste?r?…$/);
    expect(widthOf(short.text, 8, true)).toBeLessThanOrEqual(0.5 * width);
  });
});
