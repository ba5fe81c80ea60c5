import { isNeutral, stemOf, stemsOf } from '../../ingredients';
import { hasStrangers } from './strangers';
import { canBeMeant, isInNotes, isOnlyThen, saidIn, takesUnnamed, workedUnnamed } from './can-be-meant';
import type { Contradiction, Recipe, RecipeDraft } from '../recipe';
import { comparable } from '../called';
import { isCollective } from '../collectives';

import { unitAt } from '../units';

/** Things one makes, or words that are verbs and ways: named in a method they are nothing that was forgotten. */
const made = new Set(
  `pastry dough batter cake biscuit cookie cracker loaf roll bun soup sauce gravy salad curry jelly jam custard caramel toffee fudge
  meringue icing frosting buttercream stew burger meatball kofta patty pancake waffle dumpling tart pie pizza muffin scone
  sandwich crumble topping dressing marinade puree purée paste syrup crumb bread breadcrumb spread dip set block heart tongue
  sole mace white squash toast mash curd ice roast steak stock-pot seasoning filling glaze bar ball finger chip flake leaf
  broth honeycomb brittle nougat marshmallow fondant ganache compote chutney pickle relish pesto hummus salsa mayonnaise
  vinaigrette roux porridge risotto gratin quiche flapjack brownie shortbread fish crust noodle date mint rocket date slush
  til rub sprinkle juice peel zest rind yolk sausage sweet candy lolly
  praline granola crisp rusk wafer wrap tortilla flatbread pudding trifle posset mousse sorbet granita cordial lemonade squash`
    .trim()
    .split(/\s+/)
    .map(stemOf),
);
const never = new Set(['water', 'ice', 'sparkling-water', 'e-numbers']);
/** Words before a name that make it a likeness, a suggestion or a season. */
const likeness =
  /\b(?:like|as \w+ as|size of an?|consistency of|thickness of|colour of|color of|texture of|resembles?|such as|instead of|e\.g\.|serve(?:d)? (?:\w+ )?with|serve (?:it|them|hot|warm|cold|alongside)[^.]*|enjoy with|goes well with|good with|accompany\w*|season(?:ed)?(?: \w+)? with|seasoning of|to taste|no|without|free of|if (?:you|using)[^,.]*|(?:lined|sprayed|greased|brushed|dusted|floured|oiled|buttered)(?: lightly)?(?: with)?|wipe[^.]*|(?:line|spray|grease|oil|dust)(?: (?:a|the|your|two)) [\w -]{0,40}with|\b(?:form|into)|(?:shape|form|roll|cut|divide|make|mould)\b[^.]{0,40}?(?:into|as)?(?: (?:\d+|long|small|thick|thin|little|flat))+)\s*(?:an?|the|some|a little|plenty of|more|extra|lightly|fine|coarse|good|freshly ground|crusty|fresh|warm|cold)?\s*(?:\w+ and )?$/i;
/** “until crisp”, “until the base is brown”: what comes about, not what goes in. */
const comesAbout = /\b(?:until|till)\b(?:(?!\b(?:add|stir|then|with|mix)\b)[^.,;:])*$/i;
/** “butter the tin”, “flour the surface”, “oil two trays”: doing, not adding. */
const doing =
  /^(?: (?:the|a|an|your|two|each|both|it|them|lightly|well|generously) | and (?:line|flour|butter|grease|base-line)\b|ed\b| until | together\b| (?:onto|into|through|over|in|on|it|them)\b)/i;
/** “clotted-cream consistency”, “walnut-sized”: a likeness, told behind the word. */
const likenessAfter =
  /^(?:[ -]?(?:size|sized|shaped|style|like|coloured|colored|flavoured)\b| (?:\p{L}+ )?(?:consistency|texture|thickness|size|stage|colour|color|shapes?)\b)/iu;

/** “an oiled tin”, “a floured board”: used, though not named. */
const greased: readonly (readonly [RegExp, string])[] = [
  [/\boil(?:ed|y)\b|\bgreased?\b|\b(?:fry|cook|soften|sweat|brown|sauté|saute|sear|roast|griddle)\b/i, 'oil'],
  [/\bbuttered\b|\bgreased?\b/i, 'butter'],
  [/\bfloured\b/i, 'flour'],
  [/\bsalted\b/i, 'salt'],
];

/** “Cream butter and sugar”: at the head of a sentence these are done, not added. */
const verbal = /^(?:cream|butter|oil|flour|salt|spread|dust|ice)$/i;

/** Words that lead away from what is put in: “by the tea”, “to the consistency of cream”. */
const leadsAway = /^(?:by|as|at|from|for|to|like|than|under|until|till)$/i;

