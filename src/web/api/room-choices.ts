import { placeOf } from '../../core/practical';
import type { RoomChoice } from '../../core/review';
import { useRooms } from './queries';

/** The rooms of the school as the margin sees them. */
export function useRoomChoices(): RoomChoice[] {
  const { data: rooms = [] } = useRooms();
  return rooms.map((room) => ({ id: room.id, place: placeOf(room) }));
}
