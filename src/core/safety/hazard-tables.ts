import { hottest, near, word } from './hazard-words';
import type { HazardId } from './hazards';
import type { Sign } from './sign';

/*
 * What is dangerous by what it is, whatever is done with it: tools and substances as tables, and how hot a thing is named.
 * Asked before any phrase is looked for.
 */

const list = (text: string) =>
  text
    .split(',')
    .map((name) => name.trim())
    .join('|');
const said = (words: string): Sign => {
  const pattern = word(list(words));
  return (sentence) => pattern.test(sentence);
};

/** Something a sentence tells to do: a verb that begins it, or stands after “and”, “to” and the like. */
const does = (verbs: string, objects = '[\\p{L}\\d]+'): Sign => {
  const pattern = new RegExp(
    `(?:^| (?:and|to|or|now|first|next|then|just|please|you|we|they|[\\p{L}]+ly)) (?:${list(verbs)}) (?:(?:off|out|up|down|in|over) )?(?!by hand)${objects}(?![\\p{L}])`,
    'u',
  );
  return (sentence) => pattern.test(sentence);
};
const either =
  (...signs: Sign[]): Sign =>
  (sentence, context) =>
    signs.some((sign) => sign(sentence, context));

const doughs =
  'biscuits?, cookies?, cakes?, pastry, pastries, doughs?, mix, mixture, batters?, scones?, pancakes?, brownies?, pies?, bread, pizzas?, crumble, loaf, loaves, dumplings?, pasta, noodles';
const birdsAndFish =
  'chickens?, ducks?, turkeys?, geese, goose, birds?, poussin, rabbits?, hares?, carcass\\w*, fish, mackerel, trout, salmon, sea bass, bream, hake, cod, plaice, sole, squid, meat, lamb, pork, ham';
/** So hot that a touch burns, °C. */
const burnsC = 65;
const notHot =
  /\b(?:cool\w*|below|under|drops?|falls?|freez\w*|fridge|refrigerat\w*|chill\w*|record\w*|graph|predict\w*|why|question|calculate|convert)\b/u;
const inLiquid = word(
  'water|milk|stock|syrup|sugar|oil|fat|jam|soup|sauce|cream|custard|juice|liquid|bath|caramel|toffee|candy|honey|fudge',
);

const sugarWorked = near(
  'pull|pulls|pulled|pulling|stretch|twist|spin|spun|blow|drizzle|dip|cast|pour',
  'toffee|taffy|humbugs?|candy|candies|boiled sweets|lollipops?|isomalt|brittle|seaside rock|spun sugar|pulled sugar|nougat|praline',
  5,
);
const fleshCut = near(
  'joint|spatchcock|fillet|debone|bone|butcher|quarter|portion|skin|truss|carve|gut|descale|score',
  list(birdsAndFish),
  3,
);
const hotThings = word(
  'heat guns?|hot air guns?|hair ?dryers?|heat lamps?|food warmers?|food dehydrators?|dehydrators?|drying ovens?|soldering irons?|hot irons?|muffin moulds? from the oven|(?:crepe|crêpe|sandwich|waffle|popcorn|omelette|doughnut|pancake|toastie|panini|cupcake|pie) (?:makers?|press(?:es)?|grills?|machines?)|induction hobs?|hot wire|incinerator|pizza stones?|baking stones?|baking steels?|griddles?|girdles?|bakestones?|cast iron|skillets?|waffle irons?|toasters?|toastie makers?|hot ?plates?|heating elements?|electric elements?|kilns?|tandoors?|raclette|plancha|salamanders?|tagines?',
);
const rawDough = word(
  `(?:unbaked|raw|uncooked|half ?baked|underbaked|undercooked|part ?baked) (?:\\w+ )?(?:${list(doughs)})`,
);

