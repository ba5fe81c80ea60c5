import { counted, formatNumber, listed } from '../format';
import { allergenName, itemById, substitutesFor, type Substitute } from '../ingredients';
import { broughtIn, itemOf, type OnPacks } from '../batch';
import { cheapestPacks, ingredientKey, onPacksOf, type Pantry } from '../order';
import { gramsWords, inSentence, type Plan, type StationPlan } from '../practical';
import type { WorkingLine } from '../working';
import { shrinkToScarcest } from './shrink';

/** What is short, and how things stand. */
export interface ShortAsked {
  plan: Plan;
  /** Batches of the stations that have not begun with it, spares apart. */
  batches: readonly { station: number; treatmentId: string | null; own: StationPlan }[];
  /** Batches kept ready beyond the stations, in all. */
  spares: number;
  ingredientId: string;
  /** What of it is there, g. */
  haveG: number;
  pantry: Pantry;
  /** Whether somebody can still go to a shop. */
  canBuy: boolean;
}

export type WayOutKind = 'buy' | 'spares' | 'leave-out' | 'smaller' | 'swap' | 'fewer';

/** One answer to something short: what to do, what it comes to, and what it costs the fair test. */
export interface WayOut {
  kind: WayOutKind;
  /** “batches of 0.84”. */
  name: string;
  /** What is done, with its amounts, as a sentence for the log. */
  words: string;
  /** 0 nothing, 1 the same at every station, 2 fewer repeats or another result to be expected, 3 it is no longer the same question. */
  testCost: 0 | 1 | 2 | 3;
  testWords: string;
  working: WorkingLine[];
  /** Every station’s amounts times this; 1 where they stay. */
  factor: number;
}

export interface Short {
  name: string;
  neededG: number;
  shortG: number;
  ways: WayOut[];
}

/** Answers are told in this order where they cost the test the same. */
const order: readonly WayOutKind[] = ['spares', 'buy', 'leave-out', 'smaller', 'swap', 'fewer'];

/**
 * What can be done where an ingredient runs short or is not there, best first: by what it costs the fair test, then by how
 * little changes. Null where it is not short, or where nobody knows what is needed.
 */
export function waysOut(asked: ShortAsked): Short | null {
  const { plan, batches, spares, ingredientId, haveG } = asked;
  const line = plan.formula.find(({ id }) => id === ingredientId);
  const grams = batches.map(
    ({ own }) => own.ingredients.find(({ id }) => id === ingredientId)?.grams ?? null,
  );
  if (!line || grams.length === 0 || grams.some((one) => one === null)) return null;
  const stationsG = grams.reduce((sum: number, one) => sum + one!, 0);
  const eachG = Math.max(...grams.map((one) => one!));
  const neededG = stationsG + spares * eachG;
  const shortG = neededG - haveG;
  if (shortG <= 1e-9) return null;
  const of: Reckoned = { ...asked, line, stationsG, neededG, shortG, eachG, name: inSentence(line.name) };
  const ways = [
    ...bySpares(of),
    ...byShop(of),
    ...byLeavingOut(of),
    ...bySmaller(of),
    ...bySwap(of),
    ...byFewer(of),
  ];
  return {
    ...{ name: line.name, neededG, shortG },
    ways: ways.sort((a, b) => a.testCost - b.testCost || order.indexOf(a.kind) - order.indexOf(b.kind)),
  };
}

interface Reckoned extends ShortAsked {
  line: Plan['formula'][number];
  name: string;
  stationsG: number;
  neededG: number;
  shortG: number;
  eachG: number;
}

const isTested = ({ plan, ingredientId }: Reckoned) =>
  plan.factors.some(({ acts }) => 'ingredientId' in acts && acts.ingredientId === ingredientId);

function bySpares({ spares, stationsG, haveG, name, eachG }: Reckoned): WayOut[] {
  if (spares === 0 || haveG < stationsG - 1e-9) return [];
  const kept = Math.floor((haveG - stationsG) / Math.max(eachG, 1e-9) + 1e-9);
  const words = kept === 0 ? 'leave out the spares' : `keep ${counted(kept, 'spare')} of ${spares}`;
  return [
    {
      ...{ kind: 'spares', name: words, testCost: 0, testWords: 'no repeat if a batch fails', factor: 1 },
      words: `${words}: the stations take ${gramsWords(stationsG)} of ${name}, ${gramsWords(haveG)} is there`,
      working: [{ text: 'the stations alone', value: stationsG, unit: 'g' }],
    },
  ];
}

