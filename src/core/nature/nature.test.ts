import { describe, expect, it } from 'vitest';
import { ingredientGrams } from '../batch';
import type { Plan } from '../practical';
import { pasted } from '../recipe/testing/pasted';
import { keepsDry, natureOf, type Nature } from '.';
import { amber, amberSauce, bars, brittle, caramel, custard, dough, jelly, lasagne } from './testing/things';

const weighed = (plan: Plan) => plan.formula.map((line) => ({ ...line, grams: ingredientGrams(line) }));

describe('what a practical makes', () => {
  it.each<[Nature, string]>([
    ['sugar-glass', brittle],
    ['sugar-glass', amber],
    ['baked-dry', bars],
    ['hot-sugar', caramel],
    ['poured', custard],
    ['baked', lasagne],
    ['gel', jelly],
    ['dough', dough],
  ])('%s: %s', (nature, text) => {
    const plan = pasted(text);
    expect(natureOf(plan, weighed(plan))).toBe(nature);
  });

  it('is not dry where something moist goes into the amber, or nobody knows a line', () => {
    for (const text of [
      amberSauce,
      amber.replace('sesame seeds', 'blarney'),
      bars.replace('2 g salt', '90 g quark'),
    ]) {
      const plan = pasted(text);
      expect(keepsDry(natureOf(plan, weighed(plan)))).toBe(false);
    }
  });
});
