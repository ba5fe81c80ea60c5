import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  acidCalled,
  acidForBicarbonate,
  bicarbonateMolarMass,
  carbonDioxideMolarMass,
  decomposeByHeat,
  equivalentYeastG,
  gasVolumeL,
  leaven,
  leaveningAcids,
  molarMass,
  powderForPlainFlour,
  powderSaved,
  steamVolumeL,
  yeastInhibition,
  yeastRate,
} from '.';

const acid = (word: string) => acidCalled(word)!;

describe('stoichiometry', () => {
  it('has the molar masses of the textbooks: NaHCO₃ 84.007, CO₂ 44.009 g/mol (IUPAC 2021)', () => {
    expect(bicarbonateMolarMass).toBeCloseTo(84.007, 2);
    expect(carbonDioxideMolarMass).toBeCloseTo(44.009, 3);
  });

  it('by hand: 5 g soda with all the acid it needs gives 0.05952 mol, 2.619 g, 1.432 L at 20 °C and 101.325 kPa', () => {
    const { carbonDioxideMol, carbonDioxideG, limiting, bicarbonateLeftG } = leaven(5, [
      { acid: acid('citric'), massG: 10 },
    ]);
    expect(carbonDioxideMol).toBeCloseTo(0.05952, 5);
    expect(carbonDioxideG).toBeCloseTo(2.6194, 3);
    expect(gasVolumeL(carbonDioxideMol, 20, 101.325)).toBeCloseTo(1.4317, 3);
    expect([limiting, bicarbonateLeftG]).toEqual(['bicarbonate', 0]);
  });

  it('a mole of ideal gas fills 22.414 L at 0 °C and 101.325 kPa (CODATA)', () => {
    expect(gasVolumeL(1, 0, 101.325)).toBeCloseTo(22.41397, 4);
  });

  it('by hand: 3.81 g citric acid takes 5 g soda (3 × 84.007 to 192.123)', () => {
    expect(acidForBicarbonate(5, acid('citric'))).toBeCloseTo((5 * 192.123) / (3 * 84.006), 3);
    expect(acidForBicarbonate(5, acid('cream of tartar'))).toBeCloseTo(11.11, 2);
  });

  it('handbook neutralising values that can be derived are met: tartar 44.6, lactone 47.2 by moles', () => {
    const tartar = (100 * bicarbonateMolarMass) / molarMass({ K: 1, H: 5, C: 4, O: 6 });
    expect(Math.abs(acid('tartar').neutralisingValue / tartar - 1)).toBeLessThan(0.01);
    // The handbook gives 45: its lactone does not open all the way in a dough.
    const lactone = (100 * bicarbonateMolarMass) / molarMass({ C: 6, H: 10, O: 6 });
    expect(Math.abs(acid('gdl').neutralisingValue / lactone - 1)).toBeLessThan(0.06);
  });

  it('conserves bicarbonate and says what limits', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.constantFrom(...leaveningAcids),
        (sodaG, massG, one) => {
          const { carbonDioxideMol, bicarbonateLeftG, acidSpareG } = leaven(sodaG, [{ acid: one, massG }]);
          expect(carbonDioxideMol * bicarbonateMolarMass + bicarbonateLeftG).toBeCloseTo(sodaG, 9);
          expect(Math.min(bicarbonateLeftG, acidSpareG)).toBeCloseTo(0, 9);
        },
      ),
    );
    expect(leaven(4, [{ acid: acid('vinegar'), massG: 10 }]).limiting).toBe('acid');
    expect(leaven(4.5, [{ acid: acid('tartar'), massG: 10 }]).limiting).toBe('balanced');
  });

  it('heat alone sets half the gas free and leaves 63.1 % of the mass as carbonate', () => {
    const { carbonDioxideMol, carbonateG } = decomposeByHeat(84.006);
    expect(carbonDioxideMol).toBeCloseTo(0.5, 4);
    expect(carbonateG / 84.006).toBeCloseTo(0.631, 3);
  });

  it('1 g of water is 1.70 L of ideal steam at 100 °C (steam tables: 1.673 L)', () => {
    expect(steamVolumeL(1, 100, 101.325)).toBeCloseTo(1.7, 2);
    expect(Math.abs(steamVolumeL(1, 100, 101.325) / 1.673 - 1)).toBeLessThan(0.02);
  });
});

describe('powder and flour', () => {
  it('100 g plain flour needs 3.3 g of the weakest powder the law allows, and the way back leaves none', () => {
    expect(powderForPlainFlour(100)).toBeCloseTo(3.333, 3);
    expect(powderSaved(100, powderForPlainFlour(100))).toBeCloseTo(powderForPlainFlour(100), 12);
    expect(powderSaved(100, 2)).toBe(2);
  });
});

describe('yeast', () => {
  it('works best at its optimum, not at all outside its limits, and rises to it and falls from it', () => {
    expect(yeastRate(37)).toBeCloseTo(1, 12);
    // Common practice: dead from about 55 °C, asleep in the refrigerator.
    expect([yeastRate(55), yeastRate(4), yeastRate(60)]).toEqual([0, 0, 0]);
    for (let t = 5; t < 36; t += 1) expect(yeastRate(t + 1)).toBeGreaterThan(yeastRate(t));
    for (let t = 38; t < 51; t += 1) expect(yeastRate(t + 1)).toBeLessThan(yeastRate(t));
    // Common practice: the rate about doubles from 20 to 27 °C.
    expect(yeastRate(27) / yeastRate(20)).toBeGreaterThan(1.6);
    expect(yeastRate(27) / yeastRate(20)).toBeLessThan(2.4);
  });

  it('is slowed by salt and by much sugar', () => {
    expect(yeastInhibition(0, 0)).toBe(1);
    expect(yeastInhibition(2, 0)).toBeCloseTo(0.9, 1);
    expect(yeastInhibition(0, 25)).toBeCloseTo(0.5, 2);
  });

  it('a 7 g sachet of instant is about 21 g fresh (common practice, 3 to 1)', () => {
    expect(equivalentYeastG(7, 'instant', 'fresh')).toBe(21);
  });
});

describe('yeast outside its limits', () => {
  it('does nothing at 4 °C and below, at 52 and above', () => {
    expect([-20, -5, 0, 3.9, 4, 52, 53, 70, 120].map((celsius) => yeastRate(celsius))).toEqual(
      Array(9).fill(0),
    );
    expect(yeastRate(4.5)).toBeGreaterThan(0);
    expect(yeastRate(51.5)).toBeGreaterThan(0);
  });
});

describe('what is left over', () => {
  // Cream of tartar takes 45 g in 100: 100 g balance 45 g of soda; within 1 % of the larger nobody tastes it.
  it.each([
    [45, 'balanced'],
    [45.4, 'balanced'],
    [45.5, 'acid'],
    [44.6, 'balanced'],
    [44.5, 'bicarbonate'],
  ])('%d g of soda to 100 g cream of tartar: short of %s', (sodaG, limiting) => {
    expect(leaven(sodaG, [{ acid: acidCalled('cream-of-tartar')!, massG: 100 }]).limiting).toBe(limiting);
  });
});
