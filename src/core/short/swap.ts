import { broughtIn, itemOf, type OnPacks } from '../batch';
import { formatNumber, listed } from '../format';
import { allergenName, itemById, substitutesFor, type Substitute } from '../ingredients';
import { ingredientKey, onPacksOf } from '../order';
import { gramsWords } from '../practical';
import { isTested, type Reckoned, type WayOut } from './reckoned';

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
    if (itemById(item).family === 'water') return true;
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

/** Something else in place of what is missing, at every station alike. */
export function bySwap(of: Reckoned): WayOut[] {
  const { line, stationsG, haveG, pantry, batches, name } = of;
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
            { text: 'missing in the batches', value: missing, unit: 'g' },
            { text: `grams of ${other.name} for a gram`, value: gramsPerGram },
            { text: 'for each batch', value: need / batches.length, unit: 'g' },
          ],
        },
      ];
    },
  );
}
