import { describe, expect, it } from 'vitest';
import { numberLevels } from '../practical/testing/plans';
import { demonstrated, emptyPantry, orderOf, usualPrepWays } from '.';
import { line, lineOf, options, run, scones } from './testing/orders';

describe('what is needed', () => {
  it('P1: 0, 1, 2 and 4 % of 200 g at two stations each is 28 g of soda, treatment by treatment', () => {
    const soda = lineOf([run()], 'bicarbonate-of-soda');
    expect(soda.neededG).toBeCloseTo(28, 9);
    expect(soda.parts.map(({ treatment, batches, gramsEach }) => [treatment, batches, gramsEach])).toEqual([
      ['0 % of plain flour', 2, 0],
      ['1 % of plain flour', 2, 2],
      ['2 % of plain flour', 2, 4],
      ['4 % of plain flour', 2, 8],
    ]);
    expect(lineOf([run()], 'plain-flour').neededG).toBe(1600);
  });

  it('spares are of every treatment, the demonstration of the control, losses on top', () => {
    const prep = { ...usualPrepWays, spares: 1, demonstration: true, lossPercent: 2 };
    // 3 × (0 + 2 + 4 + 8) = 42 g and the control’s 0 g once more; flour for 13 batches; 2 % on top.
    expect(lineOf([run({ prep })], 'bicarbonate-of-soda').neededG).toBeCloseTo(42 * 1.02, 9);
    expect(lineOf([run({ prep })], 'plain-flour').neededG).toBeCloseTo(13 * 200 * 1.02, 9);
  });

  it('runs are taken together by ingredient however it is written; water comes from the tap', () => {
    const other = { ...scones, factors: [], formula: [line('x', 'baking soda', 5)] };
    const both = orderOf(
      [run(), run({ id: 'q', plan: other, stations: [null, null] })],
      emptyPantry,
      options,
    );
    expect(both.lines.find(({ key }) => key === 'bicarbonate-of-soda')!.neededG).toBeCloseTo(38, 9);
    expect(both.lines.map(({ key }) => key)).not.toContain('water');
  });

  it('what a station chooses is counted at the highest level; where no level is a number, it is said', () => {
    const open = { id: 'o', value: null, words: 'own', control: false, open: true };
    const withOpen = (levels: (typeof scones.factors)[0]['levels']) => ({
      ...scones,
      factors: [{ ...scones.factors[0]!, levels }],
    });
    const some = run({ plan: withOpen([...numberLevels(1, 3), open]), stations: ['l0', 'l1', 'o'] });
    const soda = lineOf([some], 'bicarbonate-of-soda');
    expect(soda.neededG).toBeCloseTo(2 + 6 + 6, 9);
    expect(soda.parts.map(({ note }) => note)).toEqual([
      '',
      '',
      'the station chooses: counted at the highest level',
    ]);
    expect(new Set(lineOf([some], 'plain-flour').parts.map(({ note }) => note))).toEqual(new Set(['']));
    const none = run({ plan: withOpen([open]), stations: ['o'] });
    const { open: untold } = orderOf([none], emptyPantry, options);
    expect(untold).toMatchObject([
      {
        name: 'Bicarbonate of soda',
        parts: [{ grams: null, note: expect.stringContaining('chooses') as string }],
      },
    ]);
  });

  it('a range is ordered at its upper end; what no table knows is said and not guessed', () => {
    const plan = {
      ...scones,
      factors: [],
      formula: [
        line('a', 'Salt', 8, { amountTo: 10 }),
        line('b', 'Moon dust', 2, { unit: 'cup' }),
        line('c', 'Caster sugar', 1, { amount: null }),
      ],
    };
    const order = orderOf([run({ plan, stations: [null] })], emptyPantry, options);
    expect(order.lines.find(({ key }) => key === 'salt')!.neededG).toBeCloseTo(10, 9);
    expect(order.open).toMatchObject([
      { name: 'Caster sugar', parts: [{ note: 'the formula says no amount' }] },
      { name: 'Moon dust', parts: [{ note: 'the table does not know its density' }] },
    ]);
    expect(order.lines.find(({ key }) => key === 'salt')!.parts[0]!.note).toBe(
      'a range: counted at its upper end',
    );
    const odd = {
      ...scones,
      factors: [],
      formula: [
        line('a', 'Moon rock', 2, { unit: 'each' }),
        line('b', 'Moon dust', 2, { unit: 'cup', amountTo: 3 }),
        line('c', 'Salt', 0, { amountTo: 0 }),
        line('d', 'Caster sugar', 5),
      ],
    };
    const { open, lines } = orderOf([run({ plan: odd, stations: [null] })], emptyPantry, options);
    expect(open.map(({ name, parts }) => `${name}: ${parts[0]!.note}`)).toEqual([
      'Moon dust: the table does not know its density',
      'Moon rock: the table does not know what one weighs',
    ]);
    expect(lines.map(({ name, neededG }) => `${name} ${neededG}`)).toContain('Salt 0');
    expect(lines.find(({ name }) => name === 'Caster sugar')!.parts[0]!.note).toBe('');
  });

  it('parts stand in the order of the treatments, with what a plan no longer lists last, by their ids', () => {
    const parts = (stations: string[]) =>
      lineOf([run({ stations })], 'plain-flour').parts.map(({ treatmentId, treatment }) => [
        treatmentId,
        treatment,
      ]);
    expect(parts(['gone', 'l3', 'l0'])).toEqual([
      ['l0', '0 % of plain flour'],
      ['l3', '4 % of plain flour'],
      [null, ''],
    ]);
  });

  it('shows the control, wherever it stands; without one the first; nothing of a plan without treatments', () => {
    const levels = numberLevels(1, 2).map((level) => ({ ...level, control: level.id === 'l1' }));
    const with_ = (some: typeof levels) => ({
      ...scones,
      factors: [{ ...scones.factors[0]!, levels: some }],
    });
    expect(demonstrated(with_(levels))).toBe('l1');
    expect(demonstrated(with_(levels.map((level) => ({ ...level, control: false }))))).toBe('l0');
    expect(demonstrated({ ...scones, factors: [] })).toBeNull();
  });

  it('of what is counted nothing sticks to a bowl, and it is bought whole', () => {
    const lemons = { ...scones, factors: [], formula: [line('b', 'Banana', 1.5, { unit: 'each' })] };
    const prep = { ...usualPrepWays, lossPercent: 10 };
    // Three stations of 1½ are 4½ bananas of 120 g, and five are bought: 60 g left.
    const banana = lineOf([run({ plan: lemons, stations: [null, null, null], prep })], 'banana');
    expect(banana).toMatchObject({ neededG: 540, pieceG: 120, loose: true, ownPacks: false });
    expect(banana.purchases).toMatchObject([{ boughtG: 600, leftG: 60 }]);
    const even = lineOf([run({ plan: lemons, stations: [null, null], prep })], 'banana');
    expect(even.purchases).toMatchObject([{ boughtG: 360, leftG: 0 }]);
  });
});
