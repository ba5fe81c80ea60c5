import { ingredientGrams } from '../batch';
import {
  stationPlan,
  temperatureEnd,
  treatmentsOf,
  type Place,
  type Plan,
  type StationPlan,
} from '../practical';

/** The station plans of a plan at the place asked for last: every rule asks for the same. */
const resolved = new WeakMap<Plan, { place: Place | null; own: StationPlan[] }>();

/** Each treatment as a station does it; the plan as it stands where nothing changes yet. */
export function ownPlans(plan: Plan, place: Place | null): StationPlan[] {
  const known = resolved.get(plan);
  if (known && known.place === place) return known.own;
  const own = resolve(plan, place);
  resolved.set(plan, { place, own });
  return own;
}

function resolve(plan: Plan, place: Place | null): StationPlan[] {
  const treatments = treatmentsOf(plan);
  if (treatments.length === 0) return [stationPlan(plan, place, null, ingredientGrams)];
  return treatments.map((treatment) => stationPlan(plan, place, treatment, ingredientGrams));
}

/** The least any station weighs out of each ingredient, g; nothing at all does not count. By ingredient id. */
export function smallestAmounts(plan: Plan, place: Place | null): Map<string, number> {
  const smallest = new Map<string, number>();
  for (const { ingredients } of ownPlans(plan, place)) {
    for (const { id, grams } of ingredients) {
      if (grams !== null && grams > 0) smallest.set(id, Math.min(grams, smallest.get(id) ?? Infinity));
    }
  }
  return smallest;
}

/** The hottest any station takes a step, °C at sea level; −∞ where it does not end by temperature. */
export function hottestEnd(plan: Plan, stepId: string, place: Place | null = null): number {
  const ends = ownPlans(plan, place).flatMap(({ steps }) =>
    steps.filter((step) => step.id === stepId).map((step) => temperatureEnd(step)?.celsius ?? -Infinity),
  );
  return Math.max(-Infinity, ...ends);
}
