import { describe, expect, it } from 'vitest';
import { examplePlan, newPlan, newStep } from '../practical';
import { foundIn, libraryFacts, libraryText, searchQuery } from '.';

describe('what a practical is found by', () => {
  it('tells phenomena, equipment, minutes, days and the test', () => {
    expect(libraryFacts(examplePlan)).toMatchObject({
      phenomena: ['sugar stages'],
      minutes: 70,
      fits: true,
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
    expect(libraryFacts(long)).toMatchObject({ fits: false, days: 4, equipment: [] });
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
