import { describe, expect, it } from 'vitest';
import { itemById, substitutes, substitutesFor } from '../ingredients';
import { acidOfItem, bicarbonateMolarMass, molarMass } from '.';

describe('what can stand in for an acid ingredient', () => {
  it('says that it is as acid where it is within a tenth, and how much less where it is not', () => {
    // 0.8 % lactic acid, one acid hydrogen of 90.08 g/mol: 7.46 mg of bicarbonate a gram, by hand.
    const takes = (id: string) => (acidOfItem(itemById(id))?.neutralisingValue ?? 0) / 100;
    expect(takes('buttermilk')).toBeCloseTo(
      (0.008 * bicarbonateMolarMass) / molarMass({ C: 3, H: 6, O: 3 }),
      9,
    );
    const acid = substitutes.filter(({ from }) => takes(from) > 0);
    // Every one of the table; the amount of acid decides what the words must be, never the words what is asked.
    expect(acid).toHaveLength(12);
    for (const { from, to, gramsPerGram, also, consequence } of acid) {
      const got =
        takes(to) * gramsPerGram + also.reduce((sum, one) => sum + (takes(one.item) * one.per100G) / 100, 0);
      const share = got / takes(from);
      const said = share > 0.9 && share < 1.1 ? /^as (?:sour|acid)\b/ : /^about three fifths as sour/;
      expect(consequence, `${from} → ${to}: ${share}`).toMatch(said);
      if (/three fifths/.test(consequence)) expect(share).toBeCloseTo(0.6, 1);
    }
    expect(substitutesFor('Gelatine leaves').map((one) => one.to)).toEqual(['agar']);
  });
});
