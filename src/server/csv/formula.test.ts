import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { asTyped, formula, inert } from './formula';

const hostile = ['=cmd', '@SUM(A1)', '+cmd', '-cmd', '＝cmd', '=HYPERLINK("x")', '%0A=cmd'].flatMap((one) =>
  [';', ',', '\t', '|', '; ', ';"', ";'", ';;'].flatMap((sign) => [
    `x${sign}${one}`,
    `x${sign}${one}${sign}${one}`,
  ]),
);

describe('cells of a file for a spreadsheet', () => {
  it('hold no live formula, whatever sign the spreadsheet parts cells by', () => {
    for (const cell of hostile) {
      const text = Papa.unparse([['a', inert(cell), 'b']], { escapeFormulae: formula });
      for (const delimiter of [',', ';', '\t', '|']) {
        for (const read of Papa.parse<string[]>(text, { delimiter }).data.flat())
          expect(read.replace(/^["\s]+/, ''), `${cell} by ${delimiter}`).not.toMatch(
            /^[=@＝＠]|^[+\-＋－]\s*[a-z(]/i,
          );
      }
    }
  });

  it('say what they said when they are read again; numbers and plain words are left alone', () => {
    for (const cell of hostile) expect(asTyped(inert(cell))).toBe(cell);
    for (const plain of ['stirred; -2 °C', 'golden, edges darker', '1,5', 'salt - and pepper', 'a | b'])
      expect(inert(plain)).toBe(plain);
    expect(inert(5)).toBe(5);
  });
});
