import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { tries } from '../random/testing/sampled';
import { cheapestPacks, type Pack } from '.';

const counted = (needed: number, packs: Pack[]) =>
  cheapestPacks(needed, packs).packs.map(({ pack, count }) => [count, pack.sizeG]);

/** The least any integer solver finds to pay for at least so much, in hundredths. */
async function leastCost(needed: number, packs: readonly { sizeG: number; price: number | null }[]) {
  const highs = await loadHighs();
  const names = packs.map((_, i) => `x${i}`);
  const programme = `Minimize
 cost: ${packs.map(({ price }, i) => `${Math.round(100 * price!)} ${names[i]}`).join(' + ')}
Subject To
 enough: ${packs.map(({ sizeG }, i) => `${sizeG} ${names[i]}`).join(' + ')} >= ${needed}
General
 ${names.join(' ')}
End`;
  const { Status, ObjectiveValue } = highs.solve(programme, { mip_rel_gap: 0 });
  expect(Status).toBe('Optimal');
  return Math.round(ObjectiveValue);
}

describe('packs', () => {
  it('by hand: 1300 g in bags of 500 g at 0.80 and 1 kg at 1.40 is one of each, 200 g left', () => {
    const packs = [
      { sizeG: 500, price: 0.8 },
      { sizeG: 1000, price: 1.4 },
    ];
    expect(counted(1300, packs)).toEqual([
      [1, 1000],
      [1, 500],
    ]);
    expect(cheapestPacks(1300, packs)).toMatchObject({ boughtG: 1500, leftG: 200, cost: 2.2 });
  });

  it('takes no pack too many where they come out even, and none where nothing is needed', () => {
    const one = (needed: number) => counted(needed, [{ sizeG: 500, price: 1 }]);
    expect([one(1000), one(1000.1), one(499), one(0)]).toEqual([[[2, 500]], [[3, 500]], [[1, 500]], []]);
  });

  it('without prices leaves the least over, in the fewest packs: 2.52 kg is two bags of 1.5 kg, not six of 500 g', () => {
    const packs = [500, 1000, 1500].map((sizeG) => ({ sizeG, price: null }));
    expect(counted(2520, packs)).toEqual([[2, 1500]]);
    expect(counted(2020, packs)).toEqual([
      [1, 1500],
      [1, 1000],
    ]);
    expect(cheapestPacks(2520, packs).cost).toBeNull();
  });

  it('of equally dear ones takes the fewest packs, and names the largest first', () => {
    const packs = [
      { sizeG: 7, price: 0.04 },
      { sizeG: 10, price: 0.06 },
      { sizeG: 3, price: 0.02 },
    ];
    // 36 g for 0.22: 3 × 10 + 2 × 3, and not 3 × 7 + 5 × 3.
    const chosen = cheapestPacks(36, packs);
    expect(chosen.packs.reduce((sum, { count }) => sum + count, 0)).toBe(5);
    expect(chosen.cost).toBe(0.22);
    // The smaller is cheaper by mass: 1.35 for one of each, 1.50 for five small ones.
    expect(
      counted(1300, [
        { sizeG: 300, price: 0.3 },
        { sizeG: 1000, price: 1.05 },
      ]),
    ).toEqual([
      [1, 1000],
      [1, 300],
    ]);
    // A pack without a price is none where another has one, small as it may be.
    expect(
      counted(1, [
        { sizeG: 250, price: 0.9 },
        { sizeG: 1, price: null },
      ]),
    ).toEqual([[1, 250]]);
  });

  it('of two packs of one size takes the cheaper, and one without a price only where none has one', () => {
    const packs = [
      { sizeG: 250, price: 1.1, shop: 'dear' },
      { sizeG: 250, price: 0.9, shop: 'cheap' },
      { sizeG: 100, price: null, shop: 'unknown' },
    ];
    expect(cheapestPacks(300, packs).packs).toEqual([{ pack: packs[1], count: 2 }]);
    expect(counted(300, [packs[2]!])).toEqual([[3, 100]]);
  });

  it('a large pack that is cheaper than what is needed in small ones is taken, much too large as it may be', () => {
    expect(
      counted(300, [
        { sizeG: 100, price: 1 },
        { sizeG: 5000, price: 2.5 },
      ]),
    ).toEqual([[1, 5000]]);
  });

  it('of a tenth of a gram: five sachets of 7 g do not hold 35.1 g', () => {
    expect(counted(35, [{ sizeG: 7, price: 0.3 }])).toEqual([[5, 7]]);
    expect(counted(35.1, [{ sizeG: 7, price: 0.3 }])).toEqual([[6, 7]]);
    expect(cheapestPacks(113.4 * 3, [{ sizeG: 113.4, price: 1 }]).leftG).toBeCloseTo(0, 9);
  });

  it.each([
    ['packs[0].sizeG', { sizeG: 0, price: 1 }],
    ['packs[0].price', { sizeG: 100, price: 0 }],
    ['packs[0].price', { sizeG: 100, price: -1 }],
    ['packs[0].sizeG', { sizeG: NaN, price: 1 }],
  ])('refuses %s of %j', (field, pack) => {
    expect(() => cheapestPacks(100, [pack])).toThrow(field);
  });

  it('refuses no pack at all', () => expect(() => cheapestPacks(100, [])).toThrow('packs'));
});

const sizes = fc.uniqueArray(fc.integer({ min: 3, max: 90 }), { minLength: 1, maxLength: 4 });
const packList = sizes.chain((list) =>
  fc
    .array(fc.integer({ min: 1, max: 60 }), { minLength: list.length, maxLength: list.length })
    .map((prices) => list.map((sizeG, i) => ({ sizeG, price: prices[i]! / 100 }))),
);

describe('the cheapest packs', () => {
  it('are those that trying every combination finds: cost, then what is left, then how many', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 260 }), packList, (needed, packs) => {
        let best = [Infinity, Infinity, Infinity];
        const tries = (i: number, got: number, cost: number, count: number) => {
          if (got >= needed) {
            const found = [cost, got, count];
            const at = found.findIndex((value, k) => value !== best[k]);
            if (at >= 0 && found[at]! < best[at]!) best = found;
            return;
          }
          const pack = packs[i];
          if (!pack) return;
          for (let n = 0; n <= Math.ceil((needed - got) / pack.sizeG); n += 1)
            tries(i + 1, got + n * pack.sizeG, cost + n * Math.round(pack.price * 100), count + n);
        };
        tries(0, 0, 0, 0);
        const { cost, boughtG, packs: chosen } = cheapestPacks(needed, packs);
        const count = chosen.reduce((sum, one) => sum + one.count, 0);
        expect([Math.round(cost! * 100), boughtG, count]).toEqual(best);
      }),
      { numRuns: 400, seed: 11 },
    );
  });

  it('are those an integer solver finds, for needs far beyond what is worked out total by total', async () => {
    const random = seededRandom(5);
    const between = (low: number, high: number) => low + Math.floor(random.uniform() * (high - low));
    for (let i = 0; i < tries(60, 15); i += 1) {
      const packs = Array.from({ length: between(1, 6) }, () => ({
        sizeG: between(5, i % 2 === 0 ? 40 : 1600),
        price: between(20, 900) / 100,
      }));
      const needed = between(1, i % 3 === 0 ? 200_000 : 9000);
      const { cost, boughtG } = cheapestPacks(needed, packs);
      expect(boughtG).toBeGreaterThanOrEqual(needed);
      expect(Math.round(cost! * 100), `${needed} ${JSON.stringify(packs)}`).toBe(
        await leastCost(needed, packs),
      );
    }
  });
});
