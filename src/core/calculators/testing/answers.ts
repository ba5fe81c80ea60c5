import { RefusedValue } from '../../bounds';
import { runCalculator } from '..';

/** The working of a calculator as lines of “text | value unit”, the value to four digits. */
export const linesOf = (id: string, inputs: object): string[] =>
  runCalculator(id, inputs).working.map(({ text, value, unit }) =>
    value === undefined ? text : `${text} | ${Number(value.toPrecision(4))} ${unit ?? ''}`.trim(),
  );

export const warningsOf = (id: string, inputs: object): string[] => runCalculator(id, inputs).warnings;

/** The sentence of a refusal, or null. */
export function refusalOf(id: string, inputs: object): string | null {
  try {
    runCalculator(id, inputs);
  } catch (error) {
    if (error instanceof RefusedValue) return error.message;
    throw error;
  }
  return null;
}
