import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seaLevelBoilingC } from '../water';
import {
  doctorRatio,
  mixtureBoilingC,
  saturatedSucrosePercent,
  soluteCalled,
  solutes,
  sucroseBoilingTable,
  supersaturation,
  syrupBoilingC,
  waterActivity,
} from '.';

const sucrose = soluteCalled('sugar')!;

describe('water activity', () => {
  it('of saturated sucrose is about 0.85, of 50 % glucose 0.895 (osmotic coefficient 1.11 at 5.55 mol/kg; from memory)', () => {
    expect(waterActivity([{ solute: sucrose, massG: 67 }], 33)).toBeCloseTo(0.85, 2);
    const osmotic = Math.exp(-0.018015 * 5.55 * 1.11);
    expect(
      Math.abs(waterActivity([{ solute: soluteCalled('glucose')!, massG: 50 }], 50) - osmotic),
    ).toBeLessThan(0.005);
  });

  // K as collected by Chirife, Ferro Fontán and Benmergui, J. Food Technol. 15 (1980) 59 (from memory); 1 mol of each in 9 of
  // water, so x = 0.1 and ln a_w = ln 0.9 − K / 100. Molar masses by the atomic weights of carbon, hydrogen and oxygen.
  it.each([
    ['sucrose', 6.47, [12, 22, 11]],
    ['glucose', 2.25, [6, 12, 6]],
    ['fructose', 2.25, [6, 12, 6]],
    ['lactose', 10.2, [12, 22, 11]],
    ['maltose', 4.54, [12, 22, 11]],
    ['glycerol', 1.16, [3, 8, 3]],
    ['sorbitol', 1.65, [6, 14, 6]],
  ] as const)('of a tenth of %s by moles rests on K = %f', (id, k, [c, h, o]) => {
    const massG = 12.011 * c + 1.008 * h + 15.999 * o;
    const activity = waterActivity([{ solute: soluteCalled(id)!, massG }], 9 * 18.015);
    expect(Math.log(activity / 0.9)).toBeCloseTo(-k / 100, 4);
  });

  it('of one solute is Norrish’s own equation, by hand at x = 0.05: 0.95 e^(−6.47 × 0.0025)', () => {
    const massG = (0.05 / 0.95) * (100 / 18.015) * 342.3;
    expect(waterActivity([{ solute: sucrose, massG }], 100)).toBeCloseTo(0.95 * Math.exp(-6.47 * 0.0025), 10);
  });

  it('falls with every gram dissolved, and a mixture lies between its parts', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...solutes),
        fc.double({ min: 0, max: 300, noNaN: true }),
        (solute, massG) => {
          const now = waterActivity([{ solute, massG }], 100);
          expect(waterActivity([{ solute, massG: massG + 1 }], 100)).toBeLessThan(now);
        },
      ),
    );
    const [only, other] = [sucrose, soluteCalled('glucose')!].map((solute) =>
      waterActivity([{ solute, massG: 100 }], 100),
    );
    const both = waterActivity(
      [
        { solute: sucrose, massG: 50 },
        { solute: soluteCalled('glucose')!, massG: 50 },
      ],
      100,
    );
    expect(both).toBeLessThan(only!);
    expect(both).toBeGreaterThan(other!);
  });

  it('boils within 1.5 °C of the confectionery table up to 80 %, and runs high above it by a stated amount', () => {
    const norrish = (percent: number) =>
      mixtureBoilingC([{ solute: sucrose, massG: percent }], 100 - percent, seaLevelBoilingC);
    for (const [percent, celsius] of sucroseBoilingTable) {
      if (percent > 0 && percent <= 80)
        expect(Math.abs(norrish(percent) - celsius), `${percent} %`).toBeLessThan(1.5);
    }
    expect(norrish(90) - syrupBoilingC(90, seaLevelBoilingC)).toBeGreaterThan(1.5);
  });
});

describe('crystals', () => {
  it('water holds 2 g sucrose a gram at 20 °C and nearly 5 g at 100 °C (handbooks)', () => {
    const perGram = (celsius: number) =>
      saturatedSucrosePercent(celsius) / (100 - saturatedSucrosePercent(celsius));
    expect(perGram(20)).toBeCloseTo(2, 1);
    expect(perGram(100)).toBeCloseTo(4.88, 1);
    expect(supersaturation(saturatedSucrosePercent(55), 55)).toBeCloseTo(1, 12);
    // Fudge: cooked to 85 %, cooled to 45 °C, is far beyond saturation.
    expect(supersaturation(85, 45)).toBeGreaterThan(2);
  });

  it('40 g glucose syrup solids with 100 g sugar is a doctor ratio of 28.6 %', () => {
    expect(doctorRatio(100, 40)).toEqual({ percent: expect.closeTo(28.571, 3) as number, hinders: 'well' });
    expect(doctorRatio(100, 0).hinders).toBe('little');
  });
});
