import { describe, expect, it } from 'vitest';
import { planOfStation, stationPlan, treatmentOf, treatmentsOf } from '../core/practical';
import { factor, wordLevels } from '../core/practical/testing/plans';
import { demoSchool } from './school';

const single = demoSchool(Date.UTC(2026, 0, 12)).practicals.map(({ plan }) => plan);
const sugar = factor({ on: 'words', scale: 'words' }, wordLevels(['white', 'brown', 'none']), 'sugar');
/** Each example, and each with a second factor beside its own. */
const plans = single.flatMap((plan) => [
  plan,
  { ...plan, factors: [...plan.factors.slice(0, 1), sugar], leftOut: [] },
]);

describe('what a station is given of a plan', () => {
  it('resolves to the same amounts, steps and targets as the whole plan, for every treatment of every example', () => {
    for (const plan of plans) {
      for (const { id } of treatmentsOf(plan)) {
        const own = planOfStation(plan, id);
        const resolve = (of: typeof plan) => {
          const { open, steps, ...rest } = stationPlan(of, null, treatmentOf(of, id) ?? null);
          // What a step teaches, and what to do when it goes wrong, stay with the teacher.
          const done = steps.map((step) => ({ ...step, why: '', wrong: '', change: null }));
          return { ...rest, steps: done, open: open.map((factor) => factor.id) };
        };
        expect(resolve(own), `${plan.title} ${id}`).toEqual(resolve(plan));
        expect(treatmentsOf(own).map((one) => one.id)).toEqual([id]);
      }
    }
  });

  it('holds no level of anybody else, and nothing that is for the teacher', () => {
    for (const plan of plans) {
      const [first] = treatmentsOf(plan);
      const own = planOfStation(plan, first!.id);
      const said = JSON.stringify(own.factors);
      for (const { levels } of plan.factors) {
        for (const level of levels) {
          expect(said.includes(`"${level.id}"`), level.id).toBe(first!.levels.includes(level));
        }
      }
      expect(own).toMatchObject({
        reason: '',
        prediction: '',
        nextTime: '',
        studentQuestions: [],
        dismissed: [],
      });
      const sent = JSON.stringify(own);
      for (const { answer } of plan.answers) expect(sent).not.toContain(JSON.stringify(answer).slice(1, -1));
      for (const { meaning } of plan.keyWords)
        expect(sent).not.toContain(JSON.stringify(meaning).slice(1, -1));
      for (const { what } of plan.lookedAt) expect(own.lookedAt, what).toEqual([]);
      for (const { why, wrong } of own.steps) expect(why + wrong).toBe('');
    }
    expect(single.every(({ answers, keyWords }) => answers.length > 0 && keyWords.length > 0)).toBe(true);
    expect(planOfStation(plans[0]!, 'nobody’s').factors.flatMap(({ levels }) => levels)).toEqual([]);
  });
});
