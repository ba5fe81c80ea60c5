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
  'pull|pulls|pulled|pulling|stretch|spin|spun|blow|drizzle|dip|cast|pour',
  'toffee|isomalt|brittle|seaside rock|spun sugar|pulled sugar|nougat|praline',
  5,
);
const fleshCut = near(
  'joint|spatchcock|fillet|debone|bone|butcher|quarter|portion|skin|truss|carve|gut|descale|score',
  list(birdsAndFish),
  3,
);
const hotThings = word(
  'pizza stones?|baking stones?|baking steels?|griddles?|girdles?|bakestones?|cast iron|skillets?|waffle irons?|toasters?|toastie makers?|hot ?plates?|heating elements?|electric elements?|kilns?|tandoors?|raclette|plancha|salamanders?|tagines?',
);
const rawDough = word(
  `(?:unbaked|raw|uncooked|half ?baked|underbaked|undercooked|part ?baked) (?:\\w+ )?(?:${list(doughs)})`,
);

/** The dangers of the tables. */
export const hazardTables: Readonly<Partial<Record<HazardId, Sign>>> = {
  pressure: said(
    'canners?, pressure canners?, pressure cookers?, autoclaves?, retorts?, sterili[sz]ers?, siphons?, syphons?, cream whippers?, chargers?, gas cartridges?, gas cylinders?, nitrous, nitrous oxide, n2o, aerosols?, kegs?, carbonators?, pressure vessels?',
  ),
  steam: said('canners?, pressure canners?, steam ovens?, steam wands?, couscoussi[eè]re'),
  flame: said(
    'torch, torches, blow ?torch\\w*, blow ?lamps?, gas guns?, burners?, bunsens?, spirit lamps?, alcohol lamps?, tea ?lights?, candles?, firelighters?, lighters?, splints?, camp ?fires?, fire ?pits?, charcoal, barbecues?, naked flames?, crepe suzette, wok burners?',
  ),
  'hot-sugar': (sentence) =>
    /\b(?:thread|soft|firm|hard|light|ball|crack|caramel|brittle|amber)[- ]?(?:ball|crack|caramel)? stage\b|\b(?:soft|firm|hard) (?:ball|crack)\b/u.test(
      sentence,
    ) || sugarWorked.test(sentence),
  'hot-dish': (sentence) =>
    hotThings.test(sentence) ||
    (hottest(sentence) >= burnsC && !notHot.test(sentence) && !inLiquid.test(sentence)),
  caustic: said(
    '(?:calcium|sodium|potassium|magnesium|ammonium) (?:hydr)?oxides?, quick ?lime, burnt lime, unslaked lime, hypochlorite, peroxides?, permanganate, metabisulphite powder, bisulphate, drain cleaners?, ph down, concentrated \\w+ acids?, glacial \\w+ acids?, caustics?, lye',
  ),
  'raw-flour': (sentence) => rawDough.test(sentence),
  'raw-egg': said(
    'egg whites?, beaten yolks?, beaten whites?, raw yolks?, raw whites?, albumen, egg ?wash, pooled eggs?',
  ),
  knife: (sentence) =>
    fleshCut.test(sentence) &&
    !/\b(?:a|the|one|each|per) (?:fillet|joint|portion|quarter)s? of\b|\bthe (?:skin|bone|joint|fillet)s?\b/u.test(
      sentence,
    ),
  frozen: said(
    'dry ice, liquid nitrogen, cryo\\w*, freeze sprays?, cold sprays?, solid carbon dioxide, liquid co2',
  ),
};
