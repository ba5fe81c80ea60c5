import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allergens, allergenSentence, allergensOf, allergensOfList, ingredientItems } from '.';

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
const foods = `
plain flour | gluten
self-raising flour | gluten
strong white bread flour | gluten
wholemeal flour | gluten
all-purpose flour | gluten
semolina | gluten
durum wheat | gluten
couscous | gluten
bulgur wheat | gluten
freekeh | gluten
seitan | gluten
vital wheat gluten | gluten
wheatgerm | gluten
bran flakes | gluten | milk,nuts,soya
malt extract | gluten
malt vinegar | gluten
pearl barley | gluten
rolled oats | gluten
oatmeal | gluten
oat bran | gluten
oat milk | gluten
muesli | gluten | nuts,milk,soya
cornflakes | gluten | nuts,milk,soya
bread | gluten | milk,soya,sesame,eggs
panko | gluten | milk,soya
dried breadcrumbs | gluten | milk,soya
sourdough | gluten | milk,soya,sesame,eggs
baguette | gluten | milk,soya,sesame,eggs
naan | gluten | milk,sesame,eggs
flour tortilla | gluten | milk,soya
croissant | gluten,milk | eggs,nuts,soya
brioche | gluten,milk,eggs | nuts,soya
puff pastry | gluten | milk,soya
filo pastry | gluten | soya
shortcrust pastry | gluten | milk,eggs,soya
pasta | gluten | eggs
spaghetti | gluten | eggs
fresh egg pasta | gluten,eggs
lasagne sheets | gluten | eggs
noodles | gluten | eggs
egg noodles | gluten,eggs
udon noodles | gluten | eggs
ramen | gluten | eggs
digestive biscuits | gluten | milk,soya
shortbread | gluten | milk,eggs,soya,nuts
crackers | gluten | milk,eggs,soya,nuts
sponge fingers | gluten,eggs | milk,soya
cake | gluten,eggs,milk | nuts,soya
pancakes | gluten,eggs,milk | nuts,soya
doughnuts | gluten,eggs,milk | nuts,soya
samosa | gluten | milk,eggs,soya
wonton wrappers | gluten | milk,eggs,soya
beer | gluten | sulphites
stout | gluten | sulphites
yeast extract | gluten | celery
tempura batter | gluten | milk,soya
seasoned flour | gluten
prawns | crustaceans
shrimps | crustaceans
crab meat | crustaceans
lobster | crustaceans | fish,molluscs
crayfish | crustaceans | fish,molluscs
scampi | crustaceans | fish,molluscs
shrimp paste | crustaceans | fish,molluscs
prawn crackers | crustaceans | fish,molluscs
egg white | eggs
egg yolks | eggs
3 whites | eggs
meringue | eggs | milk
mayonnaise | eggs | mustard,milk,celery,sulphites
aioli | eggs | mustard,milk,celery,sulphites
hollandaise sauce | eggs | mustard,milk,celery,sulphites
tartare sauce | eggs | milk,mustard,sulphites
quiche | gluten,eggs,milk | celery,soya,mustard
omelette | eggs
lemon curd | eggs,milk
marzipan | nuts | eggs
royal icing | | eggs,milk,soya
albumen | eggs
salad cream | eggs | mustard,milk,celery,sulphites
cod | fish
haddock fillet | fish
tinned tuna | fish
smoked salmon | fish
anchovies | fish
anchovy paste | fish
fish sauce | fish
nam pla | fish
fish fingers | fish,gluten | milk,eggs,mustard
Worcester-type sauce | fish,gluten | celery,soya,mustard
Worcestershire sauce | fish,gluten | celery,soya,mustard
Caesar dressing | fish,eggs,milk | mustard,gluten
taramasalata | fish
surimi | fish | crustaceans,eggs,gluten,soya
bonito flakes | fish
dashi | fish
kimchi | | fish,crustaceans,soya,gluten
peanut butter | peanuts | soya,nuts
groundnuts | peanuts | nuts
monkey nuts | peanuts | nuts
satay sauce | peanuts | soya,nuts
groundnut oil | peanuts
arachis oil | peanuts
soy sauce | soya,gluten
shoyu | soya,gluten
tamari | soya | gluten
teriyaki sauce | soya,gluten
tofu | soya | gluten
tempeh | soya | gluten
edamame beans | soya | gluten
miso paste | soya | gluten
soya milk | soya
soymilk | soya
soya flour | soya
textured vegetable protein | soya
hoisin sauce | soya | gluten,sesame
black bean sauce | soya | gluten,sesame
butter | milk
unsalted butter | milk
ghee | milk
clarified butter | milk
double cream | milk
crème fraîche | milk
sour cream | milk
buttermilk | milk
yoghurt | milk
Greek yogurt | milk
kefir | milk
skimmed milk powder | milk
condensed milk | milk
evaporated milk | milk
whey powder | milk
sodium caseinate | milk
casein | milk
cheddar | milk
Parmesan | milk | eggs
mozzarella | milk
halloumi | milk
feta | milk
paneer | milk
ricotta | milk
mascarpone | milk
brie | milk
Stilton | milk
Gruyère | milk
quark | milk
cream cheese | milk
goat’s cheese | milk
fromage frais | milk
custard | milk | eggs,gluten
custard powder | | milk,gluten
ice cream | milk | eggs,gluten,nuts,soya
white sauce | milk,gluten
caramel sauce | milk | soya
fudge | milk | soya
milk chocolate | milk,soya | nuts,gluten
white chocolate | milk,soya | nuts,gluten
dark chocolate | | milk,soya,nuts,gluten
chocolate chips | milk,soya | nuts,gluten
hot chocolate powder | milk | soya
margarine | | milk,soya
low-fat spread | | milk,soya
lactose-free milk | milk
goat milk | milk
ground almonds | nuts
flaked almonds | nuts
almond flour | nuts
almond milk | nuts
cashew butter | nuts
cashew cheese | nuts
hazelnut spread | nuts,milk,soya
chocolate hazelnut spread | nuts,milk,soya
praline | nuts | eggs,milk,soya
nougat | nuts | eggs,milk,soya
frangipane | nuts,eggs | gluten,milk
amaretti | nuts,eggs | gluten,milk
baklava | nuts,gluten | milk,sesame,peanuts
walnut oil | nuts
pesto | milk | nuts,eggs,soya
chopped mixed nuts | nuts | peanuts
trail mix | nuts | peanuts
pecan pie | nuts
celeriac | celery
celery salt | celery
celery seed | celery
stock cube | celery | gluten,milk,soya,eggs,mustard
vegetable bouillon | celery | gluten,milk,soya,eggs,mustard
bouillon cube | celery | gluten,milk,soya,eggs,mustard
mustard powder | mustard | gluten,sulphites
Dijon mustard | mustard | gluten,sulphites
wholegrain mustard | mustard | gluten,sulphites
mustard seeds | mustard | gluten,sulphites
curry powder | | mustard,celery,gluten,sesame
Thai green curry paste | | crustaceans,fish,mustard,celery,gluten,milk,soya,nuts,peanuts,sesame
piccalilli | | mustard,sulphites,celery,gluten
tahini | sesame
hummus | sesame | gluten
houmous | sesame | gluten
halva | sesame
sesame oil | sesame
za'atar | sesame | nuts,gluten
dukkah | sesame | nuts,gluten
white wine | sulphites
red wine | sulphites
cider | sulphites
dried apricots | sulphites
glacé cherries | sulphites
mixed peel | sulphites
raisins | | sulphites
wine vinegar | | sulphites
lupin flour | lupin
lupini beans | lupin
mussels | molluscs
oysters | molluscs
squid | molluscs
calamari | molluscs
scallops | molluscs
oyster sauce | molluscs | gluten,soya
squid ink | molluscs | fish,crustaceans
snails | molluscs | fish,crustaceans
clams | molluscs
pork sausages | | gluten,sulphites,milk,soya,mustard,celery,eggs
chorizo | | milk,sulphites,soya,gluten
beefburgers | | gluten,sulphites,soya,eggs,milk
black pudding | | gluten,sulphites,milk,soya,mustard,celery,eggs
haggis | | gluten,sulphites,milk,soya,mustard,celery,eggs
gravy granules | | gluten,milk,soya,celery
tinned tomato soup | | celery,gluten,milk,soya,eggs,mustard
ketchup | | celery,gluten
vegetable suet | gluten
macaroni cheese | milk,gluten | eggs,celery,soya,mustard
liquorice | gluten | soya,milk
gluten-free flour |
gluten-free oats |
gluten-free pasta | | eggs
gluten-free soy sauce | soya
dairy-free spread | | soya,nuts
egg-free mayonnaise | | soya,mustard
nut-free granola | gluten | milk,soya
vegan mayonnaise | | soya,mustard
vegan cheese | | nuts,soya
corn flour |
cornflour |
rice flour |
rice noodles |
chickpea flour |
buckwheat flour |
tapioca starch |
polenta |
coconut | | sulphites
coconut milk | | sulphites
desiccated coconut | | sulphites
nutmeg |
butternut squash |
oyster mushrooms |
chestnut mushrooms |
cream of tartar |
cocoa butter |
cocoa powder |
shea butter |
water chestnuts |
chestnuts |
butter beans |
eggplant |
crab apples |
kidney beans |
pine nuts |
rice milk |
cream crackers | gluten | milk,eggs,soya,nuts
sunflower lecithin |
sunflower seeds |
poppy seeds |
gelatine |
agar |
pectin |
bicarbonate of soda |
baking powder |
dried yeast |
caster sugar |
icing sugar |
golden syrup |
honey |
black treacle |
maple syrup |
vanilla extract |
citric acid |
lemon juice |
distilled vinegar | | sulphites
table salt |
olive oil |
sunflower oil |
lard |
tomatoes |
tomato purée |
potatoes |
carrots |
onions |
garlic cloves |
apples |
pears |
bananas |
pineapple |
strawberries |
lentils |
chickpeas |
sweetcorn |
peas |
spinach |
chicken breast |
minced beef |
turkey mince |
pork loin |
parsley |
ground cinnamon |
turmeric |
ground ginger |
black pepper |
instant coffee |
tea |
tap water |
cake without nuts | gluten,eggs,milk | soya
hollandaise | eggs,milk | sulphites,celery,mustard
haggis | gluten | milk,eggs,mustard,celery,sulphites,soya
fish pie | fish,milk | crustaceans,molluscs,gluten,eggs,mustard,celery
lebkuchen | nuts,gluten,eggs | milk,soya,sulphites
chicken kiev | gluten | milk,eggs,soya,celery,mustard
prawn toast | crustaceans,gluten,sesame | eggs,soya,milk
clam chowder | milk,molluscs | fish,crustaceans,gluten,celery
beef suet | | gluten
asafoetida | | gluten
irish cream liqueur | milk |
porridge | gluten | milk
apple crumble | gluten | milk,nuts
scotch eggs | eggs,gluten | milk,sulphites,soya,mustard
mince pies | gluten | milk,eggs,sulphites,nuts
cous cous | gluten
battered cod | gluten,fish | milk,soya
kedgeree | fish,eggs | milk,mustard,celery
Waldorf salad | celery,nuts,eggs | mustard,milk
`;

const cases = `${annex}${foods}`
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
