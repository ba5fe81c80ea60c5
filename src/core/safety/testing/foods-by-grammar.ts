import { checkCore } from '..';

const words = (text: string) => text.split(/,\s*/);

/** As the mildest line of the US table asks: 63 °C for 15 s. What says yes here is taken for raw, whole and named. */
export const mild = (food: string) => checkCore('fda', food, { celsius: 63, heldSeconds: 15 }).verdict;

// The grammar: words of the trade in their roles, not the lists of the program. What follows from the roles is the oracle:
// US FDA Food Code 3-401.11 and 3-403.11 ask for more than 63 °C of every food but these three.
const red = words('beef, pork, lamb, veal, mutton');
const cuts = words('steak, chop, joint, fillet, loin, shoulder, leg, rack, shank, cutlet, rump, belly');
const fish = words(
  'salmon, cod, haddock, trout, mackerel, sea bass, tuna, plaice, prawns, mussels, hake, squid',
);
const birds = words('chicken, turkey, duck, goose, pheasant, guinea fowl, poussin, quail');
const sizes = words('thick, small, two, boneless, 150 g, skinless');
const cookedBefore = words(
  'cold, chilled, poached, leftover, reheated, smoked, cooked, defrosted, yesterday’s, tinned, pre-cooked, grilled, steamed, day-old, twice-cooked, warmed-over, rehydrated, confit, sous-vide, braised',
);
const worked = words(
  'minced, ground, tenderised, stuffed, injected, rolled, needled, shredded, pulled, comminuted, brined, crumbed, chopped and shaped, formed, breaded, marinated, tumbled, battered, mechanically separated, pressed',
);
const dishes = words(
  'sauce, pie, lasagne, burger, sausage, kofta, loaf, pâté, stew, curry, terrine, dumplings, casserole, tartare, rissole, meatballs, ravioli, gravy, hash, pastry slice, wrap, filling, spread, bites, nuggets, floss, jerky, surprise',
);
const negations = words('no, not, non, mock, imitation, vegan, un, fake, meatless, instead of');
const strange = words(
  '🐔, 🍖🍖, ?x?, ???, ~, half-, xylo, blorf, mit Soße, картошка, 牛肉, b33f, +, %, <b>, \u200b',
);
const noAnimal = words(
  'breast fillet, breast joint, roast crown, jerk leg, thigh meat, white meat, dark meat, buffalo strips, katsu cutlet, crumbed fillet, wing tips, meat, flesh, boneless strips, minute fillet, tender loin pieces, drumsticks, schnitzel, escalope, goujons, tournedos, carvery joint, pulled shoulder, jerk chops, steak, chops, ribs, oven-ready joint',
);
const pairs = (
  first: readonly string[],
  second: readonly string[],
  join = (a: string, b: string) => `${a} ${b}`,
) => first.flatMap((a) => second.map((b) => join(a, b)));

/** Foods by why none of them may be a yes at the mildest line. */
export const neverMild: Readonly<Record<string, string[]>> = {
  'cut without its animal': noAnimal,
  'a bird in any form': [...birds, ...pairs(birds, cuts), ...pairs(birds, dishes)],
  'cooked before': [...pairs(cookedBefore, pairs(red, cuts)), ...pairs(cookedBefore, fish)],
  'worked on': [...pairs(worked, pairs(red, cuts)), ...pairs(worked, fish)],
  'a dish': [...pairs(red, dishes), ...pairs(fish, dishes), ...pairs(pairs(red, cuts), dishes)],
  'a negation': [
    ...pairs(negations, pairs(red, cuts)),
    ...pairs(negations, fish),
    ...fish.map((one) => `${one}-free`),
  ],
  'an unknown sign or word': [...pairs(strange, pairs(red, cuts)), ...pairs(fish, strange)],
  'two creatures': [...pairs(pairs(red, cuts), fish, (a, b) => `${a} with ${b}`), ...pairs(birds, fish)],
  'a spelling that is none': [
    ...pairs(red, cuts).map((one) => one.replace(/[aeiou]/, 'x')),
    ...fish.map((one) => `${one.slice(0, -1)}q`),
  ],
};
/** Raw, whole and named: a yes there. */
export const mildlyRight = [
  ...pairs(red, cuts),
  ...pairs(sizes, pairs(red, cuts)),
  ...pairs(words('raw, fresh, uncooked'), fish),
  ...pairs(words('raw chilled, raw frozen, raw defrosted'), pairs(red, words('steak, chop, joint'))),
  ...fish,
  ...words(
    'eggs, two eggs, roast beef, roast pork, roast lamb, leg of lamb, rack of lamb, sirloin, ribeye, thick pork chops',
  ),
];

/** What a school meets. */
export const schoolFoods = words(
  'chicken breast, chicken thighs, chicken drumsticks, whole chicken, turkey breast, turkey mince, turkey burgers, chicken curry, chicken pie, chicken nuggets, beef mince, beefburgers, burgers, meatballs, lamb koftas, sausages, chipolatas, bolognese, chilli con carne, lasagne, cottage pie, shepherds pie, beef stew, pork chops, pork loin steaks, pork shoulder joint, roast pork, roast lamb, lamb chops, beef steak, rump steak, gammon, bacon, ham, salmon fillet, cod fillet, haddock, prawns, fish cakes, fish pie, fish fingers, tuna steak, mackerel, eggs, quiche, frittata, scrambled egg, omelette, custard, bread pudding, rice, fried rice, risotto, soup, vegetable soup, leftover rice, reheated curry, stuffed peppers, sausage rolls, cornish pasty, samosas, spring rolls, moussaka, sausage casserole, stir-fried chicken, grilled salmon, fried egg, baked beans, cooked prawns, smoked haddock',
);
