import { describe, expect, it } from 'vitest';
import { examplePlan, newStep, type Place, type Plan } from '../practical';
import { pasted } from '../review/testing/pasted';
import { homeVersion } from '.';

const kitchen: Place = {
  name: 'K',
  kind: 'food-room',
  altitudeM: 0,
  measuredBoilingC: null,
  stations: 8,
  balanceG: 1,
};
const custard = pasted(
  'Sauce\n500 ml milk\n30 g cornflour\n40 g sugar\n\nMix the cornflour and sugar into the milk.\nHeat to 90 °C with a thermometer, stirring. Cut a pear with a knife.',
);
const keeping = (plan: Plan, place: Place | null = kitchen) => homeVersion(plan, place).keeping.join(' ');

describe('the sheet for home', () => {
  it('gives the control’s batch in grams and by the spoon, with swaps by mass', () => {
    const { ingredients } = homeVersion(examplePlan, kitchen);
    expect(ingredients.map(({ words }) => words)).toContain('100 g Caster sugar');
    const soda = ingredients.find(({ words }) => /soda/i.test(words))!;
    // 5 g of soda at about 1 g/ml is a level 5 ml teaspoon.
    expect(soda.household).toBe('about 1 tsp, level');
    expect(soda.instead[0]).toMatch(/^20 g baking powder/);
  });

  it('marks where an adult stands beside, and what stays at school', () => {
    const steps = homeVersion(custard, kitchen).steps;
    expect(steps[0]!.adult).toBe('');
    expect(steps.map(({ adult }) => adult).join(' ')).toMatch(/knife or sharp edge/);
    const caustic = { ...custard, steps: [newStep({ id: 'x', text: 'Dip in lye.', hazards: ['caustic'] })] };
    expect(homeVersion(caustic, kitchen).notAtHome.join(' ')).toMatch(/^Only at school/);
  });

  it('says what a kitchen has instead of a tool, and that no eye replaces a probe in meat', () => {
    const { tools } = homeVersion(custard, kitchen);
    expect(tools.map(({ tool }) => tool)).toEqual(['thermometer']);
    expect(tools[0]!.instead).toContain('for meat no other way is safe');
  });

  it('keeps by what is in it: moist food cold, bread in a tin, of a laboratory nothing', () => {
    expect(keeping(custard)).toContain('within 90 minutes');
    expect(keeping(examplePlan)).toContain('closed tin');
    const bread = pasted(
      'Loaf\n300 g flour\n200 ml milk\n\nMix the flour and milk.\nBake at 220 °C for 30 min.',
    );
    expect(keeping(bread)).toContain('closed tin');
    const pie = pasted(
      'Pie\n300 g flour\n200 g minced beef\n\nMix the flour. Fill with the beef.\nBake at 220 °C for 30 min.',
    );
    expect(keeping(pie)).toMatch(/^Raw meat.*within 90 minutes/);
    expect(keeping(bread, { ...kitchen, kind: 'laboratory' })).toContain('Nothing is kept or eaten');
    expect(homeVersion(bread, { ...kitchen, kind: 'laboratory' }).notAtHome).toHaveLength(1);
  });
});
