import { mayBeMissing, type RecordSpec, type Spec } from './shape';

export type JsonSchema = Record<string, unknown>;

/** The schema of a shape (JSON Schema 2020-12, as OpenAPI 3.1 takes it). Named records go into `named` and are referred to. */
export function jsonSchemaOf(spec: Spec, named: Record<string, JsonSchema>): JsonSchema {
  const schema = plainSchema(spec, named);
  const known = spec.otherwise === undefined ? schema : { ...schema, default: spec.otherwise };
  return spec.about ? { ...known, description: spec.about } : known;
}

function plainSchema(spec: Spec, named: Record<string, JsonSchema>): JsonSchema {
  switch (spec.kind) {
    case 'text':
      // Text that is needed is not only blanks.
      return {
        ...{ type: 'string', maxLength: spec.most },
        ...(spec.least > 0 && { pattern: '\\S' }),
        ...(spec.least > 1 && { minLength: spec.least }),
      };
    case 'id':
      return { type: 'string', pattern: '^[\\w.-]{1,80}$' };
    case 'number':
      return { type: spec.whole ? 'integer' : 'number', minimum: spec.low, maximum: spec.high };
    case 'choice':
      return { enum: [...spec.options] };
    case 'flag':
      return { type: 'boolean' };
    case 'nullable':
      return { anyOf: [jsonSchemaOf(spec.inner, named), { type: 'null' }] };
    case 'list':
      return {
        type: 'array',
        items: jsonSchemaOf(spec.of, named),
        minItems: spec.least,
        maxItems: spec.most,
      };
    case 'refined':
      return jsonSchemaOf(spec.inner, named);
    case 'record':
      return refer(spec.name, named, () => objectSchema(spec, named));
    case 'union':
      return refer(spec.name, named, () => ({
        type: 'object',
        oneOf: Object.values(spec.variants).map((variant) => objectSchema(variant, named)),
        discriminator: { propertyName: spec.tag },
      }));
  }
}

function objectSchema(spec: RecordSpec, named: Record<string, JsonSchema>): JsonSchema {
  const names = Object.keys(spec.fields);
  return {
    type: 'object',
    properties: Object.fromEntries(names.map((name) => [name, jsonSchemaOf(spec.fields[name]!, named)])),
    required: names.filter((name) => !mayBeMissing(spec.fields[name]!)),
    additionalProperties: false,
  };
}

function refer(name: string, named: Record<string, JsonSchema>, make: () => JsonSchema): JsonSchema {
  const key = name.replace(/\W+/g, '');
  if (!(key in named)) {
    named[key] = {};
    named[key] = make();
  }
  return { $ref: `#/components/schemas/${key}` };
}
