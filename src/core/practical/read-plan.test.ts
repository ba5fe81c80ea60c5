import { describe, expect, it } from 'vitest';
import { examplePlan, readPlan, repeatedLevel, UnreadablePlan } from '.';

/** A plan as it was written before it had a format. */
const formatOne = {
  title: 'Toffee',
  question: '',
  prediction: '',
  reason: '',
  factor: {
    name: 'final temperature',
    kind: 'target',
    unit: '',
    levels: [{ id: 'l', value: 150, words: '', control: true }],
  },
  responses: [],
  held: [],
  noted: [{ id: 'n', what: 'which hob' }],
  formula: [],
  steps: [
    { id: 'stir', hands: 'hands-on', when: 'lesson', endpoint: { kind: 'time' } },
    { id: 'boil', hands: 'waiting', when: 'lesson', endpoint: { kind: 'level' } },
    { id: 'look', hands: 'waiting', when: 'after', endpoint: { kind: 'appearance', look: 'golden' } },
  ].map((step) => ({ ...step, text: step.id, minutes: 5, lookAt: null, hazards: [], event: '' })),
  thermometer: { in: 'syrup', smallestDivisionC: 1 },
  ...{ roomId: null, stations: 8, order: 'shuffled', periodMinutes: 60, briefingMinutes: 5 },
  ...{ clearUpMinutes: 5, studentQuestions: [], dismissed: [] },
};

const refusal = (document: unknown) => {
  try {
    return readPlan(document);
  } catch (error) {
    if (!(error instanceof UnreadablePlan)) throw error;
    return { message: error.message, refusals: error.refusals };
  }
};

describe('the door for stored plans', () => {
  it('hands a plan of today on as it is, with what came later', () => {
    const { nextTime, ...before } = examplePlan;
    expect(nextTime).toBeDefined();
    expect(readPlan(before)).toEqual({ ...examplePlan, nextTime: '' });
    expect(readPlan(examplePlan)).toEqual(examplePlan);
  });

  it('refuses a newer format, what is no plan, and a damaged one, each in its words', () => {
    expect(refusal({ ...examplePlan, format: 3 })).toEqual({
      message:
        'This plan was written by a newer version of the program: its format is 3, this one reads up to 2. Open it there.',
      refusals: [{ pointer: '/format', field: 'format', value: 3, allowed: 'a whole number from 1 to 2' }],
    });
    for (const format of [0, -1, 2.5, 'two', null, []])
      expect(refusal({ ...examplePlan, format })).toMatchObject({
        message: 'This is not a plan.',
        refusals: [{ value: format }],
      });
    for (const nothing of [null, 'plan', 7, []])
      expect(refusal(nothing)).toMatchObject({ message: 'This is not a plan.' });
    expect(refusal({ ...examplePlan, periodMinutes: 1000 })).toMatchObject({
      message: 'This plan cannot be read: periodMinutes is not a whole number from 5 to 480 min.',
      refusals: [{ pointer: '/periodMinutes', value: 1000 }],
    });
    expect(refusal({})).toMatchObject({ message: expect.stringContaining('title') as string });
  });

  it('counts a level twice by what is read, never one that is left open', () => {
    const words = (...said: string[]) => ({
      acts: { on: 'swap' },
      levels: said.map((one) => ({ value: null, words: one, open: false })),
    });
    expect(repeatedLevel(words('Butter', ' butter'))).toBe('butter');
    expect(repeatedLevel(words('', 'lard', ' '))).toBe('empty');
    expect(repeatedLevel(words('butter', 'lard'))).toBeNull();
    const open = { value: null, words: '', open: true };
    expect(repeatedLevel({ acts: { on: 'size' }, levels: [open, open] })).toBeNull();
    const number = (value: number) => ({ value, words: '', open: false });
    expect(repeatedLevel({ acts: { on: 'size' }, levels: [number(4), number(5), number(4)] })).toBe('4');
  });
});

describe('a plan of format 1', () => {
  it('keeps what it said: its factor ends the step that ended at the level, its thermometer only those by degrees', () => {
    const plan = refusal(formatOne);
    expect(plan).toMatchObject({
      format: 2,
      title: 'Toffee',
      factors: [{ acts: { on: 'end-temperature', stepId: 'boil' }, levels: [{ value: 150, open: false }] }],
      thermometers: [{ in: 'syrup', smallestDivisionC: 1 }],
      steps: [
        { id: 'stir', thermometerId: null, ends: [{ kind: 'time' }] },
        { id: 'boil', ends: [{ kind: 'temperature', celsius: null }] },
        { id: 'look', thermometerId: null, ends: [{ kind: 'sign', words: 'golden' }] },
      ],
    });
  });
});
