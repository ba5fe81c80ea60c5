import { itemOf } from '../batch';
import { idsIn, isRice, itemCalled, kindsOf, usedIn, type IngredientItem } from '../ingredients';
import type { Ingredient, Plan } from '../practical';

/** Hot enough to drive nearly all water off, °C. */
const drySyrupC = 115;
/** Of animals, and cooked when it is bought. */
const rendered = /gelatine|lard|suet/;

type Named = Pick<Ingredient, 'item' | 'name'>;
/** A line of a batch with its mass, g; null where nobody knows it. */
export type Weighed = Named & { grams: number | null };

/** Whether raw meat, fish or shellfish is in a batch. */
export const hasFlesh = (formula: readonly Named[]): boolean =>
  formula.some((line) => {
    const item = itemOf(line);
    return item !== undefined && /^(?:meat|fish|shellfish)$/.test(item.origin) && !rendered.test(item.family);
  });

/** Rice that no table knows; flour, noodles, drinks and crisped rice are no cooked rice. */
const riceSaid =
  /\brice\b(?!\s+(?:flour|noodles?|paper|vermicelli|sticks?|vinegar|milk|drink|syrup|wine|cakes?|bran|cri|cereal))/i;

/** Whether rice is: cooked, it is kept the shortest. */
export const hasRice = (formula: readonly Named[]): boolean =>
  formula.some((line) => {
    const item = itemOf(line);
    return item ? isRice(item) : riceSaid.test(line.name);
  });

/** Moist, and what it goes into keeps by the flour around it: eggs, what is poured, vegetables that are grated in. */
const boundByFlour = idsIn(`
  milk skimmed-milk buttermilk kefir yoghurt evaporated-milk egg egg-white egg-yolk soya-milk oat-milk almond-milk
  rice-milk coconut-milk carrot courgette beetroot parsnip sweet-potato butternut-squash`);
/** Moist, and of no account for how long it keeps: water, what is sour, strong or a trace, and what makes it rise. */
const moistAndSafe = idsIn(`
  water ice sparkling-water coconut-water fresh-yeast sourdough-starter vinegar malt-vinegar cider-vinegar
  bottled-lemon-juice lemon-juice orange-juice apple-juice coffee tea wine beer cider rum spirits amaretto vanilla
  rose-water sugar-syrup herbs parsley basil mint thyme coriander-leaf elderflower ginger garlic chilli
  sun-dried-tomato dehydrated-potato curry-powder zaatar saffron mixed-spice star-anise`);
const fruit = idsIn(`
  apple pear banana orange lemon lime grapefruit clementine pineapple tropical-fruit cherry strawberry raspberry
  blueberry blackberry cranberry plum peach apricot grape rhubarb fig mango kiwi passion-fruit`);
/** Shelves of dry things. */
const dryShelves = idsIn('flours sugars leavening-and-setting nuts-seeds-meat-fish dairy-and-eggs');
const oftenDry = 40;

/** What a line does to how long a bake keeps: nothing, something that flour must bind, or it must be kept cold. */
type Moisture = 'none' | 'bound by flour' | 'cold';

/** Sugar of a batch that is boiled to a sweet, by mass at least (common practice: half, and a third with cream). */
const sweetShare = 0.4;

/** Whether a batch is mostly sugar. */
export function sweetensMost(lines: readonly Weighed[]): boolean {
  const sum = (of: readonly Weighed[]) => of.reduce((all, { grams }) => all + (grams ?? 0), 0);
  const share = (line: Weighed) => itemOf(line)?.syrupShare ?? 0;
  const sugar = lines.reduce((all, line) => all + (line.grams ?? 0) * share(line), 0);
  return sugar > 0 && sugar >= sweetShare * sum(lines);
}

/** Of what is not known whole, or not known to keep, nothing is said but: cold. */
function moistureOf(line: Named): Moisture {
  const item = line.item === null ? itemCalled(line.name) : itemOf(line);
  if (!item || item.shelf === 'dishes' || isRice(item)) return 'cold';
  if (rendered.test(item.family) || moistAndSafe.has(item.id) || fruit.has(item.id)) return 'none';
  if (boundByFlour.has(item.id)) return 'bound by flour';
  if (/^(?:meat|fish|shellfish)$/.test(item.origin)) return 'cold';
  if (kindsOf(item).some((kind) => kind === 'cheese' || kind === 'pulse' || kind === 'bean')) return 'cold';
  const animal = item.contains.some((mark) => mark === 'milk' || mark === 'eggs');
  if (item.waterPercent === null) return !animal && dryShelves.has(item.shelf) ? 'none' : 'cold';
  return item.waterPercent <= (animal ? oftenDry / 2 : oftenDry) ? 'none' : 'cold';
}

/** Bakes that keep outside the cold though egg or milk is in them, by name (common practice). */
const keepsByName =
  /\b(?:scones?|biscuits?|cookies|crackers?|shortbreads?|breads?|bread rolls|buns?|loa(?:f|ves)|bagels?|brioches?|sponges?|(?:cup|tea|short|fairy )?cakes?|muffins?|madeleines?|gingerbread|flapjacks?|brownies?|blondies?|pretzels?|crispbreads?|focaccia|ciabatta|naans?|baguettes?|rusks?|biscotti|macaroons?|oatcakes?)\b/i;
