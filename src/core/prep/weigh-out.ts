import { demonstrated, type PrepWays } from '../order';
import type { BenchSetting, OwnPlan } from '../run';
import { capitalised, listed, stationsWords } from '../format';
import { inSentence, treatmentOf, type Ingredient, type Plan } from '../practical';
import { blindCodes, stopAt, type Wanted } from '../weighing';

/** One dish of one ingredient. */
export interface Dish {
  /** Tells it from every other of its list. */
  key: string;
  ingredientId: string;
  name: string;
  /** Whose it is: one station’s; of a batch for the class, all that are given of it; of one kept ready, nobody’s. */
  stations: readonly number[];
  /** “spare”, “demonstration”; of a batch for the class “5 kept ready”; empty where all of it is stations’. */
  ready: string;
  /** What the label says of the treatment: the level, or its letter; empty where it is the same for all. */
  mark: string;
  wanted: Wanted;
  /** What of it each station is given, g. */
  eachG: number;
}

/** One ingredient, weighed out dish by dish. */
export interface WeighingList {
  ingredientId: string;
  /** As the formula calls it, or all that levels put in its place. */
  name: string;
  by: Ingredient['by'];
  /** A factor makes it another amount at some stations. */
  varied: boolean;
  dishes: Dish[];
  totalG: number;
  /** Stations whose amount cannot be told. */
  untold: number[];
}

export interface WeighOutOptions {
  setting: BenchSetting;
  /** Treatment of each station; null: none. */
  treatmentAt(station: number): string | null;
  seed: number;
  ways: PrepWays;
}

/** A batch of a station, or one kept ready. */
interface Portion {
  station: number | null;
  ready: string;
  treatmentId: string | null;
  own: OwnPlan;
}

/**
 * What of each ingredient goes into which dish: by ingredient, and within it by treatment and station, what is kept ready
 * after them. An ingredient of one batch for the class is weighed once for all that get the same of it.
 */
export function weighingLists(plan: Plan, options: WeighOutOptions): WeighingList[] {
  const { setting, ways } = options;
  const codes = codesOf(plan, { ...options, blind: ways.blind });
  const portions = portionsOf(plan, options);
  return plan.formula.map((ingredient): WeighingList => {
    const { id, name, by } = ingredient;
    const varied = setting.varied.has(id);
    const levelsG = varied ? [...new Set(portions.flatMap(({ own }) => taken(own, id).grams ?? []))] : [];
    const plain = portions
      .flatMap((portion, i) => dishOf(portion, ingredient, { key: `${i}`, setting, codes, levelsG }) ?? [])
      .sort(inOrder);
    const dishes = by === 'shared' ? forTheClass(plain, ways.lossPercent) : plain;
    const names = [...new Set(dishes.map((dish) => inSentence(dish.name)))];
    return {
      ...{
        ingredientId: id,
        name: names.length > 0 ? capitalised(listed(names)) : name,
        by,
        varied,
        dishes,
      },
      totalG: dishes.reduce((sum, { wanted }) => sum + wanted.wantedG, 0),
      untold: portions.flatMap(({ station, own }) =>
        station !== null && taken(own, id).grams === null ? [station] : [],
      ),
    };
  });
}

/** What a station takes of an ingredient of its plan: left out, none of it. */
const taken = (own: OwnPlan, id: string) => own.ingredients.find((one) => one.id === id)!;

/** Out of one packet after the other; the stations’ in their order, by how much they take; what is kept ready after them. */
const inOrder = (a: Dish, b: Dish) =>
  a.name.localeCompare(b.name) || Number(a.ready !== '') - Number(b.ready !== '') || a.eachG - b.eachG;

function portionsOf(plan: Plan, { setting, treatmentAt, ways }: WeighOutOptions): Portion[] {
  const at = setting.stations.map((station): Portion => ({
    ...{ station, ready: '', treatmentId: treatmentAt(station), own: setting.own(station) },
  }));
  const ready = (treatmentId: string | null, words: string): Portion => ({
    ...{ station: null, ready: words, treatmentId, own: setting.of(treatmentId) },
  });
  const ids = [...new Set(at.map(({ treatmentId }) => treatmentId))];
  return [
    ...at,
    ...ids.flatMap((id) => Array.from({ length: ways.spares }, () => ready(id, 'spare'))),
    ...(ways.demonstration ? [ready(demonstrated(plan), 'demonstration')] : []),
  ];
}

