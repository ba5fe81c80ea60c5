import { describe, expect, it } from 'vitest';
import { examplePlan, newIngredient, newPlan, newResponse, newStep, type Plan } from '../practical';
import { amountOf, endAt, factor, levelsOf, numberLevels, wordLevels } from '../practical/testing/plans';
import { kinds, kitchen, linesOf, open, remarkOf } from './testing/faults';

const soda = newIngredient({ id: 'soda', name: 'Bicarbonate of soda', amount: null });
const flour = newIngredient({ id: 'flour', name: 'Plain flour', amount: 200 });
const scones = (patch: Partial<Plan>): Plan => ({
  ...newPlan('Scones', 'kitchen'),
  formula: [flour, soda],
  ...patch,
});
const ids = (plan: Plan) => open(plan).map(({ id }) => id);

describe('two factors', () => {
  const tins = factor({ on: 'words', scale: 'words' }, wordLevels(['dark', 'bright', 'lined']), 'tin');
  const doses = factor(amountOf('soda', 'g'), numberLevels(1, 2, 3, 4, 5, 6, 7), 'dose');

  it('each need two levels; the one that is short is named', () => {
    const one = { ...tins, levels: tins.levels.slice(0, 1) };
    const short = open(scones({ factors: [doses, one] })).find(({ id }) => id.startsWith('levels-too-few'))!;
    expect(short).toMatchObject({ at: { section: 'fair-test', item: tins.id } });
    expect(short.what).toContain('tin');
    expect(ids(scones({ factors: [] })).filter((id) => id.startsWith('levels-too-few'))).toEqual([
      'levels-too-few',
    ]);
  });

  it('and too few stations: a stop only where a treatment is done by nobody', () => {
    const at = (stations: number, room = 50) =>
      remarkOf(
        scones({ factors: [tins, { ...doses, levels: doses.levels.slice(0, 2) }], stations }),
        'replicates-too-few',
        {
          ...kitchen,
          stations: room,
        },
      );
    expect(at(5)).toMatchObject({ rank: 'stop', what: '5 stations for 6 treatments' });
    expect(at(5).why).toContain('1 treatment would be done by nobody');
    expect(at(6)).toMatchObject({ rank: 'check' });
    expect(at(6).why).toContain('With fewer than two stations a treatment');
    expect(at(6).remedy!.label).toBe('use 12 stations');
    // Levels of two factors are not dropped for anybody.
    expect(at(6, 11).remedy).toBeUndefined();
  });

  it('forty stations are as many as there can be', () => {
    const many = (levels: number) => ({
      ...doses,
      levels: Array.from({ length: levels }, (_, i) => ({
        ...doses.levels[0]!,
        id: `m${i}`,
        value: i,
        control: i === 0,
      })),
    });
    const two = (levels: number) =>
      scones({ factors: [{ ...tins, levels: tins.levels.slice(0, 2) }, many(levels)], stations: 8 });
    const room = { ...kitchen, stations: 60 };
    expect(remarkOf(two(10), 'replicates-too-few', room).remedy!.label).toBe('use 40 stations');
    expect(remarkOf(two(11), 'replicates-too-few', room).remedy).toBeUndefined();
  });

  it('burnt levels are taken out of their own factor only', () => {
    const minutes = factor({ on: 'words', scale: 'number' }, numberLevels(5, 300), 'stirs');
    const hot = { ...examplePlan.factors[0]!, levels: numberLevels(140, 190) };
    const mended = remarkOf({ ...examplePlan, factors: [hot, minutes] }, 'level-burnt').remedy!.apply({
      ...examplePlan,
      factors: [hot, minutes],
    });
    expect(mended.factors.map(({ levels }) => levels.map(({ value }) => value))).toEqual([[140], [5, 300]]);
  });
});

