import { describe, expect, it } from 'vitest';
import { readRecipe } from '.';

const recipe = (title: string, list: string, method: string) => `${title}\n\n${list}\n\n${method}`;
const found = (title: string, list: string, method: string) =>
  readRecipe(recipe(title, list, method)).contradictions.map(({ kind, lines, text }) => [kind, lines, text]);

describe('what is said of a contradiction, to the word', () => {
  const dough = '500 g strong flour\n300 g water\n10 g salt';
  it('pieces and their mass against the batch', () => {
    expect(found('Rolls', dough, 'Mix all.\nDivide into 10 pieces of 30 g.')).toEqual([
      [
        'portions',
        [8],
        '10 pieces of 30 g need 300 g; the batch weighs about 810 g: 10 of 81 g, or 27 of 30 g.',
      ],
    ]);
    // Within 12 % more and 30 % less it is the batch.
    expect(found('Rolls', dough, 'Mix all.\nDivide into 10 pieces of 81 g.')).toEqual([]);
    expect(found('Rolls', dough, 'Mix all.\nDivide into 10 pieces of 60 g.')).toEqual([]);
    expect(found('Rolls', dough, 'Mix all.\nDivide into 10 pieces of 95 g.')).toHaveLength(1);
  });

  it('what goes in after the pieces are shaped is no part of them', () => {
    const list = '500 g strong flour\n300 g water\n10 g salt\n400 g mozzarella\n300 g passata';
    const method = (each: string) =>
      `Mix the flour, water and salt.\nDivide into 4 balls of ${each}.\nTop with the passata and the mozzarella.`;
    expect(found('Pizza', list, method('200 g'))).toEqual([]);
    expect(found('Pizza', list, method('90 g'))).toHaveLength(1);
  });

  it('how many it makes: about 24 may be 22, and 24 may not', () => {
    const balls = (count: number) => `Mix all.\nRoll into ${count} balls.`;
    expect(found('Balls\nMakes about 24', dough, balls(22))).toEqual([]);
    expect(found('Balls\nMakes about 24', dough, balls(20))).toEqual([
      ['portions', [2, 9], '“Makes about 24”, but the method has 20 balls.'],
    ]);
    expect(found('Balls\nMakes 24', dough, balls(22))).toHaveLength(1);
    expect(found('Balls\nMakes 24', dough, 'Mix all.\nThere are 20 balls.')).toEqual([]);
  });

  it('amounts of list and method, with the lines of both', () => {
    expect(found('Buns', '250 g flour\n50 g butter', 'Rub the 5 g butter into the flour.')).toEqual([
      ['amount', [4, 6], 'Butter: the list says 50 g, the method 5 g.'],
    ]);
    expect(found('Buns', '250 g flour\n50 g butter', 'Rub a pinch of butter into the flour.')).toEqual([]);
    expect(found('Buns', '250 g flour\n4 eggs', 'Put the flour on plates.\nBreak 1 egg into each.')).toEqual(
      [],
    );
  });

  it('gas marks may be 11 °C off, an oven in degrees 12.5, a syrup 3.5', () => {
    const oven = (said: string) =>
      found('Buns', '250 g flour', `Mix the flour.\nBake at ${said} for 10 min.`);
    expect(oven('200 °C / 400 °F')).toEqual([]);
    expect(oven('200 °C / 425 °F')).toHaveLength(1);
    expect(oven('190 °C, gas 5')).toEqual([]);
    expect(oven('190 °C, gas 8')).toHaveLength(1);
    const syrup = (said: string) => found('Fudge', '250 g sugar', `Boil the sugar to ${said}.`);
    expect(syrup('116 °C (240 °F)')).toEqual([]);
    expect(syrup('116 °C (250 °F)')).toHaveLength(1);
  });
});

describe('units of one letter, and parts of a list', () => {
  it('T is a tablespoon, t a teaspoon, c a cup', () => {
    const { formula } = readRecipe(recipe('Mix', '2 T oil\n1 t salt\n1 c flour', 'Mix all.'));
    expect(formula.map(({ amount, unit }) => [amount, unit])).toEqual([
      [2, 'tbsp'],
      [1, 'tsp'],
      [1, 'cup'],
    ]);
  });

  it('a step under a part takes the sugar of that part', () => {
    const { steps } = readRecipe(
      'Cake\n\nFor the cake:\n100 g sugar\n100 g butter\n\nBeat the sugar.\n\nFor the icing:\n80 g sugar\n\nStir the sugar.',
    );
    expect(steps.map(({ uses }) => uses)).toEqual([[0], [2]]);
  });

  it('everything but one thing, by another of its names', () => {
    const { steps } = readRecipe(
      recipe(
        'Rub',
        '200 g flour\n50 g butter\n5 g bicarbonate of soda',
        'Mix everything but the soda.\nAdd the soda.',
      ),
    );
    expect(steps.map(({ uses }) => uses)).toEqual([[0, 1], [2]]);
  });
});
