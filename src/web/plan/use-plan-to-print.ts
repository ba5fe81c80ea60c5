import { useState } from 'react';
import type { Practical } from '../../contract/practicals';
import type { Place, Plan } from '../../core/practical';
import { useRoomChoices } from '../api/room-choices';
import { draftsOf } from './plan-drafts';

/** The plan as it was typed, for a sheet of paper, and where it is done; a last line may still be on its way to the server. */
export function usePlanToPrint(practical: Practical): { plan: Plan; place: Place | null } {
  const [plan] = useState(() => draftsOf(practical.id).read()?.plan ?? practical.plan);
  const rooms = useRoomChoices();
  return { plan, place: rooms.find((room) => room.id === plan.roomId)?.place ?? null };
}
