import { useMemo } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { PlanRemark, RoomChoice } from '../../core/review';
import { useCode } from '../api/use-code';
import { laidOf } from '../timetable/laid-plans';
import { useReview } from './use-review';

const none: readonly PlanRemark[] = [];

/**
 * What is open in the margin of a plan, for pages that only count or list it. The review, and the ingredients table it
 * reads, are fetched after the page itself; until then nothing is said.
 */
export function useOpenRemarks(
  plan: Plan | undefined,
  place: Place | null,
  rooms: readonly RoomChoice[],
): readonly PlanRemark[] {
  const data = useCode('review', () => import('../../core/review'));
  const laid = plan ? laidOf(plan) : null;
  const asked = useMemo(() => (plan ? { plan, place, rooms, laid } : null), [plan, place, rooms, laid]);
  return useReview(data?.reviewInParts ?? null, asked)?.open ?? none;
}
