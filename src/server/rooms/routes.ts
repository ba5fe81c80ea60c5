import { NewRoom, RoomEdit } from '../../contract/rooms';
import { routes } from '../../contract/routes';
import type { Gate } from '../actors/gate';
import type { Rooms } from './rooms';

export function roomRoutes(gate: Gate, rooms: Rooms): void {
  gate.route({ method: 'get', path: routes.rooms, may: 'teacher', says: 'All rooms' }, () => rooms.all());
  gate.route(
    { method: 'post', path: routes.rooms, may: 'teacher', says: 'Adds a room', body: NewRoom, status: 201 },
    ({ body }) => rooms.add(body),
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.room(':id'), may: 'teacher', body: RoomEdit },
      says: 'Changes a room from the version it was read at',
    },
    ({ body, request }) => rooms.change(request.params.id as string, body),
  );
}
