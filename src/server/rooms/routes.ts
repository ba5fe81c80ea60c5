import type { Router } from 'express';
import { NewRoom, RoomEdit } from '../../contract/rooms';
import { routes } from '../../contract/routes';
import { bodyOf } from '../problems/body';
import type { Rooms } from './rooms';

export function roomRoutes(router: Router, rooms: Rooms): void {
  router.get(routes.rooms, async (_request, response) => {
    response.json(await rooms.all());
  });
  router.post(routes.rooms, async (request, response) => {
    response.status(201).json(await rooms.add(bodyOf(NewRoom, request)));
  });
  router.put(routes.room(':id'), async (request, response) => {
    response.json(await rooms.change(request.params.id as string, bodyOf(RoomEdit, request)));
  });
}
