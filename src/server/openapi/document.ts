import { NewClass } from '../../contract/classes';
import { EntryBatch } from '../../contract/entries';
import { NewPractical, PlanEdit } from '../../contract/practicals';
import { NewRoom, RoomEdit } from '../../contract/rooms';
import { runFileShape } from '../../contract/run-file';
import { ClockSpeed, NewLayout, NewRun, OtherRevision } from '../../contract/runs';
import { calculators } from '../../core/calculators';
import { jsonSchemaOf, type JsonSchema, type Spec } from '../../core/shape';
import { problemType } from '../../contract/problem';

interface Described {
  method: 'get' | 'post' | 'put';
  path: string;
  summary: string;
  body?: Spec;
  status?: number;
  type?: string;
}

/** Every route with the class its body is checked against. */
const described: readonly Described[] = [
  { method: 'get', path: '/api/school', summary: 'Name of the school and version of the program' },
  { method: 'get', path: '/api/rooms', summary: 'All rooms' },
  { method: 'post', path: '/api/rooms', summary: 'Adds a room', body: NewRoom.shape, status: 201 },
  {
    method: 'put',
    path: '/api/rooms/{id}',
    summary: 'Changes a room from the version it was read at',
    body: RoomEdit.shape,
  },
  { method: 'get', path: '/api/classes', summary: 'All classes' },
  { method: 'post', path: '/api/classes', summary: 'Adds a class', body: NewClass.shape, status: 201 },
  { method: 'get', path: '/api/practicals', summary: 'All practicals at their latest revision' },
  {
    method: 'post',
    path: '/api/practicals',
    summary: 'Adds a practical',
    body: NewPractical.shape,
    status: 201,
  },
  { method: 'get', path: '/api/practicals/{id}', summary: 'A practical with its latest plan and its runs' },
  { method: 'get', path: '/api/practicals/{id}/revisions', summary: 'Its revisions, newest first' },
  {
    method: 'post',
    path: '/api/practicals/{id}/revisions',
    summary: 'Keeps an edit as the next revision; 409 when stale',
    body: PlanEdit.shape,
    status: 201,
  },
  { method: 'get', path: '/api/runs', summary: 'Runs that begin from `from` up to `to` (ms since 1970)' },
  {
    method: 'post',
    path: '/api/runs',
    summary: 'Plans a run and draws its layout',
    body: NewRun.shape,
    status: 201,
  },
  { method: 'get', path: '/api/runs/{id}', summary: 'A run with its plan, place, layout and clock' },
  {
    method: 'get',
    path: '/api/runs/{id}/remarks',
    summary: 'What the margin of its plan still says, in short',
  },
  {
    method: 'post',
    path: '/api/runs/{id}/layout',
    summary: 'Draws the layout anew, before the start',
    body: NewLayout.shape,
  },
  {
    method: 'post',
    path: '/api/runs/{id}/revision',
    summary: 'Takes it to another revision of its plan, before the start',
    body: OtherRevision.shape,
  },
  { method: 'post', path: '/api/runs/{id}/start', summary: 'Starts it' },
  { method: 'post', path: '/api/runs/{id}/finish', summary: 'Finishes it' },
  {
    method: 'post',
    path: '/api/runs/{id}/clock',
    summary: 'Sets the speed of a simulated run',
    body: ClockSpeed.shape,
  },
  { method: 'get', path: '/api/runs/{id}/log', summary: 'Entries after place `after` in the log' },
  {
    method: 'post',
    path: '/api/runs/{id}/log',
    summary: 'Keeps a batch of entries, all or none; idempotent by entry id',
    body: EntryBatch.shape,
    status: 201,
  },
  {
    method: 'get',
    path: '/api/runs/{id}/live',
    summary: 'New entries and changes of the run as server-sent events; resumes by Last-Event-ID',
    type: 'text/event-stream',
  },
  { method: 'get', path: '/api/runs/{id}/log.csv', summary: 'The log as CSV', type: 'text/csv' },
  { method: 'get', path: '/api/runs/{id}/run.json', summary: 'The run as one file' },
  {
    method: 'put',
    path: '/api/pictures/{hash}',
    summary: 'Keeps a picture (image/jpeg, image/png, image/webp, up to 8 MB) under the SHA-256 of its bytes',
    status: 201,
  },
  { method: 'get', path: '/api/pictures/{hash}', summary: 'A picture', type: 'image/jpeg' },
  { method: 'get', path: '/api/pictures/{hash}/small', summary: 'The same, small', type: 'image/jpeg' },
  { method: 'post', path: '/api/imports', summary: 'Reads such a file in', body: runFileShape, status: 201 },
  { method: 'get', path: '/api/calculators', summary: 'All calculators with their inputs' },
  {
    method: 'post',
    path: '/api/calculators/{id}',
    summary: `Runs one of ${calculators.map((one) => one.id).join(', ')}`,
  },
  { method: 'get', path: '/healthz', summary: 'Whether the server and its database answer' },
];

/** The API described as OpenAPI 3.1, its schemas made from the shapes that check the bodies. */
export function openApiDocument(version: string): object {
  const schemas: Record<string, JsonSchema> = {};
  const paths: Record<string, Record<string, object>> = {};
  for (const { method, path, summary, body, status = 200, type = 'application/json' } of described) {
    const names = [...path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]!);
    paths[path] = {
      ...paths[path],
      [method]: {
        summary,
        parameters: names.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
        ...(body && {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: jsonSchemaOf(body, schemas) } },
          },
        }),
        responses: {
          [status]: { description: 'Done', content: { [type]: {} } },
          default: { description: 'A problem document, RFC 9457', content: { [problemType]: {} } },
        },
      },
    };
  }
  return { openapi: '3.1.0', info: { title: 'Tawny Beaker', version }, paths, components: { schemas } };
}
