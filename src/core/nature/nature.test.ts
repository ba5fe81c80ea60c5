import { describe, expect, it } from 'vitest';
import { ingredientGrams } from '../batch';
import type { Plan } from '../practical';
import { pasted } from '../recipe/testing/pasted';
import { reviewPlan } from '../review';
import { kitchen } from '../review/testing/faults';
import { keepsDry, natureOf, type Nature } from '.';

const brittle = `Peanut brittle
200 g caster sugar
100 g golden syrup
60 ml water
30 g butter
150 g peanuts
5 g bicarbonate of soda

1. Boil the sugar, syrup and water to 150 °C.
2. Stir in the butter, peanuts and soda.
3. Pour into a lined tin and leave 3 hours to cool.
4. Chill in the refrigerator until it is hard.`;
const amber = `Sesame brittle
200 g sugar
50 g honey
100 g sesame seeds
20 g butter

1. Melt the sugar and honey in a pan until deep amber.
2. Stir in the sesame and butter.
3. Pour into a tin and leave overnight.`;
const bars = `Oat bars
250 g rolled oats
125 g butter
125 g brown sugar
75 g golden syrup
2 g salt

1. Melt the butter, sugar and syrup in a pan.
2. Stir in the oats and salt.
3. Press into a tin and bake 25 min at 170 °C.
4. Cool 4 hours in the tin, then take them home.`;
const caramel = `Cream caramels
200 g sugar
100 g golden syrup
250 ml double cream
50 g butter

1. Boil the sugar, syrup, cream and butter to 120 °C.
2. Pour into a dish and cool.
3. Chill in the refrigerator and cut.`;
const custard = `Custard
500 ml milk
4 egg yolks
60 g sugar
20 g cornflour

1. Whisk the yolks, sugar and cornflour.
2. Heat the milk, pour it over and cook until 82 °C.
3. Pour into a dish and chill in the refrigerator.`;
const lasagne = `Lasagne
500 g minced beef
400 g tinned tomatoes
500 ml milk
50 g plain flour
200 g lasagne sheets
100 g cheddar

1. Fry the mince, add the tomatoes and simmer 20 min.
2. Boil the milk and flour, stirring.
3. Layer with sheets and cheddar and bake 40 min at 180 °C.
4. Cool and refrigerate.`;
const jelly = `Milk jelly
500 ml milk
12 g gelatine
50 g sugar

1. Warm the milk and sugar to 60 °C and dissolve the gelatine.
2. Pour into a dish and chill 3 hours.`;
const dough = `Flat dough
300 g flour
180 g water
5 g salt

1. Knead the flour, water and salt 10 min.
2. Roll out.`;
const amberSauce = amber
  .replace('20 g butter', '20 g butter\n200 ml milk')
  .replace('and butter', 'butter and milk');

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

const weighed = (plan: Plan) => plan.formula.map((line) => ({ ...line, grams: ingredientGrams(line) }));

describe('remedies fit the thing', () => {
  /** A dish of 200 cm²: deep enough that every one of them is slow to cool. */
  const remarks = (text: string) => {
    const plan = pasted(text);
    const deep = { ...plan, portions: { ...plan.portions, trayCm2: 200, vessels: 1 } };
    return { deep, open: reviewPlan({ plan: deep, place: kitchen, rooms: [] }).open };
  };

  it.each([
    ['brittle', brittle],
    ['amber', amber],
    ['bars', bars],
    ['caramel', caramel],
  ])(
    'nothing dry, and no hot sugar, is put into ice water, chilled because it stands, or packed with ice: %s',
    (_, text) => {
      const { open } = remarks(text);
      expect(open.filter(({ id }) => /^(?:deep-to-cool|warm-too-long|taken-home)/.test(id))).toEqual([]);
    },
  );

  it('what pours is stirred in ice water, what is set is cut up', () => {
    const mended = (text: string) => {
      const { deep, open } = remarks(text);
      const remark = open.find(({ id }) => id.startsWith('deep-to-cool'))!;
      const now = remark.remedy!.apply(deep);
      return now.steps.find(({ id }) => id.startsWith('ice-'))!.text;
    };
    expect(mended(custard)).toMatch(/ice water and stir/);
    expect(mended(lasagne)).toMatch(/^Cut it into portions/);
  });

  it('a dough with egg that stands warm before it is baked is still spoken of', () => {
    const text = bars
      .replace('2 g salt', '1 egg')
      .replace('Stir in the oats and salt.', 'Stir in the oats and egg.\n3. Leave to stand for 4 hours.');
    expect(remarks(text).open.map(({ id }) => id.split(':')[0])).toContain('warm-too-long');
  });
});
