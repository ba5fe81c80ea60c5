import { describe, expect, it } from 'vitest';
import { headingOf, piecesOfTitle, tellsMassMade, timesTold, yieldOf } from './headings';

describe('headings', () => {
  const read = (line: string) => {
    const found = headingOf(line);
    return found && [found.kind, found.kind === 'section' ? found.name : '', found.rest];
  };
  it.each<[string, string[] | null]>([
    ['Ingredients', ['ingredients', '', '']],
    ['**Ingredients**', ['ingredients', '', '']],
    ['Ingredients: 200 g flour', ['ingredients', '', '200 g flour']],
    ['Ingredients (serves 4)', ['ingredients', '', '']],
    ['Ingredients for 4 people:', ['ingredients', '', '']],
    ["You'll need: 2 eggs", ['ingredients', '', '2 eggs']],
    ['You will need 2 eggs', ['ingredients', '', '2 eggs']],
    ['Zutaten für 4 Personen', ['ingredients', '', '']],
    ['Method', ['method', '', '']],
    ['Method: mix all', ['method', '', 'mix all']],
    ['Preparación', ['method', '', '']],
    ['Steps to success', null],
    ['Day 2', ['section', 'day 2', '']],
    ['Days 2 to 5: 50 g flour', ['section', 'days 2 to 5', '50 g flour']],
    ['strong flour, plain flour: 100 g of each', null],
    ['Stage 1:', ['section', 'stage 1', '']],
    ['A - classic', ['section', 'a', '']],
    ['Reagents (per pair)', ['ingredients', '', '']],
    ['Apparatus: white tiles', ['notes', '', 'white tiles']],
    ['Sugar: 140 g', null],
    ['Starter: 200 ml from the last batch', null],
    ['Step 2', null],
    ['Tips:', ['notes', '', '']],
    ['Storage: in a tin', ['notes', '', 'in a tin']],
    ['For the glaze:', ['section', 'glaze', '']],
    ['For the glaze', ['section', 'glaze', '']],
    ['Glaze: 50 g sugar', ['section', 'glaze', '50 g sugar']],
    ['Pour la pâte', ['section', 'pâte', '']],
    ['To serve', ['section', 'serve', '']],
    ['For 200 g of it', null],
    ['Glaze', null],
    ['A line with far too many words before its mark: this', null],
    ['ab: this', null],
  ])('%s', (line, wanted) => {
    expect(read(line)).toEqual(wanted);
  });
});

describe('how many it makes', () => {
  const read = (text: string) => {
    const found = yieldOf(text);
    return found && [found.kind, found.count, found.high, found.what, found.eachG];
  };
  it.each<[string, (string | number | null)[] | null]>([
    ['Makes 12', ['makes', 12, null, '', null]],
    ['Makes about 24 biscuits', ['makes', 24, null, 'biscuits', null]],
    ['Makes 8-10 small buns', ['makes', 8, 10, 'buns', null]],
    ['Makes 2 dozen', ['makes', 24, null, '', null]],
    ['Makes half a dozen', ['makes', 6, null, '', null]],
    ['Makes a dozen', ['makes', 12, null, '', null]],
    ['Makes 30 (50 g each)', ['makes', 30, null, '', 50]],
    ['Makes 12 of 62,5 g', ['makes', 12, null, '', 62.5]],
    ['Makes 400 g', null],
    ['Serves 4', ['serves', 4, null, '', null]],
    ['Serves 4 to 6', ['serves', 4, 6, '', null]],
    ['4 servings', ['serves', 4, null, '', null]],
    ['Für 4 Personen', ['serves', 4, null, '', null]],
    ['Rice for two', ['serves', 2, null, '', null]],
    ['Rice for 3 people', ['serves', 3, null, '', null]],
    ['Rice', null],
  ])('%s', (text, wanted) => {
    expect(read(text)).toEqual(wanted);
  });

  it.each<[string, (string | number)[] | null]>([
    ['Chewy bars: 16 squares', ['makes', 16, 'squares']],
    ['Slab, cut into 20 large bars', ['makes', 20, 'bars']],
    ['12 seeded rolls', ['makes', 12, 'rolls']],
    ['Stew: 6 portions', ['serves', 6, 'portions']],
    ['Flat cakes (12 small)', ['makes', 12, 'small']],
    ['12 angry men', null],
    ['Three layers', null],
  ])('title %s', (title, wanted) => {
    const found = piecesOfTitle(title);
    expect(found && [found.kind, found.count, found.what]).toEqual(wanted);
  });

  it('a mass that comes of it is told from pieces', () => {
    const told = ['Makes about 450 g', 'Makes 500 ml', 'Yield: 2 lb of jam.', 'Makes 12', 'Makes 12 l bags'];
    expect(told.filter(tellsMassMade)).toEqual(told.slice(0, 3));
    expect(tellsMassMade('The whole of this long list makes 500 ml')).toBe(false);
  });
});

describe('times at the head', () => {
  it.each<[string, string[][]]>([
    ['Prep: 10 minutes', [['prep', '10 minutes']]],
    ['Cooking time 40 min', [['cook', '40 min']]],
    ['Total: 1 h 20 min', [['total', '1 h 20 min']]],
    ['Ready in 45 minutes', [['total', '45 minutes']]],
    [
      'Prep: 10 min | Cook: 20 min',
      [
        ['prep', '10 min'],
        ['cook', '20 min'],
      ],
    ],
    [
      'Prep 15 mins, cook 50 mins',
      [
        ['prep', '15 mins'],
        ['cook', '50 mins'],
      ],
    ],
    ['Baking 25 min + cooling', [['cook', '25 min']]],
    ['Total 2 hours', [['total', '2 hours']]],
    ['Cook 50 mins, then stir', []],
    ['Cook the rice for 10 min', []],
  ])('%s', (text, wanted) => {
    expect(timesTold(text).map(({ what, said }) => [what, said])).toEqual(wanted);
  });

  it('a bare one is only told at the head', () => {
    expect(timesTold('Cook 50 mins', false)).toEqual([]);
    expect(timesTold('Cook: 50 mins', false)).toHaveLength(1);
  });
});
