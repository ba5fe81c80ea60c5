import { describe, expect, it } from 'vitest';
import { itemById, substitutes, substitutesFor } from '../ingredients';
import { acidOfItem, bicarbonateMolarMass, molarMass } from '.';

describe('what can stand in for an acid ingredient', () => {
  it('is as acid as buttermilk within a tenth, or says that it is not', () => {
    // 0.8 % lactic acid, one acid hydrogen of 90.08 g/mol: 7.46 mg of bicarbonate a gram, by hand.
    const takes = (id: string) => (acidOfItem(itemById(id))?.neutralisingValue ?? 0) / 100;
    expect(takes('buttermilk')).toBeCloseTo(
      (0.008 * bicarbonateMolarMass) / molarMass({ C: 3, H: 6, O: 3 }),
      9,
    );
    for (const { from, to, gramsPerGram, also, consequence } of substitutes) {
      const wanted = takes(from);
      if (wanted === 0) continue;
      const got =
        takes(to) * gramsPerGram + also.reduce((sum, one) => sum + (takes(one.item) * one.per100G) / 100, 0);
      if (/\bas (sour|acid)\b/.test(consequence) && !consequence.startsWith('about')) {
        expect(Math.abs(got / wanted - 1), `${from} → ${to}`).toBeLessThan(0.1);
      } else expect(consequence, `${from} → ${to}`).toMatch(/as sour|alkaline|pectin/);
    }
    expect(substitutesFor('Gelatine leaves').map((one) => one.to)).toEqual(['agar']);
  });
});
