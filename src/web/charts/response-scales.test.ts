import { describe, expect, it } from 'vitest';
import { newPlan, newResponse, treatmentsOf, type Plan } from '../../core/practical';
import { numberLevels, wordLevels } from '../../core/practical/testing/plans';
import { measuredClass } from '../../core/run/testing/measured-class';
import { jitter, responseScales } from './response-scales';

const plan = (patch: Partial<Plan>): Plan => ({ ...newPlan('Trial', null), ...patch });
const minutes = (...levels: number[]): Plan['factors'][0] => ({
  ...{ id: 'm', name: 'minutes', unit: 'min', acts: { on: 'words', scale: 'number' } },
  levels: numberLevels(...levels),
});
const tin: Plan['factors'][0] = {
  ...{ id: 't', name: 'tin', unit: '', acts: { on: 'words', scale: 'words' } },
  levels: wordLevels(['dark', 'bright']),
};
const mass = newResponse({ id: 'y', name: 'mass', unit: 'g', smallestDivision: 0.1 });
function scalesOf(of: Plan, ...cells: number[][]) {
  const ids = treatmentsOf(of).map(({ id }) => id);
  return responseScales(
    measuredClass(Object.fromEntries(cells.map((one, i) => [ids[i]!, one])), of).series(),
  );
}

describe('where a response chart draws what', () => {
  it('numbers of a factor stand by their size, words side by side, all inside the frame', () => {
    const numbers = scalesOf(
      plan({ factors: [minutes(4, 8, 16)], responses: [mass] }),
      [1, 2],
      [3, 4],
      [5, 6],
    );
    const [four, eight, sixteen] = [4, 8, 16].map(numbers.place);
    expect((sixteen! - four!) / (eight! - four!)).toBeCloseTo(3, 9);
    const { margin, width } = numbers.frame;
    expect(four!).toBeGreaterThan(margin.left);
    expect(sixteen!).toBeLessThan(width - margin.right);
    const three = { ...tin, levels: wordLevels(['a', 'b', 'c']) };
    const named = scalesOf(plan({ factors: [three], responses: [mass] }), [1, 2], [3, 4], [5, 6]);
    const [a, b, c] = [0, 1, 2].map(named.place);
    expect(b! - a!).toBeCloseTo(c! - b!, 9);
    expect(named.xOf(1, 'whatever')).toBe(b);
  });

  it('the axis holds every interval, and begins at nothing unless that would press all into a corner', () => {
    const low = scalesOf(plan({ factors: [minutes(4, 8)], responses: [mass] }), [1, 1.2], [10, 10.2]);
    expect(low.ticks[0]).toBe(0);
    const far = scalesOf(plan({ factors: [minutes(4, 8)], responses: [mass] }), [900, 901], [905, 906]);
    expect(far.ticks[0]!).toBeGreaterThan(800);
    for (const value of [900, 906]) {
      expect(far.y(value)).toBeGreaterThanOrEqual(far.frame.margin.top);
      expect(far.y(value)).toBeLessThanOrEqual(far.frame.height - far.frame.margin.bottom);
    }
    expect(far.y(906)).toBeLessThan(far.y(900));
    const below = scalesOf(plan({ factors: [minutes(4, 8)], responses: [mass] }), [-5, -4], [2, 3]);
    expect(below.ticks[0]!).toBeLessThan(0);
  });

  it('a scale of words has a line for each of them, and room for the words', () => {
    const points = ['runs', 'slumps', 'stands'];
    const words = { ...mass, kind: 'ordered-words' as const, points };
    const scales = scalesOf(plan({ factors: [minutes(4, 8)], responses: [words] }), [1, 1], [2, 2]);
    expect(scales.ticks).toEqual([1, 2, 3]);
    const numbers = scalesOf(plan({ factors: [minutes(4, 8)], responses: [mass] }), [1, 1], [2, 2]);
    expect(scales.frame.margin.left).toBeGreaterThan(numbers.frame.margin.left + 40);
    expect(scales.y(3)).toBeGreaterThan(scales.frame.margin.top);
    expect(scales.y(1)).toBeLessThan(scales.frame.height - scales.frame.margin.bottom);
  });

  it('treatments of one place stand side by side about it, and leave room for the names at their right', () => {
    const two = plan({ factors: [minutes(4, 8), tin], responses: [mass] });
    const ids = treatmentsOf(two).map(({ id }) => id);
    const scales = scalesOf(two, [1, 2], [3, 4], [5, 6], [7, 8]);
    const [dark, bright] = [scales.xOf(8, ids[2]!), scales.xOf(8, ids[3]!)];
    expect(bright - dark).toBeGreaterThan(20);
    expect((dark + bright) / 2).toBeCloseTo(scales.place(8), 9);
    expect(scales.frame.width - bright).toBeGreaterThan(60);
  });
});

describe('dots that would lie on each other', () => {
  const dot = (x: number, y: number, treatmentId = 'a') => ({ x, y, treatmentId });
  it('move to the left until each is seen; others stay, and so do those of another treatment', () => {
    expect(jitter([dot(100, 50), dot(100, 50), dot(100, 50)])).toEqual([0, -12, -24]);
    expect(jitter([dot(100, 50), dot(100, 50, 'b'), dot(100, 62), dot(112, 50)])).toEqual([0, 0, 0, 0]);
    // 12 px to the left it would still be 8.6 px away, less than a dot is wide.
    expect(jitter([dot(100, 50), dot(105, 55)])).toEqual([0, -24]);
    // So many alike cannot all be seen: they move so far and no farther.
    expect(Math.min(...jitter(Array.from({ length: 9 }, () => dot(0, 0))))).toBe(-60);
  });
});
