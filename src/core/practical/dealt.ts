import { allocateTreatments } from '../design';
import type { Plan } from './plan';
import { listedTreatmentIds, treatmentOf, type Treatment } from './treatments';

/** Every station of a plan by number with a treatment as they are listed, before the lot is drawn for a lesson. */
export function stationsAsListed(plan: Plan): { number: number; treatment: Treatment | null }[] {
  const numbers = Array.from({ length: plan.stations }, (_, i) => i + 1);
  const ids = listedTreatmentIds(plan);
  if (ids.length === 0) return numbers.map((number) => ({ number, treatment: null }));
  return allocateTreatments(numbers, ids, 'as-listed', 0).map(({ station, treatmentId }) => ({
    number: station,
    treatment: treatmentOf(plan, treatmentId) ?? null,
  }));
}
