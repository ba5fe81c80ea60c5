import type { GramsOf } from './amounts';
import type { Plan } from './plan';
import { stationPlan } from './station-plan';
import { treatmentOf } from './treatments';

/** What all stations together take of an ingredient. */
export interface ClassTotal {
  id: string;
  /** g; null where the mass of a station's cannot be told. */
  grams: number | null;
}

/**
 * What a class takes of each ingredient: the sum over its stations as their treatments have it.
 *
 * @param stations how many stations do each treatment, by its id; empty: `plan.stations` as the plan stands
 */
export function classTotals(
  plan: Plan,
  stations: ReadonlyMap<string, number>,
  gramsOf: GramsOf,
): ClassTotal[] {
  const shares =
    stations.size === 0
      ? [{ count: plan.stations, own: stationPlan(plan, null, null, gramsOf) }]
      : [...stations].map(([id, count]) => ({
          count,
          own: stationPlan(plan, null, treatmentOf(plan, id) ?? null, gramsOf),
        }));
  return plan.formula.map(({ id }) => {
    let total: number | null = 0;
    for (const { count, own } of shares) {
      const grams = own.ingredients.find((one) => one.id === id)?.grams ?? null;
      total = total === null || grams === null ? null : total + count * grams;
    }
    return { id, grams: total };
  });
}
