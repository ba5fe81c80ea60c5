import { describe, expect, it } from 'vitest';
import { examplePlan, type Place, type Plan } from '../../core/practical';
import { benchSetting } from '../../core/run';
import { heatColour, levelColour } from '../theme/heat-scale';
import { vesselScale } from './vessel-scale';
import { endAt, inMedium } from '../../core/practical/testing/plans';

const place: Place = {
  name: 'K',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: null,
  stations: 12,
  balanceG: 1,
  equipment: [],
  tools: [],
};
/** A station for each level, or one that has none. */
const stationsOf = (plan: Plan) =>
  new Map((plan.factors[0]?.levels ?? []).map((level, i) => [i + 1, level.id] as const));
const scaleOf = (plan: Plan) =>
  vesselScale(benchSetting(plan, place, new Map([[0, ''], ...stationsOf(plan)])));

/** Relative luminance of a colour, WCAG 2.2. */
function luminance(rgb: string): number {
  const parts = rgb.startsWith('#')
    ? [1, 3, 5].map((i) => parseInt(rgb.slice(i, i + 2), 16))
    : rgb.match(/[\d.]+/g)!.map(Number);
  const [r, g, b] = parts.slice(0, 3).map((part) => {
    const c = part / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

describe('the glass', () => {
  it('fills as the pan gets hotter, most of it above the boil, and never runs over', () => {
    const scale = scaleOf(examplePlan);
    let before = 0;
    for (let celsius = -20; celsius <= 400; celsius += 1) {
      const fill = scale.fill(celsius);
      expect(fill).toBeGreaterThanOrEqual(before);
      expect(fill).toBeLessThanOrEqual(0.97);
      before = fill;
    }
    expect(scale.fill(96)).toBeLessThan(0.25);
    expect(scale.fill(146) - scale.fill(136)).toBeGreaterThan(0.1);
    expect(scale.marks.every((mark) => mark > 0 && mark < 1)).toBe(true);
  });

  it('syrup: 3 % at 20 °C, 17 % two degrees below the boil, 97 % eight above the highest target, marks at the stages', () => {
    const setting = benchSetting(examplePlan, place, stationsOf(examplePlan));
    const { fill, shade, marks } = vesselScale(setting);
    const { boilingC } = setting;
    // The hottest level is 155 °C at sea level; 100 − boiling lower here.
    const hottest = 155 - (100 - boilingC);
    expect([20, boilingC - 2, hottest + 8].map((celsius) => Number(fill(celsius).toFixed(3)))).toEqual([
      0.03, 0.17, 0.97,
    ]);
    expect([20, boilingC, hottest].map((celsius) => Number(shade(celsius).toFixed(2)))).toEqual([
      0.18, 0.3, 0.92,
    ]);
    expect(marks[0]).toBeCloseTo(fill(106 - (100 - boilingC)), 1);
    expect(marks.length).toBeGreaterThanOrEqual(6);
    expect(Math.max(...marks)).toBeLessThan(0.97);
    // Without a step that ends by temperature there is room for 20 °C above the boil.
    const open = scaleOf({ ...examplePlan, steps: [] });
    expect(open.fill(boilingC + 28)).toBeCloseTo(0.97, 9);
  });

  it('food: from 0, or ten below the lowest target, to ten above the highest; a mark every twenty degrees', () => {
    const kitchen = (celsius: number): Plan => ({
      ...inMedium(examplePlan, 'food'),
      factors: [],
      steps: [{ ...examplePlan.steps[1]!, ...endAt(celsius) }],
    });
    const warm = scaleOf(kitchen(74));
    // 80 °C at least is shown: 0 to 90.
    expect([0, 45, 90].map((celsius) => Number(warm.fill(celsius).toFixed(3)))).toEqual([0.03, 0.5, 0.97]);
    expect(warm.marks.map((mark) => Number(mark.toFixed(3)))).toEqual(
      [0, 20, 40, 60, 80].map((celsius) => Number(warm.fill(celsius).toFixed(3))),
    );
    expect([0, 90].map((celsius) => Number(warm.shade(celsius).toFixed(3)))).toEqual([0.221, 0.879]);
    const oil = scaleOf(kitchen(180));
    expect([oil.fill(190), oil.marks.length]).toEqual([0.97, 10]);
    const frozen = scaleOf(kitchen(-18));
    expect([frozen.fill(-28), frozen.fill(90)]).toEqual([0.03, 0.97]);
  });

  it('suits food that never boils, and plans without a temperature', () => {
    const soup: Plan = {
      ...inMedium(examplePlan, 'food'),
      factors: [],
      steps: [{ ...examplePlan.steps[1]!, ...endAt(74) }],
    };
    const scale = scaleOf(soup);
    expect(scale.fill(74)).toBeGreaterThan(0.6);
    expect(scale.fill(37)).toBeCloseTo(scale.fill(74) / 2, 1);
    expect(Number.isFinite(scaleOf({ ...soup, steps: [] }).fill(20))).toBe(true);
  });
});

describe('the heat ramp', () => {
  it('gets steadily darker, so that it reads in grey and on a bad projector', () => {
    const steps = Array.from({ length: 21 }, (_, i) => luminance(heatColour(i / 20)));
    for (let i = 1; i < steps.length; i += 1) expect(steps[i]).toBeLessThan(steps[i - 1]!);
  });

  it('keeps neighbouring levels apart by shade alone', () => {
    for (const count of [2, 4, 6]) {
      const shades = Array.from({ length: count }, (_, i) => luminance(levelColour(i, count)));
      for (let i = 1; i < count; i += 1)
        expect((shades[i - 1]! + 0.05) / (shades[i]! + 0.05)).toBeGreaterThan(1.2);
    }
  });
});
