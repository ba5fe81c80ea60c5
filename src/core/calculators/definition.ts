import type { Source, WorkingLine } from '../working';

/** One input of a calculator, as it is checked and as it is shown. */
export type InputSpec =
  | {
      kind: 'number';
      unit: string;
      low: number;
      high: number;
      optional?: boolean;
      fallback?: number;
      about: string;
    }
  | { kind: 'choice'; options: readonly string[]; optional?: boolean; fallback?: string; about: string }
  | { kind: 'numbers'; least: number; about: string };

export type InputSpecs = Record<string, InputSpec>;

type ValueOf<S extends InputSpec> = S extends { kind: 'number' }
  ? number
  : S extends { kind: 'choice'; options: readonly (infer O)[] }
    ? O
    : number[];

/** The checked inputs of a calculator: optional ones without a fallback may be missing. */
export type InputsOf<I extends InputSpecs> = {
  [K in keyof I]: I[K] extends { optional: true }
    ? I[K] extends { fallback: number | string }
      ? ValueOf<I[K]>
      : ValueOf<I[K]> | undefined
    : ValueOf<I[K]>;
};

export type ResultValue = number | string | null | number[];

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
  inputs: InputSpecs;
  /** Names of which at least one must be given. */
  oneOf?: readonly string[];
  compute(inputs: Record<string, unknown>): Answer;
}

/** Defines a calculator; the compute function sees its inputs with the types the specs say. */
export function defineCalculator<const I extends InputSpecs>(definition: {
  id: string;
  title: string;
  inputs: I;
  oneOf?: readonly (keyof I & string)[];
  compute(inputs: InputsOf<I>): Answer;
}): Calculator {
  return {
    ...definition,
    // The registry checks inputs against the specs before it calls this.
    compute: (inputs) => definition.compute(inputs as InputsOf<I>),
  };
}
