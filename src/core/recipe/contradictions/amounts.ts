import { isOnlyThen } from './can-be-meant';
import { formatNumber } from '../../format';
import type { AmountSaid } from '../amounts-said';
import type { Said } from '../said';
import { massOf, type Mass } from '../mass';
import type { Answer, Contradiction, FormulaLine, RecipeDraft, RecipeStep } from '../recipe';
import { gramsOf, isMass, isPack, isVolume, millilitresOf, type RecipeUnit } from '../units';

/** Cookery books take 25 to 30 g for an ounce and round as they like: up to this ratio two amounts are the same. */
const sameRatio = 1.22;
/** Between spoons, cups and grams, beyond the range of the bulk density. */
const volumeRatio = 1.3;
/** Between pieces and grams: a carrot is 50 g or 150. */
const pieceRatio = 2.6;

const words = ({ amount, amountHigh, unit }: Pick<Said, 'amount' | 'amountHigh' | 'unit'>) =>
  `${formatNumber(Number(amount.toPrecision(4)))}${amountHigh === null ? '' : `–${formatNumber(Number(amountHigh.toPrecision(4)))}`}${unit === 'each' ? '' : ` ${unit}`}`;

/** A line that says its amount twice: “250 g (18 oz)”, “half a kilo bag (50 g)”, “1 sachet (3 tbsp)”. */
export function linesSayOneAmount(recipe: RecipeDraft): Contradiction[] {
  return recipe.formula.flatMap((line, i) =>
    line.also.flatMap((also) => {
      const main = mainOf(line);
      if (!main || agree(main, also, line, recipe)) return [];
      const sachet = main.unit === 'sachet' || also.unit === 'sachet' || /sachet|envelope/i.test(line.text);
      const [one, other] = [
        massOf({ ...main, fill: line.fill }, line.item, recipe.cup),
        massOf(also, line.item, recipe.cup),
      ];
      const packed = line.pack && line.pack.count !== 1;
      return [
        {
          kind: sachet ? ('sachet' as const) : ('amount' as const),
          lines: [line.line],
          text: `${capital(line.name)}: ${words(main)} or ${words(also)}?${packed ? ` ${formatNumber(line.pack!.count)} of a pack of ${words({ amount: line.pack!.each, amountHigh: null, unit: line.pack!.unit })} is ${words(main)}, so ${words(also)} is the slip.` : ''}`,
          working: [massWords(words(main), one), massWords(words(also), other)],
          answers: [answer(i, main), answer(i, also)],
        },
      ];
    }),
  );
}

const mainOf = (line: FormulaLine): Said | null =>
  line.amount === null ? null : { amount: line.amount, amountHigh: line.amountHigh, unit: line.unit };

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const massWords = (said: string, mass: Mass | null) =>
  mass
    ? `${said} is about ${formatNumber(Number(mass.usual.toPrecision(3)))} g (${formatNumber(Number(mass.low.toPrecision(3)))} to ${formatNumber(Number(mass.high.toPrecision(3)))})`
    : `${said}: no mass known`;

const answer = (formula: number, { amount, unit }: Said): Answer => ({
  label: words({ amount, amountHigh: null, unit }),
  does: 'amount',
  formula,
  amount,
  unit,
});

/** Whether two amounts of a thing can be the same. What cannot be compared is not held against a recipe. */
function agree(one: Said, other: Said, line: FormulaLine, { cup }: RecipeDraft): boolean {
  if (one.unit === other.unit)
    return near(one.amount, other.amount, other.amountHigh ?? one.amountHigh, 1.04);
  const volumes = [millilitresOf(one.unit, cup), millilitresOf(other.unit, cup)];
  if (volumes[0] !== null && volumes[1] !== null)
    return near(one.amount * volumes[0]!, other.amount * volumes[1]!, null, pintOf(one, other) ? 1.25 : 1.19);
  if (isPack(one.unit) && one.unit !== 'sachet' && one.unit !== 'stick') return true;
  const [a, b] = [
    massOf({ ...one, fill: line.fill, size: line.size, name: line.name }, line.item, cup),
    massOf(other, line.item, cup),
  ];
  if (!a || !b) return true;
  const ratio =
    isMass(one.unit) && isMass(other.unit)
      ? sameRatio
      : one.unit === 'sachet' || other.unit === 'sachet' || isVolume(one.unit) || isVolume(other.unit)
        ? volumeRatio
        : pieceRatio;
  return a.low <= b.high * ratio && b.low <= a.high * ratio;
}

