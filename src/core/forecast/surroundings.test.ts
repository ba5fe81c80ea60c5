import { describe, expect, it } from 'vitest';
import { surroundingsOf, type Whereabouts } from './surroundings';

const need = (resource: string, celsius: number | null = null) => ({ resource, celsius });
const of = (step: Partial<Whereabouts>, rising: boolean, ovenC: number | null = null) =>
  surroundingsOf({ needs: [], settings: [], ...step }, rising, ovenC)?.celsius ?? null;
const oven = (celsius: number | null) => ({ what: 'oven', celsius });

describe('what a food is in during a step', () => {
  it('what cools: what the step needs, else a room; in a sink or an oven nobody can tell', () => {
    expect(of({}, false)).toBe(21);
    expect(of({ needs: [need('hob')] }, false)).toBe(21);
    expect(of({ needs: [need('refrigerator')] }, false)).toBe(4);
    expect(of({ needs: [need('refrigerator', 7)] }, false)).toBe(7);
    expect(of({ needs: [need('refrigerator'), need('freezer')] }, false)).toBe(-18);
    expect(of({ needs: [need('sink')] }, false)).toBeNull();
    expect(of({ needs: [need('oven', 60)] }, false)).toBeNull();
  });

  it('what warms: the oven as it shows, is set last, or is asked for; a hob tells nothing', () => {
    expect(of({ needs: [need('hob')] }, true)).toBeNull();
    expect(of({ needs: [need('oven', 170)] }, true)).toBe(170);
    expect(of({ needs: [need('oven', 170)], settings: [oven(220), oven(180), oven(null)] }, true)).toBe(180);
    expect(of({ settings: [oven(220)] }, true, 205)).toBe(205);
    expect(of({ needs: [need('refrigerator')] }, true)).toBeNull();
    // The oven is warm for something else: a pan on the hob, a tray that cools on the bench.
    expect(of({ needs: [need('hob')] }, true, 205)).toBeNull();
    expect(of({}, false, 205)).toBe(21);
    expect(of({ needs: [need('oven')] }, true, 205)).toBe(205);
  });
});
