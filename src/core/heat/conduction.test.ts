import besselj0 from '@stdlib/math-base-special-besselj0';
import besselj1 from '@stdlib/math-base-special-besselj1';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { besselJ0, besselJ1 } from '../numeric';
import {
  biotNumber,
  carryOver,
  evaporationWm2,
  moistStep,
  centreOf,
  coefficient,
  conductionStep,
  dimensionsOf,
  eigenvalue,
  foodProperties,
  fourierNumber,
  meanOfBody,
  scaledBakeTime,
  shapes,
  thickSoup,
  trayMinutes,
  unaccomplished,
  unaccomplishedOfCrossed,
  uniformBody,
  type Body,
  type Material,
} from '.';

const meat: Material = { conductivityWmK: 0.48, densityKgM3: 1060, specificHeatJkgK: 3500 };

describe('Bessel functions', () => {
  it('agree with stdlib to eleven digits, on both sides of the change of method', () => {
    for (let x = 0; x < 60; x += 0.37) {
      expect(besselJ0(x)).toBeCloseTo(besselj0(x), 10);
      expect(besselJ1(x)).toBeCloseTo(besselj1(x), 10);
    }
  });
});

describe('series of conduction', () => {
  // First-term coefficients as printed: Incropera and DeWitt, table 5.1 (also Çengel, table 4-2).
  it.each([
    ['slab', 0.1, 0.3111, 1.0161],
    ['slab', 1, 0.8603, 1.1191],
    ['slab', 10, 1.4289, 1.262],
    ['cylinder', 0.1, 0.4417, 1.0246],
    ['cylinder', 1, 1.2558, 1.2071],
    ['cylinder', 10, 2.1795, 1.5677],
    ['sphere', 0.1, 0.5423, 1.0298],
    ['sphere', 1, 1.5708, 1.2732],
    ['sphere', 10, 2.8363, 1.9249],
  ] as const)('%s at Bi = %f: ζ₁ = %f, C₁ = %f', (shape, biot, zeta, c) => {
    expect(eigenvalue(shape, biot, 1)).toBeCloseTo(zeta, 3.99);
    expect(coefficient(shape, eigenvalue(shape, biot, 1))).toBeCloseTo(c, 3.99);
  });

  it('starts at 1, falls with time and with Biot number, and at tiny Biot numbers is the lumped body', () => {
    for (const shape of shapes) {
      expect(unaccomplished(shape, 5, 0.004)).toBeCloseTo(1, 6);
      fc.assert(
        fc.property(
          fc.double({ min: 0.05, max: 50, noNaN: true }),
          fc.double({ min: 0.02, max: 2, noNaN: true }),
          (biot, fourier) => {
            const now = unaccomplished(shape, biot, fourier);
            expect(unaccomplished(shape, biot, fourier * 1.1)).toBeLessThanOrEqual(now + 1e-12);
            expect(unaccomplished(shape, biot * 1.1, fourier)).toBeLessThanOrEqual(now + 1e-12);
          },
        ),
        { numRuns: 40 },
      );
      // θ = exp(−d Bi Fo) where the inside has no resistance.
      const lumped = Math.exp(-dimensionsOf[shape] * 0.001 * 300);
      expect(unaccomplished(shape, 0.001, 300)).toBeCloseTo(lumped, 3);
    }
  });
});

