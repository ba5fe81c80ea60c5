/*
 * One definition of each thing that is stored or sent. A shape is plain data; the TypeScript type, the fast check, the
 * reasons of a refusal, the JSON schema and the page of formats are all read from it.
 */

declare const typed: unique symbol;

/** A field that holds a `T`. */
export type Shape<T> = Spec & { readonly [typed]: T };

/** The type a shape describes. */
export type Of<S> = S extends { readonly [typed]: infer T } ? T : never;

interface About {
  /** What the field is, for the page of formats. */
  about?: string;
  /** The field may be left out. */
  optional?: true;
  /** The field came later: documents from before are read as if they had this. */
  otherwise?: unknown;
  /** It is never said again, in no refusal. */
  secret?: true;
}

export type Spec = About &
  (
    | { kind: 'text'; least: number; most: number }
    | { kind: 'id' }
    | { kind: 'number'; low: number; high: number; unit: string; whole: boolean }
    | { kind: 'choice'; options: readonly (string | number)[] }
    | { kind: 'flag' }
    | { kind: 'nullable'; inner: Spec }
    | { kind: 'list'; of: Spec; least: number; most: number }
    | RecordSpec
    | UnionSpec
    | { kind: 'refined'; inner: Spec; at: string | null; wrong(value: unknown): string | null }
  );

export interface RecordSpec extends About {
  kind: 'record';
  name: string;
  fields: Readonly<Record<string, Spec>>;
}

/** One of several records, told apart by the value of `tag`, which each of them also holds. */
export interface UnionSpec extends About {
  kind: 'union';
  name: string;
  tag: string;
  variants: Readonly<Record<string, RecordSpec>>;
}

const shaped = <T>(spec: Spec) => spec as Shape<T>;

/** Text of `least` to `most` characters; blanks alone do not count. */
export const text = (most: number, least = 0) => shaped<string>({ kind: 'text', least, most });

/** An id made by a client: a UUID, or a short name of letters, digits, dots and dashes. */
export const id = () => shaped<string>({ kind: 'id' });

export const number = (low: number, high: number, unit = '') =>
  shaped<number>({ kind: 'number', low, high, unit, whole: false });

export const whole = (low: number, high: number, unit = '') =>
  shaped<number>({ kind: 'number', low, high, unit, whole: true });

export const oneOf = <const O extends readonly (string | number)[]>(options: O) =>
  shaped<O[number]>({ kind: 'choice', options });

export const flag = () => shaped<boolean>({ kind: 'flag' });

export const orNull = <T>(inner: Shape<T>) => shaped<T | null>({ kind: 'nullable', inner });

export const list = <T>(of: Shape<T>, most: number, least = 0) =>
  shaped<T[]>({ kind: 'list', of, least, most });

type Fields = Readonly<Record<string, Spec>>;
type OptionalKeys<F> = { [K in keyof F]: F[K] extends { optional: true } ? K : never }[keyof F];
type Simple<T> = { [K in keyof T]: T[K] } & {};
export type RecordOf<F extends Fields> = Simple<
  { -readonly [K in Exclude<keyof F, OptionalKeys<F>>]: Of<F[K]> } & {
    -readonly [K in OptionalKeys<F>]?: Of<F[K]>;
  }
>;
export type RecordShape<T> = Shape<T> & RecordSpec;

type LaterKeys<F> = { [K in keyof F]: F[K] extends { readonly otherwise: unknown } ? K : never }[keyof F];
type WrittenOf<F extends Fields> = Simple<
  Omit<RecordOf<F>, LaterKeys<F>> & { -readonly [K in LaterKeys<F>]?: Of<F[K]> }
>;

declare const asWritten: unique symbol;

/** A record as it may be written: fields that came later may be missing. */
export type Written<S> = S extends { readonly [asWritten]: infer W } ? W : never;

/** An object with these fields and no others. */
export const record = <const F extends Fields>(name: string, fields: F) =>
  ({ kind: 'record', name, fields }) as unknown as Shape<RecordOf<F>> &
    RecordSpec & { fields: F } & { readonly [asWritten]: WrittenOf<F> };

/** The field may be left out. */
export const optional = <S extends Spec>(shape: S) =>
  ({ ...shape, optional: true }) as S & { optional: true };

/** A field added after documents of its format were stored: where it is missing, it is `otherwise`. */
export const later = <T>(otherwise: T, shape: Shape<T>) =>
  ({ ...shape, otherwise }) as Shape<T> & { readonly otherwise: T };

/** Whether a document is sound without the field. */
export const mayBeMissing = (field: Spec) => field.optional === true || field.otherwise !== undefined;

/** The field with a sentence about it. */
export const about = <S extends Spec>(sentence: string, shape: S): S => ({ ...shape, about: sentence });

/** A field whose value is never quoted. */
export const secret = <S extends Spec>(shape: S): S => ({ ...shape, secret: true });

type Variants = Readonly<Record<string, Fields>>;
type UnionOf<Tag extends string, V extends Variants> = {
  [K in keyof V & string]: Simple<Record<Tag, K> & RecordOf<V[K]>>;
}[keyof V & string];

/** One of several records, told apart by `tag`. */
export function union<const Tag extends string, const V extends Variants>(
  name: string,
  tag: Tag,
  variants: V,
) {
  const records = Object.fromEntries(
    Object.entries(variants).map(([value, fields]) => [
      value,
      record(`${name}: ${value}`, { [tag]: oneOf([value]), ...fields }) as RecordSpec,
    ]),
  );
  return { kind: 'union', name, tag, variants: records } as unknown as Shape<UnionOf<Tag, V>> & UnionSpec;
}

/**
 * A shape with one more demand: `wrong` says what is allowed instead, or null.
 *
 * @param at the field of a record that is to blame
 */
export const refined = <T>(inner: Shape<T>, wrong: (value: T) => string | null, at: string | null = null) =>
  shaped<T>({ kind: 'refined', inner, at, wrong: wrong });
