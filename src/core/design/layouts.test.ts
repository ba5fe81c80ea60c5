import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { welchTest } from '../statistics';
import {
  detectableDifference,
  findConfounding,
  fullFactorial,
  halfFraction,
  inBlocks,
  replicatesFor,
} from '.';

const two = (name: string) => ({ name, levels: ['low', 'high'] });

describe('layouts', () => {
  it('a full factorial has every combination once', () => {
    const rows = fullFactorial([{ name: 'soda', levels: ['0', '2', '4'] }, two('heat')]);
    expect(new Set(rows.map((row) => row.join())).size).toBe(6);
    expect(() => fullFactorial([{ name: 'soda', levels: ['2'] }])).toThrow(/factors\[0\]\.levels/);
    expect(() => fullFactorial([])).toThrow(/factors is \[\]; allowed: at least one factor/);
  });

  it('a half fraction of three factors is 4 runs with every pair of levels once (2³⁻¹, Box, Hunter and Hunter)', () => {
    const rows = halfFraction([two('a'), two('b'), two('c')]);
    expect(rows).toHaveLength(4);
    for (const [i, j] of [
      [0, 1],
      [0, 2],
      [1, 2],
    ] as const)
      expect(new Set(rows.map((row) => row[i]! + row[j]!)).size).toBe(4);
    const column = (i: number) => rows.map((row) => row[i]!);
    expect(findConfounding({ a: column(0), b: column(1), c: column(2) })).toEqual([]);
    // What it costs: the product of two factors is the third.
    const product = rows.map((row) => (row[0] === row[1] ? 'same' : 'other'));
    expect(findConfounding({ product, c: column(2) })[0]!.strength).toBeCloseTo(1, 12);
  });

  it('blocks hold every treatment once, each in its own order', () => {
    const placed = inBlocks(fullFactorial([two('a'), two('b')]), ['oven 1', 'oven 2', 'oven 3'], 4);
    expect(placed).toHaveLength(12);
    expect(
      findConfounding({ block: placed.map((one) => one.block), a: placed.map((one) => one.treatment[0]!) }),
    ).toEqual([]);
  });

  it('finds that the hot level always stood in the same oven', () => {
    const found = findConfounding({
      level: ['160', '160', '190', '190', '190', '160'],
      oven: ['left', 'left', 'right', 'right', 'right', 'left'],
      hands: ['a', 'b', 'c', 'a', 'b', 'c'],
      tin: ['20 cm', '20 cm', '20 cm', '20 cm', '20 cm', '20 cm'],
    });
    expect(found).toEqual([{ first: 'level', second: 'oven', strength: 1 }]);
    // By hand: 3, 1 / 1, 3 of 8 has χ² = 4 × 1² / 2 = 2, so V = √(2 / 8) = ½; three ovens to two levels, 2, 2, 0 / 0, 0, 4: V = 1.
    const partly = { level: [...'aaaabbbb'], oven: [...'lllrrrrl'] };
    expect(findConfounding(partly)).toEqual([{ first: 'level', second: 'oven', strength: 0.5 }]);
    expect(findConfounding(partly, 0.51)).toEqual([]);
    const three = { level: [...'aaaabbbb'], oven: [...'xxyyzzzz'] };
    expect(findConfounding(three)[0]!.strength).toBeCloseTo(1, 12);
  });
});

describe('a half fraction', () => {
  it('needs three factors, and then keeps half of all treatments', () => {
    const factor = (name: string) => ({ name, levels: ['low', 'high'] });
    expect(() => halfFraction([factor('a'), factor('b')])).toThrow(/factors .*at least three factors/);
    expect(halfFraction([factor('a'), factor('b'), factor('c')])).toHaveLength(4);
    expect(() => halfFraction([factor('a'), factor('b'), { name: 'c', levels: ['x'] }])).toThrow(
      /factors\[2\]\.levels .*two levels of c/,
    );
  });
});

describe('power', () => {
  it('17 a group find a difference of one standard deviation in 80 of 100 (Cohen 1988, table 2.4.1)', () => {
    expect(replicatesFor(1, 1, 2)).toBe(17);
    // The same table: 0.5 needs 64, 0.8 needs 26, 1.2 needs 12.
    expect([0.5, 0.8, 1.2].map((d) => replicatesFor(d, 1, 2))).toEqual([64, 26, 12]);
    expect(detectableDifference(1, 17, 2)).toBeCloseTo(1, 1);
    expect(detectableDifference(1, 3, 4)).toBeGreaterThan(detectableDifference(1, 6, 4));
    expect(replicatesFor(0.05, 1, 2)).toBeNull();
  });

  it('stations and smallest difference are two sides of one answer, for a pair and for all pairs', () => {
    for (const question of ['one-pair', 'all-pairs'] as const) {
      for (const levels of [2, 3, 5, 8]) {
        for (const difference of [0.9, 1.4, 2.2]) {
          const n = replicatesFor(difference, 1, levels, 0.8, question)!;
          expect(detectableDifference(1, n, levels, 0.8, question)).toBeLessThanOrEqual(difference + 1e-9);
          if (n > 2) {
            expect(detectableDifference(1, n - 1, levels, 0.8, question)).toBeGreaterThan(difference);
          }
        }
      }
    }
    expect(detectableDifference(3, 5, 4)).toBeCloseTo(3 * detectableDifference(1, 5, 4), 6);
    expect(detectableDifference(0, 5, 4)).toBe(0);
  });

  it('holds in simulated classes', () => {
    const random = seededRandom(9);
    const difference = detectableDifference(1, 8, 2);
    let found = 0;
    for (let i = 0; i < 600; i += 1) {
      const group = (mean: number) => Array.from({ length: 8 }, () => mean + random.normal());
      if (welchTest(group(0), group(difference)).p < 0.05) found += 1;
    }
    expect(found / 600).toBeGreaterThan(0.76);
    expect(found / 600).toBeLessThan(0.85);
  });
});