const pintOf = (...said: Said[]) => said.some(({ unit }) => unit === 'pint' || unit === 'floz');

const near = (one: number, other: number, high: number | null, ratio: number) =>
  one <= (high ?? other) * ratio && other <= one * ratio;

/** Small words of amount that nobody holds a cook to. */
const loose: readonly RecipeUnit[] = ['pinch', 'dash', 'handful', 'to-taste'];
const restWords =
  /\b(?:rest|remaining|remainder|other|half|third|quarter|reserved?|some of|the last|most of|all but|leftover|resto|rest(?:liche)?n?|übrige|sisa)\b/i;

/** “an egg into each”, “1 tsp of jam on every round”: as often as there are pieces. */
const forEach =
  /^[^.;,]{0,25}\b(?:(?:in|on|into|onto|over|for|to|with|per|between) (?:each|every)|each|apiece|per \p{L}+|at a time)\b/iu;

/** “for every 600 ml take 450 g”, “add another 2 tbsp”: not what the list says, nor against it. */
const everyBefore = /\b(?:for|to|per) (?:each|every)\b[^.;]{0,40}$/i;
const isBesides = (text: string, { from, to }: AmountSaid) =>
  /\b(?:another|extra|more|further)\b/i.test(text.slice(Math.max(0, from - 12), to)) ||
  forEach.test(text.slice(to)) ||
  everyBefore.test(text.slice(0, from));

/** The method says another amount than the list. */
export function methodSaysTheSameAmounts(recipe: RecipeDraft): Contradiction[] {
  if (!recipe.listed) return [];
  const all = recipe.steps.flatMap((step, s) => step.amounts.map((said) => ({ step, s, said })));
  const told = new Set<number>();
  return all.flatMap(({ step, s, said }) => {
    const lines = linesOf(step, said);
    if (lines.length === 0 || loose.includes(said.unit) || isBesides(step.text, said)) return [];
    if (isOnlyThen(recipe.steps, s, said.from)) return [];
    // “100 g sugar, plus extra for the topping”: how much extra the list leaves open.
    if (lines.some((i) => /\b(?:extra|more)\b/i.test(recipe.formula[i]!.note))) return [];
    const own = lines.filter((i) => recipe.formula[i]!.amount !== null);
    if (plentyOf(said, recipe)) return [];
    if (own.length === 0 || own.some((i) => told.has(i) || loose.includes(recipe.formula[i]!.unit)))
      return [];
    const others = all.filter(
      (one) => one.said !== said && linesOf(one.step, one.said).some((i) => own.includes(i)),
    );
    if (
      fits(
        said,
        own,
        others.map((one) => one.said),
        recipe,
        step,
      )
    )
      return [];
    const i = own[0]!;
    const line = recipe.formula[i]!;
    told.add(i);
    const main = mainOf(line)!;
    const sachet = said.unit === 'sachet' || line.unit === 'sachet';
    const [a, b] = [
      massOf({ ...main, fill: line.fill }, line.item, recipe.cup),
      massOf({ ...said, amountHigh: null }, line.item, recipe.cup),
    ];
    const put = said.words.replace(
      /^(?:about |approx\.? )?[\d./,\s-]*\d(?:\s?\p{L}{1,12}\.?)?/iu,
      words({ ...main, amountHigh: null }),
    );
    const answers = [
      // The list is right: then the method says it too.
      {
        ...answer(i, main),
        words: { step: s, from: said.words, to: said.unit === 'each' ? said.words : put },
      },
      answer(i, said),
    ];
    return [
      {
        kind: sachet ? ('sachet' as const) : ('amount' as const),
        lines: [line.line, step.line].filter((one, at, list) => list.indexOf(one) === at),
        text: `${capital(line.name)}: the list says ${words(main)}, the method ${words(said)}.`,
        working: [massWords(`list, ${words(main)}`, a), massWords(`method, ${words(said)}`, b)],
        answers: shareIsOdd(i, a, recipe) ? answers.reverse() : answers,
      },
    ];
  });
}

