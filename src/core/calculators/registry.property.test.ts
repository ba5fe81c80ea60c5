import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RefusedValue } from '../bounds';
import { measureUnits } from '../formula';
import { starches } from '../gels';
import { ingredientItems } from '../ingredients';
import { leaveningAcids } from '../leavening';
import { tries } from '../random/testing/sampled';
import { authorities, foodKinds } from '../safety';
import { solutes } from '../sugar';
import { calculators, runCalculator, type InputSpec } from '.';
import { refusal } from './testing/refusal';

/** Those whose answer to the widest input takes a tenth of a second and more. */
const slow = new Set([
  ...['buy-packs', 'carry-over', 'friedman', 'familywise', 'dunnett', 'tray-cooling', 'tukey-hsd'],
  'egg-doneness',
]);

describe('the registry, whatever it is asked', () => {
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
    a: ['thin', 'thick', 'whole'],
    b: ['hot', 'warm'],
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
        { numRuns: tries(60, slow.has(id) ? 8 : 40) },
      );
    },
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
