import { phenomenaIn, type PhenomenonId } from '../phenomena';
import { planShape, type KeyWord, type LookedAt, type ModelAnswer, type Plan, type Step } from '../practical';
import { roomIn } from '../shape';
import { techniquesIn } from '../techniques';
import { looks } from './looks';
import { teaching } from './teaching';

/** What a draft can say of a plan, whether it is there already or not. */
export interface Draft {
  aims: string[];
  keyWords: KeyWord[];
  questions: ModelAnswer[];
  lookedAt: Omit<LookedAt, 'id'>[];
  /** Of steps that say neither: what kind of change they are and what they teach. */
  steps: { id: string; change: Step['change']; why: string }[];
}

const { fields } = planShape;
const most = { aims: 4, words: 8, questions: 5, looks: 8 };

/**
 * A draft of what a practical teaches, from what it asks about, its ingredients and its ways of working. What the plan
 * asks about comes first; what only happens on the way fills up what room is left.
 */
export function draftOf(plan: Plan): Draft {
  const { asked, onTheWay } = phenomenaIn(plan);
  const first = asked.length > 0 ? asked : onTheWay.slice(0, 2);
  const subjects = first.map((id) => teaching[id]);
  return {
    aims: aimsOf(
      plan,
      subjects.map(({ aim }) => aim),
    ),
    keyWords: once(
      [...subjects, ...onTheWay.map((id) => teaching[id])].flatMap(({ words }) =>
        words.map(([word, meaning]) => ({ word, meaning })),
      ),
      ({ word }) => word,
    ).slice(0, most.words),
    questions: subjects
      .flatMap(({ questions }) => questions.map(([question, answer]) => ({ question, answer })))
      .slice(0, most.questions),
    lookedAt: looksOf(plan, [...asked, ...onTheWay]),
    steps: plan.steps.flatMap((step) => whyOf(step) ?? []),
  };
}

function aimsOf(plan: Plan, subjects: readonly string[]): string[] {
  const factor = plan.factors.find(({ name }) => name.trim() !== '')?.name;
  const response = plan.responses.find(({ formula }) => formula === '')?.name;
  const test =
    factor && response
      ? [
          `plan and carry out a fair test of what ${lower(factor)} does to ${lower(response)}, and say how sure the class can be`,
        ]
      : [];
  return [...subjects, ...test].slice(0, most.aims);
}

/** A name inside a sentence; “pH” and “°Brix” stay as they are. */
const lower = (name: string) =>
  /^\p{Lu}\p{Ll}/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;

function looksOf(plan: Plan, found: readonly PhenomenonId[]): Draft['lookedAt'] {
  const rows = plan.formula.flatMap((line) => {
    const one = looks.find(({ of }) => of.test(line.name));
    if (!one) return [];
    const { during, after } = one.where?.find(({ phenomenon }) => found.includes(phenomenon)) ?? one;
    return [{ what: line.name, before: one.before, during, after }];
  });
  return once(rows, ({ what }) => what.toLowerCase()).slice(0, most.looks);
}

/** What a step teaches, by the way of working its words name. */
function whyOf(step: Step): Draft['steps'][number] | null {
  if (step.change !== null && step.why.trim() !== '') return null;
  const known = techniquesIn(step.text).flatMap(({ steps }) =>
    steps.filter(({ why }) => why !== undefined),
  )[0];
  if (!known) return null;
  return {
    id: step.id,
    change: step.change ?? known.change ?? null,
    why: step.why.trim() === '' ? known.why! : step.why,
  };
}

function once<T>(items: readonly T[], key: (item: T) => string): T[] {
  const seen = new Set<string>();
  return items.filter((item) => {
    const mark = key(item);
    if (seen.has(mark)) return false;
    seen.add(mark);
    return true;
  });
}

/**
 * The plan with a draft added to it: lines it has already stay as they are, and nothing of the teacher’s is put otherwise.
 *
 * @param newId makes an id
 */
export function withDraft(plan: Plan, newId: () => string): Plan {
  const draft = draftOf(plan);
  const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
  const missing = <T>(drafted: readonly T[], has: (one: T) => boolean, room: number) =>
    drafted.filter((one) => !has(one)).slice(0, Math.max(0, room));
  const questions = missing(
    draft.questions,
    (one) => plan.studentQuestions.some((question) => same(question, one.question)),
    Math.min(
      roomIn(fields.studentQuestions, plan.studentQuestions),
      most.questions - plan.studentQuestions.length,
    ),
  ).map(({ question }) => question);
  const asked = [...plan.studentQuestions, ...questions];
  const answers = missing(
    draft.questions.filter((one) => asked.some((question) => same(question, one.question))),
    (one) => plan.answers.some(({ question }) => same(question, one.question)),
    roomIn(fields.answers, plan.answers),
  );
  return {
    ...plan,
    aims: [
      ...plan.aims,
      ...missing(
        draft.aims,
        (one) => plan.aims.some((aim) => same(aim, one)),
        roomIn(fields.aims, plan.aims),
      ),
    ],
    keyWords: [
      ...plan.keyWords,
      ...missing(
        draft.keyWords,
        (one) => plan.keyWords.some(({ word }) => same(word, one.word)),
        roomIn(fields.keyWords, plan.keyWords),
      ),
    ],
    studentQuestions: [...plan.studentQuestions, ...questions],
    answers: [...plan.answers, ...answers],
    lookedAt: [
      ...plan.lookedAt,
      ...missing(
        draft.lookedAt,
        (one) => plan.lookedAt.some(({ what }) => same(what, one.what)),
        roomIn(fields.lookedAt, plan.lookedAt),
      ).map((one) => ({ id: newId(), ...one })),
    ],
    steps: plan.steps.map((step) => {
      const told = draft.steps.find(({ id }) => id === step.id);
      return told ? { ...step, change: told.change, why: told.why } : step;
    }),
  };
}
