import { useMemo } from 'react';
import { placeOf } from '../../core/practical';
import type { RoomChoice } from '../../core/review';
import { useRooms } from './queries';

/** The rooms of the school as the margin sees them; the same list until one of them changes. */
export function useRoomChoices(): readonly RoomChoice[] {
  const { data } = useRooms();
  return useMemo(() => (data ?? []).map((room) => ({ id: room.id, place: placeOf(room) })), [data]);
}
