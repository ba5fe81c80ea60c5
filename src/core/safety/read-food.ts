import { foodKinds, list, type FoodKind } from './food-kinds';

/** Cuts that name no animal: without one nothing follows from them. */
const cuts = list(
  'whole cut, steak, chop, cutlet, joint, roast, roasting joint, fillet, loin, tenderloin, shank, shin, rib, rack, noisette, leg, shoulder, belly, rump, saddle, brisket, medallion, knuckle, flank, skirt, hanger, bavette, flat iron, cheek, neck, chump, breast, thigh, crown, side, tail, claw',
);
/** Cuts that are sold under these names as whole pieces of beef, veal, pork or lamb only (common practice). */
const cutsOfTheTable = list(
  'sirloin, ribeye, rib-eye, t-bone, tbone, porterhouse, topside, silverside, rump steak',
);

/** What was done to it before, or may have been: it may be cooked already, and is then reheated. */
const doneBefore = list(
  'cold, chilled, cooled, hot, warm, slow-cooked, home-cooked, pressure-cooked, poached, grilled, roasted, fried, pan-fried, deep-fried, stir-fried, baked, boiled, hard-boiled, soft-boiled, steamed, seared, braised, stewed, barbecued, bbq, griddled, smoked, hot-smoked, cold-smoked, sauté, sauteed, sautéed, toasted, blanched, confit, tinned, canned, frozen, thawed, defrosted',
);
/** Of these “raw” takes the doubt away. */
const keptRaw = new Set(list('cold, chilled, cooled, frozen, thawed, defrosted'));
const rawWords = list('raw, uncooked, fresh');
/** A coat hides what it is made of: a whole piece, or scraps pressed together and cooked before. */
const coats = list('breaded, crumbed, battered, coated, schnitzel, escalope, milanese, katsu, goujon');
/** Flesh without a name or a cut. */
const vague = list('meat, flesh, strip, dish, food');

/** Words that say nothing of what it is: number, size, how it was dressed for the pan, and plain seasoning. */
const sayNothing = list(
  'a, an, and, the, of, with, in, on, for, to, each, one, two, three, four, small, large, medium, thick, thin, big, little, piece, slice, portion, lean, boneless, bone-in, boned, skinless, skin-on, trimmed, centre-cut, center-cut, bone, skin, rare, medium-rare, well-done, pink, butter, garlic, herb, lemon, pepper, peppered, salt, oil, parsley, rosemary, thyme, dill, organic, free-range, king, tiger, queen, brown, rainbow, atlantic, pacific, farmed, wild, yellowfin, skipjack, sockeye, roasting, grilling, frying, braising, stewing, school, class, station, kg, g, oz',
);

