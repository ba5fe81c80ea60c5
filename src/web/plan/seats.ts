import { stationsAsListed, type Plan } from '../../core/practical';

/** How many stations each treatment gets, by its id. */
export function seatsOf(plan: Plan): Map<string, number> {
  const seats = new Map<string, number>();
  for (const { treatment } of stationsAsListed(plan)) {
    if (treatment) seats.set(treatment.id, (seats.get(treatment.id) ?? 0) + 1);
  }
  return seats;
}
