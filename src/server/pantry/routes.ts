import { ProductFile, ProductInput, StockInput, WeighingInput } from '../../contract/pantry';
import { routes } from '../../contract/routes';
import { Nothing } from '../../contract/who';
import type { Gate } from '../actors/gate';
import type { PantryShelf } from './pantry';

export function pantryRoutes(gate: Gate, pantry: PantryShelf): void {
  gate.route(
    {
      method: 'get',
      path: routes.pantry,
      may: 'teacher',
      says: 'The school’s own packs, stock and weighings',
    },
    () => pantry.all(),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.products, may: 'teacher', body: ProductInput, status: 201 },
      says: 'Keeps a pack as this school buys it; one of the same id is replaced',
    },
    ({ body }) => pantry.keepProduct(body.product),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.productRemove(':id'), may: 'teacher', body: Nothing },
      says: 'Takes a pack away',
    },
    ({ request }) => pantry.removeProduct(request.params.id as string),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.productFile, may: 'teacher', body: ProductFile, status: 201 },
      says: 'Takes a CSV file of packs, all of it or none',
    },
    ({ body }) => pantry.readFile(body),
  );
  gate.route(
    {
      method: 'get',
      path: routes.productsCsv,
      may: 'teacher',
      type: 'text/csv',
      says: 'The packs as a CSV file',
    },
    async ({ response }) => {
      response
        .type('text/csv; charset=utf-8')
        .setHeader('Content-Disposition', 'attachment; filename="packs.csv"')
        .send(await pantry.productsAsCsv());
    },
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.stock, may: 'teacher', body: StockInput },
      says: 'Says what of some ingredients is there; 0 g takes one off the list',
    },
    ({ body }) => pantry.setStock(body.stock),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.weighings, may: 'teacher', body: WeighingInput, status: 201 },
      says: 'Keeps what a measure of an ingredient weighed',
    },
    ({ body }) => pantry.keepWeighing(body.weighing),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.weighingRemove(':id'), may: 'teacher', body: Nothing },
      says: 'A weighing counts no longer; runs that began with it keep their numbers',
    },
    ({ request }) => pantry.removeWeighing(request.params.id as string),
  );
}