describe('conduction on a grid', () => {
  const half = 0.02;
  const hot = (shape: Body['shape'], film: number, seconds: number, steps: number) => {
    const body: Body = { shape, halfThicknessM: half, material: meat };
    let state = uniformBody(5, 60);
    for (let i = 0; i < steps; i += 1) {
      state = conductionStep(state, body, 180, film, seconds / steps, i < 4 ? 1 : 0.5);
    }
    return state;
  };

  it('meets the series within 0.2 °C for every shape at several Biot numbers', () => {
    for (const shape of shapes) {
      for (const film of [2.4, 24, 240]) {
        for (const seconds of [300, 1200]) {
          const state = hot(shape, film, seconds, 400);
          const biot = biotNumber(film, half, meat.conductivityWmK);
          const theta = unaccomplished(shape, biot, fourierNumber(meat, half, seconds));
          expect(Math.abs(centreOf(state) - (180 + (5 - 180) * theta)), `${shape} ${film}`).toBeLessThan(0.2);
        }
      }
    }
  });

  it('conserves heat to the last digit: what went in is what warmed it', () => {
    for (const shape of shapes) {
      const state = hot(shape, 30, 900, 90);
      const volumeToSurface = half / dimensionsOf[shape];
      const stored =
        meat.densityKgM3 * meat.specificHeatJkgK * volumeToSurface * (meanOfBody(state, shape) - 5);
      // The first steps are implicit: their flux is counted as they took it.
      expect(state.takenJPerM2 / stored).toBeCloseTo(1, 9);
    }
  });
});

describe('bodies of finite size', () => {
  it('a cube heats faster than its slab, and one very long side changes nothing (Newman’s rule)', () => {
    const slab = { shape: 'slab', halfThicknessMm: 20 } as const;
    const seconds = 1500;
    const one = unaccomplishedOfCrossed([slab], meat, 25, seconds);
    expect(unaccomplishedOfCrossed([slab, slab, slab], meat, 25, seconds)).toBeCloseTo(one ** 3, 12);
    const long = { shape: 'slab', halfThicknessMm: 2000 } as const;
    expect(unaccomplishedOfCrossed([slab, long], meat, 25, seconds)).toBeCloseTo(one, 3);
  });

  it('bake longer when thicker, between the first and the second power', () => {
    // Common practice: a layer twice as thick takes two to four times as long.
    expect(scaledBakeTime(20, 10, 20)).toMatchObject({ low: 40, high: 80 });
    expect(scaledBakeTime(20, 10, 20, 0.01).minutes).toBeCloseTo(40, 0);
    expect(scaledBakeTime(20, 10, 20, 900).minutes).toBeCloseTo(80, 0);
    expect(scaledBakeTime(20, 10, 10, 3).minutes).toBeCloseTo(20, 9);
    expect(scaledBakeTime(20, 10, 5).minutes).toBeLessThan(20);
  });

  it('climb on after they come out: an 80 mm roast taken out at 60 °C by 5 to 15 °C (common practice)', () => {
    const roast = (halfThicknessM: number, ovenC: number, ovenFilm = 25) =>
      carryOver({ shape: 'cylinder', halfThicknessM, material: meat }, { startC: 5, ovenC, ovenFilm }, 60);
    for (const ovenC of [170, 200, 220]) {
      const { outC, peakC, lowC, highC } = roast(0.04, ovenC);
      expect(outC).toBeCloseTo(60, 1);
      expect(peakC - outC).toBeGreaterThan(5);
      expect(highC - outC).toBeLessThan(15);
      expect(lowC).toBeLessThan(peakC);
      expect(highC).toBeGreaterThan(peakC);
    }
    // Fiercer ovens leave more heat behind; a gentle one hardly any (slow roasting, common practice).
    expect(roast(0.04, 200).peakC).toBeGreaterThan(roast(0.04, 150).peakC + 2);
    expect(roast(0.04, 110).peakC - 60).toBeLessThan(4);
    expect(roast(0.05, 200).peakMinutes).toBeGreaterThan(roast(0.015, 200).peakMinutes);
    const block: Body = { shape: 'slab', halfThicknessM: 0.15, material: meat };
    expect(() => carryOver(block, { startC: 0, ovenC: 80, ovenFilm: 25 }, 78)).toThrow(
      /outC is 78; allowed: a core that is reached in ten hours/,
    );
  });

  it('stay below boiling at a moist surface, which settles at the wet bulb’s temperature', () => {
    // Psychrometric tables: air of 20 °C and 50 % (1.17 kPa) has its wet bulb at 13.8 °C, of 30 °C and 50 % (2.12 kPa) at 22.0 °C.
    for (const [airC, vapourKPa, wetBulbC] of [
      [20, 1.17, 13.8],
      [30, 2.12, 22.0],
    ] as const) {
      const around = { airC, filmWm2K: 20, convectiveWm2K: 20, vapourKPa, wetness: 1, localBoilingC: 99.97 };
      const [heatIn, out] = [20 * (airC - wetBulbC), evaporationWm2(wetBulbC, around)];
      expect(Math.abs(out / heatIn - 1)).toBeLessThan(0.03);
      const thin: Body = { shape: 'slab', halfThicknessM: 0.002, material: meat };
      let state = uniformBody(airC, 4);
      for (let s = 0; s < 3600; s += 5) state = moistStep(state, thin, around, 5);
      expect(Math.abs(state.surfaceC - wetBulbC)).toBeLessThan(0.5);
    }
    const oven = {
      airC: 250,
      filmWm2K: 40,
      convectiveWm2K: 20,
      vapourKPa: 10,
      wetness: 0.01,
      localBoilingC: 95,
    };
    let state = uniformBody(20, 20);
    for (let s = 0; s < 3600; s += 2)
      state = moistStep(state, { shape: 'slab', halfThicknessM: 0.03, material: meat }, oven, 2);
    expect(Math.max(...state.shells)).toBeLessThanOrEqual(95.01);
  });

  it('cool four times as slowly at twice the depth where the inside decides', () => {
    const tray = { material: thickSoup, bothFaces: false, airC: 3, heatTransferWm2K: 500 };
    const [shallow, deep] = [25, 50].map((depthMm) => trayMinutes({ ...tray, depthMm }, 63, 8)!);
    expect(deep! / shallow!).toBeCloseTo(4, 0);
    // Common practice: shallow trays make the 90 minutes, deep ones do not.
    expect(shallow).toBeLessThan(90);
    expect(deep).toBeGreaterThan(90);
    // Two hand’s breadths of soup are not cold in a day.
    expect(trayMinutes({ ...tray, depthMm: 200, bothFaces: false }, 63, 8)).toBeNull();
  });
});

