import { about, id, list, number, record, text, whole, type Of } from '../shape';

export const studentQuestionShape = text(400);
export const tagShape = text(40, 1);
export const aimShape = text(300, 1);

/** A word of the trade with what it means, for the student’s sheet. */
export const keyWordShape = record('KeyWord', { word: text(60, 1), meaning: text(300) });

/** What a good answer to one of the questions says; on the teacher’s sheet only. */
export const answerShape = record('ModelAnswer', {
  question: about('its words, as they stand in the plan', studentQuestionShape),
  answer: text(1000),
});

/** A line of the observation table: what is looked at, and what there is to be seen. */
export const lookedAtShape = record('LookedAt', {
  id: id(),
  what: text(80, 1),
  before: text(200),
  during: text(200),
  after: text(200),
});

/** A dry run at one station: what each step really took. */
export const trialShape = record('Trial', {
  id: id(),
  at: about('when it ended, ms since 1970', whole(0, 1e14)),
  treatment: about('which treatment was tried, in words', text(120)),
  took: list(record('StepTook', { stepId: id(), minutes: number(0, 10_080, 'min') }), 100),
  note: text(1000),
});

export type KeyWord = Of<typeof keyWordShape>;
export type ModelAnswer = Of<typeof answerShape>;
export type LookedAt = Of<typeof lookedAtShape>;
export type Trial = Of<typeof trialShape>;
