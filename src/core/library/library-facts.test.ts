import { describe, expect, it } from 'vitest';
import { examplePlan, newIngredient, newPlan, newResponse, newStep, type Plan } from '../practical';
import { foundIn, libraryFacts, libraryText, searchQuery } from '.';

describe('what a practical is found by', () => {
  it('tells phenomena, equipment, minutes, days and the test', () => {
    expect(libraryFacts(examplePlan)).toMatchObject({
      phenomena: ['sugar stages'],
      minutes: 70,
      over: false,
      days: 1,
      changes: ['final temperature'],
      measures: ['snap force', 'bubble size', 'colour'],
    });
    expect(libraryFacts(examplePlan).equipment).toEqual([
      ...['balance', 'colour card', 'hob', 'ruler', 'spring balance', 'thermometer'],
    ]);
    const long = {
      ...newPlan('x', null),
      periodMinutes: 30,
      steps: [
        newStep({ id: 'a', text: 'Mix with baking powder.', when: 'before', day: -1, minutes: 5 }),
        newStep({ id: 'b', text: 'Stir.', minutes: 60 }),
        newStep({ id: 'c', text: 'Look.', when: 'after', day: 2 }),
      ],
    };
    // Baking powder is no oven; three days before and after make four.
    expect(libraryFacts(long)).toMatchObject({ over: true, days: 4, equipment: [] });
  });

  it('tells equipment from what steps need and are set to, and from words of steps, measures and what is kept', () => {
    const bare = { id: 's', text: 'Do it.' };
    const of = (patch: Partial<Plan>) => libraryFacts({ ...newPlan('x', null), ...patch }).equipment;
    expect(
      of({ steps: [newStep({ ...bare, needs: [{ resource: 'mixer', count: 1, celsius: null }] })] }),
    ).toEqual(['mixer']);
    const set = (what: 'oven' | 'hob' | 'shelf') =>
      newStep({ ...bare, settings: [{ what, celsius: null, words: '', from: 0 }] });
    expect(of({ steps: [set('oven')] })).toEqual(['oven']);
    expect(of({ steps: [set('hob')] })).toEqual(['hob']);
    expect(of({ steps: [set('shelf')] })).toEqual([]);
    expect(of({ steps: [newStep({ ...bare, text: 'Freeze it.' })] })).toEqual(['freezer']);
    expect(of({ responses: [newResponse({ id: 'r', name: 'a', unit: 'pH' })] })).toEqual([
      'pH strips or meter',
    ]);
    expect(of({ responses: [newResponse({ id: 'r', name: 'a', instrument: 'ruler' })] })).toEqual(['ruler']);
    expect(of({ held: [{ id: 'h', what: 'a', how: 'by stopwatch' }] })).toEqual(['stopwatch']);
    expect(of({ thermometers: [{ id: 't', in: 'oil', smallestDivisionC: 1 }] })).toEqual(['thermometer']);
  });

  it('a practical that asks nothing is found by what happens on the way', () => {
    const poached = { ...newPlan('x', null), steps: [newStep({ id: 's', text: 'Poach it.' })] };
    expect(libraryFacts(poached).phenomena).toEqual(['protein and heat']);
    expect(libraryFacts({ ...poached, question: 'Does yeast mind?' }).phenomena).toEqual([
      'raising by yeast',
    ]);
  });

  it('puts every part of a plan where it is searched', () => {
    const plan: Plan = {
      ...newPlan('title-word', null),
      question: 'question-word',
      prediction: 'prediction-word',
      reason: 'reason-word',
      tags: ['tag-word'],
      aims: ['aim-word'],
      keyWords: [{ word: 'key-word', meaning: '' }],
      studentQuestions: ['student-word'],
      nextTime: 'next-word',
      held: [{ id: 'h', what: 'held-word', how: '' }],
      formula: [newIngredient({ id: 'i', name: 'name-word', job: 'job-word', note: 'note-word' })],
      steps: [newStep({ id: 's', text: 'step-word, knead it', why: 'why-word', event: 'event-word' })],
      responses: [newResponse({ id: 'r', name: 'response-word', instrument: 'instrument-word' })],
      factors: [
        {
          ...{ id: 'f', name: 'factor-word', acts: { on: 'words', scale: 'words' }, unit: '' },
          levels: [{ id: 'l', value: null, words: 'level-word', control: true, open: false }],
        },
      ],
    };
    const { title, question, formula, method, other } = libraryText(plan);
    expect(title).toBe('title-word');
    for (const word of ['question', 'prediction', 'reason']) expect(question).toContain(`${word}-word`);
    for (const word of ['name', 'job', 'note']) expect(formula).toContain(`${word}-word`);
    for (const word of ['step', 'why', 'event']) expect(method).toContain(`${word}-word`);
    for (const word of [
      'tag',
      'aim',
      'key',
      'student',
      'next',
      'held',
      'response',
      'instrument',
      'factor',
      'level',
    ])
      expect(other).toContain(`${word}-word`);
    expect(other).toContain('Kneading');
    expect(libraryFacts(plan)).toMatchObject({
      tags: ['tag-word'],
      changes: ['factor-word'],
      measures: ['response-word'],
    });
  });

  it('has every word a teacher would look for in its text', () => {
    const words = Object.values(libraryText(examplePlan)).join('\n').toLowerCase();
    for (const word of [
      'honeycomb',
      'golden syrup',
      'bulb',
      'spring balance',
      'sugar stages',
      'bubbles come from',
    ])
      expect(words).toContain(word);
  });
});

