import { NewPractical, PlanEdit } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import { authorOf } from '../actors/actor';
import type { Gate } from '../actors/gate';
import { refusedField } from '../problems/problem';
import type { Practicals } from './practicals';

export function practicalRoutes(gate: Gate, practicals: Practicals): void {
  const idIn = (params: Record<string, string | string[]>) => params.id as string;
  gate.route(
    {
      method: 'get',
      path: routes.practicals,
      may: 'teacher',
      says: 'All practicals at their latest revision',
    },
    () => practicals.all(),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.practicals, may: 'teacher', body: NewPractical, status: 201 },
      ...{ signs: true, says: 'Adds a practical' },
    },
    ({ actor, body }) => practicals.add(body, authorOf(actor)),
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.practical(':id'), may: 'teacher' },
      says: 'A practical with its latest plan and its runs',
    },
    ({ request }) => practicals.one(idIn(request.params)),
  );
  gate.route(
    { method: 'get', path: routes.revisions(':id'), may: 'teacher', says: 'Its revisions, newest first' },
    ({ request }) => {
      const { before } = request.query;
      if (before !== undefined && (typeof before !== 'string' || !/^\d{1,9}$/.test(before))) {
        throw refusedField('/before', before, 'the number of a revision');
      }
      return practicals.revisions(idIn(request.params), before === undefined ? undefined : Number(before));
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.revisions(':id'), may: 'teacher', body: PlanEdit, status: 201 },
      ...{ signs: true, says: 'Keeps an edit as the next revision; 409 when stale' },
    },
    ({ actor, body, request }) => practicals.edit(idIn(request.params), body, authorOf(actor)),
  );
}
