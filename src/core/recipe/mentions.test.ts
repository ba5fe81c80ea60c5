import { describe, expect, it } from 'vitest';
import { itemCalled } from '../ingredients';
import { Mentions } from './mentions';

/** Names of lines, with “part: ” before those of a part. */
const linesOf = (names: readonly string[]) =>
  names.map((one) => {
    const [section, name] = one.includes(': ') ? one.split(': ') : ['', one];
    return { name: name!, section: section!, item: itemCalled(name!) };
  });

const list = ['strong white flour', 'caster sugar', 'icing sugar', 'butter', 'eggs', 'lemon', 'whole milk'];
const uses = (sentence: string, names: readonly string[] = list, section = '') =>
  new Mentions(linesOf(names), 'en').in(sentence, section).uses.map((i) => names[i]);

describe('which lines a sentence names', () => {
  it.each<[string, string[]]>([
    ['Rub the butter into the strong white flour.', ['strong white flour', 'butter']],
    ['Add the white flour.', ['strong white flour']],
    ['Add the flour.', ['strong white flour']],
    ['Add the caster sugar.', ['caster sugar']],
    ['Add the sugar.', ['caster sugar', 'icing sugar']],
    ['Add the egg yolks.', ['eggs']],
    ['Add the lemon juice.', ['lemon']],
    ['Add the zest.', []],
    ['Add the milk, then the eggs.', ['eggs', 'whole milk']],
    ['Warm it through.', []],
    // A comma ends a name.
    ['Add the butter, eggs and lemon.', ['butter', 'eggs', 'lemon']],
    ['Mix everything.', list],
    ['Mix everything but the butter.', list.filter((one) => one !== 'butter')],
    ['Melt the butter. Mix everything but the butter.', list],
  ])('%s', (sentence, wanted) => {
    expect(uses(sentence)).toEqual(wanted);
  });

  it('a name of several words is its own line, one of its words can be any', () => {
    const two = ['plain flour', 'rice flour', 'rice'];
    expect(uses('Sift the plain flour.', two)).toEqual(['plain flour']);
    expect(uses('Sift the flour.', two)).toEqual(['plain flour', 'rice flour']);
    expect(uses('Boil the rice.', two)).toEqual(['rice']);
    // A line called by its whole name elsewhere is not what the bare word means.
    const learnt = new Mentions(linesOf(two), 'en');
    learnt.learn(['Sift the rice flour.']);
    expect(learnt.in('Sift the flour.', '').uses).toEqual([0]);
  });

  it('of two parts the one at hand, or the one the rest is of', () => {
    const parts = ['cake: sugar', 'cake: eggs', 'icing: sugar', 'icing: butter'];
    expect(uses('Add the sugar.', parts, 'icing')).toEqual(['icing: sugar']);
    expect(uses('Add the sugar.', parts)).toEqual(['cake: sugar', 'icing: sugar']);
    expect(uses('Mix sugar and eggs.', parts)).toEqual(['cake: sugar', 'cake: eggs']);
    expect(uses('Mix sugar, eggs and butter.', parts)).toEqual(parts);
    expect(uses('Mix the icing ingredients.', parts)).toEqual(['icing: sugar', 'icing: butter']);
  });

  it('kinds of thing mean all that are of it', () => {
    const tray = ['carrots', 'courgettes', 'olive oil', 'salmon fillets'];
    expect(uses('Roast the vegetables.', tray)).toEqual(['carrots', 'courgettes']);
    expect(uses('Lay the fish on top.', tray)).toEqual(['salmon fillets']);
    expect(uses('Season the carrots.', ['carrots', 'salt', 'black pepper'])).toEqual([
      'carrots',
      'salt',
      'black pepper',
    ]);
    expect(uses('Mix the dry ingredients.', ['plain flour', 'milk', 'caster sugar', 'eggs'])).toEqual([
      'plain flour',
      'caster sugar',
    ]);
    expect(uses('Mix the wet ingredients.', ['plain flour', 'milk', 'caster sugar', 'eggs'])).toEqual([
      'milk',
      'eggs',
    ]);
    expect(uses('Stir into the dry ingredients.', ['plain flour', 'milk'])).toEqual([]);
  });

  it('what is on no line is told, with its words and place; kin of a line is that line', () => {
    const said = (sentence: string, names: readonly string[]) =>
      new Mentions(linesOf(names), 'en')
        .in(sentence, '')
        .others.map(({ item, words, from }) => [item.id, words, from]);
    expect(said('Add the mustard and the butter.', ['butter'])).toEqual([['mustard', 'mustard', 8]]);
    expect(said('Add the sugar.', ['caster sugar'])).toEqual([]);
    expect(said('Dust with icing sugar.', ['caster sugar'])).toEqual([['icing-sugar', 'icing sugar', 10]]);
    expect(said('Beat in the yolks.', ['egg yolks'])).toEqual([]);
    expect(said('Add honey, mustard.', [])).toEqual([
      ['honey', 'honey', 4],
      ['mustard', 'mustard', 11],
    ]);
  });

  it('places are where a name stands', () => {
    const sentence = 'Melt the butter; add caster sugar.';
    const { places, loosely } = new Mentions(linesOf(list), 'en').in(sentence, '');
    expect(places.map(({ lines, from, to }) => [sentence.slice(from, to), lines])).toEqual([
      ['butter', [3]],
      ['caster sugar', [1]],
    ]);
    expect(loosely).toEqual([3]);
  });

  it('in another language a name is read by its words', () => {
    const de = new Mentions(
      ['Mehl', 'Zucker', 'Butter'].map((name) => ({ name, section: '', item: undefined })),
      'de',
    );
    expect(de.in('Zucker und Butter schaumig rühren.', '')).toMatchObject({ uses: [1, 2], others: [] });
    expect(de.in('Mehl sieben.', '').loosely).toEqual([0]);
    const fr = new Mentions([{ name: 'huile d’olive', section: '', item: itemCalled('olive oil') }], 'fr');
    expect(fr.in("Verser l'huile.", '').uses).toEqual([0]);
  });
});
