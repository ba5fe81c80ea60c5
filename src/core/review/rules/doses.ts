import { amountInGrams } from '../../formula';
import { formatNumber } from '../../format';
import { dosesOf, usualDosesSource, type Dose } from '../../dose';
import {
  leaveningSum,
  neutralisingSource,
  stoichiometrySource,
  yeastInhibition,
  yeastSource,
} from '../../leavening';
import type { Ingredient, Plan } from '../../practical';
import { workingOf } from '../../working';
import { batchOf, massOfBatch, varied, type BatchLine } from '../batch-of';
import type { PlanRemark, Rule } from '../plan-remark';

const withLine =
  (id: string, patch: Partial<Ingredient>) =>
  (was: Plan): Plan => ({
    ...was,
    formula: was.formula.map((line) => (line.id === id ? { ...line, ...patch } : line)),
  });
const rounded = (value: number) => formatNumber(Number(value.toPrecision(2)));

/** Beyond this share of the usual range a dose is worth a word; bakers differ. */
const beyond = 1.25;
const below = 0.6;

const weighed = (batch: readonly BatchLine[]) =>
  batch.flatMap((one) =>
    one.grams === null ? [] : [{ name: one.line.name, massG: one.grams, item: one.item, of: one }],
  );

/** Salt, yeast, soda, powder, gelatine, agar, pectin, starch against what is usual; what a factor changes is meant so. */
export const dosesAreUsual: Rule = ({ plan, place }) => {
  const meant = varied(plan);
  const lines = weighed(batchOf(plan, place));
  return dosesOf(lines)
    .filter(({ line }) => !meant.has(lines[line]!.of.line.id))
    .filter(({ percent, low, high }) => percent > high * beyond || percent < low * below)
    .map((dose): PlanRemark => {
      const { line } = lines[dose.line]!.of;
      const remedy = slipOf(line, dose);
      return {
        id: `dose:${line.id}`,
        rank: dose.verdict === 'high' ? 'check' : 'note',
        at: { section: 'formula', item: line.id },
        what: `${line.name}: ${rounded(dose.percent)} % of the ${dose.of}`,
        why: `Usual is ${formatNumber(dose.low)} to ${formatNumber(dose.high)} %. ${remedy ? 'It looks like a slip of the unit or of a nought.' : dose.verdict === 'high' ? 'More than anyone takes: is it meant?' : 'Less than anyone takes: is it enough?'}`,
        working: workingOf(
          [
            { text: `${line.name} / ${dose.of}`, value: dose.percent, unit: '%' },
            { text: 'usual from', value: dose.low, unit: '%' },
            { text: 'usual to', value: dose.high, unit: '%' },
          ],
          [usualDosesSource],
        ),
        ...(remedy && { remedy }),
      };
    });
};

/** A tablespoon for a teaspoon, a nought too many or too few: what brings the dose into its usual range. */
function slipOf({ id, amount, unit }: Ingredient, { percent, low, high }: Dose) {
  if (amount === null) return undefined;
  const usual = (times: number) => percent * times >= low && percent * times <= high;
  if (unit === 'tbsp' && usual(1 / 3))
    return {
      label: `${formatNumber(amount)} tsp`,
      apply: withLine(id, { unit: 'tsp' as const, amountTo: null }),
    };
  if (unit === 'tsp' && usual(3))
    return {
      label: `${formatNumber(amount)} tbsp`,
      apply: withLine(id, { unit: 'tbsp' as const, amountTo: null }),
    };
  for (const times of [0.1, 10]) {
    if (!usual(times)) continue;
    const next = Number((amount * times).toPrecision(6));
    return { label: `${formatNumber(next)} ${unit}`, apply: withLine(id, { amount: next, amountTo: null }) };
  }
  return undefined;
}

/** Soda left over of more than this share, and this much in a batch, can be tasted and seen. */
const leftShare = 0.15;
const leftG = 0.5;

const faintlySour =
  /brown-sugar|muscovado|demerara|treacle|molasses|honey|golden-syrup|maple|cocoa|chocolate|apple|banana|pumpkin/;

