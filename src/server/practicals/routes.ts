import type { Router } from 'express';
import { NewPractical, PlanEdit } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import { bodyOf } from '../problems/body';
import { refusedField } from '../problems/problem';
import type { Practicals } from './practicals';

export function practicalRoutes(router: Router, practicals: Practicals): void {
  router.get(routes.practicals, async (_request, response) => {
    response.json(await practicals.all());
  });
  router.post(routes.practicals, async (request, response) => {
    response.status(201).json(await practicals.add(bodyOf(NewPractical, request)));
  });
  router.get(routes.practical(':id'), async (request, response) => {
    response.json(await practicals.one(request.params.id as string));
  });
  router.get(routes.revisions(':id'), async (request, response) => {
    const { before } = request.query;
    if (before !== undefined && (typeof before !== 'string' || !/^\d{1,9}$/.test(before))) {
      throw refusedField('/before', before, 'the number of a revision');
    }
    response.json(
      await practicals.revisions(
        request.params.id as string,
        before === undefined ? undefined : Number(before),
      ),
    );
  });
  router.post(routes.revisions(':id'), async (request, response) => {
    response.status(201).json(await practicals.edit(request.params.id as string, bodyOf(PlanEdit, request)));
  });
}
