import { describe, expect, it } from 'vitest';
import { biotNumber, foodProperties, fourierNumber, unaccomplished } from '../heat';
import { examplePlan, newStep, type Acts, type Plan } from '../practical';
import { endAt, numberLevels, withLevels } from '../practical/testing/plans';
import { find, grams, line, middles, planOf } from './testing/plans';

const thermometers = [{ id: 't', in: 'core' as const, smallestDivisionC: 0.1 }];
const ends = (celsius: number) => ({
  ends: [{ kind: 'temperature' as const, celsius, basis: 'as-read' as const }],
  thermometerId: 't',
});
const meat = [line('Turkey mince', 400)];

describe('a piece, one way and back', () => {
  it('is at its core temperature after the minutes that were foretold for it', () => {
    const oven = { settings: [{ what: 'oven' as const, celsius: 200, words: '', from: 0 }] };
    const size: Acts = { on: 'size', what: 'diameter' };
    const bake = { id: 'b', text: 'Bake the balls.', ...oven };
    const to = planOf(meat, [{ ...bake, ...ends(60) }], size, numberLevels(30, 40), { thermometers });
    const [minutes] = middles(to, 'minutes-to-core')!;
    const back = planOf(meat, [{ ...bake, minutes: minutes! }], size, numberLevels(30, 40));
    expect(middles(back, 'centre')![0]).toBeCloseTo(60, 0);
  });

  it('as a slice in boiling water is that of the series solution for a slab', () => {
    const plan = planOf(
      meat,
      [{ id: 'b', text: 'Simmer the slices.', minutes: 6 }],
      { on: 'size', what: 'thickness' },
      numberLevels(16, 24),
    );
    const material = foodProperties({ water: 0.72, protein: 0.2, fat: 0.08 }, 40);
    middles(plan, 'centre')!.forEach((middle, i) => {
      const half = [0.008, 0.012][i]!;
      const theta = unaccomplished(
        'slab',
        biotNumber(1200, half, material.conductivityWmK),
        fourierNumber(material, half, 360),
      );
      expect(middle).toBeCloseTo(99.97 - theta * (99.97 - 8), -0.3);
    });
  });
});

describe('how many can be drawn beside each other', () => {
  it('is two dozen', () => {
    const of = (levels: number) => {
      const size: Acts = { on: 'size', what: 'thickness' };
      const minutes: Acts = { on: 'minutes', stepId: 'b' };
      const plan = planOf(meat, [{ id: 'b', text: 'Simmer.', minutes: 6 }], size, numberLevels(16, 24));
      const second = {
        id: 'm',
        name: 'm',
        acts: minutes,
        unit: '',
        levels: numberLevels(...Array.from({ length: levels }, (_, i) => i + 1)),
      };
      return find({ ...plan, factors: [...plan.factors, second] }, 'centre')?.expected.length;
    };
    expect([of(12), of(13)]).toEqual([24, undefined]);
  });
});

describe('bands to both sides', () => {
  it('gas: of a food’s acid less at the low end, more at the high', () => {
    const plan = planOf(
      [line('Plain flour', 200), line('Bicarbonate of soda', 4), line('Buttermilk', 100)],
      [{ id: 'b', text: 'Bake.' }],
      grams('bicarbonate-of-soda'),
      numberLevels(4, 8),
    );
    // 0.8 g of lactic acid are 8.88 mmol, 0.214 L; of 95.2 mmol of soda the rest gives half of 86.4 by heat.
    const { low, high } = find(plan, 'gas')!.expected[1]!;
    expect(low).toBeLessThan(0.2);
    expect(low).toBeGreaterThan(0.1);
    expect(high).toBeGreaterThan((0.00888 + 0.0864 / 2) * 24.14 + 0.01);
  });

  it('starch: less in a colder pan, more in a hotter one', () => {
    const plan = planOf(
      [line('Cornflour', 20), line('Water', 400)],
      [{ id: 'h', text: 'Heat.', ...ends(67) }],
      { on: 'end-temperature', stepId: 'h' },
      numberLevels(66, 69),
      { thermometers },
    );
    for (const { low, middle, high } of find(plan, 'starch')!.expected)
      expect([low < middle - 5, middle + 5 < high]).toEqual([true, true]);
  });

  it('a rise: by the setting of its place; a treatment without yeast leaves it unsaid', () => {
    const dough = (acts: Acts, levels: ReturnType<typeof numberLevels>) =>
      planOf(
        [line('Strong flour', 300), line('Instant yeast', 4)],
        [
          {
            ...{ id: 'p', text: 'Prove.', minutes: 45 },
            settings: [{ what: 'oven', celsius: 24, words: '', from: 0 }],
          },
        ],
        acts,
        levels,
      );
    const place: Acts = { on: 'setting', stepId: 'p', what: 'oven', scale: 'number' };
    expect(middles(dough(place, numberLevels(24, 32)), 'rise')![1]).toBeGreaterThan(1.4);
    const controls = numberLevels(0, 4).map((level) => ({ ...level, control: level.value === 4 }));
    expect(find(dough(grams('instant-yeast'), controls), 'rise')).toBeUndefined();
  });

  it('syrup: at the target in the syrup, whatever else is read afterwards', () => {
    const plan = withLevels(examplePlan, numberLevels(140, 150));
    const dipped: Plan = {
      ...plan,
      thermometers: [...plan.thermometers, { id: 'chocolate', in: 'food', smallestDivisionC: 0.5 }],
      steps: [
        ...plan.steps,
        newStep({ id: 'dip', text: 'Dip.', ...endAt(32), thermometerId: 'chocolate' }),
        newStep({ id: 'wash', text: 'Wash the pan.', thermometerId: 'in-the-syrup' }),
      ],
    };
    expect(middles(dipped, 'syrup')).toEqual(middles(plan, 'syrup'));
  });
});
