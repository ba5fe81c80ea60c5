import type { Language } from './item-named';
import { quantityAt } from '../prose';

/** Verbs a step of a recipe begins with. */
const verbs = new Set(
  `add adjust allow arrange assemble bake baste batter beat blanch blend blind boil braise break bring brown brush butter
  caramelise caramelize carry check chill chop churn clean clear coat combine continue cook cool core cover cream crack crimp
  crumble crush cube cut decorate deglaze dice dip discard dissolve divide double drain dredge drizzle drop dry dust empty
  enjoy ensure fill fish flake flatten flip flour fold form freeze fry garnish gather give glaze grate grease grill grind
  halve hand heat hold infuse juice keep knead knock ladle lay leave let level lift light line liquidise loosen lower make
  marinate mash measure melt microwave mix mould moisten nestle oil open pat peel pick pierce pinch pipe place plait poach pop
  pour prepare preheat press pre-heat prick process prove pull pulse pound purée push put reduce refrigerate remove repeat
  reserve rest return rinse rise roast roll rub rush salt sauté saute save scald scale scatter scoop score scrape scrub seal
  season separate serve set shake shape shred sieve sift simmer skim skin slice slide slip smash smooth snip soak soften spoon
  spread sprinkle squeeze stack stand start steam steep sterilise stir store strain stretch strip stuff swirl switch take taste
  tear test thin thicken tie tilt tip toast top toss transfer trim try turn twist unmould use wait warm wash watch weigh wet whip whisk
  whizz wilt wipe work wrap zest bloom ferment proof cream sear squash sweat knead reheat re-heat rewarm pack defrost thaw label layer
  tuck unroll unwrap unfold dress drape hull destone deseed emulsify hollow insert invert wring bash bruise coddle devein fluff
  macerate parboil par-boil pan-fry deep-fry stir-fry pare prep refresh render rehydrate scramble skewer temper tenderise
  thread truss unmold julienne swish share blitz slake trickle tear mound slap split build hang smear`
    .trim()
    .split(/\s+/),
);