/** Verbs that take a blade to what they are done to, and what no kitchen blade is taken to. */
const cutsUp = does(
  'segment, hull, skin, deseed, de-seed, spiralise, spiralize, cube, shave, pare, slit, nick, pierce, prick, spear, chiffonade, brunoise, devein, destone, notch, top and tail, tail, peel and core, saw, hollow, scoop and cut, cleave, crosshatch, butterfly, ribbon, matchstick, incise, lance, stab, puncture, quarter, dismember, section, splay, whittle, bias-cut, baton, snap the bones of',
  '(?!paper|labels?|card|film|string|tape|foil|parchment|the (?:paper|labels?|card|film|string|tape|foil|parchment|skin|data|results?|graph|time|area|class|mixture with)|results?|data)[\\p{L}\\d]+',
);
const byMachine = does(
  'grind, mill, process, whirl, whizz up, shred by machine, mince by machine, extrude, roll through',
  '(?!the (?:data|results?|pictures?|pepper mill)|data|results?|with a pestle|in a mortar)[\\p{L}\\d]+',
);
const byHand = /\b(?:pestle|mortar|rolling pin|by hand)\b/u;
const browns = does(
  'brown, sweat, blister, char, bloom the spices, temper the spices, render, crisp up, baste, toss in the pan',
);
const inPan =
  /\b(?:flip|toss|turn|shake|swirl|tilt|cook)\b(?: [^ ]+){0,5} (?:in|over) (?:the |a |your )?(?:hot |dry )?(?:pan|skillet|wok)\b|\b(?:a|per|each|both|either|second|other|first) sides?\b/u;
const cooksPerSide = /\b(?:cook|fry|grill|sear|brown|minutes?|mins?|min|flip|until golden)\b/u;
const intoFat =
  /\b(?:drop|dip|lower|slide|test|put|add|lift|spoon|ladle|fish|drain)\b(?: [^ ]+){0,8} (?:in|into|from|out of|through) (?:the |some |deep )?(?:hot )?(?:fat|oil|lard)\b/u;
const eggDishes = near(
  'make|makes|making|prepare|whisk|whip|fold|beat|pour|spread|pipe|serve|finish|chill',
  'hollandaise|b[eé]arnaise|mayonnaise|aioli|tiramisu|sabayon|zabaglione|royal icing|carbonara|chocolate mousse|salmon mousse|eggnog|advocaat|semifreddo|parfait|marzipan|lemon curd|meringues?|macarons?|souffl[eé]s?|custard base|caesar dressing|tartare sauce|steak tartare',
  4,
);
const doughWorked = near(
  'knead|stretch|shape|roll|form|fold|divide|press|flatten|plait|braid|pinch|crimp|cut|taste|eat|mix|toss|spin|prove',
  'pizza bases?|naans?|chapatis?|rotis?|tortillas?|gnocchi|bread rolls?|bagels?|pretzels?|dumpling wrappers?|ravioli|tagliatelle|pasta sheets?|flatbreads?|pittas?|parathas?|croissants?|pie crust|tart cases?|shortbread|scones?|doughnuts?|focaccia|brioche|cookies?|gingerbread|biscuit mix',
  4,
);
const toADegree =
  /\b(?:cook|boil|heat|take|bring|keep|stir|reduce)\b(?: [^ ]+){0,3} (?:to|until|at|reaches|reads|past) (?:about |around |exactly )?(?:1[0-7]\d)(?:\.\d)? ?°? ?c\b/u;
const notSugar =
  /\b(?:oven|oil|fat|bake|baking|roast|grill|fry\w*|meat|chicken|autoclave|pressure|dehydrat\w*)\b/u;
const inOven = /\b(?:oven|grill|bake|baking|sugar|toast(?:er)?|salad|dress(?:ed|ing))\b/u;
const boiledSugar = near(
  'make|makes|making|prepare|cook|finish|set|cast|shape|crack|roll|beat|stir|turn out|work',
  'praline|brittle|honeycomb|cinder toffee|toffee|fudge|caramels?|nougat|croquant|dalgona|tanghulu|candy ?floss|butterscotch|hard candy|boiled sweets|lollipops?|isomalt',
  3,
);
const cold = /\b(?:cold|cooled|cool|set|bought|shop|ready made|sauce bottle)\b/u;
const openedFizz = near(
  'open|opens|opening|burp|uncap|uncork|cap|bottle|cork|stopper|seal',
  'ferment\\w*|fizzy|kombucha|kefir|ginger beer|kvass|bottle conditioned|sparkling|champagne|yeast',
  5,
);
const hotStrained = near(
  'strain|drain|sieve|decant|skim|ladle|bottle|pot up|fill',
  'stock|broth|soup|jam|jelly|marmalade|chutney|pasta water|consomm[eé]|bouillon',
  4,
);
const wildPlants = near(
  'collect\\w*|pick\\w*|gather\\w*|found|find|bring|brought|harvest\\w*',
  '(?:from|in|at|along|by|on) (?:the |a |our )?(?:lanes?|outdoors|walk|canal|churchyard|riverside|moors?|dunes|heath|common|towpath|railway|pavement|street|outside|grounds|bushes|trees?)|mushrooms|toadstools',
  8,
);

