import { describe, expect, it } from 'vitest';
import { answersTo, foundIn, saidOf } from '../testing/found';

/** 810 g by its list. */
const dough = '500 g strong flour\n300 g water\n10 g salt';
const pieces = (last: string, list = dough) => saidOf(list, `Mix the flour, water and salt.\n${last}`);

describe('pieces by their mass', () => {
  it.each<[string, number]>([
    // 810 g: more than 12 % over or 30 % under it is another batch.
    ['Divide into 10 pieces of 81 g.', 0],
    ['Divide into 10 pieces of 90 g.', 0],
    ['Divide into 10 pieces of 91 g.', 1],
    ['Divide into 10 pieces of 57 g.', 0],
    ['Divide into 10 pieces of 56 g.', 1],
    ['Divide into 9 balls at 90 g.', 0],
    ['Divide into ten 30 g rolls.', 1],
    ['Divide into ten pieces (30 g each).', 1],
    ['Divide into twelve equal balls weighing about 30 g.', 1],
    ['Break off one piece of 30 g.', 0],
  ])('%s', (last, count) => {
    expect(pieces(last)).toHaveLength(count);
  });

  it('says how many of what, and rewrites the words either way', () => {
    const method = 'Mix the flour, water and salt.\nDivide into ten 30 g rolls.';
    expect(foundIn('Rolls', dough, method)).toEqual([
      [
        'portions',
        [8],
        '10 pieces of 30 g need 300 g; the batch weighs about 810 g: 10 of 81 g, or 27 of 30 g.',
      ],
    ]);
    expect(answersTo(dough, method, 'Rolls')).toEqual([
      [
        { label: '10 of 81 g', does: 'words', step: 1, from: 'ten 30 g rolls', to: '10 81 g rolls' },
        { label: '27 of 30 g', does: 'words', step: 1, from: 'ten 30 g rolls', to: '27 30 g rolls' },
      ],
    ]);
  });

  it('a part of a list, what went in so far, and a glaze by itself', () => {
    const two = `For the dough:\n${dough}\nFor the filling:\n400 g mozzarella`;
    const method = (each: number, what: string) =>
      `Mix the flour, water and salt.\nCut the mozzarella.\nDivide ${what} into 10 pieces of ${each} g.`;
    expect(saidOf(two, method(81, 'the dough'))).toEqual([]);
    expect(saidOf(two, method(40, 'the mozzarella'))).toEqual([]);
    // A piece of dough is weighed without its filling.
    expect(saidOf(two, method(121, 'it'))).toHaveLength(1);
    expect(saidOf(two, method(20, 'it'))).toHaveLength(1);
    // Nobody knows what two lines without a mass weigh.
    expect(pieces('Divide into 10 pieces of 20 g.', `${dough}\nsome walnuts\nsome raisins`)).not.toContain(
      '10 pieces',
    );
  });
});

describe('how many it makes', () => {
  const makes = (head: string, last: string, title = 'Buns') =>
    foundIn(`${title}\n${head}`, dough, `Mix all.\n${last}`);
  const counts = (head: string, last: string, title?: string) => makes(head, last, title).length;

  it('is what is shaped', () => {
    expect(makes('Makes 12', 'Shape into 10 buns.')).toEqual([
      ['portions', [2, 9], '“Makes 12”, but the method has 10 buns.'],
    ]);
    expect(answersTo(`Makes 12\n${dough}`, 'Mix all.\nShape into ten small buns.')).toEqual([
      [
        { label: '10 buns', does: 'leave' },
        { label: '12 buns', does: 'words', step: 1, from: 'ten small buns', to: '12 small buns' },
      ],
    ]);
  });

  it.each<[string, string, number]>([
    ['Makes 12', 'Shape into 12 buns.', 0],
    ['Makes 10-12', 'Shape into 11 buns.', 0],
    ['Makes 10-12', 'Shape into 13 buns.', 1],
    ['Makes about 20', 'Shape into 18 buns.', 0],
    ['Makes about 20', 'Shape into 17 buns.', 1],
    ['Makes 12', 'Shape into 6 buns and cut each in half.', 0],
    ['Makes 12', 'Shape 6 buns at a time.', 0],
    ['Makes 12', 'Shape 6 buns per tray.', 0],
    ['Makes 12', 'There are 10 buns.', 0],
    ['Makes 12', 'Shape into about 10 buns.', 0],
    ['Makes 12', 'Shape into 1 bun.', 0],
    // Strips may make plaits; rounds may be biscuits.
    ['Makes 6 plaits', 'Roll into 12 strips.', 0],
    ['Makes 6 biscuits', 'Roll into 12 balls.', 1],
    ['Serves 4', 'Pour into 6 glasses.', 1],
    ['Serves 4', 'Pour into 4 glasses.', 0],
    ['Makes 12', 'Pour into 6 glasses.', 0],
    ['Serves 4', 'Shape into 6 buns.', 0],
  ])('%s, and then: %s', (head, last, count) => {
    expect(counts(head, last)).toBe(count);
  });

  it('a thing of the title is counted though it is called otherwise', () => {
    expect(counts('Makes 6 plaits', 'Roll into 12 strips.', 'Seeded plaits')).toBe(1);
  });
});
