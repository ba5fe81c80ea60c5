import { describe, expect, it } from 'vitest';
import { kitchenMeasure } from '../formula';
import { examplePlan, newIngredient } from '../practical';
import { ingredientGrams, syrupOfFormula } from '.';

describe('the formula as syrup', () => {
  it('counts golden syrup as its solids and its water', () => {
    // 100 g sugar + 0.82 × 40 g; 80 ml water + 0.18 × 40 g.
    expect(syrupOfFormula(examplePlan.formula, 96)).toMatchObject({
      solidsG: 132.8,
      waterG: 87.2,
      localBoilingC: 96,
    });
    // Butter and milk bring their water (16 % and 88 %), and warmth for the rest at 2 J/g·K; flour brings nothing.
    const line = (name: string, amount: number) => newIngredient({ id: name, name, amount });
    const of = (...more: ReturnType<typeof line>[]) =>
      syrupOfFormula([line('Caster sugar', 100), line('Water', 50), ...more], 96)!;
    const rich = of(line('Butter', 100), line('Milk', 100));
    expect(rich.waterG).toBeCloseTo(50 + 16 + 88, -0.7);
    expect(rich.panJPerK - of().panJPerK).toBeCloseTo(2 * (200 - (rich.waterG - 50)), 6);
    expect(of(line('Plain flour', 100))).toEqual(of());
    expect(of(line('Olive oil', 100))).toEqual(of());
    expect(syrupOfFormula(examplePlan.formula.slice(0, 1), 96)).toBeNull();
    expect(ingredientGrams(newIngredient({ id: 'x', name: 'Moon dust', amount: 1, unit: 'tsp' }))).toBeNull();
  });
});

describe('grams of an ingredient', () => {
  it('a solution is not what is dissolved in it: by volume nobody can tell, and none of it is sugar of the syrup', () => {
    const line = (name: string, unit: 'ml' | 'g') => newIngredient({ id: 'x', name, amount: 20, unit });
    expect(ingredientGrams(line('Sucrose solution 10 %', 'ml'))).toBeNull();
    expect(ingredientGrams(line('Sucrose solution 10 %', 'g'))).toBe(20);
    expect(ingredientGrams(line('Sucrose', 'ml'))).toBeGreaterThan(10);
    const of = (name: string) => syrupOfFormula([...examplePlan.formula, line(name, 'g')], 96)!.solidsG;
    expect([of('Sucrose solution 10 %'), of('Sucrose')]).toEqual([132.8, 152.8]);
  });

  it('are those the shelf says: a tablespoon of caster sugar, a teaspoon of cocoa', () => {
    for (const [name, unit, millilitres] of [
      ['Caster sugar', 'tbsp', 15],
      ['Cocoa', 'tsp', 5],
      ['Salt', 'tsp', 5],
    ] as const) {
      const shelf = kitchenMeasure(millilitres, 'ml', 'g', name).amount;
      expect(ingredientGrams(newIngredient({ id: 'x', name, amount: 1, unit }))).toBeCloseTo(shelf, 9);
    }
  });
});