describe('thermal properties from composition', () => {
  it('of pure water are those of water (IAPWS, from memory: 0.598 W/m·K, 998.2 kg/m³, 4184 J/kg·K at 20 °C)', () => {
    const { conductivityWmK, densityKgM3, specificHeatJkgK } = foodProperties({ water: 1 }, 20);
    expect(Math.abs(conductivityWmK / 0.598 - 1)).toBeLessThan(0.015);
    expect(Math.abs(densityKgM3 / 998.2 - 1)).toBeLessThan(0.005);
    expect(Math.abs(specificHeatJkgK / 4184 - 1)).toBeLessThan(0.005);
  });

  it('of hot water are those of hot water (IAPWS, from memory: 0.670 W/m·K, 971.8 kg/m³, 4197 J/kg·K at 80 °C)', () => {
    const { conductivityWmK, densityKgM3, specificHeatJkgK } = foodProperties({ water: 1 }, 80);
    expect(Math.abs(conductivityWmK / 0.67 - 1)).toBeLessThan(0.005);
    expect(Math.abs(densityKgM3 / 971.8 - 1)).toBeLessThan(0.005);
    expect(Math.abs(specificHeatJkgK / 4197 - 1)).toBeLessThan(0.005);
  });

  it('of lean beef lie in the handbook ranges (from memory: 0.43 to 0.50 W/m·K, 3400 to 3600 J/kg·K)', () => {
    const beef = foodProperties({ water: 0.74, protein: 0.21, fat: 0.04, ash: 0.01 }, 20);
    expect(beef.conductivityWmK).toBeGreaterThan(0.43);
    expect(beef.conductivityWmK).toBeLessThan(0.52);
    expect(beef.specificHeatJkgK).toBeGreaterThan(3400);
    expect(beef.specificHeatJkgK).toBeLessThan(3660);
    expect(() => foodProperties({ water: 0.5, fat: 0.2 }, 20)).toThrow(
      /composition is 0.7; allowed: shares that add up to 1/,
    );
  });
});
