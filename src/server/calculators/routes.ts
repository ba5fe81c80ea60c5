import { routes } from '../../contract/routes';
import { calculators, runCalculator } from '../../core/calculators';
import type { Gate } from '../actors/gate';
import { notFound } from '../problems/problem';

export function calculatorRoutes(gate: Gate): void {
  gate.route(
    { method: 'get', path: routes.calculators, may: 'teacher', says: 'All calculators with their inputs' },
    () => calculators.map(({ id, title, inputs }) => ({ id, title, inputs })),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.calculator(':id'), may: 'teacher', signs: true },
      says: `Runs one of ${calculators.map((one) => one.id).join(', ')}`,
    },
    ({ request }) => {
      const id = request.params.id as string;
      if (!calculators.some((one) => one.id === id)) throw notFound('calculator', id);
      return runCalculator(id, request.body as unknown);
    },
  );
}
