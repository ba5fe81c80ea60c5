/** A kind of food that authorities tell apart, and the words that make it one. */
export interface FoodKindEntry {
  id: string;
  name: string;
  /** Words and phrases that make it one, lower case, singular; a plural is understood. */
  names: readonly string[];
}

export const list = (text: string) => text.split(/,\s*/);

/**
 * Kinds of food, the most demanding first: any word of a phrase can make it stricter, none can make it milder.
 * (US FDA Food Code 3-401.11 and 3-403.11 for what belongs together; words by common practice.)
 */
export const foodKinds = [
  {
    id: 'leftovers',
    name: 'reheated food',
    names: list(
      'leftover, left-over, cooked, left over, reheated, re-heated, reheat, reheating, rewarmed, re-warmed, warmed up, warmed-up, heated up, heat up, warmed through, cooked earlier, cooked before, precooked, pre-cooked, already cooked, ready cooked, ready-cooked, cooked and chilled, cooked then chilled, cook-chill, cooked-chilled, chilled meal, ready meal, ready-meal, tv dinner, microwave meal, takeaway, take-away, doggy bag, from yesterday, yesterday, yesterdays, second day, next day, day-old, day old, batch-cooked, batch cooked, meal prep, made ahead, thawed meal, casserole, soup, stew, broth, stock, gravy, curry, chilli con carne, chili con carne, chili, ragu, bolognese, goulash, hotpot, rice, risotto, paella, pilaf, pilau, biryani, congee, porridge, baked beans, refried, dal, dahl, haggis, black pudding, buffet',
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
      'poultry, chicken, hen, cockerel, capon, poussin, turkey, duck, duckling, goose, gosling, guinea fowl, guineafowl, quail, pigeon, squab, pheasant, partridge, grouse, snipe, woodcock, ostrich, emu, game, venison, deer, elk, moose, reindeer, wild boar, boar, rabbit, hare, bear, fowl, drumstick, wing, gizzard, giblet, nugget, foie gras, coq au vin',
    ),
  },
  {
    id: 'minced',
    name: 'minced, tenderised, injected and rolled meat and fish',
    names: list(
      'minced, mince, mincemeat, ground, comminuted, chopped and formed, burger, hamburger, beefburger, cheeseburger, veggie burger, patty, pattie, slider, sausage, sausage meat, sausagemeat, banger, chipolata, chorizo, salami, merguez, bratwurst, wurst, frankfurter, hot dog, hotdog, meatball, meat ball, meat loaf, meatloaf, loaf, kofta, kofte, köfte, kefta, kufta, keema, kebab, kebap, doner, donner, gyros, shawarma, cevapi, rissole, faggot, terrine, pâté, pate, fish cake, fishcake, fish finger, fish ball, fish stick, crab cake, crabcake, surimi, crab stick, crabstick, gefilte, quenelle, mousse, tenderised, tenderized, mechanically tenderised, needle, needled, bladed, jaccard, injected, injection, marinade-injected, brine-injected, pumped, rolled, restructured, reformed, formed, cube steak, minute steak, minute-steak, tartare, offal, liver, kidney, heart, tongue, tripe, sweetbread, brain, lung, gammon, ham, bacon, pancetta, lardons, cured, brined, corned beef, salt beef, salt pork, pastrami, scotch egg',
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
      'fish, seafood, shellfish, salmon, cod, haddock, hake, halibut, plaice, sole, flounder, turbot, brill, dab, pollock, pollack, coley, whiting, ling, monkfish, skate, ray, trout, char, mackerel, herring, sardine, pilchard, sprat, anchovy, anchovies, whitebait, tuna, swordfish, marlin, shark, dogfish, bass, sea bass, seabass, bream, sea bream, mullet, snapper, grouper, tilapia, catfish, pangasius, basa, barramundi, perch, pike, carp, eel, sturgeon, mahi-mahi, mahi mahi, red snapper, john dory, gurnard, prawn, shrimp, scampi, langoustine, crab, lobster, crayfish, crawfish, mussel, oyster, clam, cockle, whelk, winkle, scallop, abalone, squid, calamari, octopus, cuttlefish, snail, roe',
    ),
  },
  { id: 'eggs', name: 'eggs for immediate service', names: list('egg, eggs') },
  {
    id: 'whole-cut',
    name: 'whole cuts of beef, pork, lamb',
    names: list('beef, pork, lamb, mutton, hogget, veal, goat'),
  },
] as const satisfies readonly FoodKindEntry[];

export type FoodKind = (typeof foodKinds)[number]['id'];
