import { OwnMeasure } from '../../contract/measures';
import { routes } from '../../contract/routes';
import { Nothing } from '../../contract/who';
import type { Gate } from '../actors/gate';
import type { OwnMeasureShelf } from './own-measures';

export function measureRoutes(gate: Gate, shelf: OwnMeasureShelf): void {
  gate.route(
    { method: 'get', path: routes.measures, may: 'teacher', says: 'The school’s own measures' },
    () => shelf.all(),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.measures, may: 'teacher', body: OwnMeasure, status: 201 },
      says: 'Keeps a measure for the school; one of the same name is replaced',
    },
    ({ body }) => shelf.keep(body.measure),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.measureRemove(':id'), may: 'teacher', body: Nothing },
      says: 'Takes a measure of the school away; plans that have it keep it',
    },
    ({ request }) => shelf.remove(request.params.id as string),
  );
}
