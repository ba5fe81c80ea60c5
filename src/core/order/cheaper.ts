import { broughtIn, type OnPacks } from '../batch';
import { listed } from '../format';
import { allergenName, itemById, ingredientItems, substitutesFor } from '../ingredients';
import { onPacksOf } from './on-packs';
import { massWords } from './order-words';
import { ingredientKey, type Pantry } from './products';
import type { OrderRun } from './needs';
import type { Order } from './order';

/** Something that would cost less and still answer the question. */
export interface Saving {
  key: string;
  saves: number;
  words: string;
  /** What it does to the test. */
  consequence: string;
}

/** So little is no saving. */
const leastSaved = 0.05;

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
  const swaps = order.lines.flatMap((line): Saving[] => {
    const cost = (line.pricePerG ?? 0) * line.neededG;
    const item = ingredientItems.find(({ id }) => id === line.key);
    if (!item || tested.has(line.key)) return [];
    return substitutesFor(item.name).flatMap(({ to, gramsPerGram, also, consequence }) => {
      // What asks for less of something else, or does one job only, is no plain swap.
      const plain = also.every(({ per100G }) => per100G >= 0) && !/\b(only|not)\b/.test(consequence);
      if (!plain) return [];
      const price = perG.get(to);
      if (price === undefined) return [];
      const with_ = also.map(({ item: id, per100G }) => ({ id, grams: (per100G * line.neededG) / 100 }));
      const alsoCost = with_.reduce((sum, one) => sum + one.grams * (perG.get(one.id) ?? 0), 0);
      const saves = cost - price * gramsPerGram * line.neededG - alsoCost;
      const beside = with_.map(
        ({ id, grams }) =>
          `${massWords(grams)} ${itemById(id).name}${perG.has(id) || itemById(id).family === 'water' ? '' : ' (no price known)'}`,
      );
      const words = [itemById(to).name, ...(beside.length > 0 ? [listed(beside)] : [])].join(' with ');
      return saves < leastSaved
        ? []
        : [
            {
              ...{ key: line.key, saves, words: `${words} in place of ${line.name}` },
              consequence: consequence + allergenWords(line.key, [to, ...with_.map(({ id }) => id)], onPacks),
            },
          ];
    });
  });
  return [...swaps, ...sparesOf(order, runs)].sort((a, b) => b.saves - a.saves);
}

/** What stands in may bring what some of a class must not have. */
function allergenWords(from: string, to: readonly string[], onPacks: OnPacks): string {
  const named = (id: string) => ({ item: id, name: itemById(id).name });
  const { certainly, perhaps } = broughtIn(named(from), to.map(named), onPacks);
  const brought = [...certainly, ...perhaps];
  return brought.length === 0
    ? ''
    : `; may bring ${listed(brought.map(allergenName))}: look at what the class may not eat`;
}

function sparesOf({ runs: costs }: Order, runs: readonly OrderRun[]): Saving[] {
  return runs.flatMap((run) => {
    const spares = run.prep.spares * new Set(run.stations).size;
    if (spares === 0) return [];
    const { cost } = costs.find(({ runId }) => runId === run.id)!;
    const saves = (cost * spares) / (run.stations.length + spares + (run.prep.demonstration ? 1 : 0));
    return saves < leastSaved
      ? []
      : [
          {
            ...{ key: run.id, saves, words: `no spares for ${run.className}` },
            consequence: 'a batch that fails is a station without a result',
          },
        ];
  });
}