const lead =
  /^(?:(?:then|now|next|just|simply|first(?:ly)?|second(?:ly)?|third(?:ly)?|finally|lastly|meanwhile|afterwards?|once|when|after|while|as soon as|to (?:make|finish|serve|begin|start)|with|in|on|using|over|at|for|if|do not|don't|never|always|gently|carefully|slowly|quickly|lightly|gradually|roughly|thoroughly|finely|coarsely|generously|evenly|repeat|one by one|off the heat|by hand)\b,?\s*)/i;

/** What instructions begin with in other languages: infinitives and imperatives. */
const foreign: Readonly<Partial<Record<Language, RegExp>>> = {
  de: /^(?:\p{L}+ ){2}.*\p{L}{2}(?:en|eln|ern)[.!]?$|^(?:dann|danach|zuerst|anschließend|nun|inzwischen|währenddessen|den|die|das|alles|im|in)\s/iu,
  fr: /^(?:ne pas |faire |laisser |bien )?\p{L}+(?:er|ir|re|ez)\s+(?:le|la|les|l'|un|une|des|du|de|d'|avec|à|au|sur|dans|pendant|en|et|\d|bien|hors|jusqu)|^(?:faites?|laissez|hors du feu|pendant ce temps|préchauff)/iu,
  es: /^(?:dejar |hacer )?\p{L}+(?:ar|er|ir|arlo|arla)\s|^(?:añad[ea]|agreg[ae]|mezcl[ae]|bat[ea]|cuec[ea]|horne[ae]|viert[ea]|calient[ae]|cort[ae]|pon|deja|sirv[ea]|incorpor[ae]|precalient[ae])\s/iu,
  it: /^(?:far |lasciar |lasciare )?\p{L}+(?:are|ere|ire|rre|ar|er)\s|^(?:mescol[aei]|aggiung[ie]te?|un(?:isci|ite)|cuoci|cuocete|vers[aei]|scald[aei]|tagli[aei]|mett[ie]te?|lascia|servi|impast[aei]|stend[ie])\s/iu,
  id: /^(?:tumis|masukkan|tambahkan|aduk|masak|panaskan|goreng|campur(?:kan)?|haluskan|rebus|angkat|sajikan|diamkan|kukus|panggang|potong|iris|cuci|tuang(?:kan)?|rendam|siapkan|didihkan|kocok|ayak|cetak|oven|uleni|bentuk|taburkan|sisihkan|tiriskan|peras|kupas|biarkan)\b/iu,
};

/** “Oven: 180 °C”, “Temperature 350 °F”, “Backofen 200 °C”: told without a verb, and asked for all the same. */
const ovenTold =
  /^(?:the )?(?:oven(?: temp(?:erature)?)?|temp(?:erature)?|(?:back)?ofen|four|horno|forno)\s*[:=-]?\s*(?:at |to |on |à |a )?(?:gas (?:mark )?\d|\d{2,3} ?(?:°|[CF]\b|gradi|grad|grados|degr[eé]s))/iu;

/**
 * Whether a text begins as an instruction does: “Mix …”, “Then fold in …”, “In a bowl, whisk …”; in other languages with an
 * infinitive or imperative, in German with one at its end.
 */
export function beginsAsStep(text: string, language: Language = 'en'): boolean {
  if (ovenTold.test(text)) return true;
  if (foreign[language]?.test(text) && quantityAt(text) === null) return true;
  if (/^\p{L}+ (?:should|must|is|are|will|was|has|can|may|needs?)\b/iu.test(text)) return false;
  const first = /^[\p{L}-]+/u.exec(text)?.[0].toLowerCase();
  if (first !== undefined && verbs.has(first)) return !isNamedSo(text);
  const led = lead.exec(text);
  if (!led) return false;
  const rest = text.slice(led[0].length).replace(/^(?:gently|carefully|slowly|quickly|then)\s+/i, '');
  const next = /^[\p{L}-]+/u.exec(rest)?.[0].toLowerCase() ?? '';
  if (verbs.has(next)) return true;
  if (
    /^(?:gently|carefully|slowly|quickly|lightly|gradually|roughly|thoroughly|finely|coarsely|generously|evenly)/i.test(
      text,
    )
  )
    return false;
  return hasVerb(text) && text.split(' ').length >= 5;
}

/** “Butter, 40 g”, “oil for frying”, “salt and pepper”, “double cream”: words that are verbs elsewhere. */
const isNamedSo = (text: string) =>
  // “Light brown sugar, 220 g”: what is like a verb is how it is.
  /^(?:light|dry|warm|cool|thin|cut|smooth|wet|clean|level|score|skin|slice|grate|crush|grill|smoke)\b(?! (?:the|a|an|it|them|your|all)\b)[^.;]{0,40},? \d[\d.,/ ]{0,6}\s?(?:k?g|ml|l|tsp|tbsp|cups?|oz|lb)\.?$/i.test(
    text,
  ) ||
  /^(?:squeeze|drizzle|sprinkle|twist|grind|shake|strip|slice|core|crumble|scoop|scatter|fillet) of\b(?! (?:the|this|it)\b)/i.test(
    text,
  ) ||
  /^(?:butter|oil|salt|flour|cream|zest|juice|dust|half|double|batter|fish|toast|top|stock|chop|pinch|dash|splash|layer|pack|thread|dress|skewer|stir-fry|label)\b(?!\s+(?:the|a|an|your|it|them|well|and (?:flour|line|sugar) (?:the|a)|together|until|in|into|on|over|with)\b)/i.test(
    text,
  );

export const hasVerb = (text: string): boolean =>
  (text.toLowerCase().match(/[\p{L}-]+/gu) ?? []).some((word) => verbs.has(word));

/** “1.”, “2)”, “Step 3:”, “(4)”, “iv.”. */
export const numbering =
  /^(?:step\s*)?\(?\d{1,2}\s*(?:[.):]|-(?=\s))\s*(?=\D)|^\(?(?:i{1,3}|iv|vi{0,3}|ix|x)[.)]\s+|^(?:step|schritt|étape|paso|fase|langkah)\s*\d{1,2}\s*[:.)-]?\s*/iu;
/** “1 Preheat the oven”: a number and a verb with a capital. */
export function numberedVerb(text: string): RegExpExecArray | null {
  const match = /^(\d{1,2})\s+(?=\p{Lu}\p{Ll})/u.exec(text);
  return match && beginsAsStep(text.slice(match[0].length)) ? match : null;
}
export const bullet = /^(?:[-*•·▪◦‣●○■□✓☐>–—]|\[ ?\])+\s*/u;

const abbreviations =
  /\b(?:approx|min|mins|hr|hrs|tbsp|tsp|ca|no|oz|lb|c|cm|ml|th|fl|pkg|el|tl|bzw|ca|usw|sec|secs|deg|env|cda|cdta)\.$/i;

/** Sentences of a text, with where each begins. Points of abbreviations and decimals end none. */
export function sentencesOf(text: string): { text: string; from: number }[] {
  const found: { text: string; from: number }[] = [];
  let start = 0;
  for (const match of text.matchAll(/(?<![.!?;])[.!?;]+(?=\s|$)/gu)) {
    const end = match.index + match[0].length;
    const sofar = text.slice(start, end);
    const next = text.slice(end).trimStart();
    if (abbreviations.test(sofar) && next !== '' && !/^\p{Lu}/u.test(next)) continue;
    if (/\d\.$/.test(sofar) && /^\d/.test(next)) continue;
    if (sofar.trim() !== '')
      found.push({ text: sofar.trim(), from: start + (sofar.length - sofar.trimStart().length) });
    start = end;
  }
  const tail = text.slice(start);
  if (tail.trim() !== '')
    found.push({ text: tail.trim(), from: start + (tail.length - tail.trimStart().length) });
  return found;
}
