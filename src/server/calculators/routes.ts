import type { Router } from 'express';
import { routes } from '../../contract/routes';
import { calculators, runCalculator } from '../../core/calculators';
import { notFound } from '../problems/problem';

export function calculatorRoutes(router: Router): void {
  router.get(routes.calculators, (_request, response) => {
    response.json(calculators.map(({ id, title, inputs }) => ({ id, title, inputs })));
  });
  router.post(routes.calculator(':id'), (request, response) => {
    const id = request.params.id as string;
    if (!calculators.some((one) => one.id === id)) throw notFound('calculator', id);
    response.json(runCalculator(id, request.body as unknown));
  });
}