function byShop({ canBuy, pantry, line, shortG, name }: Reckoned): WayOut[] {
  if (!canBuy) return [];
  const key = ingredientKey(line);
  const own = pantry.products.filter(({ ingredient }) => ingredientKey({ name: ingredient }) === key);
  const packs =
    own.length > 0
      ? own.map(({ packG, price }) => ({ sizeG: packG, price }))
      : (itemOf(line)?.packsG ?? []).map((sizeG) => ({ sizeG, price: null }));
  const bought = packs.length === 0 ? null : cheapestPacks(shortG, packs);
  const inPacks = bought
    ? listed(bought.packs.map(({ pack, count }) => `${count} × ${gramsWords(pack.sizeG)}`))
    : gramsWords(shortG);
  const price = !bought || bought.cost === null ? '' : `, ${formatNumber(bought.cost, 2)}`;
  return [
    {
      ...{
        kind: 'buy',
        name: `buy ${inPacks}${price}`,
        testCost: 0,
        testWords: 'the same brand, if it can be had',
        factor: 1,
      },
      words: `buy ${inPacks} of ${name}`,
      working: [{ text: 'short', value: shortG, unit: 'g' }],
    },
  ];
}

function byLeavingOut({ line, name, plan, ingredientId }: Reckoned): WayOut[] {
  if (!line.optional) return [];
  const tested = plan.factors.some(
    ({ acts }) => 'ingredientId' in acts && acts.ingredientId === ingredientId,
  );
  if (tested) return [];
  return [
    {
      ...{ kind: 'leave-out', name: 'leave it out everywhere', testCost: 1, factor: 1, working: [] },
      testWords: 'the same at every station; the plan calls it optional',
      words: `no ${name} at any station`,
    },
  ];
}

function bySmaller({ plan, batches, stationsG, haveG, name, line, ingredientId }: Reckoned): WayOut[] {
  const { factor } = shrinkToScarcest([{ name: line.name, wantedG: stationsG, haveG }]);
  if (factor <= 0.2) return [];
  const shown = Math.floor(factor * 100) / 100;
  const first = batches[0]!.own.ingredients;
  const main = [...first].sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0))[0];
  const amounts = [
    ...(main?.grams
      ? [`${gramsWords(main.grams * shown)} ${inSentence(main.name)} for ${gramsWords(main.grams)}`]
      : []),
    ...(main && main.id === ingredientId ? [] : ownAmounts(batches, ingredientId, shown, name)),
  ];
  const { pieces } = plan.portions;
  const fewer = pieces ? Math.floor(pieces * shown + 1e-9) : null;
  return [
    {
      ...{ kind: 'smaller', name: `batches of ${formatNumber(shown, 2)}`, factor: shown },
      testCost: shown < 0.5 ? 2 : 1,
      testWords:
        shown < 0.5
          ? 'the same at every station, but so small a batch heats and cools in another time'
          : 'all ratios kept, the same at every station; a little sooner hot and done',
      words: `batches of ${formatNumber(shown, 2)} at every station: ${listed(amounts)}${fewer === null ? '' : `, ${fewer} pieces for ${pieces}`}`,
      working: [
        { text: 'there', value: haveG, unit: 'g' },
        { text: 'the stations take', value: stationsG, unit: 'g' },
        { text: 'there / taken', value: factor },
      ],
    },
  ];
}

function ownAmounts(
  batches: ShortAsked['batches'],
  ingredientId: string,
  factor: number,
  name: string,
): string[] {
  const grams = batches.map(({ own }) => own.ingredients.find(({ id }) => id === ingredientId)?.grams ?? 0);
  const each = [...new Set(grams.filter((one) => one > 0))].sort((a, b) => a - b);
  return each.length === 0
    ? []
    : [`${listed(each.map((one) => gramsWords(one * factor)))} ${name} for ${listed(each.map(gramsWords))}`];
}

/**
 * Whether something can stand in here at all: it would have to be made up for by less of something that is not in the
 * batch (self-raising flour where there is no powder to leave out), or it only thickens where nothing is thickened.
 */
function fits(
  { plan, line, batches }: Reckoned,
  { also, consequence, missing }: { also: Substitute['also']; consequence: string; missing: number },
): boolean {
  if (/\bonly\b/.test(consequence) && !/thick/i.test(line.job)) return false;
  return also.every(({ item, per100G }) => {
    if (per100G >= 0 || itemById(item).family === 'water') return true;
    const there = plan.formula.filter((one) => itemOf(one)?.id === item).map(({ id }) => id);
    const least = Math.min(
      ...batches.map(({ own }) =>
        own.ingredients
          .filter(({ id }) => there.includes(id))
          .reduce((sum, { grams }) => sum + (grams ?? 0), 0),
      ),
    );
    return least * batches.length >= (missing * -per100G) / 100;
  });
}

