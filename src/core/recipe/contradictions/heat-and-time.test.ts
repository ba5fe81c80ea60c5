import { describe, expect, it } from 'vitest';
import { answersTo, foundIn, saidOf } from '../testing/found';

const list = '250 g plain flour\n100 g butter';
const method = (last: string) => `Rub the butter into the flour.\n${last}`;
const said = (last: string, title?: string) => saidOf(list, method(last), title);
const answers = (last: string, title?: string) =>
  answersTo(list, method(last), title).map((each) =>
    each.map((one) => [
      one.label,
      ...(one.does === 'celsius'
        ? [one.step, one.celsius]
        : one.does === 'minutes'
          ? [one.step, one.minutes]
          : []),
    ]),
  );

describe('one setting said several times', () => {
  // 375 °F is 190.6 °C; gas 6 is 200 °C; a fan is set some 20 °C lower.
  it.each<[string, string[]]>([
    ['Bake at 200 °C (400 °F).', []],
    ['Bake at 200 °C/fan 180 °C/gas 6.', []],
    ['Bake at 220 °C (375 °F).', ['220 °C, 375 °F: 220 °C and 375 °F (191 °C) are not the same.']],
    ['Bake at 160 °C/400 °F/gas 6.', ['160 °C, 400 °F, gas 6: 160 °C does not go with the others.']],
    ['Bake at 180 °C/fan 180 °C.', ['180 °C, fan 180 °C: 180 °C and fan 180 °C are not the same.']],
    ['Bake at 190 °C, gas 5.', []],
    ['Bake at 200 °C, then lower to 180 °C.', []],
    // Two numbers far apart in a sentence are two settings.
    ['Bake at 220 °C for ten minutes and then at 160 °C.', []],
    ['Bake at 200 °C or 400 °F in a hot kitchen.', []],
  ])('%s', (last, wanted) => {
    expect(said(last)).toEqual(wanted);
  });

  it('the setting most agree on is offered first, as a conventional oven has it', () => {
    expect(answers('Bake at 160 °C/400 °F/gas 6.')).toEqual([
      [
        ['204 °C', 1, 204],
        ['160 °C', 1, 160],
      ],
    ]);
    expect(answers('Bake at 180 °C/fan 180 °C.')).toEqual([
      [
        ['180 °C', 1, 180],
        ['200 °C', 1, 200],
      ],
    ]);
  });
});

describe('the oven is what it was heated to', () => {
  const oven = (heat: string, bake: string, between = '') =>
    foundIn('Buns', list, `${heat}\nRub the butter into the flour.\n${between}${bake}`);
  it('and baking at another is told with both lines', () => {
    expect(oven('Heat the oven to 180 °C.', 'Bake at 220 °C for 12 min.')).toEqual([
      ['temperature', [6, 8], 'The oven is heated to 180 °C, but the baking is at 220 °C.'],
    ]);
    expect(
      answersTo(
        list,
        'Heat the oven to 180 °C.\nRub the butter into the flour.\nBake at 220 °C for 12 min.',
      )[0],
    ).toEqual([
      { label: '220 °C', does: 'celsius', step: 0, celsius: 220 },
      { label: '180 °C', does: 'celsius', step: 2, celsius: 180 },
    ]);
  });

  it.each([
    ['the same', 'Heat the oven to 200 °C.', 'Bake at 200 °C for 12 min.'],
    ['rounded', 'Heat the oven to 200 °C.', 'Bake at 190 °C for 12 min.'],
    ['fan and not', 'Heat the oven to 200 °C.', 'Bake at fan 180 °C for 12 min.'],
    ['what the food shows', 'Heat the oven to 150 °C.', 'Bake to a wobble (78 °C).'],
    ['turned', 'Heat the oven to 220 °C.', 'Turn down to 180 °C and bake for 12 min.'],
    ['two bakings', 'Heat the oven to 220 °C.', 'Bake at 180 °C for 10 min.\nBake at 160 °C for 5 min.'],
    ['no oven', 'Heat the oven to 220 °C.', 'Cook at 180 °C in the oil.'],
    ['never heated', 'Mix.', 'Bake at 180 °C for 12 min.'],
  ])('%s: nothing', (_, heat, bake) => {
    expect(oven(heat, bake)).toEqual([]);
  });
});

describe('lengths of time', () => {
  it.each<[string, string[]]>([
    ['Bake for 2 hours (90 minutes) at 150 °C.', ['2 hours is 2 h, not 90 min.']],
    ['Bake for 1 1/2 hours (90 minutes) at 150 °C.', []],
    ['Bake for 80-100 min (90 minutes) at 150 °C.', []],
    [
      'Chill for 30 min.\nWhen the 20 minutes are up, bake.',
      ['It takes 30 min, but then “When the 20 minutes are up”.'],
    ],
    ['Chill for 30 min.\nWhen the 30 minutes are up, bake.', []],
    ['Chill for 20-30 min.\nAfter the 25 minutes, bake.', []],
    [
      'Chill for 1 hour.\nOnce those 2 hours have passed, bake.',
      ['It takes 60 min, but then “Once those 2 hours have passed”.'],
    ],
    ['When the 20 minutes are up, bake.', []],
  ])('%s', (last, wanted) => {
    expect(said(last)).toEqual(wanted);
  });

  it('both are offered, in minutes, for the step they are of', () => {
    expect(answers('Bake for 2 hours (90 minutes) at 150 °C.')).toEqual([
      [
        ['2 h', 1, 120],
        ['90 min', 1, 90],
      ],
    ]);
    expect(answers('Chill for 30 min.\nWhen the 20 minutes are up, bake.')).toEqual([
      [
        ['30 min', 1, 30],
        ['20 min', 1, 20],
      ],
    ]);
  });

  it('a head that says less than one step takes, or twice what they come to', () => {
    const head = (told: string, last: string) => foundIn(`Buns\n${told}`, list, method(last));
    expect(head('Cook: 20 minutes', 'Simmer for 45 minutes.')).toEqual([
      ['time', [2, 8], 'The head says 20 min of cooking, but one step alone takes 45 min.'],
    ]);
    expect(head('Total time: 20 minutes', 'Chill for 2 hours.')).toEqual([
      ['time', [2, 8], 'The head says 20 min in all, but one step alone takes 2 h.'],
    ]);
    expect(head('Cook: 90 minutes', 'Bake for 20 minutes.')).toEqual([
      ['time', [2, 8], 'The head says 90 min of cooking, but the steps come to 20 min.'],
    ]);
    for (const [told, last] of [
      ['Cook: 20 minutes', 'Bake for 20 minutes.'],
      ['Cook: 20 minutes', 'Bake for 22 minutes.'],
      ['Cook: 20 minutes', 'Chill for 45 minutes.'],
      ['Cook: 35 minutes', 'Bake for 20 minutes.'],
      ['Prep: 10 minutes', 'Bake for 20 minutes.'],
      ['Total time: 3 hours', 'Bake for 20 minutes.'],
    ] as const)
      expect(head(told, last), `${told} / ${last}`).toEqual([]);
  });
});
