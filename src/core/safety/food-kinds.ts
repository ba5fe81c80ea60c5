/** A kind of food that authorities tell apart, and the words that make it one. */
export interface FoodKindEntry {
  id: string;
  name: string;
  /** Words and phrases, lower case, singular; a plural is understood. */
  names: readonly string[];
}

const list = (text: string) => text.split(/,\s*/);

/**
 * Kinds of food, the most demanding first: any word of a phrase can make it stricter, none can make it milder.
 * (US FDA Food Code 3-401.11 and 3-403.11 for what belongs together; words by common practice.)
 */
export const foodKinds = [
  {
    id: 'leftovers',
    name: 'reheated food',
    names: list(
      'leftover, left-over, left over, reheated, re-heated, reheat, reheating, rewarmed, re-warmed, warmed up, warmed-up, heated up, heat up, warmed through, cooked earlier, cooked before, precooked, pre-cooked, already cooked, ready cooked, ready-cooked, cooked and chilled, cooked then chilled, cook-chill, cooked-chilled, chilled meal, ready meal, ready-meal, tv dinner, microwave meal, takeaway, take-away, doggy bag, from yesterday, yesterday, yesterdays, second day, next day, day-old, day old, batch-cooked, batch cooked, meal prep, made ahead, thawed meal, casserole, soup, stew, broth, stock, gravy, curry, chilli con carne, chili con carne, chili, ragu, bolognese, goulash, hotpot, rice, risotto, paella, pilaf, pilau, biryani, congee, porridge, baked beans, refried, dal, dahl, haggis, black pudding, buffet',
    ),
  },
  {
    id: 'stuffed',
    name: 'stuffed, filled and mixed dishes',
    names: list(
      'stuffed, stuffing, filled, filling, forcemeat, dressing, pie, pasty, pastie, lasagne, lasagna, cannelloni, ravioli, tortellini, tortelloni, moussaka, enchilada, burrito, quesadilla, calzone, samosa, empanada, pierogi, dumpling, gyoza, wonton, dim sum, spring roll, egg roll, sausage roll, wellington, en croute, en croûte, pâté en croûte, turducken, cordon bleu, kiev, kyiv, roulade, ballotine, galantine, bake, gratin, crumble topping, pot pie, potpie, hot pot, shepherds pie, cottage pie, fish pie, parcel, vol-au-vent, beef olive, involtini, braciole, paupiette, haslet, tamale',
    ),
  },
  {
    id: 'poultry',
    name: 'poultry and wild game',
    names: list(
      'poultry, chicken, hen, cockerel, capon, poussin, turkey, duck, duckling, goose, gosling, guinea fowl, guineafowl, quail, pigeon, squab, pheasant, partridge, grouse, snipe, woodcock, ostrich, emu, game, venison, deer, elk, moose, reindeer, wild boar, boar, rabbit, hare, bear, fowl, drumstick, wing, giblet, nugget, foie gras, coq au vin',
    ),
  },
  {
    id: 'minced',
    name: 'minced, tenderised, injected and rolled meat and fish',
    names: list(
      'minced, mince, mincemeat, ground, comminuted, chopped and formed, burger, hamburger, beefburger, cheeseburger, veggie burger, patty, pattie, slider, sausage, sausage meat, sausagemeat, banger, chipolata, chorizo, salami, merguez, bratwurst, wurst, frankfurter, hot dog, hotdog, meatball, meat ball, meat loaf, meatloaf, loaf, kofta, kofte, köfte, kefta, kufta, keema, kebab, kebap, doner, donner, gyros, shawarma, cevapi, rissole, faggot, terrine, pâté, pate, fish cake, fishcake, fish finger, fish ball, fish stick, crab cake, crabcake, surimi, crab stick, crabstick, gefilte, quenelle, mousse, tenderised, tenderized, mechanically tenderised, needle, needled, bladed, jaccard, injected, injection, marinade-injected, brine-injected, pumped, rolled, restructured, reformed, formed, cube steak, minute steak, minute-steak, tartare, offal, liver, kidney, heart, tongue, tripe, sweetbread, brain, lung, gammon, bacon, pancetta, lardons, cured, brined, corned beef, salt beef, salt pork, pastrami, scotch egg',
    ),
  },
  {
    id: 'egg-dish',
    name: 'egg dishes and eggs for later',
    names: list(
      'quiche, frittata, custard, omelette, omelet, tortilla española, spanish omelette, soufflé, souffle, strata, scrambled, egg dish, egg casserole, pooled egg, eggs for later, hot-held egg, egg for later, meringue, hollandaise, crème brûlée, creme brulee, bread pudding, french toast, carbonara, zabaglione, sabayon, shakshuka',
    ),
  },
  {
    id: 'fish',
    name: 'fish and shellfish',
    names: list(
      'fish, seafood, shellfish, salmon, cod, haddock, hake, halibut, plaice, sole, flounder, turbot, brill, dab, pollock, pollack, coley, whiting, ling, monkfish, skate, ray, trout, char, mackerel, herring, kipper, sardine, pilchard, sprat, anchovy, anchovies, whitebait, tuna, swordfish, marlin, shark, dogfish, bass, sea bass, seabass, bream, sea bream, mullet, snapper, grouper, tilapia, catfish, pangasius, basa, barramundi, perch, pike, carp, eel, sturgeon, mahi-mahi, mahi mahi, red snapper, john dory, gurnard, prawn, shrimp, scampi, langoustine, crab, lobster, crayfish, crawfish, mussel, oyster, clam, cockle, whelk, winkle, scallop, abalone, squid, calamari, octopus, cuttlefish, snail, roe',
    ),
  },
  { id: 'eggs', name: 'eggs for immediate service', names: list('egg, eggs') },
  {
    id: 'whole-cut',
    name: 'whole cuts of beef, pork, lamb',
    names: list(
      'whole-cut, whole cut, whole, steak, chop, cutlet, joint, roast, beef, pork, lamb, mutton, hogget, veal, meat, ham, brisket, sirloin, rump, ribeye, rib-eye, topside, silverside, fillet, tenderloin, loin, shank, shin, rib, ribs, goat, kid, bison, buffalo, rack, noisette, leg, shoulder, belly',
    ),
  },
] as const satisfies readonly FoodKindEntry[];

