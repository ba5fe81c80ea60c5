import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Plan } from '../practical';
import { phenomenaIn, type PhenomenonId } from '.';

const asked = (title: string, question: string, patch: Partial<Plan> = {}): PhenomenonId[] =>
  phenomenaIn({ ...newPlan(title, null), question, ...patch }).asked;

describe('what a practical is about', () => {
  it.each<[string, string, PhenomenonId[]]>([
    ['Loaf', 'Does warmer water make the yeast work faster?', ['yeast']],
    ['Gravy', 'How much cornflour thickens it?', ['starch']],
    ['Jelly', 'How much agar does it take to set?', ['gel']],
    ['Muffins', 'Does more baking powder mean a higher muffin?', ['gas-from-soda']],
    ['Steak', 'At which core temperature is it tender?', ['protein']],
    ['Stock', 'Does it taste stronger when half has evaporated?', ['reduction']],
    ['Cream', 'What gives most overrun?', ['emulsion-and-foam']],
    ['Avocado', 'Does lemon keep cut avocado green?', ['enzymic-browning']],
    ['Toast', 'Does sugar on the bread change the Maillard reaction?', ['browning']],
    ['Chutney', 'Why does it keep for months?', ['preservation']],
    ['Sponge', 'What does longer creaming do?', ['steam-and-air']],
    ['Toffee', 'Where does it snap?', ['sugar-stages']],
    ['Punch', 'Which colour do students like?', []],
  ])('%s: %s', (title, question, ids) => {
    expect(asked(title, question)).toEqual(ids);
  });

  it('tells browning of a cut face from browning by heat', () => {
    expect(asked('Cut apple', 'What stops the browning?')).toEqual(['enzymic-browning']);
    expect(asked('Cut potato', 'Does frying sooner stop the browning?')).toEqual([
      'browning',
      'enzymic-browning',
    ]);
  });

  it('goes by what is changed where the words do not say it, and tells what only happens on the way', () => {
    const size = {
      id: 'f',
      name: '',
      unit: '',
      levels: [],
      acts: { on: 'size' as const, what: 'diameter' as const },
    };
    expect(asked('Dumplings', 'Which is best?', { factors: [size] })).toEqual(['heat-transfer']);
    const onTheWay = phenomenaIn({
      ...newPlan('Dumplings', null),
      formula: [newIngredient({ id: 'p', name: 'Baking powder' })],
      steps: [newStep({ id: 's', text: 'Poach them.' })],
    });
    expect(onTheWay).toEqual({ asked: [], onTheWay: ['gas-from-soda', 'protein'] });
  });
});
