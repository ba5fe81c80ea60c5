import { describe, expect, it } from 'vitest';
import { examplePlan, newIngredient, type Plan } from '../practical';
import { said } from './testing/said';
import { faults, kindOf, kinds, kitchen, open, withStep } from './testing/faults';
import { endAt, endByTime, inMedium, numberLevels, withLevels } from '../practical/testing/plans';

describe('remarks as they stand in the margin', () => {
  it.each(Object.keys(said))('%s', (kind) => {
    const plan = faults[kind]!;
    const remark = open(plan).find((one) => kindOf(one) === kind)!;
    const { rank, at, what, lines, label, mended } = said[kind]!;
    expect(remark).toMatchObject({ rank, at, what });
    expect(
      remark.working.lines.map(({ text, value, unit }) =>
        [text, value === undefined ? '' : Number(value.toPrecision(3)), unit ?? ''].join(' ').trim(),
      ),
    ).toEqual(lines);
    expect(remark.remedy?.label).toBe(label);
    if (mended) expect(remark.remedy!.apply(plan)).toMatchObject(mended);
  });

  it('what the remedies of the formula and the method write', () => {
    const taken = (kind: string) => {
      const plan = faults[kind]!;
      return open(plan)
        .find((one) => kindOf(one) === kind)!
        .remedy!.apply(plan);
    };
    expect(taken('ingredient-unused').steps[0]!.text).toBe(
      'Weigh sugar, golden syrup and water into the pan. Have the soda ready in a dry dish. Add the vanilla extract.',
    );
    expect(taken('ingredient-unlisted').formula.at(-1)).toEqual(
      newIngredient({ id: 'weigh-butter', name: 'Butter' }),
    );
    expect(taken('hazard-unnamed').steps.map((step) => step.hazards)).toEqual(
      examplePlan.steps.map((step) => (step.id === 'test' ? ['knife'] : step.hazards)),
    );
    expect(taken('hot-sugar-cautions').steps.map((step) => step.hazards)).toEqual(
      examplePlan.steps.map((step) => step.hazards),
    );
  });
});

