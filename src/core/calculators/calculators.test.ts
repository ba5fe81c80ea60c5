import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RefusedValue } from '../bounds';
import { calculators, runCalculator, type Calculator, type InputSpec } from '.';

/** The contract: ids, the keys of their results, and one example each with a value from outside. */
const contract: Record<
  string,
  { inputs: object; keys: string[]; check: [key: string, value: number, digits: number][] }
> = {
  // ISO 2533, 2000 m.
  'air-pressure': { inputs: { altitudeM: 2000 }, keys: ['pressureKPa'], check: [['pressureKPa', 79.495, 2]] },
  // IAPWS-IF97, table 36: 0.1 MPa boils at 372.755919 K.
  'water-boiling-point': {
    inputs: { pressureKPa: 100 },
    keys: ['boilingC'],
    check: [['boilingC', 99.605919, 6]],
  },
  // Steam tables: 2257 kJ/kg at 100 °C.
  'latent-heat': { inputs: { temperatureC: 100 }, keys: ['kJPerKg'], check: [['kJPerKg', 2256.5, 0]] },
  // Confectionery table (from memory): 80 % boils at 112 °C.
  'syrup-boiling-point': {
    inputs: { sucrosePercent: 80 },
    keys: ['boilingC', 'elevationC'],
    check: [
      ['boilingC', 112, 6],
      ['elevationC', 12, 6],
    ],
  },
  'syrup-concentration': {
    inputs: { boilingC: 112 },
    keys: ['sucrosePercent'],
    check: [['sucrosePercent', 80, 5]],
  },
  // Common practice: 114 °C is soft ball.
  'sugar-stage': {
    inputs: { readingC: 114 },
    keys: ['stageId', 'seaLevelC', 'localLowC', 'localHighC'],
    check: [['localLowC', 112, 6]],
  },
  'stage-target': {
    inputs: { seaLevelC: 150, altitudeM: 0 },
    keys: ['localC', 'localF', 'ruleOfThumbC'],
    check: [['localF', 302, 6]],
  },
  temperature: { inputs: { value: 212, from: 'F', to: 'C' }, keys: ['value'], check: [['value', 100, 9]] },
  'thermometer-correction': {
    inputs: { iceReadingC: 0, boilReadingC: 98, localBoilingC: 98, readingC: 50 },
    keys: ['trueC', 'offsetC', 'gain'],
    check: [['trueC', 50, 9]],
  },
  describe: {
    inputs: { values: [2, 4, 4, 4, 5, 5, 7, 9] },
    keys: ['n', 'mean', 'sd', 'sem', 'ci95', 'median', 'q1', 'q3'],
    check: [
      ['mean', 5, 9],
      ['sd', 2.138089935, 8],
    ],
  },
  'linear-fit': {
    inputs: { x: [1, 2, 3], y: [3, 5, 7] },
    keys: ['slope', 'intercept', 'r2', 'slopeSe', 'interceptSe', 'residualSd'],
    check: [
      ['slope', 2, 9],
      ['r2', 1, 9],
    ],
  },
  'evaporation-time': {
    inputs: { waterG: 100, powerW: 1000 },
    keys: ['minutes'],
    check: [['minutes', 3.76, 2]],
  },
};

describe('the registry', () => {
  it('has every id of this slice', () => {
    expect(calculators.map((one) => one.id).sort()).toEqual(Object.keys(contract).sort());
  });

  it.each(Object.keys(contract))('%s answers with its keys, working and sources', (id) => {
    const { inputs, keys, check } = contract[id]!;
    const answer = runCalculator(id, inputs);
    expect(Object.keys(answer.result)).toEqual(keys);
    expect(answer.inputs).toMatchObject(inputs);
    expect(answer.working.length).toBeGreaterThan(1);
    expect(answer.sources.length).toBeGreaterThan(0);
    for (const [key, value, digits] of check) expect(answer.result[key]).toBeCloseTo(value, digits);
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
  });

  const valueFor = (spec: InputSpec): fc.Arbitrary<unknown> => {
    if (spec.kind === 'number') return fc.double({ min: spec.low, max: spec.high, noNaN: true });
    if (spec.kind === 'choice') return fc.constantFrom(...spec.options);
    return fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), {
      minLength: spec.least,
      maxLength: 30,
    });
  };
  const inputsFor = (calculator: Calculator) =>
    fc.record(
      Object.fromEntries(Object.entries(calculator.inputs).map(([name, spec]) => [name, valueFor(spec)])),
    );

  it.each(calculators.map((one) => [one.id, one] as const))(
    '%s: valid input gives finite numbers or a named refusal',
    (id, calculator) => {
      fc.assert(
        fc.property(inputsFor(calculator), (inputs) => {
          try {
            const { result } = runCalculator(id, inputs);
            for (const value of Object.values(result).flat()) {
              if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
            }
          } catch (error) {
            // Values that only clash with each other (a syrup boiling below water) are refused by field too.
            expect(error).toBeInstanceOf(RefusedValue);
          }
        }),
      );
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