describe('amounts that levels give', () => {
  const missing = (...acts: Parameters<typeof amountOf>) =>
    ids(scones({ factors: [factor(amountOf(...acts), numberLevels(1, 2))] })).filter((id) =>
      id.startsWith('amount-missing'),
    );

  it('need not stand in the formula; “times as much” of nothing, or of something else, does not help', () => {
    expect(missing('soda', 'g')).toEqual([]);
    expect(missing('soda', 'percent-of', 'flour')).toEqual([]);
    expect(missing('soda', 'times')).toEqual(['amount-missing:soda']);
    expect(missing('flour', 'g')).toEqual(['amount-missing:soda']);
    // The second factor may be the one.
    const both = scones({
      factors: [
        factor(amountOf('flour', 'g'), numberLevels(100, 200)),
        factor(amountOf('soda', 'g'), numberLevels(1, 2)),
      ],
    });
    expect(ids(both)).not.toContain('amount-missing:soda');
    const swap = scones({
      factors: [factor({ on: 'swap', ingredientId: 'soda' }, wordLevels(['soda', 'none']))],
    });
    expect(ids(swap)).toContain('amount-missing:soda');
  });

  it('the balance is held against the least that is weighed, not against nothing', () => {
    const coarse = (...doses: number[]) =>
      open(scones({ factors: [factor(amountOf('soda', 'g'), numberLevels(...doses))] })).find(
        ({ id }) => id === 'balance-too-coarse:soda',
      );
    expect(coarse(0, 0.5, 4)!.what).toBe('0.5 g of bicarbonate of soda on a 0.1 g balance');
    // Half a division of 0.05 g is 5 % of 1 g: good enough.
    expect(coarse(0, 1, 4)).toBeUndefined();
    expect(linesOf(coarse(0, 0.5, 4)!)[2]).toEqual(['half a division / amount', 10, '%']);
    expect(coarse(0)).toBeUndefined();
  });
});

describe('what is worked out, and what is read', () => {
  const of = (...formulas: [name: string, formula: string][]) =>
    kinds({
      ...examplePlan,
      responses: formulas.map(([name, formula]) =>
        newResponse({ id: name, name, unit: 'g', instrument: 'balance', smallestDivision: 0.1, formula }),
      ),
    }).filter((kind) => kind.startsWith('formula'));

  it('a formula that leads back to itself is a circle, one used twice is none', () => {
    expect(of(['aa', 'bb + 1'], ['bb', 'cc + 1'], ['cc', 'aa + 1']).length).toBe(3);
    expect(of(['aa', 'bb + cc'], ['bb', 'dd + 1'], ['cc', 'dd + 2'], ['dd', '']).length).toBe(0);
    // Into a circle, but not part of it.
    expect(of(['aa', 'bb'], ['bb', 'cc'], ['cc', 'bb']).length).toBe(2);
  });

  it('a thermometer that was taken out of the plan reads nothing', () => {
    const step = (thermometerId: string | null) => ({
      ...examplePlan,
      steps: [
        ...examplePlan.steps,
        newStep({ id: 'core', text: 'Heat the filling.', ...endAt(74), thermometerId }),
      ],
    });
    const missing = (plan: Plan) =>
      open(plan).filter(({ id }) => id.startsWith('thermometer-missing')).length;
    expect([missing(step('in-the-syrup')), missing(step('gone')), missing(step(null))]).toEqual([0, 1, 1]);
  });

  it('another thermometer stays where it is when one is moved', () => {
    const two: Plan = {
      ...examplePlan,
      formula: [newIngredient({ id: 'p', name: 'Turkey mince', amount: 400 })],
      thermometers: [...examplePlan.thermometers, { id: 'oil', in: 'oil', smallestDivisionC: 1 }],
    };
    const moved = open(two).find(({ remedy }) => remedy && remedy.apply(two).thermometers[0]!.in !== 'syrup');
    expect(moved!.remedy!.apply(two).thermometers.map((one) => one.in)[1]).toBe('oil');
  });

  it('levels of a step that is not in syrup may be as hot as they like', () => {
    const oil: Plan = {
      ...examplePlan,
      thermometers: [{ id: 'in-the-syrup', in: 'oil', smallestDivisionC: 1 }],
      factors: [
        {
          ...examplePlan.factors[0]!,
          levels: levelsOf(examplePlan).map((level) => ({ ...level, value: 190 })),
        },
      ],
    };
    expect(kinds(oil)).not.toContain('level-burnt');
    // Of a step that is gone: by the thermometer that is there, if any.
    const gone = (plan: Plan): Plan => ({
      ...plan,
      factors: [
        {
          ...plan.factors[0]!,
          acts: { on: 'end-temperature', stepId: 'gone' },
          levels: numberLevels(140, 190),
        },
      ],
    });
    expect(kinds(gone(examplePlan))).toContain('level-burnt');
    expect(kinds(gone({ ...examplePlan, thermometers: [] }))).not.toContain('level-burnt');
  });
});