describe('a search', () => {
  it.each([
    ['scones', '"scon"*'],
    ['bake rice', '("bake"* OR "baking"*) AND ("rice"* OR "ricing"*)'],
    ['Flan  brûlant!', '"flan"* AND "brûlant"*'],
    ['browning', '"brown"*'],
    ['year 8', '"year"* AND "8"'],
    ['a', 'title : "a"*'],
    ['gelatine', '"gelatine"*'],
    // Four letters are too few to take an ending off.
    ['peas', '"peas"*'],
    ['icing', '"icing"*'],
    ['"; DROP TABLE library; --', '"drop"* AND ("table"* OR "tabling"*) AND "librar"*'],
    ['NEAR(a b)', '"near"* AND title : "a"* AND title : "b"*'],
  ])('%s', (typed, query) => {
    expect(searchQuery(typed)).toBe(query);
  });

  it.each(['', '  ', '***', '🍚', '"', '()'])('“%s” asks for nothing', (typed) => {
    expect(searchQuery(typed)).toBeNull();
  });

  it('of a whole page of words counts the first twelve', () => {
    expect(searchQuery('word '.repeat(500))!.split(' AND ')).toHaveLength(12);
  });
});

describe('where the words stand', () => {
  const shown = (texts: string[], typed: string) =>
    foundIn(texts, typed)
      .map(({ text, hit }) => (hit ? `[${text}]` : text))
      .join('');

  it('is the line with most of them, whole words marked, whatever their accents', () => {
    expect(
      shown(['Crème brûlée', 'Whip the creme, then\nbake the brulees with crème'], 'creme brulée bake'),
    ).toBe('[bake] the [brulees] with [crème]');
    expect(shown(['unbaked', 'Baking powder'], 'bake')).toBe('[Baking] powder');
    expect(shown(['nothing'], 'bake')).toBe('');
    expect(shown(['a b'], 'a')).toBe('');
  });

  it('of a long line is the part round the first of them', () => {
    const long = `${'x '.repeat(100)}soda ${'y '.repeat(100)}`;
    const [first, ...rest] = foundIn([long], 'soda');
    expect([first!.text, rest.at(-1)!.text]).toEqual(['…', '…']);
    expect(rest.filter(({ hit }) => hit)).toEqual([{ text: 'soda', hit: true }]);
    expect(rest.map(({ text }) => text).join('').length).toBeLessThan(130);
  });
});
