import { describe, expect, it } from 'vitest';
import { blindCodes, fineG, stopAt, weighedVerdict, type Wanted } from '.';

const wanted = (name: string, wantedG: number, patch: Partial<Wanted> = {}): Wanted => ({
  ...{ name, wantedG, job: '', otherLevelsG: [], divisionG: 0.1 },
  ...patch,
});
const rank = (of: Wanted, grams: number) => weighedVerdict(of, grams).rank;

describe('at the balance', () => {
  it('P4: with 2 g on the display and 225 wanted it stops at 227; below zero as well', () => {
    expect(stopAt(2, 225)).toBe(227);
    expect(stopAt(-12.5, 40)).toBe(27.5);
    expect(stopAt(0.1, 0.2)).toBe(0.3);
    expect(() => stopAt(2, -1)).toThrow('wantedG is -1; allowed: a number from 0 to 100000 g');
  });

  it('P4: 126 for 125 g of flour is fine, one gram more in 4 g of soda is a check', () => {
    expect(rank(wanted('Plain flour', 125), 126)).toBe('fine');
    expect(rank(wanted('Bicarbonate of soda', 4), 5)).toBe('check');
    expect(weighedVerdict(wanted('Bicarbonate of soda', 4, { job: 'leavening base' }), 5).words).toBe(
      '1 g (25 %) too much, more gas, browner, and what finds no acid tastes of soap',
    );
  });

  it('of what is tested the way to the next level counts: half a gram of four, with two beside it, is a check', () => {
    const levels = { otherLevelsG: [0, 2, 8] };
    expect(rank(wanted('Bicarbonate of soda', 4), 4.5)).toBe('note');
    const { rank: found, words } = weighedVerdict(wanted('Bicarbonate of soda', 4, levels), 4.5);
    expect([found, words]).toEqual([
      'check',
      expect.stringContaining('a quarter of the way to the next level') as string,
    ]);
    expect(rank(wanted('Bicarbonate of soda', 4, levels), 4.2)).toBe('fine');
    expect(rank(wanted('Bicarbonate of soda', 4, levels), 3.7)).toBe('note');
    // Where none belongs, any is a check; where a level is far off, the share alone counts.
    expect(rank(wanted('Bicarbonate of soda', 0, { otherLevelsG: [2] }), 0.4)).toBe('check');
    expect(rank(wanted('Plain flour', 200, { otherLevelsG: [400] }), 203)).toBe('fine');
  });

  it('a tenth of the way to the next level is fine, a fifth a check, whatever its share', () => {
    // Levels 200 and 230 g: 3 g fine, 6 g a check; of 200 g alone 4 g would be fine.
    const flour = wanted('Plain flour', 200, { otherLevelsG: [200, 230, 400] });
    expect(fineG(flour)).toBeCloseTo(3, 9);
    expect([203, 203.1, 203.9, 205.9, 206.1, 196.9].map((grams) => rank(flour, grams))).toEqual([
      ...['fine', 'note', 'note', 'note', 'check', 'note'],
    ]);
    expect(rank(wanted('Plain flour', 200, { otherLevelsG: [200] }), 203.9)).toBe('fine');
  });

  it('says by how much: a small share to a tenth of a percent, and of what does not belong only how much', () => {
    expect(weighedVerdict(wanted('Plain flour', 1000), 1035).words).toBe(
      '35 g (3.5 %) too much, a stiffer dough',
    );
    expect(weighedVerdict(wanted('Plain flour', 1000), 850).words).toBe(
      '150 g (15 %) too little, a softer dough',
    );
    expect(weighedVerdict(wanted('Salt', 0, { otherLevelsG: [2] }), 0.4).words).toMatch(
      /^0\.4 g, and none belongs in this batch/,
    );
  });

  it('says how far towards the next level, and nothing of levels where there is none near', () => {
    // 4 g, with 2 and 8 g beside it: 2 g to the next.
    const said = (grams: number, otherLevelsG = [8, 2]) =>
      weighedVerdict(wanted('Bicarbonate of soda', 4, { otherLevelsG }), grams).words;
    expect(said(6)).toContain('50 %) too much, all the way to the next level: more gas');
    expect(said(5.5)).toContain('three quarters of the way');
    expect(said(3)).toContain('25 %) too little, half of the way to the next level: less gas');
    expect(said(5.8)).toContain('nearly all of the way');
    // 0.9 g of 4 g to the level of 8 g.
    expect(said(4.4, [8])).toContain('10 %) too much, more gas');
    expect(said(5, [])).toBe('1 g (25 %) too much, more gas, browner, and what finds no acid tastes of soap');
    const flour = weighedVerdict(wanted('Plain flour', 200, { otherLevelsG: [230] }), 203.4).words;
    expect(flour).toContain('3.4 g (1.7 %) too much, 11 % of the way to the next level: a stiffer dough');
    expect(weighedVerdict(wanted('Moon dust', 10), 11.5).words).toBe('1.5 g (15 %) too much');
  });

  it('letters go on after Z as columns do', () => {
    const ids = Array.from({ length: 54 }, (_, i) => String(i));
    const letters = new Set(blindCodes(ids, 7).values());
    for (const one of ['A', 'Z', 'AA', 'AB', 'AZ', 'BA', 'BB']) expect(letters).toContain(one);
    expect(letters.size).toBe(54);
    expect(letters).not.toContain('BC');
  });

  it('what the balance cannot tell is fine', () => {
    // Of what does not belong, half of what the balance shows.
    expect(fineG(wanted('salt', 0, { divisionG: 0.1 }))).toBeCloseTo(0.05, 9);
    expect(fineG(wanted('salt', 2, { divisionG: 1 }))).toBe(0.5);
    expect(rank(wanted('salt', 2, { divisionG: 1 }), 2.5)).toBe('fine');
    expect(fineG(wanted('butter', 40))).toBeCloseTo(0.8, 9);
    expect(fineG(wanted('bicarbonate of soda', 40))).toBeCloseTo(2, 9);
  });
});
