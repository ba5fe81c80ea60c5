import { problemType } from '../../contract/problem';
import { jsonSchemaOf, type JsonSchema } from '../../core/shape';
import type { Declared } from '../actors/gate';

/** `/runs/:id` as OpenAPI writes it. */
const templated = (path: string) => path.replace(/:(\w+)/g, '{$1}');

/** The API described as OpenAPI 3.1 from the routes as they are declared, its schemas made from the shapes that check the bodies. */
export function openApiDocument(version: string, declared: readonly Declared[]): object {
  const schemas: Record<string, JsonSchema> = {};
  const paths: Record<string, Record<string, object>> = {};
  for (const { method, path, says, may, body, takes, status = 200, type = 'application/json' } of declared) {
    const names = [...path.matchAll(/:(\w+)/g)].map((match) => match[1]!);
    const shape = takes ?? body?.shape;
    paths[templated(path)] = {
      ...paths[templated(path)],
      [method]: {
        summary: says,
        'x-may': may,
        parameters: names.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
        ...(shape && {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: jsonSchemaOf(shape, schemas) } },
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
