import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allergens, allergenSentence, allergensOf, allergensOfList, ingredientItems } from '.';
import { foodsOne } from './testing/foods-one';
import { foodsTwo } from './testing/foods-two';

/*
 * name | allergens it must speak of (UK and EU) | allergens it may speak of as well.
 * First the annex itself: Regulation (EU) 1169/2011, annex II, entry by entry, with its Latin names and exceptions.
 * Then common foods, by what their usual recipes hold (common practice) and E numbers by Regulation (EC) 1333/2008.
 */
const annex = `
wheat | gluten
spelt | gluten
khorasan wheat | gluten
rye | gluten
barley | gluten
oats | gluten
wheat-based glucose syrups including dextrose |
wheat based maltodextrins |
glucose syrups based on barley |
crustaceans | crustaceans | fish,molluscs
eggs | eggs
fish | fish
fish gelatine | fish
isinglass | fish
peanuts | peanuts | nuts
soybeans | soya | gluten
fully refined soybean oil |
natural mixed tocopherols (E306) |
milk | milk
lactose | milk
whey | milk
lactitol |
almonds (Amygdalus communis L.) | nuts
hazelnuts (Corylus avellana) | nuts
walnuts (Juglans regia) | nuts
cashews (Anacardium occidentale) | nuts
pecan nuts (Carya illinoinensis (Wangenh.) K. Koch) | nuts
Brazil nuts (Bertholletia excelsa) | nuts
pistachio nuts (Pistacia vera) | nuts
macadamia or Queensland nuts (Macadamia ternifolia) | nuts
celery | celery
mustard | mustard | gluten,sulphites
sesame seeds | sesame
sulphur dioxide | sulphites
sulphites | sulphites
lupin | lupin
molluscs | molluscs | fish,crustaceans
Juglans regia | nuts
Anacardium occidentale | nuts
Bertholletia excelsa | nuts
Pistacia vera | nuts
Macadamia ternifolia | nuts
E220 | sulphites
E221 | sulphites
E222 | sulphites
E223 | sulphites
E 224 | sulphites
E226 | sulphites
E-227 | sulphites
E228 | sulphites
sodium metabisulphite | sulphites
potassium metabisulfite | sulphites
E322 | | soya,eggs
emulsifier (soya lecithin) | soya
E1105 | eggs
lysozyme | eggs
E426 | soya
E966 |
E330 |
E471 |
E150d | | sulphites
`;

const cases = `${annex}${foodsOne}${foodsTwo}`
  .split('\n')
  .filter((line) => line.trim() !== '')
  .map((line) => {
    const [name, must = '', may = ''] = line.split('|').map((part) => part.trim());
    const ids = (text: string) => text.split(',').filter((id) => id !== '');
    return { name: name!, must: ids(must), may: ids(may) };
  });

