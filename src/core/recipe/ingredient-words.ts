import type { IngredientLine } from './said';

/** How a spoon or cup is filled. */
export const fillWords: readonly (readonly [RegExp, IngredientLine['fill']])[] = [
  [/^(?:heaped|heaping|rounded|generous|gehäufte[rn]?|bombée?s?|colmadas?|colm[oi]|munjung)\s+/i, 'heaped'],
  [/^(?:level|flat|gestrichene[rn]?|rases?|rasas?|ras[oi]|peres)\s+/i, 'level'],
  [/^(?:scant|bare|knappe[rn]?)\s+/i, 'scant'],
  [/^(?:(?:firmly|lightly|tightly)[ -])?packed\s+/i, 'packed'],
];
/** Sizes of pieces. */
export const sizeWords =
  /^(?:(?:very|medium|large|small)[- ](?=large|small|sized))?(?:extra[- ]large|large|medium(?:-sized)?|small|big|thick|thin|(?:good|tiny|fat|little)(?= (?:pinch|handful|dash|splash|knob|glug|squeeze|sprig|bunch|clove))|lge?\.?|lrg\.?|med\.?|sml?\.?|gro(?:ß|ss)e[rsn]?|kleine[rsn]?|mittelgro(?:ß|ss)e[rsn]?|gros(?:se)?s?|petite?s?|moyen(?:ne)?s?|grandes?|pequeñ[oa]s?|median[oa]s?|grand[ei]|piccol[oaie]|besar|kecil|sedang)\s+/i;
/** “of”, “de”, “di”: between an amount and a name. */
export const linking =
  /^(?:of|de|d'|di|del|dello|della|dell'|dei|degli|delle|du|des|de la|de l'|von|vom)(?:\s+|(?<='))/i;

const before =
  'very|finely|roughly|coarsely|freshly|lightly|well|thinly|thickly|cold|hand-hot|blood-warm|chilled|ice-cold|iced|frozen|soft|softened|room-temperature|warm|warmed|lukewarm|luke-?warm|luke warm|tepid|hot|boiling|melted|sifted|sieved|beaten|grated|shredded|chopped|diced|sliced|cubed|crushed|mashed|toasted|peeled|drained|rinsed|soaked|stoned|pitted|cooked|ripe|washed|squeezed|separated|kalte[rns]?|weiche[rns]?|warme[rns]?|lauwarme[rns]?|gehackte[rns]?|geriebene[rns]?|geschmolzene[rns]?|dingin|hangat|cincang';
/** How an ingredient is when it goes in, before its name: “cold”, “finely chopped”. */
export const stateBefore = new RegExp(`^((?:(?:${before})(?:,? (?:and )?|,\\s*))+)(?=\\p{L}{2})`, 'iu');
/** … and after it, behind a comma. */
export const stateAfter = new RegExp(
  `^(?:(?:and|then|but|still|which is) )?(?:(?:${before}|zested|juiced|halved|quartered|cut|trimmed|at room|from the|fridge|torn|picked|deseeded|cored|skinned|unpeeled|crumbled|flaked|strained|whipped|whisked|kneaded|dissolved|in (?:small |thin |thick |large )?(?:cubes|slices|chunks|pieces|strips|rings)|into|to room|just|plus|zimmerwarm|weich|kalt|gehackt|gewürfelt|gerieben|geschält|in würfeln|in scheiben|fondu|ramolli|mou|haché|râpé|épluché|émincé|coupé|tiède|froid|picad[oa]|rallad[oa]|derretid[oa]|trocead[oa]|pelad[oa]|cortad[oa]|batid[oa]|a temperatura|tritat[oaie]|grattugiat[oaie]|fus[oa]|morbid[oa]|tagliat[oaie]|a temperatura|cincang|iris|parut|potong|haluskan|geprek|memarkan|kocok)[oaesn]*)(?![\\p{L}])`,
  'iu',
);