/** The dangers of the tables. */
export const hazardTables: Readonly<Partial<Record<HazardId, Sign>>> = {
  pressure: either(
    said(
      'canners?, pressure canners?, pressure cookers?, autoclaves?, retorts?, sterili[sz]ers?, siphons?, syphons?, whippers?, chargers?, gas cartridges?, gas cylinders?, gas bottles?, nitrous, nitrous oxide, n2o, aerosols?, kegs?, carbonators?, soda streams?, soda makers?, pressure vessels?, compressed air, compressors?, vacuum (?:pump|chamber|desiccator)s?, airlocks? (?:blocked|closed), (?:high|low|full) pressure, (?:natural|quick|slow) release, vent the (?:lid|cooker|pot|steam), pressure valves?, rocker valve',
    ),
    (sentence) =>
      openedFizz.test(sentence) ||
      /\b\d+(?:\.\d+)? ?(?:psi|kpa|atm|bar (?:pressure|above))\b/u.test(sentence),
  ),
  steam: said(
    'canners?, pressure canners?, steam ovens?, steam wands?, couscoussi[eè]re, steaming baskets?, bamboo (?:baskets?|steamers?), rice cookers?, combi ovens?, wallpaper steamers?, humidifiers?',
  ),
  'hot-liquid': either(
    said(
      'water baths?, sous vide, immersion circulators?, urns?, samovars?, percolators?, coffee machines?, espresso, moka pots?, fondue, jam kettles?, (?:melted|hot|molten) wax, hot glue, slow cookers?',
    ),
    does('poach, blanch, parboil, coddle, scald, simmer, brew, steep, decoct, reboil, reheat, microwave'),
    (sentence) => hotStrained.test(sentence) && !/\b(?:cold|cooled|chilled)\b/u.test(sentence),
  ),
  'hot-oil': either(
    said(
      'tadka, tarka, chaunk, frying pans?, skillets?, woks?, deep fat, confit, flame grill\\w*, fryers?, chip pans?, ghee, dripping',
    ),
    (sentence, context) => browns(sentence, context) && !inOven.test(sentence),
    (sentence) => intoFat.test(sentence) || (inPan.test(sentence) && cooksPerSide.test(sentence)),
  ),
  flame: said(
    'torch, torches, blow ?torch\\w*, blow ?lamps?, gas guns?, burners?, bunsens?, spirit lamps?, alcohol lamps?, tea ?lights?, candles?, firelighters?, lighters?, splints?, camp ?fires?, fire ?pits?, charcoal, barbecues?, naked flames?, crepe suzette, wok burners?, ethanol, methanol, methylated spirits?, meths, ims, propan 2 ol, propanol, isopropyl\\w*, isopropanol, acetone, surgical spirit, white spirit, rubbing alcohol, alcohol gel, hand gel, hand saniti[sz]er, butane, propane, lighter fluid, hexane, petroleum, turpentine, ether, paraffin, flammable\\w*, solvents?, tripods?, gauzes?, set light, set alight, alight, ablaze, smoulder\\w*, turn (?:up|down|on|off) the (?:gas|hob|burner|ring|flame), gas (?:up|on|high|low), naked light',
  ),
  'hot-sugar': (sentence) =>
    /\b(?:thread|soft|firm|hard|light|ball|crack|caramel|brittle|amber)[- ]?(?:ball|crack|caramel)? stage\b|\b(?:soft|firm|hard) (?:ball|crack)\b/u.test(
      sentence,
    ) ||
    sugarWorked.test(sentence) ||
    (boiledSugar.test(sentence) && !cold.test(sentence)) ||
    (toADegree.test(sentence) && !notSugar.test(sentence)),
  'hot-dish': (sentence) =>
    hotThings.test(sentence) ||
    (hottest(sentence) >= burnsC && !notHot.test(sentence) && !inLiquid.test(sentence)),
  caustic: said(
    '(?:calcium|sodium|potassium|magnesium|ammonium) (?:hydr)?oxides?, quick ?lime, (?:burnt|unslaked|slaked|hydrated|pickling|milk of) lime, lime ?water, slake (?:the )?lime, nixtamal\\w*, calx, hypochlorite, peroxides?, permanganate, metabisulphite powder, bisulphate, drain cleaners?, ph down, concentrated \\w+ acids?, glacial \\w+ acids?, caustics?, lye, oven sprays?, unblockers?, limescale removers?, descal\\w+, dishwasher (?:powder|tablets?|detergent|salt), rinse aid, bleach\\w*, benedict s, benedicts, biuret, fehling s, fehlings, dcpip, iodine, lugol s, copper (?:ii )?sul(?:ph|f)ate, silver nitrate, potassium (?:dichromate|chromate|iodide|nitrate|manganate), phenolphthalein, ninhydrin, millon s, molar (?:acid|alkali), \\d+(?:\\.\\d+)? ?m(?:ol)? (?:\\w+ )?(?:\\w+ )?(?:acid|hydroxide), reagents?, formalin, formaldehyde, chloroform, toluene',
  ),
  chilli: said(
    'harissa, sambal, piri ?piri, peri ?peri, gochujang, gochugaru, sriracha, wasabi, horseradish, chipotle, ancho, berbere, zhug, zhoug, jerk (?:seasoning|paste|sauce|rub), vindaloo, hot paprika, mustard oil, pepper sauce, hot pepper\\w*, naga, carolina reaper, arrabbiata, nduja',
  ),
  foraged: (sentence) => wildPlants.test(sentence),
  heavy: (sentence) =>
    /\b(?:lift|carry|haul|lug|drag|move|shift|hoist|roll)\b(?: [^ ]+){0,4} (?:bins?|kegs?|barrels?|churns?|cool ?boxes|gas bottles?|tubs? of|demijohns?|stand mixers?|water coolers?)\b/u.test(
      sentence,
    ),
  glass: said(
    'cover ?slips?, glass (?:tub(?:e|es|ing)|rods?|pipettes?|slides?|cloche|syringes?|cutter), microscope slides?, bungs?, beakers? (?:on|off|over|from) the (?:tripod|gauze|hob|flame), (?:jars?|glass(?:es)?|bottles?|beakers?|bulbs?|bowls?) (?:that |which |has |have |is |are )?(?:broke\\w*|break|smash\\w*|crack\\w*|chipped), smash\\w* (?:jars?|glass(?:es)?|bottles?), light bulbs?, desiccators?, condensers?, burettes?',
  ),
  mixer: either(
    said(
      'ice crushers?, pasta machines?, dough sheeters?, bread ?makers?, bread machines?, ice cream (?:machines?|makers?), meat slicers?, slicing machines?, centrifuges?, mills?, grinders?, crushers?, shredders?, motor\\w*, electric (?:\\w+ )?(?:rollers?|mincers?|saws?|kni(?:fe|ves)|peelers?|slicers?|sieves?), powered (?:rollers?|mincers?|saws?|peelers?|slicers?|sieves?), electric (?:drill|tin opener|can opener|carving \\w+), extruders?, peeling machines?, rumblers?, electric \\w*beaters?, processors?',
    ),
    (sentence, context) => byMachine(sentence, context) && !byHand.test(sentence),
  ),
  'raw-meat': said(
    'tartare, carpaccio, ceviche, sushi, sashimi, gravad ?lax, gravlax, crudo, poke bowls?, steak haché, blue steak, rare (?:steak|beef|burgers?|lamb|duck|tuna), offal, tripe, sweetbreads, bone marrow, blood (?!oranges?)\\w+',
  ),
  'raw-flour': (sentence) => rawDough.test(sentence) || doughWorked.test(sentence),
  'raw-egg': either(
    said(
      'egg whites?, beaten yolks?, beaten whites?, raw yolks?, raw whites?, albumen, egg ?wash, pooled eggs?',
    ),
    (sentence) =>
      eggDishes.test(sentence) && !/\b(?:jar|shop|bought|tinned|pasteuri[sz]ed)\b/u.test(sentence),
  ),
  knife: either(
    (sentence) =>
      fleshCut.test(sentence) &&
      !/\b(?:a|the|one|each|per) (?:fillet|joint|portion|quarter)s? of\b|\bthe (?:skin|bone|joint|fillet)s?\b/u.test(
        sentence,
      ),
    said(
      'pizza (?:wheels?|cutters?), rotary cutters?, apple corers?, pitters?, can openers?, tin openers?, box cutters?, craft knife, craft knives, guillotines?, trussing needles?, (?<!pine )needles?, awls?, mezzalunas?, secateurs, saws?, cleavers?, lattice cutters?, bread slicers?, egg piercers?, ham slicers?, nutcrackers?, lames?, grapefruit kni(?:fe|ves), shucking, choppers?, slits, incisions?, paring',
    ),
    cutsUp,
  ),
  frozen: said(
    'dry ice, liquid nitrogen, cryo\\w*, freeze sprays?, cold sprays?, solid carbon dioxide, liquid co2, blast chillers?, blast freezers?, chest freezers?',
  ),
};
