import type { BenchSetting } from '../run';
import { treatmentOf, type Ingredient, type Plan } from '../practical';
import { blindCodes, stopAt, type Wanted } from '../weighing';

/** One dish of one ingredient for one station. */
export interface Dish {
  ingredientId: string;
  name: string;
  station: number;
  treatmentId: string | null;
  /** What the label says of the treatment: the level, or its letter; empty where it is the same for all. */
  mark: string;
  wanted: Wanted;
}

/** One ingredient, weighed out dish by dish. */
export interface WeighingList {
  ingredientId: string;
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
  blind: boolean;
}

/** What of each ingredient goes into which dish: by ingredient, and within it by treatment and station. */
export function weighingLists(plan: Plan, options: WeighOutOptions): WeighingList[] {
  const { setting, treatmentAt } = options;
  const codes = codesOf(plan, options);
  const divisionG = setting.place?.balanceG ?? 1;
  return plan.formula.map((ingredient): WeighingList => {
    const taken = setting.stations.map((station) => ({
      station,
      own: setting.own(station).ingredients.find(({ id }) => id === ingredient.id)!,
    }));
    const levels = [...new Set(taken.flatMap(({ own }) => (own.grams === null ? [] : [own.grams])))];
    const varied = setting.varied.has(ingredient.id);
    const dishes = taken.flatMap(({ station, own }): Dish[] => {
      if (own.grams === null || own.dropped || own.grams < 1e-6) return [];
      const treatmentId = treatmentAt(station);
      return [
        {
          ...{ ingredientId: ingredient.id, name: own.name, station, treatmentId },
          mark: codes.get(treatmentId ?? '') ?? '',
          wanted: {
            ...{ name: own.name, job: ingredient.job, wantedG: own.grams, divisionG },
            otherLevelsG: varied ? levels.filter((grams) => grams !== own.grams) : [],
          },
        },
      ];
    });
    dishes.sort((a, b) => a.wanted.wantedG - b.wanted.wantedG || a.station - b.station);
    return {
      ...{ ingredientId: ingredient.id, name: ingredient.name, by: ingredient.by, varied, dishes },
      totalG: dishes.reduce((sum, { wanted }) => sum + wanted.wantedG, 0),
      untold: taken.flatMap(({ station, own }) => (own.grams === null ? [station] : [])),
    };
  });
}

/** What a label says of each treatment: its level, or a letter where nobody is to know. */
export function codesOf(
  plan: Plan,
  { setting, treatmentAt, seed, blind }: Pick<WeighOutOptions, 'setting' | 'treatmentAt' | 'seed' | 'blind'>,
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
