import { allocateTreatments } from '../../core/design';
import { listedTreatmentIds, type Plan } from '../../core/practical';

/** How many stations each treatment gets, by its id. */
export function seatsOf(plan: Plan): Map<string, number> {
  const seats = new Map<string, number>();
  const ids = listedTreatmentIds(plan);
  if (ids.length === 0) return seats;
  const stations = Array.from({ length: plan.stations }, (_, i) => i + 1);
  for (const { treatmentId } of allocateTreatments(stations, ids, 'as-listed', 0)) {
    seats.set(treatmentId, (seats.get(treatmentId) ?? 0) + 1);
  }
  return seats;
}
