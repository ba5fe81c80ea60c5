import { describe, expect, it } from 'vitest';
import { newPlan, planShape, stationPlan } from '../practical';
import { ingredientGrams } from '../batch';
import { accepts } from '../shape';
import { marksOf, noDecisions, planFromRecipe, readRecipe, settled } from '.';
import { fixturesIn } from './testing/fixtures';

const all = [...fixturesIn('./held-out.txt'), ...fixturesIn('./tuned.txt')];
const buns = readRecipe(
  'Buns, makes 6\n250 g strong flour\n1 sachet dried yeast\n4 oz butter\n1 tbsp cream\n150 ml milk\n\nRub the 40 g butter into the flour and yeast, add the milk.\nShape 8 buns. Bake at 200 °C (350 °F) for 15 min. Dust with cinnamon.',
);
const at = (kind: string) => buns.contradictions.findIndex((one) => one.kind === kind);
const answerOf = (kind: string, label: string) =>
  buns.contradictions[at(kind)]!.answers.find((one) => one.label.startsWith(label))!;

describe('what is decided about a recipe', () => {
  it('changes the line, the words of the step, and what is left to settle', () => {
    expect(buns.contradictions.map((one) => one.kind).sort()).toEqual([
      'amount',
      'portions',
      'temperature',
      'unlisted',
      'unused',
    ]);
    const decided = settled(buns, {
      ...noDecisions,
      answers: new Map([
        [at('amount'), answerOf('amount', '4 oz')],
        [at('temperature'), answerOf('temperature', '200')],
        [at('portions'), answerOf('portions', '6')],
        [at('unlisted'), answerOf('unlisted', 'add')],
        [at('unused'), answerOf('unused', 'leave it out')],
      ]),
    });
    expect(decided.open).toEqual([]);
    expect(decided.formula.map((line) => line.name)).toEqual([
      'strong flour',
      'dried yeast',
      'butter',
      'milk',
      'cinnamon',
    ]);
    const text = decided.steps.map((step) => step.text).join(' ');
    expect(text).toContain('Rub the 4 oz butter into');
    expect(text).toContain('Shape 6 buns.');
    expect(text).toContain('Bake at 200 °C for 15 min.');
    expect(decided.steps.at(-1)!.uses.map((i) => decided.formula[i]!.name)).toEqual(['cinnamon']);
    // Nothing of what was read has changed.
    expect(buns.formula[2]!.amount).toBe(4);
    expect(buns.formula.map((line) => line.name)).toContain('cream');
  });

  it('the other answer takes the method’s amount, with its mass', () => {
    const decided = settled(buns, {
      ...noDecisions,
      answers: new Map([[at('amount'), answerOf('amount', '40 g')]]),
    });
    expect(decided.formula[2]).toMatchObject({ amount: 40, unit: 'g', mass: { usual: 40 } });
  });

  it('a line that is typed anew is read anew; an empty one is left out; a doubt that is accepted is none', () => {
    const vague = readRecipe(
      'Soup\n1 onion\nsome lentils\na handful of parsley\n\nBoil the onion and lentils. Add the parsley.',
    );
    expect(settled(vague, noDecisions).doubtful).toEqual([1, 2]);
    const decided = settled(vague, {
      ...noDecisions,
      lines: new Map([
        [1, '200 g red lentils'],
        [0, ''],
      ]),
      accepted: new Set([1, 2]),
    });
    expect(decided.formula.map((line) => [line.amount, line.name])).toEqual([
      [200, 'red lentils'],
      [1, 'parsley'],
    ]);
    expect(decided.doubtful).toEqual([]);
    expect(decided.steps[0]!.uses).toEqual([0, 1]);
  });
});

describe('the plan it becomes', () => {
  const planOf = (recipe: ReturnType<typeof readRecipe>, text = '') => {
    let id = 0;
    return planFromRecipe(
      recipe,
      settled(recipe, noDecisions),
      text,
      newPlan('', null),
      () => `n${(id += 1)}`,
    );
  };

  it.each(all.map((one) => [one.name, one.text] as const))('%s is sound, and keeps its text', (_, text) => {
    const plan = planOf(readRecipe(text), text);
    expect(accepts(planShape, plan)).toBe(true);
    expect(plan.pasted).toBe(text);
    const own = stationPlan(plan, null, null, ingredientGrams);
    const recipe = readRecipe(text);
    // A mass the reader knows is the mass the plan weighs out, but for cups and ranges, to a tenth.
    own.ingredients.forEach((line, i) => {
      const read = recipe.formula[i]!;
      if (
        read.mass === null ||
        line.grams === null ||
        read.amountHigh !== null ||
        read.also.length > 0 ||
        read.size !== ''
      )
        return;
      expect(line.grams / read.mass.usual, `${read.text}: ${line.grams}`).toBeCloseTo(1, 1);
    });
  });

  it('units a plan does not have become what is weighed, their words stay; ovens and waits stand at their steps', () => {
    const plan = planOf(
      readRecipe(
        'Loaf\n8 oz strong flour\n1 sachet dried yeast\n1 pint milk\n2 cloves garlic\n1 zqx\n\nHeat the oven to 200 °C.\nMix all the ingredients and leave to rise for 1 hour.\nBake for 30–35 minutes. The core should show 96 °C.',
      ),
    );
    expect(plan.formula.map(({ amount, unit, typed }) => [amount, unit, typed])).toEqual([
      [226.8, 'g', '8 oz strong flour'],
      [7, 'g', '1 sachet dried yeast'],
      [585.3, 'g', '1 pint milk'],
      [10, 'g', '2 cloves garlic'],
      [1, 'each', '1 zqx'],
    ]);
    const bake = plan.steps.at(-1)!;
    expect(bake).toMatchObject({
      minutes: 30,
      minutesTo: 35,
      hands: 'waiting',
      settings: [{ what: 'oven', celsius: 200 }],
    });
    expect(bake.needs).toEqual([{ resource: 'oven', count: 1, celsius: null }]);
    expect(plan.thermometers).toHaveLength(1);
    expect(plan.steps[1]).toMatchObject({
      minutes: 60,
      hands: 'waiting',
      uses: plan.formula.map((line) => line.id),
    });
  });
});

describe('where it stands in the text', () => {
  it('finds nearly every line and step of the forty, in order, none over another', () => {
    let [found, wanted] = [0, 0];
    for (const { text } of all) {
      const recipe = readRecipe(text);
      const marks = marksOf(text, recipe);
      marks.forEach((mark, i) => expect(mark.from).toBeGreaterThanOrEqual(marks[i - 1]?.to ?? 0));
      for (const mark of marks.filter((one) => one.kind === 'ingredient')) {
        const word = /\p{L}{3,}/u.exec(recipe.formula[mark.index]!.name)?.[0] ?? '';
        expect(text.slice(mark.from, mark.to).toLowerCase()).toContain(word.toLowerCase().slice(0, 4));
      }
      found += marks.length;
      wanted += recipe.steps.length + (recipe.listed ? recipe.formula.length : 0);
    }
    expect(found / wanted).toBeGreaterThan(0.97);
  });
});
