import { cookedMeat, handles, near, raws, word } from './hazard-words';
import type { HazardId } from './hazards';
import { any, type Sign } from './sign';

/** Signs of what is dangerous in itself: raw, wild, sharp to the skin. */
export const foodSigns = {
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
      'mix\\w*|stir\\w*|fold\\w*|beat\\w*|whisk\\w*|combine|rub\\w*|dust\\w*|coat\\w*|add\\w*|toss|blend\\w*|into a|sift\\w*|sieve\\w*|tip|shake',
      'flour',
      6,
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
} satisfies Partial<Record<HazardId, Sign>>;
