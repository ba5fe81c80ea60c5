import {
  acid,
  bigVessel,
  boils,
  cookedMeat,
  cuttable,
  handles,
  heats,
  hot,
  hottest,
  mentionsOven,
  near,
  oily,
  raws,
  sugary,
  watery,
  word,
} from './hazard-words';
import type { HazardId } from './hazards';

/** Whether a sentence gives a danger away. `context` is the sentence, with the one before where it says “it”. */
type Sign = (sentence: string, context: string) => boolean;

const any =
  (...patterns: RegExp[]): Sign =>
  (sentence) =>
    patterns.some((one) => one.test(sentence));

export const hazardSigns: Readonly<Record<HazardId, Sign>> = {
  'hot-sugar': (sentence, context) => {
    const rest = context.replaceAll(
      /\b(boiling|hot|warm|lukewarm|simmering|cold) (water|milk|tea|coffee)\b|\b(heat|preheat|warm) (up )?the oven\b|\bmelted (butter|chocolate)\b|\bon the (label|chart|graph)\b/gu,
      ' ',
    );
    if (
      word(
        'caramelis\\w*|carameliz\\w*|pull(?:ed|ing)? sugar|spun sugar|spin(?:s|ning)? (?:the )?(?:sugar|caramel)|sugar work|sugarwork|candy ?floss|cotton candy|croquembouche',
      ).test(rest)
    )
      return true;
    if (!word(sugary).test(rest)) return false;
    if (
      near('jam|marmalade|jelly', 'skim\\w*|wrinkl\\w*|cold (?:saucer|plate)|setting point|set test', 8).test(
        rest,
      )
    )
      return true;
    const cold =
      word('cold|cooled|cool|chilled|set|hardened|room temperature').test(sentence) &&
      !word(heats).test(rest);
    if (cold) return false;
    const ovenOnly = mentionsOven(rest) && !word(boils).test(rest) && !/\bpan\b|\bhob\b|\bmelt/u.test(rest);
    if (ovenOnly) return false;
    return (
      word(heats).test(rest) ||
      hottest(rest) >= 100 ||
      near(hot, sugary, 3).test(rest) ||
      near(
        'pour(?:s|ed|ing)?|dip(?:s|ped|ping)?|spin|tip|ladle|drizzle|soda|bicarbonate|thermometer',
        'caramel|toffee|syrup|honeycomb|molten sugar|fudge',
        6,
      ).test(
        rest.replaceAll(/\b(golden|corn|glucose|maple|agave|date|rice|chocolate|cough) syrup\b/gu, ' '),
      ) ||
      word('hard crack|soft crack|soft ball|firm ball|hard ball').test(rest) ||
      (near(
        'sugar|syrup|caramel',
        'amber|copper|mahogany|brown|brownish|golden|dark|liquid|colours?|darkens?|smokes?',
        6,
      ).test(rest) &&
        word(
          'pan|swirl|turns?|turning|until|till|go(?:es)?|going|gets?|reach(?:es)?|becomes?|take (?:it|the)|cook',
        ).test(rest) &&
        !/\b(brown sugar|golden (syrup|caster|granulated|sugar))\b/u.test(rest))
    );
  },
  steam: any(
    word(
      'steam(?:s|ed|ing|er|ers|y)?|kettles?|rolling boil|bain marie|double boiler|couscoussier|deglaz\\w*|popcorn machine|boil(?:s|ed|ing)?|simmer(?:s|ing)?|blanch\\w*|autoclave|pressure cooker|steriliser',
    ),
    near('lift|remove|take|open|off|raise', 'lids?', 4),
    near('open|opening|opened|door', 'ovens?', 4),
    near('drain|strain|tip', 'pasta|potatoes|hot|boiled|rice|noodles|spaghetti|macaroni', 5),
    near('cling ?film|foil|cover', 'hot|microwave', 6),
    near('reach|lean', 'hob|stove|pan|pot|kettle', 4),
    near('pop|popping', 'corn|popcorn|kernels', 3),
  ),
  'hot-liquid': (sentence, context) =>
    word('kettles?|bain marie|double boiler|ladle').test(sentence) ||
    near(hot, watery, 3).test(sentence) ||
    near(`${boils}|poach\\w*|blanch\\w*|parboil\\w*|microwav\\w*|reheat\\w*`, watery, 8).test(context) ||
    near(
      'heat(?:s|ed|ing)?|warm(?:s|ed|ing)?|melt\\w*|reduc(?:e|es|ed|ing)|cook(?:s|ing)?',
      watery.replace('|pan|pot|', '|'),
      6,
    ).test(
      context.replaceAll(/\b(pre)?heat (up )?the oven\b|\bice (creams?|loll(?:y|ies)|cubes?)\b/gu, ' '),
    ) ||
    word('boil(?:s|ed|ing)?|simmer(?:s|ed|ing)?|scald(?:s|ed|ing)?').test(sentence) ||
    near(
      'drain|strain|sieve|decant|tip|into the colander',
      'pasta|potatoes|rice|noodles|spaghetti|macaroni|boiled|hot|cooked|lentils|vegetables|dumplings|eggs',
      5,
    ).test(sentence) ||
    near('pour|carry|ladle|tip', 'hot|boiling|jam|soup|custard|stock|tea|coffee|gravy', 4).test(
      sentence.replaceAll(/\b(cold|cool|cooled|chilled|iced) \w+/gu, ' '),
    ) ||
    near('hot|boiling|soup', 'blender|liquidiser|liquidizer|food processor|blend|liquidise|blitz', 6).test(
      sentence,
    ) ||
    (hottest(sentence) >= 60 && word(watery).test(sentence) && !mentionsOven(sentence)),
  'hot-oil': (_sentence, context) => {
    const rest = context
      .replaceAll(/\bair ?fry\w*/gu, ' ')
      .replaceAll(/\b(pre)?heat (up )?the (oven|grill)[^.]*/gu, ' ');
    return (
      word(
        '(?:deep |shallow |pan |stir |dry )?fr(?:y|ies(?! dish)|ied(?! onions)|ying)|saut[eé]\\w*|sizzl\\w*|deep fat|fat fryer|tempura|smoke point|chip pan|(?<!air )fryers?|wok|sear(?:s|ed|ing)?|spits|spitting|spatter\\w*|splatter\\w*',
      ).test(
        rest.replaceAll(
          /\b(fried (onions|rice|bread|egg)s?|french fries|stir fry sauce|frying pan lid)\b/gu,
          ' ',
        ),
      ) ||
      near(
        'heat(?:s|ed|ing)?|hot|warm(?:s|ing)?|skillet|frying pan|smok(?:e|es|ing)|shimmer\\w*|boiling|brown(?:s|ed|ing)?',
        oily,
        5,
      ).test(
        rest.replaceAll(
          /\bbutter until (just )?(melted|soft)\b|\b(hot|brown|warm|boiling) (water|milk|oven|sugar|bread|rice|tray)\b|\b(cream|milk|sugar)[^.]* butter\b|\bbutter[^.]* (cream|milk|sugar)\b/gu,
          ' ',
        ),
      ) ||
      near('render\\w*', 'fat|bacon|lard|suet|skin|duck|lardons|pancetta|crackling|trimmings', 5).test(
        rest,
      ) ||
      near('fat|oil|bacon|lard|butter', 'spit|crackle|crackles|foams?|foaming', 4).test(rest) ||
      near('crisp|crisps|crispy', 'bacon|lardons|pancetta', 5).test(rest) ||
      near('pop|popping', 'corn|popcorn|kernels', 3).test(rest) ||
      (word('oil|lard|ghee|fat|dripping').test(rest) && hottest(rest) >= 120 && !mentionsOven(rest))
    );
  },
  'hot-dish': (sentence) =>
    mentionsOven(sentence) ||
    word('microwav\\w*|crucible|muffle furnace|deglaz\\w*').test(sentence) ||
    near(
      'turn(?:s|ed|ing)? (?:it |them |the \\w+ )?out|fill|pipe|roll|spread|shape|mould|fold|invert\\w*|unmould\\w*|unmold\\w*|flip|lift|carry|slide|transfer|move|cut|slice|break|open|take|put|handle|pass|serve|touch|wrap',
      '(?:still )?(?:hot|just baked|freshly baked|baked) \\w+|(?:hot|warm) from the oven|straight from the oven|while (?:\\w+ ){0,2}(?:still )?(?:hot|bubbling|bubbles)',
      4,
    ).test(
      sentence.replaceAll(
        /\bbaked (beans|crisps|goods)\b|\bhot (water|milk|dogs?|chocolate|sauce|cross buns|peppers?)\b/gu,
        ' ',
      ),
    ) ||
    near(
      'hot|burning|heated|red hot',
      'pans?|trays?|dish(?:es)?|plates?|tins?|stones?|sheets?|griddles?|handles?|irons?|rack|ramekins?|casseroles?|mould|moulds|surface|lamp',
      2,
    ).test(sentence) ||
    near('reach\\w*|lean\\w*|across', 'hob|stove|burner|cooker|ring', 4).test(sentence) ||
    near('pan|saucepan|pot|handle', 'hob|stove|cooker', 4).test(sentence),
  knife: (sentence) => {
    const rest = sentence
      .replaceAll(
        /\b(a|an|the|each|every|one|per|of|this|that|your|same|pear|apple|bread|toast|cake|lemon|between|of the|\d+) slices?\b/gu,
        ' ',
      )
      .replaceAll(
        /\b(cut and uncut|uncut and cut|uncut)\b|\b(knife|kitchen) (safety|rules|skills) ?(quiz|poster|rules|sheet|test|video|card)?\b/gu,
        ' ',
      )
      .replaceAll(
        /\b(chopped|sliced|diced|peeled|cut|trimmed|ready cut|pre cut) (tomatoes|nuts|parsley|bread|onions?|herbs|almonds|fruit|vegetables|peel|loaf|ham)\b/gu,
        ' ',
      )
      .replaceAll(
        /\b(lamb|pork|veal) chops?\b|\b(cut|cuts) (down|the power|the gas|the supply|test|and paste)\b|\b(short|clean|power|paper|salary|cross|price|rough) cuts?\b|\bpeel (off|back|away) (the )?(label|film|backing|sticker|paper|lid|foil|tape|plaster)\b|\b(orange|lemon|candied|mixed|citrus) peel\b|\b(roll|rolls|throw|two|the) (the )?dice\b|\bcut out (and (keep|stick|glue)|the (table|chart|coupon|label|card))\b|\bcut (the )?(string|paper|card|tape|label|labels|strips of paper|ribbon|thread)\b|\b(beef|pork|lamb|turkey|chicken|quorn) mince\b|\bmince pies?\b/gu,
        ' ',
      );
    return (
      word(
        'knife|knives|scalpels?|cleavers?|mandolines?|mandolins?|peelers?|scissors|shears|blades?|razor|corers?|cutting|slicing|chopping|dicing|peeling(?! off)|carv(?:e|es|ing)|julienne|butterfl(?:y|ied)|shuck\\w*|debon\\w*|whittl\\w*|skewers?|corkscrew',
      ).test(rest) ||
      new RegExp(
        `(?<![\\p{L}])(?:cut|cuts|slice|chop|dice|peel|halve|quarter|trim|shred|snip|slash|pare|sliver) (?:${cuttable}|[\\p{L}]+s?)(?![\\p{L}])`,
        'u',
      ).test(rest.replaceAll(/\b(a|one|three|first|second|last|next) quarters?\b/gu, ' ')) ||
      word(
        'is (?:cut|sliced|chopped|peeled|halved)|are (?:cut|sliced|chopped|peeled|halved)|be (?:cut|sliced|chopped|peeled|halved)|(?:^|and|then)? ?(?:core|stone|pit|fillet|mince|score) (?:the|and|it|them|each) (?!samples?|colou?r|tastes?|flavou?rs?|results?|temperature|panel|scones? (?:from|for)|\\d)\\w+(?![\\p{L}])(?! (?:for|from|out|on|by|against))|cores? (?:and|the) (?:slice|apple|pear|quince|pineapple|pepper|fruit)\\w*',
      ).test(rest) ||
      near('open|opened|opening|crack|prise', 'oysters?|clams?|scallops?|coconuts?', 4).test(rest) ||
      near('stone|stones|pit|halve|open', 'avocados?|mangos?|mangoes', 5).test(rest) ||
      near('score|slash', 'crust|fat|dough|loaf|loaves|skin|top|rind', 4).test(rest) ||
      near('open|opened|opening|lids?|rims?|ring pull|edges?|opener', 'tins?|cans?', 4).test(
        rest.replaceAll(/\b(cake|loaf|baking|muffin|biscuit|sandwich) tins?\b/gu, ' '),
      )
    );
  },
  grater: any(
    word('grat(?:e|es|ing)|graters?|microplane|zesters?|zesting|mandolines?|spirali[sz]\\w*|rasps?'),
    /(^|\b(and|then|finely|to|carefully) ?)\s*zest (the|and|it|them|two|one|a|each|\d)/u,
    near('grated|shredded', 'with|using|on a|by hand|box', 2),
  ),
  'hot-acid': (sentence, context) =>
    near(`${heats}|hot|warm|steam\\w*|fum\\w+|evaporat\\w*|vapours?|distil\\w*`, acid, 8).test(context) &&
    !/\b(cold|cool) vinegar\b|\bwarm(ed)? water\b/u.test(sentence),
  glass: any(
    word(
      'glass thermometers?|broken glass|thermal shock|watch glass(?:es)?|test tubes?|boiling tubes?|shatter\\w*',
    ),
    near(
      'glass(?:es|ware)?|pyrex|beakers?|flasks?|test tubes?|jars?|bottles?|demijohns?|ramekins?',
      'ovens?|hot|boil\\w*|heat\\w*|freezer|hob|flame|bunsen|microwav\\w*|sterili[sz]\\w*|broken|break|breaks|crack\\w*|drop(?:s|ped)?|chip(?:ped|s)?|bake\\w*|roast\\w*|grill|freez\\w*|frozen|torch|simmer\\w*|shards?|stove|ice cold',
      7,
    ),
    word('mercury'),
  ),
  'glass-thermometer': any(word('glass thermometers?|mercury thermometers?|spirit thermometers?')),
  'raw-egg': (sentence) => {
    const rest = sentence.replaceAll(
      /\b(hard |soft )?(boiled|cooked|poached|scrambled|fried|powdered|dried|pickled) eggs?\b|\beggs? (sandwich\\w*|mayonnaise|salad)\b/gu,
      ' ',
    );
    return (
      word(
        'raw eggs?|egg ?wash|eggs? whites?|eggs? yolks?|whites (?:until|to|with|of|and)|yolks|meringues?|mayonnaise from|aioli|separat\\w+ (?:the |two |three |an )?eggs?',
      ).test(rest) ||
      near(
        'crack|cracks|cracked|break|breaks|separate|beat|beaten|beats|beating|whisk\\w*|whip\\w*|fold|add|adds|brush\\w*|glaz\\w+|mix\\w*|coat|dip|stir\\w*|combine|blend|bind|lightly|pour|cream|rub|float|drop|into the bowl|open|spill\\w*',
        'eggs?|albumen',
        6,
      ).test(rest.replaceAll(/\badd (the )?eggs? to (the )?(boiling|simmering|hot) water\b/gu, ' '))
    );
  },
  'raw-meat': (sentence) => {
    if (cookedMeat.test(sentence) && !/\b(raw|uncooked)\b/u.test(sentence)) return false;
    const rest = sentence.replaceAll(
      /\bkidney beans?\b|\bfish (shaped|tank)\b|\bburger (sauce|relish)\b|\b(temperature|thermometer) of\b|\bduck\b(?= (under|down))|\btuna\b/gu,
      ' ',
    );
    return (
      word(
        'raw (?:\\w+ )?(?:meat|chicken|turkey|duck|beef|pork|lamb|fish|poultry|mince|salmon|prawns?|seafood|liver|sausages?|bacon|shellfish)|mince|minced (?:meat|turkey|beef|lamb|pork|chicken)|ground (?:beef|pork|turkey|lamb|chicken|meat)|uncooked (?:\\w+ )?(?:meat|chicken|turkey|beef|pork|fish)',
      ).test(
        rest.replaceAll(
          /\bmince (the |a |two |some )?(garlic|onions?|herbs?|ginger|parsley|shallots?|chill?i(es)?)\b|\bmince pies?\b|\bmincemeat\b/gu,
          ' ',
        ),
      ) || near(handles, raws, 5).test(rest)
    );
  },
  'raw-flour': any(
    word(
      'knead(?:s|ed|ing)?|raw (?:dough|flour|pastry)|batter|rub(?:s|bed|bing)? (?:in|the (?:butter|fat|margarine|lard))|cookie dough|lick(?:s|ing)? the (?:spoon|bowl)',
    ),
    near(
      'roll\\w*|shap\\w+|divid\\w+|cut|press\\w*|punch|knock\\w*|stretch\\w*|fold\\w*|mix\\w*|taste|eat|work|form|turn|pull|handle|wrap|pat|twist|plait|prov\\w+ (?:and|then)',
      'dough|pastry|doughs',
      5,
    ),
    near(
      'mix\\w*|stir\\w*|fold\\w*|beat\\w*|whisk\\w*|combine|rub\\w*|dust\\w*|coat\\w*|add\\w*|toss|blend\\w*|into a',
      'flour',
      6,
    ),
  ),
  mixer: (sentence) =>
    word(
      'mixers?|blenders?|food processors?|(?:electric|hand held|hand|balloon electric) whisk(?= on|s on| at)|electric (?:hand )?(?:whisks?|beaters?|mixers?|grinders?)|liquidis\\w*|liquidiz\\w*|blitz\\w*|whi[sz]z\\w*|juicers?|(?:spice|coffee|meat) grinders?|mincers?|dough hook|puls(?:e|ed|ing) (?:the|it|until|to|in|for|them)|(?:high|low|medium|full) speed|homogenis\\w*|attachment',
    ).test(sentence) ||
    /(?:^|\b(?:and|then|to|now|or|carefully|briefly|cool|hot) )\s*blend (?!of\b)/u.test(sentence) ||
    near('blend(?:ed|ing)?', 'soup|sauce|smooth|puree|purée|fruit|mixture|until', 4).test(
      sentence.replaceAll(/\bblend of\b/gu, ' '),
    ),
  frozen: (sentence) =>
    word(
      'dry ice|card ice|(?:solid|frozen) (?:carbon dioxide|co2)|(?:carbon dioxide|co2) (?:snow|pellets|ice)|liquid nitrogen|cryogenic|freezing mixture|(?:ice|icy) and salt|salt and ice|cold plate|anti griddle',
    ).test(sentence) ||
    near('from|out|take|remove|lift|fetch|get|touch|bare|wet|reach', 'freezers?', 6).test(sentence) ||
    near(
      'frozen|freezing',
      'trays?|metal|oil|plates?|bowls?|steel|equipment|tins?|moulds?|spoons?|baking sheet|pan|cylinder',
      2,
    ).test(sentence) ||
    (hottest(sentence) <= -10 && hottest(sentence) > -Infinity),
  flame: (sentence) =>
    word(
      'blow ?torch\\w*|cook s torch|kitchen torch|bunsens?|flames?|flamb[eé]\\w*|matchstick|lit match|naked lights?|tea ?lights?|candles?|spirit (?:lamp|burner)|camping stove|barbecues?|charcoal|bonfires?|campfires?|sparkler|splints?|gas (?:hobs?|rings?|burners?|stoves?|cookers?|taps?)|set fire|on fire|catch fire|ignit\\w*|burners?',
    ).test(sentence) ||
    near(
      'light|lighting|strike|lit',
      'gas|burner|match|matches|hob|ring|torch|oven|stove|lamp|splint',
      3,
    ).test(sentence.replaceAll(/\blight (brown|golden|blue|green|grey)\b/gu, ' ')) ||
    near(
      'reach\\w*|lean\\w*|stretch\\w*|sleeves?|hair|across',
      'hobs?|stove|cooker|burner|ring|flame|heat',
      5,
    ).test(sentence) ||
    near(
      'brandy|rum|cognac|liqueur|spirits?|alcohol',
      'hot pan|flame|light|ring|hob|burner|ignite|match',
      8,
    ).test(sentence) ||
    word(
      'burn(?:s|ing)? (?:the|a|an) (?:peanuts?|nuts?|crisps?|foods?|samples?|bread|pasta|marshmallows?|biscuits?|crackers?|seeds?)',
    ).test(sentence) ||
    near(
      'torch(?:es|ed|ing)?',
      'sugar|top|meringue|surface|brulee|brûlée|until|burn\\w*|brown\\w*|caramelis\\w*|carameliz\\w*|melt\\w*|singe|char|toast\\w*|glaze\\w*|skin|scorch\\w*',
      6,
    ).test(sentence),
  pressure: (sentence) =>
    word(
      'pressure (?:cook\\w*|cann\\w+|vessel|valve|pot|fryer)|instant pot|autoclave\\w*|under pressure|siphons?|syphons?|cream whipper|whipping siphon|nitrous|gas cartridges?|chargers?|co2 cartridge|soda stream|carbonat\\w*|pressuris\\w*|pressuriz\\w*',
    ).test(sentence.replaceAll(/\b(bi|sodium |calcium |potassium )carbonat\w*/gu, ' ')) ||
    near(
      'pressure',
      'falls?|fallen|drops?|dropped|releas\\w*|valves?|gauge|build\\w*|builds|lids?|vent\\w*|121|15 psi|psi|sterilis\\w*|steriliz\\w*',
      6,
    ).test(
      sentence.replaceAll(
        /\b(air|atmospheric|blood|barometric|vapour|gentle|light|under|even|no) pressure\b/gu,
        ' ',
      ),
    ) ||
    near(
      'seal(?:ed|ing)?|screw\\w*|clos(?:e|ed)|tight\\w*|cork\\w*|stopper\\w*|cap(?:ped)?|airtight',
      'ferment\\w*|fizz\\w*|dry ice|yeast|vinegar and|kefir|kombucha|ginger beer|gas builds|soda and|bubbling',
      10,
    ).test(sentence),
  heavy: (sentence) => {
    const rest = sentence.replaceAll(
      /\bheavy (cream|bottomed|based|duty|gauge|syrup|metal|rain)\b|\bheavy (base|bottom)\w*/gu,
      ' ',
    );
    return (
      (near('heavy|full|filled|big|huge', bigVessel, 3).test(rest) &&
        word('lift\\w*|carr(?:y|ies|ied|ying)|mov(?:e|ing)|heavy|drag|tip|pour|haul|hoist|lug').test(rest)) ||
      near('lift\\w*|carr(?:y|ying)|haul|hoist|lug|drag', bigVessel, 5).test(
        rest.replaceAll(
          /\b(carry|lift) (the |a )?(small|empty|little|light) \w+\b|\btray cards?\b|\bpaper bags?\b|\blift (the |a )?(paper|cake|biscuit|scone|lid)\w*\b/gu,
          ' ',
        ),
      ) ||
      /(?<!\d)(1[0-9]|[2-9]\d) ?(kg|kilos?|litres?|l) (?:of )?(?:sack|bag|water|stock|pot|flour|pan|box|drum)/u.test(
        rest,
      ) ||
      near('lift\\w*|carr\\w+|mov\\w+', 'heavy|\\d\\d kg|together', 4).test(rest)
    );
  },
  chilli: any(
    word(
      'chill?ies|chill?is|chill?i (?!con|sauce|jam|crisps|and lime crisps)\\w+|chill?i $|chill?i|chiles?|habaneros?|jalape[nñ]os?|scotch bonnets?|bird s eye|birds eye|capsaicin|ghost peppers?|serranos?|cayenne|hot peppers|pepper spray|wasabi root',
    ),
  ),
  caustic: any(
    word(
      'lye|caustic|sodium hydroxide|potassium hydroxide|naoh|koh|calcium hydroxide|lime ?water|slaked lime|pickling lime|quicklime|bleach|oven cleaner|drain cleaner|descaler|hydrochloric|sulphuric|sulfuric|nitric acid|phosphoric acid|glacial acetic|concentrated acids?|strong (?:acids?|alkalis?|bases?)|washing soda|sodium carbonate|kansui|ammonia|hydrogen peroxide|iodine solution|corrosive|alkali(?:ne)? (?:bath|dip|solution)',
    ),
  ),
  'raw-beans': (sentence) => {
    const rest = sentence.replaceAll(
      /\b(tinned|canned|tin of|can of|tins of|cans of|cooked) ([\w ]+ )?beans?\b|\b(vanilla|coffee|cocoa|cacao|baking|jelly|green|baked|runner|french|string|bean) beans?\b|\bbean (bag|sprouts?)\b/gu,
      ' ',
    );
    return (
      near(
        'dried|dry|raw|uncooked|soak\\w*|slow cook\\w*|undercooked|sprout\\w*|overnight',
        'beans|kidney|pulses|borlotti|cannellini',
        5,
      ).test(rest) ||
      word('kidney beans?|red beans').test(rest) ||
      word('raw cassava|bitter almonds?|apricot kernels?|green potatoes').test(rest)
    );
  },
  foraged: any(
    word(
      'forag\\w*|hedgerows?|wild (?:mushrooms?|berr(?:y|ies)|garlic|plants?|leaves|herbs?|fungi|flowers?|greens|food|nettles?|fruits?|strawberr(?:y|ies)|roots?)|elder ?flowers?|elder ?berr(?:y|ies)|nettles?|dandelions?|acorns?|fungus|fungi|toadstools?|hawthorn|sloes?|rose ?hips?|seaweed from|ramsons',
    ),
    near(
      'pick\\w*|gather\\w*|collect\\w*|found',
      'woods?|forest|meadow|fields?|hedge|wild|roadside|verge|park|school grounds|path|blossoms?|shore|beach|river ?bank',
      8,
    ),
  ),
};

/** Signs of every danger. */
