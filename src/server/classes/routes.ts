import { ClassNeeds, NewClass } from '../../contract/classes';
import { routes } from '../../contract/routes';
import type { Gate } from '../actors/gate';
import type { Classes } from './classes';

export function classRoutes(gate: Gate, classes: Classes): void {
  gate.route({ method: 'get', path: routes.classes, may: 'teacher', says: 'All classes' }, () =>
    classes.all(),
  );
  gate.route(
    {
      method: 'post',
      path: routes.classes,
      may: 'teacher',
      says: 'Adds a class',
      body: NewClass,
      status: 201,
    },
    ({ body }) => classes.add(body),
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.classNeeds(':id'), may: 'teacher', body: ClassNeeds },
      says: 'Sets what some of a class must not have, as counts or seats',
    },
    ({ body, request }) => classes.setNeeds(request.params.id as string, body),
  );
}
