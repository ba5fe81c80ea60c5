import { describe, expect, it } from 'vitest';
import { newPlan, newResponse, treatmentsOf, type Plan } from '../practical';
import { numberLevels, wordLevels } from '../practical/testing/plans';
import { intervalIn, measuredClass } from './testing/measured-class';

const plan: Plan = {
  ...newPlan('Scones', null),
  factors: [
    {
      id: 'min',
      name: 'minutes',
      acts: { on: 'words', scale: 'number' },
      unit: 'min',
      levels: numberLevels(8, 12),
    },
    {
      id: 'tin',
      name: 'tin',
      acts: { on: 'words', scale: 'words' },
      unit: '',
      levels: wordLevels(['dark', 'bright']),
    },
  ],
  responses: [newResponse({ id: 'loss', name: 'mass loss', unit: 'g', smallestDivision: 0.1 })],
};
/** Values of 8 min dark, 8 min bright, 12 min dark, 12 min bright. */
const found = (...cells: number[][]) =>
  measuredClass(Object.fromEntries(treatmentsOf(plan).map(({ id }, i) => [id, cells[i]!])), plan)
    .findings()
    .filter(({ id }) => /^(depends|factor|levels|pair)/.test(id))
    .map(({ what, why }) => `${what}. ${why}`);

