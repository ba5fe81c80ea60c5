import type { Router } from 'express';
import { NewClass } from '../../contract/classes';
import { routes } from '../../contract/routes';
import { bodyOf } from '../problems/body';
import type { Classes } from './classes';

export function classRoutes(router: Router, classes: Classes): void {
  router.get(routes.classes, async (_request, response) => {
    response.json(await classes.all());
  });
  router.post(routes.classes, async (request, response) => {
    response.status(201).json(await classes.add(bodyOf(NewClass, request)));
  });
}
