import { formatNumber } from '../../format';
import { massOf } from '../mass';
import type { Contradiction, RecipeDraft } from '../recipe';

const things =
  'balls?|rounds?|pieces?|buns?|rolls?|squares?|biscuits?|cookies|scones?|portions?|strips?|fingers?|rings?|bars?|cakes?|muffins?|cases?|koftas?|patties|glasses|ramekins?|moulds?|bowls?|triangles?|wedges?|circles?|discs?|sticks?|plaits?|loaves|slices?|tartlets?|tarts?|meringues?|mounds?|heaps?|burgers?|cups?|bites?|pots?|dumplings?|shapes?|lengths?|logs?|parcels?|rectangles?|cubes?|kugeln|stücke|teile|brötchen|boules|parts|bolas|porciones|palline|pezzi|porzioni|bola|bagian';
const number = '(\\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|twelve|sixteen|twenty|twenty-four)';
const counted = new RegExp(
  `\\b${number}\\s+(?:(?:equal(?:ly)?(?:[- ]sized)?|small|large|little|round|even|greased|individual|even-sized|walnut-sized|cm|thick|thin|neat|flat|long|tall|serving|paper|muffin) )*(${things})\\b`,
  'giu',
);
const numbers: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  sixteen: 16,
  twenty: 20,
  'twenty-four': 24,
};
const doing =
  /\b(?:cut|shape|form|roll|divide|divided|make|makes|stamp|pat|press|into|pipe|drop|scoop|spoon|break|split|pull|portion|pour|between|among|fill|mould)\b/i;
const vessels = /^(?:glass|ramekin|mould|bowl|portion|pot|cup)/i;
const again = new RegExp(
  `\\b(?:each (?:one |piece |half |ball |strip |square )?(?:into|in half)|in half(?! (?:of |an? |the ))|halve|quarter|again|per tray|batches|(?:on|onto|over|between|across) (?:the )?(?:two|both) trays|(?:${number}(?: (?:${things}))?|a few|some|half) at a time|on each|twice|repeat)\\b`,
  'i',
);
/** “350 ml jars”: a number of something else than pieces. */
const bare = '(?!\\s*(?:ml|cl|l|g|kg|cm|mm|min|mins|minutes|hours?|tsp|tbsp|oz|lb)\\b)';
const eachMass = new RegExp(
  `\\b${number}${bare}\\s+(?:[\\p{L}-]+\\s+){0,3}?(?:of|at|weighing|zu je|de|da)\\s+(?:about |roughly |each )?(\\d{1,4}(?:[.,]\\d)?)\\s*g\\b|\\b${number}\\s+(\\d{1,4})[ -]?g\\s+(?:${things})\\b|\\b${number}${bare}\\s+(?:[\\p{L}-]+\\s+){0,3}?(?:\\(|,)?\\s*(\\d{1,4})\\s*g each\\b`,
  'giu',
);

const valueOf = (text: string) => numbers[text.toLowerCase()] ?? Number(text);

/** Batches that are no part of what is divided. */
const aside = /glaze|icing|topping|serve|filling|decorat|dust|sauce|syrup|dip/i;

/**
 * What can be meant by the batch that a step divides, g: all of the list, what went in so far, what the step names, each
 * part of the list by itself. Empty where a mass is missing.
 */
function batchesG(
  { formula, steps, cup }: RecipeDraft,
  found: readonly Contradiction[],
  at: number,
): number[] {
  const settled = new Map(
    found.flatMap(({ answers: [first] }) =>
      first?.does === 'amount' ? [[first.formula, first] as const] : [],
    ),
  );
  const every = formula
    .map((line, i) => {
      const answer = settled.get(i);
      const mass = answer ? massOf({ ...answer, amountHigh: null }, line.item, cup) : line.mass;
      return { ...line, i, mass };
    })
    .filter((line) => line.unit !== 'to-taste');
  const lines = every.filter((line) => !aside.test(line.section) && !aside.test(line.note));
  const gone = new Set(steps.slice(0, at + 1).flatMap((step) => step.uses));
  const named = new Set(steps[at]!.uses);
  const sections = [...new Set(every.map(({ section }) => section))];
  const groups = [
    lines,
    lines.filter(({ i }) => gone.has(i)),
    every.filter(({ i }) => named.has(i)),
    ...(sections.length > 1 ? sections.map((one) => every.filter(({ section }) => section === one)) : []),
  ];
  return groups.flatMap((group) => {
    const known = group.filter(({ mass }) => mass !== null);
    if (group.length === 0 || known.length < group.length - 1) return [];
    const sum = known.reduce((total, line) => total + line.mass!.usual, 0);
    return sum > 0 ? [sum] : [];
  });
}

