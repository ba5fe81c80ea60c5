import { describe, expect, it } from 'vitest';
import { calculators, runCalculator } from '.';
import { contractOne } from './testing/contract-one';
import { contractThree } from './testing/contract-three';
import { contractTwo } from './testing/contract-two';
import { refusal } from './testing/refusal';

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
});
