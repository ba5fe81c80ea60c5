import { RefusedValue } from '../bounds';
import type { Source, WorkingLine } from '../working';
import { checkInputs } from './check-inputs';
import type { Calculator, ResultValue } from './definition';
import { describeCalculator, linearFit } from './statistics';
import {
  stageTargetCalculator,
  sugarStageCalculator,
  syrupBoilingPoint,
  syrupConcentrationCalculator,
} from './sugar';
import { temperature, thermometerCorrection } from './thermometers';
import { airPressure, evaporationTime, latentHeatCalculator, waterBoilingPoint } from './water';

/** Every calculator of the program. A new one is a new line; its id is a promise. */
export const calculators: readonly Calculator[] = [
  airPressure,
  waterBoilingPoint,
  latentHeatCalculator,
  evaporationTime,
  syrupBoilingPoint,
  syrupConcentrationCalculator,
  sugarStageCalculator,
  stageTargetCalculator,
  temperature,
  thermometerCorrection,
  describeCalculator,
  linearFit,
];

/** What every door of the registry answers with. */
export interface CalculatorAnswer {
  id: string;
  inputs: Record<string, unknown>;
  result: Record<string, ResultValue>;
  working: WorkingLine[];
  sources: Source[];
  warnings: string[];
}

/**
 * Runs a calculator by its id on raw input.
 *
 * @throws RefusedValue naming the field: an unknown id, or input that is missing, unknown, out of range or no number
 */
export function runCalculator(id: string, raw: unknown): CalculatorAnswer {
  const calculator = calculators.find((one) => one.id === id);
  if (!calculator) throw new RefusedValue('id', id, `one of ${calculators.map((one) => one.id).join(', ')}`);
  const inputs = checkInputs(calculator, raw);
  const { result, working, sources, warnings = [] } = calculator.compute(inputs);
  return { id, inputs, result, working, sources, warnings };
}
