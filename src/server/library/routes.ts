import { Archive } from '../../contract/library';
import { routes } from '../../contract/routes';
import type { Gate } from '../actors/gate';
import { refusedField } from '../problems/problem';
import type { Shelves, Wanted } from './shelves';

/** Longest search, characters. */
const longestSearch = 200;

export function libraryRoutes(gate: Gate, shelves: Shelves): void {
  gate.route(
    {
      ...{ method: 'get', path: routes.library, may: 'teacher' },
      says: 'Practicals by their words (`search`), `tag`, `phenomenon`, `equipment`, at most so many `minutes`; `archived=yes`: those put away',
    },
    ({ request }) => shelves.find(wantedOf(request.query)),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.archive(':id'), may: 'teacher', body: Archive },
      says: 'Puts a practical away, or brings it back',
    },
    ({ body, request }) => shelves.archive(request.params.id as string, body.archived),
  );
}

function wantedOf(query: Record<string, unknown>): Wanted {
  const wanted: Wanted = {};
  for (const field of ['search', 'tag', 'phenomenon', 'equipment'] as const) {
    const given = query[field];
    if (given === undefined || given === '') continue;
    if (typeof given !== 'string' || given.length > longestSearch)
      throw refusedField(`/${field}`, given, `text of at most ${longestSearch} characters`);
    wanted[field] = given;
  }
  const { minutes, archived } = query;
  if (minutes !== undefined && minutes !== '') {
    if (typeof minutes !== 'string' || !/^\d{1,3}$/.test(minutes))
      throw refusedField('/minutes', minutes, 'whole minutes from 0 to 999');
    wanted.minutes = Number(minutes);
  }
  if (archived !== undefined && archived !== 'yes' && archived !== 'no')
    throw refusedField('/archived', archived, 'yes or no');
  return archived === 'yes' ? { ...wanted, archived: true } : wanted;
}
