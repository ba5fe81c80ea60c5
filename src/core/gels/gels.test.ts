import { describe, expect, it } from 'vitest';
import {
  gelatinised,
  gelatineForBloom,
  gellingAgents,
  highMethoxylWindow,
  overrunPercent,
  relativeGelStrength,
  relativeThickness,
  sagPercent,
  specificVolume,
  spreadRatio,
  starchCalled,
  starches,
} from '.';

describe('gels', () => {
  it('gelatine: twice the dose is four times as strong; a weaker grade needs more', () => {
    expect(relativeGelStrength(2, 200) / relativeGelStrength(1, 200)).toBe(4);
    expect(gelatineForBloom(10, 240, 160)).toBeCloseTo(12.247, 3);
    const swapped = gelatineForBloom(10, 240, 160);
    expect(relativeGelStrength(swapped / 10, 160)).toBeCloseTo(relativeGelStrength(1, 240), 12);
  });

  it('agar melts far above where it sets, gelatine in the mouth (common practice)', () => {
    const [agar, gelatine] = ['agar', 'gelatine'].map((id) => gellingAgents.find((one) => one.id === id)!);
    expect(agar!.meltsC![0] - agar!.setsC![1]).toBeGreaterThan(40);
    expect(gelatine!.meltsC![1]).toBeLessThan(37);
  });

  it('jam sets at 65 % solids and pH 3.1, not at 45 % and not at pH 4', () => {
    expect(highMethoxylWindow(65, 3.1).sets).toBe(true);
    expect(highMethoxylWindow(45, 4).why).toHaveLength(2);
  });

  it('measures: sag, specific volume, spread ratio, overrun by hand', () => {
    expect(sagPercent(40, 34)).toBeCloseTo(15, 12);
    expect(specificVolume(400, 1600)).toBe(4);
    expect(spreadRatio(72, 9)).toBe(8);
    expect(overrunPercent(100, 50)).toBe(100);
    expect(() => overrunPercent(50, 60)).toThrow(/massAfterG is 60; allowed: at most the mass before/);
    expect(() => sagPercent(40, 41)).toThrow(/heightOutMm is 41/);
  });
});

describe('starch', () => {
  it('is 5 % at its onset and 95 % at its conclusion, and never goes back', () => {
    for (const starch of starches) {
      expect(gelatinised(starch, starch.onsetC).fraction).toBeCloseTo(0.05, 9);
      expect(gelatinised(starch, starch.conclusionC).fraction).toBeCloseTo(0.95, 9);
      for (let t = 40; t < 85; t += 1)
        expect(gelatinised(starch, t + 1).fraction).toBeGreaterThan(gelatinised(starch, t).fraction);
    }
  });

  it('common practice: granules begin to drink about 60 °C and are swollen by 80 °C; sugar holds them back', () => {
    const cornflour = starchCalled('cornflour')!;
    expect(gelatinised(cornflour, 60).fraction).toBeLessThan(0.05);
    expect(gelatinised(cornflour, 80).fraction).toBeGreaterThan(0.99);
    expect(gelatinised(cornflour, 70, 40).fraction).toBeLessThan(0.05);
  });

  it('sauce is thicker with more starch and as it cools, thinner with acid', () => {
    const sauce = { starchPercent: 5, temperatureC: 60, gelatinised: 1 };
    expect(relativeThickness(sauce)).toBeCloseTo(1, 9);
    expect(relativeThickness({ ...sauce, starchPercent: 6 })).toBeGreaterThan(1.5);
    expect(relativeThickness({ ...sauce, temperatureC: 20 })).toBeGreaterThan(1.8);
    expect(relativeThickness({ ...sauce, pH: 3 })).toBeLessThan(0.8);
  });
});

describe('on the edges', () => {
  it('pectin sets from pH 2.8 to 3.5 and from 55 % on, both ends in', () => {
    const why = (solids: number, pH: number) => highMethoxylWindow(solids, pH).why.join();
    expect(highMethoxylWindow(65, 3.5).sets).toBe(true);
    expect(why(65, 3.5)).not.toMatch(/above pH/);
    expect(why(65, 3.51)).toMatch(/above pH 3.5/);
    expect(highMethoxylWindow(65, 3.6).sets).toBe(false);
  });

  it('acid thins a sauce below pH 4, to a fifth at the most', () => {
    const at = (pH: number) => relativeThickness({ starchPercent: 5, temperatureC: 60, gelatinised: 1, pH });
    expect([at(6.5), at(4)]).toEqual([1, 1]);
    expect(at(3)).toBeCloseTo(0.7, 9);
    expect(at(2)).toBeCloseTo(0.4, 9);
    expect(at(1)).toBeCloseTo(0.2, 9);
  });

  it('a gel of twice the gelatine is four times as strong, of another grade as its Bloom', () => {
    expect(relativeGelStrength(2, 200)).toBe(4);
    expect(relativeGelStrength(6, 200, 3, 200)).toBe(4);
    expect(relativeGelStrength(3, 100, 3, 200)).toBe(0.5);
  });
});
