import { defaultMetadataStorage } from 'class-transformer/cjs/storage';
import { calculators } from '../../core/calculators';
import { problemType } from '../../contract/problem';

interface Described {
  method: 'get' | 'post' | 'put';
  path: string;
  summary: string;
  body?: string;
  status?: number;
  type?: string;
}

/** Every route with the class its body is checked against. */
const described: readonly Described[] = [
  { method: 'get', path: '/api/school', summary: 'Name of the school and version of the program' },
  { method: 'get', path: '/api/rooms', summary: 'All rooms' },
  { method: 'post', path: '/api/rooms', summary: 'Adds a room', body: 'NewRoom', status: 201 },
  {
    method: 'put',
    path: '/api/rooms/{id}',
    summary: 'Changes a room from the version it was read at',
    body: 'RoomEdit',
  },
  { method: 'get', path: '/api/classes', summary: 'All classes' },
  { method: 'post', path: '/api/classes', summary: 'Adds a class', body: 'NewClass', status: 201 },
  { method: 'get', path: '/api/practicals', summary: 'All practicals at their latest revision' },
  { method: 'post', path: '/api/practicals', summary: 'Adds a practical', body: 'NewPractical', status: 201 },
  { method: 'get', path: '/api/practicals/{id}', summary: 'A practical with its latest plan and its runs' },
  { method: 'get', path: '/api/practicals/{id}/revisions', summary: 'Its revisions, newest first' },
  {
    method: 'post',
    path: '/api/practicals/{id}/revisions',
    summary: 'Keeps an edit as the next revision; 409 when stale',
    body: 'PlanEdit',
    status: 201,
  },
  { method: 'get', path: '/api/runs', summary: 'Runs that begin from `from` up to `to` (ms since 1970)' },
  {
    method: 'post',
    path: '/api/runs',
    summary: 'Plans a run and draws its layout',
    body: 'NewRun',
    status: 201,
  },
  { method: 'get', path: '/api/runs/{id}', summary: 'A run with its plan, place, layout and clock' },
  {
    method: 'post',
    path: '/api/runs/{id}/layout',
    summary: 'Draws the layout anew, before the start',
    body: 'NewLayout',
  },
  {
    method: 'post',
    path: '/api/runs/{id}/revision',
    summary: 'Takes it to another revision of its plan, before the start',
    body: 'OtherRevision',
  },
  { method: 'post', path: '/api/runs/{id}/start', summary: 'Starts it' },
  { method: 'post', path: '/api/runs/{id}/finish', summary: 'Finishes it' },
  {
    method: 'post',
    path: '/api/runs/{id}/clock',
    summary: 'Sets the speed of a simulated run',
    body: 'ClockSpeed',
  },
  { method: 'get', path: '/api/runs/{id}/log', summary: 'Entries after place `after` in the log' },
  {
    method: 'post',
    path: '/api/runs/{id}/log',
    summary: 'Keeps a batch of entries, all or none; idempotent by entry id',
    body: 'EntryBatch',
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
  { method: 'post', path: '/api/imports', summary: 'Reads such a file in', body: 'RunFile', status: 201 },
  { method: 'get', path: '/api/calculators', summary: 'All calculators with their inputs' },
  {
    method: 'post',
    path: '/api/calculators/{id}',
    summary: `Runs one of ${calculators.map((one) => one.id).join(', ')}`,
  },
  { method: 'get', path: '/healthz', summary: 'Whether the server and its database answer' },
];

/** The API described as OpenAPI 3.1, its schemas made from the classes that check the bodies. */
export async function openApiDocument(version: string): Promise<object> {
  // Asked for rarely and slow to load: not at the start of the server.
  const { validationMetadatasToSchemas } = await import('class-validator-jsonschema');
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
  });
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
            content: { 'application/json': { schema: { $ref: `#/components/schemas/${body}` } } },
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
