import { describe, expect, it } from 'vitest';
import { batchFacts, batchTables, tablesOf, type BatchFacts } from '../batch';
import { examplePlan, newIngredient, newPlan, newStep, treatmentsOf, type Plan } from '../practical';
import { benchSetting, type BatchTables } from '.';

const strange = newPlan('Strange', null);
const swapped: Plan = {
  ...strange,
  formula: [
    newIngredient({ id: 'a', name: '__proto__', amount: 2, unit: 'tsp' }),
    newIngredient({ id: 'b', name: 'constructor', amount: 1, unit: 'cup' }),
    newIngredient({ id: 'c', name: 'Butter', amount: 2, unit: 'tbsp' }),
    newIngredient({ id: 'd', name: 'Sweet stuff', item: 'caster-sugar', amount: 1, unit: 'cup' }),
    newIngredient({ id: 'e', name: 'Water', amount: 1, unit: 'cup', amountTo: 2 }),
  ],
  steps: [
    newStep({ id: 's', text: 'Rub the butter into the constructor with all the water' }),
    newStep({ id: 't', text: 'Add it', uses: ['d', 'gone'] }),
  ],
  factors: [
    {
      id: 'f',
      name: 'fat',
      acts: { on: 'swap', ingredientId: 'c' },
      unit: '',
      levels: ['Butter', ' lard ', 'golden syrup', 'none', 'toString'].map((words, i) => ({
        id: `l${i}`,
        value: null,
        words,
        control: i === 0,
        open: false,
      })),
    },
  ],
};

describe('what differs between the stations of a run', () => {
  it('is what a level changes; grams come with the table, and nothing is said to be used without it', () => {
    const treatments = new Map(treatmentsOf(swapped).map((one, i) => [i + 1, one.id]));
    const setting = benchSetting(swapped, null, treatments, batchTables);
    expect([...setting.varied]).toEqual(['c']);
    expect([...benchSetting(swapped, null, new Map([[1, treatments.get(1)!]])).varied]).toEqual([]);
    const plain = benchSetting(swapped, null, treatments);
    expect(plain.usedIn(plain.own(1).steps[0]!, plain.own(1).ingredients)).toEqual([]);
    expect(plain.own(1).ingredients.every(({ grams }) => grams === null)).toBe(true);
  });
});

describe('what the ingredients table knows of a batch, sent with a run', () => {
  const answers = (plan: Plan, tables: BatchTables) => {
    const treatments = new Map(treatmentsOf(plan).map((one, i) => [i + 1, one.id]));
    const setting = benchSetting(plan, null, treatments, tables);
    return setting.stations.map((station) => {
      const own = setting.own(station);
      return {
        grams: own.ingredients.map((one) => [one.name, one.grams]),
        syrup: own.syrup,
        uses: own.steps.map((step) => setting.usedIn(step, own.ingredients).map((one) => one.id)),
      };
    });
  };
  it('answers as the whole table does, for every treatment and step', () => {
    for (const plan of [examplePlan, swapped]) {
      const sent = JSON.parse(JSON.stringify(batchFacts(plan))) as BatchFacts;
      expect(answers(plan, tablesOf(sent))).toEqual(answers(plan, batchTables));
    }
    const [butter, lard] = answers(swapped, tablesOf(batchFacts(swapped)));
    expect(butter!.grams.map(([, grams]) => grams)).toEqual([
      null,
      null,
      expect.closeTo(28.8, 0),
      expect.closeTo(225, 0),
      expect.closeTo(375, 0),
    ]);
    expect(lard!.uses).toEqual([['b', 'c', 'e'], ['d']]);
  });
});
