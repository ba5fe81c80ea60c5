import { RefusedValue } from '../../bounds';
import { runCalculator } from '..';

/** How a calculator refuses some inputs; null where it answers. */
export function refusal(id: string, inputs: unknown): RefusedValue | null {
  try {
    runCalculator(id, inputs);
  } catch (error) {
    if (error instanceof RefusedValue) return error;
    throw error;
  }
  return null;
}