describe('allergens told by names', () => {
  it('the laws’ lists have 14 and 9 entries (EU 1169/2011 annex II; FALCPA with sesame)', () => {
    expect(allergens.filter((one) => one.ukEu)).toHaveLength(14);
    expect(allergens.filter((one) => one.us)).toHaveLength(9);
    expect(cases.length).toBeGreaterThanOrEqual(250);
  });

  it.each(cases)('$name: none of $must is missed, all words known', ({ name, must }) => {
    const { contains, oftenContains, unknown } = allergensOf(name);
    for (const id of must) expect(contains, `${name} contains ${id}`).toContain(id);
    expect(unknown, name).toEqual([]);
    expect(oftenContains.filter((id) => contains.includes(id))).toEqual([]);
  });

  it('at most 2 % say “contains” or “often contains” of something else', () => {
    const wrong = cases.flatMap(({ name, must, may }) => {
      const { contains, oftenContains } = allergensOf(name);
      const extra = [
        ...contains.filter((id) => !must.includes(id)).filter((id) => !may.includes(id)),
        ...oftenContains.filter((id) => !may.includes(id) && !must.includes(id)),
      ];
      const missed = may.filter(
        (id) => must.length === 0 && ![...contains, ...oftenContains].includes(id as never),
      );
      return extra.length + missed.length > 0 ? [`${name}: ${extra.join()} / ${missed.join()}`] : [];
    });
    expect(wrong.length / cases.length, wrong.join('\n')).toBeLessThanOrEqual(0.02);
  });

  it('US law: wheat and not gluten, pine nuts are nuts, no celery, mustard, sulphites, lupin, molluscs', () => {
    const us = (name: string) => allergensOf(name, 'us').contains;
    expect(us('plain flour')).toEqual(['wheat']);
    expect(us('pearl barley')).toEqual([]);
    expect(us('rye bread')).toEqual([]);
    expect(us('pine nuts')).toEqual(['nuts']);
    expect(us('coconut')).toEqual([]);
    expect(us('soy sauce')).toEqual(['wheat', 'soya']);
    for (const name of ['celery', 'mustard', 'white wine', 'lupin flour', 'mussels'])
      expect(us(name)).toEqual([]);
  });

  it('what is said to be left out is left out, what may be in it is said', () => {
    expect(allergensOf('biscuits, may contain traces of peanuts').oftenContains).toContain('peanuts');
    expect(allergensOf('granola, no nuts or milk')).toMatchObject({
      contains: ['gluten'],
      oftenContains: ['soya'],
    });
    expect(allergensOf('bread free from gluten').contains).toEqual([]);
    expect(allergensOf('non-dairy creamer').oftenContains).toEqual(['milk']);
    expect(allergensOf('vegan pancakes').contains).toEqual(['gluten']);
  });

  it('an unknown word is said, and is never “none”', () => {
    const found = allergensOfList('plain flour\nzorgle; 2 eggs', 'uk-eu');
    expect(found).toMatchObject({ contains: ['gluten', 'eggs'], unknown: ['zorgle'] });
    expect(allergenSentence(found)).toBe(
      'Contains cereals with gluten and eggs. Not known here, so it can’t be told: zorgle.',
    );
    expect(allergenSentence(allergensOfList('salt, water', 'uk-eu'))).toBe(
      'None that these names give away; the label decides.',
    );
  });

  it('plural, capitals, amounts, order and hyphens change nothing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ingredientItems),
        fc.nat(),
        fc.constantFrom('', '2 large ', '250 g ', 'about 3 ', '1 cup of '),
        fc.boolean(),
        (item, index, before, loud) => {
          const name = item.names[index % item.names.length]!;
          const plain = allergensOf(name);
          const said = `${before}${loud ? name.toUpperCase() : name.replaceAll('-', ' ')}`;
          expect({ ...allergensOf(said), unknown: [] }, said).toEqual({ ...plain, unknown: [] });
        },
      ),
      { numRuns: 1500 },
    );
  });
});

describe('what is said of a list', () => {
  it('contained, often contained and unknown, each in its own sentence', () => {
    const said = (list: string) => allergenSentence(allergensOfList(list, 'uk-eu'));
    expect(said('butter')).toBe('Contains milk.');
    expect(said('margarine')).toMatch(/^Often contains .*milk.*: read the label\.$/);
    expect(said('butter, margarine')).toMatch(/^Contains milk\. Often contains soya: read the label\.$/);
    expect(said('dragonwort')).toBe('Not known here, so it can’t be told: dragonwort.');
    expect(said('salt')).toBe('None that these names give away; the label decides.');
  });

  it('empty places of a list are nothing, and “non-dairy” leaves milk out but for creamers', () => {
    expect(allergensOfList(' , butter;; \n salt,', 'uk-eu').each.map((one) => one.name)).toEqual([
      'butter',
      'salt',
    ]);
    expect(allergensOf('non-dairy spread').contains).not.toContain('milk');
    expect(allergensOf('non-dairy milk').contains).not.toContain('milk');
    expect(allergensOf('non-dairy creamer').oftenContains).toContain('milk');
  });
});