/**
 * Whether a word is what a verb puts in: between the verb, or “with”, and the word stand only articles, amounts, neutral
 * words and other ingredients. “Keep it in a clean tea towel” takes no tea, “buttermilk runs off” none.
 */
function isPutIn(text: string, from: number, mentioned: Recipe['steps'][number]['mentioned']): boolean {
  const part = /[^.;:]*$/.exec(text.slice(0, from))![0];
  const start = from - part.length;
  const named = [
    ...mentioned.places,
    ...mentioned.others.map(({ from: at, words }) => ({ from: at, to: at + words.length })),
  ];
  const words = [...part.matchAll(/[\p{L}\p{N}%-]+/gu)].reverse();
  for (const match of words) {
    const word = match[0];
    const at = start + match.index;
    if (named.some((place) => place.from <= at && at < place.to) && at !== start) continue;
    if (putsIn.test(word)) return true;
    // “With 400 g of pasta”: by nothing that is done.
    if (/^with$/i.test(word)) return words.some(([other]) => putsIn.test(other));
    if (/^\d/.test(word) || /^in$|^into$/i.test(word)) continue;
    if (leadsAway.test(word) || !(isNeutral(comparable(word)) || unitAt(word) !== null)) return false;
  }
  return false;
}

/** Parts of what is listed, whatever it is: “chillies (with seeds)”, “potatoes in their skins”. */
const partOfThings = new Set(
  [
    'seed',
    'skin',
    'stalk',
    'leaf',
    'bone',
    'stone',
    'pip',
    'core',
    'shell',
    'rind',
    'peel',
    'zest',
    'juice',
    'root',
    'top',
    'fat',
    'stock',
  ].map(stemOf),
);
/** “Pipe 20 walnuts”: shapes, and so many of them. */
const shapes =
  /\b(?:pipe|roll|shape|form|drop|make|cut|mould|spoon|scoop|divide|stamp)\b[^.;]{0,30}\b(?:\d{1,3}|two|three|four|five|six|eight|ten|twelve|twenty)(?: \p{L}+)?\s*$/iu;

/** By these something goes in that was not there before; of any other verb nobody can tell. */
const putsIn =
  /^(?:add|stir|mix|fold|beat|whisk|whip|whizz|blitz|pour|put|tip|sift|sieve|sprinkle|scatter|drizzle|trickle|rub|cream|combine|blend|melt|dissolve|drop|toss|throw|crumble|grate|crack|break|work|knead|incorporate|top|spread|brush|dust|coat|fry|sauté|saute|soften|sweat|toast|bloom|soak|chop|dice|mash|heat|warm|boil|simmer|cook|infuse|steep|marinate|fill|stuff|spoon|swirl|layer|arrange|lay|place|bring|grease|rinse|use|include|gather)$/i;
/** After these what is there is called by other names: curds, whey, milk of beans, juice. */
const makesAnother = /\b(?:squeez\w+|strain\w*|press\w*|churn\w*|separat\w+|render\w*|drain\w*)\b/i;
const worksOnWhatIsThere =
  /\b(?:heat|warm|boil|simmer|cook|bring|use|gather|place|lay|spoon)\b[^.;:]*\bthe\s*$/i;
/** A noun right behind makes it another thing: “tea towel”, “pepper mill”, “seeds of the pod”. */
const madeAnother =
  /^(?: of\b| (?!(?:and|or|in|into|on|onto|over|with|to|until|till|for|at|then|the|a|an|is|are|it|them|well|together|all|from|by|as|if|while|but|plus|again|through|off|up|down|around|evenly|just|when|off|away|back|each|per|first|last|next|too|so|that|which|will|should|can|may|not|before|after|once|one|two|three|half)\b)\p{Ll}+(?<!ly)(?<!ing)(?<!ed)\b)/u;

