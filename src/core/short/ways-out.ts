import { itemOf } from '../batch';
import { counted, formatNumber, listed } from '../format';
import { cheapestPacks, ingredientKey } from '../order';
import { gramsWords, inSentence } from '../practical';
import { isTested, type Reckoned, type Short, type ShortAsked, type Taking, type WayOut } from './reckoned';
import { shrinkToScarcest } from './shrink';
import { bySwap } from './swap';

/**
 * What can be done where an ingredient runs short or is not there, best first: by what it costs the fair test, then by how
 * little changes. Null where it is not short, or where nobody knows what is needed.
 */
export function waysOut(asked: ShortAsked): Short | null {
  const { plan, batches, ingredientId, haveG } = asked;
  const line = plan.formula.find(({ id }) => id === ingredientId);
  const taking = batches.flatMap((batch): Taking[] => {
    const grams = batch.own.ingredients.find(({ id }) => id === ingredientId)?.grams ?? null;
    return grams === null ? [] : [{ ...batch, grams }];
  });
  if (!line || taking.length === 0 || taking.length < batches.length) return null;
  const stationsG = sum(taking.map(({ grams }) => grams));
  const sparesG = sparesOf(taking, asked.spares);
  const neededG = stationsG + sum(sparesG);
  const shortG = neededG - haveG;
  if (shortG <= 1e-9) return null;
  const of: Reckoned = {
    ...{ ...asked, batches: taking, line, stationsG, sparesG, shortG },
    name: inSentence(line.name),
    who: taking.some(({ station }) => station === null)
      ? 'the stations and the demonstration'
      : 'the stations',
  };
  // Told in this order where they cost the test the same.
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
    ways: ways.sort((a, b) => a.testCost - b.testCost),
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, one) => total + one, 0);

/** Spares are of every treatment, each as its stations have it. */
function sparesOf(batches: readonly Taking[], each: number): number[] {
  const byTreatment = new Map(
    batches.flatMap(({ station, treatmentId, grams }) => (station === null ? [] : [[treatmentId, grams]])),
  );
  return [...byTreatment.values()]
    .flatMap((grams) => Array.from({ length: each }, () => grams))
    .sort((a, b) => a - b);
}

function bySpares({ sparesG, stationsG, haveG, name, who }: Reckoned): WayOut[] {
  if (haveG < stationsG - 1e-9) return [];
  const kept = sparesG.filter((_, i) => stationsG + sum(sparesG.slice(0, i + 1)) <= haveG + 1e-9).length;
  const least = sparesG[0] === sparesG.at(-1) ? '' : ', those that take least';
  const words =
    kept === 0 ? 'leave out the spares' : `keep ${counted(kept, 'spare')} of ${sparesG.length}${least}`;
  return [
    {
      ...{ kind: 'spares', name: words, testCost: 0, testWords: 'no repeat if a batch fails', factor: 1 },
      words: `${words}: ${who} take ${gramsWords(stationsG)} of ${name}, ${gramsWords(haveG)} is there`,
      working: [{ text: `${who} alone`, value: stationsG, unit: 'g' }],
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

function byLeavingOut(of: Reckoned): WayOut[] {
  const { line, name } = of;
  if (!line.optional || isTested(of)) return [];
  return [
    {
      ...{ kind: 'leave-out', name: 'leave it out everywhere', testCost: 1, factor: 1, working: [] },
      testWords: 'the same at every station; the plan calls it optional',
      words: `no ${name} at any station`,
    },
  ];
}

function bySmaller({ plan, batches, stationsG, haveG, name, who, line, ingredientId }: Reckoned): WayOut[] {
  const { factor } = shrinkToScarcest([{ name: line.name, wantedG: stationsG, haveG }]);
  if (factor <= 0.2 || factor > 1 - 1e-9) return [];
  const shown = Math.floor(factor * 100 + 1e-9) / 100;
  const amounts = amountsOf(batches, ingredientId, shown, name);
  const pieces = plan.portions.pieces ?? 0;
  const fewer = Math.floor(pieces * shown + 1e-9);
  return [
    {
      ...{ kind: 'smaller', name: `batches of ${formatNumber(shown, 2)}`, factor: shown },
      testCost: shown < 0.5 ? 2 : 1,
      testWords:
        shown < 0.5
          ? 'the same at every station, but so small a batch heats and cools in another time'
          : 'all ratios kept, the same at every station; a little sooner hot and done',
      words: `batches of ${formatNumber(shown, 2)} at every station: ${listed(amounts)}${fewer === 0 ? '' : `, ${counted(fewer, 'piece')} for ${pieces}`}`,
      working: [
        { text: 'there', value: haveG, unit: 'g' },
        { text: `${who} take`, value: stationsG, unit: 'g' },
        { text: 'there / taken', value: factor },
      ],
    },
  ];
}

/** What a smaller batch takes: of the main ingredient, and of the one that is short, all that stations take of it. */
function amountsOf(batches: readonly Taking[], ingredientId: string, factor: number, name: string): string[] {
  const [first] = batches as [Taking];
  const main = [...first.own.ingredients].sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0))[0]!;
  const each = [...new Set(batches.map(({ grams }) => grams))].filter((grams) => grams > 0);
  const own = each.sort((a, b) => a - b);
  const ofMain =
    main.id === ingredientId || !main.grams
      ? []
      : [`${gramsWords(main.grams * factor)} ${inSentence(main.name)} for ${gramsWords(main.grams)}`];
  return [
    ...ofMain,
    `${listed(own.map((grams) => gramsWords(grams * factor)))} ${name} for ${listed(own.map(gramsWords))}`,
  ];
}

/** Some stations fewer, of the treatments with most repeats, never a treatment’s last. */
function byFewer({ batches, haveG, stationsG, name }: Reckoned): WayOut[] {
  const left = batches.flatMap((batch) =>
    batch.station === null ? [] : [{ ...batch, station: batch.station }],
  );
  const shown = batches.length - left.length;
  const gone: number[] = [];
  let taken = stationsG;
  while (taken > haveG + 1e-9) {
    const repeats = (id: string | null) => left.filter(({ treatmentId }) => treatmentId === id).length;
    const next = left
      .filter(({ treatmentId, grams }) => repeats(treatmentId) > 1 && grams > 0)
      .sort(
        (a, b) =>
          repeats(b.treatmentId) - repeats(a.treatmentId) || b.grams - a.grams || b.station - a.station,
      )[0];
    if (!next) return [];
    left.splice(left.indexOf(next), 1);
    gone.push(next.station);
    taken -= next.grams;
  }
  if (gone.length === 0) return [];
  const stations = listed([...gone].sort((a, b) => a - b).map(String));
  const stay = left.length + shown;
  return [
    {
      ...{ kind: 'fewer', name: `${counted(gone.length, 'station')} fewer`, testCost: 2, factor: 1 },
      testWords: 'fewer repeats: the spread is known less well',
      words: `${gone.length === 1 ? 'station' : 'stations'} ${stations} ${gone.length === 1 ? 'works' : 'work'} with another: ${counted(stay, 'batch', 'batches')} ${stay === 1 ? 'takes' : 'take'} ${gramsWords(taken)} ${name}`,
      working: [
        { text: 'the batches that stay take', value: taken, unit: 'g' },
        { text: 'there', value: haveG, unit: 'g' },
      ],
    },
  ];
}
