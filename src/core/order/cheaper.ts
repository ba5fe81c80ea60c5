import { listed } from '../format';
import { allergens, allergensOf, itemById, ingredientItems, substitutesFor } from '../ingredients';
import { onPacksOf, type OnPacks } from './on-packs';
import { massWords } from './order-words';
import { ingredientKey, type Pantry } from './products';
import type { OrderRun } from './needs';
import type { Order, OrderLine } from './order';

/** Something that would cost less and still answer the question. */
export interface Saving {
  key: string;
  saves: number;
  words: string;
  /** What it does to the test. */
  consequence: string;
}

/** So many of the dearest lines are looked at. */
const dearest = 3;

/** What some lines come to by what is used, the dearest first. */
function dearestLines({ lines }: Order): { line: OrderLine; cost: number }[] {
  return lines
    .filter(({ pricePerG, outOf }) => pricePerG !== null && outOf === null)
    .map((line) => ({ line, cost: line.pricePerG! * line.neededG }))
    .sort((a, b) => b.cost - a.cost)
    .slice(0, dearest);
}

/**
 * What would be cheaper for the same test: fewer spares, and something else in place of a dear ingredient at every station
 * alike. What a factor acts on is never swapped: it is what is tested.
 */
export function savingsOf(order: Order, runs: readonly OrderRun[], pantry: Pantry): Saving[] {
  const tested = new Set(
    runs.flatMap(({ plan }) =>
      plan.factors.flatMap(({ acts }) =>
        'ingredientId' in acts
          ? plan.formula.filter((one) => one.id === acts.ingredientId).map(ingredientKey)
          : [],
      ),
    ),
  );
  const perG = new Map<string, number>();
  for (const { ingredient, price, packG } of pantry.products) {
    if (price === null) continue;
    const key = ingredientKey({ name: ingredient });
    perG.set(key, Math.min(perG.get(key) ?? Infinity, price / packG));
  }
  const onPacks = onPacksOf(pantry.products);
  const swaps = dearestLines(order).flatMap(({ line, cost }): Saving[] => {
    const item = ingredientItems.find(({ id }) => id === line.key);
    if (!item || tested.has(line.key)) return [];
    return substitutesFor(item.name).flatMap(({ to, gramsPerGram, also, consequence }) => {
      // What asks for less of something else, or does one job only, is no plain swap.
      const plain = also.every(({ per100G }) => per100G >= 0) && !/\b(only|not)\b/.test(consequence);
      if (!plain) return [];
      const price = perG.get(to);
      const with_ = also.map(({ item: id, per100G }) => ({ id, grams: (per100G * line.neededG) / 100 }));
      const alsoCost = with_.reduce((sum, one) => sum + one.grams * (perG.get(one.id) ?? 0), 0);
      const saves = price === undefined ? 0 : cost - price * gramsPerGram * line.neededG - alsoCost;
      const beside = with_.map(
        ({ id, grams }) =>
          `${massWords(grams)} ${itemById(id).name}${perG.has(id) || itemById(id).family === 'water' ? '' : ' (no price known)'}`,
      );
      const words = [itemById(to).name, ...(beside.length > 0 ? [listed(beside)] : [])].join(' with ');
      return saves < 0.05
        ? []
        : [
            {
              ...{ key: line.key, saves, words: `${words} in place of ${line.name}` },
              consequence: consequence + broughtBy([to, ...with_.map(({ id }) => id)], line.key, onPacks),
            },
          ];
    });
  });
  return [...swaps, ...sparesOf(order, runs)].sort((a, b) => b.saves - a.saves);
}

/** Allergens that come in with what stands in, for certain or in some makes; the school’s own packs counted. */
function broughtBy(to: readonly string[], from: string, onPacks: OnPacks): string {
  const found = (id: string) => {
    const { name } = itemById(id);
    const { contains, oftenContains } = allergensOf(name);
    return [...contains, ...oftenContains, ...onPacks({ item: id, name })];
  };
  const was = found(from);
  const brought = allergens.filter(
    ({ id }) => !was.includes(id) && to.some((one) => found(one).includes(id)),
  );
  return brought.length === 0
    ? ''
    : `; may bring ${listed(brought.map(({ name }) => name))}: look at what the class may not eat`;
}

function sparesOf({ runs: costs }: Order, runs: readonly OrderRun[]): Saving[] {
  return runs.flatMap((run) => {
    const spares = run.prep.spares * new Set(run.stations).size;
    const cost = costs.find(({ runId }) => runId === run.id)?.cost ?? 0;
    const batches = run.stations.length + spares + (run.prep.demonstration ? 1 : 0);
    const saves = (cost * spares) / Math.max(1, batches);
    return saves < 0.05
      ? []
      : [
          {
            ...{ key: run.id, saves, words: `no spares for ${run.className}` },
            consequence: 'a batch that fails is a station without a result',
          },
        ];
  });
}
