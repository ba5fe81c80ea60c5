import { describe, expect, it } from 'vitest';
import { blindPlan, newIngredient, newPlan, newStep, stationPlan, takenNow, type Step, type Take } from '.';
import { kitchenGrams } from './testing/kitchen-grams';

const formula = [
  newIngredient({ id: 'b', name: 'Butter', amount: 200 }),
  newIngredient({ id: 's', name: 'Caster sugar', amount: 120 }),
];
const half: Take = { ingredientId: 'b', how: 'share', value: 0.5 };
const so = (value: number): Take => ({ ingredientId: 'b', how: 'amount', value });
const some: Take = { ingredientId: 'b', how: 'some', value: null };
const rest: Take = { ingredientId: 'b', how: 'rest', value: null };

/** What each step takes, in words; every step uses the butter, those given a list of ids what is on it. */
function words(...steps: (Partial<Step> | Take)[]): string[] {
  const plan = {
    ...newPlan('Trial', null),
    formula,
    steps: steps.map((step, i) =>
      newStep({ id: `${i}`, text: 'x', uses: ['b'], ...('how' in step ? { takes: [step] } : step) }),
    ),
  };
  const own = stationPlan(plan, null, null, kitchenGrams);
  const usedIn: Parameters<typeof takenNow>[2] = (step, all) =>
    all.filter(({ id }) => step.uses.includes(id));
  return own.steps.map((step) =>
    takenNow(own, step, usedIn)
      .map((one) => one.words)
      .join(', '),
  );
}

describe('what a step takes', () => {
  it('is all of what it uses, again and again, where nobody shares it out', () => {
    expect(words({}, { uses: ['b', 's'] })).toEqual(['200 g butter', '200 g butter, 120 g caster sugar']);
  });

  it.each<[string, Take[], string[]]>([
    ['half, and what is left', [half, rest], ['100 g butter', '100 g butter']],
    ['so much, half, and what is left', [so(50), half, rest], ['50 g butter', '100 g butter', '50 g butter']],
    ['more than there is leaves nothing', [so(200), rest], ['200 g butter', '']],
    ['a little: nobody knows what is left', [some, rest], ['a little butter', 'the rest of the butter']],
  ])('%s', (_, takes, expected) => {
    expect(words(...takes)).toEqual(expected);
  });

  it('without a word it is what earlier steps left', () => {
    expect(words(half, {})).toEqual(['100 g butter', '100 g butter']);
    expect(words({}, half)).toEqual(['200 g butter', '100 g butter']);
    expect(words(some, {})).toEqual(['a little butter', 'the rest of the butter']);
  });

  it('in a blind run does not tell how much there is of what nobody is to know of', () => {
    const plan = {
      ...newPlan('Trial', null),
      formula,
      steps: [newStep({ id: '0', text: 'x', takes: [so(50), { ...so(10), ingredientId: 's' }, half] })],
    };
    const { steps } = blindPlan(plan, new Set(['b']), () => 'dish A').plan;
    expect(steps[0]!.takes).toEqual([{ ...so(10), ingredientId: 's' }, half]);
  });
});
