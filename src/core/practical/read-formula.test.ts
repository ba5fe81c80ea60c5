import { describe, expect, it } from 'vitest';
import { readFormula } from './read-formula';

const responses = [
  { id: 'b', name: 'Mass before' },
  { id: 'a', name: 'mass after' },
  { id: 'm', name: 'mass' },
  { id: 'x', name: ' ' },
];
const values: Record<string, number | null> = { b: 80, a: 60, m: 3 };
const worked = (text: string) => {
  const read = readFormula(text, responses);
  return 'wrong' in read ? read.wrong : read.value((id) => values[id] ?? null);
};

describe('a response computed from others', () => {
  it.each<[string, number | null]>([
    ['(mass before − mass after) / mass before × 100', 25],
    ['(Mass Before - MASS AFTER) ÷ mass before * 100', 25],
    ['mass before − mass after − mass', 17],
    ['mass before / mass after / 2', 2 / 3],
    ['2 + 3 × 4', 14],
    ['(2 + 3) × 4', 20],
    ['−mass + 5', 2],
    ['−−2', 2],
    ['1,5 × 2.0', 3],
    ['mass', 3],
    ['mass / (mass − 3)', null],
    ['0 / 0', null],
  ])('%s', (text, value) => {
    if (value === null) expect(worked(text)).toBeNull();
    else expect(worked(text)).toBeCloseTo(value, 12);
  });

  it('says what is not understood', () => {
    expect(worked('mass befor')).toBe('“befor” is not understood');
    expect(worked('2 +')).toBe('something is missing at its end');
    expect(worked('(2 + 3')).toBe('a bracket is not closed');
    expect(worked('2 3')).toBe('“3” is not understood');
    expect(worked('')).toBe('something is missing at its end');
    expect(worked('masses')).toBe('“masses” is not understood');
    expect(worked('z'.repeat(200))).toBe(`“${'z'.repeat(40)}” is not understood`);
    expect(worked('('.repeat(20_000))).toBe('too many brackets inside each other');
    expect(worked(`${'('.repeat(39)}2${')'.repeat(39)}`)).toBe(2);
  });

  it('knows what it uses, and has no value where one of them has none', () => {
    const read = readFormula('mass before / mass after + mass before', responses);
    expect('uses' in read && read.uses).toEqual(['b', 'a']);
    expect('value' in read && read.value((id) => (id === 'a' ? null : 1))).toBeNull();
  });
});
