import { useMemo } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { RoomChoice } from '../../core/review';
import type { Rank } from '../../core/remark';
import { useRunRemarks } from '../api/queries';
import { useCode } from '../api/use-code';
import { laidOf } from '../timetable/laid-plans';
import { useReview } from './use-review';

export interface OpenRanks {
  ranks: Rank[];
  /** All there is to say is said: the plan is read, and its lesson laid out. */
  whole: boolean;
}

/**
 * How urgent what is open in the margin of a plan is, for pages that only count it. The review, and the ingredients table it
 * reads, are fetched after the page itself. Whether the lesson is over by the bell its timetable says: as it was laid out on
 * this device, else as the server has it for the run; where neither is known, that is not all.
 */
export function useOpenRanks(
  plan: Plan,
  place: Place | null,
  rooms: readonly RoomChoice[],
  runId: string | undefined,
): OpenRanks {
  const data = useCode('review', () => import('../../core/review'));
  const laid = laidOf(plan);
  const asked = useMemo(() => ({ plan, place, rooms, laid }), [plan, place, rooms, laid]);
  const review = useReview(data?.reviewInParts ?? null, asked);
  const { data: ofRun } = useRunRemarks(laid === null ? runId : undefined);
  return useMemo(() => {
    const own = review?.open ?? [];
    const bell = laid ? [] : (ofRun?.open.filter(({ id }) => id.startsWith('period-')) ?? []);
    return {
      ranks: [...own, ...bell].map(({ rank }) => rank),
      whole: review !== null && (laid !== null || ofRun !== undefined),
    };
  }, [review, laid, ofRun]);
}