/** What makes something else of such a name. */
const namedMoist =
  /\b(?:puddings?|tarts?|tartlets?|pies?|flans?|quiches?|pasty|pasties|cheese\w*|custards?|creams?(?! of tartar)|crèmes?|curds?|ganache|mousses?|trifles?|mascarpone|ricotta|quark|pastry cases?|filled|fillings?|stuff\w*|sandwich\w*|layers?)\b/i;
/** What makes such a thing in a step: tins and cases may be filled. */
const madeMoist =
  /\b(?:custards?|ganache|pastry cases?|stuff(?:ed|ing)?|sandwich(?:ed)?(?! (?:tins?|pans?))|with (?:the )?(?:pastry|dough)|fill(?:ed|ing)?(?!(?: the| each| your)? (?:\w+ )?(?:tins?|cases?|moulds?|pans?|cups?|trays?|holes?|jugs?|bowls?|cylinders?)\b))\b/i;
/** Water of egg, milk and vegetables to a gram of flour in cakes and breads at most; a custard or a pie has more, g. */
const mostBound = 1.6;

const isFlour = (item: IngredientItem | undefined) =>
  item?.shelf === 'flours' && /flour|oat|semolina|polenta|cornmeal|bran|meal/.test(item.id);

/** Whether sugar has browned, or snaps. */
export const ambers = (text: string): boolean =>
  /\b(?:amber|caramelis\w*|carameliz\w*|hard[- ]crack)\b/i.test(text);

/** Something is baked: no powder, tin or paper for it, and not *unbaked*. */
const bakes =
  /(?<!\b(?:no|not|never|without|un|half|part|pre)[- ]?|n['’]t )bak(?:e[ds]?|ing)\b(?!\s*(?:powder|soda|sheet|tray|paper|parchment|tin|dish|beans|stone|steel|blind)s?\b)/i;

export const bakesIn = (text: string): boolean => bakes.test(text);

/** Whether what flour must bind is bound by it: little enough, and in the dough before it is baked. */
function bound(plan: Pick<Plan, 'title' | 'steps'>, lines: readonly Weighed[]): boolean {
  const moist = lines.filter((line) => moistureOf(line) === 'bound by flour');
  if (moist.length === 0) return true;
  if (!keepsByName.test(plan.title) || namedMoist.test(plan.title)) return false;
  const sum = (of: readonly Weighed[], share: (item: IngredientItem | undefined) => number) =>
    of.reduce((all, line) => all + (line.grams ?? Number.NaN) * share(itemOf(line)), 0);
  const water = sum(moist, (item) => (item?.waterPercent ?? 100) / 100);
  const flour = sum(
    lines.filter((line) => isFlour(itemOf(line))),
    () => 1,
  );
  return water / flour <= mostBound;
}

/** Whether something moist comes to it when it has been in the oven. */
function filledAfter({ steps }: Pick<Plan, 'steps'>, lines: readonly Named[]): boolean {
  const first = steps.findIndex(({ text }) => bakes.test(text));
  const names = lines.map(({ name }) => name);
  return steps.slice(first + 1).some(({ text }) =>
    usedIn(text, names).some((used, i) => {
      const item = used ? itemOf(lines[i]!) : undefined;
      return item !== undefined && (item.waterPercent ?? 0) > oftenDry && item.family !== 'water';
    }),
  );
}

/**
 * Bread and cake that is baked through with nothing moist in it, and sweets boiled hard: they keep outside the cold. Said
 * only where every line is known whole, and each does nothing to it or is bound by flour; what nobody understands is cold.
 */
export function staysDry(
  plan: Pick<Plan, 'title' | 'steps' | 'factors' | 'thermometers'>,
  lines: readonly Weighed[],
): boolean {
  if (lines.length === 0 || lines.some((line) => moistureOf(line) === 'cold')) return false;
  if (lines.some(({ name }) => namedMoist.test(name)) || plan.steps.some(({ text }) => madeMoist.test(text)))
    return false;
  if (lines.some((line) => isFlour(itemOf(line))) && plan.steps.some(({ text }) => bakes.test(text)))
    return bound(plan, lines) && !filledAfter(plan, lines);
  // Of several levels the coolest: that station’s is the softest.
  const levels = plan.factors.flatMap(({ acts, levels: each }) =>
    acts.on === 'end-temperature' ? each.map(({ value }) => value ?? 0) : [],
  );
  const ends = plan.steps.flatMap((step) =>
    step.ends.map((end) => (end.kind === 'temperature' ? (end.celsius ?? 0) : 0)),
  );
  const boiledToC = levels.length > 0 ? Math.min(...levels) : Math.max(0, ...ends);
  const unboiled = lines.some((line) => {
    const item = itemOf(line);
    return item?.family === 'egg' || (item?.shelf === 'fruit-and-vegetables' && !moistAndSafe.has(item.id));
  });
  if (unboiled) return false;
  if (plan.thermometers.some((one) => one.in === 'syrup') && boiledToC >= drySyrupC) return true;
  // Without a thermometer: amber is far beyond. What is poured into it later would make it a sauce.
  const plain = lines.every((line) => moistureOf(line) === 'none');
  return plain && sweetensMost(lines) && boiledToC === 0 && plan.steps.some(({ text }) => ambers(text));
}
