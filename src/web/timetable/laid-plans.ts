import type { Plan } from '../../core/practical';
import type { LaidOut } from '../../core/review';

/** Plans that were laid out on a page of this tab, the latest last. */
const known = new Map<string, LaidOut>();
const mostKnown = 40;

/** Keeps what the timetable of a plan says of its end, for pages that count what is open of the same plan. */
export function keepLaid(plan: Plan, laid: LaidOut): void {
  const key = JSON.stringify(plan);
  const was = known.get(key);
  known.delete(key);
  known.set(key, was?.endsMin === laid.endsMin ? was : laid);
  if (known.size > mostKnown) known.delete(known.keys().next().value!);
}

/** What was kept of a plan; null where it was not laid out here. */
export const laidOf = (plan: Plan): LaidOut | null => known.get(JSON.stringify(plan)) ?? null;
