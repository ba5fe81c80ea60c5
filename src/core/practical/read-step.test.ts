import { describe, expect, it } from 'vitest';
import { sayingLook, sayingMinutes } from './durations';
import { readStep, type ReadStep } from './read-step';

const time = { kind: 'time' } as const;
const look = (words: string) => ({ kind: 'sign', sense: 'look', words }) as const;
const at = (celsius: number) => ({ kind: 'temperature', celsius, basis: 'as-read' }) as const;

describe('a typed step', () => {
  it.each<[string, ReadStep]>([
    ['Stir.', {}],
    ['Bake 8–10 min, look at 7', { minutes: 8, minutesTo: 10, lookAt: 7, ends: [time], hands: 'waiting' }],
    [
      'Fry 2–3 min a side until golden',
      { minutes: 2, minutesTo: 3, per: 'side', ends: [time, look('golden')] },
    ],
    ['Fry for 90 seconds on each side', { minutes: 1.5, per: 'side', ends: [time] }],
    ['Cook 4 min per piece', { minutes: 4, per: 'piece', ends: [time] }],
    ['Heat to 118 °C without stirring', { ends: [at(118)], stir: 'never' }],
    ['Heat until it reaches 244 °F', { ends: [at(117.8)] }],
    ['Melt, keep it below 32 °C', { stayBelowC: 32 }],
    ['Prove 1 h 20 min', { minutes: 80, ends: [time], hands: 'waiting' }],
    ['Prove 1½ hours', { minutes: 90, ends: [time], hands: 'waiting' }],
    ['Leave half an hour', { minutes: 30, ends: [time], hands: 'waiting' }],
    ['Whisk for twenty minutes', { minutes: 20, ends: [time] }],
    [
      'Bake at 200 °C until the core shows 75 °C',
      {
        ends: [at(75)],
        settings: [{ what: 'oven', celsius: 200, words: '', from: 0 }],
        hands: 'waiting',
      },
    ],
    [
      'Roast 40 min until 75 °C in the thickest part',
      { minutes: 40, ends: [time, at(75)], hands: 'waiting' },
    ],
    ['Fry 40 min, check at 75 °C', { minutes: 40, ends: [time, at(75)] }],
    ['Stir, check after 2 rounds', {}],
    ['Bake 12 min and check after 8 min.', { minutes: 12, lookAt: 8, ends: [time], hands: 'waiting' }],
    // A word that begins with “a” and ends with “s” is no second.
    ['Whisk fast as it comes to the boil', {}],
    ['Beat a second time', {}],
    ['Whisk for a minute', { minutes: 1, ends: [time] }],
    [
      'Bake at 200 °C fan for 12 minutes',
      {
        minutes: 12,
        ends: [time],
        settings: [{ what: 'oven', celsius: 200, words: 'fan', from: 0 }],
        hands: 'waiting',
      },
    ],
    [
      'Roast at 400 °F for 1 hr',
      {
        minutes: 60,
        ends: [time],
        settings: [{ what: 'oven', celsius: 204.4, words: '', from: 0 }],
        hands: 'waiting',
      },
    ],
    [
      'Simmer 10 min, stirring occasionally',
      { minutes: 10, ends: [time], stir: 'now-and-then', hands: 'waiting' },
    ],
    ['Cook, stirring constantly, until thick', { ends: [look('thick')], stir: 'always' }],
    ['Knead until it feels springy', { ends: [{ kind: 'sign', sense: 'feel', words: 'it feels springy' }] }],
    [
      'Toast until it smells of nuts',
      { ends: [{ kind: 'sign', sense: 'smell', words: 'it smells of nuts' }] },
    ],
    ['Bake 20 min. Keep the door shut.', { minutes: 20, ends: [time], hands: 'waiting', door: 'shut' }],
    ['Bake 20 min, watch through the glass', { minutes: 20, ends: [time], hands: 'waiting', door: 'glass' }],
    // How often is not how long.
    ['Read the thermometer every 5 min', {}],
    ['Turn after 3 min, then fry another 2 min', {}],
    ['Staff pour the syrup', { adult: true }],
    ['In pairs, stretch the dough', { people: 2 }],
    ['Try one first', { tryOne: true }],
    ['Dust with sugar, if you like', { optional: true }],
    ['Garnish (optional)', { optional: true }],
    ['  Rest 1 h', { minutes: 60, ends: [time], hands: 'waiting' }],
    // Two lengths: a range of hours, and something else.
    [
      'Prove 1–2 h 30 min away from the window',
      { minutes: 60, minutesTo: 120, ends: [time], hands: 'waiting' },
    ],
  ])('%s', (text, understood) => {
    expect(readStep(text)).toEqual(understood);
  });

  it('says other minutes in place of its own, and of nothing else', () => {
    expect(sayingMinutes('Bake 8–10 min, look at 7.', '6 min')).toBe('Bake 6 min, look at 7.');
    expect(sayingLook('Bake 8 min, check at 6 min.', '4')).toBe('Bake 8 min, check at 4 min.');
    expect(sayingLook('Bake 8 min, check at 6.', null)).toBe('Bake 8 min.');
    expect(sayingLook('Roast 40 min, check at 75 °C.', null)).toBe('Roast 40 min, check at 75 °C.');
    expect(sayingMinutes('Look at 5 min. Bake 12 min.', '6 min')).toBe('Look at 5 min. Bake 6 min.');
    expect(sayingMinutes('Read every 2 min for 10 min.', '6 min')).toBe('Read every 2 min for 6 min.');
    expect(sayingMinutes('Bake until golden.', '6 min')).toBe('Bake until golden.');
    expect(sayingMinutes('Prove 1 h 20 min, covered.', '45 min')).toBe('Prove 45 min, covered.');
  });
});
