import type { Source, WorkingLine } from '../working';

/** A number of an input, with its limits. */
export interface NumberSpec {
  kind: 'number';
  unit: string;
  low: number;
  high: number;
  whole?: boolean;
  optional?: boolean;
  fallback?: number;
  about: string;
}

export interface ChoiceSpec {
  kind: 'choice';
  options: readonly string[];
  optional?: boolean;
  fallback?: string;
  about: string;
}

export interface TextSpec {
  kind: 'text';
  most: number;
  /** Something that could stand there. */
  example: string;
  optional?: boolean;
  about: string;
}

interface FlagSpec {
  kind: 'flag';
  optional?: boolean;
  about: string;
}

type PlainSpec = NumberSpec | ChoiceSpec | TextSpec | FlagSpec;

/** A list of objects inside an object of a list. */
interface InnerRecordsSpec {
  kind: 'records';
  fields: Record<string, PlainSpec>;
  least: number;
  optional?: boolean;
  about: string;
}

type FieldSpec = PlainSpec | InnerRecordsSpec;

/** One input of a calculator, as it is checked and as it is shown. */
export type InputSpec =
  | PlainSpec
  /** A list of numbers. */
  | { kind: 'numbers'; least: number; optional?: boolean; about: string }
  /** One object of plain fields. */
  | { kind: 'record'; fields: Record<string, PlainSpec>; optional?: boolean; about: string }
  /** A list of such objects. */
  | { kind: 'records'; fields: Record<string, FieldSpec>; least: number; optional?: boolean; about: string }
  /** Lists of numbers by name. */
  | { kind: 'groups'; least: number; leastEach: number; optional?: boolean; about: string }
  /** Rows of numbers, all equally long. */
  | { kind: 'rows'; least: number; leastEach: number; optional?: boolean; about: string };

export type InputSpecs = Record<string, InputSpec>;

type PlainValue<S extends InputSpec> = S extends { kind: 'number' }
  ? number
  : S extends { kind: 'choice'; options: readonly (infer O)[] }
    ? O
    : S extends { kind: 'text' }
      ? string
      : boolean;

type FieldValue<S extends FieldSpec> = S extends PlainSpec
  ? PlainValue<S>
  : S extends { kind: 'records'; fields: infer F extends Record<string, PlainSpec> }
    ? FieldsOf<F>[]
    : never;

type FieldsOf<F extends Record<string, FieldSpec>> = {
  [K in keyof F]: F[K] extends { optional: true }
    ? F[K] extends { fallback: number | string }
      ? FieldValue<F[K]>
      : FieldValue<F[K]> | undefined
    : FieldValue<F[K]>;
};

type ValueOf<S extends InputSpec> = S extends PlainSpec
  ? PlainValue<S>
  : S extends { kind: 'numbers' }
    ? number[]
    : S extends { kind: 'record'; fields: infer F extends Record<string, PlainSpec> }
      ? FieldsOf<F>
      : S extends { kind: 'records'; fields: infer F extends Record<string, FieldSpec> }
        ? FieldsOf<F>[]
        : S extends { kind: 'groups' }
          ? Record<string, number[]>
          : number[][];

/** The checked inputs of a calculator: optional ones without a fallback may be missing. */
export type InputsOf<I extends InputSpecs> = {
  [K in keyof I]: I[K] extends { optional: true }
    ? I[K] extends { fallback: number | string }
      ? ValueOf<I[K]>
      : ValueOf<I[K]> | undefined
    : ValueOf<I[K]>;
};

type PlainResult = number | string | boolean | null;
export type ResultValue =
  | PlainResult
  | number[]
  | string[]
  | Record<string, PlainResult>
  | Record<string, PlainResult | string[] | number[]>[];

/** What a calculator answers with. */
export interface Answer {
  result: Record<string, ResultValue>;
  working: WorkingLine[];
  sources: Source[];
  warnings?: string[];
}

export interface Calculator {
  id: string;
  title: string;
  /** Other words it is looked for by. */
  keywords: string;
  inputs: InputSpecs;
  /** Names of which at least one must be given. */
  oneOf?: readonly string[];
  /** Inputs that make a telling first answer. */
  example: Record<string, unknown>;
  compute(inputs: Record<string, unknown>): Answer;
}

/** Defines a calculator; the compute function sees its inputs with the types the specs say. */
export function defineCalculator<const I extends InputSpecs>(definition: {
  id: string;
  title: string;
  keywords: string;
  inputs: I;
  oneOf?: readonly (keyof I & string)[];
  example: Partial<Record<keyof I, unknown>>;
  compute(inputs: InputsOf<I>): Answer;
}): Calculator {
  return {
    ...definition,
    // The registry checks inputs against the specs before it calls this.
    compute: (inputs) => definition.compute(inputs as InputsOf<I>),
  };
}