/** “oil for deep frying”: beside a line without an amount any amount of it can be meant. */
const plentyOf = (said: AmountSaid, { formula }: RecipeDraft): boolean =>
  formula.some(({ amount, item }) => amount === null && item?.family === said.item.family);

/** Lines of the formula that the amount of a sentence is of. */
function linesOf(step: RecipeStep, said: AmountSaid): number[] {
  const place = step.mentioned.places.find((one) => one.from < said.to && one.to > said.from);
  return place?.lines ?? [];
}

function fits(
  said: AmountSaid,
  own: readonly number[],
  others: readonly AmountSaid[],
  recipe: RecipeDraft,
  step: RecipeStep,
): boolean {
  const grams = (one: Said, line: FormulaLine) =>
    massOf({ ...one, fill: line.fill, size: line.size, name: line.name }, line.item, recipe.cup);
  const lines = own.map((i) => recipe.formula[i]!);
  // The same as one of them, said the same way or another.
  if (
    lines.some((line) => [mainOf(line)!, ...line.also].some((one) => agree(one, { ...said }, line, recipe)))
  )
    return true;
  if (lines.some(({ item }) => item !== undefined && item.id !== said.item.id && said.unit === 'each'))
    return true;
  // “300 ml of the water” beside rose water: another thing.
  if (
    !lines.some(
      ({ item }) => item !== undefined && (item.id === said.item.id || item.family === said.item.family),
    )
  )
    return true;
  const comparable = lines
    .map((line) => ({ line, main: mainOf(line)! }))
    .filter(
      ({ line, main }) =>
        main.unit === said.unit || (grams(main, line) !== null && grams(said, line) !== null),
    );
  if (comparable.length === 0) return true;
  // All of them together.
  const total = comparable.reduce((sum, { line, main }) => sum + sizeIn(main, said, line, recipe), 0);
  if (near(total, said.amount, said.amountHigh, 1.1)) return true;
  if (said.amount > total * 1.1) return false;
  if (said.part || restWords.test(step.text)) return true;
  // A part of it: the rest goes in elsewhere.
  const elsewhere = recipe.steps.some(
    (one) =>
      one !== step &&
      one.uses.some((i) => own.includes(i)) &&
      (restWords.test(one.text) ||
        one.amounts.some((amount) => others.includes(amount)) ||
        // “… in the oil”, and later “1 tbsp of oil in a pan”: so much of it is enough.
        (said.item.family === 'oil' && (said.unit === 'tbsp' || said.unit === 'tsp'))),
  );
  const sum = others.reduce((rest, one) => rest + (one.unit === said.unit ? one.amount : 0), said.amount);
  return elsewhere && sum <= total * 1.1;
}

/** An amount of a line in the unit another is said in. */
function sizeIn(main: Said, said: Said, line: FormulaLine, { cup }: RecipeDraft): number {
  if (main.unit === said.unit) return main.amountHigh ?? main.amount;
  const [a, one] = [
    massOf(main, line.item, cup),
    massOf({ ...said, amount: 1, amountHigh: null }, line.item, cup),
  ];
  if (!a || !one || one.usual === 0) return Infinity;
  const grams = gramsOf(said.unit);
  return grams === null ? a.usual / one.usual : a.usual / grams;
}

/** More fat than flour, more salt than a twentieth: of two amounts the other is likelier. */
function shareIsOdd(i: number, mass: Mass | null, { formula }: RecipeDraft): boolean {
  const item = formula[i]!.item;
  const flour = formula.reduce(
    (sum, line) => sum + (/flour/.test(line.item?.id ?? '') ? (line.mass?.usual ?? 0) : 0),
    0,
  );
  if (!mass || !item || flour === 0) return false;
  const share = mass.usual / flour;
  if (/butter|margarine|oil|lard/.test(item.id)) return share > 1.2;
  if (/^salt$/.test(item.id)) return share > 0.05;
  if (/yeast/.test(item.id)) return share > 0.08;
  if (/baking-powder|bicarbonate/.test(item.id)) return share > 0.1;
  return /flour/.test(item.id) ? false : share > 4;
}
