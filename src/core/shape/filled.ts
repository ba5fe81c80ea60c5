import type { Of, RecordSpec, Shape, Spec, Written } from './shape';

/**
 * A sound document with every field that came later: where one is missing, it is what the shape says it otherwise is.
 * The document itself stays as it is; nothing is copied that has all it needs.
 */
export const filled = <T>(shape: Shape<T>, document: unknown): T => fill(shape, document) as T;

/** A record made in the program, without what came later. */
export const made = <S extends RecordSpec>(shape: S, said: Written<S>): Of<S> => fill(shape, said) as Of<S>;

function fill(spec: Spec, value: unknown): unknown {
  switch (spec.kind) {
    case 'record':
      return fillRecord(spec.fields, value as Record<string, unknown>);
    case 'union': {
      const given = value as Record<string, unknown>;
      return fillRecord(spec.variants[String(given[spec.tag])]!.fields, given);
    }
    case 'list': {
      const items = value as unknown[];
      const full = items.map((one) => fill(spec.of, one));
      return full.some((one, i) => one !== items[i]) ? full : items;
    }
    case 'nullable':
      return value === null ? null : fill(spec.inner, value);
    case 'refined':
      return fill(spec.inner, value);
    case 'text':
    case 'id':
    case 'number':
    case 'choice':
    case 'flag':
      return value;
  }
}

function fillRecord(fields: Readonly<Record<string, Spec>>, given: Record<string, unknown>): unknown {
  let full = given;
  for (const [name, spec] of Object.entries(fields)) {
    const was = given[name];
    if (was === undefined && spec.otherwise === undefined) continue;
    const is = was === undefined ? structuredClone(spec.otherwise) : fill(spec, was);
    if (is === was) continue;
    if (full === given) full = { ...given };
    full[name] = is;
  }
  return full;
}
