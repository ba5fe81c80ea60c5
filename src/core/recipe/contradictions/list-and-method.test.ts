import { describe, expect, it } from 'vitest';
import { answersTo, foundIn, saidOf } from '../testing/found';

const dough = '250 g plain flour\n100 g butter';
const mix = 'Rub the butter into the flour.';

describe('listed and never used', () => {
  const unused = (line: string, method = 'Bake for 12 min.') =>
    saidOf(`${dough}\n${line}`, `${mix}\n${method}`);

  it('names the line, and can leave it out', () => {
    expect(foundIn('Buns', `${dough}\n30 g walnuts`, mix)).toEqual([
      ['unused', [5], 'Walnuts: listed and never used.'],
    ]);
    expect(answersTo(`${dough}\n30 g walnuts`, mix)).toEqual([
      [
        { label: 'keep it', does: 'leave' },
        { label: 'leave it out', does: 'leave-out', formula: 2 },
      ],
    ]);
  });

  it.each<[string, string, string?]>([
    ['its own word', '30 g walnut halves', 'Press a walnut into each.'],
    ['a kind', '30 g raisins', 'Stir in the fruit.'],
    ['a kind', '1 carrot', 'Add the veg.'],
    ['a kind', '5 g ground cumin', 'Add the spices.'],
    ['optional', '30 g walnuts (optional)'],
    ['to serve', '30 g walnuts, to serve'],
    ['for dusting', '30 g icing sugar, for dusting'],
    ['a greased tin', '10 ml sunflower oil', 'Put into a greased tin.'],
    ['a floured board', '30 g rice flour', 'Roll out on a floured board.'],
    ['fried in what there is', '10 ml sunflower oil', 'Fry until golden.'],
    ['the rest of the list', '30 g walnuts', 'Add the other two and mix.'],
    ['dry things', '30 g walnuts', 'Stir in the dry stuff.'],
    ['a word nobody knows', '30 g walnuts', 'Stir in the extras.'],
    ['a name nobody knows', '30 g gubbins', 'Bake for 12 min.'],
    ['notes', '30 g walnuts', 'Well apart on the tray. Gas 4. Golden and firm. Cold before they are boxed.'],
    ['any of the shelf', '30 g beansprouts', 'Stir-fry the vegetables.'],
  ])('%s: silent', (_, line, method) => {
    expect(unused(line, method)).toEqual([]);
  });

  it('where most lines are not found the method was not understood, and nothing is said', () => {
    expect(saidOf('30 g walnuts\n20 g honey\n10 g salt\n5 g cumin', 'Bring the honey to the boil.')).toEqual(
      [],
    );
  });

  it('a step that works with its hands and names nothing can mean the first line and the heaviest', () => {
    const list = '2 chicken breasts\n900 g quinoa\n10 g salt\n30 g walnuts\n100 ml water';
    expect(saidOf(list, 'Slice thinly.\nStir the salt into the water.\nAdd the walnuts.')).toEqual([]);
    expect(saidOf(list, 'Stir the salt into the water.\nAdd the walnuts.')).toHaveLength(2);
  });
});

describe('goes in, not listed', () => {
  const unlisted = (last: string, title?: string) => saidOf(dough, `${mix}\n${last}`, title);

  it('names the thing with the line of the step, and can add it', () => {
    expect(foundIn('Buns', dough, `${mix}\nStir in the mustard.`)).toEqual([
      ['unlisted', [7], 'Mustard goes in, not listed.'],
    ]);
    expect(foundIn('Buns', dough, `${mix}\nAdd the walnuts.`)).toEqual([
      ['unlisted', [7], 'Walnuts go in, not listed.'],
    ]);
    expect(answersTo(dough, `${mix}\nStir in the mustard.`)).toEqual([
      [
        { label: 'add it', does: 'add', name: 'mustard', itemId: 'mustard' },
        { label: 'leave it out', does: 'leave' },
      ],
    ]);
    // Once, however often it is named.
    expect(unlisted('Stir in the mustard.\nAdd more mustard.')).toHaveLength(1);
  });

  it.each([
    'Brush with water.',
    'Bake until the colour of honey.',
    'Serve with mustard.',
    'Keep under a clean tea towel.',
    'Spread onto a board.',
    'Butter the tin.',
    'Season with mustard to taste.',
    'Bake blind with dried beans.',
    'Shape into walnuts.',
    'Leave out the mustard.',
    'Cut into lemon-shaped pieces.',
    'Beat to the consistency of cream.',
    'Bake until the honey smell has gone.',
    'It makes a fine mustard.',
    'Enough for four with a pot of mustard.',
    'If it is dry, add a spoonful of milk.',
    'Too thick? Stir in a little milk.',
    'Press hard through a cloth. Heat the milk.',
    'Scrunch the mustard.',
  ])('%s: nothing goes in', (last) => {
    expect(unlisted(last)).toEqual([]);
  });

  it.each([
    ['Brush with beaten egg.', ['Beaten egg goes in, not listed.']],
    ['Top with 3 tbsp finely grated parmesan.', ['Parmesan goes in, not listed.']],
    ['Bake until firm, then sprinkle with cumin.', ['Cumin goes in, not listed.']],
  ])('%s', (last, wanted) => {
    expect(unlisted(last)).toEqual(wanted);
  });

  it('what the title or the list names in other words is there', () => {
    expect(unlisted('Stir in the mustard.', 'Mustard buns')).toEqual([]);
    expect(saidOf(`${dough}\n1 lemon`, `${mix}\nAdd the lemon wedges.`)).toEqual([]);
    expect(saidOf(`${dough}\n200 g redcurrants`, `${mix}\nStir in the currants.`)).toEqual([]);
    // A line that was not understood names it.
    expect(
      saidOf(
        `The same weight of butter and mustard as of all the other things, weighed in their shells\n${dough}`,
        `${mix}\nStir in the mustard.`,
      ),
    ).toEqual([]);
  });
});
