import { describe, expect, it } from 'vitest';
import { beginsAsStep, sentencesOf } from './sentences';
import { stepsOf } from './steps';

const steps = (text: string, numbered = true) =>
  stepsOf([{ line: 3, text, section: '', numbered }], 'en').map(
    ({ text: own, minutesLow, minutesHigh, per, celsius }) => [own, minutesLow, minutesHigh, per, celsius],
  );

describe('where a step ends', () => {
  it.each<[string, (string | number | null)[][]]>([
    [
      'Mix the flour and milk. It is thick.',
      [['Mix the flour and milk. It is thick.', null, null, 'once', null]],
    ],
    [
      'Chill for 10 min. Bake at 180 °C for 20-25 min.',
      [
        ['Chill for 10 min.', 10, null, 'once', null],
        ['Bake at 180 °C for 20-25 min.', 20, 25, 'once', 180],
      ],
    ],
    [
      'Boil for 5 minutes, then simmer for 20 minutes.',
      [
        ['Boil for 5 minutes.', 5, null, 'once', null],
        ['Simmer for 20 minutes.', 20, null, 'once', null],
      ],
    ],
    ['Stir in the milk. Cook 10 min.', [['Stir in the milk. Cook 10 min.', 10, null, 'once', null]]],
    [
      'Heat the oven to 200 °C. Grease a tin. Mix the flour and milk.',
      [
        ['Heat the oven to 200 °C. Grease a tin.', null, null, 'once', 200],
        ['Mix the flour and milk.', null, null, 'once', null],
      ],
    ],
    [
      'Mix the flour and milk. Preheat the oven to 200 °C.',
      [
        ['Mix the flour and milk.', null, null, 'once', null],
        ['Preheat the oven to 200 °C.', null, null, 'once', 200],
      ],
    ],
    ['Fry 2 minutes per side', [['Fry 2 minutes per side.', 2, null, 'side', null]]],
    ['Bake for 2 hours (120 minutes).', [['Bake for 2 hours (120 minutes).', 120, null, 'once', null]]],
  ])('%s', (text, wanted) => {
    expect(steps(text)).toEqual(wanted);
  });

  it('prose is a step for each thing to do, a numbered line is one', () => {
    const text = 'Rub in the butter. Add the milk slowly. Knead it well.';
    expect(steps(text)).toHaveLength(1);
    expect(steps(text, false)).toHaveLength(3);
    expect(steps('Rub in the butter. Add the milk.', false)).toHaveLength(1);
  });
});

describe('sentences', () => {
  it('end at a point, not at an abbreviation or a decimal', () => {
    const cut = (text: string) => sentencesOf(text).map(({ text: one, from }) => [one, from]);
    expect(cut('Mix. Bake! Cool')).toEqual([
      ['Mix.', 0],
      ['Bake!', 5],
      ['Cool', 11],
    ]);
    expect(cut('Add 2 tbsp. milk and approx. 5 g.')).toHaveLength(1);
    expect(cut('Add 2 tbsp. Mix it.')).toHaveLength(2);
    expect(cut('Add 1. 5 g.')).toHaveLength(1);
    expect(cut(' ')).toEqual([]);
  });

  it('begin as a step where a verb stands first, or behind what leads to it', () => {
    const all = [
      'Mix it',
      'Then fold in the flour',
      'In a bowl, whisk the eggs well',
      'Gently fold it',
      'Oven: 180 °C',
      'Butter the tin',
      'Butter, 40 g',
      'Squeeze of lemon',
      'Mix is ready',
      'Gently does it now and then',
      'In the end',
      'Plain buns',
      '',
    ];
    expect(all.filter((one) => beginsAsStep(one))).toEqual(all.slice(0, 6));
  });
});
