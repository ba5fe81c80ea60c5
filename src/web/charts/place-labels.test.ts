import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placeLabels } from './place-labels';

describe('labels of an axis', () => {
  it('never overlap, keep their order and stay inside as long as there is room', () => {
    const label = fc.double({ min: 0, max: 300, noNaN: true });
    fc.assert(
      fc.property(fc.array(label, { maxLength: 15 }), (ats) => {
        const labels = ats.map((at, i) => ({ text: String(i), at }));
        const placed = placeLabels(labels, 15, 0, 300);
        const wanted = [...labels].sort((a, b) => a.at - b.at).map((one) => one.text);
        expect(placed.map((one) => one.text)).toEqual(wanted);
        placed.forEach((one, i) => {
          expect(one.y).toBeGreaterThanOrEqual(0);
          expect(one.y).toBeLessThanOrEqual(300);
          if (i > 0) expect(one.y - placed[i - 1]!.y).toBeGreaterThanOrEqual(15 - 1e-9);
        });
      }),
    );
  });

  it('stay where they belong when nothing is in the way', () => {
    expect(
      placeLabels(
        [
          { text: 'a', at: 10 },
          { text: 'b', at: 60 },
        ],
        15,
        0,
        100,
      ),
    ).toEqual([
      { text: 'a', y: 10 },
      { text: 'b', y: 60 },
    ]);
  });
});