/** “12 rings of 55 g” of a dough of 500 g. */
export function piecesAreTheBatch(recipe: RecipeDraft, found: readonly Contradiction[]): Contradiction[] {
  return recipe.steps.flatMap((step, s) =>
    [...step.text.matchAll(eachMass)].slice(0, 1).flatMap((match) => {
      const count = valueOf(match[1] ?? match[3] ?? match[5]!);
      const each = Number((match[2] ?? match[4] ?? match[6]!).replace(',', '.'));
      const wanted = count * each;
      const [batch, ...others] = batchesG(recipe, found, s);
      // Water boils off, bowls keep some: a quarter less is usual, more than there is never.
      const fits = (all: number) => wanted <= all * 1.12 && wanted >= all * 0.7;
      if (batch === undefined || !(count >= 2 && each > 0) || [batch, ...others].some(fits)) return [];
      const rounded = formatNumber(Math.round(batch / count));
      return [
        {
          kind: 'portions' as const,
          lines: [step.line],
          text: `${count} pieces of ${formatNumber(each)} g need ${formatNumber(wanted)} g; the batch weighs about ${formatNumber(Math.round(batch))} g: ${count} of ${rounded} g, or ${Math.floor(batch / each)} of ${formatNumber(each)} g.`,
          working: [
            `${count} × ${formatNumber(each)} g = ${formatNumber(wanted)} g`,
            `batch: ${formatNumber(Math.round(batch))} g`,
          ],
          answers: [
            [count, rounded],
            [Math.floor(batch / each), formatNumber(each)],
          ].map(([pieces, grams]) => ({
            label: `${pieces} of ${grams} g`,
            does: 'words' as const,
            step: s,
            from: match[0],
            to: match[0]
              .replace(/(?=\d)(?<!\d[.,]*)\d[\d.,]*(?=[ -]?g\b)/, String(grams))
              .replace(match[1] ?? match[3] ?? match[5]!, String(pieces)),
          })),
        },
      ];
    }),
  );
}

/** “Makes 12”, and then ten are shaped; “serves 4”, and then there are six glasses. */
export function countsAgree({ steps, yields, title }: RecipeDraft): Contradiction[] {
  const makes = yields.find((one) => one.kind === 'makes');
  const serves = yields.find((one) => one.kind === 'serves');
  const all = steps.map((step) => step.text).join(' ');
  if (again.test(all)) return [];
  for (const step of steps) {
    for (const match of step.text.matchAll(counted)) {
      const before = step.text.slice(0, match.index);
      const count = valueOf(match[1]!);
      const thing = match[2]!;
      if (count < 2 || !doing.test(before) || /\b(?:of|about|every)\s*$/i.test(before)) continue;
      const said = vessels.test(thing) && serves ? serves : vessels.test(thing) ? undefined : makes;
      if (!said) continue;
      if (said.what !== '' && otherThing(said.what, thing, title)) continue;
      if (count >= said.count * 0.99 && count <= (said.high ?? said.count) * 1.01) continue;
      // “about 24”: one or two more or less.
      if (/about|approx|around|roughly/i.test(said.words) && Math.abs(count - said.count) <= said.count * 0.1)
        continue;
      return [
        {
          kind: 'portions' as const,
          lines: [said.line, step.line],
          text: `“${said.words}”, but the method has ${count} ${thing}.`,
          working: [`said: ${said.count}`, `method: ${count}`],
          answers: [
            { label: `${count} ${thing}`, does: 'leave' as const },
            {
              label: `${said.count} ${thing}`,
              does: 'words' as const,
              step: steps.indexOf(step),
              from: match[0],
              to: match[0].replace(match[1]!, String(said.count)),
            },
          ],
        },
      ];
    }
  }
  return [];
}

/** Twelve strips can make six plaits: only the same kind of thing is counted against the head. */
function otherThing(what: string, thing: string, title: string): boolean {
  const stem = (word: string) => word.toLowerCase().replace(/(?:ies|es|s)$/, '');
  const [a, b] = [stem(what), stem(thing)];
  if (a === b || title.toLowerCase().includes(a)) return false;
  return (
    !/^(?:ball|round|piece|portion|square|bar|slice|shape|circle|disc)/.test(b) &&
    !/^(?:small|large|piece|portion)/.test(a)
  );
}
