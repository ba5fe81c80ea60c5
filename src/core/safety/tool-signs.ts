import { bigVessel, cuttable, near, word } from './hazard-words';
import type { HazardId } from './hazards';
import { any, type Sign } from './sign';

/** Signs of blades, machines, glass and weight. */
export const toolSigns = {
  knife: (sentence) => {
    const rest = sentence
      .replaceAll(
        /\b(a|an|the|each|every|one|per|of|this|that|your|same|pear|apple|bread|toast|cake|lemon|between|of the|\d+) slices?\b/gu,
        ' ',
      )
      .replaceAll(
        /\b(cut and uncut|uncut and cut|uncut)\b|\b(the|a|each|its|their|one|every|both|same) cut (face|side|surface|edge|end)s?\b|\b(knife|kitchen) (safety|rules|skills) ?(quiz|poster|rules|sheet|test|video|card)?\b/gu,
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
        'is (?:cut|sliced|chopped|peeled|halved)|are (?:cut|sliced|chopped|peeled|halved)|be (?:cut|sliced|chopped|peeled|halved)|(?:^|and|then)? ?(?:core|stone|pit|fillet|mince|score) (?:the|and|it|them|each|an?|two|three|four|both|some) (?!samples?|colou?r|tastes?|flavou?rs?|results?|temperature|panel|points?|marks?|crumb|\\w+ness|textures?|aroma|smell|biscuits?|cakes?|scones? (?:from|for)|\\d)\\w+(?![\\p{L}])(?! (?:for|from|out|on|by|against))|cores? (?:and|the) (?:slice|apple|pear|quince|pineapple|pepper|fruit)\\w*',
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
  glass: any(
    word(
      'glass thermometers?|broken glass|thermal shock|watch glass(?:es)?|test tubes?|boiling tubes?|shatter\\w*',
    ),
    near(
      'glass(?:es|ware)?|beakers?|flasks?|test tubes?|jars?|bottles?|demijohns?|ramekins?',
      'ovens?|hot|boil\\w*|heat\\w*|freezer|hob|flame|bunsen|microwav\\w*|sterili[sz]\\w*|broken|break|breaks|crack\\w*|drop(?:s|ped)?|chip(?:ped|s)?|bake\\w*|roast\\w*|grill|freez\\w*|frozen|torch|simmer\\w*|shards?|stove|ice cold',
      7,
    ),
    word('mercury'),
  ),
  'glass-thermometer': any(word('glass thermometers?|mercury thermometers?|spirit thermometers?')),
  mixer: (sentence) =>
    word(
      'mixers?|blenders?|food processors?|(?:electric|hand held|hand|balloon electric) whisk(?= on|s on| at)|electric (?:hand )?(?:whisks?|beaters?|mixers?|grinders?)|liquidis\\w*|liquidiz\\w*|blitz\\w*|whi[sz]z\\w*|juicers?|(?:spice|coffee|meat) grinders?|mincers?|dough hook|puls(?:e|ed|ing) (?:the|it|until|to|in|for|them)|(?:high|low|medium|full) speed|homogenis\\w*|attachment',
    ).test(sentence) ||
    /(?:^|\b(?:and|then|to|now|or|carefully|briefly|cool|hot) )\s*blend (?!of\b)/u.test(sentence) ||
    near('blend(?:ed|ing)?', 'soup|sauce|smooth|puree|purée|fruit|mixture|until', 4).test(
      sentence.replaceAll(/\bblend of\b/gu, ' '),
    ),
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
      near(
        'mov(?:e|es|ed|ing)|shift\\w*|fetch\\w*',
        'sacks?|crates?|drums?|urns?|stockpots?|cauldrons?',
        4,
      ).test(rest) ||
      near('lift\\w*|carr\\w+|mov\\w+', 'heavy|\\d\\d kg|together', 4).test(rest)
    );
  },
} satisfies Partial<Record<HazardId, Sign>>;
