import { describe, expect, it } from 'vitest';
import { phenomenonIds } from '../phenomena';
import { newIngredient, newPlan, newResponse, newStep, planShape, type Plan } from '../practical';
import { refusalsOf } from '../shape';
import { pasted } from '../recipe/testing/pasted';
import { draftOf, withDraft } from '.';
import { teaching } from './teaching';

let last = 0;
const newId = () => `n${(last += 1)}`;
const loaf: Plan = {
  ...newPlan('Loaf', null),
  question: 'Does sugar make yeast dough rise faster?',
  responses: [newResponse({ id: 'h', name: 'Height', unit: 'mm' })],
  factors: [{ id: 'f', name: 'Sugar', acts: { on: 'words', scale: 'number' }, unit: '', levels: [] }],
  formula: ['Strong flour', 'Water', 'Dried yeast', 'Caster sugar', 'Xanthan'].map((name, i) =>
    newIngredient({ id: `i${i}`, name }),
  ),
  steps: [
    newStep({ id: 'k', text: 'Knead for 8 min.' }),
    newStep({ id: 'own', text: 'Knead again.', why: 'my own words', change: 'chemical' }),
    newStep({ id: 'w', text: 'Write the date on it.' }),
  ],
};

describe('a drafted explanation', () => {
  it('is of what the practical asks about: aims, words, questions with answers, and what is to be seen', () => {
    const draft = draftOf(loaf);
    expect(draft.aims).toEqual([
      teaching.yeast.aim,
      'plan and carry out a fair test of what sugar does to height, and say how sure the class can be',
    ]);
    expect(draft.keyWords.map(({ word }) => word)).toContain('fermentation');
    expect(draft.questions.every(({ answer }) => answer.length > 20)).toBe(true);
    // Sugar in a dough is eaten; in a syrup it boils.
    expect(draft.lookedAt.find(({ what }) => what === 'Caster sugar')!.after).toContain('eaten by the yeast');
    // Of what nobody knows nothing is made up.
    expect(draft.lookedAt.map(({ what }) => what)).not.toContain('Xanthan');
  });

  it('says of a step what its way of working teaches, and leaves the teacher’s words as they are', () => {
    const { steps } = withDraft(loaf, newId);
    expect(steps[0]).toMatchObject({ change: 'both' });
    expect(steps[0]!.why).toContain('proteins');
    expect(steps[1]).toEqual(loaf.steps[1]);
    expect(steps[2]).toEqual(loaf.steps[2]);
  });

  it('adds only what is missing: twice is once, own lines stay in front, five questions are enough', () => {
    const own: Plan = { ...loaf, aims: ['bake'], studentQuestions: ['A?', 'B?', 'C?', 'D?'] };
    const once = withDraft(own, newId);
    expect(once.aims[0]).toBe('bake');
    expect(once.studentQuestions).toHaveLength(5);
    expect(once.answers.map(({ question }) => question)).toEqual([once.studentQuestions[4]]);
    expect(withDraft(once, newId)).toEqual(once);
    expect(refusalsOf(planShape, JSON.parse(JSON.stringify(once)))).toEqual([]);
  });

  it('keeps what the teacher said of a step, whichever half it is, and says each word once', () => {
    const plan: Plan = {
      ...loaf,
      steps: [
        newStep({ id: 'k', text: 'Knead.', why: 'mine' }),
        newStep({ id: 'l', text: 'Knead.', change: 'physical', why: '  ' }),
      ],
      responses: [newResponse({ id: 'r', name: 'Rise', formula: 'Height × 2' }), ...loaf.responses],
    };
    const { steps, keyWords, aims } = withDraft(plan, newId);
    expect(steps[0]).toMatchObject({ why: 'mine', change: 'both' });
    expect(steps[1]!.change).toBe('physical');
    expect(steps[1]!.why).toContain('proteins');
    // What is measured is what is read, not what is computed from it.
    expect(aims.at(-1)).toContain('does to height');
    const reduced = { ...loaf, question: 'Does a syrup reduced to half keep its concentration?' };
    const words = draftOf(reduced).keyWords.map(({ word }) => word);
    expect(words.filter((word) => word === 'concentration')).toHaveLength(1);
    expect(new Set(keyWords.map(({ word }) => word)).size).toBe(keyWords.length);
  });

  it('has words of what happens on the way as well, where something is asked; where nothing is, of that alone', () => {
    const powdered = {
      ...loaf,
      formula: [...loaf.formula, newIngredient({ id: 'p', name: 'Baking powder' })],
    };
    const words = (plan: Plan) => draftOf(plan).keyWords.map(({ word }) => word);
    expect(words(powdered)).toEqual(expect.arrayContaining(['fermentation', 'carbon dioxide']));
    const still: Plan = { ...powdered, title: 'x', question: '', factors: [], responses: [] };
    expect(words(still)).toEqual(expect.arrayContaining(['carbon dioxide', 'fermentation']));
    expect(words({ ...still, formula: [], steps: [] })).toEqual([]);
  });

  it('asks no question twice', () => {
    const [own] = teaching.yeast.questions[0]!;
    const plan = { ...loaf, studentQuestions: [own.toUpperCase()] };
    expect(
      withDraft(plan, newId).studentQuestions.filter((one) => one.toUpperCase() === own.toUpperCase()),
    ).toHaveLength(1);
  });

  it('never grows a list beyond what a plan may hold', () => {
    const full: Plan = {
      ...loaf,
      aims: Array.from({ length: 12 }, (_, i) => `aim ${i}`),
      keyWords: Array.from({ length: 30 }, (_, i) => ({ word: `word ${i}`, meaning: '' })),
    };
    expect(refusalsOf(planShape, JSON.parse(JSON.stringify(withDraft(full, newId))))).toEqual([]);
  });

  it('has something to say of every phenomenon, and of a pasted recipe that asks nothing', () => {
    for (const id of phenomenonIds) {
      const { aim, words, questions } = teaching[id];
      expect(aim.length, id).toBeGreaterThan(20);
      expect(words.length, id).toBeGreaterThan(1);
      expect(questions.length, id).toBeGreaterThan(1);
    }
    const plan = pasted(
      'Flatbread\n200 g flour\n1 tsp baking powder\n100 ml water\n\nKnead the flour, powder and water.\nBake at 220 °C for 8 min.',
      { question: '', prediction: '' },
    );
    expect(draftOf(plan).keyWords.map(({ word }) => word)).toContain('carbon dioxide');
  });
});