/** Commas and the like part phrases; any other sign may mean anything and stays. */
const normalised = (words: string) =>
  words
    .normalize('NFC')
    .toLowerCase()
    .replaceAll(/[’‘']/g, '')
    .replaceAll(/[.,;:!()/&]+/g, ' | ')
    .replaceAll(/\s+/g, ' ')
    .trim();

/**
 * Whether a phrase stands in a normalised text as whole words, singular or plural. There only blanks and hyphens part
 * words, so that these hundreds of patterns need no tables of letters, which took two thirds of a second to build.
 */
function pattern(name: string): RegExp {
  const words = name.replaceAll(/[-\s]/g, '[- ]');
  const either = name.endsWith('y') ? `${words.slice(0, -1)}(?:y|ies)` : `${words}(?:e?s)?`;
  return new RegExp(`(?<![^ -])(?:${either})(?![^ -])`, 'g');
}

type Role =
  | { is: 'kind'; kind: FoodKind }
  | { is: 'cut' | 'cut-of-the-table' | 'done' | 'raw' | 'coat' | 'vague' | 'nothing' };

interface Entry {
  name: string;
  role: Role;
  pattern: RegExp;
}

const entry =
  (role: Role) =>
  (name: string): Entry => ({ name, role, pattern: pattern(name) });

/** Every name there is; where one stands in another, the longer one is read. */
const entries: readonly Entry[] = [
  ...foodKinds.flatMap(({ id, names }) => names.map(entry({ is: 'kind', kind: id }))),
  ...cuts.map(entry({ is: 'cut' })),
  ...cutsOfTheTable.map(entry({ is: 'cut-of-the-table' })),
  ...doneBefore.map(entry({ is: 'done' })),
  ...rawWords.map(entry({ is: 'raw' })),
  ...coats.map(entry({ is: 'coat' })),
  ...vague.map(entry({ is: 'vague' })),
  ...sayNothing.map(entry({ is: 'nothing' })),
].sort((a, b) => b.name.length - a.name.length);

/** What is named whole by its line of the table: no cut is asked for. */
const wholeByName: ReadonlySet<FoodKind> = new Set([
  'fish',
  'eggs',
  'poultry',
  'egg-dish',
  'stuffed',
  'minced',
  'leftovers',
]);
/** What says which creature it is of, beside what says what was made of it. */
const creatures: readonly FoodKind[] = ['poultry', 'fish', 'eggs', 'whole-cut'];

export interface FoodReading {
  /** Every kind that a word of the phrase speaks for, the most demanding first; empty where none does. */
  kinds: FoodKind[];
  /** The creature it is of, in the words that stand there; null where none is named. */
  animal: string | null;
  /** Cut, or what was made of it; null where nothing is said of it. */
  form: string | null;
  /** Raw, or what was done to it before; null where nothing is said of it. */
  state: string | null;
  /** Words and signs that are not known to mean anything, or nothing, for it. */
  unread: string[];
  /** Why no mild limit may rest on it, though each word was read: what would have to be said. */
  open: string[];
}

/**
 * Reads what a food is called into creature, form and state. No word is decisive: “leftover fish” and “chicken pie” are each
 * several kinds, and the strictest counts. A mild limit needs all three said, or implied by the line of the table that
 * names it, and no word left over.
 */
export function readFood(words: string): FoodReading {
  const text = normalised(words);
  const whole = foodKinds.find(({ id, name }) => id === text || normalised(name) === text);
  if (whole) return { kinds: [whole.id], animal: null, form: whole.name, state: null, unread: [], open: [] };
  const found = namesIn(text);
  const of = (...roles: Role['is'][]) =>
    found.names.filter(({ role }) => roles.includes(role.is)).map(({ name }) => name);
  const ofKind = (kind: FoodKind) =>
    found.names.filter(({ role }) => role.is === 'kind' && role.kind === kind).map(({ name }) => name);
  const named = (kind: FoodKind) =>
    ofKind(kind).length > 0 || (kind === 'whole-cut' && of('cut-of-the-table').length > 0);
  const kinds = foodKinds.map(({ id }) => id).filter(named);
  const made = foodKinds.flatMap(({ id }) => (creatures.includes(id) ? [] : ofKind(id)));
  const animals = creatures.filter(named);
  const raw = of('raw').length > 0;
  const doubtful = of('done').filter((name) => !(raw && keptRaw.has(name)));
  const cut = of('cut', 'cut-of-the-table');
  const open = [
    ...(animals.length > 1 ? ['which of them was probed'] : []),
    ...(animals.length === 0 && made.length === 0 && cut.length + of('vague', 'coat').length > 0
      ? ['which animal it is of']
      : []),
    ...(kinds[0] === 'whole-cut' && cut.length === 0
      ? ['which cut it is: steak, chop, joint, or minced']
      : []),
    ...(doubtful.length > 0
      ? [`whether “${doubtful[0]!}” says it was cooked before and is heated again`]
      : []),
    ...(of('coat').length > 0 ? [`whether “${of('coat')[0]!}” hides a whole piece, raw until now`] : []),
  ];
  const said = (list: readonly string[]) => (list.length > 0 ? [...new Set(list)].join(', ') : null);
  return {
    kinds,
    animal: said(creatures.flatMap(ofKind)),
    form: said([...made, ...cut, ...of('coat', 'vague')]) ?? impliedForm(animals),
    state: said([...ofKind('leftovers'), ...of('done'), ...of('raw')]) ?? impliedState(kinds, found.unread),
    unread: found.unread,
    open,
  };
}

const impliedForm = ([animal]: readonly FoodKind[]) =>
  animal !== undefined && wholeByName.has(animal) ? 'as the table names it' : null;

const impliedState = (kinds: readonly FoodKind[], unread: readonly string[]) =>
  kinds.length > 0 && unread.length === 0 ? 'raw, as the table takes it' : null;

/** The names that stand in a text, longest first, and what is left over. */
function namesIn(text: string): { names: Entry[]; unread: string[] } {
  let rest = text;
  const names = entries.filter((one) => {
    one.pattern.lastIndex = 0;
    if (!one.pattern.test(rest)) return false;
    rest = rest.replace(one.pattern, ' | ');
    return true;
  });
  const unread = rest.split(/[\s|-]+/).filter((word) => word !== '' && !/^\d+$/.test(word));
  return { names, unread: [...new Set(unread)] };
}
