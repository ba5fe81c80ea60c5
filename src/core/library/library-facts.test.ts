import { describe, expect, it } from 'vitest';
import { examplePlan, newPlan, newStep } from '../practical';
import { libraryFacts, libraryText, searchQuery } from '.';

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
    ['scones', '("scones"* OR "scon"*)'],
    ['Flan  brûlant!', '"flan"* AND "brûlant"*'],
    ['browning', '("browning"* OR "brown"*)'],
    ['year 8', '"year"* AND "8"'],
    ['a', 'title : "a"*'],
    ['gelatine', '"gelatine"*'],
    ['"; DROP TABLE library; --', '"drop"* AND ("table"* OR "tabl"*) AND ("library"* OR "librar"*)'],
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