/** What something brings in that was not there, for certain or in some makes; the school’s own packs counted. */
function allergenWarning(from: Reckoned['line'], to: readonly string[], onPacks: OnPacks): string {
  const { certainly, perhaps } = broughtIn(
    from,
    to.map((name) => ({ item: null, name })),
    onPacks,
  );
  const names = (ids: typeof certainly) => listed(ids.map(allergenName));
  return [
    certainly.length > 0 ? ` Brings ${names(certainly)}: look at what the class may not eat.` : '',
    perhaps.length > 0 ? ` May bring ${names(perhaps)}: read its label.` : '',
  ].join('');
}

/** More than so much of an ingredient swapped is another result to be expected, fair as it may be. */
const mostSwapped = 0.5;

function bySwap(of: Reckoned): WayOut[] {
  const { line, shortG, stationsG, haveG, pantry, batches, name } = of;
  const tested = isTested(of);
  const missing = Math.min(stationsG, Math.max(0, stationsG - haveG));
  if (missing <= 1e-9) return [];
  const stock = new Map(
    pantry.stock.map(({ ingredient, grams }) => [ingredientKey({ name: ingredient }), grams]),
  );
  return substitutesFor(itemOf(line)?.name ?? line.name).flatMap(
    ({ to, gramsPerGram, also, consequence }): WayOut[] => {
      const other = itemById(to);
      const need = missing * gramsPerGram;
      const there = stock.get(to);
      if (there !== undefined && there < need) return [];
      if (!fits(of, { also, consequence, missing })) return [];
      const share = missing / stationsG;
      const more = also.map(
        ({ item, per100G }) =>
          `${gramsWords(Math.abs((missing * per100G) / 100))} ${itemById(item).name} ${per100G < 0 ? 'less' : 'more'}`,
      );
      const brought = [other.name, ...also.map(({ item }) => itemById(item).name)];
      const warned = allergenWarning(line, brought, onPacksOf(pantry.products));
      const split =
        haveG > 1e-9
          ? `, ${formatNumber(100 * share, 0)} % of it at every station alike`
          : ' at every station';
      return [
        {
          ...{ kind: 'swap', name: `${gramsWords(need)} ${other.name} instead`, factor: 1 },
          testCost: tested ? 3 : share > mostSwapped ? 2 : 1,
          testWords: `${tested ? 'it is what is tested: the levels are no longer what they say' : `the same at every station${share > mostSwapped ? ', untried: one batch first' : ''}; ${consequence}`}.${warned}`,
          words: `${gramsWords(need)} ${other.name} in place of ${gramsWords(missing)} ${name}${split}${more.length ? `, with ${listed(more)}` : ''}`,
          working: [
            { text: 'missing at the stations', value: missing, unit: 'g' },
            { text: `grams of ${other.name} for a gram`, value: gramsPerGram },
            { text: 'for each station', value: need / batches.length, unit: 'g' },
          ],
        },
      ].filter(() => shortG > 0) as WayOut[];
    },
  );
}

/** Some stations fewer, of the treatments with most repeats, never a treatment’s last. */
function byFewer({ batches, ingredientId, haveG, stationsG, name }: Reckoned): WayOut[] {
  const gramsOf = (own: StationPlan) => own.ingredients.find(({ id }) => id === ingredientId)?.grams ?? 0;
  const left = [...batches];
  const gone: number[] = [];
  let taken = stationsG;
  while (taken > haveG + 1e-9) {
    const repeats = (id: string | null) => left.filter(({ treatmentId }) => treatmentId === id).length;
    const next = left
      .filter(({ treatmentId, own }) => repeats(treatmentId) > 1 && gramsOf(own) > 0)
      .sort(
        (a, b) =>
          repeats(b.treatmentId) - repeats(a.treatmentId) ||
          gramsOf(b.own) - gramsOf(a.own) ||
          b.station - a.station,
      )[0];
    if (!next) return [];
    left.splice(left.indexOf(next), 1);
    gone.push(next.station);
    taken -= gramsOf(next.own);
  }
  const stations = listed([...gone].sort((a, b) => a - b).map(String));
  return [
    {
      ...{ kind: 'fewer', name: `${counted(gone.length, 'station')} fewer`, testCost: 2, factor: 1 },
      testWords: 'fewer repeats: the spread is known less well',
      words: `${gone.length === 1 ? 'station' : 'stations'} ${stations} work with another: ${left.length} batches take ${gramsWords(taken)} ${name}`,
      working: [
        { text: 'the stations that stay take', value: taken, unit: 'g' },
        { text: 'there', value: haveG, unit: 'g' },
      ],
    },
  ];
}
