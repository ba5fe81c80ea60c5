import {
  acid,
  boils,
  heats,
  hot,
  hottest,
  mentionsOven,
  near,
  oily,
  sugary,
  watery,
  word,
} from './hazard-words';
import type { HazardId } from './hazards';
import { any, type Sign } from './sign';

/** Signs of heat, cold and pressure: what boils, burns, steams, freezes or bursts. */
export const heatSigns = {
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
      'steam(?:s|ed|ing|er|ers|y)?|kettles?|rolling boil|bain marie|double boiler|couscoussier|deglaz\\w*|boil(?:s|ed|ing)?|simmer(?:s|ing)?|blanch\\w*|autoclave|pressure cooker|steriliser',
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
        '(?:deep |shallow |pan |stir |dry )?fr(?:y|ies(?! dish)|ied(?! onions)|ying)|saut[eé]\\w*|sizzl\\w*|deep fat|tempura|smoke point|chip pan|(?<!air )fryers?|wok|sear(?:s|ed|ing)?|spits|spitting|spatter\\w*|splatter\\w*',
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
      '(?:still )?(?:hot|just baked|freshly baked) \\w+|(?:hot|warm) from the oven|straight from the oven|while (?:\\w+ ){0,2}(?:still )?(?:hot|bubbling|bubbles)',
      4,
    ).test(sentence.replaceAll(/\bhot (water|milk|dogs?|chocolate|sauce|cross buns|peppers?)\b/gu, ' ')) ||
    near(
      'hot|burning|heated|red hot',
      'pans?|trays?|dish(?:es)?|plates?|tins?|stones?|sheets?|griddles?|handles?|irons?|rack|ramekins?|casseroles?|mould|moulds|surface|lamp',
      2,
    ).test(sentence) ||
    near('reach\\w*|lean\\w*|across', 'hob|stove|burner|cooker|ring', 4).test(sentence) ||
    near('pan|saucepan|pot|handle', 'hob|stove|cooker', 4).test(sentence),
  'hot-acid': (sentence, context) =>
    near(`${heats}|hot|warm|steam\\w*|fum\\w+|evaporat\\w*|vapours?|distil\\w*`, acid, 8).test(context) &&
    !/\b(cold|cool) vinegar\b|\bwarm(ed)? water\b/u.test(sentence),
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
      'hot pan|flame|light (?:the|it)|ring|hob|burner|ignite',
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
  pressure: (sentence) =>
    word(
      'pressure (?:cook\\w*|cann\\w+|vessel|valve|pot|fryer)|multi ?cookers?|autoclave\\w*|under pressure|siphons?|syphons?|cream whipper|whipping siphon|nitrous|gas cartridges?|chargers?|co2 cartridge|carbonat\\w*|pressuris\\w*|pressuriz\\w*',
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
} satisfies Partial<Record<HazardId, Sign>>;
