import { describe, expect, it } from 'vitest';
import { examplePlan, newResponse, newStep, treatmentsOf, type Place, type Plan } from '../practical';
import { itsMarks, markedStep } from '../practical/testing/marked-step';
import { pasted } from '../recipe/testing/pasted';
import { homeVersion } from '.';

const kitchen: Place = {
  name: 'K',
  kind: 'food-room',
  altitudeM: 0,
  measuredBoilingC: null,
  stations: 8,
  balanceG: 1,
  equipment: [],
  tools: [],
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

  it('tells of a swap how much, and what goes in or stays out with it; of what has no mass only the name', () => {
    const of = (line: string) =>
      homeVersion(pasted(`Thing\n${line}\n2 g salt\n\nMix the butter, sugar and salt.`), kitchen)
        .ingredients[0]!;
    // Butter is four fifths fat: 82 g of oil and 16 g of water stand for 100 g.
    expect(of('50 g butter').instead.join('; ')).toMatch(/41 g oil, 8 g water more: /);
    // Honey is a sixth water: 80 g of it for 100 g of sugar, and 17 g of water less.
    expect(of('200 g caster sugar').instead.join('; ')).toMatch(/160 g honey, 34 g water less: /);
    const some = of('butter');
    expect(some.words).toBe('Butter');
    expect(some.instead.every((words) => !/\d+ g /.test(words.split(':')[0]!))).toBe(true);
  });

  it('an adult is not called for what is only not eaten raw', () => {
    const dough = pasted('Dough\n200 g flour\n100 ml water\n\nKnead the flour and water.');
    expect(homeVersion(dough, kitchen).steps[0]!.adult).toBe('');
    const own = { ...dough, steps: [newStep({ id: 'a', text: 'Fetch it.', adult: true })] };
    expect(homeVersion(own, kitchen).steps[0]!.adult).toBe('an adult does this');
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

  it('is of the treatment that is chosen: what it swaps or leaves out is not on the list', () => {
    const swapped: Plan = {
      ...custard,
      factors: [
        {
          id: 'f',
          name: 'starch',
          acts: { on: 'swap', ingredientId: custard.formula[1]!.id },
          unit: '',
          levels: [
            { id: 'corn', value: null, words: 'cornflour', control: true, open: false },
            { id: 'rice', value: null, words: 'rice flour', control: false, open: false },
            { id: 'none', value: null, words: 'none', control: false, open: false },
          ],
        },
      ],
    };
    const list = (id: string | null) =>
      homeVersion(swapped, kitchen, id)
        .ingredients.map(({ words }) => words)
        .join(', ');
    const treatment = (words: string) => treatmentsOf(swapped).find(({ label }) => label.includes(words))!.id;
    expect(list(null)).toMatch(/cornflour/i);
    expect(list(treatment('rice'))).toMatch(/rice flour/i);
    expect(list(treatment('none'))).not.toMatch(/flour/i);
  });

  it('has no step that only another level does, and the level’s own minutes', () => {
    const level = (id: string, control: boolean) => ({ id, value: null, words: id, control, open: false });
    const plan: Plan = {
      ...custard,
      steps: [
        newStep({ id: 'a', text: 'Stir by hand.', only: ['hand'] }),
        newStep({ id: 'b', text: 'Stir by whisk.', only: ['whisk'] }),
      ],
      factors: [
        {
          id: 'f',
          name: 'tool',
          acts: { on: 'method' },
          unit: '',
          levels: [level('hand', true), level('whisk', false)],
        },
      ],
    };
    expect(homeVersion(plan, kitchen).steps.map(({ text }) => text)).toEqual(['Stir by hand.']);
    const whisk = treatmentsOf(plan).find(({ control }) => !control)!.id;
    expect(homeVersion(plan, kitchen, whisk).steps.map(({ text }) => text)).toEqual(['Stir by whisk.']);
  });

  it('gives the figure a step ends at: meat is done by it, a syrup by its level', () => {
    const meat = pasted('Koftas\n400 g minced turkey\n\nFry the turkey until the core shows 75 °C.');
    expect(homeVersion(meat, kitchen).steps).toMatchObject([
      { text: 'Fry the turkey until the core shows 75 °C (167 °F).', until: '' },
    ]);
    const until = (plan: Plan) => homeVersion(plan, kitchen).steps[1]!.until;
    expect(until(examplePlan)).toBe('150 °C (302 °F)');
    expect(until({ ...examplePlan, factors: [] })).toBe('');
  });

  it('says all that a step says at school', () => {
    // No word of the lesson or of the class: there is none at home.
    const school = { ...markedStep, when: 'before' as const, lane: 'class' as const };
    const [step] = homeVersion({ ...custard, steps: [school] }, kitchen).steps;
    const own = ['an adult does this', 'a safe place to stop'];
    expect(step!.marks).toEqual(itsMarks.filter((mark) => !own.includes(mark)));
    expect([step!.adult, step!.stop]).toEqual(['an adult does this', true]);
  });

  it('says nothing by the spoon of what has no density, and finds tools in what is measured and kept', () => {
    const odd = pasted('Thing\n50 g blarney\n2 g salt\n\nMix the blarney and salt.', {
      responses: [newResponse({ id: 'p', name: 'sourness', unit: 'pH' })],
      held: [{ id: 'h', what: 'time', how: 'by stopwatch' }],
    });
    const { ingredients, tools, steps } = homeVersion(odd, kitchen);
    expect(ingredients.find(({ words }) => /blarney/i.test(words))!.household).toBe('');
    expect(tools.map(({ tool }) => tool)).toEqual(['pH strips', 'stopwatch']);
    expect(steps[0]!.minutes).toBeNull();
  });

  it('of a step that takes a range tells the longer, and where one can stop', () => {
    const plan: Plan = {
      ...custard,
      steps: [
        newStep({ id: 'a', text: 'Stir.', minutes: 5, minutesTo: 9 }),
        newStep({ id: 'b', text: 'Stir.', safeStop: true }),
        newStep({
          id: 'c',
          text: 'Chill.',
          hands: 'waiting',
          needs: [{ resource: 'refrigerator', count: 1, celsius: 4 }],
        }),
        newStep({ id: 'd', text: 'Fetch it.', needs: [{ resource: 'refrigerator', count: 1, celsius: 4 }] }),
      ],
    };
    const { steps } = homeVersion(plan, kitchen);
    expect(steps[0]!.minutes).toBe(9);
    expect(steps.map(({ stop }) => stop)).toEqual([false, true, true, false]);
  });

  it('a syrup that is boiled soft is moist, one boiled hard is not; rice has its own line', () => {
    const to = (value: number): Plan => ({
      ...examplePlan,
      factors: examplePlan.factors.map((factor) => ({
        ...factor,
        levels: factor.levels.map((level) => ({ ...level, value })),
      })),
    });
    expect(keeping(to(106))).toContain('within 90 minutes');
    expect(keeping(to(115))).toContain('closed tin');
    const cold = {
      ...to(150),
      thermometers: examplePlan.thermometers.map((one) => ({ ...one, in: 'oil' as const })),
    };
    expect(keeping(cold)).toContain('within 90 minutes');
    const rice = pasted('Rice\n200 g rice\n400 ml water\n\nBoil the rice in the water.');
    expect(keeping(rice)).toContain('Cooked rice');
    expect(keeping(custard)).not.toContain('rice');
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
