import type { Source } from '../working';
import { likelyItem } from './find';
import { itemById } from './items';

/** One thing for another, with what it does to the result. */
export interface Substitute {
  /** Item it stands in for, and the item that does. */
  from: string;
  to: string;
  /** Grams of the substitute for a gram. */
  gramsPerGram: number;
  /** What goes with it, for 100 g: item and grams; negative is left out. */
  also: readonly { item: string; per100G: number }[];
  consequence: string;
}

export const substitutesSource: Source = {
  kind: 'common-practice',
  text: 'Substitutions as kitchens make them; the amounts balance the acid, fat, water or gelling power they replace',
};

/** from | to | grams for a gram | also, for 100 g | what it does. */
const rows = `
self-raising-flour | plain-flour | .967 | baking-powder 3.3 | the same rise if mixed in well
plain-flour | self-raising-flour | 1 | baking-powder -3.3 | rises where it was not meant to, unless powder is left out
plain-flour | spelt-flour | 1 | | a softer, crumblier crumb; still wheat
plain-flour | gluten-free-flour | 1 | gums 1 | less stretch and a drier crumb; by mass, never by the cup; try a batch first
strong-flour | plain-flour | 1 | | less gluten: a flatter, softer loaf
caster-sugar | granulated-sugar | 1 | | dissolves more slowly, creams less air
granulated-sugar | caster-sugar | 1 | | dissolves sooner
brown-sugar | granulated-sugar | .96 | treacle 4 | the same colour and damp if mixed in well
icing-sugar | caster-sugar | 1 | | grainy unless ground; no starch in it
caster-sugar | honey | .8 | water -17 | browns sooner, stays moister, more acid
honey | golden-syrup | 1 | | as sweet, milder, browns a little later
golden-syrup | glucose-syrup | 1 | | less sweet, paler, hinders crystals as well
glucose-syrup | golden-syrup | 1 | | sweeter, browner, hinders crystals as well
maple-syrup | honey | .85 | water 15 | thicker, browns sooner
treacle | golden-syrup | 1 | | paler and milder
butter | margarine | 1.1 | | more water, less flavour; a spread below 70 % fat does not cream
butter | oil | .82 | water 16 | no air creamed in, no flavour of butter, softer when cold
butter | vegan-butter | 1.07 | | less browning: no milk protein
milk | soya-milk | 1 | | browns a little more, curdles with acid; soya
milk | oat-milk | 1 | | sweeter; gluten; does not set a custard as firmly
milk | water | 1 | | paler crust, leaner taste
milk | evaporated-milk | .5 | water 50 | the same once thinned, cooked taste
buttermilk | milk | .89 | lemon-juice 11 | as sour, less thick; let it stand 10 min
buttermilk | yoghurt | .8 | milk 20 | as sour, thicker
buttermilk | kefir | 1 | | as sour, thinner, slightly yeasty
yoghurt | buttermilk | 1.2 | | as sour, thinner: leave out other liquid to match
yoghurt | soured-cream | 1 | | about three fifths as sour: less gas from soda; much more fat
soured-cream | yoghurt | .6 | double-cream 40 | as sour, a little thinner
double-cream | whipping-cream | 1 | | less fat: softer foam, splits less
double-cream | milk | .45 | butter 55 | does not whip
egg | egg-white | 1 | | no yolk: less rich, less colour, no emulsifier
egg | linseed | .2 | water 80 | binds, does not set or lift
egg | soya-flour | .2 | water 80 | binds and browns, does not lift; soya
egg-white | egg-replacer | 1 | | a foam that does not set as firmly
baking-powder | bicarbonate-of-soda | .25 | cream-of-tartar 55 | the same gas, all of it at once
bicarbonate-of-soda | baking-powder | 4 | | as much gas, but neither alkaline nor browner; more salt
cream-of-tartar | lemon-juice | 6.9 | water -630 | as acid; wetter, tastes of lemon
cream-of-tartar | citric-acid | .34 | | as acid; sharper, works at once
lemon-juice | vinegar | .94 | | as acid, another flavour
vinegar | lemon-juice | 1.07 | | as acid, another flavour
citric-acid | lemon-juice | 20 | | as acid; mostly water
citric-acid | cream-of-tartar | 2.94 | | as acid; dissolves slowly in the cold
fresh-yeast | dried-yeast | .333 | | the same rise; goes straight into the flour
dried-yeast | fresh-yeast | 3 | | the same rise; crumble it into the liquid
gelatine | agar | .3 | | firmer, brittle, does not melt in the mouth; must boil
agar | gelatine | 3.3 | | softer, melts in a warm room; must not boil; not vegetarian
cornflour | plain-flour | 2 | | opaque, tastes of flour unless cooked out; gluten
cornflour | potato-starch | .75 | | clearer, thins if it boils
cornflour | arrowroot | 1 | | clear, thins on long cooking
plain-flour | cornflour | .5 | | to thicken only: clear, no taste of flour, thins with acid
pectin | jam-sugar | 90 | | sugar that brings its own pectin: leave out as much sugar
cocoa | dark-chocolate | 1.75 | butter -35 | more fat and sugar
dark-chocolate | cocoa | .57 | butter 25 | less sweet, no snap
almond | sunflower-seed | 1 | | no tree nuts; may turn green with soda
peanut-butter | sesame-seed | 1 | | as tahini; sesame instead of peanuts
soy-sauce | tamari | 1 | | little or no wheat: read the label
fish-sauce | soy-sauce | 1 | | soya and wheat instead of fish
stock | water | 1 | salt .8 | no celery, less flavour
salt | flake-salt | 1 | | the same by mass; twice as much by the spoon
wine | apple-juice | .95 | vinegar 5 | no alcohol, sweeter
`;

export const substitutes: readonly Substitute[] = rows
  .trim()
  .split('\n')
  .map((line) => {
    const [from, to, ratio, also, consequence] = line.split('|').map((part) => part.trim());
    return {
      from: itemById(from!).id,
      to: itemById(to!).id,
      gramsPerGram: Number(ratio),
      also: also === '' ? [] : [alsoOf(also!)],
      consequence: consequence!,
    };
  });

function alsoOf(text: string) {
  const [item, grams] = text.split(' ');
  return { item: itemById(item!).id, per100G: Number(grams) };
}

/** What can stand in for an ingredient. */
export function substitutesFor(ingredient: string): Substitute[] {
  const item = likelyItem(ingredient);
  return substitutes.filter((one) => one.from === item?.id);
}
