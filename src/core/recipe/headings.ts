import { quantityAt } from '../prose';
import { unitAt } from './units';

/** What a line that is no ingredient and no step can be. */
export type Heading =
  | { kind: 'ingredients' | 'method' | 'notes'; rest: string }
  /** “For the glaze:”; `rest` is what stands after it in the line. */
  | { kind: 'section'; name: string; rest: string };

const ingredientWords =
  /^(?:the )?(?:ingredients?(?: list)?|you(?:'ll| will)? need(?=:| \d|$| ?\()|what you(?:'ll)? need|what goes in|reagents|(?:raw )?materials|(?:please |things to |what to )?bring(?: from home)?(?=\s*:)|shopping list|(?:for )?(?:each|per) (?:bench|group|pair|station|student|pupil|team|table)(?=\s*(?:$|[:(]))|zutaten|ingrédients|ingredients|ingredientes|ingredienti|bahan(?:-bahan)?|bahan utama)(?:\s+(?:to bring|needed|required|you(?:'ll| will)? need|from home|each))?(?=\s*(?:$|[:(.-]|for\b|für\b|pour\b|para\b|per\b|untuk\b|\d))/i;
const methodWords =
  /^(?:the )?(?:methods?|directions?|instructions?|steps?(?! \d)|preparation|procedure|what to do|how to (?:make|do) it|how it is done|how to|to make|making it|zubereitung|anleitung|so geht's|préparation|preparation|recette|réalisation|étapes|elaboración|preparación|modo de preparación|instrucciones|procedimento|preparazione|cara (?:membuat|memasak)|langkah(?:-langkah)?)(?=\s*(?:$|[:.-]))/i;
const noteWords =
  /^(?:(?:cook'?s? |recipe |top )?(?:notes?|tips?|hints?)|storage|nutrition(?:al)?(?: information| facts)?|variations?|equipment|apparatus|you(?:'ll)? also need|tools?|tipp|conseils?|astuces?|consejos?|consigli|nährwerte|equipo|occorrente|tips)(?=\s*(?:$|[:.-]))/i;
const sectionWords =
  /^(?:for (?:the )?|to (?=glaze|serve|finish|decorate|top|garnish)|für (?:den |die |das )?|pour (?:la |le |les |l')|para (?:la |el |los |las )|per (?:la |il |lo |le |l'|i )|untuk )(.{2,40}?)\s*:?$/i;

/** The heading a line is, or null. The text is expected as `plainText` leaves it. */
export function headingOf(line: string): Heading | null {
  const text = line.replaceAll(/^[#*_=\s-]+|(?<![*_=\s])[*_=\s]+$/g, '');
  for (const [kind, pattern] of [
    ['ingredients', ingredientWords],
    ['method', methodWords],
    ['notes', noteWords],
  ] as const) {
    const match = pattern.exec(text);
    if (!match) continue;
    const rest = text.slice(match[0].length);
    const after =
      /^\s*(?:\([^)]*\)\s*)?(?:[:.-]+|(?:for|für|pour|para|per|untuk)\b[^:]{0,40}:?|(?=\s?\d)|$)\s*/i.exec(
        rest,
      );
    if (!after) continue;
    // “Steps to success” is none; “Ingredients: 200 g flour” is one with something after it.
    if (!/[:.-]/.test(after[0]) && rest.slice(after[0].length) !== '' && !/^you/i.test(text)) continue;
    return { kind, rest: rest.slice(after[0].length).trim() };
  }
  // “Day 1”, “Stage 2:”, “A - classic”
  const stage =
    /^((?:[Dd]ay|[Ss]tage|[Pp]art|[Pp]hase|[Ll]esson) \d{1,2})\s*:?$|^([A-H]) ?[-:)] ?(?=\p{L}[^:\d]{2,40}$)/u.exec(
      text,
    );
  if (stage) return { kind: 'section', name: (stage[1] ?? stage[2])!.toLowerCase(), rest: '' };
  const colon =
    /^([^:.\d]{3,40}):\s*(.*)$/.exec(text) ??
    // “Days 2 to 5: 50 g flour, 50 g water”
    /^((?:[Dd]ays?|[Ss]tages?|[Pp]arts?|[Pp]hases?) \d{1,2}(?: ?(?:to|-|and) ?\d{1,2})?):\s*(.+)$/.exec(text);
  // “Sugar: 140 g”, “Starter: 200 ml from the last batch”: what stands before the colon is the thing.
  if (colon && amountOfNothing(colon[2]!)) return null;
  if (colon && colon[1]!.split(' ').length <= 6)
    return { kind: 'section', name: nameOf(colon[1]!), rest: colon[2]!.trim() };
  const section = sectionWords.exec(text);
  if (section && !/[.\d]/.test(text)) return { kind: 'section', name: nameOf(text), rest: '' };
  return null;
}

/** An amount, and at most where it comes from. */
function amountOfNothing(text: string): boolean {
  const quantity = quantityAt(text);
  if (!quantity || !/^\d/.test(text)) return false;
  const rest = text.slice(quantity.length);
  const unit = unitAt(rest);
  return (
    unit !== null &&
    /^\s*(?:$|[,(]|(?:from|in|at|each|of (?:it|the|which|each))\b)/i.test(rest.slice(unit.length))
  );
}

const nameOf = (text: string) => {
  const match = sectionWords.exec(text.trim());
  return (match?.[1] ?? text).trim().toLowerCase();
};

/** How much a recipe says that it makes. */
export interface YieldSaid {
  count: number;
  high: number | null;
  kind: 'makes' | 'serves';
  /** What they are called: “16 squares”; empty where they have no name. */
  what: string;
  /** Mass of each, g, where it is said: “makes 30 (50 g each)”. */
  eachG: number | null;
  words: string;
}

const makes =
  /\b(?:makes|yields?|makes about|gives|will make|cuts? into|quantity|ergibt|pour (?=\d+ (?:biscuits|pièces|cookies))|rinde|salen|per (?=\d+ (?:pezzi|biscotti)))\s*:?\s*(?:about |approx(?:imately)?\.? |around |ca\.? |a dozen|roughly )?(\d{1,2} dozen|\d{1,3}|a dozen|two dozen|one dozen|three dozen|half a dozen)(?:\s*(?:-|to)\s*(\d{1,3}))?\s*(?:(?:small|large|medium|little|mini) )?(\p{L}{3,20})?/iu;
const serves =
  /\b(?:serves|servings?|feeds|portions?|für|pour|para|per|untuk|persone|personen)\s*:?\s*(?:about )?(\d{1,3}|two|three|four|five|six|eight|ten|twelve)(?:\s*(?:-|to)\s*(\d{1,3}))?\s*(?:people|persons?|personen|portionen|personnes|personas|raciones|porciones|persone|porsi|orang|servings)?(?=\s*(?:$|[.,;:)|]|people|pers|port|(?:or|as)\b))|\b(\d{1,3}) (?:servings|portions|people|persons|portionen|porsi)\b/iu;

/** “Spaghetti for 2”: at the end of a title. */
const forSome = /\bfor (\d{1,2}|two|three|four|six|eight)(?: people)?$/i;
const some: Readonly<Record<string, number>> = {
  ...{ two: 2, three: 3, four: 4, five: 5 },
  ...{ six: 6, eight: 8, ten: 10, twelve: 12 },
};

/** “Makes 30 (50 g each)”, “makes 12 of 60 g”, “makes 30, 50 g each”. */
const ofEach =
  /^\s*(?:[,(]\s*|of\s+|x\s*|at\s+)?(?:about |approx\.? |ca\.? )?(\d{1,4}(?:[.,]\d)?)\s?(?:g|grams?)(?:\s+each)?\b\s*\)?/i;

/** “Chewy bars: 16 squares”, “Cocoa squares (makes one tin, 16 pieces)”: the pieces at the end of a title. */
const pieceNames =
  '(squares|bars|biscuits|cookies|buns|rolls|scones|muffins|slices|pieces|cakes|cupcakes|balls|bites|fingers|rounds|wedges|triangles|tarts|tartlets|pasties|patties|pretzels|bagels|flatbreads|pancakes|puddings|crackers|truffles|loaves|pots|servings|portions)\\)?$';
const piecesInTitle = [
  new RegExp(
    `(?:[:,(–-]\\s*|\\bcut into )(\\d{1,3}) (?:(?:small|large|mini|little|medium) )?${pieceNames}`,
    'i',
  ),
  // “12 seeded rolls”
  new RegExp(`^(\\d{1,3}) (?:[\\p{L}-]+ ){0,3}${pieceNames}`, 'iu'),
];

/** “Flour tortillas (12 small)”: so many of what the title names. */
const sizedInTitle =
  /\((?:about |approx\.? )?(\d{1,3})(?: (small|large|mini|little|medium|big|thin|thick))?\)$/i;

/** The pieces that a title names at its end; null where it names none. */
export function piecesOfTitle(title: string): YieldSaid | null {
  const found = [...piecesInTitle, sizedInTitle]
    .map((one) => one.exec(title.trim()))
    .find((one) => one !== null);
  if (!found) return null;
  const kind = /^(?:servings|portions)$/i.test(found[2] ?? '') ? 'serves' : 'makes';
  return {
    count: Number(found[1]),
    high: null,
    kind,
    what: (found[2] ?? '').toLowerCase(),
    eachG: null,
    words: found[0],
  };
}

/** “Makes about 450 g”, “makes 500 ml”: how much there will be is no number of pieces. */
const massMade =
  /\b(?:makes|yields?|gives|ergibt|rinde)\s*:?\s*(?:\p{L}+\.? ){0,2}\d[\d.,]*\s?(?:k?g|grams?|kilos?|ml|cl|l|lit(?:re|er)s?|oz|ounces?|lbs?|pounds?|pints?|cups?)(?![\p{L}])(?!\s+(?!of\b)\p{L})[^.]{0,20}\.?$/iu;

/** Whether a line says how much of it there will be, and no more. */
export const tellsMassMade = (text: string): boolean => (massMade.exec(text)?.index ?? Infinity) <= 12;

export function yieldOf(text: string): YieldSaid | null {
  const made = makes.exec(text);
  if (made && !massMade.test(text)) {
    const count = /half/i.test(made[1]!)
      ? 6
      : /dozen/i.test(made[1]!)
        ? 12 * (quantityAt(made[1]!.replace(/ ?dozen/i, ''))?.low ?? 1)
        : Number(made[1]);
    const each = ofEach.exec(text.slice(made.index + made[0].length));
    return {
      count,
      high: made[2] === undefined ? null : Number(made[2]),
      kind: 'makes',
      what: (made[3] ?? '').toLowerCase(),
      eachG: each ? Number(each[1]!.replace(',', '.')) : null,
      words: `${made[0]}${each?.[0] ?? ''}`.trim(),
    };
  }
  const served = serves.exec(text);
  const title = served ? null : forSome.exec(text);
  if (title) {
    const count = some[title[1]!.toLowerCase()] ?? Number(title[1]);
    return { count, high: null, kind: 'serves', what: '', eachG: null, words: title[0] };
  }
  if (!served) return null;
  return {
    count: some[served[1]?.toLowerCase() ?? ''] ?? Number(served[1] ?? served[3]),
    high: served[2] === undefined ? null : Number(served[2]),
    kind: 'serves',
    what: '',
    eachG: null,
    words: served[0].trim(),
  };
}

/** “Prep: 10 minutes”, “Cooking time 40 min”, “Total 1 h”: which of them a text says, with the words of each. */
export function timesTold(text: string, early = true): { what: 'prep' | 'cook' | 'total'; said: string }[] {
  const found: { what: 'prep' | 'cook' | 'total'; said: string }[] = [];
  const pattern =
    /\b(prep(?:aration)?|hands-on|active|cook(?:ing)?|bak(?:e|ing)|total|ready in|backzeit|kochzeit|cuisson|cocción|cottura)(?: time)?\s*(?::|-|(?<=time\s*)|(?<=in ))\s*((?:about )?[\dao][^|;:]{0,30}?\b(?:h(?:ou)?rs?|h|min(?:ute)?s?|minuten|min)\b\.?(?:\s*\d+\s*min(?:ute)?s?)?)/giu;
  for (const match of text.matchAll(pattern)) {
    const word = match[1]!.toLowerCase();
    const what = /^(?:prep|hands|active)/.test(word)
      ? 'prep'
      : /^(?:total|ready)/.test(word)
        ? 'total'
        : 'cook';
    found.push({ what, said: match[2]! });
  }
  // “Prep 20 minutes”, “Prep 15 mins, cook 50 mins” alone in a line.
  if (!early || found.length > 0) return found;
  const bare = text
    .trim()
    .split(/ ?[,;|·] ?/)
    .map(timeAlone);
  return bare.every((one) => one !== null) ? bare : found;
}

function timeAlone(text: string): { what: 'prep' | 'cook' | 'total'; said: string } | null {
  const bare =
    /^(prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total)(?: time)?\s+(\d[\d -]*(?:h(?:ou)?rs?|min(?:ute)?s?)\b\.?(?:\s*\d+\s*min(?:ute)?s?)?)(?:\s*\+.*)?$/i.exec(
      text,
    );
  if (!bare) return null;
  return { what: /^p/i.test(bare[1]!) ? 'prep' : /^t/i.test(bare[1]!) ? 'total' : 'cook', said: bare[2]! };
}
