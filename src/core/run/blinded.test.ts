import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { takenWords, type Plan } from '../practical';
import { sodaScones, wordLevels } from '../practical/testing/plans';
import { benchSetting, blindedState, Notebook, stationState } from '.';
import { place, zero } from './testing/entries';

const soda = sodaScones(0, 1, 4);
const swap: Plan = {
  ...soda,
  factors: [
    {
      ...{ id: 'f', name: 'sugar', unit: '', acts: { on: 'swap', ingredientId: 'soda' } },
      levels: wordLevels(['no', 'baking powder']),
    },
  ],
};

describe('a station that is not to know its level', () => {
  it.each([
    [soda, ['l0', 'l1', 'l2'], 'some bicarbonate of soda'],
    [swap, ['no', 'baking powder'], 'some bicarbonate of soda, or what stands in for it'],
  ])('sees the same at every level but its letter', (plan, ids, words) => {
    const stations = ids.map((id, i) => [i + 1, id] as const);
    const setting = benchSetting(plan, place, new Map(stations), batchTables);
    const seen = stations.map(([station]) => {
      const state = stationState(setting, new Notebook(zero, [1, 2, 3]), station, zero);
      const { label, own } = blindedState(state, plan, { letter: 'B', hidden: ['soda'] });
      return [label, ...own.ingredients.map(takenWords)];
    });
    for (const one of seen) expect(one).toEqual(['letter B', '200 g plain flour', words]);
  });
});
