import {
  boilingIn,
  gramsByMass,
  mediumOf,
  stationPlan,
  takenNow,
  treatmentOf,
  treatmentsOf,
  variedAmount,
  watchedSteps,
  type GramsOf,
  type Ingredient,
  type Medium,
  type Place,
  type Plan,
  type StationIngredient,
  type StationPlan,
  type StationStep,
  type TakenNow,
} from '../practical';
import type { SyrupBatch } from '../sugar';
import type { Notebook } from './notebook';

/** What the ingredients table knows of a batch; the whole table, or what of it travels with a run. */
export interface BatchTables {
  gramsOf: GramsOf;
  syrupOf(formula: readonly Ingredient[], boilingC: number): SyrupBatch | null;
  /** What a step uses of a batch. */
  usedIn(step: StationStep, ingredients: readonly StationIngredient[]): StationIngredient[];
}

const noTables: BatchTables = { gramsOf: gramsByMass, syrupOf: () => null, usedIn: () => [] };

/** What does not change while a run goes on. */
export interface BenchSetting {
  plan: Plan;
  place: Place | null;
  boilingC: number;
  usedIn: BatchTables['usedIn'];
  /** What a step takes of its station’s batch, and how much of it. */
  takenNow(own: Pick<OwnPlan, 'steps' | 'ingredients'>, step: StationStep): TakenNow[];
  /** Ids of ingredients that are not the same at all stations. */
  varied: ReadonlySet<string>;
  stations: readonly number[];
  /** A station’s own plan, as far as nothing is left to it. */
  own(station: number): OwnPlan;
  /** The plan of a treatment, whether any station does it or not. */
  of(treatmentId: string | null): OwnPlan;
  /** The same with what the station wrote down of its own choosing. */
  ownWith(station: number, notebook: Notebook): OwnPlan;
}

/** A station’s plan with what is computed from its own batch. */
export interface OwnPlan extends StationPlan {
  /** The syrup of its batch, where a thermometer stands in one: its heat forecasts the target through the plateau. */
  syrup: SyrupBatch | null;
}

/**
 * Prepares what stays the same for all stations of a run; each treatment is resolved once.
 *
 * @param treatments the treatment of each station, by id
 * @param varied ids of ingredients that are not the same at all stations, where `treatments` are not all of them
 */
export function benchSetting(
  plan: Plan,
  place: Place | null,
  treatments: ReadonlyMap<number, string>,
  tables: BatchTables | null = null,
  varied: ReadonlySet<string> | null = null,
): BenchSetting {
  const { boilingC } = boilingIn(place);
  const { gramsOf, syrupOf, usedIn } = tables ?? noTables;
  const boils = plan.thermometers.some((one) => one.in === 'syrup');
  const resolve = (id: string | undefined, chosen?: ReadonlyMap<string, number>): OwnPlan => {
    const own = stationPlan(plan, place, treatmentOf(plan, id) ?? null, gramsOf, chosen);
    const taken = own.ingredients.filter((one) => !one.dropped);
    return { ...own, syrup: boils ? syrupOf(taken, boilingC) : null };
  };
  const resolved = new Map<string, OwnPlan>();
  const of = (id: string | null) => {
    const known = resolved.get(id ?? '');
    if (known) return known;
    const fresh = resolve(id ?? undefined);
    resolved.set(id ?? '', fresh);
    return fresh;
  };
  const own = (station: number) => of(treatments.get(station) ?? null);
  const all = [...new Set(treatments.values())].map((id) => resolve(id));
  return {
    plan,
    place,
    boilingC,
    usedIn,
    takenNow: (own, step) => takenNow(own, step, usedIn),
    varied:
      varied ?? new Set(plan.formula.map((one) => one.id).filter((id) => variedAmount(id, all) !== null)),
    stations: [...treatments.keys()],
    own,
    of,
    ownWith(station, notebook) {
      const plain = own(station);
      if (plain.open.length === 0) return plain;
      const chosen = new Map<string, number>();
      for (const factor of plain.open) {
        const value = notebook.notedAbout(station, factor.id)?.body.value ?? null;
        if (value !== null) chosen.set(factor.id, value);
      }
      return chosen.size === 0 ? plain : resolve(treatments.get(station), chosen);
    },
  };
}

/** A step that a thermometer ends, with where the thermometer stands and which of the station’s it is. */
export interface Watch {
  step: StationStep;
  medium: Medium;
  probe: number;
}

/** Every step of a station that a thermometer ends, in order. */
export function watchesOf(plan: Plan, own: StationPlan): Watch[] {
  return watchedSteps(plan, own).map((step) => ({
    step,
    medium: mediumOf(plan, step)!,
    probe: plan.thermometers.findIndex((one) => one.id === step.thermometerId) + 1,
  }));
}

/** Whether a simulated class can do a plan: at every station a syrup of sugar and water boils with a thermometer in it. */
export function canBeSimulated(plan: Plan, place: Place | null, tables: BatchTables): boolean {
  const treatments = treatmentsOf(plan);
  const numbered = new Map(treatments.map((treatment, i) => [i + 1, treatment.id]));
  const setting = benchSetting(plan, place, numbered, tables);
  return treatments.length > 0 && setting.stations.every((station) => setting.own(station).syrup !== null);
}
