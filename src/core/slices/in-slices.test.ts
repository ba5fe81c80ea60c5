import { describe, expect, it } from 'vitest';
import { examplePlan, newIngredient, newStep, type Plan } from '../practical';
import { reviewInParts, reviewPlan } from '../review';
import { inSlices, slice } from '.';

function* counted(parts: number, partMs = 0): Generator<undefined, { sum: number }, undefined> {
  let sum = 0;
  for (let part = 0; part < parts; part += 1) {
    const until = performance.now() + partMs;
    while (performance.now() < until);
    sum += part;
    yield;
  }
  return { sum };
}

describe('work in slices', () => {
  it('that is soon done is done at once; else it lets others go first, and comes to the same', async () => {
    expect(slice(counted(0))).toEqual({ sum: 0 });
    expect(slice(counted(10, 20))).toBeNull();
    let pauses = 0;
    expect(await inSlices(counted(10, 20), () => Promise.resolve(void (pauses += 1)))).toEqual({ sum: 45 });
    expect(pauses).toBeGreaterThan(1);
  });

  it('reviews the largest plan in as many parts as it has sentences and rules, and says the same', () => {
    const names = [
      'bread flour',
      'caster sugar',
      'butter',
      'free-range eggs',
      'whole milk',
      'vanilla extract',
    ];
    const plan: Plan = {
      ...examplePlan,
      formula: Array.from({ length: 100 }, (_, i) =>
        newIngredient({ id: `i${i}`, name: `${names[i % 6]!} ${i}`, amount: 10 + i, unit: 'g' }),
      ),
      steps: Array.from({ length: 100 }, (_, i) =>
        newStep({
          id: `s${i}`,
          text: `Stir the ${names[i % 6]!} ${i} into the bowl, bake at 18${i % 10} °C. `
            .repeat(20)
            .slice(0, 1000),
          minutes: 1,
        }),
      ),
    };
    const context = () => ({ plan: structuredClone(plan), place: null, rooms: [] });
    const parts = [...reviewInParts(context())].length;
    expect(parts).toBeGreaterThan(250);
    const work = reviewInParts(context());
    let end = work.next();
    while (!end.done) end = work.next();
    const ids = ({ open }: { open: readonly { id: string }[] }) => open.map(({ id }) => id);
    expect(ids(end.value)).toEqual(ids(reviewPlan(context())));
    expect(end.value.open.length).toBeGreaterThan(5);
  });
});
