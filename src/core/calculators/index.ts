export { allowedFor } from './check-inputs';
export type { Answer, Calculator, InputSpec } from './definition';
export { calculators, runCalculator, type CalculatorAnswer } from './registry';
