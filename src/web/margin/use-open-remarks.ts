import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { Remark, RoomChoice } from '../../core/review';

/**
 * What is open in the margin of a plan, for pages that only count or list it. The review, and the ingredients table it
 * reads, are fetched after the page itself; until then nothing is said.
 */
export function useOpenRemarks(
  plan: Plan | undefined,
  place: Place | null,
  rooms: readonly RoomChoice[],
): readonly Remark[] {
  const { data } = useQuery({
    queryKey: ['code', 'review'],
    queryFn: () => import('../../core/review'),
    staleTime: Infinity,
    structuralSharing: false,
  });
  return useMemo(
    () => (data && plan ? data.reviewPlan({ plan, place, rooms }).open : []),
    [data, plan, place, rooms],
  );
}