/** A line that no step takes up. */
export function linesAreUsed({ formula, steps, listed, language }: RecipeDraft): Contradiction[] {
  if (!listed || steps.length === 0) return [];
  const used = new Set(steps.flatMap((step) => step.uses));
  const loosely = new Set(steps.flatMap((step) => step.mentioned.loosely));
  // Where most are not found, the method was not understood, and nothing can be said of what it lacks.
  if (used.size * 2 < formula.length) return [];
  if (steps.some(takesUnnamed) || isInNotes(steps, language) || hasStrangers(steps)) return [];
  const all = steps.map((step) => step.text).join(' ');
  const unnamed = workedUnnamed(formula, steps);
  const said = saidIn(steps);
  return formula.flatMap((line, i) => {
    if (
      // A name that nobody knows may be no thing at all, or one the method calls by another.
      line.item === undefined ||
      used.has(i) ||
      loosely.has(i) ||
      unnamed.includes(i) ||
      canBeMeant(line, said) ||
      greased.some(([word, family]) => line.item?.family === family && word.test(all)) ||
      line.optional ||
      /\b(?:to (?:serve|garnish|decorate|finish|glaze|top|dust|fill)|serving|garnish|for (?:the |a )?(?:dusting|greasing|rolling|frying|brushing|sprinkling|decorat\w+|coating|topping|finishing|glazing|kneading))\b/i.test(
        `${line.note} ${line.section}`,
      )
    )
      return [];
    if (/\b(?:serve|serving|garnish)\b/i.test(line.section)) return [];
    return [
      {
        kind: 'unused' as const,
        lines: [line.line],
        text: `${line.name.charAt(0).toUpperCase()}${line.name.slice(1)}: listed and never used.`,
        working: [`steps that name it: 0 of ${steps.length}`],
        answers: [
          { label: 'keep it', does: 'leave' as const },
          { label: 'leave it out', does: 'leave-out' as const, formula: i },
        ],
      },
    ];
  });
}

/** Something a step takes up that is on no line. */
export function usesAreListed({ title, steps, listed, formula, aside }: RecipeDraft): Contradiction[] {
  if (!listed) return [];
  const named = new Set(stemsOf(title));
  // What stands anywhere but in the method is no news in it.
  const known = new Set([
    ...stemsOf(aside),
    ...formula.flatMap(({ note, name, text, section }) => stemsOf(`${note} ${name} ${text} ${section}`)),
  ]);
  const told = new Set<string>();
  const all = steps.map((step) => step.text).join(' ');
  const another = steps.findIndex((step) => makesAnother.test(step.text));
  return steps.flatMap((step, s) =>
    step.mentioned.others.flatMap(({ item, words, from }) => {
      const before = step.text.slice(0, from);
      // “Squeeze it through a cloth. Heat the milk.”
      if (another >= 0 && s >= another && worksOnWhatIsThere.test(before)) return [];
      if (isOnlyThen(steps, s, from)) return [];
      const stems = stemsOf(words);
      const head = stems.at(-1)!;
      if (never.has(item.id) || told.has(item.family) || made.has(head)) return [];
      if (stems.every((stem) => named.has(stem) || known.has(stem))) return [];
      // “nut butter” of almond butter; part of a thing that is listed; a shape.
      // “the currants” of redcurrants and blackcurrants
      if (head.length >= 4 && [...known].some((one) => one.endsWith(head))) return [];
      if (known.has(head) || (stems.length === 1 && partOfThings.has(head)) || shapes.test(before)) return [];
      const starts = /(?:^|[.,;:]\s*|\b(?:and|then|lightly|generously)\s+)$/i.test(before);
      const after = step.text.slice(from + words.length);
      if (
        likenessAfter.test(after) ||
        isCollective(words) ||
        !isPutIn(step.text, from, step.mentioned) ||
        madeAnother.test(after)
      )
        return [];
      // “lemon wedges”, “soured milk”: a form of what is listed.
      if (step.mentioned.places.some((place) => place.to < from && from - place.to <= 1)) return [];
      if (
        stems.length === 1 &&
        starts &&
        (doing.test(after) || (verbal.test(words) && /^ (?!and\b|or\b)\p{L}/u.test(after)))
      )
        return [];
      if (likeness.test(before) || comesAbout.test(before)) return [];
      // “salted water”, “lemon-yellow”, “floured board”: not the thing itself.
      if (
        /^(?:ed|y|ish)?[- ](?:coloured|brown|yellow|sized|free|water bath|proof)\b/i.test(
          step.text.slice(from + words.length),
        )
      )
        return [];
      // Beans or rice that weigh a pastry case down are no ingredient.
      if (/bean|rice|pea/.test(item.family) && /\bblind\b/i.test(all)) return [];
      told.add(item.family);
      return [
        {
          kind: 'unlisted' as const,
          lines: [step.line],
          text: `${words.charAt(0).toUpperCase()}${words.slice(1).toLowerCase()} ${/s$/i.test(words) && !/ss$/i.test(words) ? 'go' : 'goes'} in, not listed.`,
          working: [`step: ${step.text.slice(0, 200)}`],
          answers: [
            { label: 'add it', does: 'add' as const, name: words.toLowerCase(), itemId: item.id },
            { label: 'leave it out', does: 'leave' as const },
          ],
        },
      ];
    }),
  );
}