interface DishOf {
  key: string;
  setting: BenchSetting;
  codes: ReadonlyMap<string, string>;
  /** What any of them takes of it; none at all is a level too. */
  levelsG: readonly number[];
}

function dishOf(
  { station, ready, treatmentId, own }: Portion,
  ingredient: Ingredient,
  { key, setting, codes, levelsG }: DishOf,
): Dish | null {
  const one = taken(own, ingredient.id);
  if (one.grams === null || one.grams < 1e-6) return null;
  return {
    ...{ key: `${ingredient.id}:${key}`, ingredientId: ingredient.id, name: one.name, ready },
    stations: station === null ? [] : [station],
    mark: codes.get(treatmentId ?? '') ?? '',
    wanted: {
      ...{ name: one.name, job: ingredient.job, wantedG: one.grams },
      otherLevelsG: levelsG.filter((grams) => grams !== one.grams),
      divisionG: setting.place?.balanceG ?? 1,
    },
    eachG: one.grams,
  };
}

function keptReady(all: readonly Dish[]): string {
  const count = all.filter(({ ready }) => ready !== '').length;
  return count === 0 ? '' : `${count} kept ready`;
}

/** Those that get the same are given it out of one bowl, with what sticks to it. */
function forTheClass(plain: readonly Dish[], lossPercent: number): Dish[] {
  const bowls = new Map<string, Dish[]>();
  for (const dish of plain) {
    const key = `${dish.name} ${dish.eachG.toPrecision(9)}`;
    bowls.set(key, [...(bowls.get(key) ?? []), dish]);
  }
  return [...bowls.values()].map((all): Dish => {
    const [first] = all as [Dish];
    const { wanted, eachG } = first;
    const times = all.length * (1 + lossPercent / 100);
    const marks = [...new Set(all.map(({ mark }) => mark))];
    return {
      ...first,
      stations: all.flatMap(({ stations }) => stations),
      ready: keptReady(all),
      mark: bowls.size === 1 ? '' : marks.join(', '),
      wanted: {
        ...wanted,
        wantedG: eachG * times,
        otherLevelsG: wanted.otherLevelsG.map((grams) => grams * times),
      },
    };
  });
}

/** Whether its dishes are not all of the same thing: then each says what it is. */
export const isMixed = ({ dishes }: WeighingList): boolean =>
  new Set(dishes.map(({ name }) => name)).size > 1;

/** Whose a dish is: “station 3”, “spare”, “stations 1–12 and 5 kept ready”. */
export const whoseDish = ({ stations, ready }: Dish): string =>
  [stations.length > 0 ? stationsWords(stations) : '', ready].filter(Boolean).join(' and ');

/**
 * The lists as they are weighed: all that is the same for the class goes into one bowl, ingredient after ingredient. What is
 * shared and not the same for all stays a list of its own.
 */
export function withOneBowl(lists: readonly WeighingList[]): WeighingList[] {
  const shared = lists.filter(({ by, varied, dishes }) => by === 'shared' && !varied && dishes.length > 0);
  const [first] = shared;
  if (!first) return [...lists];
  const bowl: WeighingList = {
    ...first,
    ...{ ingredientId: 'bowl', name: 'The bowl for the class' },
    dishes: shared.flatMap(({ dishes }) => dishes),
    totalG: shared.reduce((sum, { totalG }) => sum + totalG, 0),
    untold: [...new Set(shared.flatMap(({ untold }) => untold))],
  };
  return [bowl, ...lists.filter((list) => !shared.includes(list))];
}

/** What a label says of each treatment: its level, or a letter where nobody is to know. */
export function codesOf(
  plan: Plan,
  {
    setting,
    treatmentAt,
    seed,
    blind,
  }: Pick<WeighOutOptions, 'setting' | 'treatmentAt' | 'seed'> & { blind: boolean },
): Map<string, string> {
  const ids = [...new Set(setting.stations.flatMap((station) => treatmentAt(station) ?? []))].sort();
  if (blind) return blindCodes(ids, seed);
  return new Map(ids.map((id) => [id, treatmentOf(plan, id)?.label ?? '']));
}

/** The numbers to stop at, dish after dish on one balance that is not set to zero in between, from what it shows now. */
export function runningOn(displayG: number, dishes: readonly Dish[]): number[] {
  let shown = displayG;
  return dishes.map(({ wanted }) => (shown = stopAt(shown, wanted.wantedG)));
}
