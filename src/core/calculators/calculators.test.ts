import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RefusedValue } from '../bounds';
import { measureUnits } from '../formula';
import { ingredientItems } from '../ingredients';
import { starches } from '../gels';
import { leaveningAcids } from '../leavening';
import { authorities, foodKinds } from '../safety';
import { solutes } from '../sugar';
import { calculators, runCalculator, type InputSpec } from '.';
import { contractOne } from './testing/contract-one';
import { contractThree } from './testing/contract-three';
import { contractTwo } from './testing/contract-two';

/** The contract: ids, the keys of their results, and one example each with a value from outside. */
const contract = { ...contractOne, ...contractTwo, ...contractThree };

describe('the registry', () => {
  it('has every id of the contract, and no other untested', () => {
    expect(calculators.map((one) => one.id).sort()).toEqual(Object.keys(contract).sort());
  });

  it.each(Object.keys(contract))('%s answers with its keys, working and sources', (id) => {
    const { inputs, keys, check } = contract[id]!;
    const answer = runCalculator(id, inputs);
    expect(Object.keys(answer.result)).toEqual(keys);
    expect(answer.inputs).toMatchObject(inputs);
    expect(answer.working.length).toBeGreaterThan(0);
    expect(answer.sources.length).toBeGreaterThan(0);
    for (const [key, value, digits] of check) expect(answer.result[key]).toBeCloseTo(value, digits);
  });

  it('every answer can be read: no empty line, no number that is none, no source without words', () => {
    for (const { id, example } of calculators) {
      for (const inputs of [example, contract[id]!.inputs]) {
        const { result, working, sources, warnings } = runCalculator(id, inputs);
        for (const line of working) {
          expect(line.text?.trim(), id).toBeTruthy();
          expect(line.text, id).not.toMatch(/undefined|NaN|\[object|null/);
          if (line.value !== undefined) expect(Number.isFinite(line.value), `${id}: ${line.text}`).toBe(true);
        }
        for (const { kind, text } of sources) {
          expect(
            ['standard', 'handbook', 'common-practice', 'from-memory', 'guidance', 'paper'],
            id,
          ).toContain(kind);
          expect(text.length, id).toBeGreaterThan(10);
        }
        for (const warning of warnings) expect(warning, id).toMatch(/^\p{Lu}.*[.!?]$/u);
        expect(JSON.stringify(result), id).not.toMatch(/undefined|NaN/);
        for (const [key, value] of Object.entries(result)) expect(value, `${id}.${key}`).not.toBeUndefined();
      }
    }
  });

  it('a recipe: the keys of the contract, amounts in the unit written, indices of the formula', () => {
    const { result } = runCalculator('read-recipe', {
      text: 'Buns\n140–150 ml milk\n2 × 400 g tins tomatoes\n50 g butter, soft\nsalt to taste\n\nWarm the milk with the 5 g butter.\nBake for 10–12 min at 200 °C.',
    });
    expect(result.formula).toMatchObject([
      { line: 2, name: 'milk', amount: 140, amountHigh: 150, unit: 'ml', item: 'milk', uncertain: false },
      { line: 3, name: 'tomatoes', amount: 800, unit: 'g', massG: 800 },
      { line: 4, name: 'butter', amount: 50, unit: 'g', state: 'soft' },
      { line: 5, name: 'salt', amount: null, unit: 'to-taste' },
    ]);
    expect(result.steps).toMatchObject([
      { uses: [0, 2] },
      { minutesLow: 10, minutesHigh: 12, celsius: 200, uses: [] },
    ]);
    expect((result.contradictions as { kind: string }[]).map((one) => one.kind)).toEqual([
      'amount',
      'unused',
      'unused',
    ]);
    expect(runCalculator('dose-check', contract['dose-check']!.inputs).result.remarks).toMatchObject([
      { ingredient: 'salt', of: 'flour', low: 1, high: 2, verdict: 'high' },
    ]);
  });

  it('what stands in the working is what was asked and what came out', () => {
    const valuesOf = (id: string, inputs: object) =>
      runCalculator(id, inputs).working.map(({ text, value, unit }) => [text, value, unit].join('|'));
    expect(valuesOf('allergen-check', { ingredients: 'butter, dragonwort, water' })).toEqual([
      'butter: milk||',
      'dragonwort: “dragonwort” not known||',
      'water: —||',
    ]);
    expect(
      runCalculator('bakers-percentages', {
        lines: [
          { name: 'Strong flour', massG: 250 },
          { name: 'Salt', massG: 5 },
        ],
      }).result.percentages,
    ).toMatchObject([
      { name: 'Strong flour', percent: 100 },
      { name: 'Salt', percent: 2 },
    ]);
  });

  it('equal readings are not without uncertainty: half of their last digit to either side', () => {
    const interval = (values: number[]) => runCalculator('describe', { values }).result.ci95;
    expect(interval([5, 5, 5])).toEqual([4.5, 5.5]);
    expect(interval([2.4, 2.4])).toEqual(
      [2.35, 2.4499999999999997].map((one) => expect.closeTo(one, 9) as number),
    );
    // By hand: SD 0.1, t = 4.303 on 2 degrees of freedom, 4.303 × 0.1 / √3 = 0.2484.
    expect(interval([5, 5.1, 4.9])).toEqual([4.7516, 5.2484].map((one) => expect.closeTo(one, 3) as number));
  });

  it('takes lists of 1 to 100 000, and no longer ones', () => {
    const most = Array.from({ length: 100_000 }, (_, i) => i % 7);
    expect(refusal('describe', { values: most })).toBeNull();
    expect(refusal('describe', { values: [...most, 1] })?.allowed).toMatch(
      /^a list of \d+ to 100000 numbers$/,
    );
    const line = { name: 'Flour', massG: 1 };
    const lines = (n: number) => ({ lines: Array.from({ length: n }, () => line) });
    expect(refusal('bakers-percentages', lines(1))).toBeNull();
    expect(refusal('bakers-percentages', lines(0))?.field).toBe('lines');
    expect(refusal('bakers-percentages', lines(100_001))?.field).toBe('lines');
  });

  const refusal = (id: string, inputs: unknown) => {
    try {
      runCalculator(id, inputs);
    } catch (error) {
      if (error instanceof RefusedValue) return error;
      throw error;
    }
    return null;
  };

  it('shows defaults, and names the field of anything wrong', () => {
    expect(runCalculator('evaporation-time', { waterG: 1, powerW: 1 }).inputs).toMatchObject({
      efficiency: 1,
      altitudeM: 0,
    });
    const held = [0, 45].map((minute) => ({ minute, celsius: 60 }));
    // 45 min at 60 °C, 70 °C and z = 7.5 °C taken for granted: 45 × 10^(−10/7.5) = 2.0887.
    expect(runCalculator('lethality', { readings: held }).result.equivalentMinutes).toBeCloseTo(2.0887, 3);
    expect(refusal('air-pressure', {})).toMatchObject({ field: 'altitudeM', value: undefined });
    expect(refusal('air-pressure', { altitudeM: 90_000 })).toMatchObject({
      field: 'altitudeM',
      value: 90_000,
    });
    expect(refusal('air-pressure', { altitudeM: '1200' })).toMatchObject({ field: 'altitudeM' });
    expect(refusal('air-pressure', { altitudeM: 0, height: 3 })).toMatchObject({ field: 'height' });
    expect(refusal('water-boiling-point', {})).toMatchObject({ field: 'altitudeM' });
    expect(refusal('temperature', { value: -300, from: 'C', to: 'F' })).toMatchObject({ field: 'value' });
    expect(refusal('temperature', { value: 3, from: 'R', to: 'F' })).toMatchObject({ field: 'from' });
    expect(refusal('describe', { values: [1, 'x'] })).toMatchObject({ field: 'values[1]' });
    expect(refusal('linear-fit', { x: [1, 1, 1], y: [1, 2, 3] })).toMatchObject({ field: 'x' });
    expect(refusal('no-such', {})).toMatchObject({ field: 'id' });
    expect(refusal('describe', null)).toMatchObject({ field: 'inputs' });
    expect(refusal('describe', { values: [] })).toMatchObject({ field: 'values' });
    expect(refusal('grubbs', { values: [2, 2, 2] })).toMatchObject({ field: 'values' });
    expect(refusal('one-way-anova', { groups: { a: [1, 1], b: [2, 2] } })).toMatchObject({ field: 'groups' });
    expect(refusal('one-way-anova', { groups: { a: [1, 2], b: [1, NaN] } })).toMatchObject({
      field: 'groups.b[1]',
      pointer: '/groups/b/1',
    });
    expect(
      refusal('carbon-dioxide', {
        bicarbonateG: 5,
        acids: [
          { kind: 'tartar', massG: 1 },
          { kind: 'soup', massG: 1 },
        ],
      }),
    ).toMatchObject({ field: 'acids[1].kind', value: 'soup', pointer: '/acids/1/kind' });
    const readings = [
      { minute: 5, celsius: 60 },
      { minute: 5, celsius: 61 },
    ];
    expect(refusal('lethality', { readings })).toMatchObject({ field: 'readings[1].minute', value: 5 });
    expect(
      refusal('colour-difference', { first: { L: 120, a: 0, b: 0 }, second: { L: 1, a: 0, b: 0 } }),
    ).toMatchObject({
      field: 'first.L',
    });
    expect(refusal('triangle-test', { correct: 2.5, trials: 10 })).toMatchObject({ field: 'correct' });
  });

  /** Words that text inputs know. */
  const words: Record<string, readonly string[]> = {
    hex: ['#a9551f', '#000', 'ffffff', '#12ab9F'],
    from: measureUnits,
    to: measureUnits,
    ingredient: ingredientItems.filter((one) => one.density).map((one) => one.name),
    starch: starches.map((one) => one.id),
    kind: [...leaveningAcids.map((one) => one.id), ...solutes.map((one) => one.id)],
    food: foodKinds.map((one) => one.id),
    authority: authorities.map((one) => one.id),
    name: ['plain flour', 'water', 'milk', 'salt'],
    id: ['mix', 'bake', 'rest', 'oven', 'hob'],
    resource: ['oven', 'hob'],
    together: ['served'],
    text: ['Boil the vinegar.', 'Weigh the flour.', 'x'],
    ingredients: ['plain flour, milk', 'salt', 'tahini; cod, \n celery'],
  };
  const number = fc.double({ min: -1e6, max: 1e6, noNaN: true });
  const valueFor = (spec: InputSpec, name: string): fc.Arbitrary<unknown> => {
    switch (spec.kind) {
      case 'number':
        // A whole study of simulated classes is for the bench.
        if (name === 'classes' || name === 'stations') return fc.integer({ min: 1, max: 3 });
        return spec.whole
          ? fc.integer({ min: spec.low, max: spec.high })
          : fc.double({ min: spec.low, max: spec.high, noNaN: true });
      case 'choice':
        return fc.constantFrom(...spec.options);
      case 'text':
        return fc.constantFrom(...words[name]!);
      case 'flag':
        return fc.boolean();
      case 'numbers':
        return fc.array(number, { minLength: spec.least, maxLength: 30 });
      case 'record':
        return fieldsFor(spec.fields);
      case 'records':
        return fc
          .array(fieldsFor(spec.fields), { minLength: spec.least, maxLength: 12 })
          .map((rows) =>
            'minute' in spec.fields
              ? (rows as { minute: number }[]).sort((a, b) => a.minute - b.minute)
              : rows,
          );
      case 'groups':
        return fc.dictionary(
          fc.constantFrom('a', 'b', 'c', 'd', 'e'),
          fc.array(number, { minLength: spec.leastEach, maxLength: 8 }),
          { minKeys: spec.least },
        );
      case 'rows':
        return fc.integer({ min: spec.leastEach, max: 6 }).chain((length) =>
          fc.array(fc.array(number, { minLength: length, maxLength: length }), {
            minLength: spec.least,
            maxLength: 8,
          }),
        );
    }
  };
  const fieldsFor = (specs: Record<string, InputSpec>) =>
    fc.record(Object.fromEntries(Object.entries(specs).map(([name, spec]) => [name, valueFor(spec, name)])), {
      requiredKeys: Object.keys(specs).filter((name) => !specs[name]!.optional),
    });

  it.each(calculators.map((one) => [one.id, one] as const))(
    '%s: valid input over its whole range gives finite numbers or a named refusal; its example is answered',
    (id, calculator) => {
      expect(() => runCalculator(id, calculator.example)).not.toThrow();
      fc.assert(
        fc.property(fieldsFor(calculator.inputs), (inputs) => {
          try {
            const { result } = runCalculator(id, inputs);
            const leaves = (value: unknown): unknown[] =>
              typeof value === 'object' && value !== null ? Object.values(value).flatMap(leaves) : [value];
            for (const value of leaves(result)) {
              if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
            }
          } catch (error) {
            // Values that only clash with each other (a syrup boiling below water) are refused by field too.
            expect(error).toBeInstanceOf(RefusedValue);
            const { field, allowed } = error as RefusedValue;
            expect(field.length * allowed.length).toBeGreaterThan(0);
          }
        }),
        { numRuns: 60 },
      );
    },
    60_000,
  );

  it.each(calculators.map((one) => [one.id, one] as const))(
    '%s: a slip in any one field is refused under the name of that field',
    (id, calculator) => {
      for (const [name, spec] of Object.entries(calculator.inputs)) {
        const slips: unknown[] = [null, NaN, Infinity, {}, [[]], '', ' ', () => 1];
        if (spec.kind !== 'text') slips.push('1S0', '12 g');
        if (spec.kind !== 'flag') slips.push(true);
        if (spec.kind === 'number')
          slips.push(spec.low - 1e-6 - Math.abs(spec.low) * 1e-6, spec.high * 1.001 + 1);
        if (spec.kind === 'number' && spec.whole) slips.push(spec.low + 0.5);
        if (spec.kind === 'numbers') slips.push([], [1, null], [1, '2'], [NaN, 1, 2, 3], [1e300, 1, 2, 3]);
        if (spec.kind === 'records') slips.push([null], [{}], [1], [{ nothing: 1 }]);
        if (spec.kind === 'groups')
          slips.push([], { a: 1 }, { a: [1, 2], b: [1, 'x'] }, ...(spec.least > 1 ? [{ a: [1, 2] }] : [{}]));
        if (spec.kind === 'rows')
          slips.push(
            [],
            [1, 2],
            [[1, 2], [1]],
            [
              [1, NaN],
              [1, 2],
            ],
          );
        for (const slip of slips) {
          const refused = refusal(id, { ...calculator.example, [name]: slip });
          expect(refused, `${name} = ${String(JSON.stringify(slip))}`).not.toBeNull();
          expect(refused!.field.split(/[.[]/)[0], `${name} = ${String(JSON.stringify(slip))}`).toBe(name);
        }
      }
    },
  );

  it('turns rubbish away with a typed error', () => {
    fc.assert(
      fc.property(fc.constantFrom(...calculators), fc.anything(), (calculator, rubbish) => {
        try {
          runCalculator(calculator.id, rubbish);
        } catch (error) {
          expect(error).toBeInstanceOf(RefusedValue);
        }
      }),
      { numRuns: 400 },
    );
  });
});