export type FoodKind = (typeof foodKinds)[number]['id'];

/** Words that say nothing of the kind: how it is cut, cooked, seasoned and served. */
const neutral = new Set(
  list(
    'a, an, and, cold, the, of, with, in, on, or, for, to, my, our, each, one, two, three, small, large, medium, thick, thin, big, little, piece, pieces, slice, sliced, strip, portion, raw, fresh, frozen, thawed, defrosted, chilled, lean, boneless, bone-in, boned, skinless, skin-on, trimmed, cut, cuts, center, centre, end, top, bottom, breast, thigh, side, middle, core, grilled, roasted, roast, roasting, fried, pan-fried, deep-fried, stir-fried, poached, baked, boiled, steamed, seared, braised, barbecued, bbq, griddled, smoked, sauté, sauteed, sautéed, rare, medium-rare, well-done, done, pink, cooked, slow-cooked, home-cooked, homemade, home-made, sauce, butter, garlic, herb, herbs, lemon, pepper, peppered, salt, salted, oil, onion, tomato, mustard, ginger, parsley, rosemary, thyme, paprika, spiced, seasoned, breaded, crumbed, battered, crust, crusted, marinated, glazed, honey, organic, free-range, hard, soft, hard-boiled, soft-boiled, yolk, white, hot, warm, school, class, station, dish, food, tail, tails, claw, fin, cheek, neck, head, on, bone, kg, g, oz, t-bone, tbone, porterhouse, flank, skirt, hanger, bavette, flat, iron, new, york, prime, angus, wagyu, streaky, back, crown, saddle, haunch, black, king, tiger, queen, brown, rainbow, atlantic, pacific, wild, farmed, yellowfin, skipjack, sockeye, cajun, tandoori, teriyaki, jerk, katsu, schnitzel, escalope, milanese, medallion, collar, hock, knuckle, spare, spareribs, baby',
  ),
);

const normalised = (words: string) =>
  words
    .normalize('NFC')
    .toLowerCase()
    .replaceAll(/[’‘']/g, '')
    .replaceAll(/[^\p{L}\p{N}-]+/gu, ' ')
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

const patterns = foodKinds.map(({ id, names }) => ({
  id: id,
  all: [...names].sort((a, b) => b.length - a.length).map(pattern),
}));

export interface FoodReading {
  /** Every kind that a word of the phrase speaks for, the most demanding first; empty where none does. */
  kinds: FoodKind[];
  /** Words that neither name a kind nor are known to say nothing of it. */
  unknown: string[];
}

/**
 * Reads what a food is called. No word is decisive: “leftover fish”, “tenderised steak” and “chicken pie” are each
 * several kinds, and the strictest counts. Words that are not known are handed back: a low limit may not rest on them.
 */
export function readFood(words: string): FoodReading {
  const text = normalised(words);
  const named = foodKinds.find(({ id, name }) => id === text || normalised(name) === text);
  if (named) return { kinds: [named.id], unknown: [] };
  let rest = text;
  const kinds = patterns.flatMap(({ id, all }) => {
    const hits = all.filter((one) => {
      one.lastIndex = 0;
      return one.test(text);
    });
    for (const hit of hits) rest = rest.replace(hit, ' ');
    // “Cooked” before a name may mean cooked before; as part of “slow-cooked” it does not.
    const before =
      id === 'leftovers' && /^(cold |chilled |frozen )?cooked |(cold|chilled) cooked /u.test(text);
    return hits.length > 0 || before ? [id] : [];
  });
  const unknown = rest
    .split(/[\s]+/)
    .filter((word) => /\p{L}/u.test(word) && !neutral.has(word) && !neutral.has(word.replace(/s$/, '')));
  return { kinds, unknown };
}