describe('what two factors did', () => {
  it('each on its own, where the one does not change the other', () => {
    // Means 5 and 5.2 dark and bright at 8 min, 9 and 9.2 at 12: minutes 4 g, tin 0.2 g.
    const said = found([4.8, 5, 5.2], [5, 5.2, 5.4], [8.8, 9, 9.2], [9, 9.2, 9.4]);
    expect(said[0]).toContain('Mass loss greater at 12 min than at 8 min');
    expect(said[0]).toContain('Minutes, over all levels of the other: a difference of 4.00 g');
    expect(said[1]).toContain('No effect of tin on mass loss can be told');
    expect(said[1]).toContain('From dark to bright it changed by 0.20 g');
    expect(said[2]).toContain('Whether minutes works otherwise at another tin can’t be told');
    expect(said).toHaveLength(3);
    // sd² = 0.04 + 0.1²/12; with spreads known to be alike t(1 − 0.025/3; 8) = 3.016: half = 3.016 × sd × √(2/6) = 0.354.
    expect(said[0]).toContain('all comparisons counted');
    expect(intervalIn(said[0]!).middle).toBeCloseTo(4, 2);
    expect(intervalIn(said[0]!).half).toBeGreaterThan(0.354);
    expect(intervalIn(said[0]!).half).toBeLessThan(0.6);
  });

  it('that the one depends on the other, with all four means and nothing of either alone', () => {
    const said = found([4.8, 5, 5.2], [8.8, 9, 9.2], [8.8, 9, 9.2], [4.8, 5, 5.2]);
    expect(said).toHaveLength(1);
    expect(said[0]).toContain('What minutes does to mass loss depends on tin');
    expect(said[0]).toContain(
      'dark: 5.00 at 8 min and 9.00 at 12 min; bright: 9.00 at 8 min and 5.00 at 12 min',
    );
    expect(said[0]).toContain('From 8 min to 12 min it changes by 4.00 at dark and by −4.00 at bright');
  });

  it('a hump: the ends, which are alike, are never said to differ; the level that does is', () => {
    const humped: Plan = {
      ...plan,
      factors: [
        { ...plan.factors[0]!, levels: numberLevels(20, 35, 50), unit: '°C', name: 'oven' },
        plan.factors[1]!,
      ],
    };
    const cells = [
      [4.9, 5.1],
      [5, 5.2],
      [9, 9.2],
      [9.1, 9.3],
      [4.9, 5.2],
      [5, 5.1],
    ];
    const by = Object.fromEntries(treatmentsOf(humped).map(({ id }, i) => [id, cells[i]!]));
    const said = measuredClass(by, humped)
      .findings()
      .map(({ what, why }) => `${what}. ${why}`);
    expect(said[0]).toMatch(
      /^Mass loss (greater at 35 °C than at (20|50) °C|smaller at 50 °C than at 35 °C)/,
    );
    expect(said[0]).toContain('20 °C and 50 °C cannot be told apart');
    expect(said.join(' ')).not.toMatch(/at 50 °C than at 20 °C|at 20 °C than at 50 °C/);
  });

  it('smaller where it is smaller, shorter where it is a time, lower where it is a force', () => {
    const said = found([9, 9.2], [9.1, 9.3], [5, 5.2], [5.1, 5.3]);
    expect(said[0]).toContain('Mass loss smaller at 12 min than at 8 min');
    const as = (unit: string, kind: Plan['responses'][0]['kind'] = 'number') => {
      const changed = { ...plan, responses: [{ ...plan.responses[0]!, unit, kind }] };
      const cells = [
        [9, 9.2],
        [9.1, 9.3],
        [5, 5.2],
        [5.1, 5.3],
      ];
      const by = Object.fromEntries(treatmentsOf(changed).map(({ id }, i) => [id, cells[i]!]));
      return measuredClass(by, changed).findings()[0]!.what;
    };
    expect(as('min')).toContain('Mass loss shorter at');
    expect(as('', 'time')).toContain('Mass loss shorter at');
    expect(as('', 'count')).toContain('Mass loss smaller at');
    expect(as('N')).toContain('Mass loss lower at');
    expect(as('minims')).toContain('Mass loss lower at');
  });

  it('a station too few: the two-factor answer stands all the same, each treatment counted once', () => {
    const uneven = found([5, 5.2, 5.1], [5.1, 5.3], [9, 9.2], [9.1, 9.3]);
    expect(uneven[0]).toContain('Mass loss greater at 12 min than at 8 min');
    // Means of treatments 5.1, 5.2, 9.1, 9.2: 9.15 less 5.15.
    expect(uneven[0]).toContain('a difference of 4.00 g');
    expect(uneven).toHaveLength(3);
  });

  it('a treatment nobody did, and one station each: the answer stands', () => {
    const gap: Plan = {
      ...plan,
      factors: [{ ...plan.factors[0]!, levels: numberLevels(8, 12, 16) }, plan.factors[1]!],
    };
    const ids = treatmentsOf(gap).map(({ id }) => id);
    const of = (cells: number[][]) =>
      measuredClass(
        Object.fromEntries(cells.flatMap((cell, i) => (cell.length > 0 ? [[ids[i]!, cell]] : []))),
        gap,
      )
        .findings()
        .map(({ what, why }) => `${what}. ${why}`);
    const [first] = of([[4.8, 5, 5.2], [5, 5.2, 5.4], [8.8, 9, 9.2], [], [12.8, 13, 13.2], [13, 13.2, 13.4]]);
    expect(first).toContain('Mass loss greater at 16 min than at 8 min');
    expect(first).toContain('a difference of 8.00 g');
    const single = of([[5], [5.2], [9], [9.1], [13], [13.2]]);
    expect(single.find((one) => one.startsWith('Whether minutes'))).toContain(
      'No treatment has two stations: nothing tells a dependence from the spread.',
    );
  });

  it('a level that nobody measured is left out, and does not make a gap', () => {
    const three: Plan = {
      ...plan,
      factors: [{ ...plan.factors[0]!, levels: numberLevels(8, 12, 16) }, plan.factors[1]!],
    };
    const cells = [[4.8, 5, 5.2], [5, 5.2, 5.4], [8.8, 9, 9.2], [9, 9.2, 9.4], [], []];
    const ids = treatmentsOf(three).map(({ id }) => id);
    const measured = Object.fromEntries(cells.flatMap((one, i) => (one.length > 0 ? [[ids[i]!, one]] : [])));
    const said = measuredClass(measured, three)
      .findings()
      .map(({ what }) => what);
    expect(said).toContain('Mass loss greater at 12 min than at 8 min');
    expect(said.join()).not.toContain('16');
  });
});