describe('remarks on both sides of their limits', () => {
  const at = (...values: number[]): Plan => withLevels(examplePlan, numberLevels(...values));

  it('burnt: 190 °C is, 189.9 is not; several are taken out together', () => {
    const burnt = (...values: number[]) => open(at(...values)).find((one) => one.id === 'level-burnt');
    expect([burnt(150, 189.9)?.what, burnt(150, 190)?.what, burnt(150, 190, 200)?.what]).toEqual([
      undefined,
      '190 °C is burnt sugar',
      '190 °C and 200 °C are burnt sugar',
    ]);
  });

  it('a syrup’s stage: from the thread’s 106 °C to the burnt one, and not where an oven is meant', () => {
    const food = (value: number, patch: Partial<Plan> = {}) =>
      kinds({
        ...inMedium(at(value), 'food'),
        ...patch,
      }).includes('syrup-not-followed');
    expect([food(90), food(105.9), food(106), food(189.9), food(190)]).toEqual([
      false,
      false,
      true,
      true,
      false,
    ]);
    const baked = withStep(examplePlan, 'cool', { text: 'Bake it in the oven.' });
    expect(food(150, { steps: baked.steps })).toBe(false);
  });

  it('a correction smaller than half a degree is not worth a word; below 100 °C none is made', () => {
    const typed = (celsius: number) => withStep(examplePlan, 'cool', endAt(celsius));
    const asked = (celsius: number, measuredBoilingC: number) =>
      kinds(typed(celsius), { ...kitchen, measuredBoilingC }).includes('endpoint-not-local');
    // Water boils at 99.97 °C at sea level.
    expect([asked(140, 99.5), asked(140, 99.4), asked(140, 100.4), asked(140, 100.5)]).toEqual([
      false,
      true,
      false,
      true,
    ]);
    expect([asked(99.9, 96), asked(100, 96)]).toEqual([false, true]);
    const remark = open(typed(140)).find((one) => kindOf(one) === 'endpoint-not-local')!;
    expect(remark.what).toBe('140 °C is not corrected for Kitchen 1');
    expect(remark.why).toBe(
      'Water boils at 96.0 °C here. The same syrup shows 136.0 °C; at 140 °C it has gone too far.',
    );
    expect(remark.remedy!.label).toBe('stop at 136.0 °C here');
  });

  it.each([
    ['Heat to 284 °F, then pour.', '140 °C is not', 'Heat, then pour.'],
    ['Boil until it reaches 150°C.', '150 °C is not', 'Boil.'],
    ['Boil until the syrup reaches about 150 °C; do not stir.', '150 °C is not', 'Boil; do not stir.'],
    ['Cook to 146 °C and pour.', '146 °C is not', 'Cook and pour.'],
    ['When it shows 120 C, add the cream.', '120 °C is not', 'Add the cream.'],
    ['Until 150 °C.', '150 °C is not', 'Until 150 °C.'],
    ['Stop at 140 degrees.', '140 °C is not', 'Stop.'],
    ['Leave it in the oven at 150 °C.', undefined, undefined],
    ['Stir 140 times.', undefined, undefined],
  ])('“%s”: %s', (text, what, left) => {
    const plan = withStep(examplePlan, 'cool', { text, ...endByTime });
    const remark = open(plan).find((one) => kindOf(one) === 'endpoint-not-local');
    if (what === undefined) {
      expect(remark).toBeUndefined();
      return;
    }
    expect(remark!.what).toContain(what);
    expect(remark!.remedy!.apply(plan).steps.find((step) => step.id === 'cool')!.text).toBe(left);
  });

  it('a boiling point that was measured is not asked for', () => {
    const asked = (place: typeof kitchen | null) =>
      open(examplePlan, place).find((one) => one.id === 'boiling-not-measured')?.what;
    expect([
      asked(kitchen),
      asked({ ...kitchen, measuredBoilingC: null }),
      asked({ ...kitchen, measuredBoilingC: null, altitudeM: null }),
      asked(null),
    ]).toEqual([
      undefined,
      'Targets rest on the altitude alone',
      'No place chosen: targets are sea-level ones',
      'No place chosen: targets are sea-level ones',
    ]);
  });

  it.each([
    ['crunch score', 'points'],
    ['loss in mass', 'g'],
    ['rise of the dough', 'mm'],
    ['firmness', 'N'],
    ['volume of foam', 'ml'],
    ['setting time', 'min'],
    ['core temperature', '°C'],
    ['strangeness', undefined],
  ])('“%s” is measured in %s', (name, unit) => {
    const plan: Plan = {
      ...examplePlan,
      responses: [{ ...examplePlan.responses[0]!, name, unit: ' ' }],
    };
    const remark = open(plan).find((one) => kindOf(one) === 'response-without-unit')!;
    expect(remark.remedy?.label).toBe(unit && `measure it in ${unit}`);
  });

  it('a thermometer: a fifth of the narrowest gap is fine enough; the coarsest that is gets named', () => {
    const label = (gap: number, division: number) =>
      open(inMedium(at(140, 140 + gap, 140 + gap + 10), 'syrup', division)).find(
        (one) => one.id === 'thermometer-too-coarse',
      );
    expect(label(5, 1)).toBeUndefined();
    expect(label(5, 1.1)?.remedy?.label).toBe('use one that reads to 1 °C');
    expect(label(3, 1)?.remedy?.label).toBe('use one that reads to 0.5 °C');
    expect(label(1, 1)?.remedy?.label).toBe('use one that reads to 0.2 °C');
    expect(label(0.5, 1)?.remedy?.label).toBe('use one that reads to 0.1 °C');
    expect(label(0.4, 1)).toBeDefined();
    expect(label(0.4, 1)?.remedy).toBeUndefined();
  });

  it('a balance: half a division of 5 % of the amount is fine', () => {
    const coarse = (amount: number) =>
      kinds({
        ...examplePlan,
        formula: examplePlan.formula.map((one) => (one.id === 'soda' ? { ...one, amount } : one)),
      }).includes('balance-too-coarse');
    // 0.05 g is 5 % of 1 g.
    expect([coarse(1), coarse(0.99), coarse(0)]).toEqual([false, true, false]);
  });

  it('several steps without minutes or cautions are counted', () => {
    const bare = withStep(withStep(examplePlan, 'boil', { minutes: null, hazards: [] }), 'soda-in', {
      minutes: null,
      hazards: [],
      text: 'Tip the soda into the caramel.',
    });
    const of = (id: string) => open(bare).find((one) => one.id === id)!;
    expect(of('minutes-missing').what).toBe('2 steps without minutes');
    expect(of('hot-sugar-cautions').remedy!.label).toBe('put them on 2 steps');
    expect(of('hot-sugar-cautions').at).toEqual({ section: 'method', item: 'boil' });
    const later = withStep(examplePlan, 'boil', { minutes: null });
    expect(
      kinds({ ...later, steps: later.steps.map((step) => ({ ...step, when: 'before' as const })) }),
    ).not.toContain('minutes-missing');
  });

  it('a caution that says the same is not asked for twice; another one does not stand for it', () => {
    const asked = (text: string, ...hazards: Plan['steps'][number]['hazards']) =>
      open(withStep(examplePlan, 'test', { text, hazards }))
        .map((one) => one.id)
        .filter((id) => id.startsWith('hazard-unnamed:test'))
        .map((id) => id.split(':')[2]);
    expect(asked('Boil the water.')).toEqual(['steam', 'hot-liquid']);
    expect(asked('Boil the water.', 'knife')).toEqual(['steam', 'hot-liquid']);
    // Boiling liquid has its steam in its own words, and steam its liquid.
    expect(asked('Boil the water.', 'hot-liquid')).toEqual([]);
    expect(asked('Boil the water.', 'knife', 'steam')).toEqual([]);
    expect(asked('Grate the carrot.', 'steam', 'hot-liquid')).toEqual(['grater']);
  });

  it('no level at all, and a plan without steps', () => {
    const none = withLevels(examplePlan, []);
    expect(open(none).find((one) => one.id === 'levels-too-few')!.what).toBe('Nothing changes yet');
    for (const kind of ['control-missing', 'order-as-listed', 'nothing-held', 'replicates-too-few']) {
      expect(kinds({ ...none, order: 'as-listed', held: [] }), kind).not.toContain(kind);
    }
    // An empty formula says nothing of syrup yet.
    expect(kinds({ ...examplePlan, formula: [] })).not.toContain('syrup-not-in-formula');
    const idle = kinds({ ...examplePlan, steps: [] });
    expect(idle).not.toContain('ingredient-unused');
    expect(idle.filter((kind) => kind.startsWith('period'))).toEqual([]);
    expect(kinds({ ...faults['question-missing']!, responses: [] })).toContain('question-missing');
    expect(
      open({ ...faults['question-missing']!, responses: [] }).find((one) => one.id === 'question-missing')!
        .remedy,
    ).toBeUndefined();
  });
});

describe('windows of a step', () => {
  const window = (from: number | null, until: number | null, minutes: number | null = 20) =>
    open(withStep(examplePlan, 'test', { minutes, windows: [{ words: 'taste', from, until }] })).find(
      (one) => kindOf(one) === 'window-never',
    )?.what;
  it('open when they can, at the edges too; a step without minutes bounds none', () => {
    expect([window(4, 12), window(null, 4), window(20, null), window(0, 1), window(25, 30, null)]).toEqual(
      Array(5).fill(undefined),
    );
    expect(window(12, 12)).toBe('The time to taste ends before it begins');
    expect(window(20.5, null)).toBe('The time to taste begins after the step');
    expect(window(20.5, 40)).toBe('The time to taste begins after the step');
  });
});