/** Soda that finds no acid: soapy, yellow crumb, brown crust. */
export const sodaFindsItsAcid: Rule = ({ plan, place }) => {
  const lines = weighed(batchOf(plan, place));
  const sum = leaveningSum(lines);
  const soda = lines.find(({ item }) => item?.id === 'bicarbonate-of-soda');
  if (!sum || !soda || varied(plan).has(soda.of.line.id)) return [];
  const flour = lines.reduce((all, { item, massG }) => all + (item?.family === 'flour' ? massG : 0), 0);
  const total = massOfBatch(batchOf(plan, place)) ?? 0;
  // Only in what is baked of flour: in hot syrup and in baths heat is what splits it.
  if (
    flour < 0.2 * total ||
    sum.bicarbonateLeftG < leftG ||
    sum.bicarbonateLeftG < leftShare * sum.bicarbonateG
  )
    return [];
  // Treacle, brown sugar, honey and cocoa bring a little acid that no label tells.
  const faint = lines.reduce(
    (all, { item, massG }) => all + (item && faintlySour.test(item.id) ? massG : 0),
    0,
  );
  if (faint > 0.04 * total) return [];
  const tartarG = Number(((100 * sum.bicarbonateLeftG) / 45).toPrecision(2));
  const used = Number((sum.bicarbonateG - sum.bicarbonateLeftG).toPrecision(2));
  return [
    {
      id: 'soda-left',
      rank: 'check',
      at: { section: 'formula', item: soda.of.line.id },
      what: `${rounded(sum.bicarbonateLeftG)} g of ${rounded(sum.bicarbonateG)} g soda find no acid`,
      why: `What is left tastes soapy and browns the crust. The acid takes ${used > 0 ? `${formatNumber(used)} g` : 'none'}; ${formatNumber(tartarG)} g of cream of tartar would take the rest.`,
      working: workingOf(
        [
          { text: 'soda', value: sum.bicarbonateG, unit: 'g' },
          ...sum.acids.map(({ acid, massG }) => ({
            text: `${rounded(massG)} g ${acid.name} takes`,
            value: (massG * acid.neutralisingValue) / 100,
            unit: 'g of soda',
          })),
          { text: 'left over', value: sum.bicarbonateLeftG, unit: 'g' },
        ],
        [stoichiometrySource, neutralisingSource],
      ),
      ...(used >= 0.5 && {
        remedy: {
          label: `${formatNumber(used)} g of soda`,
          apply: withLine(soda.of.line.id, {
            amount: used,
            amountTo: null,
            unit: 'g',
            fill: null,
            ratio: null,
          }),
        },
      }),
    },
  ];
};

/** Sweet or salty doughs rise slowly: less than this of the rate is worth a word. */
const slowRate = 0.6;

/** What salt and sugar leave of the yeast’s pace. */
export const yeastIsNotHeldBack: Rule = ({ plan, place }) => {
  const lines = weighed(batchOf(plan, place));
  const yeast = lines.find(({ item }) => item?.family === 'yeast');
  const share = (test: (family: string) => boolean) =>
    lines.reduce((sum, { item, massG }) => sum + (item && test(item.family) ? massG : 0), 0);
  const flour = share((family) => family === 'flour');
  if (!yeast || flour <= 0) return [];
  const salt = Math.min(20, (100 * share((family) => family === 'salt')) / flour);
  const sugar = Math.min(100, (100 * share((family) => family === 'sugar' || family === 'honey')) / flour);
  const rate = yeastInhibition(salt, sugar);
  if (rate >= slowRate) return [];
  return [
    {
      id: 'yeast-held-back',
      rank: 'note',
      at: { section: 'formula', item: yeast.of.line.id },
      what: `Sugar and salt leave the yeast ${Math.round(rate * 100)} % of its pace`,
      why: 'They draw water out of its cells. Plan about twice the time to rise, or more yeast.',
      working: workingOf(
        [
          { text: 'salt / flour', value: salt, unit: '%' },
          { text: 'sugar / flour', value: sugar, unit: '%' },
          { text: 'rate left', value: rate * 100, unit: '%' },
        ],
        [yeastSource],
      ),
    },
  ];
};

const strong =
  /^(?:bicarbonate-of-soda|baking-powder|salt|dried-yeast|gelatine|agar|pectin|cream-of-tartar|citric-acid)$/;

/** A heaped spoon of something strong is anybody’s guess. */
export const strongThingsAreWeighed: Rule = ({ plan, place }) =>
  batchOf(plan, place).flatMap(({ line, item, grams }) => {
    if (
      !item ||
      !strong.test(item.id) ||
      (line.fill !== 'heaped' && line.fill !== 'scant') ||
      line.amount === null
    )
      return [];
    const level = amountInGrams(line.amount, line.unit, item.density?.gPerMl ?? null, null);
    const mass = grams === null ? null : Number(grams.toPrecision(2));
    return [
      {
        id: `heaped:${line.id}`,
        rank: 'check' as const,
        at: { section: 'formula' as const, item: line.id },
        what: `A ${line.fill} spoon of ${line.name.toLowerCase()}`,
        why: `Heaped it is a half to twice a level one, and every station heaps its own way. Level it, or weigh it${mass === null ? '' : `: about ${formatNumber(mass)} g`}.`,
        working: workingOf([
          ...(level === null ? [] : [{ text: 'level', value: level, unit: 'g' }]),
          ...(grams === null ? [] : [{ text: `as ${line.fill}`, value: grams, unit: 'g' }]),
        ]),
        ...(mass !== null && {
          remedy: {
            label: `weigh ${formatNumber(mass)} g`,
            apply: withLine(line.id, { amount: mass, amountTo: null, unit: 'g' as const, fill: null }),
          },
        }),
      },
    ];
  });
