import { describe, expect, it } from 'vitest';
import { newPlan, planShape, type Plan } from '../practical';
import { hazardsIn } from '../safety';
import { refusalsOf } from '../shape';
import { stepsOf, techniques, techniquesIn, type TechniqueId } from '.';

let last = 0;
const newId = () => `n${(last += 1)}`;
const names = (sentence: string) => techniquesIn(sentence).map(({ id }) => id);

describe('ways of working', () => {
  it('are put into a plan as sound steps with minutes, a sign and what can go wrong', () => {
    for (const technique of techniques) {
      const steps = stepsOf(technique, newId, 't');
      const plan: Plan = { ...newPlan('x', null), steps };
      expect(refusalsOf(planShape, JSON.parse(JSON.stringify(plan))), technique.id).toEqual([]);
      expect(
        technique.steps.some(({ wrong }) => wrong !== undefined),
        technique.id,
      ).toBe(true);
      expect(
        steps.some(({ change }) => change !== null),
        technique.id,
      ).toBe(true);
      for (const step of steps) {
        expect(step.minutes, step.text).toBeGreaterThan(0);
        expect(step.minutesTo ?? Infinity, step.text).toBeGreaterThan(step.minutes!);
      }
    }
  });

  it('bring every caution their own words ask for', () => {
    for (const technique of techniques) {
      for (const step of stepsOf(technique, newId, 't')) {
        // What is said of hot sugar holds for its steam and for pouring it.
        const covered = step.hazards.includes('hot-sugar') ? ['steam', 'hot-liquid'] : [];
        const known = [...step.hazards, ...covered] as string[];
        const forgotten = hazardsIn(step.text).filter((id) => !known.includes(id));
        expect(forgotten, step.text).toEqual([]);
      }
    }
  });

  it.each<[string, TechniqueId[]]>([
    ['Cream the margarine and sugar for five minutes.', ['creaming']],
    ['Rub the lard into the flour.', ['rubbing-in']],
    ['Melt the chocolate over warm water.', ['melting']],
    ['Tip the wet into the dry ingredients.', ['muffin-method']],
    ['Whisk the whites until they form stiff peaks.', ['whisking']],
    ['Fold the flour into the foam.', ['folding']],
    ['Knead for ten minutes.', ['kneading']],
    ['Leave to rise until doubled in size.', ['proving']],
    ['Boil the sugar and water to the soft ball stage.', ['boiling-syrup']],
    ['Make a roux with the butter.', ['roux']],
    ['Poach the pears gently.', ['poaching']],
    ['Steep the tea leaves for four minutes.', ['infusing']],
    ['Chill until set.', ['setting']],
    ['Boil it down to half.', ['reducing']],
    ['Fry the onions until golden.', ['frying']],
    ['Bake for 20 minutes.', ['baking']],
    ['Let it rest under a cloth.', ['resting']],
    ['Plunge the beans into iced water.', ['quenching']],
    ['Add the oil drop by drop.', ['emulsifying']],
    ['Churn the cream.', ['churning']],
    ['Drain the curds.', ['straining']],
    // And words that only look like it.
    ['Add the rest of the flour and the baking powder.', []],
    ['Line a baking tray with paper.', []],
    ['Stir in the baking soda.', []],
  ])('“%s” is %j', (sentence, ids) => {
    expect(names(sentence)).toEqual(ids);
  });
});
