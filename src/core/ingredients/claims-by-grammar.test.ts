import { describe, expect, it } from 'vitest';
import { allergensOf, dietVerdict, type Diet } from '.';
import { sampled } from '../random/testing/sampled';
import { againstDiet, claims, forms, holders, noClaim, plants } from './testing/claims-by-grammar';

describe('claims put together by a grammar', () => {
  it('what is no claim about the thing itself never takes its allergen away', () => {
    const tried = holders.flatMap(([claim, allergen, foods]) =>
      foods.flatMap((food) => noClaim.map((say) => ({ said: say(food, claim), allergen }))),
    );
    expect(tried.length).toBeGreaterThan(800);
    const lost = sampled(tried, 600).filter(
      ({ said, allergen }) => !allergensOf(said).contains.some((id) => id === allergen),
    );
    expect(lost).toEqual([]);
  });

  it('a claim at the thing itself does, and of nothing else', () => {
    const tried = holders
      .filter(([claim]) => ['dairy', 'egg', 'gluten', 'nut'].includes(claim))
      .flatMap(([claim, allergen, foods]) =>
        foods.flatMap((food) => claims.map((say) => ({ said: say(food, claim), allergen }))),
      );
    expect(
      tried.filter(({ said, allergen }) => allergensOf(said).contains.some((id) => id === allergen)),
    ).toEqual([]);
    expect(allergensOf('gluten-free flour and rye bread').contains).toContain('gluten');
    expect(allergensOf('wheat bread, gluten-free oats').contains).toContain('gluten');
    expect(allergensOf('egg-free mayonnaise with eggs').contains).toContain('eggs');
    expect(allergensOf('vegan cheese or cheddar').contains).toContain('milk');
    expect(allergensOf('cake not without milk').contains).toContain('milk');
    expect(allergensOf('dairy-free butter or oil').contains).not.toContain('milk');
  });

  it('what only sounds like it, or goes by another name, is what it is', () => {
    expect(allergensOf('cream soda').contains).toEqual([]);
    expect(allergensOf('milkfish').contains).toEqual(['fish']);
    expect(allergensOf('XO sauce').contains).toEqual(['crustaceans', 'molluscs']);
    expect(allergensOf('piccalilli').contains).toContain('mustard');
  });
});

describe('diets put together by a grammar', () => {
  it('nothing that holds it is ever said to be free of it', () => {
    const tried = Object.entries(againstDiet).flatMap(([diet, foods]) =>
      foods.flatMap((food) => forms.map((form) => ({ diet: diet as Diet, said: form(food) }))),
    );
    expect(tried.length).toBeGreaterThan(1000);
    expect(sampled(tried, 600).filter(({ said, diet }) => dietVerdict(said, diet) === 'yes')).toEqual([]);
  });

  it('plain things that hold none of it are said to: at most 15 in 100 nobody can tell', () => {
    const all = plants.flatMap((food) =>
      (['vegetarian', 'vegan', 'no-alcohol', 'no-pork-or-gelatine'] as const).map((diet) => ({
        ...{ food, diet, verdict: dietVerdict(food, diet) },
      })),
    );
    expect(all.filter(({ verdict }) => verdict === 'no')).toEqual([]);
    const open = all.filter(({ verdict }) => verdict === 'cannot tell');
    expect(open.length / all.length, open.map(({ food, diet }) => `${food} ${diet}`).join(', ')).toBeLessThan(
      0.15,
    );
  });

  it('a word nobody knows, a sign, a dish by its name: nobody can tell', () => {
    for (const [food, diet] of [
      ['sugar blorf', 'vegan'],
      ['carrot cake', 'vegan'],
      ['panna cotta', 'no-pork-or-gelatine'],
      ['cheesecake', 'vegetarian'],
      ['lemon tart', 'no-pork-or-gelatine'],
      ['almond extract', 'no-alcohol'],
      ['rum essence', 'no-alcohol'],
      ['fruit 🍷', 'no-alcohol'],
    ] as const)
      expect(dietVerdict(food, diet), food).not.toBe('yes');
  });
});
