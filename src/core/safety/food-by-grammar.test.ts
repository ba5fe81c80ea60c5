import { describe, expect, it } from 'vitest';
import { checkCore, readFood } from '.';
import { sampled, wholeSuite } from '../random/testing/sampled';
import { mild, mildlyRight, neverMild, schoolFoods } from './testing/foods-by-grammar';

describe('foods put together by a grammar', () => {
  it('none that is a bird, worked on, cooked before, a dish, unnamed or unread is a yes at 63 °C for 15 s', () => {
    const tried = Object.entries(neverMild).flatMap(([why, foods]) => foods.map((food) => ({ why, food })));
    expect(tried.length).toBeGreaterThan(3000);
    const asked = wholeSuite ? tried : sampled(tried, 900);
    expect(asked.filter(({ food }) => mild(food) === 'yes')).toEqual([]);
  });

  it('raw, whole and named is a yes there: at most 15 in 100 are can’t tell', () => {
    const told = sampled(mildlyRight, 300).map((food) => ({ food, verdict: mild(food) }));
    expect(told.filter(({ verdict }) => verdict === 'no')).toEqual([]);
    const open = told.filter(({ verdict }) => verdict === 'cannot-tell');
    expect(open.length / told.length, open.map(({ food }) => food).join(', ')).toBeLessThan(0.15);
  });

  it('what a school cooks has an answer at its own line: at most 15 in 100 are can’t tell', () => {
    const told = schoolFoods.map((food) => ({
      food,
      verdict: checkCore('fda', food, { celsius: 74, heldSeconds: 15 }).verdict,
    }));
    const open = told.filter(({ verdict }) => verdict !== 'yes').map(({ food }) => food);
    expect(open.length / told.length, open.join(', ')).toBeLessThan(0.15);
  });

  it('words nobody read are named, and what would have to be said', () => {
    expect(readFood('jerk leg')).toMatchObject({
      animal: null,
      form: 'leg',
      unread: ['jerk'],
      open: ['which animal it is of'],
    });
    expect(readFood('raw salmon fillet')).toMatchObject({
      animal: 'salmon',
      form: 'fillet',
      state: 'raw',
      unread: [],
      open: [],
    });
    expect(readFood('poached salmon').open[0]).toContain('“poached”');
    const check = checkCore('fda', 'cold roast beef', { celsius: 63, heldSeconds: 15 });
    expect(check.required).toMatch(/^63 °C .* as far as it was understood; 74 °C .* for what it may be$/);
    expect(check.missing).toContain('“cold”');
  });
});
